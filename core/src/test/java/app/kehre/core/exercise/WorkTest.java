package app.kehre.core.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.advice.SourceKind;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.within;

/** What an exercise asks of the body: a row of empty hands is a movement, not strength. */
class WorkTest {

    private static Work work(Resistance resistance, Set<Muscle> held, Object... shares) {
        Map<Muscle, Double> muscles = new LinkedHashMap<>();
        for (int i = 0; i < shares.length; i += 2) {
            muscles.put((Muscle) shares[i], (Double) shares[i + 1]);
        }
        return new Work(muscles, resistance, held, Set.of(), Set.of(), Impact.NONE, Mets.estimate(3),
                Optional.of(5.0));
    }

    private static Load load(String text) {
        return LoadNotation.parse(text).value().orElseThrow();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "HELD | none | 0.3", "HELD | 2 light weights | 1", "HELD | 2 5 kg weights | 1",
            "HELD | long band | 1",
            "HELD | light long band | 0.6", "HELD | small ball | 0.3",
            "HELD | light long band + 2 light weights | 1",
            "BODY | none | 1", "BODY | 2 heavy weights | 1", "SELF | none | 0.6", "NONE | none | 0.3",
            "NONE | 2 heavy weights | 0.3"})
    void howMuchOfAShareCountsFollowsFromWhatItWorksAgainst(Resistance resistance, String load, double part) {
        assertThat(work(resistance, Set.of(), Muscle.UPPER_BACK, 1.0).worked(Muscle.UPPER_BACK, load(load)))
                .isEqualTo(part);
    }

    /** A squat with a curl: the legs bear the body, the arms work against what is held and else move empty. */
    @Test
    void armsThatHoldSomethingWorkAgainstItThoughTheLegsBearTheBody() {
        Work squatCurl = work(Resistance.BODY, Set.of(Muscle.FRONT_ARM), Muscle.FRONT_THIGH, 1.0,
                Muscle.FRONT_ARM,
                0.5);

        assertThat(squatCurl.worked(load("2 light weights"))).containsExactly(
                Map.entry(Muscle.FRONT_THIGH, 1.0),
                Map.entry(Muscle.FRONT_ARM, 0.5));
        assertThat(squatCurl.worked(Load.NONE).get(Muscle.FRONT_ARM)).isCloseTo(0.15, within(1e-9));
        assertThat(squatCurl.main()).containsExactly(Muscle.FRONT_THIGH);
    }

    @Property
    void nothingWorksMoreThanItsShareAndALoadNeverMakesItLess(
            @ForAll @DoubleRange(min = 0.05, max = 1) double share,
            @ForAll Resistance resistance) {
        Work work = work(resistance, Set.of(), Muscle.BUTTOCKS, share);
        double empty = work.worked(Muscle.BUTTOCKS, Load.NONE);
        double loaded = work.worked(Muscle.BUTTOCKS, load("2 heavy weights"));

        assertThat(empty).isBetween(0.3 * share - 1e-9, share);
        assertThat(loaded).isBetween(empty, share);
        assertThat(work.worked(Muscle.CALF, Load.NONE)).as("who takes no part").isZero();
    }

    @Test
    void sharesAndEffortsOutsideOfTheScaleAreRefused() {
        assertThatThrownBy(() -> work(Resistance.BODY, Set.of(), Muscle.CALF, 1.2)).hasMessage(
                "The share of a muscle group must be over 0 and up to 1, not 1.2 for calf.");
        assertThatThrownBy(() -> work(Resistance.BODY, Set.of(Muscle.FRONT_ARM), Muscle.CALF, 1.0))
                .hasMessage("Only muscles that work are held against something.");
        assertThatThrownBy(
                () -> new Work(Map.of(Muscle.CALF, 1.0), Resistance.BODY, Set.of(), Set.of(), Set.of(),
                        Impact.NONE, Mets.estimate(3), Optional.of(11.0)))
                .hasMessage("The effort of a usual set must be from 0 to 10, not 11.0.");
    }

    /** For own exercises of earlier versions, which do not say it. */
    @ParameterizedTest
    @CsvSource({"SQUAT, STANDING, BODY", "PUSH, STANDING, NONE", "PUSH, PRONE, BODY",
            "PULL, SEATED_CHAIR, NONE",
            "MOBILITY, STANDING, NONE", "STRETCH, SUPINE, NONE", "BRACE, PRONE, BODY",
            "TRAVEL, STANDING, NONE"})
    void whatAnExerciseWorksAgainstThatDoesNotSayItFollowsFromHowItIsDone(Pattern pattern, Position position,
            Resistance resistance) {
        assertThat(Resistance.usual(pattern, position, Set.of())).isEqualTo(resistance);
        assertThat(Resistance.usual(pattern, position, Set.of(Equipment.WEIGHT))).isEqualTo(Resistance.HELD);
        assertThat(Resistance.usual(Pattern.PULL, position, List.of(Equipment.TOWEL)))
                .isEqualTo(Resistance.SELF);
    }

    @Property
    void aRepIsReadAsItIsPrinted(@ForAll @IntRange(min = 1, max = 32) int counts,
            @ForAll @IntRange(min = 1, max = 60) int seconds) {
        RepLength music = new RepLength.OfCounts(counts);
        RepLength clock = new RepLength.OfSeconds(seconds);

        assertThat(RepLength.parse(music.notation()).value()).contains(music);
        assertThat(RepLength.parse(clock.notation()).value()).contains(clock);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "soon | \"soon\" is no length of a rep: write it like 4 counts or 15 s.",
            "4 | \"4\" is no length of a rep: write it like 4 counts or 15 s.",
            "0 counts | The counts of a rep must be from 1 to 32, not 0.",
            "90 s | A rep must be from 1 to 60 s, not 90."})
    void aRepThatNobodyDoesIsRefusedWithItsRange(String text, String sentence) {
        assertThat(RepLength.parse(text).problem()).isEqualTo(sentence);
    }

    @Test
    void metsSayWhatTheyAreWhatStandsBehindThemAndWhereTheyComeFrom() {
        Mets quoted = Mets.parse("5.0, Kehre's estimate, after 03020").value().orElseThrow();

        assertThat(quoted).isEqualTo(new Mets(5, SourceKind.ESTIMATE, "after 03020"));
        assertThat(quoted.text()).isEqualTo("5.0, Kehre's estimate, after 03020");
        assertThat(Mets.parse(quoted.stored()).value()).contains(quoted);
        assertThat(Mets.parse(Mets.estimate(3.5).text()).value()).contains(Mets.estimate(3.5));
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "5", "five, published", "5.0, heard somewhere", "0.5, published",
            "17, published",
            "-1, published"})
    void metsThatNobodyCanBelieveAreRefused(String text) {
        assertThat(Mets.parse(text).value()).isEmpty();
        assertThat(Mets.parse(text).problem()).isNotEmpty();
    }
}
