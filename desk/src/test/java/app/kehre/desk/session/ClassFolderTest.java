package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** What a group did lately, by the classes in the folder. */
class ClassFolderTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    @TempDir
    private Path folder = Path.of("");

    private void has(String file, String title, LocalDate day) throws DiskTrouble {
        ClassPlan demo = DemoPlan.load(LIBRARY).plan();
        ClassPlan plan = demo.with(demo.brief().withTitle(title).withDate(day));
        new LocalDisk().replace(folder.resolve(file + PlanDocument.ENDING),
                PlanDocument.of(plan, LIBRARY).bytes());
    }

    @Test
    void itIsTheSameNameOrTheSameHourOfTheWeekInTheFourWeeksBefore() throws DiskTrouble {
        ClassPlan now = DemoPlan.load(LIBRARY).plan();
        LocalDate day = now.brief().date();
        has("name", now.brief().title(), day.minusDays(3));
        has("hour", "Another name", day.minusDays(7));
        has("other", "Another name", day.minusDays(6));
        has("long-ago", now.brief().title(), day.minusDays(35));
        has("same-day", now.brief().title(), day);
        new LocalDisk().replace(folder.resolve("broken" + PlanDocument.ENDING),
                "{".getBytes(StandardCharsets.UTF_8));
        ClassFolder classes = new ClassFolder(new OpenPlan(PlanDocument.of(now, LIBRARY)), new LocalDisk(),
                folder);

        assertThat(classes.lately(classes.path(), now, LIBRARY)).extracting(plan -> plan.brief().date())
                .containsExactlyInAnyOrder(day.minusDays(3), day.minusDays(7));
        assertThat(classes.read(folder, LIBRARY)).filteredOn(each -> each.plan().isEmpty())
                .singleElement().satisfies(each -> assertThat(each.problem()).contains("this is not JSON"));
    }
}
