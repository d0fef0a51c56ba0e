package app.kehre.core.choreography;

import java.time.Duration;
import java.util.List;

import app.kehre.core.value.Side;

/** A stage that is not yet fitted: what it teaches and how often it shall be danced. */
final class Rung {

    /** Eights in a phrase, in which a hold is counted. */
    static final int PHRASE = 4;

    final Stage.Label label;
    final List<DancedMove> content;
    /** The rounds on both leads that it takes by itself, and how many make sense. */
    final Growth growth;
    private final int pass;
    private final boolean walks;
    int right;
    int left;
    boolean fixed;
    /** Whether the instructor set a hold or a stop before it, so that it may be danced less but not be left out. */
    boolean kept;
    Duration stop = Duration.ZERO;

    /**
     * How often a stage is danced when nothing is said.
     *
     * @param natural the rounds that it takes by itself; the phrases of a hold
     * @param most the rounds that make sense
     * @param weight how many rounds it gets for each one of a stage of weight 1
     */
    record Growth(int natural, int most, int weight) {}

    /** @param pass the eights of one pass; of a hold, those of a phrase */
    Rung(Stage.Label label, List<DancedMove> content, Growth growth, int pass, boolean walks) {
        this.label = label;
        this.content = content;
        this.growth = growth;
        this.pass = pass;
        this.walks = walks;
        set(growth.natural());
    }

    /** Sets the rounds on both leads, or the phrases of a hold. */
    void set(int rounds) {
        right = rounds;
        left = hold() ? 0 : rounds;
    }

    /** Takes over what the instructor said. */
    void fix(Rounds own) {
        switch (own) {
            case Rounds.Leads leads -> {
                right = leads.right();
                left = leads.left();
            }
            case Rounds.Held held -> set(held.phrases());
            case Rounds.Shown _ -> throw new IllegalArgumentException("A stop is no stage.");
        }
        fixed = true;
    }

    /** Returns the rounds on both leads that are begun; the phrases of a hold. */
    int rounds() {
        return Math.max(right, left);
    }

    /** Returns whether a hold in which people walk must lie between the leads. */
    boolean walks() {
        return walks;
    }

    /** Returns the eights of one pass. */
    int pass() {
        return pass;
    }

    /** Returns the eights that a round on both leads takes; of a hold, a phrase. */
    int round() {
        return hold() ? pass : 2 * pass;
    }

    /** Returns the eights that it takes. */
    int eights() {
        return eights(right, left);
    }

    /** Returns the eights that it takes when it is danced once on both leads. */
    int once() {
        return eights(1, hold() ? 0 : 1);
    }

    private int eights(int onRight, int onLeft) {
        int walked = walks ? PHRASE * ((onRight > 0 ? 1 : 0) + (onLeft > 0 ? 1 : 0)) : 0;
        return (onRight + onLeft) * pass + walked;
    }

    /** Returns the passes on a lead. */
    int on(Side lead) {
        return lead == Side.RIGHT ? right : left;
    }

    boolean hold() {
        return label.kind() == Stage.Kind.HOLD;
    }

    boolean taught() {
        return label.kind() == Stage.Kind.FINISHED || label.kind() == Stage.Kind.FINALE;
    }

    /** Returns how often it is danced. */
    Rounds how() {
        return hold() ? new Rounds.Held(right) : new Rounds.Leads(right, left);
    }
}
