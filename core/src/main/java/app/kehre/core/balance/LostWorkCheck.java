package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Limits;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.ClockBlocks;
import app.kehre.core.timeline.Lost;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** A block by the clock in which changing over and explaining take too much of the work. */
final class LostWorkCheck implements KeyedCheck {

    /** The rest is made longer by so many seconds at a time, at the most so often. Kehre's estimate. */
    private static final int STEP = 5;
    private static final int MOST_STEPS = 6;

    @Override
    public CheckKey key() {
        return CheckKey.LOST_WORK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        double most = judged.figures().share(Threshold.LOST_WORK);
        for (Segment segment : judged.segments()) {
            for (List<Item> block : ClockBlocks.of(segment)) {
                double share = share(judged.timeline(), block);
                if (share > most) {
                    findings.add(finding(judged, block, share, most));
                }
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, List<Item> block, double share, double most) {
        Duration lost = lost(judged.timeline(), block);
        return found(Severity.FIX, judged.at(block.getFirst()),
                "%s of work are lost in this block: the rest is too short to change over and explain in."
                        .formatted(Lengths.clock(lost)),
                "That is %.0f %% of its work. The clock goes on while people fetch, lie down or listen."
                        .formatted(100 * share),
                SourceKind.ESTIMATE, () -> mends(judged, block, most)).by(share);
    }

    private static List<Way> mends(ClassUnderCheck judged, List<Item> block, double most) {
        Predicate<ClassPlan> better = plan -> share(Timeline.of(plan), block) <= most;
        List<Way> ways = new ArrayList<>(Mends.regrouped(judged, better));
        IntStream.rangeClosed(1, MOST_STEPS).map(steps -> steps * STEP)
                .mapToObj(more -> Way.of("Rest %d s longer".formatted(more),
                        rested(judged.plan(), block, Duration.ofSeconds(more))))
                .filter(way -> better.test(way.after())).findFirst().ifPresent(ways::add);
        return ways;
    }

    private static ClassPlan rested(ClassPlan plan, List<Item> block, Duration more) {
        ClassPlan longer = plan;
        for (Item item : block) {
            if (item.dose() instanceof Interval dose
                    && Limits.REST.problem(dose.rest().plus(more)).isEmpty()) {
                longer = longer
                        .with(item.withDose(new Interval(dose.work(), dose.rest().plus(more), dose.rounds(),
                                true, dose.sides())));
            }
        }
        return longer;
    }

    private static Duration lost(Timeline timeline, List<Item> block) {
        Set<EntryId> ids = ids(block);
        return timeline.lost().stream().filter(each -> ids.contains(each.entry())).map(Lost::length)
                .reduce(Duration.ZERO, Duration::plus);
    }

    private static double share(Timeline timeline, List<Item> block) {
        Set<EntryId> ids = ids(block);
        double lost = Lengths.seconds(lost(timeline, block));
        double done = timeline.spans().stream()
                .filter(span -> span.phase() == Phase.WORK && ids.contains(span.entry()))
                .mapToDouble(span -> Lengths.seconds(span.stretch().length())).sum();
        return lost == 0 ? 0 : lost / (lost + done);
    }

    private static Set<EntryId> ids(List<Item> block) {
        return block.stream().map(Item::id).collect(Collectors.toSet());
    }
}
