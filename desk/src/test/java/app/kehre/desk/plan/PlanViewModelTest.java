package app.kehre.desk.plan;

import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.BriefText;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.typing.EntryText;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** What is selected after each edit, and what a typed text does, without a window. */
class PlanViewModelTest {

    private final Library library = Library.of(Exercises.all());
    private final ClassPlan plan = Plans.of(30).segment("Welcome", Role.TALK, 100).pause(Pause.Kind.TALK)
            .segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
            .item(Exercises.ROW, "10 reps").segment("Core", Role.CORE, 110).bare();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, library));
    private final PlanViewModel model = new PlanViewModel(open, () -> library,
            () -> List.of("[singles 16, doubles 16]"), Learning.ofNothing());

    @Test
    void atFirstTheFirstLineIsSelected() {
        assertThat(model.segment().get()).contains(part(1));
        assertThat(model.entry().get()).contains(line(1));
    }

    @Test
    void afterARemovalTheNeighbourIsSelected() {
        model.select(line(2));
        model.removeEntry();
        assertThat(model.entry().get()).contains(line(3));
        model.removeEntry();
        assertThat(model.entry().get()).isEmpty();
        assertThat(model.selectedSegment()).hasValueSatisfying(
                each -> assertThat(each.name()).isEqualTo("Toning"));
    }

    @Test
    void undoNeverLeavesALineSelectedThatIsGone() {
        model.select(line(3));
        model.duplicateEntry();
        assertThat(model.entry().get()).contains(line(4));
        open.undo();

        assertThat(model.selectedEntry()).isPresent();
    }

    @Test
    void arrowsWalkThroughTheWholeClass() {
        model.selectNeighbour(-1);
        assertThat(model.entry().get()).contains(line(1));
        model.selectNeighbour(1);
        model.selectNeighbour(1);
        model.selectNeighbour(1);
        assertThat(model.entry().get()).contains(line(3));
        assertThat(model.segment().get()).contains(part(2));
    }

    @Test
    void theLastSegmentCanBeRemovedAndAnotherAdded() {
        for (int i = 0; i < 4; i++) {
            model.segments().remove();
        }
        assertThat(model.plan().segments()).isEmpty();
        assertThat(model.rows()).isEmpty();

        model.segments().add(Role.STRETCH);
        assertThat(model.selectedSegment()).hasValueSatisfying(
                each -> assertThat(each.name()).isEqualTo("Cool-down, stretch"));
    }

    @Test
    void aTypedDoseIsShownThenTakenThenUndoneByItsName() {
        Commit dose = model.ofEntry(line(2), "Dose", EntryText::withDose);
        assertThat(dose.preview("20 reps"))
                .isEqualTo("20 reps: 0:40 \u00b7 class 2:00, 28:00 to spare");
        assertThat(dose.preview("20 rep s")).contains("does not fit");
        assertThat(open.shown().get().plan()).isEqualTo(plan);

        assertThat(dose.take("20 reps")).isEmpty();
        assertThat(open.undoName().get()).isEqualTo("Dose of Squat");
    }

    @Test
    void aPatternThatWasUsedBeforeIsOfferedForAnotherMove() {
        assertThat(model.choices().completions("[")).contains("[singles 16, doubles 16]");
        model.ofEntry(line(2), "Dose", EntryText::withDose).take("2 x [singles 8, repeater 8], each side");

        assertThat(model.choices().completions("")).contains("2 x [singles 8, repeater 8]",
                "[singles 16, doubles 16]",
                "12 reps");
        assertThat(model.choices().completions("12")).doesNotContain("[singles 16, doubles 16]");
    }

    @Test
    void aTypedTitleHasNoLengthOfItsOwn() {
        assertThat(model.ofBrief("Title", BriefText::withTitle).preview("Evening"))
                .isEqualTo("class 1:44, 28:16 to spare");
    }

    @Test
    void aLineThatWasRemovedMeanwhileTakesNoDose() {
        Commit dose = model.ofEntry(line(2), "Dose", EntryText::withDose);
        model.select(line(2));
        model.removeEntry();

        assertThat(dose.take("20 reps")).isEqualTo("This line is no longer in the plan.");
    }
}
