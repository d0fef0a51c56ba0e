package app.kehre.core.balance;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Function;

import app.kehre.core.advice.Thresholds;
import app.kehre.core.brief.Brief;
import app.kehre.core.effort.Effort;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.timeline.SideTotals;
import app.kehre.core.timeline.Timeline;

/**
 * All that a check may look at.
 *
 * @param timeline the class
 * @param effort how hard it is
 * @param ledger what is prepared, loaded, released
 * @param uses every span in which an exercise is done
 * @param means what may be used to mend it
 * @param segments that are taught
 * @param items that are taught, those of circuits included
 * @param lines and their segments
 * @param sides what each side does
 */
record ClassUnderCheck(Timeline timeline, Effort effort, Ledger ledger, List<Use> uses, Means means,
        List<Segment> segments, List<Item> items, Lines lines, List<SideTotals> sides) {

    /**
     * The lines of a class, those of circuits included.
     *
     * @param byId by their number
     * @param segmentOf the segment of a line, by the line's number
     */
    record Lines(Map<EntryId, Entry> byId, Map<EntryId, Segment> segmentOf) {}

    /**
     * What may be used to mend a class.
     *
     * @param library exercises to choose from
     * @param regroupings its parts in better orders, which several findings are mended by
     */
    record Means(Library library, Regroupings regroupings) {}

    static ClassUnderCheck of(Timeline timeline, Library library) {
        List<Use> uses = Use.of(timeline);
        List<Segment> taught = timeline.plan().segments().stream().filter(segment -> !segment.leftOut())
                .toList();
        Map<EntryId, Entry> lines = new HashMap<>();
        Map<EntryId, Segment> segmentOf = new HashMap<>();
        timeline.plan().segments().forEach(segment -> segment.lines().forEach(line -> {
            lines.put(line.id(), line);
            segmentOf.put(line.id(), segment);
        }));
        return new ClassUnderCheck(timeline, Effort.of(timeline), Ledger.of(timeline, uses), uses,
                new Means(library, new Regroupings(timeline.plan())),
                taught, taught.stream().flatMap(Segment::items).toList(), new Lines(lines, segmentOf),
                SideTotals.of(timeline));
    }

    /** Returns the segment of a line, by the line's number. */
    Map<EntryId, Segment> segmentOf() {
        return lines.segmentOf;
    }

    /** Finds a line by its number. */
    Optional<Entry> find(EntryId entry) {
        return Optional.ofNullable(lines.byId.get(entry));
    }

    /** Finds the role of the segment that a line is in. */
    Optional<Role> roleOf(Entry entry) {
        return Optional.ofNullable(segmentOf().get(entry.id())).map(Segment::role);
    }

    Library library() {
        return means.library;
    }

    List<Regrouping> regroupings() {
        return means.regroupings.all();
    }

    ClassPlan plan() {
        return timeline.plan();
    }

    Brief brief() {
        return plan().brief();
    }

    Thresholds figures() {
        return plan().thresholds();
    }

    List<Segment> segments(Role... roles) {
        List<Role> wanted = List.of(roles);
        return segments.stream().filter(segment -> wanted.contains(segment.role())).toList();
    }

    List<Item> items(Segment segment) {
        return segment.items().toList();
    }

    /** What is found out of a line that is an item; nothing of another. */
    <T> List<T> ofItem(EntryId entry, Function<Item, List<T>> found) {
        return find(entry).flatMap(Entry::item).map(found).orElse(List.of());
    }

    Place at(Segment segment) {
        return Place.of(segment.id(), Optional.empty(), timeline.ofSegment(segment.id()).start());
    }

    Place at(Use use) {
        return Place.of(use.span().segment(), Optional.of(use.entry()), use.span().start());
    }

    Place at(Entry entry) {
        return new Place(Optional.ofNullable(segmentOf().get(entry.id())).map(Segment::id),
                Optional.of(entry.id()),
                timeline.ofEntry(entry.id()).start(), Optional.empty());
    }

    /** The length of all segments of some roles. */
    Duration length(Role... roles) {
        return segments(roles).stream().map(segment -> timeline.ofSegment(segment.id()).length())
                .reduce(Duration.ZERO, Duration::plus);
    }
}
