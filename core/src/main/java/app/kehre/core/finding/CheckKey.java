package app.kehre.core.finding;

import java.util.EnumSet;
import java.util.Set;

import app.kehre.core.brief.ClassPart;

/** What is asked of a class and of its combinations, each by the key that is stored and never changes. */
public enum CheckKey {
    OVER_SLOT("over-slot"),
    UNDER_SLOT("under-slot"),
    SHORT_WARM_UP("short-warm-up"),
    SHORT_COOL_DOWN("short-cool-down"),
    NO_EXPLAINING("no-explaining"),
    CHANGEOVER("changeover"),
    /** Talk while nobody moves. */
    LONG_TALK("long-talk"),
    NO_WATER("no-water"),
    ENDS_ON_A_PEAK("ends-on-a-peak"),
    NOTHING_SPARE("nothing-spare"),
    JUMP("jump"),
    PEAK_OUTSIDE("peak-outside"),
    /** The hardest moment comes near the start. */
    EARLY_PEAK("early-peak"),
    /** The first minutes are hard work already. */
    COLD_START("cold-start"),
    STOP_AFTER_PEAK("stop-after-peak"),
    TARGET_MISSED("target-missed"),
    /** A toning or core part feels too light, or too hard. */
    TONING_MISSED("toning-missed"),
    LONG_IMPACT("long-impact"),
    COLD_PAUSE("cold-pause"),
    COOL_DOWN_HIGH("cool-down-high"),
    PROMISED_AREA("promised-area"),
    /** A quality that was promised has not its share of the class. */
    PROMISED_QUALITY("promised-quality"),
    RATIO("ratio"),
    ON_END("on-end"),
    SMALL_FIRST("small-first"),
    STANDING_LEG("standing-leg"),
    SIDES("sides"),
    NOT_PREPARED("not-prepared"),
    NO_PREVIEW("no-preview"),
    HOLD_BEFORE_POWER("hold-before-power"),
    NOT_RELEASED("not-released"),
    SHORT_HOLD("short-hold"),
    STRETCH_SIDES("stretch-sides"),
    /** The foot is not free. */
    FOOT("foot"),
    /** The place where one stands is wrong. */
    STANDING_PLACE("place"),
    FACING("facing"),
    /** Forward off the bench, or springing down from it. */
    OFF_THE_BENCH("off-the-bench"),
    /** A phrase is not filled, or a move runs over its end. */
    PHRASE("phrase"),
    /** One leg bears or lifts too long. */
    ONE_LEG("one-leg"),
    HOPS("hops"),
    SAME_LEAD("same-lead"),
    NEW_MOVES("new-moves"),
    /** Two repeaters in a phrase, or one done twice. */
    REPEATERS("repeaters"),
    /** The music does not suit the bench or the floor. */
    DANCE_TEMPO("dance-tempo"),
    /** A combination cannot be repeated from where it ends. */
    REPEAT("repeat"),
    /** A part of a count pattern that its move cannot be done in, or legs that do not do the same. */
    PATTERN("pattern"),
    /** A wished time that a build-up cannot meet, a stage that cannot be danced. */
    STAGES("stages"),
    /** Work by the clock that changing over and explaining take away. */
    LOST_WORK("lost-work"),
    /** More of an exercise than makes sense. */
    DOSE_OVER_MOST("dose-over-most"),
    CIRCUIT_OF_ONE("circuit-of-one"),
    /** Neighbouring stations work the same area. */
    SAME_STATIONS("same-stations"),
    CHAIRS_TO_FLOOR("chairs-to-floor"),
    /** The class ends on the floor. */
    ENDS_DOWN("ends-down"),
    /** Strength is promised, and what is there to work against is not used. */
    NO_RESISTANCE("no-resistance"),
    CORE_WITHOUT_CORE("core-without-core"),
    /** One move for minutes, with nothing new. */
    MONOTONY("monotony"),
    /** Too many different exercises. */
    TOO_MANY("too-many"),
    /** Too much that the group does not know. */
    MANY_NEW("many-new"),
    /** Turns, repeaters, ways over the bench before the basics. */
    HARD_FIRST("hard-first"),
    FLOOR_CHANGES("floor-changes"),
    KIT_CHANGES("kit-changes"),
    TOO_LITTLE("too-little"),
    NOT_LAID_OUT("not-laid-out"),
    TRAVEL_ROOM("travel-room"),
    NO_OPTION("no-option"),
    CAUTION("caution"),
    NO_BALANCE_SCREEN("no-balance-screen"),
    /** A screen says what to do instead of a line that is gone, or was before it. */
    SCREEN_WITHOUT_LINE("screen-without-line"),
    ON_THE_BACK("on-the-back"),
    HARD_HOLD("hard-hold"),
    SCREENING("screening"),
    TEMPO("tempo"),
    STRETCH_TEMPO("stretch-tempo"),
    /** Reps by the second that drift away from the music. */
    NOT_CARRIED("not-carried"),
    /** No check: judging itself failed. */
    UNJUDGED("unjudged");

    /** Those that ask whether the class fills its slot and fits in it, which the time itself shows. */
    private static final Set<CheckKey> OF_THE_SLOT = EnumSet.of(OVER_SLOT, UNDER_SLOT);

    /** Those that are about how the class goes as a whole: at another line they say the same of it. */
    private static final Set<CheckKey> OF_THE_WHOLE = EnumSet.of(NO_WATER, ENDS_ON_A_PEAK, PEAK_OUTSIDE,
            EARLY_PEAK,
            COOL_DOWN_HIGH);

    /** Those that say nothing which is not seen where the class ends and where its slot. */
    private static final Set<CheckKey> SEEN_BY_THE_END = EnumSet.of(OVER_SLOT, UNDER_SLOT, NOTHING_SPARE);

    /** Those that ask for what a class begins with, which a later part of one does not. */
    private static final Set<CheckKey> OF_THE_BEGINNING = EnumSet.of(SHORT_WARM_UP, NOT_PREPARED, NO_PREVIEW,
            SCREENING, COLD_START);

    /** Those that ask how people go home. */
    private static final Set<CheckKey> OF_THE_END = EnumSet.of(SHORT_COOL_DOWN, ENDS_ON_A_PEAK, NOT_RELEASED,
            ENDS_DOWN);

    private final String key;

    CheckKey(String key) {
        this.key = key;
    }

    /** Returns what is stored. */
    public String key() {
        return key;
    }

    /** Returns whether who knows where the class ends knows it. */
    public boolean seenByTheEnd() {
        return SEEN_BY_THE_END.contains(this);
    }

    /** Returns whether it is asked of such a part of a class. */
    public boolean isAskedOf(ClassPart part) {
        return (part.begins() || !OF_THE_BEGINNING.contains(this))
                && (part.ends() || !OF_THE_END.contains(this));
    }

    /** Returns whether it is about the class as a whole, at whichever line it shows. */
    public boolean ofTheWhole() {
        return OF_THE_WHOLE.contains(this);
    }

    /** Returns whether it asks how the class fits in its slot. */
    public boolean ofTheSlot() {
        return OF_THE_SLOT.contains(this);
    }
}
