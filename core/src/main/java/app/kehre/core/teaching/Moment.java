package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

import app.kehre.core.plan.Entry;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/**
 * What the instructor needs to know at an instant of the class.
 *
 * @param state where the run stands
 * @param place the place in the class
 * @param span what happens now; none before an empty class and after the end
 * @param entry the line of the plan that it belongs to, as it is in its round
 * @param next the line that follows
 * @param left what is left
 * @param end when the class will end if nothing else is skipped or repeated
 * @param spare from that end to the hard end; negative when the class will run over
 */
public record Moment(RunState state, Duration place, Optional<Span> span, Optional<Entry> entry,
        Optional<Entry> next, Left left, Instant end, Duration spare) {

    /**
     * What is left.
     *
     * @param span of what happens now
     * @param line of the line, of a circuit in this round
     * @param whole of the class
     */
    public record Left(Duration span, Duration line, Duration whole) {}

    /** Returns what holds for a run at an instant, where the clock on the wall says the same. */
    public static Moment of(TeachingRun run, Instant now) {
        return of(run, now, now);
    }

    /**
     * Returns what holds for a run at an instant.
     *
     * @param now by the clock that the run goes by, which nobody sets
     * @param wall by the clock on the wall, by which the room must be free
     */
    public static Moment of(TeachingRun run, Instant now, Instant wall) {
        TeachingRun settled = run.at(now);
        Duration place = settled.placeAt(now);
        Timeline timeline = settled.timeline();
        Optional<Span> span = timeline.at(place);
        Optional<Stretch> turn = timeline.turnAt(place);
        Duration classLeft = timeline.total().minus(place);
        Duration ago = settled.state() == RunState.FINISHED
                ? Duration.between(settled.since(), now)
                : Duration.ZERO;
        Instant end = wall.minus(ago).plus(classLeft);
        return new Moment(settled.state(), place, span, span.flatMap(found -> entry(timeline, found)),
                turn.flatMap(found -> timeline.at(found.end())).flatMap(found -> entry(timeline, found)),
                new Left(span.map(found -> found.end().minus(place)).orElse(Duration.ZERO),
                        turn.map(found -> found.end().minus(place)).orElse(Duration.ZERO), classLeft),
                end,
                Duration.between(end, settled.hardEnd()));
    }

    /** The line as it is in its round. */
    private static Optional<Entry> entry(Timeline timeline, Span span) {
        return timeline.plan().find(span.entry())
                .map(entry -> entry.item().<Entry>map(span.turn()::of).orElse(entry));
    }
}
