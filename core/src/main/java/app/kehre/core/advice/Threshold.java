package app.kehre.core.advice;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * A figure against which a class is judged, that the instructor can change for a class (figures.md). Each is a whole
 * number.
 */
public enum Threshold implements Named {
    /** Share of the slot for the warm-up, and for cool-down with stretch. */
    EDGE_SHARE("edge-share", "warm-up and cool-down, each of the slot", "%", 12, 0, 40,
            SourceKind.TEACHING_RANGE),
    /** Least minutes for each of them. */
    EDGE_LEAST("edge-least", "warm-up and cool-down at least", "min", 3, 0, 15, SourceKind.PUBLISHED),
    /** The same from a slot of half an hour. */
    EDGE_HALF_HOUR("edge-half-hour", "the same from a slot of 30 min", "min", 5, 0, 15, SourceKind.PUBLISHED),
    /** The same from a slot of three quarters of an hour. */
    EDGE_LONG("edge-long", "the same from a slot of 45 min", "min", 8, 0, 20, SourceKind.PUBLISHED),
    /** Minutes after which there is water. */
    WATER("water", "water at least every", "min", 20, 5, 60, SourceKind.TEACHING_RANGE),
    /** Seconds that shall be spare for a late start. */
    SPARE("spare", "spare for a late start", "s", 30, 0, 600, SourceKind.ESTIMATE),
    /** Share of the class that changing over may take. */
    CHANGEOVER("changeover", "changing over at most, of the class", "%", 12, 2, 50, SourceKind.ESTIMATE),
    /** Share of a block by the clock that may be lost to changing over and explaining. */
    LOST_WORK("lost-work", "work lost in a block by the clock at most", "%", 10, 0, 50, SourceKind.ESTIMATE),
    /** Where the warm-up starts. */
    WARM_UP_FROM("warm-up-from", "warm-up begins at", "% HRR", 25, 0, 100, SourceKind.ESTIMATE),
    /** Where the warm-up ends. */
    WARM_UP_TO("warm-up-to", "warm-up rises to", "% HRR", 50, 0, 100, SourceKind.ESTIMATE),
    /** Aerobic, regulars. */
    AEROBIC_FROM("aerobic-from", "aerobic part from", "% HRR", 50, 0, 100, SourceKind.ESTIMATE),
    /** Aerobic, regulars. */
    AEROBIC_TO("aerobic-to", "aerobic part to", "% HRR", 75, 0, 100, SourceKind.ESTIMATE),
    /** Aerobic, older and returning. */
    GENTLE_FROM("gentle-from", "aerobic part, older or returning, from", "% HRR", 40, 0, 100,
            SourceKind.ESTIMATE),
    /** Aerobic, older and returning. */
    GENTLE_TO("gentle-to", "aerobic part, older or returning, to", "% HRR", 60, 0, 100, SourceKind.ESTIMATE),
    /** Aerobic, athletic. */
    ATHLETIC_TO("athletic-to", "aerobic part, athletic, to", "% HRR", 85, 0, 100, SourceKind.ESTIMATE),
    /** Interval peaks. */
    PEAKS_TO("peaks-to", "interval peaks to", "% HRR", 90, 0, 100, SourceKind.ESTIMATE),
    /** Toning. */
    TONING_FROM("toning-from", "toning from effort", "of 10", 4, 0, 10, SourceKind.ESTIMATE),
    /** Toning. */
    TONING_TO("toning-to", "toning to effort", "of 10", 7, 0, 10, SourceKind.ESTIMATE),
    /** Core. */
    CORE_FROM("core-from", "core from effort", "of 10", 3, 0, 10, SourceKind.ESTIMATE),
    /** Core. */
    CORE_TO("core-to", "core to effort", "of 10", 6, 0, 10, SourceKind.ESTIMATE),
    /** Cool-down. */
    COOL_DOWN_TO("cool-down-to", "cool-down ends under", "% HRR", 40, 0, 100, SourceKind.ESTIMATE),
    /** Stretch. */
    STRETCH_TO("stretch-to", "stretch under", "% HRR", 30, 0, 100, SourceKind.ESTIMATE),
    /** What counts as a jump. */
    JUMP("jump", "a jump within 60 s is more than", "points of HRR", 25, 5, 100, SourceKind.ESTIMATE),
    /** Minutes after a vigorous peak before people lie down or stop. */
    AFTER_PEAK("after-peak", "after a vigorous peak keep moving for", "s", 120, 0, 600,
            SourceKind.TEACHING_RANGE),
    /** Share of the aerobic parts that shall be inside the target. */
    INSIDE("inside", "of the aerobic parts inside the target at least", "%", 50, 0, 100, SourceKind.ESTIMATE),
    /** Minutes of high impact on end. */
    IMPACT("impact", "high impact on end at most", "s", 180, 20, 1200, SourceKind.ESTIMATE),
    /** A still pause that stops people. */
    COLD_PAUSE("cold-pause", "a still pause between cardio at most", "s", 60, 10, 300,
            SourceKind.TEACHING_RANGE),
    /** Share of the load that a promised area shall have. */
    PROMISED("promised", "a promised area works at least", "s", 90, 10, 900, SourceKind.ESTIMATE),
    /** Acceptable ratio, the smaller side, in per cent. */
    RATIO("ratio", "push to pull and front to back at least", "%", 67, 20, 100, SourceKind.ESTIMATE),
    /** How far sides may differ. */
    SIDES("sides", "sides differ at most", "%", 10, 0, 50, SourceKind.ESTIMATE),
    /** How long one muscle group works on end before it is worth a word. */
    ON_END("on-end", "one muscle group on end at most", "s", 150, 30, 900, SourceKind.ESTIMATE),
    /** The load of a muscle group that shall be released. */
    RELEASE_FROM("release-from", "what works longer than this is stretched", "s", 120, 20, 1200,
            SourceKind.ESTIMATE),
    /** A held stretch. */
    STRETCH_HOLD("stretch-hold", "a held stretch of the setting, shorter by at most", "s", 0, 0, 30,
            SourceKind.PUBLISHED),
    /** A static hold before power. */
    STATIC_HOLD("static-hold", "a muscle group held before power at most", "s", 60, 10, 300,
            SourceKind.PUBLISHED),
    /** Load on a joint before which it is prepared. */
    PREPARE_FROM("prepare-from", "a joint that carries longer than this is prepared", "s", 20, 0, 300,
            SourceKind.ESTIMATE),
    /** Floor changes. */
    FLOOR_CHANGES("floor-changes", "down to the floor at most", "times", 3, 1, 20, SourceKind.ESTIMATE),
    /** Kit changes. */
    KIT_CHANGES("kit-changes", "each kind of kit fetched at most", "times", 2, 1, 20, SourceKind.ESTIMATE),
    /** On the back in pregnancy. */
    ON_THE_BACK("on-the-back", "on the back in pregnancy at most", "s", 120, 10, 600, SourceKind.PUBLISHED),
    /** Hard holds with high blood pressure. */
    HARD_HOLD("hard-hold", "a hard hold with high blood pressure at most", "s", 30, 5, 300,
            SourceKind.TEACHING_RANGE),
    /** Explaining. */
    EXPLAINED("explained", "explaining of the main part at least", "s for each new exercise", 5, 0, 60,
            SourceKind.ESTIMATE);

    private final Term term;
    private final String unit;
    private final int usual;
    private final int least;
    private final int most;
    private final SourceKind source;

    Threshold(String key, String words, String unit, int usual, int least, int most, SourceKind source) {
        this.term = new Term(key, words);
        this.unit = unit;
        this.usual = usual;
        this.least = least;
        this.most = most;
        this.source = source;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns the unit: "%", "min", "s", "% HRR", "of 10". */
    public String unit() {
        return unit;
    }

    /** Returns Kehre's value. */
    public int usual() {
        return usual;
    }

    /** Returns the least that it may be set to. */
    public int least() {
        return least;
    }

    /** Returns the most that it may be set to. */
    public int most() {
        return most;
    }

    /** Returns what stands behind Kehre's value. */
    public SourceKind source() {
        return source;
    }
}
