package app.kehre.core.pace;

import java.util.Locale;
import java.util.Optional;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/** A named quantity of the pace, with its usual value. All are Kehre's estimates (figures.md, "Pace"). */
public enum Quantity implements Named {
    /** Standing still before an exercise that is new in this class. */
    NEW("new", "to a new exercise", PaceUnit.SECONDS, new ByStyle(4, 25, 40)),
    /** The same where it is known, or comes again in a later round. */
    KNOWN("known", "to a known exercise", PaceUnit.SECONDS, new ByStyle(2, 8, 15)),
    /** Changing to the second side. */
    SIDE("side", "to the second side", PaceUnit.SECONDS, new ByStyle(3, 6, 15)),
    /** Into a held stretch. */
    STRETCH("stretch", "into a held stretch", PaceUnit.SECONDS, new ByStyle(3, 8, 20)),
    /** Showing a station before a block by the clock begins. */
    STATION("station", "to show a station", PaceUnit.SECONDS, new ByStyle(0, 10, 10)),
    /** The same where it is known. */
    STATION_KNOWN("station-known", "to name a known station", PaceUnit.SECONDS, new ByStyle(0, 5, 5)),
    /** Down to the floor, and up from it. */
    FLOOR("floor", "down to the floor, and up", PaceUnit.SECONDS, 8),
    /** Picking up or putting down weights within reach. */
    WITHIN_REACH("within-reach", "pick up or put down within reach", PaceUnit.SECONDS, 3),
    /** Fetching kit from the wall. */
    FETCH("fetch", "fetch from the wall", PaceUnit.SECONDS, 20),
    /** Putting kit away. */
    PUT_AWAY("put-away", "put away", PaceUnit.SECONDS, 12),
    /** A mat that lies there. */
    MAT("mat", "onto the mat that lies there", PaceUnit.SECONDS, 4),
    /** Laying a mat out. */
    LAY_MAT("lay-mat", "lay a mat out", PaceUnit.SECONDS, 12),
    /** A band on or off, risers changed. */
    BAND("band", "band on or off, risers", PaceUnit.SECONDS, 10),
    /** Setting up a chair or a step. */
    SET_UP("set-up", "set up a chair or step", PaceUnit.SECONDS, 15),
    /** From one rung to the next. */
    RUNG("rung", "rung to rung", PaceUnit.SECONDS, 3),
    /** From reps into a hold. */
    INTO_HOLD("into-hold", "reps to hold", PaceUnit.SECONDS, 2),
    /** From a hold into reps. */
    OUT_OF_HOLD("out-of-hold", "hold to reps", PaceUnit.SECONDS, 1),
    /** Between two sets when no rest is written. */
    SET("set", "between sets, no rest written", PaceUnit.SECONDS, 6),
    /** A breath. */
    BREATH("breath", "a breath", PaceUnit.SECONDS, 5),
    /** A deep breath, with the arms. */
    DEEP_BREATH("deep-breath", "a deep breath with arms", PaceUnit.SECONDS, 8),
    /** A spoken count, in a hold. */
    SPOKEN("spoken", "a spoken count", PaceUnit.SECONDS, 1.1),
    /** A pulse, a tap. */
    PULSE("pulse", "a pulse", PaceUnit.COUNTS, 2),
    /** Dancing a new piece of a combination until people have it: 60 to 120 s, a teaching range (figures.md, "Good classes"). */
    PIECE("piece", "to learn a piece of a combination", PaceUnit.SECONDS, new ByStyle(90, 90, 120)),
    /** Dancing a finished combination, or a finale. */
    WHOLE("whole", "to dance a finished combination", PaceUnit.SECONDS, new ByStyle(120, 120, 120)),
    /** Reps against their natural length. */
    REPS("reps", "reps, against their own length", PaceUnit.TIMES, 1),
    /** Slow reps against their natural length. */
    SLOW("slow", "slow reps, against their own length", PaceUnit.TIMES, 2),
    /** Quick reps against their natural length. */
    QUICK("quick", "quick reps, against their own length", PaceUnit.TIMES, 0.75);

    /** The floor of an older group, in seconds. Kehre's estimate. */
    static final double FLOOR_OLDER = 18;

    private final Term term;
    private final PaceUnit unit;
    private final ByStyle usual;
    private final boolean byStyle;

    Quantity(String key, String words, PaceUnit unit, ByStyle usual) {
        this.term = new Term(key, words);
        this.unit = unit;
        this.usual = usual;
        this.byStyle = true;
    }

    Quantity(String key, String words, PaceUnit unit, double usual) {
        this.term = new Term(key, words);
        this.unit = unit;
        this.usual = ByStyle.all(usual);
        this.byStyle = false;
    }

    @Override
    public Term term() {
        return term;
    }

    /** Returns what it is time for: "new exercise" of "to a new exercise". */
    public String noun() {
        return words().replaceFirst("^(in)?to (a|the) ", "");
    }

    /** Returns what it is measured in. */
    public PaceUnit unit() {
        return unit;
    }

    /** Returns whether it has a value for each teaching style. */
    public boolean byStyle() {
        return byStyle;
    }

    /** Returns what it is with a usual group. */
    ByStyle usual() {
        return usual;
    }

    /** Returns whether the group waits in it, so that it can be nothing at all. */
    public boolean isWait() {
        return unit == PaceUnit.SECONDS && least() == 0;
    }

    /** Returns the least value: what takes time may take none, what moves takes some. */
    public double least() {
        return switch (this) {
            case BREATH, DEEP_BREATH -> 1;
            case SPOKEN -> 0.5;
            case PIECE, WHOLE -> 10;
            default -> switch (unit) {
                case SECONDS -> 0;
                case COUNTS -> 1;
                case TIMES -> 0.5;
            };
        };
    }

    /** Returns the greatest value: a guard against slips of the pen. */
    public double most() {
        return switch (this) {
            case BREATH, DEEP_BREATH -> 30;
            case SPOKEN -> 3;
            case PIECE, WHOLE -> 300;
            default -> switch (unit) {
                case SECONDS -> 120;
                case COUNTS -> 8;
                case TIMES -> 4;
            };
        };
    }

    /**
     * Returns the sentence against a value out of range, or nothing.
     *
     * @param value in its unit
     */
    public Optional<String> problem(double value) {
        return value >= least() && value <= most()
                ? Optional.empty()
                : Optional.of("\"%s\" must be from %s to %s%s, not %s.".formatted(words(), number(least()),
                        number(most()), unit.after(), number(value)));
    }

    /**
     * Returns a value with its unit, such as "1.1 s".
     *
     * @param value in its unit
     */
    public String print(double value) {
        return number(value) + unit.after();
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf(Math.round(value))
                : String.format(Locale.ROOT, "%.2f", value).replaceFirst("0$", "");
    }
}
