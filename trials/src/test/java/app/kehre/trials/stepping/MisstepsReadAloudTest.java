package app.kehre.trials.stepping;

import java.io.IOException;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.finding.Finding;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;
import app.kehre.trials.aloud.ReadAloud;
import app.kehre.trials.choreography.Moves;

import static org.assertj.core.api.Assertions.assertThat;

/** What is wrong with a combination and how it is mended, in words that one instructor could say to another. */
class MisstepsReadAloudTest {

    private static final Conditions USUAL = ChecksTest.USUAL;

    static Stream<String> wrong() {
        return Stream.of("knee-up R; basic-step R x7", "step-touch R x8; step-touch L x8", "basic-step R x7",
                "turn-step R; basic-step L x7", "over-the-top R; basic-step L x7",
                "basic-step R x4; mambo R x4", "corner-knee R; basic-step L x7",
                "travel-basic R; basic-step R x7", "basic-step R x6; [A up, B up, A over, B over] R x2",
                "basic-step R x7; [A up, B up, jump down, -] R",
                "repeater-knee R; repeater-knee L; repeater-curl R; repeater-side L",
                "repeater-knee R; repeater-knee L; repeater-curl R; basic-step L x2",
                "basic-step R x16; basic-step R x16",
                "knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; "
                        + "knee-lift-floor R x16 hop",
                "basic-step R; v-step R; knee-up R; leg-curl-step L; kick-step R; side-leg-step L; "
                        + "back-lift-step R; charleston-step L");
    }

    private static List<String> said(String text) {
        return Stream.concat(Stream.of("", "# " + text),
                ChecksTest.mendable(Moves.combination(text)).stream().flatMap(MisstepsReadAloudTest::said))
                .toList();
    }

    private static Stream<String> said(Finding misstep) {
        return Stream.concat(
                Stream.of("[%s, %s]".formatted(misstep.check(), misstep.severity().words()), misstep.what(),
                        misstep.why()),
                misstep.mends().stream().map(Way::words).map("- %s"::formatted));
    }

    @Test
    void eachMisstepIsSaidInTheWordsThatWereReadAloud() throws IOException {
        List<String> said = wrong().flatMap(text -> said(text).stream()).skip(1).toList();

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("missteps.txt"));
    }

    @ParameterizedTest
    @MethodSource("wrong")
    void whatIsOfferedTakesTheMisstepAwayAndNothingIsOfferedTwice(String text) {
        for (Finding misstep : ChecksTest.mendable(Moves.combination(text))) {
            List<Combination> mended = misstep.mends().stream().map(Way::after).map(ChecksTest::danced)
                    .toList();

            assertThat(mended).as(misstep.what()).doesNotHaveDuplicates();
            assertThat(mended).as(misstep.what()).allSatisfy(
                    combination -> assertThat(Checks.of(combination, USUAL)).noneMatch(misstep::same));
        }
    }
}
