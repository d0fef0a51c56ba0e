package app.kehre.core.drafting;

import java.util.Comparator;
import java.util.EnumSet;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Ledger;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;

/** Mends what is found in a draft by another exercise in the place of one that was chosen. */
final class Replacements {

    /** How many are tried for a finding, and how many of them for each exercise. */
    private static final int MOST = 12;
    private static final int EACH = 3;
    private static final int FOR_TASTE = 5;
    /** Checks that another exercise of the same purpose often satisfies. */
    private static final Set<CheckKey> TASTES = EnumSet.of(CheckKey.NO_BALANCE_SCREEN, CheckKey.NO_PREVIEW,
            CheckKey.NOT_LAID_OUT, CheckKey.ON_END);

    /** Checks that deriving the warm-up, or the stretch, anew from the class as it is satisfies. */
    private static final Set<CheckKey> PREPARED = EnumSet.of(CheckKey.NO_PREVIEW, CheckKey.NOT_PREPARED);
    private static final Set<CheckKey> RELEASED = EnumSet.of(CheckKey.NOT_RELEASED, CheckKey.SHORT_HOLD);

    private final Pool pool;
    private final WarmUpAndStretch warmUpAndStretch;
    private final Fixed kept;

    Replacements(Toolbox toolbox, Fixed kept) {
        this.pool = toolbox.pool();
        this.warmUpAndStretch = toolbox.warmUpAndStretch();
        this.kept = kept;
    }

    /** Returns the class with one exercise exchanged, in some ways, or with its warm-up or stretch derived anew. */
    Stream<ClassPlan> of(Assessment now, Finding finding) {
        ClassPlan plan = now.plan();
        if (finding.key() == CheckKey.RATIO) {
            return balanced(now);
        }
        return Stream.concat(
                TASTES.contains(finding.key())
                        ? finding.entry().stream().flatMap(each -> alike(plan, each))
                        : Stream.empty(),
                Stream.concat(PREPARED.contains(finding.key()) ? again(plan, Role.WARM_UP) : Stream.empty(),
                        RELEASED.contains(finding.key()) ? again(plan, Role.STRETCH) : Stream.empty()));
    }

    private Stream<ClassPlan> again(ClassPlan plan, Role role) {
        return Stream.of(
                warmUpAndStretch.of(plan,
                        segment -> segment.role() == role && kept.derives(segment) && !segment.leftOut(),
                        kept));
    }

    /** Where one area outweighs what works against it, an exercise of the one is exchanged for one of the other. */
    private Stream<ClassPlan> balanced(Assessment now) {
        ClassPlan plan = now.plan();
        return IntStream.range(0, MuscleBalance.PAIRS).filter(pair -> uneven(now, pair)).boxed()
                .flatMap(pair -> {
                    Ledger.Ratio ratio = now.ledger().ratios().get(pair);
                    int greater = ratio.first() > ratio.second() ? 1 : -1;
                    return plan.items().filter(item -> MuscleBalance.side(item.exercise(), pair) == greater)
                            .flatMap(item -> others(plan, item)
                                    .filter(each -> MuscleBalance.side(each, pair) == -greater)
                                    .limit(EACH).map(each -> exchanged(plan, item, each)));
                }).limit(MOST);
    }

    private static boolean uneven(Assessment now, int pair) {
        return now.ledger().ratios().get(pair).evenness() < now.plan().thresholds()
                .share(Threshold.RATIO);
    }

    /** What works as much of the same as can be had. */
    private Stream<ClassPlan> alike(ClassPlan plan, EntryId entry) {
        return plan.items().filter(item -> item.id().equals(entry))
                .flatMap(item -> others(plan, item)
                        .sorted(Comparator.comparing((Exercise each) -> -shared(each, item.exercise())))
                        .limit(FOR_TASTE).map(each -> exchanged(plan, item, each)));
    }

    /** A station of a circuit stays one. */
    private static ClassPlan exchanged(ClassPlan plan, Item item, Exercise other) {
        Item now = Item.of(item.id(), other);
        return plan
                .with(plan.circuitOf(item.id()).isEmpty()
                        ? now
                        : now.withDose(new Circuits(plan).dose(other)));
    }

    private static long shared(Exercise one, Exercise other) {
        return one.main().stream().filter(other.main()::contains).count();
    }

    /** What is not in the class yet and suits the place of a line, at the same level. */
    private Stream<Exercise> others(ClassPlan plan, Item item) {
        Set<String> used = plan.items().map(each -> each.exercise().id()).collect(Collectors.toSet());
        boolean station = plan.circuitOf(item.id()).isPresent();
        return pool.of(plan.segmentOf(item.id()).orElseThrow().role()).stream()
                .filter(each -> !used.contains(each.id()) && (!station || Circuits.station(each))
                        && (each.strengthens() || !item.exercise().strengthens())
                        && each.position().level() == item.position().level());
    }
}
