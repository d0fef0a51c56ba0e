package app.kehre.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is kept in the studio comes back as it was. */
class StudioFileTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    @TempDir
    private Path folder;

    /** A class in which one side was skipped, a challenge counted and the rest taught as planned. */
    private static ClassRecord record(int day) {
        Teaching taught = Teaching.ready(Timeline.of(Plans.of(10).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "10 reps 1-0-1 s, each side")
                .item(Exercises.ROW, "as many as possible in 30 s, beat 20").plan()));
        taught = pressed(taught, 0, new Press.Start(START.plusSeconds(600)));
        taught = pressed(taught, 40, Press.Key.SKIP_SIDE);
        taught = pressed(taught, 60, new Press.Count(new EntryId(2), 24)).at(START.plusSeconds(900));
        return ClassRecord.of(taught, LocalDateTime.of(2026, 11, day, 18, 30));
    }

    private static Teaching pressed(Teaching taught, int second, Press press) {
        Instant now = START.plusSeconds(second);
        return taught.press(press, now, now).value().orElseThrow();
    }

    @Test
    void aRecordComesBackAsItWasAndIsThereWhenTheStudioIsOpenedAgain() throws StudioTrouble {
        Path file = folder.resolve("deep").resolve(StudioFile.NAME);
        try (StudioFile studio = StudioFile.open(file)) {
            studio.records().keep(record(24));
            studio.records().keep(record(17));
        }
        try (StudioFile again = StudioFile.open(file)) {
            List<ClassRecord> all = again.records().all();
            assertThat(all).extracting(ClassRecord::began).isSorted().hasSize(2);
            assertThat(millis(all.getLast())).isEqualTo(millis(record(24)));
            assertThat(all.getLast().owed()).isNotEmpty();
            assertThat(all.getLast().counts()).isEqualTo(Map.of(new EntryId(2), 24));
        }
    }

    /** The studio keeps whole milliseconds. */
    private static String millis(ClassRecord record) {
        return "%s %s %d %d %s %s %s %s"
                .formatted(record.title(), record.began(), record.planned().toMillis(),
                        record.taught().toMillis(), record.taken(), record.owed(), record.counts(),
                        record.lines().stream().map(line -> line.name() + line.subject()
                                + line.taughtLength().truncatedTo(java.time.temporal.ChronoUnit.SECONDS))
                                .toList());
    }

    @Test
    void theSameClassAtTheSameTimeIsReplaced() throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(folder.resolve(StudioFile.NAME))) {
            ClassRecord first = record(24);
            studio.records().keep(first);
            studio.records().keep(new ClassRecord(first.plan(), "Again", first.began(), first.slot(),
                    first.planned(), Duration.ofMinutes(3), List.of(), List.of(), List.of(), Map.of(),
                    List.of()));

            assertThat(studio.records().all()).extracting(ClassRecord::title).containsExactly("Again");
        }
    }

    @Test
    void aFileThatIsNoStudioIsLeftAsItIs() throws IOException {
        Path file = Files.writeString(folder.resolve(StudioFile.NAME), "a shopping list, ".repeat(200));

        assertThatThrownBy(() -> StudioFile.open(file)).isInstanceOf(StudioTrouble.class).hasMessage(
                "The studio studio.db could not be opened: it is no studio, or damaged. Nothing was changed.");
        assertThat(file).hasContent("a shopping list, ".repeat(200));
    }
}
