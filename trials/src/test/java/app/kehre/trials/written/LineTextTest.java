package app.kehre.trials.written;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Plans;
import app.kehre.core.written.ClassText;
import app.kehre.core.written.LineText;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** Lines as instructors write them. */
class LineTextTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final LineText LINES = LineText.of(LIBRARY, Plans.of(60).plan());

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            squat 3 x 12, rest 20 s, 2 light weights; heels down | Squat 3 x 12 reps, rest 20 s, 2 light weights; heels down
            2 light weights is no exercise |
            squat, 12                       | Squat 12 reps
            press-up 10                     | Push-up 10 reps
            forearm plank 30 s              | Forearm plank hold 30 s
            calf stretch 20 s, each side    | Calf stretch stretch 20 s, each side
            side leg lift, standing 12 reps, each side | Side leg lift, standing 12 reps, each side
            step touch 16 eights            | Step touch 16 eights
            bent-over row 2 x 10, 2 heavy weights, known, harder option | Bent-over row 2 x 10 reps, 2 heavy weights, harder option, known
            split squat 10, each side, for knee: hip lift | Split squat 10 reps, each side, for knee: Hip lift
            calf stretch 25 s each side     | Calf stretch stretch 25 s, each side
            - water                         | Water 40 s
            rest 20 s                       | Rest 20 s
            welcome                         | Talk 60 s
            Talk 30 s, keep moving: Thanks  | Talk 30 s, keep moving: Thanks
            screen hold 15 s, each side     | Screen hold 15 s, each side: Balance screen; a foot comes down or a hand reaches out
            """)
    void aLineIsReadAndPrintedInFull(String typed, String printed) {
        var read = LINES.read(typed, Role.TONING, EntryId.FIRST);

        assertThat(read.value().map(lines -> LINES.print(lines.getFirst())).orElse(null)).as(read.problem())
                .isEqualTo(printed);
    }

    @Test
    void eachPartOfALineIsCompleted() {
        assertThat(LINES.completions("squat with a weight at the chest ")).first().asString()
                .matches("Squat with a weight at the chest \\d.* reps.*, .*weight.*");
        assertThat(LINES.completions("split squat 12 reps, "))
                .containsExactly("split squat 12 reps, each side");
        assertThat(LINES.completions("squat")).isEmpty();
        assertThat(LINES.completions("squat 12 reps; heels ")).isEmpty();
        assertThat(LINES.completions("split squat ")).allMatch(
                line -> LINES.read(line, Role.TONING, EntryId.FIRST).value().isPresent());
    }

    @Test
    void sidesThatDifferAreTwoLinesAndACueIsTheNote() {
        var sides = LINES.read("split squat 12 reps right, 9 left", Role.TONING, EntryId.FIRST).value()
                .orElseThrow();
        var cued = (Item) LINES.read("squat 12 reps, last 8 counted", Role.TONING, EntryId.FIRST).value()
                .orElseThrow()
                .getFirst();

        assertThat(sides).hasSize(2);
        assertThat(cued.note()).isEqualTo("last 8 counted");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            frobnicate 12  | No exercise is called "frobnicate" |
            press 10       | No exercise is called "press" | Overhead press 10 reps, 2 light weights
            """)
    void whatCannotBeReadIsSaidWithWhatItCouldMean(String typed, String problem, String choice) {
        var read = LINES.read(typed, Role.TONING, EntryId.FIRST);

        assertThat(read.problem()).contains(problem);
        if (choice != null) {
            assertThat(read.choices()).contains(choice);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch", "everything-at-once"})
    void theDemoClassesComeBackAsTheyWere(String name) {
        ClassPlan plan = DemoPlan.load(name, LIBRARY).plan();

        ClassText.Read read = ClassText.read(ClassText.print(plan, LIBRARY), plan, LIBRARY);

        assertThat(read.faults()).isEmpty();
        assertThat(read.plan()).isEqualTo(plan);
    }

    @Test
    void oneSegmentAsTextLeavesTheOthersTheirLinesAndTheirNames() {
        ClassPlan plan = DemoPlan.load("tuesday-evening-climb", LIBRARY).plan();
        Segment toning = plan.segments().get(4);
        String march = "March on the spot 16 eights; Find the beat, roll through the foot\n";
        String text = ClassText.print(plan, toning.id(), LIBRARY) + march
                + "\n## Core and arms (core, 112 BPM)\nForearm plank 2 x hold 25 s\n";

        ClassText.Read read = ClassText.readSegment(text, plan, toning.id(), LIBRARY);

        assertThat(read.faults()).isEmpty();
        List<EntryId> lines = read.plan().lines().map(Entry::id).toList();
        assertThat(lines).doesNotHaveDuplicates();
        assertThat(read.plan().segments()).extracting(Segment::id).doesNotHaveDuplicates()
                .hasSize(plan.segments().size() + 1);
        plan.segments().stream().filter(each -> !each.id().equals(toning.id()))
                .forEach(other -> assertThat(read.plan().segment(other.id())).isEqualTo(other));
    }

    @Test
    void everyExerciseIsFoundByWhatItIsPrintedAs() {
        for (Exercise exercise : LIBRARY.all()) {
            Item item = Item.of(EntryId.FIRST, exercise);

            var read = LINES.read(LINES.print(item), Role.TONING, EntryId.FIRST);

            assertThat(read.value()
                    .orElseThrow(() -> new AssertionError(LINES.print(item) + ": " + read.problem())))
                    .containsExactly(item);
        }
    }

    @Test
    void aClassWithoutALineIsATitle() {
        Brief brief = Plans.of(60).plan().brief();

        assertThat(ClassText.read("# A new one\n", brief, LIBRARY).plan().brief().title())
                .isEqualTo("A new one");
    }
}
