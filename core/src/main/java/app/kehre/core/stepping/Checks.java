package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.Collections;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.function.Function;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.Patterned;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;

/** All that is asked of a combination. */
public final class Checks {

    private static final List<Check> ALL = List.of(new SlipCheck(), new PhraseCheck(), new OneLegCheck(),
            new HopCheck(), new SameLeadCheck(), new NewMovesCheck(), new RepeaterCheck(), new TempoCheck(),
            new RepeatCheck());

    /** What is asked of a move in a count pattern, whose phrases and novelty are the dose's and the segment's. */
    private static final List<Check> OF_PATTERN = List.of(new SlipCheck(), new OneLegCheck(), new HopCheck(),
            new SameLeadCheck(), new RepeatCheck());

    /** The keys of what is found. */
    public static final Set<CheckKey> KEYS = Collections.unmodifiableSet(
            EnumSet.range(CheckKey.FOOT, CheckKey.REPEAT));

    private Checks() {}

    /**
     * Returns what is wrong with a combination, in the order in which it happens, the more serious first.
     *
     * @param moves the moves that may be used to mend it
     * @param into puts a mended combination in its place in the class
     */
    public static List<Finding> of(Combination combination, Conditions conditions, List<Exercise> moves,
            Function<Combination, ClassPlan> into) {
        return found(combination, conditions).stream().map(each -> each.withRemedy(
                () -> new Repairs(combination, conditions, moves, each).all().stream()
                        .map(repair -> Way.of(repair.said(),
                                into.apply(repair.mended())))
                        .toList()))
                .toList();
    }

    /** Returns what is wrong with a combination by itself, without ways to mend it. */
    public static List<Finding> of(Combination combination, Conditions conditions) {
        return found(combination, conditions);
    }

    /** Returns what is wrong with the feet, the legs, the hops and the lead of a move in a count pattern, without mends. */
    public static List<Finding> ofPattern(Patterned danced, Conditions conditions) {
        return found(OF_PATTERN, danced.dance(), conditions);
    }

    /** What is wrong, without ways to mend it. */
    static List<Finding> found(Combination combination, Conditions conditions) {
        return found(ALL, combination, conditions);
    }

    private static List<Finding> found(List<Check> checks, Combination combination, Conditions conditions) {
        Checked checked = new Checked(combination, Dance.of(combination), conditions);
        List<Finding> found = new ArrayList<>();
        checks.forEach(check -> found.addAll(check.of(checked)));
        found.sort(Comparator.comparing((Finding each) -> each.place().beat().orElseThrow().count())
                .thenComparing(Finding::severity));
        return found;
    }
}
