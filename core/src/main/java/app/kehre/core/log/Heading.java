package app.kehre.core.log;

import java.time.Duration;
import java.time.LocalDateTime;

import app.kehre.core.plan.PlanId;
import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * Which class it was.
 *
 * @param plan which plan
 * @param title what the class was called
 * @param group the name of the group that comes each week; empty for none
 * @param began when it was begun, by the clock on the wall of its place
 * @param slot its slot
 * @param origin how it is known
 */
public record Heading(PlanId plan, String title, String group, LocalDateTime began, Duration slot,
        Origin origin) {

    /** How a class that was taught is known. */
    public enum Origin implements Named {
        /** It was taught with the program. */
        TAUGHT("taught", "taught with Kehre"),
        /** It was taught without the program, and written down afterwards: nothing is known of its lines but what was left out. */
        BY_HAND("by-hand", "logged by hand"),
        /** It was made up for a demonstration. */
        DEMO("demo", "made up for the demo");

        private final Term term;

        Origin(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }
    }

    /** Returns what tells it from all other classes. */
    public RecordKey key() {
        return new RecordKey(plan, began);
    }

    /** Returns the same as made up. */
    public Heading asDemo() {
        return new Heading(plan, title, group, began, slot, Origin.DEMO);
    }
}
