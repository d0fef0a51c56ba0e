package app.kehre.formats.timeline;

import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.OptionalInt;

import app.kehre.core.choreography.Script;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.timeline.Turn;
import app.kehre.core.value.Lengths;
import app.kehre.formats.table.Cells;

/** The spans of a class, one a row, as CSV (RFC 4180, UTF-8) or as text for a person. */
public final class TimelineTable {

    private static final List<String> HEADER = List.of("start_ms", "end_ms", "line", "segment", "item",
            "phase",
            "exercise", "round", "set", "interval", "rung", "stage", "side", "unit", "amount", "count");

    private TimelineTable() {}

    /**
     * Returns the table as CSV. Milliseconds round each boundary, so that rows tile; numbers that do not
     * apply are empty; the exercise is said by its id, in a build-up that of the move, and the stage by its key; the count is that of the
     * segment's music at the span's start, from 1.
     */
    public static String csv(Timeline timeline) {
        return Cells.table(rows -> {
            rows.accept(HEADER);
            timeline.spans().forEach(span -> rows.accept(
                    List.of(String.valueOf(millis(span.start())), String.valueOf(millis(span.end())),
                            span.entry().toString(),
                            segment(timeline, span), item(timeline, span), span.phase().words(),
                            span.done().exercise().map(Exercise::id).orElse(""), number(span.turn().round()),
                            number(span.turn().set()), number(span.turn().interval()),
                            number(span.turn().rung()), stage(timeline, span), span.side().word(),
                            unit(span.done()), amount(span.done()), count(span.done()))));
        });
    }

    /** Returns the table as text: a line a span, a heading a segment, the total at the end. */
    public static String text(Timeline timeline) {
        StringBuilder out = new StringBuilder();
        Optional<SegmentId> segment = Optional.empty();
        for (Span span : timeline.spans()) {
            if (!segment.equals(Optional.of(span.segment()))) {
                segment = Optional.of(span.segment());
                out.append(segment(timeline, span)).append('\n');
            }
            out.append(String.format(Locale.ROOT, "%8s %6s  %-12s %s%s%n", Lengths.clock(span.start()),
                    Lengths.clock(span.stretch().shown()), span.phase().words(), item(timeline, span),
                    details(timeline, span)));
        }
        return out
                .append(String.format(Locale.ROOT, "%8s of %s, %s%n", Lengths.clock(timeline.fit().length()),
                        Lengths.clock(timeline.fit().slot()), timeline.fit().words()))
                .toString();
    }

    private static String details(Timeline timeline, Span span) {
        StringBuilder out = new StringBuilder();
        Turn turn = span.turn();
        turn.round().ifPresent(round -> out.append(", round ").append(round));
        turn.interval().ifPresent(interval -> out.append(", interval ").append(interval));
        turn.set().ifPresent(set -> out.append(", set ").append(set));
        String stage = stage(timeline, span);
        out.append(stage.isEmpty() ? "" : ", stage " + stage);
        if (!span.side().word().isEmpty()) {
            out.append(", ").append(span.side().word());
        }
        return span.words().isEmpty() ? out.toString() : out.append(", ").append(span.words()).toString();
    }

    private static long millis(Duration moment) {
        return moment.plusNanos(500_000).toMillis();
    }

    private static String number(OptionalInt value) {
        return value.isPresent() ? String.valueOf(value.getAsInt()) : "";
    }

    /** The key of a build-up's stage, as plan files have it; empty outside of one. */
    private static String stage(Timeline timeline, Span span) {
        Script script = timeline.scripts().get(span.entry());
        OptionalInt stage = span.turn().stage();
        return script == null || stage.isEmpty()
                ? ""
                : script.stages().get(stage.getAsInt() - 1).key().text();
    }

    private static String unit(Done done) {
        return done.amount() > 0 ? done.unit().name().toLowerCase(Locale.ROOT) : "";
    }

    private static String amount(Done done) {
        return done.amount() > 0 ? String.valueOf(done.amount()) : "";
    }

    private static String count(Done done) {
        return done.firstCount().isPresent() ? String.valueOf(done.firstCount().getAsLong() + 1) : "";
    }

    private static String segment(Timeline timeline, Span span) {
        return timeline.plan().findSegment(span.segment()).map(Segment::name).orElse("");
    }

    private static String item(Timeline timeline, Span span) {
        return timeline.plan().find(span.entry()).map(Entry::name).orElse("");
    }
}
