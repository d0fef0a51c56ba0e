package app.kehre.core.typing;

import java.time.Duration;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.dose.Hold;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Group;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Variant;
import app.kehre.core.testing.Draws;
import app.kehre.core.value.Reading;

import static app.kehre.core.testing.Exercises.SQUAT;
import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is typed at a circuit, a pause, a screen, and about how an exercise is taught. */
class TeachingTextsTest {

    private final Item item = Item.of(line(1), SQUAT);
    private final Circuit circuit = new Circuit(line(2), "Legs", 2, Duration.ZERO, 0, List.of(item), "");
    private final Pause water = Pause.of(line(3), Pause.Kind.WATER);
    private final Screen screen = new Screen(line(4), "Balance screen", Hold.of(Duration.ofSeconds(10)),
            "wobbles",
            Map.of(), "");

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"3 rounds, rest 75 s|", "1 round|",
            "3 Rounds, rest 1:15, by themselves from round 2|3 rounds, rest 75 s, by themselves from round 2",
            "4 rounds, by themselves from round 3|"})
    void theRoundsOfACircuitAreReadAndPrinted(String written, String printed) {
        assertThat(EntryText.withDose(circuit, written).map(EntryText::dose).value())
                .contains(printed == null ? written : printed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "three|\"three\" does not say the rounds: write it like 3 rounds, rest 75 s, by themselves from round 2.",
            "0 rounds|Rounds must be from 1 to 20, not 0.",
            "9999 rounds|Rounds must be from 1 to 20, not 9999.",
            "3 rounds, rest 20 min|Rest between rounds must be from 0 to 600 s, not 1200.",
            "3 rounds, rest long|\"long\" is not a length: write it like 40 s, 2 min or 1:30."})
    void roundsThatCannotBeAreRefused(String written, String sentence) {
        assertThat(EntryText.withDose(circuit, written).problem()).isEqualTo(sentence);
    }

    @Property
    void circuitsAndPausesAreReadBackAsTheyArePrinted(@ForAll("plans") ClassPlan plan) {
        plan.lines().forEach(entry -> assertThat(EntryText.withDose(entry, EntryText.dose(entry)).value())
                .contains(entry));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"45 s|", "45 s, keep moving|", "45 s, not before 30:00|",
            "45 s, keep moving, not before 30:00|45 s, not before 30:00, keep moving"})
    void aPauseMayWaitAndMayKeepMoving(String written, String printed) {
        assertThat(EntryText.withDose(water, written).map(EntryText::dose).value())
                .contains(printed == null ? written : printed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "45 s, loudly|\"loudly\" does not fit: write it like 40 s, not before 30:00, keep moving.",
            "45 s, not before 5 h|\" 5 h\" is not a length: write it like 40 s, 2 min or 1:30.",
            "45 s, not before 9:00:00|The time of a pause must be from 0 to 10800 s, not 32400."})
    void aPauseThatCannotBeIsRefused(String written, String sentence) {
        assertThat(EntryText.withDose(water, written).problem()).isEqualTo(sentence.replace("\" 5", "\"5"));
    }

    @Test
    void onlyExercisesHaveALoad() {
        assertThat(EntryText.withLoad(circuit, "2 light weights").problem())
                .isEqualTo("Give the load to the exercises of the circuit.");
        assertThat(EntryText.withLoad(screen, "2 light weights").problem())
                .isEqualTo("A screen has no load.");
        assertThat(EntryText.withLoad(screen, "").value()).contains(screen);
    }

    @Test
    void howAnExerciseIsTaughtIsTypedAndEmptyMeansAsUsual() {
        assertThat(typed(DeliveryText.withExplainFor(item, "15 s")).delivery().explaining().length())
                .contains(Duration.ofSeconds(15));
        assertThat(typed(DeliveryText.withChangeover(item, "0 s")).delivery().changeover())
                .contains(Duration.ZERO);
        assertThat(typed(DeliveryText.withChangeover(item, " ")).delivery()).isEqualTo(Delivery.USUAL);
        assertThat(typed(DeliveryText.withHolding(item, "2 eights")).delivery().holdingEights()).isEqualTo(2);
        assertThat(typed(DeliveryText.withHolding(item, "")).delivery().holdingEights()).isZero();
        assertThat(typed(DeliveryText.withLayer(item, " with arms ")).delivery().layer())
                .isEqualTo("with arms");
        assertThat(DeliveryText.withHolding(item, "17").problem())
                .isEqualTo("The eights of a holding pattern must be from 0 to 16, not 17.");
        assertThat(DeliveryText.withLayer(item, "x".repeat(61)).problem())
                .isEqualTo("A layer must be one line of at most 60 characters, not 61.");
        assertThat(DeliveryText.withExplainFor(item, "11 min").problem())
                .isEqualTo("Explaining must be from 0 to 600 s, not 660.");
        assertThat(DeliveryText.withLayer(water, "x").problem()).isEqualTo("Only an exercise has this.");
    }

    private static Item typed(Reading<Entry> reading) {
        return (Item) reading.value().orElseThrow();
    }

    @Test
    void whatChangesInARoundIsTypedAndEmptyMeansTheSame() {
        Item changed = typed(
                DeliveryText.withRoundLoad(typed(DeliveryText.withRoundDose(item, 2, "9 reps")), 2,
                        "2 heavy weights"));
        changed = typed(DeliveryText.withRoundLayer(changed, 3, "with a hop"));

        assertThat(RoundWords.of(changed))
                .isEqualTo("round 2: 9 reps, 2 heavy weights; round 3: with a hop");
        Item back = typed(
                DeliveryText.withRoundLoad(typed(DeliveryText.withRoundDose(changed, 2, "")), 2, ""));
        assertThat(RoundWords.of(back)).isEqualTo("round 3: with a hop");
        assertThat(DeliveryText.withRoundDose(item, 2, "9").choices()).contains("9 reps");
    }

    @Test
    void anItemIsInEachRoundWhatTheRoundSays() {
        Item changed = item.withChange(2, RoundChange.NONE.withDose(Optional.of(SQUAT.usualDose()
                .withSides(app.kehre.core.dose.Sides.EACH_SIDE))).withVariant(Optional.of(Variant.HARDER)))
                .withChange(3, RoundChange.NONE.withOut(true));

        assertThat(changed.inRound(1)).isEqualTo(changed);
        assertThat(changed.inRound(2).delivery().variant()).isEqualTo(Variant.HARDER);
        assertThat(EntryText.dose(changed.inRound(2))).isEqualTo("12 reps, each side");
        assertThat(changed.outIn(3)).isTrue();
        assertThat(changed.outIn(2)).isFalse();
    }

    @Test
    void theWayOfTeachingIsSaidInWords() {
        Delivery delivery = Delivery.USUAL.withKnown(true).withVariant(Variant.HARDER).withLayer("with arms")
                .withExplaining(new Explaining(Explaining.Mode.OVER, Optional.of(Duration.ofSeconds(15))))
                .withChangeover(Optional.of(Duration.ofSeconds(12))).withHoldingEights(1);

        assertThat(RoundWords.of(delivery))
                .isEqualTo("known, harder, with arms, explain 15 s over the movement,"
                        + " changeover 12 s, holding pattern 1 eight");
        assertThat(RoundWords.of(Delivery.USUAL)).isEmpty();
        assertThat(RoundWords.of(RoundChange.NONE.withExplaining(Optional.of(Explaining.NONE))
                .withLoad(LoadNotation.parse("none").value()))).isEqualTo("no load, no explaining");
    }

    @Test
    void aScreenSaysWhatCountsAndWhatIsDoneInstead() {
        Reading<Entry> changed = DeliveryText.withInstead(
                DeliveryText.withFailed(screen, "the foot comes down").value().orElseThrow(), line(7),
                "squats");

        assertThat(changed.value())
                .contains(screen.withFailed("the foot comes down").withInstead(line(7), "squats"));
        assertThat(DeliveryText.withInstead(changed.value().orElseThrow(), line(7), " ").value())
                .contains(screen.withFailed("the foot comes down"));
        assertThat(DeliveryText.withFailed(item, "x").problem())
                .isEqualTo("Only a screen can be passed or not.");
    }

    @Test
    void eachQuantityOfThePaceIsTypedInItsUnitAndItsStyleAlone() {
        for (Quantity quantity : Quantity.values()) {
            int other = (int) quantity.least() + 2;
            Pace changed = typed(quantity, String.valueOf(other)).value().orElseThrow();

            assertThat(changed.of(quantity, School.Teaching.SHOW_THEN_DO)).isEqualTo(other);
            assertThat(changed.of(quantity, School.Teaching.FOLLOW_ME))
                    .isEqualTo(
                            quantity.byStyle() ? Pace.USUAL.of(quantity, School.Teaching.FOLLOW_ME) : other);
        }
        assertThat(typed(Quantity.NEW, "1:30").value().orElseThrow().of(Quantity.NEW,
                School.Teaching.SHOW_THEN_DO)).isEqualTo(90);
        assertThat(typed(Quantity.SPOKEN, "1.25 s").value().orElseThrow().of(Quantity.SPOKEN))
                .isEqualTo(1.25);
    }

    @Test
    void aPaceOutsideItsRangeIsRefusedWithItsRange() {
        assertThat(typed(Quantity.NEW, "3 min").problem())
                .isEqualTo("\"to a new exercise\" must be from 0 to 120 s, not 180.");
        assertThat(typed(Quantity.QUICK, "0").problem())
                .isEqualTo("\"quick reps, against their own length\" must be from 0.5 to 4 times, not 0.");
        assertThat(typed(Quantity.PULSE, "soon").problem())
                .isEqualTo("\"soon\" is no number: write it like 4 counts.");
        assertThatThrownBy(() -> Pace.USUAL.with(Quantity.BREATH, 0))
                .hasMessage("\"a breath\" must be from 1 to 30 s, not 0.");
    }

    private static Reading<Pace> typed(Quantity quantity, String text) {
        return PaceText.with(Pace.USUAL, quantity, School.Teaching.SHOW_THEN_DO, text);
    }

    @Test
    void aPaceThatWasChangedByHandStaysWhenTheGroupChanges() {
        ClassPlan plan = app.kehre.core.testing.Plans.one(SQUAT, "12 reps");
        ClassPlan usual = plan.with(Pace.USUAL);

        assertThat(usual.with(older(usual)).pace()).isEqualTo(Pace.OLDER);
        assertThat(plan.with(older(plan)).pace()).isEqualTo(plan.pace());
    }

    private static Brief older(ClassPlan plan) {
        return plan.brief().with(plan.brief().group().withAges(new Group.Ages(65, 80)));
    }
}
