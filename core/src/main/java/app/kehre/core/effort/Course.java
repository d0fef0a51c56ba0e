package app.kehre.core.effort;

import java.util.List;

/**
 * What a class asks for from its first second to its last, ready to be followed by one participant after another.
 *
 * @param pieces in order; they tile the class
 * @param seconds that the class lasts
 * @param longest seconds of one piece
 */
record Course(Piece[] pieces, int seconds, int longest) {

    /** Prepares the pieces of a class. */
    static Course of(List<Piece> pieces, int seconds) {
        int longest = 0;
        for (Piece piece : pieces) {
            longest = Math.max(longest, piece.to() - piece.from());
        }
        return new Course(pieces.toArray(Piece[]::new), seconds, longest);
    }

    /**
     * Predicts the line of a participant, who comes in from a walk to the hall; within a piece the response is an
     * exponential.
     *
     * @param step seconds from one share to the next
     */
    Line follow(Participant who, int step) {
        float[] shares = new float[Math.ceilDiv(seconds, step)];
        double[] rising = powers(who.rising());
        double[] falling = powers(who.falling());
        double now = who.share(Demands.WALKING);
        for (Piece piece : pieces) {
            double goal = piece.demand().share(who);
            double off = now - goal;
            double[] left = off < 0 ? rising : falling;
            int from = piece.from();
            int to = Math.min(seconds, piece.to());
            int at = Math.ceilDiv(from, step);
            for (int second = at * step; second < to; second += step) {
                shares[at] = (float) (goal + off * left[second - from + 1]);
                at++;
            }
            now = goal + off * left[Math.max(0, to - from)];
        }
        return new Line(who, shares);
    }

    /** What is left of a distance after so many seconds. */
    private double[] powers(double constant) {
        double[] powers = new double[longest + 1];
        double once = Math.exp(-1 / constant);
        powers[0] = 1;
        for (int i = 1; i <= longest; i++) {
            powers[i] = powers[i - 1] * once;
        }
        return powers;
    }
}
