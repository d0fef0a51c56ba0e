package app.kehre.desk.text;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeAll;
import org.junit.jupiter.api.Test;

import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.testing.Plans;
import app.kehre.core.written.ClassText;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** The open class is written as text and taken over again, and no typed line is ever lost. */
class TextViewModelTest {

    private final ClassPlan plan = Plans.of(30).segment("Warm-up", Role.WARM_UP, 126)
            .item(move("march"), "16 eights")
            .segment("Toning", Role.TONING, 120).item(move("squat"), "12 reps")
            .item(move("push-up"), "2 x 8 reps, rest 10 s").plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Instructor.LIBRARY));
    private Optional<SegmentId> chosen = Optional.of(part(2));
    private final TextViewModel model = new TextViewModel(open, () -> Instructor.LIBRARY, () -> chosen);
    private final List<TextViewModel.Outcome> told = new ArrayList<>();

    private static Exercise move(String id) {
        return Instructor.LIBRARY.find(id).orElseThrow();
    }

    @BeforeAll
    static void startJavaFx() {
        Instructor.startOnce();
    }

    private TextViewModel.Outcome read(String text) {
        told.clear();
        model.ask(text, told::add);
        Later.until("the text is read", () -> !told.isEmpty());
        return told.getFirst();
    }

    @Test
    void theWholeClassIsWrittenAndReadBackAsItWas() {
        String text = model.print(true);

        assertThat(model.alone()).isEmpty();
        assertThat(read(text).read().plan().segments()).isEqualTo(plan.segments());
        assertThat(read(text).words()).matches("\\d+:\\d\\d of 30:00, \\d+:\\d\\d to spare");
        assertThat(model.take(text, false, false)).isEmpty();
        assertThat(open.undoName().get()).as("the same text is no step").isEmpty();
    }

    @Test
    void theChosenSegmentIsWrittenAloneAndOnlyItIsChanged() {
        String text = model.print(false);
        assertThat(model.alone()).contains("Toning");
        assertThat(text).contains("Squat 12 reps").doesNotContain("March");

        assertThat(model.take(text.replace("Squat 12 reps", "Squat 20 reps"), false, false)).isEmpty();

        assertThat(open.undoName().get()).isEqualTo("Text of Toning");
        assertThat(ClassText.print(open.plan(), Instructor.LIBRARY)).contains("Squat 20 reps",
                "March on the spot 16 eights");
    }

    @Test
    void whatIsNotSureIsChosenOrStaysAsANoteAndNothingIsLost() {
        String text = model.print(true).replace("Squat 12 reps", "press 12")
                + "Nonsense here\n";

        TextViewModel.Outcome outcome = read(text);

        assertThat(outcome.words()).startsWith("7 lines: 5 read, 1 to choose, 1 kept as a note \u00b7 ");
        assertThat(model.take(text, false, false))
                .isEqualTo("One line waits to be chosen. Ctrl+Enter once more keeps it as a note.");
        assertThat(open.plan()).isEqualTo(plan);

        model.choose(outcome.toChoose().getFirst().text(), 0);
        assertThat(read(text).toChoose()).isEmpty();
        assertThat(model.take(text, false, false)).isEmpty();
        Segment toning = open.plan().segments().getLast();
        assertThat(toning.entries().getFirst().name()).endsWith("press");
        assertThat(toning.note()).isEqualTo("Nonsense here");
    }

    @Test
    void whatIsNotChosenIsKeptAsANoteWhenItIsTakenOnceMore() {
        String text = model.print(true) + "press 12\n";

        assertThat(model.take(text, false, true)).isEmpty();

        assertThat(open.plan().segments().getLast().note()).isEqualTo("press 12");
    }

    @Test
    void whatChangedBesideTheTextIsReplacedOnlyWhenItIsTakenOnceMore() {
        String text = model.print(true).replace("12 reps", "16 reps");
        open.edit("Title", now -> now.with(now.brief().withTitle("Other")));
        assertThat(model.outdated()).isTrue();

        assertThat(model.take(text, false, false)).isEqualTo(
                "The class has changed beside this text. Take it once more to put the text in its place.");
        assertThat(model.take(text, true, false)).isEmpty();

        assertThat(ClassText.print(open.plan(), Instructor.LIBRARY)).contains("Squat 16 reps");
    }

    @Test
    void aTextOfAnotherClassOrOfASegmentThatIsGoneIsNotTaken() {
        String alone = model.print(false);
        open.edit("Remove Toning", now -> Moves.removeSegment(now, part(2)));
        assertThat(model.take(alone, true, false))
                .isEqualTo("This segment is no longer in the class. Copy what you need, then leave.");

        String whole = model.print(true);
        open.open(PlanDocument.of(plan.copy(), Instructor.LIBRARY));

        assertThat(model.take(whole, true, false))
                .isEqualTo("Another class is open now. Copy what you need, then leave.");
    }

    @Test
    void withNoSegmentChosenTheWholeClassIsWritten() {
        chosen = Optional.empty();

        assertThat(model.print(false)).contains("## Warm-up", "## Toning");
        assertThat(model.alone()).isEmpty();
    }
}
