package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.edit.Moves;
import app.kehre.core.effort.Band;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Participant;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;

/** The first minutes are hard work, before anybody is warm. */
final class ColdStartCheck implements KeyedCheck {

    /** So long nobody is warm. Teaching range: nothing hard before minute 3. */
    private static final int COLD = 180;
    /** A burst shorter than this is a slip, no beginning. Kehre's estimate. */
    private static final int A_WHILE = 20;

    @Override
    public CheckKey key() {
        return CheckKey.COLD_START;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Participant who = judged.effort().main().who();
        int began = -1;
        int hard = 0;
        Optional<Piece> first = Optional.empty();
        for (Piece piece : judged.effort().pieces()) {
            Demand asked = piece.demand();
            boolean moves = asked.kind() == Demand.Kind.RHYTHMIC || asked.kind() == Demand.Kind.STRENGTH;
            began = began < 0 && moves ? piece.from() : began;
            if (began >= 0 && piece.from() < began + COLD && asked.kind() == Demand.Kind.RHYTHMIC
                    && asked.share(who) >= Band.VIGOROUS.from()) {
                hard += Math.min(piece.to(), began + COLD) - piece.from();
                first = first.or(() -> Optional.of(piece));
            }
        }
        return hard < A_WHILE ? List.of() : first.stream().map(piece -> finding(judged, piece)).toList();
    }

    private Finding finding(ClassUnderCheck judged, Piece piece) {
        String name = judged.find(piece.entry()).map(Entry::name).orElse("the first line");
        return found(Severity.FIX,
                Place.of(piece.segment(), Optional.of(piece.entry()), piece.stretch().start()),
                "%s is vigorous in the first three minutes, before anybody is warm.".formatted(name),
                "The first minutes are big and easy, and the pulse rises step by step. Cold joints and a sudden load go badly together.",
                SourceKind.TEACHING_RANGE, () -> judged.ofItem(piece.entry(), item -> mends(judged, item)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        ClassPlan plan = judged.plan();
        List<Way> ways = new ArrayList<>();
        Segment segment = judged.segmentOf().getOrDefault(item.id(), judged.segments().getFirst());
        int last = segment.entries().size() - 1;
        if (last > 0) {
            ways.add(Way.of("%s at the end of %s".formatted(item.name(), segment.name()),
                    Moves.move(plan, item.id(), segment.id(), last)));
        }
        judged.segments().stream().filter(later -> later.role() == Role.AEROBIC).findFirst()
                .filter(later -> !later.id().equals(segment.id()))
                .ifPresent(later -> ways.add(Way.of("%s in %s".formatted(item.name(), later.name()),
                        Moves.move(plan, item.id(), later.id(), later.entries().size()))));
        if (item.delivery().variant() != Variant.EASIER) {
            ways.add(Variants.easier(plan, item));
        }
        double mets = item.exercise().work().mets().value();
        ways.addAll(Mends.replace(judged, item, other -> other.work().mets().value() < mets - 1));
        return ways;
    }
}
