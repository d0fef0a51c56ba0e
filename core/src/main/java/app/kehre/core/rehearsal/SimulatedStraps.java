package app.kehre.core.rehearsal;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.OptionalInt;
import java.util.random.RandomGenerator;
import java.util.random.RandomGeneratorFactory;

import app.kehre.core.effort.Crowd;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.timeline.Timeline;

/**
 * Straps of a simulated group: people drawn from the brief, whose hearts follow the predicted effort, with noise, drop-outs,
 * and one strap that fails for good (figures.md, "Rehearsal"; Kehre's estimates).
 */
public final class SimulatedStraps implements HeartRates {

    private static final double NOISE = 2;
    /** A strap loses contact for a quarter of a minute at a time, so often. */
    private static final double DROPS = 0.03;
    private static final int QUARTER = 15;
    private static final int HUNDRED = 100;
    private static final int MOST = 130;

    private final List<Line> lines;
    private final long seed;
    private final int failing;
    private final long failsAt;

    /**
     * Puts straps on the people of a class.
     *
     * @param seed the same straps for the same seed
     */
    public SimulatedStraps(Timeline timeline, long seed) {
        Effort effort = Effort.of(timeline);
        this.seed = seed;
        this.lines = Crowd.of(timeline.plan().brief().group(), seed).stream()
                .limit(timeline.plan().brief().people()).map(effort::follow).toList();
        RandomGenerator chance = chance(seed);
        failing = chance.nextInt(Math.max(1, lines.size()));
        failsAt = chance.nextLong(1 + Math.max(1, timeline.total().toSeconds()));
    }

    private static RandomGenerator chance(long seed) {
        return RandomGeneratorFactory.of("L64X128MixRandom").create(seed);
    }

    @Override
    public List<OptionalInt> read(Duration place) {
        long second = place.toSeconds();
        List<OptionalInt> all = new ArrayList<>();
        for (int strap = 0; strap < lines.size(); strap++) {
            boolean failed = strap == failing && second >= failsAt;
            all.add(failed || drops(strap, second)
                    ? OptionalInt.empty()
                    : OptionalInt.of(share(strap, second)));
        }
        return all;
    }

    private boolean drops(int strap, long second) {
        return chance(seed * 31 + strap * 7_919L + second / QUARTER * 104_729L).nextDouble() < DROPS;
    }

    private int share(int strap, long second) {
        double noise = NOISE * chance(seed * 17 + strap * 6_007L + second * 15_485_863L).nextGaussian();
        double share = lines.get(strap).share((int) second) * HUNDRED + noise;
        return (int) Math.clamp(Math.round(share), 0, MOST);
    }
}
