package app.kehre.trials.balance;

import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.Threshold;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.dose.Reps;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.proposal.Way;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** The class that does everything wrong, and the classes of the week. */
class EverythingAtOnceTest {

    /** What is measured in minutes instead of counted. */
    private static final Set<String> MEASURED = Set.of("over-slot", "short-cool-down");
    private static final int MOST_MENDS = 250;
    /** What a mend may cost elsewhere when it takes its own finding away. */
    private static final double REGRESS = 1;

    private static Assessment judge(ClassPlan plan) {
        return Assessment.of(plan, Hall.LIBRARY);
    }

    private static List<Finding> serious(Assessment assessment) {
        return assessment.findings().stream().filter(finding -> finding.severity() != Severity.WATCH)
                .toList();
    }

    /**
     * What is left to do: a stop counts most, then a mend, each minute over the slot and of stretch that is missing, and how
     * far the aerobic part is from its target.
     */
    private static double left(Assessment assessment) {
        double over = Math.max(0, -assessment.timeline().fit().spare().toSeconds() / 60.0);
        double stretched = assessment.timeline().plan().segments().stream()
                .filter(segment -> segment.role() == Role.STRETCH || segment.role() == Role.COOL_DOWN)
                .mapToDouble(
                        segment -> assessment.timeline().ofSegment(segment.id()).length().toSeconds() / 60.0)
                .sum();
        long mends = serious(assessment).stream().filter(finding -> finding.severity() == Severity.FIX)
                .filter(finding -> !MEASURED.contains(finding.check())).count();
        double outside = assessment.effort().insideAerobic().map(inside -> Math.max(0, 0.5 - inside))
                .orElse(0.0);
        return 10.0 * assessment.count(Severity.STOP) + 3.0 * mends + over + 2 * Math.max(0, 8 - stretched)
                + 6 * outside;
    }

    /** The mend that leaves least to do, of the first finding that one helps or at least takes away. */
    private static Optional<Way> next(Assessment now) {
        for (Finding finding : serious(now)) {
            Optional<Way> best = Optional.empty();
            double least = Double.MAX_VALUE;
            for (Way mend : finding.mends()) {
                Assessment after = judge(mend.after());
                boolean gone = after.findings().stream().noneMatch(finding::same);
                double allowed = left(now) + (gone ? REGRESS : -0.01);
                double then = left(after);
                if (then <= allowed && then < least) {
                    best = Optional.of(mend);
                    least = then;
                }
            }
            if (best.isPresent()) {
                return best;
            }
        }
        return Optional.empty();
    }

    @Test
    void itIsMendedToNothingSeriousByLocalMendsAlone() {
        Assessment now = judge(DemoPlan.load(DemoPlan.EVERYTHING_AT_ONCE, Hall.LIBRARY).plan());
        assertThat(now.findings().stream().map(finding -> finding.check().replaceAll("/.*", "")).distinct())
                .hasSizeGreaterThanOrEqualTo(20);

        for (int i = 0; i < MOST_MENDS; i++) {
            Optional<Way> mend = next(now);
            if (mend.isEmpty()) {
                break;
            }
            now = judge(mend.get().after());
        }

        assertThat(serious(now)).extracting(Finding::what).isEmpty();
    }

    @Test
    void theClassesOfTheWeekHaveNothingThatCanHurt() {
        for (String name : DemoPlan.NAMES) {
            Assessment assessment = judge(DemoPlan.load(name, Hall.LIBRARY).plan());

            assertThat(assessment.findings()).filteredOn(finding -> finding.severity() == Severity.STOP)
                    .as(name)
                    .extracting(Finding::what).isEmpty();
            assertThat(assessment.verdict()).as(name).contains(".");
        }
    }

    @Test
    void aFindingThatIsSetAsideIsNoLongerOpenUntilItIsTakenUpAgain() {
        ClassPlan plan = DemoPlan.load(DemoPlan.EVERYTHING_AT_ONCE, Hall.LIBRARY).plan();
        Finding first = judge(plan).findings().getFirst();

        ClassPlan aside = Assessment.setAside(plan, first, "the cupboard has more");

        assertThat(judge(aside).findings()).noneMatch(first::same);
        assertThat(judge(aside).aside()).extracting(Assessment.Aside::words)
                .containsExactly(first.what() + " (the cupboard has more)");
        assertThat(Assessment.takeUp(aside, Fact.of(first))).isEqualTo(plan);
    }

