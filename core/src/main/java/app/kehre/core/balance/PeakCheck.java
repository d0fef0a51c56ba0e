package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.effort.Band;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;

/** The hardest moment lies outside the main part. */
final class PeakCheck implements KeyedCheck {

    /** By how much a peak outside is worth a word. Kehre's estimate. */
    private static final double MARGIN = 0.05;
    /** The first seconds of a segment still show what came before it. */
    private static final int SETTLING = 60;

    @Override
    public CheckKey key() {
        return CheckKey.PEAK_OUTSIDE;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Line line = judged.effort().main();
        int peak = 0;
        for (int second = 0; second < line.seconds(); second++) {
            peak = line.share(second) > line.share(peak) ? second : peak;
        }
        double main = highest(judged, line);
        Optional<Piece> piece = judged.effort().pieceAt(peak);
        Optional<Segment> segment = piece.flatMap(each -> judged.plan().findSegment(each.segment()));
        boolean worth = line.share(peak) > Math.max(Band.MODERATE.from(), main + MARGIN);
        if (segment.isEmpty() || segment.get().role().main() || main == 0 || !worth) {
            return List.of();
        }
        EntryId entry = piece.get().entry();
        return List.of(found(Severity.FIX,
                Place.of(segment.get().id(), Optional.of(entry), Duration.ofSeconds(peak)),
                "The hardest moment is in %s, at %s.".formatted(segment.get().name(),
                        Lengths.clock(Duration.ofSeconds(peak))),
                "Effort peaks in the main part. Before it people are not ready, after it they should come down.",
                SourceKind.TEACHING_RANGE, () -> judged.ofItem(entry, item -> mends(judged, item))));
    }

    /** The hardest of the main part, once it no longer shows what came before it. */
    private static double highest(ClassUnderCheck judged, Line line) {
        double highest = 0;
        for (Segment segment : judged.segments(Role.AEROBIC, Role.TONING, Role.CORE)) {
            Stretch stretch = judged.timeline().ofSegment(segment.id());
            int from = (int) Lengths.seconds(stretch.start());
            int to = (int) Lengths.seconds(stretch.end());
            for (int at = from + Math.min(SETTLING, (to - from) / 2); at < to; at++) {
                highest = Math.max(highest, line.share(at));
            }
        }
        return highest;
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        ClassPlan plan = judged.plan();
        List<Way> mends = new ArrayList<>();
        if (item.delivery().variant() != Variant.EASIER) {
            mends.add(Variants.easier(plan, item));
        }
        double most = item.exercise().work().mets().value();
        mends.addAll(Mends.replace(judged, item, other -> other.work().mets().value() < most - 1));
        mends.add(Mends.remove(plan, item));
        return mends;
    }
}
