package app.kehre.desk.window;

import java.nio.file.Path;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.desk.FaultyDisk;
import app.kehre.desk.Instructor;

/** A window with the demo class, its data and a disk that can fail. */
abstract class DemoWindow {

    final FaultyDisk disk = new FaultyDisk();

    @TempDir
    Path folder = Path.of("");
    Instructor instructor;

    @BeforeEach
    void openTheWindow() {
        instructor = Instructor.withDemo(folder.resolve("data"), disk);
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    /** Gives the second line another dose. */
    void edit() {
        instructor.clicksOnRoad(2).presses(KeyCode.ENTER).writes("9 eights").presses(KeyCode.ENTER);
    }
}
