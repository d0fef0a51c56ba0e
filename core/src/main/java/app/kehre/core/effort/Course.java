package app.kehre.core.effort;

import java.util.List;

/**
 * What a class asks for from its first second to its last, ready to be followed by one participant after another.
 *
 * @param pieces in order; they tile the class
 * @param seconds that the class lasts
 * @param longest seconds of one piece
 * @param warm whether people come from another part of the class, at a moderate effort
 */
record Course(Piece[] pieces, int seconds, int longest, boolean warm) {

    /** Prepares the pieces of a class. */
    static Course of(List<Piece> pieces, int seconds, boolean warm) {
        int longest = 0;
        for (Piece piece : pieces) {
            longest = Math.max(longest, piece.to() - piece.from());
        }
        return new Course(pieces.toArray(Piece[]::new), seconds, longest, warm);
    }

    /** The muscles answer within seconds and let go nearly as soon (figures.md, "response"). */
    private static final double LOCAL_RISING = 6;
    private static final double LOCAL_FALLING = 10;
    /** Less than this share of what the muscles feel is no longer felt. */
    private static final double UNFELT = 0.01;

    /**
     * Predicts the line of a participant, who comes in from a walk to the hall or, warm, from another part of the class:
     * the heart follows what is asked for slowly, the muscles within seconds, and what is felt is the greater of the two.
     * Within a piece each is an exponential.
     *
     * @param step seconds from one share to the next
     */
    Line follow(Participant who, int step) {
        float[] shares = new float[Math.ceilDiv(seconds, step)];
        Response heart = new Response(warm ? Band.MODERATE.from() : who.share(Demands.WALKING),
                powers(who.rising()),
                powers(who.falling()));
        Response local = new Response(0, powers(LOCAL_RISING), powers(LOCAL_FALLING));
        for (Piece piece : pieces) {
            int from = piece.from();
            int to = Math.min(seconds, piece.to());
            heart.towards(piece.demand().heart(who));
            local.towards(piece.demand().local(who));
            // Muscles that are asked for nothing still feel the piece before until it has faded. From then on the heart alone
            // counts: the tail of an exponential never quite ends, and would be looked at to the end of the class.
            boolean felt = local.goal > 0 || local.start > UNFELT;
            // Shares lie at whole multiples of the step, wherever pieces begin: so the lines of all participants can be laid
            // on top of each other and averaged, share by share.
            int at = Math.ceilDiv(from, step);
            for (int second = at * step; second < to; second += step) {
                // A share is what is reached at the end of its second: the first second of a piece has already moved.
                double share = heart.after(second - from + 1);
                shares[at] = (float) (felt ? Math.max(share, local.after(second - from + 1)) : share);
                at++;
            }
            // A piece that begins after the end of the class has no seconds: where it stood, it stands.
            heart.end(Math.max(0, to - from));
            local.end(Math.max(0, to - from));
        }
        return new Line(who, shares);
    }

    /** A first-order response, piece after piece. */
    private static final class Response {

        private final double[] rising;
        private final double[] falling;
        private double start;
        private double goal;
        private double[] left;

        private Response(double start, double[] rising, double[] falling) {
            this.start = start;
            this.goal = start;
            this.rising = rising;
            this.falling = falling;
            this.left = rising;
        }

        private void towards(double next) {
            goal = next;
            left = start < goal ? rising : falling;
        }

        private double after(int seconds) {
            return goal + (start - goal) * left[seconds];
        }

        private void end(int seconds) {
            start = after(seconds);
        }
    }

    /** What is left of a distance after so many seconds. */
    private double[] powers(double constant) {
        // The exponential is taken once a constant and not once a second: every participant is followed again after each
        // keystroke, over an hour of seconds.
        double[] powers = new double[longest + 1];
        double once = Math.exp(-1 / constant);
        powers[0] = 1;
        for (int i = 1; i <= longest; i++) {
            powers[i] = powers[i - 1] * once;
        }
        return powers;
    }
}
