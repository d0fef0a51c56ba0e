package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;

import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/**
 * A class being taught. Immutable: each step returns a new run. Its instants are those of a clock that goes on evenly
 * and that nobody sets; only the hard end is one of the clock on the wall.
 *
 * @param timeline the class
 * @param state where it stands
 * @param place the place in the class at {@code since}, 0 to its total
 * @param since when the place was true; it moves on from there while teaching
 * @param started when Start was pressed; meaningless while ready
 * @param hardEnd when the room must be free, by the clock on the wall; meaningless while ready
 */
public record TeachingRun(Timeline timeline, RunState state, Duration place, Instant since, Instant started,
        Instant hardEnd) {

    /** Pressing Back within this time of an exercise's start goes to the one before. Kehre's estimate. */
    public static final Duration BACK_TO_PREVIOUS = Duration.ofSeconds(3);

    /** Returns a run that has not started. */
    public static TeachingRun ready(Timeline timeline) {
        return new TeachingRun(timeline, RunState.READY, Duration.ZERO, Instant.EPOCH, Instant.EPOCH,
                Instant.EPOCH);
    }

    /** Returns a run that goes on at a place, as after the program broke off. */
    public static TeachingRun goneOn(Timeline timeline, Duration place, Instant now, Instant hardEnd) {
        Duration within = place.compareTo(timeline.total()) > 0 ? timeline.total() : place;
        return new TeachingRun(timeline, RunState.TEACHING, within, now, now, hardEnd).at(now);
    }

    /**
     * Starts the class at its place, usually 0.
     *
     * @throws IllegalStateException unless it is ready
     */
    public TeachingRun start(Instant now, Instant end) {
        return new TeachingRun(timeline, state.to(RunState.TEACHING), place, now, now, end).at(now);
    }

    /**
     * Stops the class for a while.
     *
     * @throws IllegalStateException unless it is being taught
     */
    public TeachingRun pause(Instant now) {
        return new TeachingRun(timeline, state.to(RunState.PAUSED), placeAt(now), now, started, hardEnd);
    }

    /**
     * Goes on after a pause.
     *
     * @throws IllegalStateException unless it is paused
     */
    public TeachingRun resume(Instant now) {
        if (state != RunState.PAUSED) {
            throw new IllegalStateException("A class that is %s cannot go on.".formatted(state));
        }
        return new TeachingRun(timeline, state.to(RunState.TEACHING), place, now, started, hardEnd);
    }

    /** Goes to the start of the next entry, or to the end of the class after the last. */
    public TeachingRun next(Instant now) {
        Duration here = placeAt(now);
        return timeline.turnAt(here).map(turn -> moved(turn.end(), now)).orElse(this);
    }

    /** Goes back to the start of the entry, or of the one before when pressed at its start. */
    public TeachingRun back(Instant now) {
        Duration here = placeAt(now);
        Duration start = timeline.turnAt(here).map(Stretch::start).orElse(here);
        if (here.minus(start).compareTo(BACK_TO_PREVIOUS) >= 0 || start.isZero()) {
            return moved(start, now);
        }
        return moved(timeline.turnAt(start.minusNanos(1)).orElseThrow().start(), now);
    }

    /** Returns the run at an instant: finished, since the class came to its end. */
    public TeachingRun at(Instant now) {
        boolean over = state == RunState.TEACHING && placeAt(now).compareTo(timeline.total()) >= 0;
        return over
                ? new TeachingRun(timeline, state.to(RunState.FINISHED), timeline.total(),
                        since.plus(timeline.total().minus(place)), started, hardEnd)
                : this;
    }

    /** Returns the place in the class at an instant, 0 to the class's total. */
    public Duration placeAt(Instant now) {
        if (state != RunState.TEACHING) {
            return place;
        }
        Duration here = place.plus(Duration.between(since, now));
        return here.compareTo(timeline.total()) > 0
                ? timeline.total()
                : here.isNegative() ? Duration.ZERO : here;
    }

    private TeachingRun moved(Duration to, Instant now) {
        if (state == RunState.FINISHED) {
            return this;
        }
        boolean over = to.compareTo(timeline.total()) >= 0 && state != RunState.READY;
        return new TeachingRun(timeline, over ? state.to(RunState.FINISHED) : state, to, now, started,
                hardEnd);
    }
}
