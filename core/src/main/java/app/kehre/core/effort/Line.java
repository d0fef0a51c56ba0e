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
        return new Line(who, sampled(who, pieces, seconds, 1));
    }

    /** Predicts the shares at every so many seconds; within a piece the response is an exponential. */
    static float[] sampled(Participant who, List<Piece> pieces, int seconds, int step) {
        float[] shares = new float[Math.ceilDiv(seconds, step)];
        int longest = pieces.stream().mapToInt(piece -> piece.to() - piece.from()).max().orElse(0);
        double[] rising = powers(who.rising(), longest);
        double[] falling = powers(who.falling(), longest);
        double now = who.share(Demands.WALKING);
        for (Piece piece : pieces) {
            double goal = piece.demand().share(who);
            double off = now - goal;
            double[] left = off < 0 ? rising : falling;
            int from = piece.from();
            int to = Math.min(seconds, piece.to());
            for (int second = Math.ceilDiv(from, step) * step; second < to; second += step) {
                shares[second / step] = (float) (goal + off * left[second - from + 1]);
            }
            now = goal + off * left[Math.max(0, to - from)];
        }
        return shares;
    }

    /** What is left of a distance after so many seconds. */
    private static double[] powers(double constant, int longest) {
        double[] powers = new double[longest + 1];
        double once = Math.exp(-1 / constant);
        powers[0] = 1;
        for (int i = 1; i <= longest; i++) {
            powers[i] = powers[i - 1] * once;
        }
        return powers;
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
