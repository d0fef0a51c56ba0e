package app.kehre.core.brief;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.OptionalInt;
import java.util.Set;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;

import static org.assertj.core.api.Assertions.assertThat;

/** A new class in one line, in any order. */
class BriefLineTest {

    private final Brief usual = Brief.of("New class", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
            Duration.ofMinutes(60), 12);

    private Brief read(String text) {
        return BriefLine.read(text, usual).value().orElseThrow();
    }

    @Test
    void kindLengthPeopleKitDayAndTimeAreReadInAnyOrder() {
        Brief step = read("18 people, Thursday 19:15, steps and mats; step 45 min \"Signal\"");

        assertThat(step.format()).isEqualTo(Format.STEP);
        assertThat(step.slot()).isEqualTo(Duration.ofMinutes(45));
        assertThat(step.people()).isEqualTo(18);
        assertThat(step.date()).isEqualTo(LocalDate.of(2026, 11, 26));
        assertThat(step.start()).isEqualTo(LocalTime.of(19, 15));
        assertThat(step.title()).isEqualTo("Signal");
        assertThat(step.room().count(Equipment.STEP)).hasValue(18);
        assertThat(step.room().has(Equipment.WEIGHT)).isFalse();
        assertThat(read("step 45 min 18 people")).isEqualTo(read("18 people for 45 minutes, step"));
    }

    @Test
    void aBriefIsReadAsItIsSaidWithKitAPersonLimitsAndTheNextSuchDay() {
        Brief read = BriefLine
                .read("45 min low impact with hand weights for 14, two with bad knees, Thursdays 18:30",
                        usual, LocalDate.of(2026, 12, 2))
                .value().orElseThrow();

        assertThat(read.format()).isEqualTo(Format.LOW_IMPACT);
        assertThat(read.people()).isEqualTo(14);
        assertThat(read.room().count(Equipment.WEIGHT)).as("one for each hand").hasValue(28);
        assertThat(read.having(Limit.KNEE)).isEqualTo(2);
        assertThat(read.date()).isEqualTo(LocalDate.of(2026, 12, 3));
        assertThat(BriefLine.echo(read)).endsWith("28 weights \u00b7 2 with knee problems");
        assertThat(read("chair 6 pm, 20 mats, 3 pregnant").room().count(Equipment.MAT)).hasValue(20);
        assertThat(read("chair 6 pm").start()).isEqualTo(LocalTime.of(18, 0));
    }

    @Test
    void anotherKindOfClassPromisesItsOwnAndHasNoKitOfTheOneBefore() {
        Brief step = usual.with(Format.STEP).with(new Goal(Set.of(), Set.of(Quality.ENDURANCE)));
        Brief before = step.with(step.room().withCount(Equipment.STEP, OptionalInt.of(18)));

        Brief toning = BriefLine.read("toning, 50 min", before).value().orElseThrow();

        assertThat(toning.goal().qualities()).containsExactlyInAnyOrder(Quality.STRENGTH, Quality.WHOLE_BODY);
        assertThat(toning.room().count(Equipment.STEP)).isEmpty();
        assertThat(BriefLine.read("step, 50 min", before).value().orElseThrow().room().count(Equipment.STEP))
                .hasValue(18);
    }

    @Test
    void whatIsNotSaidStaysAsUsual() {
        assertThat(read("")).isEqualTo(usual);
        assertThat(read("chair class, no kit").room().has(Equipment.MAT)).isFalse();
        assertThat(read("chair class").room()).isEqualTo(usual.room());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "step, 60 min, quickly | \"quickly\" is no kind of class, length, number of people, kit, day or time",
            "900 min | The slot must be from 2 to 180 min", "0 people | People must be from 1",
            "25:10 | is not a time of day"})
    void whatCannotBeReadIsRefused(String text, String problem) {
        assertThat(BriefLine.read(text, usual).problem()).contains(problem.strip());
    }

    @Property(tries = 200)
    void whatIsPrintedIsRead(@ForAll Format format, @ForAll @IntRange(min = 2, max = 180) int minutes,
            @ForAll @IntRange(min = 1, max = 200) int people) {
        Brief wanted = usual.with(format).withSlot(Duration.ofMinutes(minutes));
        Brief brief = wanted.with(wanted.group().withPeople(people));

        assertThat(BriefLine.read(BriefLine.print(brief), wanted).value()).contains(brief);
    }
}
