package app.kehre.trials.stepping;

import java.util.List;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.TempoRange;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;
import app.kehre.core.testing.Plans;
import app.kehre.trials.choreography.Draw;
import app.kehre.trials.choreography.Moves;

import static org.assertj.core.api.Assertions.assertThat;

/** Combinations that are known to be right, and some that are known to break at one place. */
class ChecksTest {

    static final Conditions USUAL = Conditions.of(126);

    private static ClassPlan with(Combination combination) {
        BuildUp build = BuildUp.of(EntryId.FIRST, Moves.LIBRARY.find(BuildUp.USUAL_HOLD).orElseThrow());
        ClassPlan plan = Plans.of(60).segment("Aerobic", Role.AEROBIC, 126).plan();
        return plan.add(plan.segments().getFirst().id(), 0, build.with(build.build().with(0, combination)));
    }

    /** With its mends put into a class of which it is all. */
    static List<Finding> mendable(Combination combination) {
        return Checks.of(combination, USUAL, Moves.all(), ChecksTest::with);
    }

    static Combination danced(ClassPlan plan) {
        return plan.buildUps().findFirst().orElseThrow().build().combinations().getFirst();
    }

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
        assertThat(Checks.of(Moves.combination(text), USUAL)).extracting(Finding::what)
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
            basic-step R x4; mambo R x4                     | STANDING_PLACE | 1
            basic-step R x4; straddle-down R x4             | STANDING_PLACE | 1
            corner-knee R; basic-step L x7                  | STANDING_PLACE | 1
            travel-basic R x2; basic-step R x6              | STANDING_PLACE | 0
            travel-basic R; basic-step R x7                 | REPEAT   | 1
            basic-step R x6; [A up, B up, A over, B over] R x2 | OFF_THE_BENCH | 1
            basic-step R x7; [A up, B up, jump down, -] R   | OFF_THE_BENCH | 1
            [A up, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, b tap back, b knee, B down, A down] R x2 | ONE_LEG | 0
            repeater-knee R; repeater-knee L; repeater-curl R; repeater-side L | REPEATERS | 2
            basic-step R x16; basic-step R x16              | SAME_LEAD | 0
            knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; knee-lift-floor R x16 hop; knee-lift-floor R x16 hop | HOPS | 0
            basic-step R; v-step R; knee-up R; leg-curl-step L; kick-step R; side-leg-step L; back-lift-step R; charleston-step L | NEW_MOVES | 6
            """)
    void whatIsWrongIsFoundAtItsPlace(String text, CheckKey key, int part) {
        var found = Checks.of(Moves.combination(text), USUAL);

        assertThat(found).extracting(Finding::key).as(found.toString()).contains(key);
        assertThat(found.getFirst().place().beat().orElseThrow().part()).isEqualTo(part);
        assertThat(found).as("the one place where it breaks").allMatch(each -> each.key() == key);
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
                USUAL.onFloor(), USUAL.limits(), false);

        assertThat(Checks.of(Moves.combination("basic-step R x8"), conditions))
                .hasSize(missteps);
    }

    @Test
    void anOlderGroupNeedsSlowerMusicOnTheFloor() {
        Conditions older = new Conditions(USUAL.bpm(), USUAL.bench(), USUAL.level(), TempoRange.OLDER,
                USUAL.limits(), false);

        assertThat(Checks.of(Moves.combination("march R x16"), older)).extracting(Finding::what)
                .containsExactly("126 BPM is too fast: an older group goes with 100 to 122 BPM.");
    }

    @Test
    void aWrongFootIsSaidInWordsAndMendedInSeveralWays() {
        Combination wrong = Moves.combination("basic-step R x2; knee-up R; basic-step R; v-step R x4");

        Finding misstep = mendable(wrong).getFirst();

        assertThat(misstep.what()).isEqualTo("Count 13: Basic step starts on the right, but Knee lift on the"
                + " step leaves the weight on the right foot.");
        assertThat(misstep.severity()).isEqualTo(Severity.STOP);
        assertThat(misstep.mends()).extracting(Way::words).contains("Basic step, left, the rest mirrored",
                "Tap change, at the end of Knee lift on the step");
        assertThat(misstep.mends()).allSatisfy(mend -> assertThat(
                Checks.of(danced(mend.after()), USUAL)).extracting(Finding::severity)
                .doesNotContain(Severity.STOP));
    }

    @ParameterizedTest
    @ValueSource(strings = {"turn-step R; basic-step L x7", "basic-step R x7", "basic-step R x4; mambo R x4",
            "travel-basic R; basic-step R x7", "basic-step R x6; [A up, B up, A over, B over] R x2",
            "basic-step R x4; straddle-down R x4"})
    void everyBreakOffersAWayToMendIt(String text) {
        Finding misstep = mendable(Moves.combination(text)).getFirst();

        assertThat(misstep.mends()).as(misstep.what()).isNotEmpty();
    }

    @Property(tries = 200)
    void mirroringTwiceIsTheIdentityAndAMirroredCombinationIsAsRight(@ForAll long seed,
            @ForAll @IntRange(min = 1, max = 12) int moves) {
        Combination drawn = Draw.combination(seed, moves);

        assertThat(drawn.mirrored().mirrored()).isEqualTo(drawn);
        assertThat(Checks.of(drawn.mirrored(), USUAL)).extracting(Finding::key)
                .isEqualTo(Checks.of(drawn, USUAL).stream().map(Finding::key).toList());
    }
}
