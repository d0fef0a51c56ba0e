package app.kehre.desk;

import java.nio.file.Path;
import java.util.Optional;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.desk.session.OpenStudio;

/** A test with a studio of its own in an empty folder, and no window. */
public abstract class WithStudio {

    @TempDir
    protected Path folder = Path.of("");
    private Optional<OpenStudio> studio = Optional.empty();

    @BeforeEach
    final void openTheStudio() {
        Instructor.startOnce();
        studio = Optional.of(OpenStudio.open(folder.resolve("data").resolve(OpenStudio.NAME)));
    }

    @AfterEach
    final void closeTheStudio() {
        studio.ifPresent(OpenStudio::close);
    }

    protected final OpenStudio studio() {
        return studio.orElseThrow();
    }
}
