package app.kehre.desk.command;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.ZoneId;
import java.time.ZoneOffset;

import app.kehre.core.brief.Brief;

/** A clock that only moves by hand, so that an hour can be taught in a second. */
public final class HandClock extends Clock {

    private final ZoneId zone;
    private Instant now;

    private HandClock(Instant now, ZoneId zone) {
        this.now = now;
        this.zone = zone;
    }

    /** Returns a clock that stands at the start of a class. */
    public static HandClock at(Brief brief) {
        return new HandClock(brief.date().atTime(brief.start()).toInstant(ZoneOffset.UTC), ZoneOffset.UTC);
    }

    /** Lets time pass. */
    public void pass(Duration length) {
        now = now.plus(length);
    }

    @Override
    public Instant instant() {
        return now;
    }

    @Override
    public ZoneId getZone() {
        return zone;
    }

    @Override
    public HandClock withZone(ZoneId other) {
        return new HandClock(now, other);
    }
}
