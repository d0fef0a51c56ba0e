package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.stream.Stream;
import javafx.scene.control.Button;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Classes are drafted, stopped, taken in part, drawn anew and put in order, beside the lines. */
class DraftsPlaceTest {

    @TempDir
    private Path folder;
    private Instructor instructor;

    @BeforeEach
    void openAClassThatIsABriefAlone() {
        instructor = Instructor.with(new ClassPlan(demo().brief(), List.of()), folder.resolve("bare"),
                new FaultyDisk());
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private static ClassPlan demo() {
        return DemoPlan.load(Instructor.LIBRARY).plan();
    }

    private void reopen(ClassPlan plan, String name) {
        instructor.close();
        instructor = Instructor.with(plan, folder.resolve(name), new FaultyDisk());
    }

    private void draft() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft").clicks("#fit-ask");
        instructor.until("a draft is there", () -> instructor.canSee("#fit-way-1"));
    }

    @Test
    void aBriefAloneBecomesAWholeClassThatIsUndoneInOneStep() {
        draft();
        instructor.clicks("#fit-take");

        assertThat(instructor.plan().segments()).hasSizeGreaterThan(4)
                .noneMatch(each -> each.entries().isEmpty());
        assertThat(Timeline.of(instructor.plan()).fit().over()).isFalse();
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: draft");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan().segments()).isEmpty();
    }

    @Test
    void draftingThatIsStoppedBringsNothingMoreAndCanBeBegunAgain() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft");
        boolean working = Instructor.onFx(() -> {
            ((Button) instructor.find("#fit-ask")).fire();
            boolean shown = instructor.find("#draft-stop").getParent().isVisible();
            ((Button) instructor.find("#draft-stop")).fire();
            return shown;
        });
        instructor.settle();

        assertThat(working).isTrue();
        assertThat(instructor.canSee("#draft-stop")).isFalse();
        assertThat(instructor.canSee("#fit-way-1")).isFalse();
        draft();
        instructor.clicks("#fit-take");
        assertThat(instructor.plan().lines()).isNotEmpty();
    }

    @Test
    void ofThreeDraftsTheOneThatIsThereIsTakenThoughTheOthersAreStopped() {
        draft();
        Instructor.onFx(() -> {
            ((Button) instructor.find("#draft-stop")).fire();
            return 0;
        });

        assertThat(instructor.canSee("#draft-stop")).isFalse();
        instructor.clicks("#fit-take");
        assertThat(instructor.plan().segments()).noneMatch(each -> each.entries().isEmpty());
    }

    @Test
    void aBriefThatCannotBeMetIsRefusedAndNothingChanges() {
        ClassPlan small = new ClassPlan(demo().brief().with(demo().brief().room().withFloor(41)), List.of());
        reopen(small, "small");
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft").clicks("#fit-ask");
        instructor.until("the reason is there", () -> instructor.canSee("#fit-problem"));

        assertThat(instructor.sees("#fit-problem"))
                .startsWith("41 m\u00b2 of floor are enough for 10 people");
        assertThat(instructor.canSee("#fit-take")).isFalse();
        assertThat(instructor.plan()).isEqualTo(small);
    }

    @Test
    void withoutKeepingWhatIsThereOnlyWhatIsLockedStays() {
        ClassPlan demo = demo().with(demo().brief().withSlot(Duration.ofMinutes(62)));
        Item locked = demo.items()
                .filter(item -> demo.segmentOf(item.id()).orElseThrow().role() == Role.TONING)
                .findFirst().orElseThrow();
        reopen(demo.with(locked.withDelivery(locked.delivery().withLocked(true))), "locked");
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft").clicks("#fit-keep")
                .clicks("#fit-ask");
        instructor.until("a draft is there", () -> instructor.canSee("#fit-way-1"));
        instructor.clicks("#fit-take");

        assertThat(instructor.plan().entry(locked.id()).name()).isEqualTo(locked.name());
        assertThat(instructor.plan().items().filter(item -> demo.find(item.id()).isPresent()))
                .extracting(Item::id).containsExactlyElementsOf(Stream.concat(Stream.of(locked), demo.items()
                        .filter(item -> item.delivery().locked())).map(Item::id).toList());
    }

    @Test
    void aClassThatIsFullSaysSo() {
        ClassPlan full = demo().segments().stream().reduce(
                demo().with(demo().brief().withSlot(Duration.ofMinutes(62))),
                (plan, segment) -> plan.with(segment.withTarget(Duration.ZERO)), (one, _) -> one);
        reopen(full, "full");
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft").clicks("#fit-ask");
        instructor.until("the reason is there", () -> instructor.canSee("#fit-problem"));

        assertThat(instructor.sees("#fit-problem"))
                .isEqualTo("Nothing is left to draft: every segment is filled to its target.");
    }

    @Test
    void aPartIsRegroupedAndItsReasonStandsWithItsOrder() {
        reopen(DemoPlan.load(DemoPlan.EVERYTHING_AT_ONCE, Instructor.LIBRARY).plan(), "regroup");
        ClassPlan before = instructor.plan();
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-regroup").clicks("#fit-ask");
        instructor.until("an order is there", () -> instructor.canSee("#fit-way-1"));

        assertThat(instructor.sees("#fit-way-1")).contains("saves 0:38");
        instructor.clicks("#fit-take");

        assertThat(instructor.plan().lines().map(Entry::id))
                .containsExactlyInAnyOrderElementsOf(before.lines().map(Entry::id).toList());
        assertThat(Timeline.of(instructor.plan()).total()).isLessThan(Timeline.of(before).total());
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: regroup");
    }
}
