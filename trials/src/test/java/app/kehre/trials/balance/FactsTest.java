package app.kehre.trials.balance;

import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Way;

import static org.assertj.core.api.Assertions.assertThat;

/** One fact is said once, as an instructor would say it. */
class FactsTest {

    private static List<String> said(Assessment judged, CheckKey key) {
        return judged.facts().stream().filter(fact -> fact.key() == key).map(Fact::what).toList();
    }

    private static Hall sore() {
        return Hall.hall().group(group -> group.withLimit(Limit.KNEE, 2))
                .toning("squat 12 reps; split-squat 10 reps, each side; reverse-lunge 12 reps; squat 8 reps; "
                        + "side-lunge 8 reps");
    }

    @Test
    void twoSoreKneesAreOneFactWithItsPlacesAndOneWayAnswersAllOfThem() {
        Assessment judged = sore().judged();
        Fact knees = judged.facts().stream().filter(fact -> fact.key() == CheckKey.CAUTION).findFirst()
                .orElseThrow();

        assertThat(said(judged, CheckKey.CAUTION)).containsExactly(
                "No alternative planned for 2 people with knee problems: Squat, Split squat, Rear lunge and 1 more.");
        assertThat(knees.places()).hasSize(5);
        Way all = knees.mends().getFirst();
        assertThat(all.words()).isEqualTo("Something else for them in all 5");
        assertThat(said(Assessment.of(all.after(), Hall.LIBRARY), CheckKey.CAUTION)).isEmpty();
        assertThat(Effect.of(judged, all.after(), Hall.LIBRARY).lines())
                .filteredOn(line -> line.startsWith("mends"))
                .contains("mends: " + knees.what());
    }

    @Test
    void aFactIsSetAsideAtItsPlacesAndIsBackWhereItShowsAnew() {
        Assessment judged = sore().judged();
        Fact knees = judged.facts().stream().filter(fact -> fact.key() == CheckKey.CAUTION).findFirst()
                .orElseThrow();
        ClassPlan aside = Assessment.setAside(judged.plan(), knees, "they choose by themselves");

        Assessment then = Assessment.of(aside, Hall.LIBRARY);
        assertThat(said(then, CheckKey.CAUTION)).isEmpty();
        assertThat(then.aside()).extracting(each -> each.fact().what()).contains(knees.what());
        assertThat(Assessment.takeUp(aside, then.aside().getFirst().fact())).isEqualTo(judged.plan());
    }

    /** A few seconds that the instructor let pass kept silent about a warm-up of two minutes. */
    @Test
    void whatWasSetAsideIsBackWhenItHasBecomeMoreSerious() {
        ClassPlan nearly = warmedUp("40 eights");
        Fact little = warmUp(nearly);
        ClassPlan aside = Assessment.setAside(nearly, little, "they come from running");
        ClassPlan halved = warmedUp("20 eights").withAside(aside.aside());

        assertThat(little.severity()).isEqualTo(Severity.WATCH);
        assertThat(said(Assessment.of(aside, Hall.LIBRARY), CheckKey.SHORT_WARM_UP)).isEmpty();
        assertThat(warmUp(halved).severity()).isEqualTo(Severity.FIX);
        assertThat(Assessment.of(halved, Hall.LIBRARY).aside()).isEmpty();
        ClassPlan again = Assessment.setAside(halved, warmUp(halved), "they warm up on the bicycle");
        assertThat(again.aside()).hasSize(1);
        assertThat(said(Assessment.of(again, Hall.LIBRARY), CheckKey.SHORT_WARM_UP)).isEmpty();
    }

    private static ClassPlan warmedUp(String march) {
        return Hall.slot(20).warmUp("march " + march).toning("squat 12 reps").plan();
    }

    private static Fact warmUp(ClassPlan plan) {
        return Assessment.of(plan, Hall.LIBRARY).facts().stream()
                .filter(fact -> fact.key() == CheckKey.SHORT_WARM_UP).findFirst().orElseThrow();
    }

    @Test
    void whatOnlyFollowsFromAMissingWarmUpOrEndStandsBehindIt() {
        Assessment judged = Hall.slot(45)
                .toning("push-up 40 reps; squat 80 reps; forearm-plank 2 x hold 60 s")
                .judged();

        assertThat(said(judged, CheckKey.SHORT_WARM_UP)).containsExactly("There is no warm-up.");
        assertThat(said(judged, CheckKey.SHORT_COOL_DOWN)).containsExactly(
                "There is no cool-down with the stretch.");
        assertThat(judged.facts()).extracting(Fact::key).doesNotContain(CheckKey.NOT_PREPARED,
                CheckKey.NO_PREVIEW, CheckKey.NOT_RELEASED);
    }

    @Test
    void severalAreasThatAreNotStretchedAreOneSentence() {
        Assessment judged = Hall.hall().warmUp("march 16 eights").toning("push-up 80 reps; squat 80 reps")
                .stretch("neck-look-stretch stretch 30 s, each side").judged();

        assertThat(said(judged, CheckKey.NOT_RELEASED)).singleElement().asString()
                .startsWith("Not stretched: chest, buttocks and front of the thigh");
    }

    @Test
    void aVerdictStatesAndNeverPraisesAndAnEmptyClassIsToldWhatComesNext() {
        Assessment empty = Hall.hall().judged();

        assertThat(empty.verdict()).isEqualTo(
                "Empty so far: add a first segment and its lines, or let Kehre draft the class.");
        assertThat(empty.facts()).filteredOn(fact -> fact.severity() != Severity.WATCH).isEmpty();
        assertThat(sore().judged().verdict()).doesNotContainIgnoringCase("balanced")
                .doesNotContainIgnoringCase("prepared,");
    }

    @Test
    void kneeBendsAreTheSquatShownSmallAndTapsBackTheLunge() {
        assertThat(said(Hall.hall().warmUp("march 16 eights").toning("squat 12 reps; reverse-lunge 12 reps")
                .judged(), CheckKey.NO_PREVIEW))
                .containsExactly("No easy rehearsal of the squat and the lunge in the warm-up.");
        assertThat(said(Hall.hall().warmUp("small-knee-bend 12 reps; back-tap 4 eights")
                .toning("squat 12 reps; reverse-lunge 12 reps; hip-lift 12 reps").judged(),
                CheckKey.NO_PREVIEW)).isEmpty();
    }
}
