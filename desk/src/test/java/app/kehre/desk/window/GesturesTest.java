package app.kehre.desk.window;

import java.nio.file.Path;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.geometry.VerticalDirection;
import javafx.scene.control.ScrollPane;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseButton;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.testfx.api.FxRobot;

import app.kehre.desk.Instructor;
import app.kehre.desk.NeedsDisplay;
import app.kehre.formats.disk.LocalDisk;

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
            Bounds table = instructor.find("#lines").localToScreen(
                    instructor.find("#lines").getBoundsInLocal());
            return new Point2D(table.getMinX() + 120, table.getMinY() + 17 + 33.0 * index);
        });
    }

    @Test
    void aLineIsDraggedToItsNewPlace() {
        instructor.clicks("#segment-2");

        robot.moveTo(line(0)).press(MouseButton.PRIMARY).moveBy(0, 8).moveTo(line(1)).moveTo(line(2))
                .release(MouseButton.PRIMARY);
        instructor.until("the line has moved", () -> instructor.content().planning().segment().get() == 2
                && !instructor.lines().getFirst().equals("March on the spot"));

        assertThat(instructor.lines().subList(0, 3)).containsExactly("Step touch", "Heel dig",
                "March on the spot");
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: move March on the spot");
    }

    @Test
    void aLineIsDraggedIntoAnotherSegment() {
        instructor.clicks("#segment-2");

        robot.moveTo(line(0)).press(MouseButton.PRIMARY).moveBy(0, -8).moveTo("#segment-3")
                .moveBy(3, 0).release(MouseButton.PRIMARY);
        instructor.until("the line has moved",
                () -> instructor.content().planning().segment().get() == 3);

        assertThat(instructor.lines().getLast()).isEqualTo("March on the spot");
    }

    @Test
    void theWheelScrollsTheSheet() {
        instructor.presses(KeyCode.DIGIT2, KeyCode.CONTROL)
                .until("the sheet is made", instructor.content()::sheetReady).clicks("#larger")
                .clicks("#larger");
        ScrollPane pages = (ScrollPane) instructor.find("#pages");

        robot.moveTo(pages).scroll(5, VerticalDirection.DOWN);
        instructor.settle();

        assertThat(Instructor.onFx(pages::getVvalue)).isGreaterThan(0);
    }
}
