package app.kehre.desk.teach;

import java.time.Clock;
import java.time.Instant;
import java.time.InstantSource;
import java.time.ZoneId;
import java.util.Optional;

/** The two clocks of the hall: one that goes on evenly, one on the wall. In a rehearsal both are one that goes faster. */
final class HallClock {

    private final Clock wall;
    private final InstantSource steady;
    private Optional<Instant> rehearsed = Optional.empty();

    HallClock(Clock wall, InstantSource steady) {
        this.wall = wall;
        this.steady = steady;
    }

    /** Returns the time of the clock that goes on evenly. */
    Instant now() {
        return rehearsed.orElseGet(steady::instant);
    }

    /** Returns the time of the clock on the wall. */
    Instant wall() {
        return rehearsed.orElseGet(wall::instant);
    }

    /** Returns the time that really passes, whatever is rehearsed. */
    Instant real() {
        return steady.instant();
    }

    ZoneId zone() {
        return wall.getZone();
    }

    boolean rehearses() {
        return rehearsed.isPresent();
    }

    /** Sets both clocks to a time of a rehearsal. */
    void set(Instant instant) {
        rehearsed = Optional.of(instant);
    }

    /** Goes by the real clocks again. */
    void stop() {
        rehearsed = Optional.empty();
    }

}
