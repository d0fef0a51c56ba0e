package app.kehre.core.timeline;

/** What happens in a span. */
public enum Phase {
    /** The instructor speaks, nobody works. */
    TALK("talk"),
    /** A break: water, kit, music. */
    PAUSE("pause"),
    /** Explaining and showing while the work stops. */
    EXPLAIN("explain"),
    /** Kit is set up, taken, changed or put away. */
    SET_UP("set-up"),
    /** Down to the floor, up from it, to the wall. */
    TRANSITION("transition"),
    /** Moving: reps, counts, or work by the clock. */
    WORK("work"),
    /** Staying in a position. */
    HOLD("hold"),
    /** Resting between sets or rounds. */
    REST("rest"),
    /** Changing to the other side. */
    SIDE_CHANGE("side-change");

    private final String words;

    Phase(String words) {
        this.words = words;
    }

    /** Returns the phase in words, as in exported timelines. */
    public String words() {
        return words;
    }
}
