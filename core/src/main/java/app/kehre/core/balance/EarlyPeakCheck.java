package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.ClassPart;
import app.kehre.core.edit.Moves;
import app.kehre.core.effort.Band;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** The hardest moment of a whole class comes in its first third, though there is lively work after it. */
final class EarlyPeakCheck implements KeyedCheck {

    private static final double EARLY = 1 / 3.0;
    /** By how much it must stand out. Kehre's estimate. */
    private static final double MARGIN = 0.05;
    /** In a shorter class there is no time for a curve, and with less lively work after it none to order. Kehre's estimates. */
    private static final int SHORTEST = 1200;
    private static final int LIVELY = 300;

    @Override
    public CheckKey key() {
        return CheckKey.EARLY_PEAK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Line line = judged.effort().main();
        int third = (int) (line.seconds() * EARLY);
        if (line.seconds() < SHORTEST || judged.brief().part() != ClassPart.WHOLE) {
            return List.of();
        }
        int peak = highest(judged, line, 0, third);
        int later = highest(judged, line, third, line.seconds());
        boolean stands = peak >= 0 && later >= 0 && line.share(peak) >= line.share(later) + MARGIN
                && line.share(peak) >= Band.MODERATE.from();
        return stands && lively(judged, third) >= LIVELY
                ? List.of(finding(judged, peak))
                : List.of();
    }

    /** The second at which it is hardest, of those for which a heart rate is claimed and that lie in the main part. */
    private static int highest(ClassUnderCheck judged, Line line, int from, int to) {
        int highest = -1;
        for (Piece piece : judged.effort().pieces()) {
            boolean counts = piece.demand().kind() == Demand.Kind.RHYTHMIC
                    && main(judged, piece);
            for (int at = Math.max(from, piece.from()); counts && at < Math.min(to, piece.to()); at++) {
                highest = highest < 0 || line.share(at) > line.share(highest) ? at : highest;
            }
        }
        return highest;
    }

    private static boolean main(ClassUnderCheck judged, Piece piece) {
        Segment segment = judged.segmentOf().get(piece.entry());
        return segment != null && segment.role().main();
    }

    /** The seconds of rhythmic work of the main part behind a moment. */
    private static int lively(ClassUnderCheck judged, int from) {
        return judged.effort().pieces().stream()
                .filter(piece -> piece.demand().kind() == Demand.Kind.RHYTHMIC && piece.to() > from)
                .filter(piece -> main(judged, piece))
                .mapToInt(piece -> piece.to() - Math.max(from, piece.from())).sum();
    }

    private Finding finding(ClassUnderCheck judged, int peak) {
        Piece piece = judged.effort().pieceAt(peak).orElseThrow();
        String name = judged.find(piece.entry()).map(Entry::name).orElse("");
        return found(Severity.WATCH,
                Place.of(piece.segment(), Optional.of(piece.entry()), Duration.ofSeconds(peak)),
                "The hardest moment comes at %s already, in %s.".formatted(
                        Lengths.clock(Duration.ofSeconds(peak)), name),
                "It lies best between half and four fifths of the class. What follows an early one feels long, and nobody has much left to give.",
                SourceKind.TEACHING_RANGE, () -> judged.ofItem(piece.entry(), item -> mends(judged, item)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        List<Way> ways = new ArrayList<>();
        List<Segment> aerobic = judged.segments(Role.AEROBIC);
        if (!aerobic.isEmpty()) {
            Segment last = aerobic.getLast();
            boolean same = last.lines().anyMatch(line -> line.id().equals(item.id()));
            ways.add(Way.of("%s at the end of %s".formatted(item.name(), last.name()),
                    Moves.move(judged.plan(),
                            item.id(), last.id(), last.entries().size() - (same ? 1 : 0))));
        }
        if (item.delivery().variant() != Variant.EASIER) {
            ways.add(Variants.easier(judged.plan(), item));
        }
        double mets = item.exercise().work().mets().value();
        ways.addAll(Mends.replace(judged, item, other -> other.work().mets().value() < mets));
        return ways;
    }
}
