package app.kehre.core.drafting;

import java.time.Duration;
import java.util.List;
import java.util.Set;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;

/** What comes between the exercises of a drafted class: water, and a test of the balance before lunges. */
final class Inserts {

    /** Water at least so often, so that it stands before the quarter of an hour is over. Kehre's estimate. */
    private static final Duration WATER_WITHIN = Duration.ofMinutes(13);
    private static final Duration WATER = Duration.ofSeconds(30);

    private Inserts() {}

    /** Water at the end of a drafted main part when the next would make it too late; people keep moving. */
    static ClassPlan watered(ClassPlan plan, Set<SegmentId> drafted) {
        ClassPlan watered = plan;
        Duration since = Duration.ZERO;
        List<Segment> segments = plan.segments().stream().filter(each -> !each.leftOut()).toList();
        for (int i = 0; i < segments.size(); i++) {
            Segment segment = segments.get(i);
            since = hasWater(segment) ? Duration.ZERO : since.plus(segment.target());
            List<Segment> later = segments.subList(i + 1, segments.size());
            if (segment.role().main() && drafted.contains(segment.id()) && !waterComes(later)
                    && since.plus(nextPart(later)).compareTo(WATER_WITHIN) > 0) {
                watered = watered.add(segment.id(), Integer.MAX_VALUE,
                        Pause.of(watered.nextEntryId(), Pause.Kind.WATER)
                                .withLength(WATER).withMoving(true));
                since = Duration.ZERO;
            }
        }
        return watered;
    }

    /** Whether there is water before the next part begins. */
    private static boolean waterComes(List<Segment> later) {
        return later.stream().takeWhile(each -> !each.role().main()).anyMatch(Inserts::hasWater);
    }

    private static Duration nextPart(List<Segment> later) {
        return later.stream().filter(each -> each.role().main()).findFirst().map(Segment::target)
                .orElse(Duration.ZERO);
    }

    private static boolean hasWater(Segment segment) {
        return segment.entries().stream()
                .anyMatch(line -> line.isWater());
    }

    /** Where lunges come without a balance screen in a group that needs one, it comes first, if it may be added there. */
    static ClassPlan screened(ClassPlan plan, Library library, Fixed kept) {
        return Assessment.of(plan, library).findings().stream()
                .filter(finding -> finding.key() == CheckKey.NO_BALANCE_SCREEN)
                .flatMap(finding -> finding.mends().stream()).map(Way::after).filter(kept::isIn).findFirst()
                .orElse(plan);
    }
}
