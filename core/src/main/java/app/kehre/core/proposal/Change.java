package app.kehre.core.proposal;

import java.util.List;
import java.util.Optional;
import java.util.function.UnaryOperator;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;

/**
 * One difference that a proposal would make. It can be taken by itself.
 *
 * @param entry the line that it is about; none where it is about more than one, or none
 * @param words what is done: "Squat: 10 reps instead of 14"
 * @param details the lines that belong to it, each with why it is proposed; none where its words say it all
 * @param kind what kind of change it is
 * @param made makes it in a plan
 */
public record Change(Optional<EntryId> entry, String words, List<String> details, Kind kind,
        UnaryOperator<ClassPlan> made) {

    /** What kinds of changes there are. */
    public enum Kind {
        /** The dose of a line. */
        DOSE,
        /** The rounds of a circuit. */
        ROUNDS,
        /** The rests of a circuit. */
        RESTS,
        /** The phrases of a build-up. */
        PHRASES,
        /** A line is left out. */
        OUT,
        /** A line, or all of a segment, is put in. */
        IN,
        /** Something of the class as a whole, or all that a mend does. */
        WHOLE;

        /** Returns whether it changes how a circuit or a build-up goes as a whole. */
        public boolean structural() {
            return this == ROUNDS || this == RESTS || this == PHRASES;
        }
    }

    public Change {
        details = List.copyOf(details);
    }

    /** Returns a change of one line that its words say all of. */
    public static Change of(EntryId line, String words, Kind kind, UnaryOperator<ClassPlan> made) {
        return new Change(Optional.of(line), words, List.of(), kind, made);
    }

    /** Makes changes one after the other. */
    public static ClassPlan all(ClassPlan plan, List<Change> changes) {
        ClassPlan changed = plan;
        for (Change change : changes) {
            changed = change.made.apply(changed);
        }
        return changed;
    }
}
