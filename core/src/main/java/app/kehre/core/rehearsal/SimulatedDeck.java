package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.util.OptionalLong;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

import app.kehre.core.music.Bpm;

/** A deck that is a little late, and stops once for some seconds (figures.md, "Rehearsal"; Kehre's estimates). */
public final class SimulatedDeck implements MusicDeck {

    private static final int LATEST_MILLIS = 400;
    private static final int SHORTEST_STOP = 4;
    private static final int LONGEST_STOP = 20;

    private final Duration late;
    private final Duration stopsAfter;
    private final Duration stopped;
    private Instant first = Instant.MAX;
    private Instant since = Instant.MAX;
    private Bpm bpm = new Bpm(120);

    /**
     * Makes a deck.
     *
     * @param seed the same deck for the same seed
     * @param within the length of the class, within which it stops once
     */
    public SimulatedDeck(long seed, Duration within) {
        RandomGenerator chance = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        late = Duration.ofMillis(chance.nextInt(LATEST_MILLIS));
        stopsAfter = Duration.ofSeconds(chance.nextLong(1 + Math.max(1, within.toSeconds())));
        stopped = Duration.ofSeconds(chance.nextInt(SHORTEST_STOP, LONGEST_STOP));
    }

    @Override
    public void play(Bpm other, Instant now) {
        first = first.equals(Instant.MAX) ? now : first;
        bpm = other;
        since = now.plus(late);
    }

    @Override
    public OptionalLong beat(Instant now) {
        if (now.isBefore(since) || stands(now)) {
            return OptionalLong.empty();
        }
        return OptionalLong.of(Duration.between(since, now).toNanos() / bpm.at(2).toNanos());
    }

    private boolean stands(Instant now) {
        Duration so = Duration.between(first, now);
        return so.compareTo(stopsAfter) >= 0 && so.compareTo(stopsAfter.plus(stopped)) < 0;
    }

    /** Returns how late each piece of music begins. */
    public Duration late() {
        return late;
    }

    /** Returns how long after the first music it stops, and for how long. */
    public Duration[] stop() {
        return new Duration[]{stopsAfter, stopped};
    }
}
