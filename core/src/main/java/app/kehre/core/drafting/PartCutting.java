package app.kehre.core.drafting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.ToDoubleFunction;

import app.kehre.core.choreography.Script;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Lessons;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** Brings a main part of a class to its target: in proportion, by doses, at last line by line. */
final class PartCutting {

    /** An aerobic part that is short by more than this goes on with something new. Kehre's estimate. */
    private static final Duration FAR_SHORT = Duration.ofMinutes(3);
    /** A build-up or a circuit becomes at most so many times as long, or as short. Kehre's estimate. */
    private static final double FARTHEST = 2;
    private static final double EACH_MINUTE_UNDER = 60;
    /** Lines of one part that are left out at the most, one after the other. */
    private static final int MOST_OUT = 12;
    /** Eights in a phrase. */
    private static final int PHRASE = 4;

    private final Proportions proportions;
    private final Fixed kept;
    private final Drafting drafting;
    private final ToDoubleFunction<ClassPlan> missed;

    /**
     * Prepares to cut the parts of one class.
     *
     * @param missed how much a class suffers from what was left out
     */
    PartCutting(Proportions proportions, Fixed kept, Drafting drafting, ToDoubleFunction<ClassPlan> missed) {
        this.proportions = proportions;
        this.kept = kept;
        this.drafting = drafting;
        this.missed = missed;
    }

    /** Brings a main part to its target: by doses and rounds, then line by line. */
    ClassPlan brought(ClassPlan plan, SegmentId id) {
        ClassPlan now = continued(roughly(plan, id), id);
        for (int out = 0; out < MOST_OUT; out++) {
            Optional<ClassPlan> fits = fitted(now, id);
            Optional<ClassPlan> fewer = fits.isPresent() ? Optional.empty() : shorter(now, id);
            if (fewer.isEmpty()) {
                return fits.orElse(now);
            }
            now = fewer.get();
        }
        return now;
    }

    /** Fits a segment to its target. */
    static Optional<ClassPlan> fitted(ClassPlan plan, SegmentId id) {
        Segment segment = plan.segment(id);
        return Fitting.best(plan, new Fitting.Asked(segment.target(), Optional.of(id)), _ -> false)
                .map(Way::after);
    }

    /** A part that is too long without the line that is missed least. */
    private Optional<ClassPlan> shorter(ClassPlan plan, SegmentId id) {
        Segment segment = plan.segment(id);
        if (Timeline.of(plan).ofSegment(id).length().compareTo(segment.target()) <= 0
                || segment.entries().size() < 2) {
            return Optional.empty();
        }
        return segment.entries().stream()
                .filter(line -> !kept.stays(line) && line.items().stream().noneMatch(kept::stays))
                .map(line -> plan.remove(line.id()))
                .min(Comparator.comparingDouble(fewer -> missed.applyAsDouble(fewer) + tooShort(fewer, id)));
    }

    private static double tooShort(ClassPlan plan, SegmentId id) {
        Duration under = plan.segment(id).target().minus(Timeline.of(plan).ofSegment(id).length());
        return under.isPositive() ? EACH_MINUTE_UNDER * Lengths.seconds(under) / 60.0 : 0;
    }

    /** Build-ups and circuits come near the target by themselves: whole phrases and rounds in its proportion. */
    private ClassPlan roughly(ClassPlan plan, SegmentId id) {
        Segment segment = plan.segment(id);
        double ratio = Lengths.seconds(segment.target())
                / Math.max(1.0, Lengths.seconds(proportions.length(id)));
        return plan.with(segment.withEntries(segment.entries().stream()
                .map(line -> roughly(plan, line, Math.clamp(ratio, 1 / FARTHEST, FARTHEST))).toList()));
    }

    private Entry roughly(ClassPlan plan, Entry line, double ratio) {
        return switch (line) {
            case BuildUp build -> {
                Script script = Lessons.script(plan, build);
                long eights = PHRASE * Math.round(script.eights() * ratio / PHRASE);
                yield script.wishing(build.build(), Math.toIntExact(Math.max(script.fill().once(), eights)))
                        .map(build::with).orElse(build);
            }
            case Circuit circuit when circuit.items().stream().noneMatch(kept::stays) -> {
                int rounds = Math.toIntExact(Math.max(1, Math.round(circuit.rounds() * ratio)));
                yield circuit.withRounds(rounds, circuit.rest(), Math.min(circuit.soloFrom(), rounds));
            }
            case Circuit _,Item _,Pause _,Screen _ -> line;
        };
    }

    /** An aerobic part that doses and rounds cannot stretch so far goes on with another dance or circuit. */
    private ClassPlan continued(ClassPlan plan, SegmentId id) {
        Segment segment = plan.segment(id);
        Duration missing = segment.target()
                .minus(Timeline.of(plan).ofSegment(id).length().multipliedBy(3).dividedBy(2));
        if (segment.role() != Role.AEROBIC || missing.compareTo(FAR_SHORT) < 0) {
            return plan;
        }
        List<Entry> lines = new ArrayList<>(segment.entries());
        lines.addAll(drafting.filled(plan, segment.withEntries(List.of()).withTarget(missing)).segment(id)
                .entries());
        return plan.with(segment.withEntries(lines));
    }
}
