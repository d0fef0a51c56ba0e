package app.kehre.core.choreography;

import java.time.Duration;

import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.music.Bpm;
import app.kehre.core.people.Group;
import app.kehre.core.people.Level;

/**
 * What a combination is danced to, on and by whom.
 *
 * @param bpm the tempo of the music
 * @param bench the height of the bench in cm, 10 to 30; only asked for on the step
 * @param level how used to choreography the group is
 * @param onFloor the tempo that goes with moves on the floor for this group
 * @param limits the limits that hold
 * @param runsOn whether what fills no phrase begins again at its end, because it is so wished
 */
public record Conditions(Bpm bpm, int bench, Level level, TempoRange onFloor, DanceLimits limits,
        boolean runsOn) {

    /** The height of a step without risers, in cm; each riser adds five (figures.md: benches of 10 to 30 cm). */
    public static final int LOWEST = 10;
    private static final int RISER = 5;

    /**
     * Returns the usual limits at a tempo, on a step of 15 cm, with regulars.
     *
     * @param bpm beats a minute
     */
    public static Conditions of(int bpm) {
        return new Conditions(new Bpm(bpm), LOWEST + RISER, Level.REGULARS, TempoRange.LOW_IMPACT,
                DanceLimits.USUAL, false);
    }

    /**
     * Returns the conditions of a group at a tempo, with a load.
     *
     * @param bpm beats a minute
     */
    public static Conditions of(Bpm bpm, Load load, Group group) {
        return new Conditions(bpm, height(load), Level.of(group.mix()),
                group.older() ? TempoRange.OLDER : TempoRange.LOW_IMPACT, DanceLimits.USUAL, false);
    }

    /** Returns the same where combinations run on, or are filled up. */
    public Conditions withRunsOn(boolean other) {
        return new Conditions(bpm, bench, level, onFloor, limits, other);
    }

    /** Returns the height in cm of the step in a load: with one riser when nothing is said. */
    public static int height(Load load) {
        return LOWEST + RISER * load.find(Equipment.STEP).map(Load.Piece::risers).orElse(1);
    }

    /**
     * Returns how long so many counts last.
     *
     * @param counts counts of the music
     */
    public Duration length(int counts) {
        return bpm.at(2L * counts);
    }
}
