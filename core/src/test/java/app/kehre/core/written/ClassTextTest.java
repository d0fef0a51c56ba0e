package app.kehre.core.written;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** A class as plain text, there and back. */
class ClassTextTest {

    private static final Library LIBRARY = Library.of(Exercises.all());
    private static final ClassPlan EMPTY = Plans.of(60).plan();

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Property(tries = 500)
    void whatIsPrintedIsReadBackAsTheSameClass(@ForAll("plans") ClassPlan plan) {
        String text = ClassText.print(plan, LIBRARY);

        ClassText.Read read = ClassText.read(text, plan, LIBRARY);

        assertThat(read.faults()).isEmpty();
        assertThat(read.plan()).isEqualTo(plan);
        assertThat(ClassText.print(ClassText.read(text, plan.brief(), LIBRARY).plan(), LIBRARY))
                .isEqualTo(text);
    }

    @Test
    void aListFromAMailIsReadAndWhatNobodyCanReadIsANoteOfItsSegment() {
        ClassText.Read read = ClassText.read("""
                Warm-up:
                - basic step 16 eights
                Toning
                \t* Squat 3 x 12, rest 20 s; heels down
                2. frobnicate 12
                3 rounds, rest 30 s: Legs
                  squat 12
                  water
                """, EMPTY, LIBRARY);

        assertThat(read.plan().segments()).extracting(each -> each.role()).containsExactly(Role.WARM_UP,
                Role.TONING);
        Item squat = (Item) read.plan().segments().getLast().entries().getFirst();
        assertThat(squat.note()).isEqualTo("heels down");
        assertThat(read.plan().circuits().findFirst().map(Circuit::rounds)).contains(3);
        assertThat(read.faults()).isEmpty();
        assertThat(read.plan().segments().getLast().note()).isEqualTo("frobnicate 12");
        assertThat(read.lines().get(4)).extracting(ReadLine::how, ReadLine::words)
                .containsExactly(ReadLine.How.NOTE, "a note of Toning");
    }

    @Test
    void aNoteThatEndsWithAColonIsNoHeadingAndAScreenMaySayNothingOfWhoFails() {
        ClassText.Read read = ClassText.read("""
                ## Toning (toning, 120 BPM)
                Squat 12 reps; say:
                Screen hold 10 s, each side: Balance;
                """, EMPTY, LIBRARY);

        assertThat(read.faults()).isEmpty();
        assertThat(read.plan().entries().map(Entry::note).toList()).containsExactly("say:", "");
        assertThat(((Screen) read.plan().entries().toList().getLast()).failed()).isEmpty();
    }

    @Test
    void tenThousandLinesAreReadAndTooManyAreSaid() {
        String text = IntStream.range(0, 10_000)
                .mapToObj(i -> i % 2 == 0 ? "squat 12 reps" : "what is this " + i)
                .collect(Collectors.joining("\n"));

        ClassText.Read read = ClassText.read(text, EMPTY, LIBRARY);

        assertThat(read.plan()).isEqualTo(EMPTY);
        assertThat(read.lines()).as("none is lost").hasSize(10_000);
        assertThat(read.faults().getFirst().sentence())
                .isEqualTo("The note of this part is full: this line stays in the text alone.");
        assertThat(read.faults().getLast().sentence()).contains("2000");
    }

    @Test
    void aReadingThatIsNotSureWaitsAsANoteUntilItIsChosen() {
        String text = "## Toning (toning, 120 BPM)\nside 12\n";
        var lines = LineText.of(LIBRARY, EMPTY);

        ClassText.Read waiting = ClassText.read(text, EMPTY, LIBRARY, lines, Map.of());
        ClassText.Read chosen = ClassText.read(text, EMPTY, LIBRARY, lines, Map.of(2, 0));
        ClassText.Read noted = ClassText.read(text, EMPTY, LIBRARY, lines, Map.of(2, -1));

        assertThat(waiting.lines().getLast().how()).isEqualTo(ReadLine.How.TO_CHOOSE);
        assertThat(waiting.lines().getLast().choices().getFirst()).startsWith("Side plank");
        assertThat(waiting.plan().segments().getFirst().note()).isEqualTo("side 12");
        assertThat(chosen.plan().items().map(Item::name)).containsExactly("Side plank");
        assertThat(noted.faults()).isEmpty();
        assertThat(noted.plan().segments().getFirst().note()).isEqualTo("side 12");
    }

    @Test
    void whatTheTextDoesNotSayStaysWithItsLine() {
        ClassPlan plan = Plans.of(60).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .delivery(delivery -> delivery.withLayer("arms up")).plan();

        ClassText.Read read = ClassText.read(ClassText.print(plan, LIBRARY).replace("12 reps", "2 x 8 reps"),
                plan,
                LIBRARY);

        assertThat(read.faults()).isEqualTo(List.of());
        assertThat(read.plan().items().map(item -> item.delivery().layer())).containsExactly("arms up");
        assertThat(read.plan().items().map(Item::id)).isEqualTo(plan.items().map(Item::id).toList());
    }
}
