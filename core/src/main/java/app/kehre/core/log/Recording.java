package app.kehre.core.log;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.choreography.Combination;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;

/** Writes the record of a class, without a form to fill. */
public final class Recording {

    private final ClassPlan plan;
    private final Timeline planned;

    /** What was really taught, at the pace of the plan and at the usual one. */
    private record Predicted(Timeline own, Timeline usual) {

        static Predicted of(ClassPlan plan, List<LineRecord> lines) {
            Set<EntryId> taught = lines.stream().filter(LineRecord::done).map(LineRecord::line)
                    .collect(Collectors.toSet());
            ClassPlan real = plan;
            for (Entry line : plan.lines().toList()) {
                boolean inside = line.inside().stream().anyMatch(each -> taught.contains(each.id()));
                real = inside || taught.contains(line.id()) || real.find(line.id()).isEmpty()
                        ? real
                        : real.remove(line.id());
            }
            return new Predicted(Timeline.of(real),
                    Timeline.of(real.with(Pace.usual(plan.brief().group().older()))));
        }
    }

    private Recording(Timeline planned) {
        this.planned = planned;
        this.plan = planned.plan();
    }

    /**
     * Writes the record of a class that is over, or was broken off.
     *
     * @param taught the class, settled to its end
     * @param began when it was begun, by the clock on the wall of its place
     */
    public static ClassRecord of(Teaching taught, LocalDateTime began) {
        return new Recording(taught.run().course().planned()).taught(taught, began);
    }

    /**
     * Writes the record of a class that was taught without the program: each line as it was planned but for those that were
     * left out. It says nothing of the pace.
     *
     * @param length how long it took, more than zero
     * @param leftOut the lines that were left out
     */
    public static ClassRecord byHand(ClassPlan plan, LocalDateTime began, Duration length,
            Set<EntryId> leftOut) {
        return new Recording(Timeline.of(plan)).byHand(began, length, leftOut);
    }

    private Heading heading(LocalDateTime began, Heading.Origin origin) {
        Brief brief = plan.brief();
        return new Heading(plan.identity().plan(), brief.title(), brief.group().regulars().name(), began,
                brief.slot(), origin);
    }

    private ClassRecord taught(Teaching taught, LocalDateTime began) {
        TeachingRun run = taught.run();
        Map<SegmentId, Duration> bySegment = new HashMap<>();
        Map<EntryId, Map<Tally.Use, Duration>> byLine = new HashMap<>();
        run.visits().forEach(visit -> {
            bySegment.merge(visit.segment(), visit.took(), Duration::plus);
            byLine.computeIfAbsent(visit.spot().entry(), _ -> new EnumMap<>(Tally.Use.class))
                    .merge(use(visit), visit.took(), Duration::plus);
        });
        Duration length = run.visits().isEmpty() ? Duration.ZERO : run.visits().getLast().end();
        List<LineRecord> lines = lines(run.course().plan(), byLine);
        Predicted predicted = Predicted.of(run.course().plan(), lines);
        return new ClassRecord(heading(began, Heading.Origin.TAUGHT), times(predicted, length),
                segments(predicted, bySegment),
                lines,
                new Outcome(taught.taken(), taught.debts(run.since()), taught.counts()), Observation.of(run),
                After.NOTHING, true);
    }

    private ClassRecord byHand(LocalDateTime began, Duration length, Set<EntryId> leftOut) {
        Map<SegmentId, Duration> bySegment = new HashMap<>();
        Map<EntryId, Map<Tally.Use, Duration>> byLine = new HashMap<>();
        for (Span span : planned.spans()) {
            if (!leftOut.contains(span.entry())) {
                bySegment.merge(span.segment(), span.stretch().length(), Duration::plus);
                byLine.computeIfAbsent(span.entry(), _ -> new EnumMap<>(Tally.Use.class))
                        .merge(Tally.Use.of(span.phase()), span.stretch().length(), Duration::plus);
            }
        }
        List<LineRecord> lines = lines(plan, byLine);
        Predicted predicted = Predicted.of(plan, lines);
        return new ClassRecord(heading(began, Heading.Origin.BY_HAND), times(predicted, length),
                segments(predicted, bySegment),
                lines, Outcome.PLAIN, List.of(), After.NOTHING, true);
    }

    private Times times(Predicted predicted, Duration taught) {
        return new Times(planned.total(), predicted.own.total(), predicted.usual.total(), taught);
    }

    private List<SegmentRecord> segments(Predicted predicted, Map<SegmentId, Duration> taught) {
        return plan.segments().stream().filter(segment -> !segment.leftOut())
                .map(segment -> new SegmentRecord(segment.id(), segment.name(), segment.role(),
                        new Times(planned.ofSegment(segment.id()).length(),
                                predicted.own.ofSegment(segment.id()).length(),
                                predicted.usual.ofSegment(segment.id()).length(),
                                taught.getOrDefault(segment.id(), Duration.ZERO))))
                .toList();
    }

    /** The lines of the class as it stood at its end, and those that were left out of it by then. */
    private List<LineRecord> lines(ClassPlan now, Map<EntryId, Map<Tally.Use, Duration>> taught) {
        Map<EntryId, Map<Tally.Use, Duration>> uses = new HashMap<>();
        Map<EntryId, Duration> begins = new HashMap<>();
        for (Span span : planned.spans()) {
            begins.putIfAbsent(span.entry(), span.start());
            uses.computeIfAbsent(span.entry(), _ -> new EnumMap<>(Tally.Use.class))
                    .merge(Tally.Use.of(span.phase()), span.stretch().length(), Duration::plus);
        }
        Map<EntryId, Entry> all = new LinkedHashMap<>();
        plan.lines().forEach(entry -> all.put(entry.id(), entry));
        now.lines().forEach(entry -> all.putIfAbsent(entry.id(), entry));
        List<LineRecord> lines = new ArrayList<>();
        all.forEach((id, entry) -> {
            Optional<SegmentId> segment = plan.segmentOf(id).or(() -> now.segmentOf(id)).map(Segment::id);
            if (segment.isPresent() && (uses.containsKey(id) || taught.containsKey(id))) {
                lines.add(new LineRecord(id, segment.get(), entry.name(),
                        entry.exercises().stream().map(Exercise::id).toList(), combinations(entry, now),
                        begins.getOrDefault(id, planned.total()), uses.getOrDefault(id, Map.of()),
                        taught.getOrDefault(id, Map.of())));
            }
        });
        return lines;
    }

    private List<String> combinations(Entry entry, ClassPlan now) {
        return Stream.concat(plan.buildUps(), now.buildUps()).filter(entry::equals).findFirst().stream()
                .flatMap(build -> build.build().combinations().stream()).map(Combination::name).toList();
    }

    /** What stood longer than planned was used for what it stood in; a pause is rest. */
    private static Tally.Use use(Visit visit) {
        return visit.going() == Visit.Going.PAUSED ? Tally.Use.REST : Tally.Use.of(visit.spot().phase());
    }
}
