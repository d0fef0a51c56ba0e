package app.kehre.core.effort;

import app.kehre.core.plan.Variant;

/**
 * Somebody for whom a class is predicted. Stand-ins, never a person.
 *
 * @param name what they are called on screen
 * @param age in years
 * @param rest heart rate at rest, beats per minute
 * @param most maximal heart rate, beats per minute
 * @param metMax the most that they can do, in METs, over 1
 * @param kilos body mass
 * @param variant the option that they do
 */
public record Participant(String name, int age, double rest, double most, double metMax, double kilos,
        Variant variant) {

    /** Coming back after a while. Kehre's estimate, as all stand-ins (figures.md). */
    public static final Participant RETURNING = of("returning", 45, 75, 8, 75, Variant.EASIER);
    /** Here most weeks. */
    public static final Participant REGULAR = of("regular", 40, 66, 10.5, 70, Variant.STANDARD);
    /** Used to much more. */
    public static final Participant ATHLETIC = of("athletic", 30, 55, 13, 70, Variant.HARDER);
    /** Older. */
    public static final Participant OLDER = of("older", 70, 70, 6.5, 70, Variant.EASIER);

    /** The most METs of the fittest and of the least fit, between which the response becomes slower. */
    private static final double FITTEST = 13;
    private static final double LEAST_FIT = 6.5;
    /** How much harder a set feels for each MET less that somebody can do. */
    private static final double STRAIN = 0.4;

    public Participant {
        if (!(metMax > 1 && most > rest && kilos > 0)) {
            throw new IllegalArgumentException(
                    "%s: METs %s must be over 1, the heart rate at most %s over that at rest %s, the mass %s over 0."
                            .formatted(name, metMax, most, rest, kilos));
        }
    }

    private static Participant of(String name, int age, double rest, double metMax, double kilos,
            Variant variant) {
        return new Participant(name, age, rest, maximalHeartRate(age), metMax, kilos, variant);
    }

    /**
     * Returns 208 - 0.7 x age, in beats per minute (Tanaka et al. 2001, as quoted; standard deviation about 10).
     *
     * @param age years
     */
    public static double maximalHeartRate(int age) {
        return 208 - 0.7 * age;
    }

    /**
     * Returns the share of the reserve that something takes in the long run: (MET - 1) / (METmax - 1), for which
     * the share of the heart-rate reserve is taken in rhythmic work of large muscles (ACSM, as quoted).
     *
     * @param mets gross METs, 1 or more
     */
    public double share(double mets) {
        return (mets - 1) / (metMax - 1);
    }

    /**
     * Returns by how much the same set feels harder than to a regular participant, on the scale from 0 to 10: about a
     * point to somebody returning, a point less to somebody athletic. Kehre's estimate.
     */
    public double strain() {
        return (REGULAR.metMax() - metMax) * STRAIN;
    }

    /**
     * Returns the heart rate at a share of the reserve, in beats per minute.
     *
     * @param share of the heart rate reserve, 0 to 1
     */
    public double heartRate(double share) {
        return rest + share * (most - rest);
    }

    /**
     * Returns the time constant of the rising response in seconds: 30 for the fittest to 60 for the least fit.
     * Kehre's estimate on published kinetics (figures.md, "response").
     */
    public double rising() {
        double fit = Math.clamp((metMax - LEAST_FIT) / (FITTEST - LEAST_FIT), 0, 1);
        return 60 - 30 * fit;
    }

    /** Returns the time constant of the falling response in seconds: 60 to 120. */
    public double falling() {
        return 2 * rising();
    }
}
