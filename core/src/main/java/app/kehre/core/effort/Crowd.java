package app.kehre.core.effort;

import java.util.ArrayList;
import java.util.List;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

import app.kehre.core.people.Group;

/**
 * A simulated group: drawn around the stand-ins by the ages and the mix of the brief, always the same for the same
 * seed.
 */
public final class Crowd {

    /** How many are drawn. */
    public static final int SIZE = 30;
    /** The seed that Kehre uses. */
    public static final long SEED = 20_26L;

    /** Standard deviation of the maximal heart rate, beats per minute (Tanaka et al. 2001, as quoted). */
    private static final double MOST_SPREAD = 10;
    /** Spread of what they can do and of their rest, of the stand-in's. Kehre's estimates. */
    private static final double MET_SPREAD = 0.1;
    private static final double REST_SPREAD = 6;
    private static final double MASS_SPREAD = 0.15;
    /** Loss of METs a year beyond the stand-in's age. Kehre's estimate. */
    private static final double A_YEAR = 0.008;
    private static final int HUNDRED = 100;
    private static final double WIDEST = 2.5;

    private Crowd() {}

    /**
     * Draws a group of {@value #SIZE}.
     *
     * @param seed the same people for the same seed
     */
    public static List<Participant> of(Group group, long seed) {
        RandomGenerator chance = RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
        List<Participant> crowd = new ArrayList<>();
        for (int i = 0; i < SIZE; i++) {
            crowd.add(draw(group, i, chance));
        }
        return crowd;
    }

    private static Participant draw(Group group, int at, RandomGenerator chance) {
        int years = group.ages().oldest() - group.ages().youngest();
        int age = group.ages().youngest() + (years == 0 ? 0 : chance.nextInt(years + 1));
        Participant like = like(group, at);
        double older = Math.max(0.6, 1 - A_YEAR * Math.max(0, age - like.age()));
        double metMax = Math.max(4, like.metMax() * older * (1 + MET_SPREAD * normal(chance)));
        double rest = like.rest() + REST_SPREAD * normal(chance);
        double most = Math.max(rest + 40, Participant.maximalHeartRate(age) + MOST_SPREAD * normal(chance));
        return new Participant("somebody of " + age, age, rest, most, metMax,
                like.kilos() * (1 + MASS_SPREAD * normal(chance)), like.variant());
    }

    /** Returns the stand-in that a member is like; members are numbered from 0, so that their number meets the shares of the mix. */
    private static Participant like(Group group, int at) {
        int place = (at * HUNDRED + HUNDRED / 2) / SIZE;
        if (place < group.mix().newcomers()) {
            return group.older() ? Participant.OLDER : Participant.RETURNING;
        }
        if (place < group.mix().newcomers() + group.mix().regulars()) {
            return group.older() ? Participant.OLDER : Participant.REGULAR;
        }
        return group.older() ? Participant.RETURNING : Participant.ATHLETIC;
    }

    private static double normal(RandomGenerator chance) {
        return Math.clamp(chance.nextGaussian(), -WIDEST, WIDEST);
    }
}
