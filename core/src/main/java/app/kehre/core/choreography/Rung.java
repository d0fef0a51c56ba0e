package app.kehre.core.choreography;

import java.util.List;

/** A stage that is not yet fitted: what it teaches and how many rounds of it there shall be. */
final class Rung {

    final String key;
    final String title;
    final Stage.Kind kind;
    final int combination;
    final List<Part> content;
    final int most;
    final int weight;
    private final boolean walks;
    int rounds = 1;
    boolean fixed;

    /**
     * @param most the rounds that make sense
     * @param weight how many rounds it gets for each one of a stage of weight 1
     */
    Rung(String key, String title, Stage.Kind kind, int combination, List<Part> content, int most,
            int weight, Passes passes) {
        this.key = key;
        this.title = title;
        this.kind = kind;
        this.combination = combination;
        this.content = content;
        this.most = most;
        this.weight = weight;
        this.walks = kind != Stage.Kind.HOLD && passes.walks(content);
    }

    /** Returns whether a hold in which people walk must lie between the leads. */
    boolean walks() {
        return walks;
    }

    /** Returns the phrases of one pass. */
    int pass() {
        return kind == Stage.Kind.HOLD ? 1 : Passes.phrases(content);
    }

    /** Returns the phrases that a round on both leads takes; of a hold, one. */
    int round() {
        return kind == Stage.Kind.HOLD ? 1 : 2 * pass();
    }

    /** Returns the phrases that it takes. */
    int phrases() {
        return rounds == 0 ? 0 : rounds * round() + (walks ? 2 : 0);
    }

    boolean hold() {
        return kind == Stage.Kind.HOLD;
    }
}
