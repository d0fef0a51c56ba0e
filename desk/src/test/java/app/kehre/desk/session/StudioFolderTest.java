package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Library;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Quantity;
import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.Version;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A studio goes out into open documents and comes back, and a folder with strangers' files harms nothing. */
class StudioFolderTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

    private static final Result CHAIR = new Result("chair stands in 30 s", "times", "Easers",
            LocalDate.of(2026, 11, 11), List.of(14.0, 11.5));
    private static final PaceWishes.Key FLOOR = new PaceWishes.Key(Quantity.FLOOR, School.Teaching.FOLLOW_ME);

    @TempDir
    private Path folder = Path.of("");
    private OpenStudio first;
    private OpenStudio second;

    @BeforeEach
    void fill() throws Exception {
        first = OpenStudio.open(folder.resolve("first.db"));
        second = OpenStudio.open(folder.resolve("second.db"));
        OpenPlan open = new OpenPlan(DemoPlan.load(LIBRARY));
        open.keep(plans(first), Plans.NONE, NOW);
        open.edit("Rename", plan -> plan.with(plan.brief().withTitle("Evening")));
        open.keep(plans(first), ((Home.InStudio) open.home().get()).version(), NOW.plusSeconds(60));
        first.studio().records().keep(Recording.byHand(open.plan(), LocalDateTime.of(2026, 11, 24, 18, 30),
                Duration.ofMinutes(58), Set.of()), open.document().bytes());
        first.studio().checks().keep(CHAIR);
        first.studio().keep(PaceWishes.NONE.withPinned(FLOOR, Optional.of(11.5)));
        first.studio().shelf().change(Patterns.FILE,
                _ -> Optional.of("[singles 16]\n".getBytes(StandardCharsets.UTF_8)));
    }

    @AfterEach
    void close() {
        first.close();
        second.close();
    }

    private static Plans plans(OpenStudio open) {
        return open.studio().plans();
    }

    private StudioFolder out(Studio studio) {
        return new StudioFolder(folder.resolve("out"), new LocalDisk(), studio);
    }

    @Test
    void allOfItGoesOutAndComesBackAndASecondTimeNothingIsTaken() throws Exception {
        assertThat(out(first.studio()).write())
                .startsWith("1 plans, 1 earlier versions and 1 records lie in ");
        assertThatThrownBy(() -> out(first.studio()).write()).isInstanceOf(DiskTrouble.class)
                .hasMessageEndingWith("is not empty; an export goes into a folder of its own.");

        assertThat(out(second.studio()).read(LIBRARY, NOW)).contains("1 plans were taken.",
                "1 records were taken, 0 were there already.", "patterns.txt was taken.",
                "1 results of checks were taken, 0 were there already.");
        assertThat(second.studio().checks().all()).containsExactly(CHAIR);
        assertThat(second.studio().wishes().pinned(FLOOR)).contains(11.5);
        StoredPlan back = plans(second).list("evening", 5).getFirst();
        assertThat(plans(second).versions(back.plan())).extracting(Version::saved).containsExactly(NOW, NOW);
        assertThat(second.studio().records()
                .document(second.studio().records().list("", 1).getFirst().heading().key()))
                .as("the plan of the class").isPresent();
        assertThat(second.studio().records().list("evening", 5)).hasSize(1);

        assertThat(out(second.studio()).read(LIBRARY, NOW)).contains("0 plans were taken.",
                "0 records were taken, 1 were there already.",
                "patterns.txt was left: the studio has its own.",
                "0 results of checks were taken, 1 were there already.");
        assertThat(plans(second).list("", 5)).hasSize(1);
    }

    @Test
    void whatIsNoneOfKehresOrDamagedIsNamedAndAPlanThatIsThereOtherwiseBecomesOneOfItsOwn() throws Exception {
        out(first.studio()).write();
        OpenPlan mine = new OpenPlan(DemoPlan.load(LIBRARY));
        mine.keep(plans(second), Plans.NONE, NOW);
        Files.writeString(folder.resolve("out/plans/holiday.txt"), "sun");
        Files.writeString(folder.resolve("out/plans/broken" + PlanDocument.ENDING), "{");
        Files.writeString(folder.resolve("out/records.json"), "[]");

        List<String> said = out(second.studio()).read(LIBRARY, NOW);

        assertThat(said).contains("1 plans were taken.")
                .anyMatch(each -> each.endsWith("holiday.txt is none of Kehre's; it was left."))
                .anyMatch(each -> each.startsWith("broken.kehre.json was not opened."))
                .anyMatch(each -> each.startsWith("records.json was not opened."));
        assertThat(plans(second).list("", 5)).extracting(each -> each.title()).containsExactlyInAnyOrder(
                "Evening",
                "Tuesday Evening Climb");
        assertThat(plans(second).find(mine.plan().identity().plan())).get().extracting(each -> each.title())
                .isEqualTo("Tuesday Evening Climb");
    }
}
