package app.kehre.formats.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Stream;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Lost;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.table.Cells;

/** Where the time of a class goes, a row a line, as CSV (RFC 4180, UTF-8). */
public final class LineTable {

    private static final List<String> HEADER = List.of("line", "segment", "item", "exercise", "dose",
            "work_ms",
            "explaining_ms", "changeover_ms", "rest_ms", "talk_ms", "lost_ms", "total_ms");

    private LineTable() {}

    /**
     * Returns the table. Milliseconds; the uses add up to the total of the line, and the totals to the class; the rest
     * between rounds is that of the circuit's own row; work that is lost is in none of them.
     */
    public static String csv(Timeline timeline) {
        Map<EntryId, Map<Tally.Use, Long>> uses = new HashMap<>();
        for (Span span : timeline.spans()) {
            uses.computeIfAbsent(span.entry(), _ -> new EnumMap<>(Tally.Use.class)).merge(
                    Tally.Use.of(span.phase()), millis(span.end()) - millis(span.start()), Long::sum);
        }
        return Cells.table(rows -> {
            rows.accept(HEADER);
            for (Segment segment : timeline.plan().segments()) {
                segment.lines().forEach(line -> rows.accept(row(timeline, segment, line,
                        uses.getOrDefault(line.id(), Map.of()))));
            }
        });
    }

    private static List<String> row(Timeline timeline, Segment segment, Entry line,
            Map<Tally.Use, Long> uses) {
        List<String> row = new ArrayList<>(List.of(line.id().toString(), segment.name(), line.name(),
                line.item().map(item -> item.exercise()).map(Exercise::id).orElse(""),
                line.dosed().map(DoseNotation::print).orElse("")));
        Stream.of(Tally.Use.values()).forEach(use -> row.add(String.valueOf(uses.getOrDefault(use, 0L))));
        row.add(String.valueOf(timeline.lost().stream().filter(lost -> lost.entry().equals(line.id()))
                .map(Lost::length).reduce(Duration.ZERO, Duration::plus).toMillis()));
        row.add(String.valueOf(uses.values().stream().mapToLong(Long::longValue).sum()));
        return row;
    }

    private static long millis(Duration moment) {
        return moment.plusNanos(500_000).toMillis();
    }
}
