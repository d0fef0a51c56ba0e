package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.answers.AnsweredDose;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.DoseLength;

/**
 * A toning part of few exercises that come round again: what people have come to know they do better the second time, and it
 * needs no explaining. All of them stand, so that nobody goes down and up in each round.
 */
final class InRounds {

    /** Rounds of the same: two at the least, or nothing comes again; more than four are dull. Teaching range. */
    private static final int FEWEST_ROUNDS = 2;
    private static final int MOST_ROUNDS = 4;
    /** From so many minutes on a part is made for three rounds. Teaching range, two to three. */
    private static final int THREE_FROM = 11;
    private static final Duration REST = Duration.ofSeconds(15);
    /** To change from one to the next in a round. */
    private static final Duration CHANGE = Duration.ofSeconds(5);

    private final ClassPlan plan;
    private final Segment segment;
    private final Toner toner;
    private final Duration shown;

    InRounds(ClassPlan plan, Segment segment, Toner toner) {
        this.plan = plan;
        this.segment = segment;
        this.toner = toner;
        this.shown = Toner.between(plan, segment);
    }

    /** Returns what fills the segment: rounds of a few standing exercises; nothing where there are too few, or no time for two rounds. */
    List<Entry> lines() {
        long rounds = segment.target().toMinutes() >= THREE_FROM ? MOST_ROUNDS - 1 : FEWEST_ROUNDS;
        Duration work = segment.target().minus(shown.multipliedBy(Toner.most(segment)));
        Duration round = work.dividedBy(rounds).minus(REST);
        if (!round.isPositive()) {
            return List.of();
        }
        Segment once = segment.withTarget(round);
        List<Exercise> chosen = toner.fill(once, Toner.most(segment), CHANGE,
                each -> each.position().level() != Position.Level.FLOOR, this::set);
        EntryId id = plan.nextEntryId();
        if (chosen.size() < 2) {
            return List.of();
        }
        List<Entry> items = new ArrayList<>();
        for (Exercise each : chosen) {
            items.add(Item.of(id.next(1 + items.size()), each).withDose(set(each)));
        }
        return List.of(new Circuit(id, segment.name(), rounds(chosen), REST, 2, items, ""));
    }

    /** So many rounds as the segment has time for, everything being shown once. */
    private int rounds(List<Exercise> chosen) {
        Duration round = REST;
        for (Exercise each : chosen) {
            round = round.plus(DoseLength.of(set(each), each, segment, plan)).plus(CHANGE);
        }
        Duration time = segment.target().minus(shown.multipliedBy(chosen.size())).plus(REST);
        return Math.toIntExact(Math.clamp(Math.round((double) time.toMillis() / round.toMillis()),
                FEWEST_ROUNDS, MOST_ROUNDS));
    }

    /** One set of it; the others come with the rounds. */
    private Dose set(Exercise exercise) {
        return switch (AnsweredDose.of(exercise, segment, plan, false)) {
            case Reps reps -> new Reps(1, reps.stages(), reps.order(), Duration.ZERO, reps.sides());
            case Hold hold -> new Hold(1, hold.held(), hold.kind(), Duration.ZERO, hold.sides());
            case Dose other -> other;
        };
    }
}
