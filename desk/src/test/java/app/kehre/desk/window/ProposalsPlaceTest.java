package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import javafx.scene.Node;
import javafx.scene.control.CheckBox;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** What Kehre proposes: ways, changes with a tick each, taken in part, undone and redone. */
class ProposalsPlaceTest {

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;
    private ClassPlan over;

    @BeforeEach
    void openAClassThatGoesOver() {
        ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
        over = demo.with(demo.brief().withSlot(Duration.ofMinutes(54)));
        instructor = Instructor.with(over, folder, new FaultyDisk());
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT).presses(KeyCode.ENTER);
        instructor.until("ways are found", () -> instructor.canSee("#fit-way-1"));
        instructor.until("the outcome is worked out",
                () -> instructor.canSee("#fit-outcome")
                        && instructor.sees("#fit-outcome").startsWith("Ends at "));
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private List<CheckBox> changes() {
        return Instructor.onFx(() -> instructor.find("#fit").lookupAll(".check-box").stream()
                .filter(Node::isVisible).map(CheckBox.class::cast).toList());
    }

    @Test
    void oneChangeIsUntickedTheRestTakenUndoneAndRedone() {
        assertThat(instructor.sees("#class-length")).as("at its end or just under it")
                .matches("53:[45]\\d|54:00");
        assertThat(instructor.plan()).isEqualTo(over);
        int all = changes().size();
        Instructor.onFx(() -> {
            changes().getFirst().fire();
            return all;
        });
        instructor.settle();
        assertThat(instructor.sees("#fit-take")).isEqualTo("Take the %d ticked".formatted(all - 1));

        instructor.clicks("#fit-take");
        ClassPlan taken = instructor.plan();
        assertThat(taken).isNotEqualTo(over);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: fit to 54:00");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(over);
        instructor.presses(KeyCode.Z, KeyCode.CONTROL, KeyCode.SHIFT);
        assertThat(instructor.plan()).isEqualTo(taken);
    }

    @Test
    void whatIsLeftChangesNothingAndTheRoadShowsTheClassAgain() {
        String before = "58:51";
        instructor.clicks("#fit-way-2").clicks("#fit-back");

        assertThat(instructor.plan()).isEqualTo(over);
        assertThat(instructor.sees("#class-length")).isEqualTo(before);
    }

    @Test
    void aLengthThatCannotBeIsRefusedWithTheReason() {
        instructor.clicks("#fit-back").clicks("#fit-length").writes("12").presses(KeyCode.ENTER);
        instructor.until("the reason is shown", () -> instructor.canSee("#fit-problem"));

        assertThat(instructor.sees("#fit-problem")).startsWith("Even at the least doses the class is ");
        instructor.clicks("#fit-length").writes("soon").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#fit-problem")).startsWith("\"soon\" is not a length");
    }

