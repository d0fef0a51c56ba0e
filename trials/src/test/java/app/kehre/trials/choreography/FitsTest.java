package app.kehre.trials.choreography;

import org.junit.jupiter.api.Test;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Fit;
import app.kehre.core.choreography.Fits;
import app.kehre.core.choreography.Legs;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What fits at a point of a combination, and what each leg does in it. */
class FitsTest {

    private static Fit fit(Fits fits, String id) {
        return fits.moves().stream().filter(each -> each.danced().move().id().equals(id)).findFirst()
                .orElseThrow();
    }

    @Test
    void whatFitsComesFirstOnTheFreeFootAndSaysItsCounts() {
        Combination combination = Moves.combination("basic-step R x2; knee-up R");

        Fits fits = Fits.of(combination, 2, Moves.all());

        assertThat(fits.free()).isEqualTo(Side.LEFT);
        assertThat(fits.count()).isEqualTo(12);
        assertThat(fits.countsLeft()).isEqualTo(20);
        assertThat(fits.moves().getFirst().fits()).isTrue();
        assertThat(fit(fits, "v-step").words()).isEqualTo("4, keeps the lead");
        assertThat(fit(fits, "v-step").danced().lead()).isEqualTo(Side.LEFT);
    }

    @Test
    void whatDoesNotFitSaysWhyAndASideOnMoveTurnsIntoIt() {
        Combination combination = Moves.combination("basic-step R x7");

        Fits fits = Fits.of(combination, 1, Moves.all());

        assertThat(fit(fits, "repeater-knee").words()).isEqualTo("8 counts, 4 are left in the phrase");
        assertThat(fit(fits, "straddle-down").fits()).isFalse();
        assertThat(fit(fits, "straddle-down").words()).startsWith("it starts on top of the bench");
        assertThat(fit(fits, "over-the-top").words())
                .isEqualTo("4, changes the lead, quarter turn left into it");
    }

    @Test
    void theFirstMoveMayBeAnyAndBothLegsAreCounted() {
        assertThat(Fits.of(Moves.combination("basic-step R"), 0, Moves.all()).moves())
                .filteredOn(each -> each.danced().move().id().equals("turn-step")).allMatch(Fit::fits);
        Combination repeater = Moves.combination("repeater-knee R hop");
        assertThat(Legs.of(repeater)).isEqualTo(new Legs(7, 1, 1, 3, true));
        assertThat(Legs.of(repeater).otherSide(repeater))
                .isEqualTo("Ends with the left free: it repeats on the left by itself.");
        Combination basic = Moves.combination("basic-step R x8");
        assertThat(Legs.of(basic).otherSide(basic)).isEqualTo(
                "Keeps the right: to change over, end Basic step on a tap instead of a step.");
    }

    @Test
    void halfTimeMovesTakeTwiceTheCounts() {
        Combination slow = Moves.combination("basic-step R x2");
        assertThat(slow.with(0, part -> part.withPace(Pace.HALF_TIME)).counts()).isEqualTo(16);
        assertThat(slow.with(0, part -> part.withPace(Pace.DOUBLE_TIME)).counts()).isEqualTo(4);
    }

    @Test
    void theTimeOfABuildUpIsTypedWithItsMethod() {
        BuildUp build = BuildUp.of(line(1), Moves.LIBRARY.find("march").orElseThrow());

        Reading<Entry> typed = EntryText.withDose(build, "12 min, link");
        assertThat(typed.value().map(EntryText::dose)).contains("12 min, link");
        assertThat(EntryText.withDose(build, "12 min, backwards").problem())
                .isEqualTo("\"backwards\" is no way"
                        + " to build up: write one of add-on, link, layering, reduction, mixture.");
        assertThat(EntryText.withDose(build, "90 min").problem())
                .isEqualTo("The time of a build-up must be from 60 to 3600 s, not 5400.");
    }
}
