package app.kehre.core.brief;

import java.util.List;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A question on which practitioners differ (craft.md 9). Teaching ranges, all of them. */
public enum Question implements Named {
    /** The teaching style. Kehre's own answer follows the class: {@link Brief#teaching}. */
    TEACHING("teaching", "how you teach",
            "the right answer is within a few per cent of the class, a wrong one off by a fifth or more",
            "times of explaining and changing over",
            School.Teaching.FOLLOW_ME, School.Teaching.values()),
    /** What drives time. */
    TIME("time", "what drives time", "one class may mix them; the length is computed all the same",
            "doses of what you add, drafts",
            School.Time.MIXED_TIME,
            School.Time.values()),
    /** The warm-up. */
    WARM_UP("warm-up", "warm-up", "small versions of what comes later prepare the body and the memory",
            "derived warm-ups, checks",
            School.WarmUp.REHEARSAL,
            School.WarmUp.values()),
    /** Stretching first. */
    FIRST_STRETCH("first-stretch", "stretching first",
            "long holds just before power work cost power; at the end they are safe", "derived warm-ups",
            School.FirstStretch.MOVING_FIRST,
            School.FirstStretch.values()),
    /** How long to hold. */
    HOLD("hold", "how long to hold a stretch", "enough for most adults; older adults gain from 30 to 60 s",
            "derived stretches, fitting, checks",
            School.StretchHold.TWENTY_TO_THIRTY,
            School.StretchHold.values()),
    /** One side or alternate. */
    SIDES("sides", "sides", "some exercises flow in turns, others burn on one side; the totals must match",
            "doses of what you add, drafts",
            School.Sides.SIDES_PER_EXERCISE,
            School.Sides.values()),
    /** Knees. */
    KNEES("knees", "knees in squats and lunges", "depth to comfort suits more knees than one rule for all",
            "cues on the sheet and in Teach",
            School.Knees.IN_LINE,
            School.Knees.values()),
    /** Order of toning. */
    ORDER("order", "order of toning", "big joint work while fresh, and one area rests while the next works",
            "regrouping, checks",
            School.Order.ALTERNATE,
            School.Order.values()),
    /** Rest. */
    REST("rest", "rest", "after cardio people keep moving; after a heavy set they may stand",
            "effort of rests and pauses",
            School.Rest.REST_PER_PAUSE,
            School.Rest.values()),
    /** Impact. */
    IMPACT("impact", "impact", "who wants to hop may, nobody has to", "exercises offered, drafts, checks",
            School.Impact.HOPS_AS_OPTION,
            School.Impact.values()),
    /** Dose target. */
    DOSE("dose", "equal dose", "some count, some watch the clock; both totals are shown",
            "what counts as one side more",
            School.EqualDose.DOSE_PER_EXERCISE,
            School.EqualDose.values());

    private final Term term;
    private final String why;
    private final String changes;
    private final School usual;
    private final List<School> schools;

    Question(String key, String words, String why, String changes, School usual, School... schools) {
        this.term = new Term(key, words);
        this.why = why;
        this.changes = changes;
        this.usual = usual;
        this.schools = List.of(schools);
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns why Kehre's answer is what it is, in a line. */
    public String why() {
        return why;
    }

    /** Returns what another answer changes, in a few words. */
    public String changes() {
        return changes;
    }

    /** Returns the answers that practitioners give. */
    public List<School> schools() {
        return schools;
    }

    /** Returns whether Kehre's own answer is another for another class, so that each answer given is one of its own. */
    boolean byClass() {
        return this == TEACHING;
    }

    /** Returns Kehre's answer. */
    public School usual() {
        return usual;
    }
}
