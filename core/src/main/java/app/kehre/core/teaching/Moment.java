package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.Entry;
import app.kehre.core.timeline.Span;

/**
 * What the instructor needs to know at an instant of the class.
 *
 * @param state where the run stands
 * @param place the place in the class
 * @param span what happens now; none before an empty class and after the end
 * @param entry the line of the plan that it belongs to
 * @param next the line that follows
 * @param spanLeft what is left of the span
 * @param entryLeft what is left of the entry
 * @param classLeft what is left of the class
 * @param end when the class will end if nothing else is skipped or repeated
 * @param spare from that end to the hard end; negative when the class will run over
 */
public record Moment(RunState state, Duration place, Optional<Span> span, Optional<Entry> entry,
        Optional<Entry> next, Duration spanLeft, Duration entryLeft, Duration classLeft, Instant end,
        Duration spare) {

    /** Returns what holds for a run at an instant. */
    public static Moment of(TeachingRun run, Instant now) {
        TeachingRun settled = run.at(now);
        Duration place = settled.placeAt(now);
        Optional<Span> span = settled.timeline().at(place);
        Optional<Entry> entry = span.flatMap(found -> settled.timeline().plan().find(found.entry()));
        Duration classLeft = settled.timeline().total().minus(place);
        Instant from = settled.state() == RunState.FINISHED ? settled.since() : now;
        Instant end = from.plus(classLeft);
        return new Moment(settled.state(), place, span, entry, entry.flatMap(found -> after(settled, found)),
                span.map(found -> found.end().minus(place)).orElse(Duration.ZERO),
                span.map(found -> settled.timeline().ofEntry(found.entry()).end().minus(place))
                        .orElse(Duration.ZERO),
                classLeft, end, Duration.between(end, settled.hardEnd()));
    }

    private static Optional<Entry> after(TeachingRun run, Entry entry) {
        List<Entry> entries = run.timeline().plan().entries().toList();
        int next = entries.indexOf(entry) + 1;
        return next < entries.size() ? Optional.of(entries.get(next)) : Optional.empty();
    }
}
