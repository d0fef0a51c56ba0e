package app.kehre.core.effort;

import java.util.Optional;

import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Quality;
import app.kehre.core.dose.Interval;
import app.kehre.core.exercise.Family;
import app.kehre.core.people.Level;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/**
 * Where the effort of a segment shall lie, from its start to its end, as shares of the heart-rate reserve. By goal,
 * format and group; the figures can be changed for the class (figures.md, "Targets").
 *
 * @param lowFrom the lower edge at the start
 * @param lowTo the lower edge at the end
 * @param highFrom the upper edge at the start
 * @param highTo the upper edge at the end
 */
public record Target(double lowFrom, double lowTo, double highFrom, double highTo) {

    /** How far above the rising line of the warm-up one may be. Kehre's estimate. */
    private static final double WARM_UP_ROOM = 0.15;
    /** What the cool-down may begin with: the end of the main part. */
    private static final double COOL_DOWN_FROM = 0.75;
    /** By how much a class that was announced to relax asks for less. Kehre's estimate. */
    private static final double RELAXING = 0.15;
    /** The same on chairs, where arms and lower legs work and the weight is borne: light to moderate. Kehre's estimate. */
    private static final double SEATED = 0.15;

    private static Target flat(double low, double high) {
        return new Target(low, low, high, high);
    }

    /** Returns the target of a segment; none where nobody works. */
    public static Optional<Target> of(Segment segment, ClassPlan plan) {
        Thresholds figures = plan.thresholds();
        return switch (segment.role()) {
            case WARM_UP -> Optional.of(warmUp(figures, plan.brief()));
            case AEROBIC -> Optional.of(aerobic(segment, plan.brief(), figures));
            case TONING -> Optional.of(efforts(figures, Threshold.TONING_FROM, Threshold.TONING_TO));
            case CORE -> Optional.of(efforts(figures, Threshold.CORE_FROM, Threshold.CORE_TO));
            case COOL_DOWN ->
                Optional.of(new Target(0, 0, COOL_DOWN_FROM, figures.share(Threshold.COOL_DOWN_TO)));
            case STRETCH -> Optional.of(new Target(0, 0, figures.share(Threshold.COOL_DOWN_TO),
                    figures.share(Threshold.STRETCH_TO)));
            case TALK, PAUSE -> Optional.empty();
        };
    }

    private static Target warmUp(Thresholds figures, Brief brief) {
        double from = figures.share(Threshold.WARM_UP_FROM);
        double to = gentle(brief)
                ? figures.share(Threshold.GENTLE_FROM)
                : figures.share(Threshold.WARM_UP_TO);
        return new Target(0, Math.max(0, to - WARM_UP_ROOM), from + WARM_UP_ROOM, to + WARM_UP_ROOM);
    }

    private static Target aerobic(Segment segment, Brief brief, Thresholds figures) {
        double less = brief.goal().qualities().contains(Quality.RELAXING)
                ? RELAXING
                : seated(brief) ? SEATED : 0;
        boolean gentle = gentle(brief);
        double low = figures.share(gentle ? Threshold.GENTLE_FROM : Threshold.AEROBIC_FROM) - less;
        double usual = figures.share(gentle
                ? Threshold.GENTLE_TO
                : Level.of(brief.group().mix()) == Level.EXPERIENCED
                        ? Threshold.ATHLETIC_TO
                        : Threshold.AEROBIC_TO);
        boolean peaks = !gentle && intervals(segment);
        return flat(low, (peaks ? figures.share(Threshold.PEAKS_TO) : usual) - less);
    }

    private static boolean seated(Brief brief) {
        return brief.format() == Format.CHAIR || brief.onChairs();
    }

    private static boolean gentle(Brief brief) {
        return seated(brief) || brief.group().older() || Level.of(brief.group().mix()) == Level.NEWCOMERS;
    }

    /** Whether a segment is mostly of timed bursts. */
    private static boolean intervals(Segment segment) {
        long items = segment.items().count();
        long bursts = segment.items()
                .filter(item -> item.exercise().family() == Family.BURSTS && item.dose() instanceof Interval)
                .count();
        return bursts > 0 && 2 * bursts >= items;
    }

    private static Target efforts(Thresholds figures, Threshold from, Threshold to) {
        return flat(Scale.share(figures.of(from)), Scale.share(figures.of(to)));
    }

    /**
     * Returns the lower edge where a part of the segment is over, 0 to 1.
     *
     * @param part of the segment that is over, 0 to 1
     */
    public double low(double part) {
        return lowFrom + part * (lowTo - lowFrom);
    }

    /**
     * Returns the upper edge where a part of the segment is over, 0 to 1.
     *
     * @param part of the segment that is over, 0 to 1
     */
    public double high(double part) {
        return highFrom + part * (highTo - highFrom);
    }

    /**
     * Returns whether a share lies inside where a part of the segment is over.
     *
     * @param share of the heart rate reserve, 0 to 1
     * @param part of the segment that is over, 0 to 1
     */
    public boolean has(double share, double part) {
        return share >= low(part) && share <= high(part);
    }
}
