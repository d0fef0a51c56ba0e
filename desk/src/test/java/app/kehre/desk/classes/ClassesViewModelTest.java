package app.kehre.desk.classes;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.Plans;
import app.kehre.core.value.Reading;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlanInFile;
import app.kehre.desk.session.RecentFiles;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** All classes of a folder and of the studio: found, sorted, doubled for the week after, deleted and had back. */
class ClassesViewModelTest extends WithStudio {

    private static final Instant NOW = Instant.parse("2026-11-29T10:00:00Z");

    private final FaultyDisk disk = new FaultyDisk();
    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(demo, Instructor.LIBRARY));

    private Optional<ClassesViewModel> made = Optional.empty();

    @BeforeEach
    void fiveClassesLieInAFolderAndOneOfThemIsOpen() throws Exception {
        for (String name : DemoPlan.NAMES) {
            Files.write(file(name), DemoPlan.bytes(name));
        }
        Files.writeString(file("broken"), "{ no class");
        open.open(PlanDocument.read("open", DemoPlan.bytes(DemoPlan.NAMES.getFirst()), Instructor.LIBRARY),
                new Home.InFile(new PlanInFile(file(DemoPlan.NAMES.getFirst()),
                        DemoPlan.bytes(DemoPlan.NAMES.getFirst()))));
        made = Optional
                .of(new ClassesViewModel(open, () -> Instructor.LIBRARY, new Classes(open, disk, studio()),
                        new RecentFiles(folder.resolve("data"), disk), disk, studio().studio().plans(),
                        Clock.fixed(NOW, ZoneOffset.UTC)));
    }

    private Path file(String name) {
        return folder.resolve(name + PlanDocument.ENDING);
    }

    private ClassesViewModel model() {
        return made.orElseThrow();
    }

    private List<ClassesViewModel.Found> found(String words) {
        List<List<ClassesViewModel.Found>> shown = new ArrayList<>();
        Instructor.onFx(() -> {
            model().find(words, shown::add);
            return shown;
        });
        Later.until("they are read", () -> !shown.isEmpty());
        return shown.getFirst();
    }

    private static List<String> titles(List<ClassesViewModel.Found> found) {
        return found.stream().map(ClassesViewModel.Found::title).toList();
    }

    private ClassesViewModel.Found called(String title) {
        return found("").stream().filter(each -> each.title().equals(title)).findFirst().orElseThrow();
    }

    @Test
    void allAreThereByDayAndWhatCannotBeReadSaysWhyAtTheEnd() {
        List<ClassesViewModel.Found> all = found("");

        assertThat(titles(all)).containsExactly("Tuesday Evening Climb", "Wednesday Morning Ease",
                "Thursday Express Circuit", "Friday Strong and Steady", "Saturday Core and Stretch",
                all.getLast().where().name());
        assertThat(all.getLast().problem()).contains("this is not JSON");
        assertThat(all.getLast().assessment()).isEmpty();
        assertThat(model().more()).isFalse();
    }

    @Test
    void theyAreSortedByNameOrByLengthToo() {
        found("");

        assertThat(titles(model().sort(ClassesViewModel.Order.NAME))).contains("Friday Strong and Steady")
                .isSortedAccordingTo(String.CASE_INSENSITIVE_ORDER);
        assertThat(model().sort(ClassesViewModel.Order.LENGTH)).extracting(ClassesViewModel.Found::length)
                .isSortedAccordingTo((one, other) -> other.compareTo(one));
    }

    @Test
    void wordsFindByTheirBeginningsInTitleAndBrief() {
        assertThat(titles(found("thu cir"))).containsExactly("Thursday Express Circuit");
        assertThat(model().looking()).isTrue();
        assertThat(found("ursday")).as("words are looked for by their beginning").isEmpty();
        assertThat(found("  ")).hasSize(6);
        assertThat(model().looking()).isFalse();
    }

    @Test
    void aCopyForTheNextWeekLiesBesideIt() {
        ClassesViewModel.Found thursday = called("Thursday Express Circuit");
        LocalDate day = thursday.when().toLocalDate();

        assertThat(model().duplicate(thursday)).isEmpty();

        assertThat(found("thursday")).extracting(each -> each.when().toLocalDate()).containsExactly(day,
                day.plusWeeks(1));
        disk.full(true);
        assertThat(model().duplicate(thursday)).contains("the disk is full");
        assertThat(model().duplicate(found("").getLast())).as("what cannot be read")
                .contains("this is not JSON");
    }

    @Test
    void aClassIsDeletedAndHadBackAndTheOpenOneIsNot() throws Exception {
        Reading<ClassesViewModel.Undo> refused = model().delete(called("Tuesday Evening Climb"));
        assertThat(refused.problem()).isEqualTo(
                "\u201cTuesday Evening Climb\u201d is open: open another class before you delete it.");

        Reading<ClassesViewModel.Undo> deleted = model().delete(called("Friday Strong and Steady"));
        assertThat(titles(found(""))).doesNotContain("Friday Strong and Steady");
        deleted.value().orElseThrow().run();

        assertThat(titles(found(""))).contains("Friday Strong and Steady");
    }

    @Test
    void aClassOfTheStudioStandsBesideTheFilesAndIsDeletedFromThere() throws Exception {
        OpenPlan other = new OpenPlan(PlanDocument.of(
                demo.copy().with(demo.brief().withTitle("Kept in the studio")), Instructor.LIBRARY));
        other.keep(studio().studio().plans(), Plans.NONE, NOW);
        assertThat(titles(found("kept"))).containsExactly("Kept in the studio");

        assertThat(model().duplicate(called("Kept in the studio"))).isEmpty();
        assertThat(found("kept")).hasSize(2);
        ClassesViewModel.Undo undo = model().delete(called("Kept in the studio")).value().orElseThrow();
        assertThat(found("kept")).hasSize(1);
        undo.run();

        assertThat(found("kept")).hasSize(2);
    }

    @Test
    void onlyTheOpenOneIsOpenAndFilesFromElsewhereWereOpenLately() throws Exception {
        assertThat(found("").stream().filter(each -> model().isOpen(each.where())))
                .extracting(ClassesViewModel.Found::title).containsExactly("Tuesday Evening Climb");
        Path elsewhere = Files.createDirectories(folder.resolve("elsewhere"));
        RecentFiles recent = new RecentFiles(folder.resolve("data"), disk);
        recent.add(file("broken"));
        recent.add(Files.writeString(elsewhere.resolve("old.kehre.json"), "{}"));

        assertThat(model().lately()).extracting(path -> String.valueOf(path.getFileName()))
                .containsExactly("old.kehre.json");
    }
}
