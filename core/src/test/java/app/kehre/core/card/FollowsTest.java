package app.kehre.core.card;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Brief;
import app.kehre.core.people.Limit;
import app.kehre.core.testing.Exercises;

import static org.assertj.core.api.Assertions.assertThat;

/** What follows for a class from what is said of an own exercise, said while it is written. */
class FollowsTest {

    private final Brief brief = Brief.of("Tuesday", LocalDate.of(2026, 11, 24), LocalTime.of(18, 30),
            Duration.ofMinutes(45), 12);

    @Test
    void itSaysHowLongItTakesWhatItMakesReadyAndWhatItNeeds() {
        assertThat(Follows.of(Exercises.SQUAT, brief)).containsExactly(
                "The usual dose takes 0:28 in toning at 120 BPM, as the class is taught.",
                "It makes ready: hip.",
                "Wants to be ready before: knee.", "For this group it carries no caution.");
    }

    @Test
    void whoeverHasToWatchItIsNamedByTheLimitAlone() {
        List<String> words = Follows.of(Exercises.SQUAT,
                brief.with(brief.group().withLimit(Limit.KNEE, 2).withLimit(Limit.WRIST, 1)));

        assertThat(words).endsWith("For this group it carries cautions: knee.");
    }
}
