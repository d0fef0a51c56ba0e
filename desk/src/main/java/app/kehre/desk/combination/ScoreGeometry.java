package app.kehre.desk.combination;

/** Where things are in a foot score of a width: rows of eight counts, two lines a row. */
record ScoreGeometry(double width) {

    static final double LEFT = 52;
    static final double ROW = 106;
    static final double BAR = 20;
    static final double RIGHT_LINE = 41;
    static final double LEFT_LINE = 67;
    static final double NUMBERS = 89;
    private static final int EIGHT = 8;
    private static final int QUARTERS = 4;

    double cell() {
        return (width - LEFT - 2) / EIGHT;
    }

    /** Returns the row of a place in quarters of a count. */
    static int row(int quarters) {
        return quarters / (EIGHT * QUARTERS);
    }

    /** Returns where a place in quarters of a count begins in its row. */
    double x(int quarters) {
        return LEFT + cell() * (quarters % (EIGHT * QUARTERS)) / QUARTERS;
    }

    /** Returns the middle of the sign of a half-count that begins at a place. */
    double middle(int quarters) {
        return x(quarters) + cell() / 2 * (quarters % QUARTERS == 0 ? 1 : 0.5);
    }

    static double top(int row) {
        return row * ROW;
    }

    /** Returns the place in quarters of a count under a point. */
    int at(double x, double y) {
        int row = Math.max(0, (int) (y / ROW));
        int cell = Math.clamp((long) ((x - LEFT) / cell() * QUARTERS), 0, EIGHT * QUARTERS - 1);
        return row * EIGHT * QUARTERS + cell;
    }

    static double height(int counts) {
        return Math.max(1, Math.ceilDiv(counts, EIGHT)) * ROW;
    }
}
