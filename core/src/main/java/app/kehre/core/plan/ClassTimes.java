package app.kehre.core.plan;

import java.time.Duration;

import app.kehre.core.value.Range;

/**
 * How long the things take that planners forget. Kehre's estimates (figures.md, "Time"), editable for each
 * class; each 0 to 120 s.
 *
 * @param explainNew explaining and showing a new exercise
 * @param explainKnown saying a known one
 * @param floor down to the floor, and up from it
 * @param sideChange changing side
 * @param weightsAtHand taking, changing or putting down weights that lie beside each person
 * @param fetch fetching kit from the wall
 * @param putAway putting kit away
 * @param setUp setting up a step or a chair, moving to the wall, shoes off or on
 * @param mat laying a mat
 * @param band putting a band on or off, changing risers
 */
public record ClassTimes(Duration explainNew, Duration explainKnown, Duration floor, Duration sideChange,
        Duration weightsAtHand, Duration fetch, Duration putAway, Duration setUp, Duration mat,
        Duration band) {

    /** Each of them. */
    public static final Range EACH = Range.ofSeconds("each of the class's times", 0, 120);
    /** The estimates of figures.md, "Time". */
    public static final ClassTimes USUAL = of(20, 5, 10, 4, 6, 25, 15, 20, 15, 10);
    /** The same for an older group: 20 s down to the floor, and up (figures.md, "Time"). */
    public static final ClassTimes OLDER = of(20, 5, 20, 4, 6, 25, 15, 20, 15, 10);

    public ClassTimes {
        EACH.check(explainNew);
        EACH.check(explainKnown);
        EACH.check(floor);
        EACH.check(sideChange);
        EACH.check(weightsAtHand);
        EACH.check(fetch);
        EACH.check(putAway);
        EACH.check(setUp);
        EACH.check(mat);
        EACH.check(band);
    }

    /** Returns times in seconds, in the order of the components. */
    public static ClassTimes of(int... seconds) {
        return new ClassTimes(s(seconds[0]), s(seconds[1]), s(seconds[2]), s(seconds[3]), s(seconds[4]),
                s(seconds[5]), s(seconds[6]), s(seconds[7]), s(seconds[8]), s(seconds[9]));
    }

    /** Returns the usual times of a group. */
    public static ClassTimes usual(boolean older) {
        return older ? OLDER : USUAL;
    }

    private static Duration s(int seconds) {
        return Duration.ofSeconds(seconds);
    }
}
