package app.kehre.trials.rehearsal;

import java.io.IOException;
import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Protocol;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** How a class would go with a slow instructor who begins late, told in words: would one believe it? */
class RehearsalReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Instant SLOT = Instant.parse("2026-11-24T18:30:00Z");
    private static final Habits LATE_AND_KEPT = new Habits(12, Duration.ofMinutes(4), true, true);
    private static final Habits LATE_AND_LEFT = new Habits(12, Duration.ofMinutes(4), false, false);

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, LIBRARY).plan();
    }

    private static List<String> told(String name, long seed, Habits habits, boolean all) {
        return Protocol.of(Rehearsal.of(demo(name), SLOT, seed, habits), seed, all);
    }

    @Test
    void whatHappensIsToldAsItWasReadAloud() throws IOException {
        List<String> told = new ArrayList<>();
        for (String name : List.of("thursday-express-circuit", "friday-strong-and-steady")) {
            told.add("# %s, kept on time".formatted(demo(name).brief().title()));
            told.addAll(told(name, 11, LATE_AND_KEPT, false));
            told.add("");
            told.add("# %s, not kept on time".formatted(demo(name).brief().title()));
            told.addAll(told(name, 11, LATE_AND_LEFT, false));
            told.add("");
        }

        assertThat(told).containsExactlyElementsOf(ReadAloud.of("rehearsals.txt"));
    }

    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb, 1", "wednesday-morning-ease, 2", "thursday-express-circuit, 3",
            "friday-strong-and-steady, 4", "saturday-core-and-stretch, 5"})
    void itIsTheSameForASeedAndToldInTheOrderOfTheClock(String name, long seed) {
        List<String> told = told(name, seed, LATE_AND_KEPT, true);

        assertThat(told).isEqualTo(told(name, seed, LATE_AND_KEPT, true));
        assertThat(told.stream().filter(line -> line.matches("\\d\\d:\\d\\d:\\d\\d  .*"))
                .map(line -> line.substring(0, 8)))
                .isNotEmpty().isSorted();
        assertThat(told).contains("18:34:00  begun").filteredOn(line -> line.startsWith("Ends ")).hasSize(1);
        assertThat(told.size()).isGreaterThanOrEqualTo(told(name, seed, LATE_AND_KEPT, false).size());
    }

    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb", "thursday-express-circuit", "friday-strong-and-steady"})
    void whoIsNotKeptOnTimeIsToldHowLongAfterTheEndTheClassGoesOn(String name) {
        Rehearsal left = Rehearsal.of(demo(name), SLOT, 3, LATE_AND_LEFT);

        assertThat(left.over()).isPositive();
        assertThat(Protocol.of(left, 3, false)).anyMatch(line -> line.matches(
                "Ends \\d\\d:\\d\\d:\\d\\d, \\d+:\\d\\d after the room must be free at \\d\\d:\\d\\d\\."));
        assertThat(Stream.of(left.dropped()).flatMap(List::stream)).as("nobody drops a line unasked")
                .isEmpty();
    }
}