    @Test
    void theWarmUpThatFollowsFromTheClassIsTakenAsOneStep() {
        instructor.clicks("#fit-back").clicks("#propose-warm-up").clicks("#fit-ask");
        instructor.until("the warm-up is there", () -> instructor.canSee("#fit-way-1"));
        assertThat(instructor.sees("#fit-way-1")).endsWith("all prepared");
        assertThat(changes()).extracting(CheckBox::getText).anyMatch(words -> words.contains(": prepares "))
                .anyMatch(words -> words.startsWith("Leave out "));

        instructor.clicks("#fit-take");

        assertThat(instructor.sees("#undo")).isEqualTo("Undo: warm-up from the class");
        assertThat(Assessment.of(instructor.plan(), Instructor.LIBRARY).findings()).extracting(Finding::check)
                .noneMatch(check -> check.startsWith("not-prepared"));
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan()).isEqualTo(over);
    }

    @Test
    void theStretchThatFollowsReplacesTheOldOneLineByLine() {
        instructor.clicks("#fit-back").clicks("#propose-stretch").clicks("#fit-ask");
        instructor.until("the stretch is there", () -> instructor.canSee("#fit-way-1"));
        assertThat(changes()).extracting(CheckBox::getText).filteredOn(words -> words.contains(": releases "))
                .hasSizeGreaterThan(3);

        instructor.clicks("#fit-take");

        Segment last = instructor.plan().segments().stream().filter(each -> each.role() == Role.STRETCH)
                .reduce((_, later) -> later).orElseThrow();
        List<Entry> before = over.segment(last.id()).entries();
        assertThat(last.entries()).hasSizeGreaterThan(3).endsWith(before.getLast());
        assertThat(last.entries().stream().filter(before::contains).map(Entry::name))
                .as("what stays is what the class ends on").containsExactly("Quiet breathing");
    }

    @Test
    void emptySegmentsAreDraftedThreeTimesAndOneOfThemIsTaken() {
        Segment toning = over.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();
        Segment core = over.segments().stream().filter(each -> each.role() == Role.CORE).findFirst()
                .orElseThrow();
        instructor.close();
        instructor = Instructor.with(
                over.with(toning.withEntries(List.of())).with(core.withEntries(List.of())),
                folder.resolve("empty"), new FaultyDisk());
        instructor.presses(KeyCode.DIGIT6, KeyCode.ALT);
        instructor.clicks("#propose-draft").clicks("#fit-ask");
        instructor.until("three drafts are there", () -> instructor.canSee("#fit-way-3"));
        assertThat(changes()).hasSize(2);
        assertThat(changes().getFirst().getText()).startsWith("Toning").contains(", ");

        Instructor.onFx(() -> {
            changes().getLast().fire();
            return 0;
        });
        instructor.clicks("#fit-take");

        assertThat(instructor.plan().segment(toning.id()).entries()).isNotEmpty();
        assertThat(instructor.plan().segment(core.id()).entries()).isEmpty();
        Item first = instructor.plan().items()
                .filter(item -> instructor.plan().segmentOf(item.id()).orElseThrow().id() == toning.id())
                .findFirst().orElseThrow();
        instructor.clicksOnRoad(first.id()).presses(KeyCode.DIGIT1, KeyCode.ALT);
        assertThat(instructor.reads("#card .label")).contains("proposed", instructor.plan().why(first));
    }

    @Test
    void theyStartedLateAndTheClassStillEndsInItsSlot() {
        instructor.clicks("#fit-back").clicks("#propose-late-start").clicks("#fit-length").writes("7:00")
                .presses(KeyCode.ENTER);
        instructor.until("its effect is seen", () -> instructor.canSee("#fit-outcome")
                && instructor.sees("#fit-outcome").startsWith("Ends at "));
        assertThat(instructor.sees("#fit-outcome")).contains(" of 47:00")
                .doesNotContain("of the slot are empty", "are spare for a late start", "goes over its slot");

        instructor.clicks("#fit-take");

        assertThat(instructor.sees("#undo")).isEqualTo("Undo: late start by 7:00");
        assertThat(Timeline.of(instructor.plan()).total()).isBetween(Duration.ofMinutes(46),
                Duration.ofMinutes(47));
        assertThat(instructor.plan().brief()).isEqualTo(over.brief());
    }

    @Test
    void theClassIsRecutToAnotherSlotAndWhatIsUntickedStays() {
        instructor.clicks("#fit-back").clicks("#propose-other-slot").clicks("#fit-length").writes("40")
                .presses(KeyCode.ENTER);
        instructor.until("it is recut", () -> instructor.canSee("#fit-way-1"));
        assertThat(changes().getFirst().getText()).isEqualTo("The slot: 40 min instead of 54 min");
        Segment stretch = over.segments().stream().filter(each -> each.role() == Role.STRETCH).findFirst()
                .orElseThrow();
        Instructor.onFx(() -> {
            changes().stream().filter(each -> each.getText().startsWith(stretch.name())).findFirst()
                    .orElseThrow().fire();
            return 0;
        });

        instructor.clicks("#fit-take");

        assertThat(instructor.sees("#undo")).isEqualTo("Undo: recut to 40 min");
        assertThat(instructor.plan().brief().slot()).isEqualTo(Duration.ofMinutes(40));
        assertThat(instructor.plan().segment(stretch.id())).isEqualTo(stretch);
        assertThat(Timeline.of(instructor.plan()).total()).isBetween(Duration.ofMinutes(40),
                Duration.ofMinutes(43));
    }

    @Test
    void aSegmentIsDrawnAnewAndWhatIsLockedStays() {
        Segment toning = over.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();
        Item first = toning.lines().filter(Item.class::isInstance).map(Item.class::cast).findFirst()
                .orElseThrow();
        ClassPlan locked = over.with(first.withDelivery(first.delivery().withLocked(true)))
                .with(over.brief().withSlot(Duration.ofMinutes(62)));
        instructor.close();
        instructor = Instructor.with(locked, folder.resolve("locked"), new FaultyDisk());
        instructor.clicksOnRoad(first.id()).presses(KeyCode.DIGIT6, KeyCode.ALT).clicks("#propose-draft")
                .clicks("#fit-segment").clicks("#fit-keep").clicks("#fit-ask");
        instructor.until("a draft is there", () -> instructor.canSee("#fit-way-1"));

        instructor.clicks("#fit-take");

        assertThat(instructor.plan().find(first.id())).isEqualTo(locked.find(first.id()));
        assertThat(instructor.plan().segment(toning.id()).entries()).hasSizeGreaterThan(1)
                .isNotEqualTo(toning.entries());
        assertThat(instructor.plan().segments()).filteredOn(each -> !each.id().equals(toning.id()))
                .containsExactlyElementsOf(locked.segments().stream()
                        .filter(each -> !each.id().equals(toning.id())).toList());
    }

    @Test
    void aSlotThatIsNoSlotIsRefusedAndChangesNothing() {
        instructor.clicks("#fit-back").clicks("#propose-other-slot").clicks("#fit-length").writes("500")
                .presses(KeyCode.ENTER);
        instructor.until("the reason is shown", () -> instructor.canSee("#fit-problem"));
        assertThat(instructor.sees("#fit-problem")).isEqualTo("The slot must be from 2 to 180 min, not 500.");

        instructor.clicks("#fit-length").writes("45:30").presses(KeyCode.ENTER);
        instructor.until("the other reason is shown",
                () -> instructor.sees("#fit-problem")
                        .equals("A slot is whole minutes, such as 45 min, not 45:30."));
        assertThat(instructor.plan()).isEqualTo(over);
    }
}