    @Test
    void aReasonSilencesOnlyWhatItWasGivenFor() {
        Hall expecting = Hall.hall().group(group -> group.withLimit(Limit.PREGNANCY, 1));
        ClassPlan plan = expecting.toning("squat-jump 12 reps").plan();
        Finding caution = Hall.of(judge(plan), "caution").getFirst();
        ClassPlan aside = Assessment.setAside(plan, caution, "she has asked her midwife about these");
        assertThat(Hall.of(judge(aside), "caution")).isEmpty();

        Item line = aside.items().findFirst().orElseThrow();
        ClassPlan other = aside.with(line.withExercise(Hall.exercise("scissor-jump")));
        assertThat(Hall.of(judge(other), "caution")).extracting(Finding::severity)
                .containsExactly(Severity.STOP);
        assertThat(judge(other).aside()).isEmpty();

        ClassPlan longer = aside.with(line.withDose(Reps.of(16)));
        assertThat(Hall.of(judge(longer), "caution")).isEmpty();
        assertThat(Hall.of(judge(other.with(line)), "caution")).isEmpty();
    }

    @Test
    void aFigureThatIsChangedForTheClassIsWhatItIsJudgedBy() {
        ClassPlan plan = Hall.slot(30).aerobic("march 168 eights; step-touch 168 eights").plan();
        assertThat(Hall.of(judge(plan), "no-water")).isNotEmpty();

        ClassPlan patient = plan.with(plan.thresholds().with(Threshold.WATER, 40));

        assertThat(Hall.of(judge(patient), "no-water")).isEmpty();
    }

    @Test
    void aLongTimeWithoutWaterIsMendedByAsMuchAsItTakesAndWhereItHelps() {
        ClassPlan plan = Hall.slot(75)
                .aerobic(String.join("; ", Collections.nCopies(9, "march 64 eights"))).plan();
        Finding dry = Hall.of(judge(plan), "no-water").getFirst();

        Way mend = dry.mends().getFirst();

        assertThat(dry.what()).isEqualTo("No water from 0:00 to 36:34.");
        assertThat(Hall.of(judge(mend.after()), "no-water")).isEmpty();
        assertThat(mend.after().lines().filter(Pause.class::isInstance)).hasSize(2);
    }

    @Test
    void whatIsSaidOfTheClassAtAnotherLineNowIsNeitherMendedNorNew() {
        ClassPlan plan = Hall.slot(75)
                .aerobic(String.join("; ", Collections.nCopies(9, "march 64 eights"))).plan();
        ClassPlan shorter = plan.remove(plan.items().findFirst().orElseThrow().id());

        Effect effect = Effect.of(judge(plan), shorter, Hall.LIBRARY);

        assertThat(Hall.of(judge(shorter), "no-water").getFirst().entry())
                .isNotEqualTo(Hall.of(judge(plan), "no-water").getFirst().entry());
        assertThat(effect.gone()).extracting(Finding::key).doesNotContain(CheckKey.NO_WATER);
        assertThat(effect.fresh()).extracting(Finding::key).doesNotContain(CheckKey.NO_WATER);
    }

    @Test
    void theReadOutNamesForWhomNoHeartRateIsAGuideAndClaimsNoneInToning() {
        Effort dance = judge(Hall.hall().aerobic("march 32 eights").plan()).effort();
        Effort pregnant = judge(Hall.hall().group(group -> group.withLimit(Limit.PREGNANCY, 1))
                .aerobic("march 32 eights").plan()).effort();
        Effort toning = judge(Hall.hall().toning("squat 40 reps").plan()).effort();

        assertThat(ReadOut.of(dance, 60)).contains("regular", "% HRR").doesNotContain("talk test only");
        assertThat(ReadOut.of(pregnant, 60)).endsWith("effort and talk test only");
        assertThat(ReadOut.of(toning, 60)).contains("no heart rate is claimed").doesNotContain("% HRR");
    }
}
