package app.kehre.core.effort;

import java.util.List;

/**
 * The predicted line of one participant through a class, second by second: a first-order response towards what is
 * asked for, rising faster than it falls; short pauses do not reset it.
 *
 * @param who whose line it is
 * @param shares of the heart-rate reserve, or in toning its like, for each second; do not change them
 */
public record Line(Participant who, float[] shares) {

    /**
     * Predicts the line of a participant, who comes in from a walk to the hall.
     *
     * @param pieces of the class, in order
     * @param seconds that the class lasts
     */
    static Line of(Participant who, List<Piece> pieces, int seconds) {
        float[] shares = new float[seconds];
        double rising = 1 - Math.exp(-1 / who.rising());
        double falling = 1 - Math.exp(-1 / who.falling());
        double now = who.share(Demands.WALKING);
        for (Piece piece : pieces) {
            double goal = piece.demand().share(who);
            int to = Math.min(seconds, piece.to());
            for (int second = piece.from(); second < to; second++) {
                now += (goal - now) * (goal > now ? rising : falling);
                shares[second] = (float) now;
            }
        }
        return new Line(who, shares);
    }

    /** Returns the seconds that it lasts. */
    public int seconds() {
        return shares.length;
    }

    /** Returns the share of the heart-rate reserve at a second, or in toning its like; of an empty class 0. */
    public double share(int second) {
        return shares.length == 0 ? 0 : shares[Math.clamp(second, 0, shares.length - 1)];
    }

    /** Returns the effort at a second, 0 to 10. */
    public double effort(int second) {
        return Scale.effort(share(second));
    }
}
