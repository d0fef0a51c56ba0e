package app.kehre.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

/**
 * What many classes say of one quantity together, on the logarithm of its ratio to the usual value (figures.md, "Learning";
 * Kehre's estimate). A class in which it was seen often weighs up to once, one in which it was seen once a third; the first
 * class of all half of that, since nobody presses surely the first evening. What a class says is drawn to the middle of the
 * others when it is far off, so that a fire alarm moves nothing. The usual value weighs as half a class, and an older class
 * less than the last one, by half in ten classes.
 */
final class Weighing {

    private static final double USUAL = 0.5;
    private static final double FIRST = 0.5;
    private static final double ALIKE = 2;
    private static final double HALF_LIFE = 10;
    /** What is further from the middle than this counts as so far. */
    private static final double FARTHEST = 0.5;
    /** How far a class is from the next where nothing is known yet. */
    private static final double SPREAD = 0.3;
    private static final int FEW = 3;

    private record Said(double log, double weight) {}

    private final List<Said> classes = new ArrayList<>();
    private int times;

    /**
     * Adds what a class says.
     *
     * @param sorted what was seen in it, the least first; nothing for a class that says nothing
     * @param age how many classes came after it
     * @param first whether it is the first class of all
     */
    void add(double[] sorted, int age, boolean first) {
        if (sorted.length > 0) {
            classes.add(new Said(median(sorted),
                    (first ? FIRST : 1) * sorted.length / (sorted.length + ALIKE)
                            * Math.pow(0.5, age / HALF_LIFE)));
            times += sorted.length;
        }
    }

    boolean isEmpty() {
        return classes.isEmpty();
    }

    int classes() {
        return classes.size();
    }

    int times() {
        return times;
    }

    /** Returns what they come to. */
    double middle() {
        double typical = typical();
        double sum = 0;
        double weights = USUAL;
        for (Said each : classes) {
            sum += each.weight * Math.clamp(each.log, typical - FARTHEST, typical + FARTHEST);
            weights += each.weight;
        }
        return sum / weights;
    }

    /** The middle class; of few, drawn towards the usual value. */
    private double typical() {
        double[] logs = classes.stream().mapToDouble(Said::log).sorted().toArray();
        double[] with = logs.length < FEW ? Arrays.copyOf(logs, logs.length + 1) : logs;
        Arrays.sort(with);
        return median(with);
    }

    /** Returns how far a class is from what they come to. */
    double spread() {
        double middle = middle();
        double sum = SPREAD * SPREAD;
        for (Said each : classes) {
            double off = Math.clamp(each.log - middle, -FARTHEST, FARTHEST);
            sum += off * off;
        }
        return Math.sqrt(sum / (1 + classes.size()));
    }

    private static double median(double[] sorted) {
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
