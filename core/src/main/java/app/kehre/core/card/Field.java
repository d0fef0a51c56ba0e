package app.kehre.core.card;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A field of an exercise's card. Lists are set off by semicolons, what is done by line breaks. */
public enum Field implements Named {
    /** The name. */
    NAME("name", "name", "Squat with a towel", true),
    /** Other names. */
    OTHER_NAMES("other-names", "other names", "towel squat; knee bend with towel", false),
    /** The family. */
    FAMILY("family", "family", "legs and hips", true),
    /** The roles. */
    ROLES("roles", "roles", "toning; warm-up", true),
    /** The movement pattern. */
    PATTERN("pattern", "pattern", "squat", true),
    /** The muscle groups with their shares. */
    MUSCLES("muscles", "muscles", "buttocks 1; front of the thigh 1; lower back 0.5", false),
    /** What the muscles work against. */
    RESISTANCE("resistance", "works against", "body weight", false),
    /** The muscle groups that work against what is held, where the others do not. */
    HELD("held", "with the load", "lower back", false),
    /** The joints that carry load. */
    LOADS("loads", "joints loaded", "knee; hip", false),
    /** The joints that are made ready. */
    PREPARES("prepares", "joints prepared", "hip; ankle", false),
    /** The impact. */
    IMPACT("impact", "impact", "none", true),
    /** The METs. */
    METS("mets", "METs", "5.0, Kehre's estimate, after 02052", true),
    /** How hard a usual set feels. */
    EFFORT("effort", "effort of a set", "5", false),
    /** The position. */
    POSITION("position", "position", "standing", true),
    /** The other positions. */
    OTHER_POSITIONS("other-positions", "or", "seated on a chair; standing", false),
    /** The facing. */
    FACING("facing", "facing", "front", true),
    /** What the feet do. */
    FOOTWORK("footwork", "footwork", "A side, b knee", false),
    /** The equipment. */
    EQUIPMENT("equipment", "equipment", "towel", false),
    /** Stand-ins. */
    STAND_INS("stand-ins", "stand-ins", "towel: a scarf", false),
    /** The exercise without the kit. */
    WITHOUT("without", "without kit", "squat", false),
    /** The usual dose. */
    DOSE("dose", "usual dose", "2 x 12 reps, rest 15 s", true),
    /** The least dose. */
    LEAST("least", "least dose", "8 reps", false),
    /** The most. */
    MOST("most", "most dose", "3 x 15 reps, rest 15 s", false),
    /** The length of a rep. */
    REP("rep", "one rep", "4 counts", false),
    /** The load. */
    LOAD("load", "load", "none", false),
    /** The set-up. */
    SET_UP("set-up", "set up", "Feet hip-wide, towel in both hands.", true),
    /** How it is done. */
    HOW("how", "do", "Sit back and down, stand up tall.", true),
    /** The breathing. */
    BREATHING("breathing", "breathe", "Out on the way up.", false),
    /** The alignment. */
    ALIGNMENT("alignment", "alignment", "knees in line with the toes; back long", false),
    /** The usual fault. */
    FAULT("fault", "usual fault", "Knees fall in: press the floor apart.", false),
    /** Whether everybody knows it. */
    EVERYDAY("everyday", "known to all", "yes", false),
    /** Whether classes are built of it. */
    STAPLE("staple", "often taught", "yes", false),
    /** What is called out. */
    CUES("cues", "cue words",
            "see: heels down; do: sit back, stand tall; feel: thighs and seat; breathe: out coming up",
            false),
    /** The easier option. */
    EASIER("easier", "easier", "half way: half the depth", true),
    /** The harder option. */
    HARDER("harder", "harder", "pause low: hold two seconds at the bottom", true),
    /** The cautions. */
    CAUTIONS("cautions", "cautions", "knee: depth to comfort > hip-lift", false);

    private final Term term;
    private final String example;
    private final boolean required;

    Field(String key, String words, String example, boolean required) {
        this.term = new Term(key, words);
        this.example = example;
        this.required = required;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns how it is written. */
    public String example() {
        return example;
    }

    /** Returns whether it must not be empty. */
    public boolean required() {
        return required;
    }
}
