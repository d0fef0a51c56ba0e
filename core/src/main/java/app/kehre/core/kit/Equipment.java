package app.kehre.core.kit;

import java.util.Arrays;
import java.util.Optional;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A kind of equipment. Stand-ins are the usual ones (craft.md 1). */
public enum Equipment implements Named {
    /** A bench of 10 to 30 cm to step on. */
    STEP("step", "step", "steps", "a line on the floor, stepping over it", KitPlace.SET_OUT),
    /** A floor mat. */
    MAT("mat", "mat", "mats", "a folded blanket", KitPlace.AT_HAND),
    /** Hand weights. */
    WEIGHT("weight", "weight", "weights", "a filled bottle in each hand", KitPlace.BY_THE_WALL),
    /** A long elastic band. */
    LONG_BAND("long band", "long band", "long bands", "a towel pulled apart", KitPlace.BY_THE_WALL),
    /** An elastic loop. */
    LOOP_BAND("looped band", "looped band", "looped bands", "no band, slower", KitPlace.BY_THE_WALL),
    /** A weight with a handle on top. */
    KETTLE_WEIGHT("kettle-shaped weight", "kettle-shaped weight", "kettle-shaped weights",
            "a hand weight held upright in both hands", KitPlace.BY_THE_WALL),
    /** A weighted bar for both hands. */
    LONG_BAR("long bar", "long bar", "long bars", "a broom handle, or two weights", KitPlace.BY_THE_WALL),
    /** A soft ball of 20 to 25 cm. */
    SMALL_BALL("small ball", "small ball", "small balls", "a rolled towel or a cushion",
            KitPlace.BY_THE_WALL),
    /** Two discs that slide under hands or feet. */
    DISC("gliding disc", "gliding disc", "gliding discs", "folded cloths on a smooth floor",
            KitPlace.BY_THE_WALL),
    /** A firm roller to lie and roll on. */
    ROLLER("roller", "roller", "rollers", "a tightly rolled mat", KitPlace.BY_THE_WALL),
    /** A firm block that brings the floor nearer. */
    BLOCK("block", "block", "blocks", "a thick book", KitPlace.BY_THE_WALL),
    /** A towel. */
    TOWEL("towel", "towel", "towels", "a folded jacket", KitPlace.AT_HAND),
    /** A chair that does not roll. */
    CHAIR("chair", "chair", "chairs", "the wall", KitPlace.BY_THE_WALL),
    /** A free stretch of wall. */
    WALL("wall", "free wall", "free wall", "a partner's shoulder", KitPlace.FIXED),
    /** No shoes. */
    BARE_FEET("bare feet", "bare feet", "bare feet", "thin soles", KitPlace.WORN);

    private final Term term;
    private final String many;
    private final String standIn;
    private final KitPlace usualPlace;

    Equipment(String key, String one, String many, String standIn, KitPlace usualPlace) {
        this.term = new Term(key, one);
        this.many = many;
        this.standIn = standIn;
        this.usualPlace = usualPlace;
    }

    @Override
    public Term term() {
        return term;
    }

    /**
     * Returns the noun for so many pieces.
     *
     * @param number 0 or more
     */
    public String noun(int number) {
        return number == 1 ? words() : many;
    }

    /** Returns what stands in for it, in words. */
    public String standIn() {
        return standIn;
    }

    /** Returns whether few halls have it, so that it is there only where it was counted. */
    public boolean rare() {
        return compareTo(KETTLE_WEIGHT) >= 0 && compareTo(BLOCK) <= 0;
    }

    /** Returns where it lies unless the brief says otherwise. */
    public KitPlace usualPlace() {
        return usualPlace;
    }

    /** Finds a kind by its key, singular or plural. */
    public static Optional<Equipment> find(String word) {
        return Arrays.stream(values())
                .filter(kind -> kind.key().equals(word) || kind.words().equals(word)
                        || kind.many.equals(word))
                .findFirst();
    }
}
