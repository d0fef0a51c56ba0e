package app.kehre.core.brief;

import app.kehre.core.value.Named;

/** An answer to a {@link Question} on which practitioners differ. */
public enum School implements Named {
    /** Counts of music. */
    COUNTED("counted", Question.TIME, "counts of music"),
    /** The clock. */
    CLOCKED("clocked", Question.TIME, "the clock"),
    /** Counted reps. */
    BY_REPS("by-reps", Question.TIME, "counted reps"),
    /** Breaths and holds. */
    BY_BREATHS("by-breaths", Question.TIME, "breaths and holds"),
    /** All four. */
    MIXED_TIME("mixed-time", Question.TIME, "all four, freely mixed"),
    /** Rehearsal. */
    REHEARSAL("rehearsal", Question.WARM_UP, "rehearsal of its own moves"),
    /** General. */
    GENERAL("general", Question.WARM_UP, "general jog or jacks"),
    /** Mobility. */
    MOBILITY_FLOW("mobility-flow", Question.WARM_UP, "mobility flow"),
    /** None. */
    RAMP("ramp", Question.WARM_UP, "none, the class itself ramps"),
    /** Held stretches first. */
    HELD_FIRST("held-first", Question.FIRST_STRETCH, "held stretches in the warm-up"),
    /** Moving stretches first. */
    MOVING_FIRST("moving-first", Question.FIRST_STRETCH, "moving first, held at the end"),
    /** One eight. */
    ONE_EIGHT("one-eight", Question.HOLD, "one eight"),
    /** 10 to 15 s. */
    TEN_TO_FIFTEEN("ten-to-fifteen", Question.HOLD, "10 to 15 s"),
    /** 20 to 30 s. */
    TWENTY_TO_THIRTY("twenty-to-thirty", Question.HOLD, "20 to 30 s"),
    /** 30 to 60 s. */
    THIRTY_TO_SIXTY("thirty-to-sixty", Question.HOLD, "30 to 60 s"),
    /** Finish one side. */
    FINISH_ONE("finish-one", Question.SIDES, "finish one side"),
    /** Alternate. */
    ALTERNATE_REPS("alternate-reps", Question.SIDES, "alternate reps"),
    /** Second side in the next round. */
    SIDE_A_ROUND("side-a-round", Question.SIDES, "second side in the next round"),
    /** Per exercise. */
    SIDES_PER_EXERCISE("sides-per-exercise", Question.SIDES, "as each exercise asks"),
    /** Never past the toes. */
    NEVER_PAST("never-past", Question.KNEES, "never past the toes"),
    /** Over the laces. */
    OVER_LACES("over-laces", Question.KNEES, "over the laces"),
    /** In line. */
    IN_LINE("in-line", Question.KNEES, "in line with toes, to comfort"),
    /** Large to small. */
    LARGE_TO_SMALL("large-to-small", Question.ORDER, "large to small"),
    /** In turn. */
    IN_TURN("in-turn", Question.ORDER, "lower, upper, trunk in turn"),
    /** One area after the other. */
    ONE_AREA("one-area", Question.ORDER, "one area finished, then the next"),
    /** Circuit. */
    IN_CIRCUIT("in-circuit", Question.ORDER, "circuit"),
    /** Alternate areas. */
    ALTERNATE("alternate", Question.ORDER, "alternate areas, compound first"),
    /** Keep moving. */
    KEEP_MOVING("keep-moving", Question.REST, "keep moving"),
    /** Full rest. */
    FULL_REST("full-rest", Question.REST, "full rest"),
    /** Per pause. */
    REST_PER_PAUSE("rest-per-pause", Question.REST, "as each pause asks"),
    /** Low only. */
    LOW_ONLY("low-only", Question.IMPACT, "low only"),
    /** Hops as an option. */
    HOPS_AS_OPTION("hops-as-option", Question.IMPACT, "hops as an option"),
    /** Equal reps. */
    EQUAL_REPS("equal-reps", Question.DOSE, "equal reps"),
    /** Equal time. */
    EQUAL_TIME("equal-time", Question.DOSE, "equal time"),
    /** Per exercise. */
    DOSE_PER_EXERCISE("dose-per-exercise", Question.DOSE, "reps or time by exercise");

    private final Question question;
    private final String key;
    private final String words;

    School(String key, Question question, String words) {
        this.question = question;
        this.key = key;
        this.words = words;
    }

    /** Returns what it answers. */
    public Question question() {
        return question;
    }

    @Override
    public String key() {
        return key;
    }

    @Override
    public String words() {
        return words;
    }
}
