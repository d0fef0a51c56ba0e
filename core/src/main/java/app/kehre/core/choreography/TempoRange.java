package app.kehre.core.choreography;

import java.util.NavigableMap;
import java.util.TreeMap;

import app.kehre.core.exercise.Role;
import app.kehre.core.people.Level;

/**
 * The tempo of music that goes with something: teaching ranges (figures.md, "Tempo of the music").
 *
 * @param what what it goes with
 * @param least BPM, included
 * @param most BPM, included
 */
public record TempoRange(String what, int least, int most) {

    /** Low-impact moves on the floor. */
    public static final TempoRange LOW_IMPACT = new TempoRange("low impact", 120, 145);

    /** Older groups. */
    public static final TempoRange OLDER = new TempoRange("an older group", 100, 122);

    /** The slowest music for the step. Kehre's estimate, after the warm-up's range. */
    private static final int SLOWEST_STEP = 116;
    /** With experienced people on a bench of up to 15 cm. */
    private static final int EXPERIENCED = 135;
    private static final NavigableMap<Integer, Integer> BY_HEIGHT = new TreeMap<>(
            java.util.Map.of(10, 128, 15, 128, 20, 126, 25, 122, 30, 118));

    /**
     * Returns the range for a bench of a height in cm.
     *
     * @param height of the bench in centimetres
     */
    public static TempoRange onStep(int height, Level level) {
        var entry = BY_HEIGHT.ceilingEntry(height);
        int usual = entry == null ? BY_HEIGHT.lastEntry().getValue() : entry.getValue();
        int most = level == Level.EXPERIENCED && height <= 15 ? EXPERIENCED : usual;
        return new TempoRange("a step of %d cm".formatted(height), SLOWEST_STEP, most);
    }

    /** Returns the range for a segment's role, on the floor. */
    public static TempoRange of(Role role, boolean older) {
        return switch (role) {
            case WARM_UP -> older ? OLDER : new TempoRange("a warm-up", 120, 134);
            case AEROBIC -> older ? OLDER : LOW_IMPACT;
            case TONING -> new TempoRange("strength", 100, 128);
            case CORE -> new TempoRange("core on the mat", 100, 125);
            case COOL_DOWN -> new TempoRange("a cool-down", 90, 115);
            case STRETCH -> new TempoRange("a stretch", 60, 99);
            case TALK, PAUSE -> new TempoRange("talk", 60, 200);
        };
    }

    /**
     * Returns whether a tempo lies in it.
     *
     * @param bpm beats a minute
     */
    public boolean has(int bpm) {
        return bpm >= least && bpm <= most;
    }

    /** Returns "116 to 128 BPM". */
    public String words() {
        return "%d to %d BPM".formatted(least, most);
    }
}
