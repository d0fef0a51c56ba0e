package app.kehre.core.effort;

import java.util.Arrays;
import java.util.List;

/**
 * How far a group spreads: between which shares of the heart-rate reserve, or in toning their like, eight of ten of the
 * simulated group lie. Kehre's estimate, as the group itself (figures.md, "Stand-in participants").
 *
 * @param step seconds from one value to the next
 * @param low the edge that one of ten lies below; do not change it
 * @param high the edge that one of ten lies above; do not change it
 */
public record Spread(int step, float[] low, float[] high) {

    private static final int STEP = 4;
    /** One of ten at either end is left out. */
    private static final int LEFT_OUT = Crowd.SIZE / 10;

    /** Follows the simulated group through a class. */
    public static Spread of(Effort effort) {
        boolean warm = !effort.timeline().plan().brief().part().begins();
        Course course = Course.of(effort.pieces(), effort.main().seconds(), warm);
        List<float[]> all = Crowd.of(effort.timeline().plan().brief().group(), Crowd.SEED).stream()
                .map(who -> course.follow(who, STEP).shares()).toList();
        int points = all.getFirst().length;
        float[] low = new float[points];
        float[] high = new float[points];
        float[] now = new float[all.size()];
        for (int at = 0; at < points; at++) {
            for (int who = 0; who < now.length; who++) {
                now[who] = all.get(who)[at];
            }
            Arrays.sort(now);
            low[at] = now[LEFT_OUT];
            high[at] = now[now.length - 1 - LEFT_OUT];
        }
        return new Spread(STEP, low, high);
    }
}
