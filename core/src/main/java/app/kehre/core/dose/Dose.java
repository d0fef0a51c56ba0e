package app.kehre.core.dose;

/** How much of an exercise is done. */
public sealed interface Dose permits AsMany, Counts, CountPattern, Hold, Interval, Open, Reps {

    /** Returns how the dose is shared between the sides. */
    Sides sides();

    /** Returns whether the dose can be shared between the sides in a way: pairs are done in turn alone. */
    default boolean goesWith(Sides sides) {
        return true;
    }

    /**
     * Returns the same dose, shared between the sides in another way.
     *
     * @throws IllegalArgumentException if it cannot be
     */
    Dose withSides(Sides sides);

    /** Returns it for both sides at once; as it is where that cannot be, as with pairs. */
    default Dose withoutSides() {
        return goesWith(Sides.TOGETHER) ? withSides(Sides.TOGETHER) : this;
    }
}
