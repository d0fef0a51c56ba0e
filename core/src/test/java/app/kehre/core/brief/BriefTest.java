package app.kehre.core.brief;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.OptionalInt;

import org.junit.jupiter.api.Test;

import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;

import static org.assertj.core.api.Assertions.assertThat;

class BriefTest {

    private static final Brief BRIEF = Brief.of("Class", LocalDate.of(2026, 12, 1), LocalTime.of(10, 0),
            Duration.ofMinutes(45), 10);

    @Test
    void inAClassForWhoExpectsEverybodyWatchesIt() {
        Brief expecting = BRIEF.with(BRIEF.group().withLimit(Limit.KNEE, 5)).with(Format.EXPECTING);

        assertThat(expecting.having(Limit.PREGNANCY)).isEqualTo(10);
        assertThat(expecting.watched()).containsExactlyInAnyOrder(Limit.KNEE, Limit.PREGNANCY);
        assertThat(expecting.mostHave(Limit.KNEE)).as("half of them").isTrue();
        assertThat(expecting.with(Format.MIXED).having(Limit.PREGNANCY)).isZero();
    }

    @Test
    void peopleSitInAChairClassAndWhereItBeginsOnChairs() {
        assertThat(BRIEF.with(Format.CHAIR).onChairs()).isTrue();
        assertThat(BRIEF.with(BRIEF.room().with(Start.ON_CHAIRS)).onChairs()).isTrue();
        assertThat(BRIEF.onChairs()).isFalse();
    }

    @Test
    void whatFewHallsHaveIsThereOnlyWhereItWasCounted() {
        assertThat(BRIEF.room().has(Equipment.WEIGHT)).as("not counted: enough").isTrue();
        assertThat(BRIEF.room().has(Equipment.ROLLER)).isFalse();
        assertThat(BRIEF.room().withCount(Equipment.ROLLER, OptionalInt.of(12)).has(Equipment.ROLLER))
                .isTrue();
    }
}
