package app.kehre.desk.proposals;

/** What can be asked for. */
enum Wanted {
    /** The class, or a segment, ends in time. */
    FIT("Fit", "end by", "Find ways",
            "Kehre looks for the least change of doses, rounds, rests and lines with which the class ends there or just before."),
    /** The class starts late. */
    LATE("Late start", "by", "Find ways",
            "They started late, and the end is as hard as before: the least change with which the class still ends in its slot."),
    /** The class gets another slot. */
    RECUT("Other slot", "to", "Recut",
            "The class for a shorter or a longer slot: the ends as long as they must be, the main parts in their proportions, nothing new exchanged for what is yours."),
    /** The warm-up follows from the class. */
    WARM_UP("Warm-up", "in", "Derive",
            "The shortest warm-up that prepares what the class loads and shows what comes, filled up by its school, in a rising order."),
    /** The stretch follows from the class. */
    STRETCH("Stretch", "in", "Derive",
            "As much of what was loaded as fits, each held long enough, both sides, down to the floor once. What does not fit is to be taken home."),
    /** Parts in another order. */
    REGROUP("Regroup", "", "Find orders",
            "The order of each toning and core part in which the group goes down and changes kit as seldom as its order school allows."),
    /** What there is room for is drafted. */
    DRAFT("Draft", "", "Draft three",
            "Three classes from the brief: what is empty or far from its target is filled, what is there stays. Take what you like and draft again: the rest is drawn anew. If you do not keep what is there, only what is locked stays.");

    private final String words;
    private final String before;
    private final String asks;
    private final String hint;

    Wanted(String words, String before, String asks, String hint) {
        this.words = words;
        this.before = before;
        this.asks = asks;
        this.hint = hint;
    }

    String words() {
        return words;
    }

    /** Returns whether it takes a length. */
    boolean takesLength() {
        return !before.isEmpty();
    }

    /** Returns whether it can be asked of one segment alone. */
    boolean takesSegment() {
        return this == FIT || this == DRAFT;
    }

    /** Returns what stands before the length. */
    String before() {
        return before;
    }

    /** Returns what the button says that asks for it. */
    String asks() {
        return asks;
    }

    /** Returns what it is, in a sentence or two. */
    String hint() {
        return hint + " Nothing changes until you take it.";
    }
}
