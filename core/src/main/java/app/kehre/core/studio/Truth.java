package app.kehre.core.studio;

import java.time.LocalDateTime;
import java.util.List;
import java.util.function.ToDoubleFunction;

/**
 * How true a plan was.
 *
 * @param began when the class was begun
 * @param whole by which share the class took longer than planned; negative when it was shorter
 * @param wholeUsual the same against the usual pace, as if nothing had been learned
 * @param segments by which share its segments were off, whichever way, the mean of those of half a minute or more
 * @param segmentsUsual the same against the usual pace
 */
public record Truth(LocalDateTime began, double whole, double wholeUsual, double segments,
        double segmentsUsual) {

    private static final int AROUND = 2;

    /** Returns by which share it was off, whichever way: the class, or its segments. */
    public double off(boolean ofSegments) {
        return Math.abs(ofSegments ? segments : whole);
    }

    /** Returns the same against the usual pace. */
    public double offUsual(boolean ofSegments) {
        return Math.abs(ofSegments ? segmentsUsual : wholeUsual);
    }

    /**
     * Returns the middle of a class and the two before and behind it, so that a single evening is no turn of the line.
     *
     * @param at which class, from 0
     */
    public static double middle(List<Truth> truths, int at, ToDoubleFunction<Truth> value) {
        double[] near = truths.subList(Math.max(0, at - AROUND), Math.min(truths.size(), at + AROUND + 1))
                .stream()
                .mapToDouble(value).sorted().toArray();
        int half = near.length / 2;
        return near.length % 2 == 1 ? near[half] : (near[half - 1] + near[half]) / 2;
    }
}
