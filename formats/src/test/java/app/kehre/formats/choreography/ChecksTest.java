package app.kehre.formats.choreography;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Checks;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Misstep;
import app.kehre.core.choreography.Repair;
import app.kehre.core.choreography.TempoRange;

import static org.assertj.core.api.Assertions.assertThat;

/** Combinations that are known to be right, and some that are known to break at one place. */
class ChecksTest {

    private static final Conditions USUAL = Conditions.of(126);

    @ParameterizedTest
    @ValueSource(strings = {"basic-step R x8", "basic-step R x4; v-step R x4", "knee-up R x8",
            "basic-step R x3; knee-up R; basic-step L x3; knee-up L",
            "repeater-knee R; repeater-knee L; basic-step R x4", "turn-step R x8", "over-the-top R x8",
            "v-step R x2; basic-step R x2 tap; v-step L x2; basic-step L x2 tap",
            "grapevine R x2; step-touch R x4; march R x8", "mambo R x4; cha-cha R x4", "pivot-walk R x4",
            "charleston R x2; v-floor R x2; box-step R x4", "basic-step R x2 half; knee-up R x4",
            "v-step R x4 double; basic-step R x6",
            "l-step R; basic-step R x2; travel-basic R; basic-step R x3",
            "over-the-top R x2 turn-1; basic-step R x2 turn1; v-step R x4",
            "up-tap-down-tap R x4; a-step R x4", "charleston-step R x4; mambo-step R x4",
            "knee-up R; leg-curl-step L; kick-step R; side-leg-step L; basic-step R x4",
            "step-touch R x8; double-step-touch R x4", "heel-dig R x8; leg-curl R x8",
            "march R x4; [jump wide, jump] R x8; march R x4"})
    void whatIsRightIsLeftAlone(String text) {
        assertThat(Checks.of(Moves.combination(text), USUAL, Moves.all())).extracting(Misstep::what)
                .isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            knee-up R; basic-step R x7                      | FOOT     | 1
            grapevine R; grapevine R x7                     | FOOT     | 1
            repeater-knee R; v-step R x6                    | FOOT     | 1
            basic-step R x4; v-step L x4                    | FOOT     | 1
            step-touch R x8; step-touch L x8                | FOOT     | 1
            basic-step R x7                                 | PHRASE   | 0
            basic-step R x7; repeater-knee R; basic-step L x7 | PHRASE | 1
            turn-step R; basic-step L x7                    | FACING   | 1
            over-the-top R; basic-step L x7                 | FACING   | 1
            basic-step R x2; over-the-top R x6              | FACING   | 1
            basic-step R x4; mambo R x4                     | PLACE    | 1
            basic-step R x4; straddle-down R x4             | PLACE    | 1
            corner-knee R; basic-step L x7                  | PLACE    | 1
            travel-basic R x2; basic-step R x6              | PLACE    | 0
            travel-basic R; basic-step R x7                 | REPEAT   | 1
            basic-step R x6; [A up, B up, A over, B over] R x2 | OFF_THE_BENCH | 1
            basic-step R x7; [A up, B up, jump down, -] R   | OFF_THE_BENCH | 1
            [A up, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, B down, A down] R x2 | ONE_LEG | 0
            basic-step R x16; basic-step R x16              | SAME_LEAD | 0
            knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; knee-lift-floor R x16 hop | HOPS | 0
            basic-step R; v-step R; knee-up R; leg-curl-step L; kick-step R; side-leg-step L; back-lift-step R; charleston-step L | NEW_MOVES | 6
            """)
    void whatIsWrongIsFoundAtItsPlace(String text, Misstep.Kind kind, int part) {
        var found = Checks.of(Moves.combination(text), USUAL, Moves.all());

        assertThat(found).extracting(Misstep::kind).as(found.toString()).contains(kind);
        assertThat(found.getFirst().part()).isEqualTo(part);
        assertThat(found).as("the one place where it breaks").allMatch(each -> each.kind() == kind);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            126 | 15 | 0
            132 | 15 | 1
            126 | 25 | 1
            122 | 25 | 0
            """)
    void aHigherBenchNeedsSlowerMusic(int bpm, int height, int missteps) {
        Conditions conditions = new Conditions(new app.kehre.core.music.Bpm(bpm), height, USUAL.level(),
                USUAL.onFloor(), USUAL.limits());

        assertThat(Checks.of(Moves.combination("basic-step R x8"), conditions, Moves.all()))
                .hasSize(missteps);
    }

    @Test
    void anOlderGroupNeedsSlowerMusicOnTheFloor() {
        Conditions older = new Conditions(USUAL.bpm(), USUAL.bench(), USUAL.level(), TempoRange.OLDER,
                USUAL.limits());

        assertThat(Checks.of(Moves.combination("march R x16"), older, Moves.all())).extracting(Misstep::what)
                .containsExactly("126 BPM is too fast: an older group goes with 100 to 122 BPM.");
    }

    @Test
    void aWrongFootIsSaidInWordsAndMendedInSeveralWays() {
        Combination wrong = Moves.combination("basic-step R x2; knee-up R; basic-step R; v-step R x4");

        Misstep misstep = Checks.of(wrong, USUAL, Moves.all()).getFirst();

        assertThat(misstep.what()).isEqualTo("Count 13: Basic step starts on the right, but Knee lift on the"
                + " step leaves the weight on the right foot.");
        assertThat(misstep.severity()).isEqualTo(Severity.STOP);
        assertThat(misstep.repairs()).extracting(Repair::words).contains("Basic step, left", "Tap change");
        assertThat(misstep.repairs()).allSatisfy(repair -> assertThat(
                Checks.of(repair.mended(), USUAL, Moves.all())).extracting(Misstep::severity)
                .doesNotContain(Severity.STOP));
    }

    @ParameterizedTest
    @ValueSource(strings = {"turn-step R; basic-step L x7", "basic-step R x7", "basic-step R x4; mambo R x4",
            "travel-basic R; basic-step R x7", "basic-step R x6; [A up, B up, A over, B over] R x2",
            "basic-step R x4; straddle-down R x4"})
    void everyBreakOffersAWayToMendIt(String text) {
        Misstep misstep = Checks.of(Moves.combination(text), USUAL, Moves.all()).getFirst();

        assertThat(misstep.repairs()).as(misstep.what()).isNotEmpty();
    }

    @Property(tries = 200)
    void mirroringTwiceIsTheIdentityAndAMirroredCombinationIsAsRight(@ForAll long seed,
            @ForAll @IntRange(min = 1, max = 12) int moves) {
        Combination drawn = Draw.combination(seed, moves);

        assertThat(drawn.mirrored().mirrored()).isEqualTo(drawn);
        assertThat(Checks.of(drawn.mirrored(), USUAL, Moves.all())).extracting(Misstep::kind)
                .isEqualTo(Checks.of(drawn, USUAL, Moves.all()).stream().map(Misstep::kind).toList());
    }
}
