package app.kehre.core.catching;

import java.time.Duration;
import java.time.Instant;
import java.util.HashSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Changeable;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.WayDown;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/**
 * What is left of a class that is being taught: it begins in the middle of what runs.
 *
 * @param course the class as it stands
 * @param place where it stands, 0 to its total
 * @param left how much time there is until the room must be free; negative when that is past
 * @param slip by how much it is expected to take longer than planned, as the class has been slower so far; 0 or more
 */
public record Rest(Course course, Duration place, Duration left, Duration slip) {

    /**
     * What can be left as a whole.
     *
     * @param name what it is called
     * @param lines of one segment, one or more
     */
    record Block(String name, List<Entry> lines) {}

    /**
     * Returns what is left at an instant.
     *
     * @param now by the clock that goes on evenly
     * @param wall by the clock on the wall
     */
    public static Rest of(TeachingRun run, Instant now, Instant wall) {
        TeachingRun here = run.upTo(now);
        return new Rest(run.course(), here.place(), Duration.between(wall, run.hardEnd()),
                Tendency.of(run.course(), here.place(), here.visits()));
    }

    /** Returns how long it is as it stands. */
    public Duration length() {
        return course.timeline().total().minus(place);
    }

    /** Returns how long it is expected to go on after the room must be free; negative when it ends before. */
    public Duration over() {
        return length().plus(slip).minus(left);
    }

    /** Returns how long it may be, as it is planned, so that it ends when the room must be free. */
    Duration room() {
        return left.minus(slip);
    }

    /** Returns how long it would be in another state of the class, such as one that is proposed. */
    public Duration lengthIn(Timeline other) {
        Course changed = course.with(other);
        return changed.timeline().total().minus(changed.placeOf(course, place));
    }

    /** Returns the plan as it stands. */
    ClassPlan plan() {
        return course.plan();
    }

    /** Returns whether a line has begun, or is over. */
    boolean begun(EntryId line) {
        return course.timeline().ofEntry(line).start().compareTo(place) <= 0;
    }

    /** Returns how many rounds of a circuit have begun. */
    int rounds(Circuit circuit) {
        if (!begun(circuit.id())) {
            return 0;
        }
        int begun = 1;
        for (Span span : course.timeline().spans()) {
            if (span.start().compareTo(place) > 0) {
                break;
            }
            if (circuit.id().equals(span.entry())
                    || circuit.inside().stream().anyMatch(line -> line.id().equals(span.entry()))) {
                begun = Math.max(begun, span.turn().round().orElse(1));
            }
        }
        return Math.min(begun, circuit.rounds());
    }

    /** Returns what of it is open to change: nothing that has begun but the rounds ahead, never a warm-up or the way down. */
    Changeable open() {
        Set<EntryId> down = new HashSet<>();
        plan().segments().stream().filter(segment -> segment.role() == Role.WARM_UP)
                .flatMap(Segment::lines).map(Entry::id).forEach(down::add);
        WayDown.of(plan()).stream().flatMap(Segment::lines).map(Entry::id).forEach(down::add);
        return ofAll().but(entry -> down.contains(entry.id()));
    }

    /** Returns the same, the way down and the warm-up open as well. */
    Changeable ofAll() {
        return new Changeable(this::isFixed, _ -> false, this::rounds, this::lengthIn);
    }

    private boolean isFixed(Entry entry) {
        if (entry instanceof Circuit circuit) {
            return begun(circuit.id()) && rounds(circuit) >= circuit.rounds();
        }
        return plan().circuitOf(entry.id()).isEmpty() && begun(entry.id());
    }

    /** Returns whether nothing is left but what has begun and the way down. */
    boolean onlyWayDown() {
        return plan().entries().noneMatch(entry -> main(entry) && !begun(entry.id()));
    }

    /** Returns whether there is a way down that has not begun. */
    boolean canGoDown() {
        return WayDown.of(plan()).stream()
                .filter(segment -> segment.role() == Role.COOL_DOWN || segment.role() == Role.STRETCH)
                .anyMatch(segment -> !segment.entries().isEmpty()
                        && segment.entries().stream().noneMatch(entry -> begun(entry.id())));
    }

    /** Returns whether a line belongs to the main part. */
    boolean main(Entry entry) {
        return plan().segmentOf(entry.id()).filter(segment -> segment.role().main()).isPresent();
    }

    /** Returns whether a line serves an area that was promised. */
    boolean promised(Entry entry) {
        Set<Muscle> areas = plan().brief().goal().areas();
        return entry.exercises().stream().flatMap(each -> each.main().stream()).anyMatch(areas::contains);
    }

    /** Returns what of the main part can be left as a whole: circuits, build-ups, what is still to come of a segment. */
    List<Block> blocks() {
        List<Segment> down = WayDown.of(plan());
        return plan().segments().stream()
                .filter(segment -> segment.role().main() && !segment.leftOut() && !down.contains(segment))
                .flatMap(this::blocks).filter(block -> block.lines().stream().noneMatch(Entry::locked))
                .toList();
    }

    private Stream<Block> blocks(Segment segment) {
        List<Entry> ahead = segment.entries().stream().filter(entry -> !begun(entry.id())).toList();
        String name = ahead.size() < segment.entries().size() ? "the rest of " : "";
        Stream<Block> whole = ahead.size() > 1
                ? Stream.of(new Block(name + segment.name(), ahead))
                : Stream.of();
        return Stream.concat(whole, ahead.stream().filter(entry -> entry.exercises().size() > 1)
                .map(entry -> new Block(entry.name(), List.of(entry))));
    }
}
