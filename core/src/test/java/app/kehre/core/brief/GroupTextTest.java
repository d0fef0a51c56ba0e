package app.kehre.core.brief;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Reading;

import static org.assertj.core.api.Assertions.assertThat;

class GroupTextTest {

    private final Brief brief = Brief.of("Tuesday", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
            Duration.ofMinutes(60), 12);

    private Reading<Brief> read(String field, String text) {
        return switch (field) {
            case "ages" -> GroupText.withAges(brief, text);
            case "mix" -> GroupText.withMix(brief, text);
            case "knee" -> GroupText.withLimit(brief, Limit.KNEE, text);
            case "floor" -> GroupText.withFloor(brief, text);
            case "steps" -> GroupText.withPieces(brief, Equipment.STEP, text);
            default -> throw new IllegalArgumentException(field);
        };
    }

    private static String written(String field, Brief brief) {
        return switch (field) {
            case "ages" -> GroupText.ages(brief);
            case "mix" -> GroupText.mix(brief);
            case "knee" -> GroupText.limit(brief, Limit.KNEE);
            case "floor" -> GroupText.floor(brief);
            case "steps" -> GroupText.pieces(brief, Equipment.STEP);
            default -> throw new IllegalArgumentException(field);
        };
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {"ages | 30-70 years | 30 to 70", "ages | 62 to 80 | 62 to 80",
            "mix | 50 newcomers, 40 regulars, 10 athletic | 50 / 40 / 10", "mix | 0 / 100 / 0 | 0 / 100 / 0",
            "knee | 3 people | 3", "floor | 80 m2 | 80 m\u00b2", "floor | 80 | 80 m\u00b2",
            "steps | 18 | 18"})
    void whatIsTypedIsUnderstoodAndWrittenBack(String field, String typed, String written) {
        Brief read = read(field, typed).value().orElseThrow();

        assertThat(written(field, read)).isEqualTo(written);
    }

    @ParameterizedTest
    @CsvSource({"knee", "floor", "steps"})
    void anEmptyTextMeansNotKnown(String field) {
        assertThat(written(field, read(field, " ").value().orElseThrow())).isEmpty();
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "ages | young | \"young\" is no span of ages: write it like 25 to 60.",
            "ages | 80 to 60 | The oldest must not be younger than the youngest, not 80 to 60.",
            "mix | half | \"half\" is no mix: write the shares of newcomers, regulars and athletic ones like 20 /"
                    + " 60 / 20.",
            "mix | 50 / 50 / 50 | The shares must add up to 100 %, not 50 + 50 + 50.",
            "knee | 13 | 13 with a limit of the knee, but 12 in the group.",
            "knee | some | \"some\" is no whole number: write it like 2.",
            "floor | 3 | The floor must be from 5 to 2000 m\u00b2, not 3.",
            "steps | -1 | Pieces must be from 0 to 500, not -1."})
    void whatCannotBeIsRefusedWithTheWayOut(String field, String typed, String sentence) {
        assertThat(read(field, typed).problem()).isEqualTo(sentence);
    }

    @Test
    void theGroupIsSaidInAFewWords() {
        Group group = brief.group().withLimit(Limit.PREGNANCY, 1).withLimit(Limit.KNEE, 3);

        assertThat(GroupText.words(brief)).isEqualTo("25 to 60");
        assertThat(GroupText.words(brief.with(group))).isEqualTo("25 to 60 \u00b7 3 knee, 1 pregnancy");
        assertThat(GroupText.words(brief.with(group.withAges(new Group.Ages(65, 80)))))
                .isEqualTo("older group \u00b7 3 knee, 1 pregnancy");
    }
}
