package app.kehre.core.effort;

/** Energy of stepping onto a bench (ACSM metabolic equation for stepping, as quoted in figures.md). */
public final class Stepping {

    private static final double REST = 3.5;
    private static final double ACROSS = 0.2;
    private static final double UP = 1.33 * 1.8;

    private Stepping() {}

    /**
     * Returns the oxygen uptake: 0.2 f + 1.33 x 1.8 x H x f + 3.5, in ml per kg and minute.
     *
     * @param ascents a minute; stated for about 12 to 30
     * @param height of the bench in metres; stated for 0.04 to 0.40
     */
    public static double oxygen(double ascents, double height) {
        return ascents * (ACROSS + UP * height) + REST;
    }

    /**
     * Returns the same in METs of 3.5 ml per kg and minute.
     *
     * @param ascents onto the bench, a minute
     * @param height of the bench in metres
     */
    public static double mets(double ascents, double height) {
        return oxygen(ascents, height) / REST;
    }
}
