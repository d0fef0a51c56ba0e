package app.kehre.desk.window;

import java.nio.file.Path;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.desk.Instructor;
import app.kehre.formats.disk.LocalDisk;

import static app.kehre.core.testing.Ids.line;

/** A window with a plan of the test's own. */
abstract class PlanWindow {

    final ClassPlan plan;

    @TempDir
    Path folder = Path.of("");
    Instructor instructor;

    PlanWindow(ClassPlan plan) {
        this.plan = plan;
    }

    @BeforeEach
    void openTheWindow() {
        instructor = Instructor.with(plan, folder, new LocalDisk());
    }

    @AfterEach
    void closeIt() {
        instructor.close();
    }

    static Exercise of(String id) {
        return Instructor.LIBRARY.find(id).orElseThrow();
    }

    Item item(int id) {
        return (Item) instructor.plan().find(line(id)).orElseThrow();
    }
}
