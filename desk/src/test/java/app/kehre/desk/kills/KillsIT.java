package app.kehre.desk.kills;

import java.io.IOException;
import java.nio.file.Path;
import java.util.SplittableRandom;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;

/** Nothing older than a second is lost, whenever the window is killed. */
class KillsIT {

    @ParameterizedTest
    @ValueSource(strings = {"edit", "save", "two", "rescue", "studio", "teach"})
    void nothingOlderThanASecondIsLost(String kind) throws IOException, InterruptedException, UnreadableFile {
        KillDriver driver = new KillDriver(Path.of(System.getProperty("kehre.home", ".")));

        assertThat(driver.kill(kind, new SplittableRandom(16))).isEmpty();
    }
}
