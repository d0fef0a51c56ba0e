package app.kehre.trials.choreography;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Cue;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Lesson;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.music.Bpm;
import app.kehre.core.stepping.Checks;
import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** The build-up: it teaches the combination on both leads in the time there is. */
class ScriptTest {

    private static final Combination FIRST = Moves.combination("Signal",
            "basic-step R x2; knee-up R x2 press; v-step R x2; repeater-knee R");
    private static final Combination SECOND = Moves.combination("Switch",
            "basic-step R x2; leg-curl-step R; kick-step L; charleston-step R x2; v-step R x2");
    private static final Bpm BPM = new Bpm(126);

    private static final Lesson LESSON = lesson(BPM);

    private static Lesson lesson(Bpm bpm, Combination... before) {
        return new Lesson(bpm, Duration.ofSeconds(90), Duration.ofSeconds(120), List.of(before));
    }

    private static Build build(Method method, Combination... combinations) {
        return Build.of(List.of(combinations), method, Moves.LIBRARY.find("basic-step").orElseThrow());
    }

    private static Build build(Method method, Duration time, Combination... combinations) {
        return build(method, combinations).withWish(Optional.of(time));
    }

    private static Script script(Build build) {
        return Script.of(build, LESSON);
    }

    private static List<String> titles(Script script) {
        return script.stages().stream().map(Stage::title).toList();
    }

    @ParameterizedTest
    @EnumSource(Method.class)
    void twelveMinutesOfTwoCombinationsEndOnAPhraseAndLessThanOneShort(Method method) {
        Script script = script(build(method, Duration.ofMinutes(12), FIRST, SECOND));
        Duration phrase = BPM.at(64);

        assertThat(script.length()).isLessThanOrEqualTo(Duration.ofMinutes(12))
                .isGreaterThan(Duration.ofMinutes(12).minus(phrase));
        assertThat(script.eights()).isEqualTo(4 * 47);
        assertThat(script.length()).isEqualTo(BPM.at(64L * 47));
        assertThat(script.works()).as(titles(script).toString()).isTrue();
        assertThat(script.stages().getLast().kind()).isEqualTo(Stage.Kind.FINALE);
    }

    @Test
    void addOnTeachesAThenABThenABC() {
        assertThat(titles(script(build(Method.ADD_ON, Duration.ofMinutes(8), FIRST))))
                .containsExactly("hold, announce Signal", "Basic step", "+ Knee lift on the step", "+ V-step",
                        "finished");
    }

    @Test
    void linkTeachesPiecesAloneThenInPairs() {
        assertThat(titles(script(build(Method.LINK, Duration.ofMinutes(10), FIRST))))
                .containsExactly("hold, announce Signal", "Basic step", "Knee lift on the step",
                        "Basic step + Knee lift on the step", "V-step", "Three-knee repeater",
                        "V-step + Three-knee repeater", "finished");
    }

    @Test
    void layeringStartsPlainAndAddsArmsDirectionAndRhythm() {
        Combination layered = Moves.combination("Layers",
                "basic-step R x2 press; knee-up R x2 hop; turn-step R x2 turn-1; basic-step R half turn1");

        assertThat(titles(script(build(Method.LAYERING, Duration.ofMinutes(10), layered))))
                .containsExactly("hold, announce Layers", "plain", "+ arms", "+ direction", "+ rhythm",
                        "finished");
    }

    @Test
    void reductionTeachesEightFourTwoOfEach() {
        assertThat(titles(script(build(Method.REDUCTION, Duration.ofMinutes(15), FIRST))))
                .containsExactly("hold, announce Signal", "8 of each", "4 of each", "2 of each", "finished");
    }

    /** A phrase at 126 BPM is 15.2 s: three rounds of a new piece come nearest to 90 s, four of the whole to 2 min. */
    @Test
    void withoutAWishANewPieceIsDancedForAboutAMinuteAndAHalfAndWhatIsKnownOnce() {
        Script script = script(build(Method.ADD_ON, FIRST));

        assertThat(script.stages()).extracting(Stage::rounds).containsExactly(new Rounds.Held(1),
                Rounds.each(3), Rounds.each(3), Rounds.each(3), Rounds.each(4));
        assertThat(script.length()).isEqualTo(BPM.at(64L * 27));
        assertThat(script.words()).isEqualTo("27 phrases, 6:51, the right leads 1 phrase more");
        assertThat(script(build(Method.ADD_ON, FIRST.withKnown(true))).eights()).isEqualTo(4 * 15);
    }

