package app.kehre.core.dose;

import java.util.Map;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.testing.Draws;

import static org.assertj.core.api.Assertions.assertThat;

/** A dose, field by field. */
class DosePartsTest {

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    @Property
    void settingAFieldToWhatItSaysChangesNothing(@ForAll("doses") Dose dose) {
        DoseParts.of(dose).forEach((part, text) -> assertThat(DoseParts.with(dose, part, text).value())
                .as("%s of %s", part, DoseNotation.print(dose)).contains(dose));
    }

    @Provide
    Arbitrary<Dose> doses() {
        return Draws.doses();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12 reps|sets|3|3 x 12 reps",
            "12 reps, each side|each set|8 reps 2-0-2 s|8 reps 2-0-2 s, each side",
            "2 x 12 reps, rest 20 s|rest||2 x 12 reps", "hold 25 s|length|8 counts|hold 8 counts",
            "stretch 25 s, each side|sets|2|2 x stretch 25 s, each side",
            "40 s on, 20 s off|rounds|5|40 s on, 20 s off, x5",
            "40 s on, 20 s off, x2|last rest|no|40 s on, 20 s off, x2, no last rest",
            "as many as possible in 60 s|beat|20|as many as possible in 60 s, beat 20",
            "about 2 min|give or take|30 s|about 2 min, give or take 30 s",
            "4 eights|pace|half time|4 eights, half time", "[singles 16]|times|2|2 x [singles 16]",
            "12 pairs|sets|2|2 x 12 pairs"})
    void aFieldIsSetAloneAndTheOthersStay(String before, String part, String text, String after) {
        assertThat(
                DoseParts.with(dose(before), part, text == null ? "" : text).map(DoseNotation::print).value())
                .contains(after);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"12 reps|sets|many|\"many\" is no whole number of sets.",
            "12 reps|sets|0|Sets must be from 1 to 20, not 0.",
            "12 reps|rest|20|20 has no unit: write 20 s or 20 min.",
            "40 s on|rounds|99|Rounds must be from 1 to 60, not 99."})
    void whatCannotBeIsRefusedAtItsField(String before, String part, String text, String sentence) {
        assertThat(DoseParts.with(dose(before), part, text).problem()).isEqualTo(sentence);
    }

    @ParameterizedTest
    @EnumSource
    void everyKindStartsWithADoseOfItsOwn(DoseParts.Kind kind) {
        Dose start = kind.start(Sides.EACH_SIDE);

        assertThat(DoseParts.Kind.of(start)).isEqualTo(kind);
        assertThat(start.sides()).isEqualTo(Sides.EACH_SIDE);
    }

    @Test
    void eachKindHasTheFieldsThatAnInstructorFills() {
        assertThat(DoseParts.of(dose("3 x 12 reps 2-0-2 s, rest 25 s"))).isEqualTo(
                Map.of("sets", "3", "each set", "12 reps 2-0-2 s", "rest", "25 s"));
        assertThat(DoseParts.of(dose("40 s on, 20 s off, x3"))).isEqualTo(
                Map.of("work", "40 s", "rest", "20 s", "rounds", "3", "last rest", "yes"));
    }
}
