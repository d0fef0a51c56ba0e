package app.kehre.core.effort;

/**
 * The predicted line of one participant through a class, second by second: a first-order response towards what is
 * asked for, rising faster than it falls; short pauses do not reset it.
 *
 * @param who whose line it is
 * @param shares of the heart-rate reserve, or in toning its like, for each second; do not change them
 */
public record Line(Participant who, float[] shares) {

    /** Returns the seconds that it lasts. */
    public int seconds() {
        return shares.length;
    }

    /**
     * Returns the share of the heart-rate reserve at a second, or in toning its like; of an empty class 0.
     *
     * @param second of the class, from 0
     */
    public double share(int second) {
        return shares.length == 0 ? 0 : shares[Math.clamp(second, 0, shares.length - 1)];
    }

    /**
     * Returns the effort at a second, 0 to 10.
     *
     * @param second of the class, from 0
     */
    public double effort(int second) {
        return Scale.effort(share(second));
    }
}
