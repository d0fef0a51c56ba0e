package app.kehre.core.kit;

import java.util.Arrays;
import java.util.Optional;

/** Where a piece of equipment lies when it is not in use. */
public enum KitPlace {
    /** Beside each person. */
    AT_HAND("at hand"),
    /** Set out at each person's place before the class starts. */
    SET_OUT("set out"),
    /** By the wall, to be fetched. */
    BY_THE_WALL("by the wall"),
    /** Part of the room. */
    FIXED("part of the room"),
    /** On the person. */
    WORN("on the person");

    private final String words;

    KitPlace(String words) {
        this.words = words;
    }

    /** Returns the place in words, which is also its key in files. */
    public String words() {
        return words;
    }

    /** Finds the place of the words. */
    public static Optional<KitPlace> find(String words) {
        return Arrays.stream(values()).filter(place -> place.words.equals(words)).findFirst();
    }
}
