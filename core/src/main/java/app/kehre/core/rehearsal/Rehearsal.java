package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.util.LinkedHashMap;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.Visit;
import app.kehre.core.teaching.WayDown;
import app.kehre.core.timeline.Phase;

/**
 * A class as it was rehearsed.
 *
 * @param planned the class that was planned
 * @param taught the class as it was taught, over
 * @param began when it was begun, by the clock on the wall
 * @param length how long it took
 * @param hardEnd when the room had to be free
 * @param owed what sides owed at the end
 * @param refused why it could not be kept on time, the last time when it could not; else empty
 */
public record Rehearsal(ClassPlan planned, Teaching taught, Instant began, Duration length, Instant hardEnd,
        List<Debt> owed, String refused) {

    /**
     * Rehearses a class.
     *
     * @param slot when the class stands on the timetable
     * @param seed the same seed gives the same rehearsal
     */
    public static Rehearsal of(ClassPlan plan, Instant slot, long seed, Habits habits) {
        return new Rehearsing(plan, slot, seed, habits).rehearsal();
    }

    /** Returns how long the class went on after the room had to be free; negative when it ended before. */
    public Duration over() {
        return Duration.between(hardEnd, began.plus(length));
    }

    /** Returns how long a segment was taught. */
    public Duration taught(SegmentId segment) {
        return visited(visit -> visit.segment().equals(segment));
    }

    /** Returns how long the segments took that stretch and cool down. */
    public Duration wayDown() {
        Set<SegmentId> down = new LinkedHashSet<>();
        WayDown.of(planned).stream().map(Segment::id).forEach(down::add);
        return visited(visit -> down.contains(visit.segment()));
    }

    private Duration visited(Predicate<Visit> which) {
        return taught.run().visits().stream().filter(which).map(Visit::took).reduce(Duration.ZERO,
                Duration::plus);
    }

    /** Returns the lines of which nothing was done, in order. */
    public List<String> dropped() {
        Set<EntryId> done = new LinkedHashSet<>();
        for (Visit visit : taught.run().visits()) {
            if (visit.spot().phase() != Phase.EXPLAIN && !visit.took().isZero()) {
                done.add(visit.spot().entry());
            }
        }
        return planned.segments().stream().filter(segment -> !segment.leftOut()).flatMap(Segment::lines)
                .filter(line -> line.inside().isEmpty() && !done.contains(line.id())).map(Entry::name)
                .toList();
    }

    /** Returns the planned and the taught length of each segment that is taught, in order. */
    public Map<Segment, Duration[]> segments() {
        Map<Segment, Duration[]> lengths = new LinkedHashMap<>();
        planned.segments().stream().filter(segment -> !segment.leftOut())
                .forEach(segment -> lengths.put(segment, new Duration[]{
                        taught.run().course().planned().ofSegment(segment.id()).length(),
                        taught(segment.id())}));
        return lengths;
    }
}
