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
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** The effort jumps at the start of the main part. */
final class JumpCheck implements KeyedCheck {

    private static final int WINDOW = 60;
    private static final int MARCH_EIGHTS = 8;

    @Override
    public CheckKey key() {
        return CheckKey.JUMP;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Optional<Segment> main = judged.segments(Role.AEROBIC, Role.TONING, Role.CORE).stream().findFirst();
        if (main.isEmpty()) {
            return List.of();
        }
        Line line = judged.effort().main();
        int start = (int) Lengths.seconds(judged.timeline().ofSegment(main.get().id()).start());
        double most = 0;
        for (int at = start; at < start + WINDOW && at + WINDOW < line.seconds(); at++) {
            boolean claimed = judged.effort().pieceAt(at + WINDOW)
                    .map(piece -> piece.demand().kind() == Demand.Kind.RHYTHMIC).orElse(false);
            most = claimed ? Math.max(most, line.share(at + WINDOW) - line.share(at)) : most;
        }
        if (most * 100 <= judged.figures().of(Threshold.JUMP)) {
            return List.of();
        }
        return List.of(found(Severity.FIX, judged.at(main.get()),
                "%s begins with a jump of %d points within a minute.".formatted(main.get().name(),
                        Math.round(most * 100)),
                "More than %d points of the heart-rate reserve within 60 s is a jump. Effort rises gradually from the warm-up."
                        .formatted(judged.figures().of(Threshold.JUMP)),
                SourceKind.ESTIMATE, () -> mends(judged, main.get())).by(most));
    }

    private static List<Way> mends(ClassUnderCheck judged, Segment main) {
        List<Way> mends = new ArrayList<>();
        judged.library().find("march").ifPresent(march -> {
            ClassPlan plan = judged.plan();
            Item easy = Item.of(plan.nextEntryId(), march).withDose(Counts.ofEights(MARCH_EIGHTS));
            mends.add(Way.of("March 8 eights first", plan.add(main.id(), 0, easy)));
        });
        judged.items(main).stream().findFirst().filter(item -> item.manner().variant() != Variant.EASIER)
                .ifPresent(item -> mends.add(Variants.easier(judged.plan(), item)));
        return mends;
    }
}
