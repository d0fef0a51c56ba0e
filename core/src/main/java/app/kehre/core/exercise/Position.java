package app.kehre.core.exercise;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** How the body is placed. */
public enum Position implements Named {
    /** On the feet. */
    STANDING("standing", "standing", Level.STANDING),
    /** On or around the bench. */
    ON_STEP("on-step", "on the step", Level.STANDING),
    /** On a chair. */
    SEATED_CHAIR("seated-chair", "seated on a chair", Level.STANDING),
    /** On hands and knees. */
    ALL_FOURS("all-fours", "all-fours", Level.FLOOR),
    /** On one or both knees. */
    KNEELING("kneeling", "kneeling", Level.FLOOR),
    /** Sitting on the floor. */
    SEATED("seated", "seated", Level.FLOOR),
    /** Lying on the front, or in a plank. */
    PRONE("prone", "prone", Level.FLOOR),
    /** Lying on the back. */
    SUPINE("supine", "supine", Level.FLOOR),
    /** Lying on the side. */
    SIDE_LYING("side-lying", "side-lying", Level.FLOOR);

    private final Term term;
    private final Level level;

    Position(String key, String words, Level level) {
        this.term = new Term(key, words);
        this.level = level;
    }

    @Override
    public Term term() {
        return term;
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
