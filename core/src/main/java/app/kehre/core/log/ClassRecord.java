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

import app.kehre.core.brief.Brief;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.PlanId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;

/**
 * A class that was taught.
 *
 * @param plan which plan
 * @param title what the class was called
 * @param began when it was begun, by the clock on the wall of its place
 * @param slot its slot
 * @param planned how long it was planned
 * @param taught how long it took, pauses with it
 * @param lines its lines, those that were left out as well, in order
 * @param taken the proposals that were taken, in words
 * @param owed what sides owed at the end
 * @param counts what was done of as many as possible, by line
 * @param observed what it says of the pace
 */
public record ClassRecord(PlanId plan, String title, LocalDateTime began, Duration slot, Duration planned,
        Duration taught, List<LineRecord> lines, List<String> taken, List<Debt> owed,
        Map<EntryId, Integer> counts, List<Observation> observed) {

    public ClassRecord {
        lines = List.copyOf(lines);
        taken = List.copyOf(taken);
        owed = List.copyOf(owed);
        counts = Map.copyOf(counts);
        observed = List.copyOf(observed);
    }

    /**
     * Writes the record of a class that is over, or was broken off.
     *
     * @param taught the class, settled to its end
     * @param began when it was begun, by the clock on the wall of its place
     */
    public static ClassRecord of(Teaching taught, LocalDateTime began) {
        TeachingRun run = taught.run();
        ClassPlan plan = run.course().planned().plan();
        Brief brief = plan.brief();
        return new ClassRecord(plan.identity().plan(), brief.title(), began, brief.slot(),
                run.course().planned().total(), length(run), lines(run), taught.taken(),
                taught.debts(run.since()), taught.counts(), Observation.of(run));
    }

    private static Duration length(TeachingRun run) {
        return run.visits().isEmpty() ? Duration.ZERO : run.visits().getLast().end();
    }

    private static List<LineRecord> lines(TeachingRun run) {
        Map<EntryId, Map<Tally.Use, Duration>> taught = new HashMap<>();
        run.visits().forEach(visit -> taught
                .computeIfAbsent(visit.spot().entry(), _ -> new EnumMap<>(Tally.Use.class))
                .merge(use(visit), visit.took(), Duration::plus));
        Map<EntryId, Map<Tally.Use, Duration>> planned = new HashMap<>();
        Timeline timeline = run.course().planned();
        for (Span span : timeline.spans()) {
            planned.computeIfAbsent(span.entry(), _ -> new EnumMap<>(Tally.Use.class))
                    .merge(Tally.Use.of(span.phase()), span.stretch().length(), Duration::plus);
        }
        Map<EntryId, Entry> all = new LinkedHashMap<>();
        run.course().plan().lines().forEach(entry -> all.put(entry.id(), entry));
        timeline.plan().lines().forEach(entry -> all.putIfAbsent(entry.id(), entry));
        List<LineRecord> lines = new ArrayList<>();
        all.forEach((id, entry) -> {
            Optional<SegmentId> segment = segment(run, id);
            if (segment.isPresent() && (planned.containsKey(id) || taught.containsKey(id))) {
                lines.add(new LineRecord(id, segment.get(), entry.name(), entry.subject(),
                        planned.getOrDefault(id, Map.of()), taught.getOrDefault(id, Map.of())));
            }
        });
        return lines;
    }

    /** What stood longer than planned was used for what it stood in; a pause is rest. */
    private static Tally.Use use(Visit visit) {
        return visit.going() == Visit.Going.PAUSED ? Tally.Use.REST : Tally.Use.of(visit.spot().phase());
    }

    private static Optional<SegmentId> segment(TeachingRun run, EntryId line) {
        return run.course().plan().segmentOf(line).or(() -> run.course().planned().plan().segmentOf(line))
                .map(segment -> segment.id());
    }

    /** Returns the lines that ran otherwise than planned, those furthest off first. */
    public List<LineRecord> ranOtherwise() {
        return lines.stream().filter(LineRecord::ranOtherwise)
                .sorted((one, other) -> other.off().abs().compareTo(one.off().abs())).toList();
    }

    /** Returns by which share the class took longer than planned; negative when it was shorter. */
    public double off() {
        return planned.isZero() ? 0 : (double) taught.minus(planned).toMillis() / planned.toMillis();
    }
}
