package app.kehre.core.regrouping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Differences;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * A part in the order that takes the least changing over: what shares a position and kit together, as far as the order
 * school of the class holds.
 *
 * @param plan the class with it
 * @param segment the part in its new order
 * @param saved how much sooner the class ends, and how much of the work by the clock is lost no more
 */
public record Regrouping(ClassPlan plan, Segment segment, Duration saved) {

    /** What is said when there is nothing to gain. */
    private static final String NONE = "No other order of the toning and core parts saves time while their order school holds.";

    private static final int MOST_LINES = 60;
    /** How far the window of lines moves on where there are too many. */
    private static final int STEP = 5;

    /** Proposes the best order of each part that gains by one. */
    public static Proposal propose(ClassPlan plan) {
        List<Regrouping> all = of(plan);
        if (all.isEmpty()) {
            return new Proposal.Refused(NONE);
        }
        ClassPlan after = all.getLast().plan();
        String words = all.stream()
                .map(each -> "%s saves %s".formatted(each.segment.name(), Lengths.clock(each.saved)))
                .collect(Collectors.joining(", "));
        return new Proposal.Proposed(
                List.of(new Way(words, Differences.ofSegments(plan, after), List.of(), after)));
    }

    /** Returns the parts that would gain by another order, each regrouped after those before it. */
    public static List<Regrouping> of(ClassPlan plan) {
        List<Regrouping> all = new ArrayList<>();
        ClassPlan now = plan;
        for (Segment segment : plan.segments()) {
            Optional<Regrouping> found = of(now, segment.id());
            if (found.isPresent()) {
                all.add(found.get());
                now = found.get().plan;
            }
        }
        return all;
    }

    /**
     * Returns a toning or core part in its best order; empty if no other order ends the class sooner. It is found exactly
     * for up to {@value OrderSearch#MOST} lines that may move, of more so many at a time; the stations of its circuits as
     * well, up to {@value StationOrder#MOST} at a time.
     */
    public static Optional<Regrouping> of(ClassPlan plan, SegmentId segmentId) {
        Segment segment = plan.segment(segmentId);
        boolean toning = segment.role() == Role.TONING || segment.role() == Role.CORE;
        if (!toning || segment.leftOut() || segment.entries().size() > MOST_LINES) {
            return Optional.empty();
        }
        int blocks = Part.of(segment.entries()).blocks().size();
        ClassPlan now = plan;
        int from = 0;
        do {
            now = regrouped(now, segmentId, from);
            from += STEP;
        } while (from + OrderSearch.MOST < blocks + STEP);
        for (Entry line : segment.entries()) {
            now = line instanceof Circuit ? StationOrder.of(now, line.id()) : now;
        }
        Duration saved = Lengths.between(Duration.ZERO, StationOrder.cost(Timeline.of(plan)))
                .minus(Lengths.between(Duration.ZERO, StationOrder.cost(Timeline.of(now))));
        return saved.isPositive()
                ? Optional.of(new Regrouping(now, now.segment(segmentId), saved))
                : Optional.empty();
    }

    private static ClassPlan regrouped(ClassPlan plan, SegmentId segmentId, int from) {
        Segment segment = plan.segment(segmentId);
        Part whole = Part.of(segment.entries());
        Part part = whole.only(Math.min(from, whole.blocks().size()), from + OrderSearch.MOST);
        if (part.blocks().size() < 2) {
            return plan;
        }
        OrderRules rules = new OrderRules(part.lines(), plan.brief().schools().order());
        List<Integer> order = new OrderSearch(plan, segment, part, rules).best();
        if (order.isEmpty()) {
            return plan;
        }
        ClassPlan changed = plan
                .with(segment.withEntries(order.stream().map(segment.entries()::get).toList()));
        return Timeline.of(changed).total().compareTo(Timeline.of(plan).total()) < 0 ? changed : plan;
    }
}
