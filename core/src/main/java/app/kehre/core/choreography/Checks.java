package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import app.kehre.core.exercise.Exercise;

/** All that is asked of a combination. */
public final class Checks {

    private static final List<Check> ALL = List.of(new SlipCheck(), new PhraseCheck(), new OneLegCheck(),
            new HopCheck(), new SameLeadCheck(), new NewMovesCheck(), new TempoCheck(), new RepeatCheck());

    /** What is asked of a move in a count pattern, whose phrases and novelty are the dose's and the segment's. */
    private static final List<Check> OF_PATTERN = List.of(new SlipCheck(), new OneLegCheck(), new HopCheck(),
            new SameLeadCheck(), new RepeatCheck());

    private Checks() {}

    /**
     * Returns what is wrong with a combination, in the order in which it happens, the more serious first.
     *
     * @param moves the moves that may be used to mend it
     */
    public static List<Misstep> of(Combination combination, Conditions conditions, List<Exercise> moves) {
        return found(combination, conditions).stream()
                .map(each -> new Misstep(each.kind(), each.severity(), each.part(), each.count(), each.what(),
                        each.why(), each.source(),
                        () -> new Repairs(combination, conditions, moves, each).all()))
                .toList();
    }

    /** What is wrong, without ways to mend it. */
    static List<Misstep> found(Combination combination, Conditions conditions) {
        return found(ALL, combination, conditions);
    }

    /** What is wrong with a move in a count pattern, without ways to mend it. */
    static List<Misstep> ofPattern(Combination combination, Conditions conditions) {
        return found(OF_PATTERN, combination, conditions);
    }

    private static List<Misstep> found(List<Check> checks, Combination combination, Conditions conditions) {
        Checked checked = new Checked(combination, Dance.of(combination), conditions);
        List<Misstep> found = new ArrayList<>();
        checks.forEach(check -> found.addAll(check.of(checked)));
        found.sort(Comparator.comparing(Misstep::count).thenComparing(Misstep::severity));
        return found;
    }
}
