package app.kehre.core.choosing;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseSteps;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/** The dose of another exercise that lasts as long as the one before it. */
final class SwapDose {

    private static final Set<Phase> DOSE = EnumSet.of(Phase.WORK, Phase.HOLD, Phase.REST, Phase.SIDE_CHANGE);

    private SwapDose() {}

    /**
     * Returns the item with the other exercise: with the old dose where it can be done the same way, else with
     * that of the other's doses whose length is nearest.
     */
    static Item fit(ClassPlan plan, Item old, Exercise other) {
        boolean keepsKit = old.exercise().equipment().equals(other.equipment());
        Item changed = old.withExercise(other).withLoad(keepsKit ? old.load() : other.usualLoad());
        Duration target = length(plan, old);
        return doses(old, other).stream().map(changed::withDose)
                .min(Comparator.comparing((Item each) -> length(plan, each).minus(target).abs()))
                .orElseThrow();
    }

    /** Returns the doses to choose from, those that are best kept first. */
    private static List<Dose> doses(Item old, Exercise other) {
        Sides sides = other.usualDose().sides();
        boolean together = old.dose().sides().servesBoth() && sides == old.exercise().usualDose().sides();
        List<Dose> doses = new ArrayList<>();
        boolean sameKind = old.dose().getClass() == other.usualDose().getClass();
        boolean byClock = !old.rounds().isEmpty() || !old.dose().getClass()
                .equals(old.exercise().usualDose().getClass());
        if (together && (sameKind || byClock) || !old.dose().sides().servesBoth()) {
            doses.add(old.dose());
        }
        if (doses.isEmpty() || !byClock) {
            doses.addAll(DoseSteps.between(other.dosing().least(), other.usualDose(),
                    other.dosing().most()));
        }
        return doses;
    }

    /** Returns how long a line's dose lasts, without explaining it and changing over to it. */
    private static Duration length(ClassPlan plan, Item item) {
        Segment segment = plan.segmentOf(item.id()).orElseThrow();
        Segment only = segment.withEntries(List.of(item.withoutRounds())).withLeftOut(false);
        ClassPlan alone = new ClassPlan(plan.brief(), List.of(only), plan.pace());
        return Timeline.of(alone).spans().stream().filter(span -> DOSE.contains(span.phase()))
                .map(Span::stretch).map(Stretch::length).reduce(Duration.ZERO, Duration::plus);
    }
}
