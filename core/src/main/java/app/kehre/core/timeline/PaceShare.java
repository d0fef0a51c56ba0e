package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.brief.School;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;

/**
 * What a quantity of the pace makes of a class.
 *
 * @param quantity which
 * @param style the teaching style for which it holds, where it depends on it; else that of the class
 * @param value in its unit
 * @param usual whether that is the usual value of the group
 * @param makes by how much the class would be shorter without it; pauses that give the time anyway are not counted
 */
public record PaceShare(Quantity quantity, School.Teaching style, double value, boolean usual,
        Duration makes) {

    private static final double MILLIS = 1000;

    /** Returns what each quantity makes of a class, in their order; those of a style only where the class is taught in it. */
    public static List<PaceShare> of(ClassPlan plan) {
        Duration whole = Timeline.of(plan).total();
        Pace usual = Pace.usual(plan.brief().group().older());
        List<PaceShare> shares = new ArrayList<>();
        for (School.Teaching style : styles(plan)) {
            for (Quantity quantity : Quantity.values()) {
                if (quantity.byStyle() || style == plan.brief().teaching()) {
                    double value = plan.pace().of(quantity, style);
                    shares.add(new PaceShare(quantity, style, value,
                            Double.compare(value, usual.of(quantity, style)) == 0,
                            partOf(plan, quantity, style, value, whole)));
                }
            }
        }
        return shares;
    }

    /**
     * Returns the waits that make most of a class, the greatest first: breaths and spoken counts are work.
     *
     * @param number how many at most
     */
    public static List<PaceShare> greatest(ClassPlan plan, int number) {
        return of(plan).stream().filter(share -> share.quantity.isWait() && share.makes.isPositive())
                .sorted(Comparator.comparing(PaceShare::makes).reversed()).limit(number).toList();
    }

    private static Set<School.Teaching> styles(ClassPlan plan) {
        Set<School.Teaching> styles = EnumSet.of(plan.brief().teaching());
        plan.segments().forEach(segment -> segment.pacing().teaching().ifPresent(styles::add));
        plan.items().forEach(item -> item.delivery().teaching().ifPresent(styles::add));
        return styles;
    }

    /** The class with the least value tells what the part above it makes; the rest is in proportion. */
    private static Duration partOf(ClassPlan plan, Quantity quantity, School.Teaching style, double value,
            Duration whole) {
        double least = quantity.least();
        if (value <= least) {
            return Duration.ZERO;
        }
        Duration without = Timeline.of(plan.with(plan.pace().with(quantity, style, least))).total();
        double seconds = whole.minus(without).toMillis() / MILLIS * value / (value - least);
        return Duration.ofMillis(Math.round(Math.max(0, seconds) * MILLIS));
    }
}