    @Test
    void aWishIsMetByRoundsAndHoldsAndWhatItMadeIsSaid() {
        Script longer = script(build(Method.ADD_ON, Duration.ofMinutes(8), FIRST));
        assertThat(longer.words())
                .isEqualTo("31 phrases, 7:52, 4 phrases more than by itself, the right leads 1 phrase more");
        assertThat(longer.fill().fitted()).containsExactly("Signal, finished, 2 rounds more");

        Script shorter = script(build(Method.REDUCTION, Duration.ofMinutes(3), FIRST));
        assertThat(shorter.missing()).containsExactly("No time for: 8 of each; 4 of each.");
        assertThat(shorter.eights()).isEqualTo(4 * 11);
        Script least = script(build(Method.ADD_ON, Duration.ofMinutes(1), FIRST));
        assertThat(least.eights()).as("danced on both leads, and a hold").isEqualTo(4 * 3);
    }

    @Test
    void whatIsFixedIsNeverDroppedAndAWishThatItCannotMeetIsRefusedWithTheLeastAndTheMost() {
        StageKey second = new StageKey("1/add/2");
        Build fixed = build(Method.ADD_ON, Duration.ofMinutes(1), FIRST).with(second, Rounds.each(5));
        Script script = script(fixed);

        assertThat(script.stages()).filteredOn(stage -> stage.key().equals(second)).singleElement()
                .satisfies(stage -> assertThat(stage.rounds()).isEqualTo(Rounds.each(5)));
        assertThat(script.length()).isEqualTo(BPM.at(64L * 10));
        assertThat(script.missing()).first().asString()
                .startsWith(
                        "1:00 cannot be met: as they are set, the stages take 2:32 at least, ");
        for (Stage stage : script(build(Method.ADD_ON, FIRST)).stages()) {
            fixed = fixed.with(stage.key(), stage.rounds());
        }
        Script all = script(fixed.withWish(Optional.of(Duration.ofMinutes(9))));
        assertThat(all.missing()).first().asString().contains("take 6:51 at least, 6:51 at most.");
        assertThat(all.eights()).as("a wish is no filler").isEqualTo(4 * 27);
    }

    @Test
    void whatIsSetStaysAndAStageThatIsLeftOutIsNotDanced() {
        Build changed = build(Method.ADD_ON, Duration.ofMinutes(8), FIRST)
                .with(new StageKey("1/add/1"), Rounds.each(0)).with(new StageKey("2/add/1"), Rounds.each(2));
        Script script = script(changed);

        assertThat(script.stages()).extracting(stage -> stage.key().text()).doesNotContain("1/add/1");
        assertThat(script.eights()).isEqualTo(4 * 31);
        assertThat(script.missing())
                .containsExactly("Set, but no stage of this way of building up: 2/add/1.");
    }

    @Test
    void anOddNumberOfPassesAndOneLeadAloneShowInTheBalanceOfTheLeads() {
        Build odd = build(Method.ADD_ON, FIRST).with(new StageKey("1/add/1"), new Rounds.Leads(4, 3))
                .with(new StageKey("1/add/2"), new Rounds.Leads(2, 0))
                .with(new StageKey("1/hold"), new Rounds.Held(0));
        Script script = script(odd);

        assertThat(script.stages().getFirst().passes()).extracting(Pass::lead).filteredOn(Side.RIGHT::equals)
                .hasSize(4);
        assertThat(script.words()).isEqualTo("23 phrases, 5:50, the right leads 3 phrases more");
        assertThat(script.works()).isTrue();
    }

    @Test
    void aHoldMayStandBeforeAnyStageAndTheWorkMayStopToShowIt() {
        StageKey second = new StageKey("1/add/2");
        Build shown = build(Method.ADD_ON, FIRST).with(second.hold(), new Rounds.Held(2))
                .with(second.show(), new Rounds.Shown(Duration.ofSeconds(20)));
        Script script = script(shown);

        assertThat(script.stages()).extracting(stage -> stage.key().text()).containsExactly("1/hold",
                "1/add/1", "1/add/2/hold", "1/add/2", "1/add/3", "1/finished");
        assertThat(script.length()).isEqualTo(BPM.at(64L * 29).plusSeconds(20));
        assertThat(script(shown.withWish(Optional.of(Duration.ofSeconds(75)))).missing()).first().asString()
                .as("the hold, the stop and the stage on both leads").contains("1:21 at least");
        assertThat(script.start(script.stages().get(4))).isEqualTo(BPM.at(64L * 15).plusSeconds(20));
    }

