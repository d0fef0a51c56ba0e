package app.kehre.trials.choreography;

import java.time.Duration;
import java.util.List;
import java.util.Map;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Part;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.music.Bpm;
import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;

/** The build-up: it teaches the combination on both leads in the time there is. */
class ScriptTest {

    private static final Combination FIRST = Moves.combination("Signal",
            "basic-step R x2; knee-up R x2 press; v-step R x2; repeater-knee R");
    private static final Combination SECOND = Moves.combination("Switch",
            "basic-step R x2; leg-curl-step R; kick-step L; charleston-step R x2; v-step R x2");
    private static final Bpm BPM = new Bpm(126);

    private static Build build(Method method, Duration time, Combination... combinations) {
        return Build.of(List.of(combinations), method, time, Moves.LIBRARY.find("basic-step").orElseThrow());
    }

    private static List<String> titles(Script script) {
        return script.stages().stream().map(Stage::title).toList();
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void twelveMinutesOfTwoCombinationsEndOnAPhraseAndLessThanOneShort(Method method) {
        Script script = Script.of(build(method, Duration.ofMinutes(12), FIRST, SECOND), BPM);
        Duration phrase = BPM.at(64);

        assertThat(script.length()).isLessThanOrEqualTo(Duration.ofMinutes(12))
                .isGreaterThan(Duration.ofMinutes(12).minus(phrase));
        assertThat(script.phrases()).isEqualTo(47);
        assertThat(script.length()).isEqualTo(BPM.at(64L * 47));
        assertThat(script.works()).as(titles(script).toString()).isTrue();
        assertThat(script.stages().getLast().kind()).isEqualTo(Stage.Kind.FINALE);
    }

    @Test
    void addOnTeachesAThenABThenABC() {
        assertThat(titles(Script.of(build(Method.ADD_ON, Duration.ofMinutes(8), FIRST), BPM)))
                .containsExactly("hold, announce Signal", "Basic step", "+ Knee lift on the step", "+ V-step",
                        "finished");
    }

    @Test
    void linkTeachesPiecesAloneThenInPairs() {
        assertThat(titles(Script.of(build(Method.LINK, Duration.ofMinutes(10), FIRST), BPM)))
                .containsExactly("hold, announce Signal", "Basic step", "Knee lift on the step",
                        "Basic step + Knee lift on the step", "V-step", "Three-knee repeater",
                        "V-step + Three-knee repeater", "finished");
    }

    @Test
    void layeringStartsPlainAndAddsArmsDirectionAndRhythm() {
        Combination layered = Moves.combination("Layers",
                "basic-step R x2 press; knee-up R x2 hop; turn-step R x2 turn-1; basic-step R half turn1");

        assertThat(titles(Script.of(build(Method.LAYERING, Duration.ofMinutes(10), layered), BPM)))
                .containsExactly("hold, announce Layers", "plain", "+ arms", "+ direction", "+ rhythm",
                        "finished");
    }

    @Test
    void reductionTeachesEightFourTwoOfEach() {
        assertThat(titles(Script.of(build(Method.REDUCTION, Duration.ofMinutes(15), FIRST), BPM)))
                .containsExactly("hold, announce Signal", "8 of each", "4 of each", "2 of each", "finished");
    }

    @Test
    void whatThereIsNoTimeForIsLeftOutAndSaid() {
        Script script = Script.of(build(Method.REDUCTION, Duration.ofMinutes(3), FIRST), BPM);

        assertThat(script.leftOut()).containsExactly("8 of each", "4 of each");
        assertThat(script.words()).isEqualTo("11 phrases, 20 too few for all stages, the right leads 1 more");
    }

    @Test
    void oneMinuteIsEnoughToDanceItOnBothLeadsTwice() {
        Script script = Script.of(build(Method.ADD_ON, Duration.ofMinutes(1), FIRST), BPM);

        assertThat(script.phrases()).isEqualTo(3);
        assertThat(script.stages().getLast().title()).isEqualTo("finished");
    }

    @Test
    void whatTheGroupKnowsIsTaughtLessAndDancedMore() {
        Build fresh = build(Method.ADD_ON, Duration.ofMinutes(8), FIRST);
        Script known = Script.of(fresh.with(0, FIRST.withKnown(true)), BPM);

        assertThat(known.stages().getLast().rounds())
                .isGreaterThan(Script.of(fresh, BPM).stages().getLast().rounds());
    }

    @Test
    void theInstructorsOwnChangesStayAndTheRestIsFittedAroundThem() {
        Build changed = build(Method.ADD_ON, Duration.ofMinutes(8), FIRST).withRounds("1/add/1", 0)
                .withRounds("1/add/2", 5);

        Script script = Script.of(changed, BPM);

        assertThat(script.stages()).extracting(Stage::key).doesNotContain("1/add/1");
        assertThat(script.stages()).filteredOn(stage -> stage.key().equals("1/add/2"))
                .allSatisfy(stage -> {
                    assertThat(stage.rounds()).isEqualTo(5);
                    assertThat(stage.fixed()).isTrue();
                });
        assertThat(script.passes().stream().mapToInt(Pass::phrases).sum()).isEqualTo(31);
    }

    @Test
    void aNewMoveIsCuedEightCountsAheadInWordsWithACountdown() {
        Script script = Script.of(build(Method.ADD_ON, Duration.ofMinutes(8), FIRST), BPM);
        Cue knee = script.cues(true).stream().filter(cue -> cue.words().startsWith("Knee")).findFirst()
                .orElseThrow();

        assertThat(knee.ahead()).isEqualTo(8);
        assertThat(knee.side()).isEqualTo(Side.RIGHT);
        assertThat(knee.own()).as("the instructor faces the group").isEqualTo(Side.LEFT);
        assertThat(knee.said(knee.at() - 8))
                .isEqualTo("Knee lift on the step 2 times, right, press overhead");
        assertThat(knee.said(knee.at() - 3)).isEqualTo("3");
        assertThat(knee.runs(knee.at() - 9)).isFalse();
        assertThat(knee.runs(knee.at())).isFalse();
        assertThat(script.cues(false)).allMatch(cue -> cue.own() == cue.side());
    }

    @Test
    void aCombinationThatNeedsAnotherPlaceOnTheOtherLeadHasAHoldToWalkThere() {
        Script script = Script.of(build(Method.ADD_ON, Duration.ofMinutes(5),
                Moves.combination("Turns", "turn-step R x8")), BPM);

        assertThat(script.works()).isTrue();
        assertThat(script.passes()).anyMatch(pass -> pass.lead() == Side.LEFT
                && pass.parts().getFirst().move().id().equals("turn-step"));
    }

    @Property(tries = 120)
    void theLastStageIsTheCombinationAndTheLeadsGetEqualPhrases(@ForAll @IntRange(max = 7) int which,
            @ForAll Method method, @ForAll @IntRange(min = 1, max = 30) int minutes,
            @ForAll @IntRange(min = 96, max = 145) int bpm, @ForAll boolean both) {
        Combination combination = RIGHT.get(which);
        Combination[] taught = both
                ? new Combination[]{combination, RIGHT.get((which + 3) % RIGHT.size())}
                : new Combination[]{combination};
        Build build = build(method, Duration.ofMinutes(minutes), taught);
        Script script = Script.of(build, new Bpm(bpm));
        Duration time = Duration.ofMinutes(minutes);

        assertThat(script.length()).isLessThanOrEqualTo(time)
                .isGreaterThan(time.minus(new Bpm(bpm).at(65)));
        int apart = Math.abs(script.phrases(Side.RIGHT) - script.phrases(Side.LEFT));
        assertThat(apart).as(script.words()).isEqualTo(script.phrases() % 2);
        Pass last = script.passes().getLast();
        boolean whole = script.stages().getLast().kind() != Stage.Kind.HOLD;
        if (!both && whole) {
            assertThat(ids(last)).startsWith(ids(combination.parts()));
        }
        assertThat(script.works()).as(titles(script).toString()).isTrue();
        assertThat(script.stages()).extracting(Stage::key).doesNotHaveDuplicates();
    }

    private static String[] ids(Pass pass) {
        return ids(pass.parts());
    }

    private static String[] ids(List<Part> parts) {
        return parts.stream().map(part -> part.move().id() + " " + part.times()).toArray(String[]::new);
    }

    private static final List<Combination> RIGHT = List.of(FIRST, SECOND,
            Moves.combination("Turns", "turn-step R x8"), Moves.combination("Over", "over-the-top R x8"),
            Moves.combination("Long", "basic-step R x3; knee-up R; basic-step L x3; knee-up L; "
                    + "v-step R x2; repeater-knee R; v-step L x2; repeater-knee L"),
            Moves.combination("Corner", "over-the-top R x2 turn-1; basic-step R x2 turn1; v-step R x4"),
            Moves.combination("Slow", "basic-step R x2 half; knee-up R x3; v-step L"),
            Moves.combination("Odd", "l-step R; basic-step R x2; travel-basic R; basic-step R x3"));

    @Test
    void theChangesAreKeptInTheBuildUpByTheKeyOfTheirStage() {
        assertThat(build(Method.LINK, Duration.ofMinutes(5), FIRST).withRounds("1/pair/1", 2).changes())
                .isEqualTo(Map.of("1/pair/1", 2));
    }
}
