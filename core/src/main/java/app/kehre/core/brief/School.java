package app.kehre.core.brief;

import java.util.Arrays;
import java.util.List;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * An answer to a {@link Question} on which practitioners differ. The answers to each question are a kind of their own, so that
 * whoever asks one knows all that can be answered: {@code brief.schools().order()}.
 */
public sealed interface School extends Named {

    /** Returns what it answers. */
    default Question question() {
        return Arrays.stream(Question.values()).filter(question -> question.schools().contains(this))
                .findFirst()
                .orElseThrow();
    }

    /** Returns all answers to all questions. */
    static List<School> all() {
        return Arrays.stream(Question.values()).flatMap(question -> question.schools().stream()).toList();
    }

    /** How an exercise is brought to the group: what costs time, and how much. */
    enum Teaching implements School {
        FOLLOW_ME("follow-me", "follow me: the group copies at once, words lie over the movement"),
        SHOW_THEN_DO("show-then-do", "show, then do: the work stops, it is shown, then counted in"),
        TALK_IT_THROUGH("talk-it-through", "talk it through: options and reasons first");

        private final Term term;

        Teaching(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }

        /** Returns what happens in the style. */
        public String meaning() {
            return words().substring(words().indexOf(':') + 2);
        }

        /** Returns the style alone, as it is spoken of: "follow me". */
        public String called() {
            return words().substring(0, words().indexOf(':'));
        }
    }

    /** What drives time. */
    enum Time implements School {
        COUNTED("counted", "counts of music"),
        CLOCKED("clocked", "the clock"),
        BY_REPS("by-reps", "counted reps"),
        BY_BREATHS("by-breaths", "breaths and holds"),
        MIXED_TIME("mixed-time", "all four, freely mixed");

        private final Term term;

        Time(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** What a warm-up is made of. */
    enum WarmUp implements School {
        REHEARSAL("rehearsal", "rehearsal of its own moves"),
        GENERAL("general", "general jog or jacks"),
        MOBILITY_FLOW("mobility-flow", "mobility flow"),
        RAMP("ramp", "none, the class itself ramps");

        private final Term term;

        WarmUp(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** Whether held stretches come first. */
    enum FirstStretch implements School {
        HELD_FIRST("held-first", "held stretches in the warm-up"),
        MOVING_FIRST("moving-first", "moving first, held at the end");

        private final Term term;

        FirstStretch(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** How long a stretch is held. */
    enum StretchHold implements School {
        ONE_EIGHT("one-eight", "one eight"),
        TEN_TO_FIFTEEN("ten-to-fifteen", "10 to 15 s"),
        TWENTY_TO_THIRTY("twenty-to-thirty", "20 to 30 s"),
        THIRTY_TO_SIXTY("thirty-to-sixty", "30 to 60 s");

        private final Term term;

        StretchHold(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** How the sides follow each other. */
    enum Sides implements School {
        FINISH_ONE("finish-one", "finish one side"),
        ALTERNATE_REPS("alternate-reps", "alternate reps"),
        SIDE_A_ROUND("side-a-round", "second side in the next round"),
        SIDES_PER_EXERCISE("sides-per-exercise", "as each exercise asks");

        private final Term term;

        Sides(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** How far knees go in squats and lunges. */
    enum Knees implements School {
        NEVER_PAST("never-past", "never past the toes", "knees stay behind the toes"),
        OVER_LACES("over-laces", "over the laces", "knees over the laces"),
        IN_LINE("in-line", "in line with toes, to comfort",
                "knees in line with the toes, as deep as is comfortable");

        private final Term term;
        private final String cue;

        Knees(String key, String words, String cue) {
            term = new Term(key, words);
            this.cue = cue;
        }

        /** Returns what is said of the knees: "knees over the laces". */
        public String cue() {
            return cue;
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** In which order areas are toned. */
    enum Order implements School {
        LARGE_TO_SMALL("large-to-small", "large to small"),
        IN_TURN("in-turn", "lower, upper, trunk in turn"),
        ONE_AREA("one-area", "one area finished, then the next"),
        IN_CIRCUIT("in-circuit", "circuit"),
        ALTERNATE("alternate", "alternate areas, compound first");

        private final Term term;

        Order(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** How a group rests. */
    enum Rest implements School {
        KEEP_MOVING("keep-moving", "keep moving"),
        FULL_REST("full-rest", "full rest"),
        REST_PER_PAUSE("rest-per-pause", "as each pause asks");

        private final Term term;

        Rest(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** How high the impact may be. */
    enum Impact implements School {
        LOW_ONLY("low-only", "low only"),
        HOPS_AS_OPTION("hops-as-option", "hops as an option");

        private final Term term;

        Impact(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** What an equal dose is. */
    enum EqualDose implements School {
        EQUAL_REPS("equal-reps", "equal reps"),
        EQUAL_TIME("equal-time", "equal time"),
        DOSE_PER_EXERCISE("dose-per-exercise", "reps or time by exercise");

        private final Term term;

        EqualDose(String key, String words) {
            term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }
}
