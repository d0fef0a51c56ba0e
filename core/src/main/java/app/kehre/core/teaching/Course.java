package app.kehre.core.teaching;

import java.time.Duration;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/**
 * A class as it is taught: what is planned, what was changed on the way, and what was done for longer or shorter than its
 * dose says. All of it is laid out in time; what lies behind may stand otherwise than it was, what lies ahead is true.
 *
 * @param planned the class with which the teaching began
 * @param timeline the class as it stands now
 * @param spots the spots of its spans, in their order
 * @param more by how many reps, counts, breaths or, where the clock rules, seconds a span is longer
 * @param again how often the last passes of a stage of a build-up are danced again
 */
public record Course(Timeline planned, Timeline timeline, List<Spot> spots, Map<Spot, Integer> more,
        Map<StageSpot, Integer> again) {

    /**
     * A stage of a build-up.
     *
     * @param entry the line
     * @param stage from 1
     */
    public record StageSpot(EntryId entry, int stage) {}

    public Course {
        spots = List.copyOf(spots);
        more = Map.copyOf(more);
        again = Map.copyOf(again);
    }

    /** Returns a class that is taught as it is planned. */
    public static Course of(Timeline planned) {
        return new Course(planned, planned, Spot.of(planned.spans()), Map.of(), Map.of());
    }

    /** Returns a class that was changed while it was taught. */
    public static Course of(Timeline planned, ClassPlan now, Map<Spot, Integer> more,
            Map<StageSpot, Integer> again) {
        Timeline laid = new Longer(Timeline.of(now), more, again).timeline();
        return new Course(planned, laid, Spot.of(laid.spans()), more, again);
    }

    /** Returns the plan as it stands now. */
    public ClassPlan plan() {
        return timeline.plan();
    }

    /** Returns the class as it would be with another layout of a changed plan, what was longer in it kept. */
    public Course with(Timeline other) {
        Timeline laid = new Longer(other, more, again).timeline();
        return new Course(planned, laid, Spot.of(laid.spans()), more, again);
    }

    /** Returns the class with another plan. */
    Course with(ClassPlan other) {
        return of(planned, other, more, again);
    }

    /** Returns the class with a span longer by so many of what is counted in it, shorter below zero. */
    Course withMore(Spot spot, int amount) {
        Map<Spot, Integer> others = new LinkedHashMap<>(more);
        others.merge(spot, amount, Integer::sum);
        return of(planned, plan(), others, again);
    }

    /** Returns the class with the last passes of a stage danced once more. */
    Course withAgain(StageSpot stage) {
        Map<StageSpot, Integer> others = new HashMap<>(again);
        others.merge(stage, 1, Integer::sum);
        return of(planned, plan(), more, others);
    }

    /** Returns the place of a span in the class, from 0; -1 at and after the end of the class. */
    int indexAt(Duration place) {
        return timeline.indexAt(place);
    }

    /**
     * Returns the place in this class at which another state of it stands: at the same rep or count of the same span, or as
     * far in it; where the span is gone at the next that is still there.
     */
    public Duration placeOf(Course before, Duration place) {
        int at = before.indexAt(place);
        if (at < 0) {
            return timeline.total();
        }
        for (int i = at; i < before.spots.size(); i++) {
            int found = before.spots.get(i).nearest(spots).orElse(-1);
            if (found >= 0) {
                boolean same = i == at && spots.get(found).equals(before.spots.get(i));
                return same ? within(before, at, place, found) : timeline.spans().get(found).start();
            }
        }
        return timeline.total();
    }

    private Duration within(Course before, int at, Duration place, int found) {
        Span old = before.timeline.spans().get(at);
        Span now = timeline.spans().get(found);
        Duration into = place.minus(old.start());
        if (old.done().amount() > 0 && now.done().amount() > 0) {
            double parts = old.partDone(place) * old.done().amount();
            double share = Math.min(1, parts / now.done().amount());
            into = Duration.ofNanos(Math.round(share * now.stretch().length().toNanos()));
        }
        Duration to = now.start().plus(into);
        return to.compareTo(now.end()) < 0 ? to : now.end();
    }
}
