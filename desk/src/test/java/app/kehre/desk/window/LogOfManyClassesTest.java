package app.kehre.desk.window;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.FitnessChecks;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** After many classes: each is found again, by a word or by its day; what a group did is counted, and its checks go on. */
class LogOfManyClassesTest extends DemoWindow {

    private static final String GROUP = "Signal climbers";

    /** Three Tuesdays of a group, the demo class each time, the last two lines of one of them left out. */
    @BeforeEach
    void threeTuesdaysWereTaught() throws StudioTrouble {
        ClassPlan demo = instructor.plan();
        ClassPlan plan = demo.with(demo.brief().with(
                demo.brief().group().withPeople(22).withRegulars(new Regulars(GROUP, Set.of()))));
        byte[] document = PlanDocument.of(plan, Instructor.LIBRARY).bytes();
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            for (int week = 0; week < 3; week++) {
                Set<EntryId> out = week == 1 ? Set.of(split(plan)) : Set.of();
                ClassRecord record = Recording.byHand(plan, LocalDateTime.of(2026, 11, 3 + 7 * week, 18, 31),
                        Duration.ofMinutes(58 + week), out);
                studio.records().keep(record, document);
            }
            ClassRecord second = studio.records().find(studio.records().list("", 5).get(1).heading().key())
                    .orElseThrow();
            studio.records().keep(second.key(), new After(Optional.of(17), Optional.empty(), Optional.of(7),
                    "Windows stuck; open them before.", Map.of()));
        }
        instructor.presses(KeyCode.DIGIT7, KeyCode.CONTROL).until("the log is read",
                () -> instructor.canSee("#after"));
    }

    private static EntryId split(ClassPlan plan) {
        return plan.items().filter(item -> item.exercise().id().equals("split-squat")).findFirst()
                .orElseThrow().id();
    }

    private boolean says(String words) {
        return instructor.words().stream().anyMatch(each -> each.contains(words));
    }

    @Test
    void aClassIsFoundByAWordOfANoteAndOpenedWithTheKeyboard() {
        instructor.clicks("#log-all").until("all are there", () -> says("Tue 3 Nov 2026, 18:31"));
        assertThat(instructor.words())
                .anyMatch(each -> each.contains("17 came \u00b7 hard 7 \u00b7 Windows stuck"));

        instructor.clicks("#log-search").types("stuck").until("one is left",
                () -> !says("Tue 3 Nov 2026, 18:31"));
        instructor.presses(KeyCode.DOWN).presses(KeyCode.ENTER)
                .until("it is shown", () -> says("Tuesday 10 November"));

        instructor.clicks("#log-all").clicks("#log-search").writes("xyzzy")
                .until("none is left", () -> says("No class was taught yet, or none has these words."));
        instructor.presses(KeyCode.A, KeyCode.CONTROL).presses(KeyCode.BACK_SPACE).until("all are back",
                () -> says("Tue 3 Nov 2026, 18:31"));
    }

    private List<String> onDays() {
        return instructor.reads(".day-class");
    }

    @Test
    void theMonthShowsEachClassOnItsDayAndTheMonthBeforeIsEmpty() {
        instructor.clicks("#log-all").until("it is filled",
                () -> says("November 2026") && !onDays().isEmpty());
        assertThat(onDays()).containsExactly("18:31 Tuesday Evening Climb");

        instructor.clicks("#month-before").until("it is turned", () -> says("October 2026"));
        instructor.until("it is empty", () -> onDays().isEmpty());
        instructor.clicks("#month-after").until("it is back", () -> !onDays().isEmpty());
        instructor.clicks(".day-class").until("a class is shown", () -> instructor.canSee("#after"));
    }

    @Test
    void whatAGroupDidIsCountedAndWhatWasLeftOutIsNot() {
        instructor.clicks("#log-groups").until("it is counted",
                () -> instructor.reads(".hyperlink").contains("Squat 3\u00d7"));

        assertThat(instructor.reads(".hyperlink")).contains("Split squat 2\u00d7");
        assertThat(instructor.words())
                .anyMatch(each -> each
                        .matches("In the last eight weeks \\d+ things, \\d+ of them twice or more:"
                                + " those count as known\\."))
                .anyMatch(each -> each.startsWith("Tuesday 18:30, 60 min, 22 people"));
        assertThat(instructor.words()).as("how it went").anyMatch(
                each -> each.matches(
                        "17 Nov 2026, Tuesday Evening Climb: planned \\d+:\\d\\d, took \\d+:\\d\\d"));
    }

    @Test
    void theChecksOfAGroupAreNumbersWithoutNamesThatGoOverTime() throws StudioTrouble {
        instructor.clicks("#log-groups").until("it is shown", () -> instructor.canSee("#check-line"))
                .clicks("#check-line").writes("chair stands 14 11").presses(KeyCode.ENTER);
        assertThat(instructor.words())
                .contains("Write the check, a comma, its unit, a colon and the results: chair"
                        + " stands in 30 s, times: 14 11 17.");
        instructor.writes("chair stands, times: 14 1.1.1").presses(KeyCode.ENTER);
        assertThat(instructor.words()).contains("\"14 1.1.1\" holds what is no number.");

        instructor.writes("chair stands in 30 s, times: 14 11 17 12").presses(KeyCode.ENTER)
                .until("it is kept", () -> says("chair stands in 30 s"));
        assertThat(instructor.words()).anyMatch(each -> each.matches(
                "chair stands in 30 s.* \\(times, middle of 4\\): 24 Nov 13"));
        try (StudioFile studio = StudioFile.open(folder.resolve("data").resolve(StudioFile.NAME))) {
            List<FitnessChecks.Result> kept = studio.checks().all();
            assertThat(kept).singleElement().extracting(FitnessChecks.Result::values)
                    .isEqualTo(List.of(14.0, 11.0, 17.0, 12.0));
        }
    }

    @Test
    void whatIsUsualForAGroupIsTakenIntoTheBriefAsOneStep() {
        ClassPlan before = instructor.plan();
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL).clicks("#regulars").writes(GROUP)
                .presses(KeyCode.ENTER).until("it is offered", () -> instructor.canSee("#as-usual"))
                .clicks("#as-usual");

        assertThat(instructor.plan().brief().people()).isEqualTo(22);
        assertThat(instructor.plan().brief().group().regulars().name()).isEqualTo(GROUP);
        assertThat(instructor.plan().brief().date()).as("its own day").isEqualTo(before.brief().date());
        assertThat(instructor.canSee("#as-usual")).as("it is as usual now").isFalse();
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.plan().brief().people()).isEqualTo(before.brief().people());
    }
}
