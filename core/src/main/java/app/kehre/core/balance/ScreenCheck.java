package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Sides;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/**
 * Lunges or balances on one leg with newcomers, and nobody has looked at their balance. A dance is none of them; what is balanced
 * in the warm-up, and standing on each leg for a while, is a screen by itself.
 */
final class ScreenCheck implements KeyedCheck {

    private static final int SOME = 20;
    private static final int MANY = 40;

    @Override
    public CheckKey key() {
        return CheckKey.NO_BALANCE_SCREEN;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int newcomers = judged.brief().group().mix().newcomers();
        if (newcomers < SOME) {
            return List.of();
        }
        for (Segment segment : judged.segments()) {
            for (Entry entry : segment.lines().toList()) {
                boolean warmUp = segment.role() == Role.WARM_UP;
                if (entry instanceof Screen || entry.exercises().stream()
                        .anyMatch(
                                each -> warmUp && each.pattern() == Pattern.BALANCE || triesEachLeg(each))) {
                    return List.of();
                }
                boolean works = segment.role() == Role.TONING || segment.role() == Role.CORE;
                if (entry instanceof Item item && works && onOneLeg(item.exercise())) {
                    return List.of(finding(judged, item, newcomers >= MANY));
                }
            }
        }
        return List.of();
    }

    /** To stand on one leg for a while, then on the other, is the screen itself; to walk backwards or heel to toe is none. */
    private static boolean triesEachLeg(Exercise exercise) {
        return exercise.pattern() == Pattern.BALANCE && wobbles(exercise)
                && exercise.usualDose() instanceof Hold hold && hold.sides() == Sides.EACH_SIDE;
    }

    private static boolean onOneLeg(Exercise exercise) {
        return exercise.pattern() == Pattern.LUNGE || exercise.pattern() == Pattern.BALANCE
                && exercise.family() != Family.STEADY && !(exercise.usualDose() instanceof Hold)
                && wobbles(exercise);
    }

    private static boolean wobbles(Exercise exercise) {
        return exercise.cautions().stream().anyMatch(caution -> caution.limit() == Limit.BALANCE);
    }

    private Finding finding(ClassUnderCheck judged, Item item, boolean many) {
        return found(many ? Severity.FIX : Severity.WATCH, judged.at(item),
                "%s comes without a balance screen, with newcomers in the group.".formatted(item.name()),
                "From %d %% newcomers on, each leg is tried before lunges and balances. Who wobbles holds on to a chair or stays on both feet."
                        .formatted(SOME),
                SourceKind.TEACHING_RANGE, () -> {
                    ClassPlan plan = judged.plan();
                    Segment segment = plan.segmentOf(item.id()).orElseThrow();
                    int at = segment.entries().stream().map(Entry::id).toList()
                            .indexOf(plan.circuitOf(item.id()).map(Circuit::id).orElse(item.id()));
                    return List.of(Way.of("Balance screen before " + item.name(), plan.add(segment.id(),
                            Math.max(0, at), new Addables.Addable.OfScreen().entry(plan.nextEntryId()))));
                });
    }
}
