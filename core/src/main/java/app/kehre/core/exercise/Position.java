package app.kehre.core.exercise;

import app.kehre.core.term.Named;

/** How the body is placed. */
public enum Position implements Named {
    /** On the feet. */
    STANDING("standing", Level.STANDING),
    /** On or around the bench. */
    ON_STEP("on the step", Level.STANDING),
    /** On a chair. */
    SEATED_CHAIR("seated on a chair", Level.STANDING),
    /** On hands and knees. */
    ALL_FOURS("all-fours", Level.FLOOR),
    /** On one or both knees. */
    KNEELING("kneeling", Level.FLOOR),
    /** Sitting on the floor. */
    SEATED("seated", Level.FLOOR),
    /** Lying on the front, or in a plank. */
    PRONE("prone", Level.FLOOR),
    /** Lying on the back. */
    SUPINE("supine", Level.FLOOR),
    /** Lying on the side. */
    SIDE_LYING("side-lying", Level.FLOOR);

    private final String words;
    private final Level level;

    Position(String words, Level level) {
        this.words = words;
        this.level = level;
    }

    @Override
    public String words() {
        return words;
    }

    /** Returns whether people are up or on the floor. */
    public Level level() {
        return level;
    }

    /** Up, or on the floor: between the two lies a floor change. */
    public enum Level {
        /** On the feet or on a chair. */
        STANDING,
        /** On the floor. */
        FLOOR
    }
}
