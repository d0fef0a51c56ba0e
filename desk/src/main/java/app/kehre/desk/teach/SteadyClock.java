package app.kehre.desk.teach;

import java.time.Instant;
import java.time.InstantSource;
import java.util.function.LongSupplier;

/**
 * A clock that goes on evenly whatever is done to the clock of the computer: it is not set forward or back, knows no
 * summer time, and stands while the computer sleeps. A class goes by it.
 */
public final class SteadyClock implements InstantSource {

    private final Instant begun;
    private final long nanos;
    private final LongSupplier running;

    /**
     * Starts at an instant.
     *
     * @param running nanoseconds since any moment, only ever more, as {@link System#nanoTime}
     */
    public SteadyClock(Instant begun, LongSupplier running) {
        this.begun = begun;
        this.running = running;
        this.nanos = running.getAsLong();
    }

    @Override
    public Instant instant() {
        return begun.plusNanos(running.getAsLong() - nanos);
    }
}
