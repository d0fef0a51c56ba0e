package app.kehre.core.log;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.TreeSet;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceKind;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/**
 * How long people took once for a quantity of the pace.
 *
 * @param quantity which
 * @param style the teaching style in which it was seen, where it depends on it; else the first
 * @param role what the segment was for in which it was seen
 * @param exercise the id of the exercise that was done, where it was one; else empty
 * @param value in its unit
 * @param usual the usual value of such a group, in its unit: an older group gets up from the floor otherwise
 */
public record Observation(Quantity quantity, School.Teaching style, Role role, String exercise,
        double value, double usual) {

    /** By how much a quantity is changed to see which pieces of a class it makes. */
    private static final double NUDGE = 1.25;
    /** A quantity makes a piece when nine tenths of its length are its own. */
    private static final double MAKES = 0.9;
    /** Shorter pieces say nothing: the press comes a second early or late. Kehre's estimate. */
    private static final double SHORTEST = 1.5;
    /** What took less than a fifth of its time was pressed away, not done. Kehre's estimate. */
    private static final int AWAY = 5;

    /** Returns how many times as long as usual it was. */
    double times() {
        return value / usual;
    }

    /** What makes a piece of a class, and how much longer the piece is for one more of it. */
    private record Maker(Quantity quantity, School.Teaching style, double value, double each) {}

    /**
     * Reads what a class says: each piece that one quantity alone makes, and that was done to its end, is one observation.
     * Which pieces those are is found by laying the class out once more with each quantity a quarter greater.
     */
    static List<Observation> of(TeachingRun run) {
        ClassPlan plan = run.course().plan();
        Pace usual = Pace.usual(plan.brief().group().older());
        Map<Spot, Double> taught = taught(run);
        List<Span> spans = run.timeline().spans();
        List<Spot> spots = run.course().spots();
        Map<Spot, Maker> makers = makers(plan);
        List<Observation> found = new ArrayList<>();
        for (int i = 0; i < spans.size(); i++) {
            Maker maker = makers.get(spots.get(i));
            Double took = taught.get(spots.get(i));
            double length = seconds(spans.get(i).stretch().length());
            if (maker != null && took != null && length >= SHORTEST && took * AWAY >= length) {
                double value = maker.value + (took - length) / maker.each;
                found.add(new Observation(maker.quantity, maker.style,
                        plan.segment(spans.get(i).segment()).role(),
                        spans.get(i).done().exercise().map(Exercise::id).orElse(""),
                        Math.clamp(value, maker.quantity.least(), maker.quantity.most()),
                        usual.of(maker.quantity, maker.style)));
            }
        }
        return found;
    }

    /** How long each piece took that was done to its end; what was stopped in a pause does not count. */
    private static Map<Spot, Double> taught(TeachingRun run) {
        Map<Spot, Double> taught = new HashMap<>();
        for (Visit visit : run.visits()) {
            if (visit.going() != Visit.Going.PAUSED) {
                taught.merge(visit.spot(), seconds(visit.took()), Double::sum);
            }
        }
        return taught;
    }

    private static Map<Spot, Maker> makers(ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        List<Spot> spots = Spot.of(timeline.spans());
        Map<Spot, Maker> makers = new HashMap<>();
        for (School.Teaching style : styles(plan)) {
            for (Quantity quantity : Quantity.values()) {
                double value = plan.pace().of(quantity, style);
                double more = Math.min(quantity.most(), value * NUDGE);
                if (more > value && (quantity.byStyle() || style == plan.brief().teaching())) {
                    Map<Spot, Double> nudged = lengths(
                            Timeline.of(plan.with(nudged(plan.pace(), quantity, style, more))));
                    for (int i = 0; i < spots.size(); i++) {
                        Span span = timeline.spans().get(i);
                        double length = seconds(span.stretch().length());
                        double own = value(plan.pace(), quantity, style, span, plan);
                        double each = (nudged.getOrDefault(spots.get(i), length) - length) / (more - value)
                                * value / own;
                        if (length > 0 && each * own >= MAKES * length) {
                            makers.put(spots.get(i), new Maker(quantity, style, own, each));
                        }
                    }
                }
            }
        }
        return makers;
    }

    /** What has a value of its own, a rep of an exercise or a kind of segment, goes with all others. */
    private static Pace nudged(Pace pace, Quantity quantity, School.Teaching style, double more) {
        double times = more / pace.of(quantity, style);
        Map<String, Double> reps = new HashMap<>(pace.ownReps());
        if (quantity == Quantity.REPS) {
            reps.replaceAll((_, before) -> Math.min(before * times, quantity.most()));
        }
        Map<PaceKind, Double> kinds = new HashMap<>(pace.ofKind());
        kinds.replaceAll((kind, before) -> kind.quantity() == quantity && kind.style() == style
                ? Math.min(before * times, quantity.most())
                : before);
        return pace.with(quantity, style, more).withOwnReps(reps).withOfKind(kinds);
    }

    private static double value(Pace pace, Quantity quantity, School.Teaching style, Span span,
            ClassPlan plan) {
        return quantity == Quantity.REPS
                ? span.done().exercise().map(each -> pace.reps(each.id())).orElse(pace.of(quantity))
                : pace.of(quantity, style, plan.segment(span.segment()).role());
    }

    private static Set<School.Teaching> styles(ClassPlan plan) {
        Set<School.Teaching> styles = new TreeSet<>(Set.of(plan.brief().teaching()));
        plan.segments().forEach(segment -> segment.pacing().teaching().ifPresent(styles::add));
        plan.items().forEach(item -> item.delivery().teaching().ifPresent(styles::add));
        return styles;
    }

    private static Map<Spot, Double> lengths(Timeline timeline) {
        List<Spot> spots = Spot.of(timeline.spans());
        Map<Spot, Double> lengths = new HashMap<>();
        for (int i = 0; i < spots.size(); i++) {
            lengths.put(spots.get(i), seconds(timeline.spans().get(i).stretch().length()));
        }
        return lengths;
    }

    private static double seconds(Duration length) {
        return length.toNanos() / 1e9;
    }
}
