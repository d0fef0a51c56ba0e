package app.kehre.core.exercise;

import app.kehre.core.dose.Dose;
import app.kehre.core.kit.Load;

/**
 * How much of an exercise is usual, and with what. Teaching ranges, to be changed for the group.
 *
 * @param usual what a new item starts with
 * @param least the least that makes sense
 * @param most the most that makes sense
 * @param load what a new item starts with
 * @param rep how long one rep takes when no tempo is given
 */
public record Dosing(Dose usual, Dose least, Dose most, Load load, RepLength rep) {

    /** Returns a dosing of which only the usual is known. */
    public static Dosing of(Dose usual, Load load) {
        return new Dosing(usual, usual, usual, load, RepLength.USUAL);
    }
}
