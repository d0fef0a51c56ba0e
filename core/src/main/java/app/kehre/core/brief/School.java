package app.kehre.core.brief;

import app.kehre.core.term.Named;

/** An answer to a {@link Question} on which practitioners differ. */
public enum School implements Named {
    /** Counts of music. */
    COUNTED(Question.TIME, "counts of music"),
    /** The clock. */
    CLOCKED(Question.TIME, "the clock"),
    /** Counted reps. */
    BY_REPS(Question.TIME, "counted reps"),
    /** Breaths and holds. */
    BY_BREATHS(Question.TIME, "breaths and holds"),
    /** All four. */
    MIXED_TIME(Question.TIME, "all four, freely mixed"),
    /** Rehearsal. */
    REHEARSAL(Question.WARM_UP, "rehearsal of its own moves"),
    /** General. */
    GENERAL(Question.WARM_UP, "general jog or jacks"),
    /** Mobility. */
    MOBILITY_FLOW(Question.WARM_UP, "mobility flow"),
    /** None. */
    RAMP(Question.WARM_UP, "none, the class itself ramps"),
    /** Held stretches first. */
    HELD_FIRST(Question.FIRST_STRETCH, "held stretches in the warm-up"),
    /** Moving stretches first. */
    MOVING_FIRST(Question.FIRST_STRETCH, "moving first, held at the end"),
    /** One eight. */
    ONE_EIGHT(Question.HOLD, "one eight"),
    /** 10 to 15 s. */
    TEN_TO_FIFTEEN(Question.HOLD, "10 to 15 s"),
    /** 20 to 30 s. */
    TWENTY_TO_THIRTY(Question.HOLD, "20 to 30 s"),
    /** 30 to 60 s. */
    THIRTY_TO_SIXTY(Question.HOLD, "30 to 60 s"),
    /** Finish one side. */
    FINISH_ONE(Question.SIDES, "finish one side"),
    /** Alternate. */
    ALTERNATE_REPS(Question.SIDES, "alternate reps"),
    /** Second side in the next round. */
    SIDE_A_ROUND(Question.SIDES, "second side in the next round"),
    /** Per exercise. */
    SIDES_PER_EXERCISE(Question.SIDES, "as each exercise asks"),
    /** Never past the toes. */
    NEVER_PAST(Question.KNEES, "never past the toes"),
    /** Over the laces. */
    OVER_LACES(Question.KNEES, "over the laces"),
    /** In line. */
    IN_LINE(Question.KNEES, "in line with toes, to comfort"),
    /** Large to small. */
    LARGE_TO_SMALL(Question.ORDER, "large to small"),
    /** In turn. */
    IN_TURN(Question.ORDER, "lower, upper, trunk in turn"),
    /** One area after the other. */
    ONE_AREA(Question.ORDER, "one area finished, then the next"),
    /** Circuit. */
    IN_CIRCUIT(Question.ORDER, "circuit"),
    /** Alternate areas. */
    ALTERNATE(Question.ORDER, "alternate areas, compound first"),
    /** Keep moving. */
    KEEP_MOVING(Question.REST, "keep moving"),
    /** Full rest. */
    FULL_REST(Question.REST, "full rest"),
    /** Per pause. */
    REST_PER_PAUSE(Question.REST, "as each pause asks"),
    /** Low only. */
    LOW_ONLY(Question.IMPACT, "low only"),
    /** Hops as an option. */
    HOPS_AS_OPTION(Question.IMPACT, "hops as an option"),
    /** Equal reps. */
    EQUAL_REPS(Question.DOSE, "equal reps"),
    /** Equal time. */
    EQUAL_TIME(Question.DOSE, "equal time"),
    /** Per exercise. */
    DOSE_PER_EXERCISE(Question.DOSE, "reps or time by exercise");

    private final Question question;
    private final String words;

    School(Question question, String words) {
        this.question = question;
        this.words = words;
    }

    /** Returns what it answers. */
    public Question question() {
        return question;
    }

    @Override
    public String words() {
        return words;
    }
}
