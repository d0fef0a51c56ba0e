package app.kehre.core.log;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;

/**
 * The instructor's own pace, learned from records (figures.md, "Learning"; Kehre's estimate). Each class says for each
 * quantity how many times the usual value it was, as the median of what was seen in it; a class in which it was seen often
 * weighs up to once, one in which it was seen once a third. What a class says is drawn to the middle of the others when it
 * is far off, so that a fire alarm moves nothing. The usual value weighs as half a class, and an older class less than the
 * last one, by half in ten classes.
 */
public final class LearnedPace {

    private static final double USUAL = 0.5;
    private static final double ALIKE = 2;
    private static final double HALF_LIFE = 10;
    /** What is further from the middle than this share, on the logarithm, counts as so far. */
    private static final double FARTHEST = 0.5;
    /** How far a class is from the next where nothing is known yet. */
    private static final double SPREAD = 0.3;
    private static final int FEW = 3;

    private final Pace usual;
    private final List<ClassRecord> records;

    private LearnedPace(Pace usual, List<ClassRecord> records) {
        this.usual = usual;
        this.records = List.copyOf(records);
    }

    /**
     * Learns from records.
     *
     * @param usual the pace of a usual group
     * @param records the oldest first
     */
    public static LearnedPace of(Pace usual, List<ClassRecord> records) {
        return new LearnedPace(usual, records);
    }

    /** Returns the pace: the instructor's own where something is known, else the usual one. */
    public Pace pace() {
        Pace pace = usual;
        for (Estimate estimate : estimates()) {
            pace = pace.with(estimate.quantity(), estimate.style(), estimate.own());
        }
        return pace;
    }

    /** Returns what is known of each quantity that was seen, in their order. */
    public List<Estimate> estimates() {
        List<Estimate> all = new ArrayList<>();
        for (Quantity quantity : Quantity.values()) {
            for (School.Teaching style : School.Teaching.values()) {
                if (quantity.byStyle() || style == School.Teaching.FOLLOW_ME) {
                    estimate(quantity, style).stream().forEach(all::add);
                }
            }
        }
        return all;
    }

    private List<Estimate> estimate(Quantity quantity, School.Teaching style) {
        double value = usual.of(quantity, style);
        List<double[]> classes = new ArrayList<>();
        int times = 0;
        for (int i = 0; i < records.size(); i++) {
            double[] seen = records.get(i).observed().stream()
                    .filter(each -> each.quantity() == quantity
                            && (!quantity.byStyle() || each.style() == style))
                    .mapToDouble(each -> Math.log(Math.max(each.value(), 0.05 * value) / value)).sorted()
                    .toArray();
            if (seen.length > 0 && value > 0) {
                double age = records.size() - 1 - i;
                double weight = seen.length / (seen.length + ALIKE) * Math.pow(0.5, age / HALF_LIFE);
                classes.add(new double[]{median(seen), weight});
                times += seen.length;
            }
        }
        return classes.isEmpty() ? List.of() : List.of(estimate(quantity, style, value, classes, times));
    }

    private static Estimate estimate(Quantity quantity, School.Teaching style, double usual,
            List<double[]> classes, int times) {
        double middle = middle(classes);
        double sum = 0;
        double weights = USUAL;
        for (double[] each : classes) {
            sum += each[1] * Math.clamp(each[0], middle - FARTHEST, middle + FARTHEST);
            weights += each[1];
        }
        double log = sum / weights;
        double own = Math.clamp(usual * Math.exp(log), quantity.least(), quantity.most());
        return new Estimate(quantity, style, usual, own, classes.size(), times, spread(classes, log));
    }

    /** The middle of the classes; of few, drawn towards the usual value. */
    private static double middle(List<double[]> classes) {
        double[] logs = classes.stream().mapToDouble(each -> each[0]).sorted().toArray();
        double[] with = logs.length < FEW ? Arrays.copyOf(logs, logs.length + 1) : logs;
        Arrays.sort(with);
        return median(with);
    }

    private static double spread(List<double[]> classes, double log) {
        double sum = SPREAD * SPREAD;
        for (double[] each : classes) {
            double off = Math.clamp(each[0] - log, -FARTHEST, FARTHEST);
            sum += off * off;
        }
        return Math.sqrt(sum / (1 + classes.size()));
    }

    private static double median(double[] sorted) {
        int half = sorted.length / 2;
        return sorted.length % 2 == 1 ? sorted[half] : (sorted[half - 1] + sorted[half]) / 2;
    }
}
