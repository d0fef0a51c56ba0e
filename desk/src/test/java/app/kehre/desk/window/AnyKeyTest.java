package app.kehre.desk.window;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Random;
import java.util.concurrent.CopyOnWriteArrayList;
import javafx.scene.control.Button;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatCode;

/** Somebody who does not know the keys tries them all: nothing fails, nothing is lost, and undo leads back to the beginning. */
class AnyKeyTest extends DemoWindow {

    private static final int PRESSES = 160;
    private static final int MOST_STEPS = 400;
    private static final List<KeyCode> BARE = List.of(KeyCode.DOWN, KeyCode.DOWN, KeyCode.UP, KeyCode.LEFT,
            KeyCode.RIGHT, KeyCode.TAB, KeyCode.TAB, KeyCode.ENTER, KeyCode.ENTER, KeyCode.ESCAPE,
            KeyCode.DELETE,
            KeyCode.BACK_SPACE, KeyCode.SPACE, KeyCode.F2, KeyCode.PLUS, KeyCode.MINUS, KeyCode.L, KeyCode.T,
            KeyCode.HOME, KeyCode.END, KeyCode.PAGE_DOWN);
    private static final List<KeyCode> WITH_CONTROL = List.of(KeyCode.DIGIT1, KeyCode.DIGIT2, KeyCode.DIGIT2,
            KeyCode.DIGIT3, KeyCode.DIGIT4, KeyCode.DIGIT5, KeyCode.DIGIT6, KeyCode.DIGIT7, KeyCode.DIGIT8,
            KeyCode.D, KeyCode.G, KeyCode.B, KeyCode.K, KeyCode.L, KeyCode.T, KeyCode.M, KeyCode.S, KeyCode.Z,
            KeyCode.UP, KeyCode.DOWN, KeyCode.A);
    private static final List<KeyCode> WITH_ALT = List.of(KeyCode.UP, KeyCode.DOWN, KeyCode.LEFT,
            KeyCode.RIGHT);
    private static final List<KeyCode> WITH_SHIFT = List.of(KeyCode.TAB, KeyCode.DOWN, KeyCode.UP);
    private static final List<String> TYPED = List.of("squat", "12 reps", "3 x 8 reps, each side", "0",
            "nonsense",
            "16 eights", "hold 20 s", "knee", "18:30", "-5", "2 light weights");

    private final List<Throwable> faults = new CopyOnWriteArrayList<>();
    private final List<String> pressed = new ArrayList<>();

    @BeforeEach
    void noteWhatFails() {
        Thread.setDefaultUncaughtExceptionHandler((_, fault) -> {
            if (!ofTheScreenThatIsNone(fault)) {
                faults.add(fault);
            }
        });
    }

    @AfterEach
    void noteNoMore() {
        Thread.setDefaultUncaughtExceptionHandler(null);
    }

    /** Without a display, JavaFX draws beyond its own buffer where a menu opens at an edge. */
    private static boolean ofTheScreenThatIsNone(Throwable fault) {
        return Arrays.stream(fault.getStackTrace())
                .anyMatch(frame -> frame.getClassName().endsWith("headless.HeadlessWindow"));
    }

    private static <T> T any(List<T> all, Random random) {
        return all.get(random.nextInt(all.size()));
    }

    private void presses(Random random) {
        int draw = random.nextInt(20);
        if (draw < 9) {
            press(any(BARE, random));
        } else if (draw < 14) {
            press(any(WITH_CONTROL, random), KeyCode.CONTROL);
        } else if (draw < 15) {
            press(any(WITH_CONTROL, random), KeyCode.CONTROL, KeyCode.SHIFT);
        } else if (draw < 16) {
            press(any(WITH_ALT, random), KeyCode.ALT);
        } else if (draw < 17) {
            press(any(WITH_SHIFT, random), KeyCode.SHIFT);
        } else if (typing()) {
            String text = any(TYPED, random);
            pressed.add('"' + text + '"');
            instructor.types(text);
        }
    }

    private boolean typing() {
        return Instructor.onFx(
                () -> instructor.content().scene().getFocusOwner() instanceof TextInputControl field
                        && field.isEditable());
    }

    private void press(KeyCode key, KeyCode... held) {
        pressed.add(List.of(held) + key.getName());
        instructor.presses(key, held);
    }

    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4})
    void whateverIsPressedNothingFailsAndUndoLeadsBackToTheBeginning(long seed) {
        Random random = new Random(seed);
        ClassPlan before = instructor.plan();
        for (int i = 0; i < PRESSES; i++) {
            presses(random);
            assertThat(faults).as("after %s", pressed).isEmpty();
        }
        instructor.presses(KeyCode.ESCAPE).presses(KeyCode.ESCAPE).presses(KeyCode.DIGIT1, KeyCode.CONTROL);
        ClassPlan after = instructor.plan();

        assertThatCode(() -> assertThat(PlanDocument.read("any",
                PlanDocument.of(after, Instructor.LIBRARY).bytes(), Instructor.LIBRARY).plan())
                .as("written and read").isEqualTo(after)).doesNotThrowAnyException();
        int undone = steps("#undo", MOST_STEPS);
        if (!after.identity().plan().equals(before.identity().plan())) {
            // The log was asked for the next class: another one is open, with steps of its own.
            before = instructor.plan();
        }
        assertThat(instructor.plan().segments()).as("after %s", pressed).isEqualTo(before.segments());
        assertThat(instructor.plan().brief()).isEqualTo(before.brief());
        steps("#redo", undone);
        assertThat(instructor.plan()).isEqualTo(after);
        assertThat(faults).as("after %s", pressed).isEmpty();
    }

    /** Takes steps back, or makes them again, as long as there are any and at most so many; returns how many there were. */
    private int steps(String button, int most) {
        int steps = 0;
        while (steps < most && instructor.canSee(button)) {
            Instructor.onFx(() -> {
                ((Button) instructor.find(button)).fire();
                return button;
            });
            steps++;
        }
        instructor.settle();
        return steps;
    }
}
