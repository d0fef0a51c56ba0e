package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.Optional;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.Node;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableRow;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;

import app.kehre.core.plan.EntryId;
import app.kehre.desk.Instructor;
import app.kehre.desk.NeedsDisplay;
import app.kehre.formats.disk.LocalDisk;

import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Dragging and scrolling in the real window. */
@NeedsDisplay
class GesturesTest {

    private final FxRobot robot = new FxRobot();

    @TempDir
    private Path folder = Path.of("");
    private Instructor instructor;

    @BeforeEach
    void openTheWindow() {
        instructor = Instructor.withDemo(folder, new LocalDisk());
        Instructor.onFx(() -> {
            instructor.stage().setX(0);
            instructor.stage().setY(0);
            return instructor.stage();
        });
        instructor.settle();
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    private Point2D line(int index) {
        return Instructor.onFx(() -> {
            Node row = instructor.find("#lines").lookupAll(".table-row-cell").stream()
                    .filter(each -> each instanceof TableRow<?> line && line.getIndex() == index).findFirst()
                    .orElseThrow(() -> new AssertionError("line " + index + " is not in view"));
            Bounds bounds = row.localToScreen(row.getBoundsInLocal());
            return new Point2D(bounds.getMinX() + 120, bounds.getCenterY());
        });
    }

    @Test
    void aLineIsDraggedToItsNewPlace() {
        instructor.clicks("#segment-2");

        robot.moveTo(line(0)).press(MouseButton.PRIMARY).moveBy(0, 8).moveTo(line(1)).moveTo(line(2))
                .release(MouseButton.PRIMARY);
        instructor.until("the line has moved",
                () -> instructor.content().planning().segment().get().equals(Optional.of(part(2)))
                        && !instructor.lines().getFirst().equals("March on the spot"));

        assertThat(instructor.lines().subList(0, 3)).containsExactly("Step touch", "Side taps",
                "March on the spot");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: move March on the spot");
    }

    @Test
    void aLineIsDraggedIntoAnotherSegment() {
        instructor.clicks("#segment-2");

        robot.moveTo(line(0)).press(MouseButton.PRIMARY).moveBy(0, -8).moveTo("#segment-3")
                .moveBy(3, 0).release(MouseButton.PRIMARY);
        instructor.until("the line has moved",
                () -> instructor.content().planning().segment().get().equals(Optional.of(part(3))));

        assertThat(instructor.lines().getLast()).isEqualTo("March on the spot");
    }

    @Test
    void anExerciseIsDraggedIntoACircuitAndOutOfIt() {
        instructor.clicks("#segment-5").clicks("#segment-5");
        EntryId split = instructor.plan().segment(part(5)).entries().get(2).id();

        robot.moveTo(line(2)).press(MouseButton.PRIMARY).moveBy(0, 8).moveTo(line(4)).moveBy(2, 0)
                .release(MouseButton.PRIMARY);
        instructor.until("it is in the circuit", () -> instructor.plan().circuitOf(split).isPresent());

        robot.moveTo(line(3)).press(MouseButton.PRIMARY).moveBy(0, -8).moveTo(line(1)).moveBy(2, 0)
                .release(MouseButton.PRIMARY);
        instructor.until("it is out again", () -> instructor.plan().circuitOf(split).isEmpty());
    }

    @Test
    void aSuggestionIsDraggedToItsPlaceAsOneStep() {
        instructor.clicks("#segment-2").clicks("#side-suggest");
        int lines = instructor.lines().size();
        Node first = Instructor.onFx(() -> instructor.find("#suggestions .list-cell"));

        robot.moveTo(first).press(MouseButton.PRIMARY).moveBy(-8, 0).moveTo(line(1)).moveBy(2, 0)
                .release(MouseButton.PRIMARY);
        instructor.until("it is there", () -> instructor.lines().size() == lines + 1);

        assertThat(instructor.lines().getFirst()).isEqualTo("March on the spot");
        assertThat(instructor.lines().get(2)).isEqualTo("Step touch");
        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(instructor.lines()).hasSize(lines);
    }

    @Test
    void aMoveThatFitsIsDraggedOntoTheFootScore() {
        instructor.presses(KeyCode.DIGIT3, KeyCode.CONTROL);
        int before = moves();
        Node fit = Instructor.onFx(() -> instructor.find("#fits .list-cell"));

        robot.moveTo(fit).press(MouseButton.PRIMARY).moveBy(0, -8).moveTo("#foot-score").moveBy(2, 0)
                .release(MouseButton.PRIMARY);
        instructor.until("it is there", () -> moves() == before + 1);

        instructor.presses(KeyCode.Z, KeyCode.CONTROL);
        assertThat(moves()).isEqualTo(before);
    }

    private int moves() {
        return instructor.plan().buildUps().findFirst().orElseThrow().build().combinations().getFirst()
                .moves()
                .size();
    }

    @Test
    void theWheelScrollsTheSheet() {
        instructor.presses(KeyCode.DIGIT5, KeyCode.CONTROL)
                .until("the sheet is made", instructor.content()::sheetReady).clicks("#larger")
                .clicks("#larger");
        ScrollPane pages = (ScrollPane) instructor.find("#pages");

        robot.moveTo(pages).scroll(5, VerticalDirection.DOWN);
        instructor.settle();

        assertThat(Instructor.onFx(pages::getVvalue)).isGreaterThan(0);
    }
}
