package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Counts;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Line;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;

/** The effort jumps at the start of the main part, or from one danced line to the next. */
final class JumpCheck implements KeyedCheck {

    private static final int WINDOW = 60;
    private static final int MARCH_EIGHTS = 8;

    @Override
    public CheckKey key() {
        return CheckKey.JUMP;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        judged.segments(Role.AEROBIC, Role.TONING, Role.CORE).stream().findFirst()
                .flatMap(main -> atTheStart(judged, main)).ifPresent(findings::add);
        judged.segments(Role.AEROBIC).forEach(segment -> inside(judged, segment).ifPresent(findings::add));
        return findings;
    }

    private Optional<Finding> atTheStart(ClassUnderCheck judged, Segment main) {
        int start = (int) Lengths.seconds(judged.timeline().ofSegment(main.id()).start());
        double most = 0;
        for (int at = start; at < start + WINDOW; at++) {
            most = Math.max(most, rise(judged, at));
        }
        return most * 100 <= judged.figures().of(Threshold.JUMP)
                ? Optional.empty()
                : Optional.of(found(Severity.FIX, judged.at(main),
                        "%s begins with a jump of %d points within a minute.".formatted(main.name(),
                                Math.round(most * 100)),
                        why(judged), SourceKind.ESTIMATE, () -> mends(judged, main)).by(most));
    }

    /** Later the effort jumps from one danced line to the next; bursts by the clock are meant to jump. */
    private Optional<Finding> inside(ClassUnderCheck judged, Segment segment) {
        Stretch stretch = judged.timeline().ofSegment(segment.id());
        double most = 0;
        int where = 0;
        for (int at = (int) Lengths.seconds(stretch.start()) + WINDOW; at + WINDOW < Lengths
                .seconds(stretch.end()); at++) {
            double rise = danced(judged, at) && danced(judged, at + WINDOW)
                    ? rise(judged, at)
                    : 0;
            where = rise > most ? at + WINDOW : where;
            most = Math.max(most, rise);
        }
        return most * 100 <= judged.figures().of(Threshold.JUMP)
                ? Optional.empty()
                : judged.effort().pieceAt(where).flatMap(piece -> judged.find(piece.entry()))
                        .map(line -> jumped(judged, line));
    }

    private Finding jumped(ClassUnderCheck judged, Entry line) {
        return foundOf("inside", Severity.WATCH, judged.at(line),
                "The effort jumps at %s: by more than %d points within a minute.".formatted(line.name(),
                        judged.figures().of(Threshold.JUMP)),
                why(judged), SourceKind.ESTIMATE,
                () -> judged.ofItem(line.id(), item -> softer(judged, item)));
    }

    private static List<Way> softer(ClassUnderCheck judged, Item item) {
        List<Way> ways = new ArrayList<>();
        if (item.delivery().variant() != Variant.EASIER) {
            ways.add(Variants.easier(judged.plan(), item));
        }
        double mets = item.exercise().work().mets().value();
        ways.addAll(Mends.replace(judged, item, other -> other.work().mets().value() < mets - 1));
        return ways;
    }

    private static boolean danced(ClassUnderCheck judged, int second) {
        return judged.effort().pieceAt(second).flatMap(piece -> judged.find(piece.entry()))
                .filter(line -> line instanceof BuildUp
                        || line.dosed().filter(dose -> dose instanceof Counts).isPresent())
                .isPresent();
    }

    /** By how much it rises in a minute from a second on, to work for which a heart rate is claimed. */
    private static double rise(ClassUnderCheck judged, int at) {
        Line line = judged.effort().main();
        return at + WINDOW < line.seconds() && judged.effort().pieceAt(at + WINDOW)
                .filter(piece -> piece.demand().kind() == Demand.Kind.RHYTHMIC).isPresent()
                        ? line.share(at + WINDOW) - line.share(at)
                        : 0;
    }

    private static String why(ClassUnderCheck judged) {
        return "More than %d points of the heart-rate reserve within 60 s is a jump. Effort rises step by step."
                .formatted(judged.figures().of(Threshold.JUMP));
    }

    private static List<Way> mends(ClassUnderCheck judged, Segment main) {
        List<Way> mends = new ArrayList<>();
        judged.library().find("march").ifPresent(march -> {
            ClassPlan plan = judged.plan();
            Item easy = Item.of(plan.nextEntryId(), march).withDose(Counts.ofEights(MARCH_EIGHTS));
            mends.add(Way.of("March 8 eights first", plan.add(main.id(), 0, easy)));
        });
        judged.items(main).stream().findFirst().filter(item -> item.delivery().variant() != Variant.EASIER)
                .ifPresent(item -> mends.add(Variants.easier(judged.plan(), item)));
        return mends;
    }
}
