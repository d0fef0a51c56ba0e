package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Participant;
import app.kehre.core.effort.Piece;
import app.kehre.core.effort.Scale;
import app.kehre.core.effort.Target;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;

/** Most of the work of a toning or core part feels lighter, or harder, than such a part should. */
final class TonedCheck implements KeyedCheck {

    /** So much of the work must miss the target. */
    private static final double MOST = 0.5;
    /** Who is that near to an edge of the target is inside it: efforts are told in halves. */
    private static final double NEAR = 0.5;
    private static final double SHORT = 60;

    /** The work of a part: its seconds, those below and above the target, and how hard it feels. */
    private record Felt(double seconds, double below, double above, double effort) {

        double off() {
            return seconds < SHORT ? 0 : Math.max(below, above) / seconds;
        }
    }

    @Override
    public CheckKey key() {
        return CheckKey.TONING_MISSED;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments(Role.TONING, Role.CORE)) {
            Felt felt = felt(judged.effort(), segment);
            if (felt.off() > MOST) {
                findings.add(finding(judged, segment, felt).by(felt.off()));
            }
        }
        return findings;
    }

    private static Felt felt(Effort effort, Segment segment) {
        Optional<Target> target = Optional.ofNullable(effort.targets().get(segment.id()));
        Participant who = effort.main().who();
        double seconds = 0;
        double below = 0;
        double above = 0;
        double sum = 0;
        for (Piece piece : effort.pieces()) {
            if (piece.segment().equals(segment.id()) && piece.demand().kind() == Demand.Kind.STRENGTH) {
                double length = piece.stretch().length().toNanos() / 1e9;
                double felt = Scale.effort(piece.demand().share(who));
                seconds += length;
                sum += length * felt;
                below += target.filter(each -> felt < Scale.effort(each.low(0)) - NEAR).isPresent()
                        ? length
                        : 0;
                above += target.filter(each -> felt > Scale.effort(each.high(0)) + NEAR).isPresent()
                        ? length
                        : 0;
            }
        }
        return new Felt(seconds, below, above, seconds == 0 ? 0 : sum / seconds);
    }

    private Finding finding(ClassUnderCheck judged, Segment segment, Felt felt) {
        boolean hard = felt.above() > felt.below();
        Target target = judged.effort().targets().get(segment.id());
        return found(Severity.WATCH, judged.at(segment),
                "%s is %s for this group: its work feels like %.1f of 10.".formatted(segment.name(),
                        hard ? "too hard" : "too light", felt.effort()),
                "Most of it should feel like %.0f to %.0f. Load, tempo, reps and options set it.".formatted(
                        target == null ? 0 : Scale.effort(target.low(0)),
                        target == null ? 0 : Scale.effort(target.high(0))),
                SourceKind.ESTIMATE, () -> mends(judged, segment, hard));
    }

    private static List<Way> mends(ClassUnderCheck judged, Segment segment, boolean hard) {
        List<Item> items = judged.items(segment).stream()
                .filter(item -> item.delivery().variant() != (hard ? Variant.EASIER : Variant.HARDER))
                .toList();
        List<Way> mends = new ArrayList<>();
        if (items.size() > 1) {
            mends.add(Variants.throughout(judged.plan(), items, hard));
        }
        items.stream().map(item -> hard
                ? Variants.easier(judged.plan(), item)
                : Variants.harder(judged.plan(), item)).forEach(mends::add);
        for (Item item : items) {
            double effort = item.exercise().work().effort().orElse(0.0);
            mends.addAll(Mends.replace(judged, item, other -> hard
                    ? other.work().effort().orElse(effort) < effort
                    : other.work().effort().orElse(effort) > effort).stream().limit(1).toList());
        }
        return mends;
    }
}
