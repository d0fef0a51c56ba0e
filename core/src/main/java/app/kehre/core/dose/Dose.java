package app.kehre.core.dose;

/** How much of an exercise is done. */
public sealed interface Dose permits AsMany, Counts, CountPattern, Hold, Interval, Open, Reps {

    /** Returns how the dose is shared between the sides. */
    Sides sides();

    /** Returns the same dose, shared between the sides in another way. */
    Dose withSides(Sides sides);
}