    @Test
    void aPlainVersionMayBeAnotherMoveOfTheSameCountsAndTapsWhereItWouldLeaveTheOtherFootFree() {
        Exercise knees = Moves.LIBRARY.find("basic-step").orElseThrow();
        Combination plain = FIRST.with(3, danced -> danced.withPlain(Optional.of(knees)));

        Script script = script(build(Method.ADD_ON, plain));

        assertThat(titles(script)).containsExactly("hold, announce Signal", "Basic step",
                "+ Knee lift on the step", "+ V-step", "plain", "finished");
        assertThat(script.stages().get(4).passes().getFirst().moves()).last().satisfies(danced -> {
            assertThat(danced.move()).isEqualTo(knees);
            assertThat(danced.counts()).isEqualTo(FIRST.moves().getLast().counts());
            assertThat(danced.tapChange()).isTrue();
        });
        assertThat(script.works()).isTrue();
        assertThatThrownBy(() -> FIRST.with(3, danced -> danced.withPlain(Moves.LIBRARY.find("biceps-curl"))))
                .hasMessageContaining("cannot stand for");
    }

    @Test
    void fortyAndFortyEightCountsRunOnWithoutFillingWhenSoWished() {
        Combination forty = Moves.combination("Forty", "basic-step R x8; v-step R x2");
        Build build = build(Method.LAYERING, forty);

        assertThat(script(build).stages().getLast().passes()).extracting(Pass::eights).containsOnly(8);
        Script on = script(build.with(ways -> ways.withRunsOn(true)));
        assertThat(on.stages().getLast().passes()).extracting(Pass::eights).containsOnly(5);
        assertThat(on.works()).isTrue();
        assertThat(on.stages().getLast().rounds()).as("2 min of 38 s").isEqualTo(Rounds.each(3));
    }

    @Test
    void aLowImpactBlockOfSquatsLungesAndKneeBendsIsABuildUp() {
        Combination low = Moves.combination("Low",
                "squat R x2; reverse-lunge R x2; small-knee-bend R; step-touch R x2; side-lunge R x2");

        assertThat(script(build(Method.ADD_ON, low)).works()).isTrue();
        assertThat(Checks.of(low, Conditions.of(126))).isEmpty();
    }

    @Test
    void aFinaleMayJoinWhatWasTaughtBeforeInTheClass() {
        Build build = build(Method.ADD_ON, SECOND).with(ways -> ways.withFinaleOfAll(true));

        Script script = Script.of(build, lesson(BPM, FIRST));

        assertThat(script.stages().getLast().title()).isEqualTo("finale: Signal + Switch");
        assertThat(ids(script.passes().getLast())).startsWith(ids(FIRST.moves()));
        assertThat(script.works()).isTrue();
        assertThat(script(build).stages().getLast().title()).as("alone").isEqualTo("finished");
    }

    @Test
    void whatTheGroupKnowsIsTaughtLessAndDancedMore() {
        Build fresh = build(Method.ADD_ON, Duration.ofMinutes(8), FIRST);

        assertThat(last(fresh.with(0, FIRST.withKnown(true)))).isGreaterThan(last(fresh));
    }

    private static int last(Build build) {
        return ((Rounds.Leads) script(build).stages().getLast().rounds()).right();
    }

    @Test
    void aCombinationThatIsRemovedTakesItsSetRoundsWithItAndTheOthersKeepTheirs() {
        Build two = build(Method.ADD_ON, FIRST, SECOND).with(new StageKey("1/add/1"), Rounds.each(5))
                .with(new StageKey("2/add/1"), Rounds.each(2));

        assertThat(two.without(0).own())
                .isEqualTo(Map.of(new StageKey("1/add/1"), Rounds.each(2)));
    }

    @Test
    void aNewMoveIsCuedEightCountsAheadInWordsWithACountdown() {
        Script script = script(build(Method.ADD_ON, Duration.ofMinutes(8), FIRST));
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
        Script script = script(build(Method.ADD_ON, Duration.ofMinutes(5),
                Moves.combination("Turns", "turn-step R x8")));

        assertThat(script.works()).isTrue();
        assertThat(script.passes()).anyMatch(pass -> pass.lead() == Side.LEFT
                && pass.moves().getFirst().move().id().equals("turn-step"));
    }

