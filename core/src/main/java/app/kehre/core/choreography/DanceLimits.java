package app.kehre.core.choreography;

import java.time.Duration;

import app.kehre.core.people.Level;

/**
 * The limits of choreography: teaching ranges (figures.md, "Choreography limits"), to be changed for the class.
 *
 * @param newForNewcomers new moves in a phrase that newcomers bear
 * @param newForRegulars new moves in a phrase that regulars bear
 * @param newForExperienced new moves in a phrase that experienced people bear
 * @param kneesOnBench lifts in a row over one standing leg, on the bench
 * @param kneesOnFloor lifts in a row over one standing leg, on the floor
 * @param countsOnOneLeg counts of unbroken weight on one leg
 * @param hopping how long hops may go on
 * @param sameLead how long the same foot may lead before it is worth a remark
 * @param sameLeadMost how long the same foot may lead at the most
 */
public record DanceLimits(int newForNewcomers, int newForRegulars, int newForExperienced, int kneesOnBench,
        int kneesOnFloor, int countsOnOneLeg, Duration hopping, Duration sameLead, Duration sameLeadMost) {

    /** The usual limits. */
    public static final DanceLimits USUAL = new DanceLimits(4, 6, 8, 5, 8, 16, Duration.ofSeconds(60),
            Duration.ofSeconds(60), Duration.ofSeconds(90));

    /** Returns the new moves in a phrase that a group bears. */
    public int newMoves(Level level) {
        return switch (level) {
            case NEWCOMERS -> newForNewcomers;
            case REGULARS -> newForRegulars;
            case EXPERIENCED -> newForExperienced;
        };
    }
}
