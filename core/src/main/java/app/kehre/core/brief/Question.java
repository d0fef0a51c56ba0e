package app.kehre.core.brief;

import java.util.List;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A question on which practitioners differ (craft.md 9). Teaching ranges, all of them. */
public enum Question implements Named {
    /** What drives time. */
    TIME("time", "what drives time", "one class may mix them; the length is computed all the same"),
    /** The warm-up. */
    WARM_UP("warm-up", "warm-up", "small versions of what comes later prepare the body and the memory"),
    /** Stretching first. */
    FIRST_STRETCH("first-stretch", "stretching first",
            "long holds just before power work cost power; at the end they are safe"),
    /** How long to hold. */
    HOLD("hold", "how long to hold a stretch", "enough for most adults; older adults gain from 30 to 60 s"),
    /** One side or alternate. */
    SIDES("sides", "sides", "some exercises flow in turns, others burn on one side; the totals must match"),
    /** Knees. */
    KNEES("knees", "knees in squats and lunges", "depth to comfort suits more knees than one rule for all"),
    /** Order of toning. */
    ORDER("order", "order of toning", "big joint work while fresh, and one area rests while the next works"),
    /** Rest. */
    REST("rest", "rest", "after cardio people keep moving; after a heavy set they may stand"),
    /** Impact. */
    IMPACT("impact", "impact", "who wants to hop may, nobody has to"),
    /** Dose target. */
    DOSE("dose", "equal dose", "some count, some watch the clock; both totals are shown");

    private final Term term;
    private final String why;

    Question(String key, String words, String why) {
        this.term = new Term(key, words);
        this.why = why;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns why Kehre's answer is what it is, in a line. */
    public String why() {
        return why;
    }

    /** Returns the answers that practitioners give. */
    public List<School> schools() {
        School[] answers = switch (this) {
            case TIME -> School.Time.values();
            case WARM_UP -> School.WarmUp.values();
            case FIRST_STRETCH -> School.FirstStretch.values();
            case HOLD -> School.StretchHold.values();
            case SIDES -> School.Sides.values();
            case KNEES -> School.Knees.values();
            case ORDER -> School.Order.values();
            case REST -> School.Rest.values();
            case IMPACT -> School.Impact.values();
            case DOSE -> School.EqualDose.values();
        };
        return List.of(answers);
    }

    /** Returns Kehre's answer. */
    public School usual() {
        return switch (this) {
            case TIME -> School.Time.MIXED_TIME;
            case WARM_UP -> School.WarmUp.REHEARSAL;
            case FIRST_STRETCH -> School.FirstStretch.MOVING_FIRST;
            case HOLD -> School.StretchHold.TWENTY_TO_THIRTY;
            case SIDES -> School.Sides.SIDES_PER_EXERCISE;
            case KNEES -> School.Knees.IN_LINE;
            case ORDER -> School.Order.ALTERNATE;
            case REST -> School.Rest.REST_PER_PAUSE;
            case IMPACT -> School.Impact.HOPS_AS_OPTION;
            case DOSE -> School.EqualDose.DOSE_PER_EXERCISE;
        };
    }
}
