package app.kehre.desk.window;

import java.util.Arrays;
import java.util.Optional;

/** A place of the window, in the order of the work. */
public enum Place {
    /** All classes. */
    CLASSES("Classes"),
    /** What is fixed first. */
    BRIEF("Brief"),
    /** Planning. */
    PLAN("Plan"),
    /** Footwork and its build-up. */
    COMBINATION("Combination"),
    /** How hard it is, what should be looked at, what it does for the body. */
    CHECK("Check"),
    /** The printed page. */
    SHEET("Sheet"),
    /** The hall. */
    TEACH("Teach"),
    /** What was taught. */
    LOG("Log"),
    /** The library, which stands apart. */
    EXERCISES("Exercises");

    private final String words;

    Place(String words) {
        this.words = words;
    }

    /** Returns what stands in the rail. */
    String words() {
        return words;
    }

    /** Returns the key that leads there together with Ctrl, 0 for the first. */
    int digit() {
        return ordinal();
    }

    /** Finds the place of a digit. */
    static Optional<Place> ofDigit(String digit) {
        return Arrays.stream(values()).filter(place -> digit.equals(String.valueOf(place.digit())))
                .findFirst();
    }
}
