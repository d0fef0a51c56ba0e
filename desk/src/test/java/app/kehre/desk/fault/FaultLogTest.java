package app.kehre.desk.fault;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.logging.LogManager;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import static org.assertj.core.api.Assertions.assertThat;

class FaultLogTest {

    @TempDir
    private Path folder = Path.of("");

    @AfterEach
    void closeTheFile() {
        LogManager.getLogManager().reset();
    }

    @Test
    void theLogSaysWhereItFailedAndNothingOfWhatSomebodyWrote() throws IOException {
        FaultLog.into(folder);

        FaultLog.fault("uncaught on JavaFX",
                new IllegalStateException("Anna's knee", new IOException("/home/anna/monday.kehre.json")));
        FaultLog.without("the settings of the window", new IOException("anna"));

        String log = Files.readString(folder.resolve(FaultLog.FILE + ".0"));
        assertThat(log).contains("uncaught on JavaFX", "java.lang.IllegalStateException", "FaultLogTest",
                "caused by java.io.IOException", "went on without the settings of the window");
        assertThat(log.toLowerCase(java.util.Locale.ROOT)).doesNotContain("anna", "monday");
    }

    @Test
    void theLogNeverGrowsBeyondTwoFilesOfAMegabyte() throws IOException {
        FaultLog.into(folder);

        for (int i = 0; i < 3_000; i++) {
            FaultLog.fault("a command", new IllegalStateException());
        }

        try (var files = Files.list(folder)) {
            assertThat(files.filter(file -> !file.toString().endsWith(".lck"))
                    .mapToLong(file -> file.toFile().length())
                    .sum()).isBetween(1_000_000L, 2_100_000L);
        }
    }
}
