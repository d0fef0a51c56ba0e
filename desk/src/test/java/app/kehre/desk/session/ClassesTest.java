package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.time.LocalDate;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** What a group did lately, by the classes in a folder and in the studio, and how those get from the one into the other. */
class ClassesTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    @TempDir
    private Path folder = Path.of("");

    private byte[] has(String title, LocalDate day) {
        ClassPlan demo = DemoPlan.load(LIBRARY).plan();
        return PlanDocument.of(demo.with(demo.brief().withTitle(title).withDate(day)).copy(), LIBRARY)
                .bytes();
    }

    private void lies(String file, byte[] bytes) throws DiskTrouble {
        new LocalDisk().replace(folder.resolve("classes").resolve(file + PlanDocument.ENDING), bytes);
    }

    @Test
    void itIsTheSameNameOrTheSameHourOfTheWeekInTheFourWeeksBefore() throws Exception {
        ClassPlan now = DemoPlan.load(LIBRARY).plan();
        LocalDate day = now.brief().date();
        Files.createDirectories(folder.resolve("classes"));
        lies("name", has(now.brief().title(), day.minusDays(3)));
        lies("hour", has("Another name", day.minusDays(7)));
        lies("other", has("Another name", day.minusDays(6)));
        lies("long-ago", has(now.brief().title(), day.minusDays(35)));
        lies("same-day", has(now.brief().title(), day));
        lies("broken", "{".getBytes(StandardCharsets.UTF_8));
        try (OpenStudio studio = OpenStudio.open(folder.resolve(OpenStudio.NAME))) {
            Classes classes = new Classes(new OpenPlan(PlanDocument.of(now, LIBRARY)), new LocalDisk(),
                    studio);
            Optional<Path> files = Optional.of(folder.resolve("classes"));

            assertThat(classes.lately(files, now, LIBRARY)).extracting(plan -> plan.brief().date())
                    .containsExactlyInAnyOrder(day.minusDays(3), day.minusDays(7));
            assertThat(classes.read("", files, LIBRARY)).filteredOn(each -> each.plan().isEmpty())
                    .singleElement()
                    .satisfies(each -> assertThat(each.problem()).contains("this is not JSON"));
            assertThat(classes.read("", Optional.empty(), LIBRARY)).as("none is in the studio yet").isEmpty();

            List<String> said = takeOver(studio);
            assertThat(said).hasSize(2).first().asString()
                    .startsWith("5 classes were taken over into the studio; the files are left in ");
            assertThat(said.getLast()).contains("this is not JSON")
                    .endsWith("It was not taken over, and its file is left.");
            assertThat(takeOver(studio)).as("each once").isEmpty();
            assertThat(classes.lately(Optional.empty(), now, LIBRARY)).hasSize(2);
            assertThat(classes.last(Optional.empty(), now.brief().withDate(day.plusDays(6)), LIBRARY)).get()
                    .extracting(plan -> plan.brief().date()).as("nothing at this hour, so of this kind")
                    .isEqualTo(day);
            assertThat(classes.last(Optional.empty(), now.brief(), LIBRARY)).get()
                    .extracting(plan -> plan.brief().date()).as("of this hour").isEqualTo(day);
            assertThat(classes.read("another squat", Optional.empty(), LIBRARY)).hasSize(2);
        }
    }

    private List<String> takeOver(OpenStudio studio) throws StudioTrouble {
        return TakeOver.of(folder, studio.studio(), new LocalDisk(), LIBRARY, Instant.EPOCH);
    }
}
