package app.kehre.desk.teach;

import javafx.scene.input.KeyCode;

/** What a single key does in the hall. */
enum HallAction {
    /** Starts, pauses, goes on. */
    START("start", "start, pause, go on", KeyCode.SPACE),
    /** What runs is done. */
    NEXT("next", "done, on", KeyCode.RIGHT),
    /** Back. */
    BACK("back", "back", KeyCode.LEFT),
    /** One more. */
    ONE_MORE("one-more", "one more", KeyCode.PLUS),
    /** One less. */
    ONE_LESS("one-less", "one less", KeyCode.MINUS),
    /** Eight counts more. */
    EIGHT("eight-more", "eight counts more", KeyCode.DIGIT8),
    /** Another round. */
    ROUND("another-round", "another round", KeyCode.G),
    /** The line is left. */
    SKIP_LINE("skip-line", "skip the line", KeyCode.X),
    /** The side is left. */
    SKIP_SIDE("skip-side", "skip the side", KeyCode.S),
    /** The easier option for all. */
    EASIER("easier", "all do the easier option", KeyCode.E),
    /** The harder option for all. */
    HARDER("harder", "all do the harder option", KeyCode.H),
    /** The stand-in for all. */
    STAND_IN("stand-in", "all do the stand-in", KeyCode.I),
    /** There is more to say. */
    TALK("talk", "more to say: it stands", KeyCode.T),
    /** A side pays what it owes. */
    PAY("pay", "a side pays what it owes", KeyCode.O),
    /** A side is forgiven what it owes. */
    FORGIVE("forgive", "a side is forgiven", KeyCode.P),
    /** Straight to the way down. */
    FINISH("finish", "finish now: to the way down", KeyCode.F),
    /** The proposal is taken. */
    TAKE("take", "take the proposal", KeyCode.ENTER),
    /** Another way. */
    OTHER_WAY("other-way", "another way", KeyCode.N),
    /** Kehre takes its proposals by itself. */
    KEEP_ON_TIME("keep-on-time", "keep me on time", KeyCode.K),
    /** The last press is taken back. */
    UNDO("undo", "take the last press back", KeyCode.Z),
    /** The class is ready again. */
    START_OVER("start-over", "start over", KeyCode.R),
    /** Who faces whom. */
    FACING("facing", "face them, or turn round", KeyCode.M),
    /** The group's wall. */
    GROUP("group", "the group's wall", KeyCode.W),
    /** People are spread over the stations. */
    STATIONS("stations", "together, or spread out", KeyCode.U),
    /** Sounds on or off. */
    SOUNDS("sounds", "sounds", KeyCode.V),
    /** The click. */
    CLICK("click", "a click at the tempo", KeyCode.C),
    /** A rehearsal. */
    REHEARSE("rehearse", "rehearse: 10, 60, 1 x", KeyCode.Y),
    /** All keys. */
    KEYS("keys", "all keys", KeyCode.F1);

    private final String key;
    private final String words;
    private final KeyCode usual;

    HallAction(String key, String words, KeyCode usual) {
        this.key = key;
        this.words = words;
        this.usual = usual;
    }

    /** Returns the key under which a changed key is remembered. */
    String key() {
        return key;
    }

    /** Returns what it does, in a few words. */
    String words() {
        return words;
    }

    /** Returns its key, unless it is changed. */
    KeyCode usual() {
        return usual;
    }
}
