package app.kehre.core.balance;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;

/** Whatever a class is like, it is judged, and every mend of what is found is a class again. */
class AnyClassTest {

    private static final Library LIBRARY = Library.of(Exercises.all());

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    private static Assessment judged(ClassPlan plan) {
        return Assessment.of(plan, LIBRARY);
    }

    @Test
    void everyKeyIsAskedByOneCheck() {
        Set<CheckKey> asked = EnumSet.complementOf(EnumSet.of(CheckKey.UNJUDGED));

        assertThat(asked).extracting(CheckKey::key).doesNotHaveDuplicates()
                .allMatch(key -> key.matches("[a-z]+(-[a-z]+)*"));
        assertThat(Assessment.checks()).isEqualTo(asked);
    }

    @Property(tries = 150, seed = "20261127")
    void everyFindingSaysWhereItIsAndTheMostSeriousComesFirst(@ForAll("plans") ClassPlan plan) {
        Assessment assessment = judged(plan);

        assertThat(assessment.findings()).extracting(Finding::severity).isSorted();
        assertThat(assessment.findings()).allSatisfy(finding -> {
            assertThat(finding.what()).isNotBlank();
            assertThat(finding.why()).isNotBlank();
            finding.entry().ifPresent(id -> assertThat(plan.find(id)).isPresent());
            finding.place().segment().ifPresent(id -> assertThat(plan.findSegment(id)).isPresent());
            assertThat(finding.place().at()).isBetween(Duration.ZERO, assessment.timeline().total());
        });
        assertThat(assessment.verdict()).isNotBlank();
    }

    @Property(tries = 60, seed = "20261127")
    void everyMendIsAnotherClassThatCanBeLaidOut(@ForAll("plans") ClassPlan plan) {
        for (Finding finding : judged(plan).findings()) {
            for (Way mend : finding.mends()) {
                assertThat(mend.words()).isNotBlank();
                assertThat(mend.after()).as(finding.check()).isNotEqualTo(plan);
                assertThat(Timeline.of(mend.after()).total()).isGreaterThanOrEqualTo(Duration.ZERO);
                assertThat(mend.after().lines().map(Entry::id)).doesNotHaveDuplicates();
            }
        }
    }

    @Property(tries = 100, seed = "20261127")
    void aFindingThatIsSetAsideIsOpenNoMoreAndAllOthersAre(@ForAll("plans") ClassPlan plan,
            @ForAll int which) {
        List<Finding> findings = judged(plan).findings();
        if (findings.isEmpty()) {
            return;
        }
        Finding chosen = findings.get(Math.floorMod(which, findings.size()));

        ClassPlan aside = Assessment.setAside(plan, chosen, "meant to be so");

        assertThat(judged(aside).findings()).extracting(Finding::what).isSubsetOf(
                findings.stream().map(Finding::what).toList());
        assertThat(judged(aside).findings()).noneMatch(chosen::same);
        assertThat(judged(aside).aside()).extracting(Assessment.Aside::reason).contains("meant to be so");
        assertThat(judged(Assessment.takeUp(aside, Fact.of(chosen))).findings()).anyMatch(chosen::same);
    }

    @Property(tries = 100, seed = "20261127")
    void whatIsLeftOutLoadsPreparesAndReleasesNothing(@ForAll("plans") ClassPlan plan) {
        ClassPlan none = plan.segments().stream().reduce(plan,
                (now, segment) -> now.with(segment.withLeftOut(true)), (one, _) -> one);
        Ledger ledger = judged(none).ledger();

        assertThat(Muscle.values()).allSatisfy(muscle -> assertThat(ledger.of(muscle).load()).isZero());
    }
}