    @Property(tries = 120)
    void theLastStageIsTheCombinationAndTheLeadsGetEqualPhrases(@ForAll @IntRange(max = 7) int which,
            @ForAll Method method, @ForAll @IntRange(min = 1, max = 30) int minutes,
            @ForAll @IntRange(min = 96, max = 145) int bpm, @ForAll boolean both, @ForAll boolean wished) {
        Combination combination = RIGHT.get(which);
        Combination[] taught = both
                ? new Combination[]{combination, RIGHT.get((which + 3) % RIGHT.size())}
                : new Combination[]{combination};
        Duration time = Duration.ofMinutes(minutes);
        Build build = wished ? build(method, time, taught) : build(method, taught);
        Script script = Script.of(build, lesson(new Bpm(bpm)));

        if (wished && script.fill().refused().isEmpty()) {
            assertThat(script.length()).isLessThanOrEqualTo(time)
                    .isGreaterThan(time.minus(new Bpm(bpm).at(65)));
        }
        int apart = Math.abs(script.eights(Side.RIGHT) - script.eights(Side.LEFT)) / 4;
        assertThat(apart).as(script.words()).isEqualTo(script.eights() / 4 % 2);
        if (!both) {
            assertThat(ids(script.passes().getLast())).startsWith(ids(combination.moves()));
        }
        assertThat(script.works()).as(titles(script).toString()).isTrue();
        assertThat(script.stages()).extracting(Stage::key).doesNotHaveDuplicates();
    }

    @Test
    void aTimeLessThanASecondUnderTheLeastIsRefusedAndTheLeastThatIsSaidCanBeMet() {
        Build build = build(Method.ADD_ON, FIRST).with(new StageKey("1/add/2"), Rounds.each(2));
        Script refused = script(build.withWish(Optional.of(Duration.ofMinutes(1))));
        Script met = script(build.withWish(Optional.of(Duration.ofSeconds(61))));

        assertThat(refused.length()).isBetween(Duration.ofMinutes(1), Duration.ofSeconds(61));
        assertThat(refused.fill().refused().orElseThrow()).startsWith("1:00 cannot be met")
                .contains("take 1:01 at least");
        assertThat(met.fill().refused()).isEmpty();
    }

    /** Whatever is set and wished, what is set is danced as it is set, and a refusal says what is possible. */
    @Property(tries = 150)
    void whatIsSetIsDancedWhateverIsWished(@ForAll @IntRange(max = 7) int which, @ForAll Method method,
            @ForAll @IntRange(min = 1, max = 20) int minutes, @ForAll @IntRange(max = 5) int right,
            @ForAll @IntRange(max = 5) int left, @ForAll @IntRange(max = 9) int stage,
            @ForAll @IntRange(max = 3) int held) {
        Build plain = build(method, RIGHT.get(which));
        List<Stage> danced = script(plain).stages().stream().filter(each -> each.kind() != Stage.Kind.HOLD)
                .toList();
        StageKey key = danced.get(stage % danced.size()).key();
        Script script = script(
                plain.with(key, new Rounds.Leads(right, left)).with(key.hold(), new Rounds.Held(held))
                        .withWish(Optional.of(Duration.ofMinutes(minutes))));

        assertThat(passes(script, key, Side.RIGHT)).isEqualTo(right);
        assertThat(passes(script, key, Side.LEFT)).isEqualTo(left);
        assertThat(script.stages()).filteredOn(each -> each.key().equals(key.hold()))
                .allMatch(each -> each.rounds().equals(new Rounds.Held(held)));
        assertThat(script.fill().refused().isPresent()
                || script.length().compareTo(Duration.ofMinutes(minutes)) <= 0)
                .as(script.words() + script.missing()).isTrue();
        assertThat(Rounds.parse(key, new Rounds.Leads(right, left).notation()).value())
                .contains(new Rounds.Leads(right, left));
    }

    private static long passes(Script script, StageKey key, Side lead) {
        return script.stages().stream().filter(stage -> stage.key().equals(key))
                .map(stage -> (Rounds.Leads) stage.rounds())
                .mapToInt(leads -> lead == Side.RIGHT ? leads.right() : leads.left())
                .sum();
    }

    private static String[] ids(Pass pass) {
        return ids(pass.moves());
    }

    private static String[] ids(List<DancedMove> moves) {
        return moves.stream().map(danced -> danced.move().id() + " " + danced.times()).toArray(String[]::new);
    }

    private static final List<Combination> RIGHT = List.of(FIRST, SECOND,
            Moves.combination("Turns", "turn-step R x8"), Moves.combination("Over", "over-the-top R x8"),
            Moves.combination("Long", "basic-step R x3; knee-up R; basic-step L x3; knee-up L; "
                    + "v-step R x2; repeater-knee R; v-step L x2; repeater-knee L"),
            Moves.combination("Corner", "over-the-top R x2 turn-1; basic-step R x2 turn1; v-step R x4"),
            Moves.combination("Slow", "basic-step R x2 half; knee-up R x3; v-step L"),
            Moves.combination("Odd", "l-step R; basic-step R x2; travel-basic R; basic-step R x3"));
}
