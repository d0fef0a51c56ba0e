package app.kehre.core.effort;

/**
 * Effort from 0 to 10 over the share of the heart-rate reserve. The scale is that of the Physical Activity
 * Guidelines (moderate begins at 5, vigorous at 7); the joints are Kehre's estimate (figures.md, "Energy and
 * effort"): 30 % is 3.5, 40 % is 4.5, 60 % is 6.5, 90 % is 9, straight between.
 */
public final class Scale {

    private static final double[] SHARES = {0, 0.30, 0.40, 0.60, 0.90, 1.20};
    private static final double[] EFFORTS = {0, 3.5, 4.5, 6.5, 9, 10};

    private Scale() {}

    /**
     * Returns the effort, 0 to 10.
     *
     * @param share of the heart-rate reserve, 0 to 1; what is above cannot be kept up
     */
    public static double effort(double share) {
        return along(share, SHARES, EFFORTS);
    }

    /**
     * Returns the share of the heart-rate reserve that feels like an effort, 0 to 1.2.
     *
     * @param effort 0 to 10
     */
    public static double share(double effort) {
        return along(effort, EFFORTS, SHARES);
    }

    private static double along(double value, double[] from, double[] to) {
        int last = from.length - 1;
        if (value >= from[last]) {
            return to[last];
        }
        if (value <= from[0]) {
            return to[0];
        }
        int at = 1;
        while (value > from[at]) {
            at++;
        }
        double part = (value - from[at - 1]) / (from[at] - from[at - 1]);
        return to[at - 1] + part * (to[at] - to[at - 1]);
    }
}
