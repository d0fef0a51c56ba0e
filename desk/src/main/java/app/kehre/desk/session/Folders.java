package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Map;

/** Where Kehre keeps what is neither a plan nor a setting of the system. */
public final class Folders {

    private Folders() {}

    /**
     * Returns the user's data folder: {@code KEHRE_DATA} if set, else the system's usual place for the
     * data of applications.
     */
    public static Path data(Map<String, String> environment, String system, Path home) {
        String own = environment.getOrDefault("KEHRE_DATA", "");
        if (!own.isBlank()) {
            return Path.of(own);
        }
        String name = system.toLowerCase(Locale.ROOT);
        if (name.startsWith("windows")) {
            String roaming = environment.getOrDefault("APPDATA", "");
            return (roaming.isBlank() ? home : Path.of(roaming)).resolve("Kehre");
        }
        if (name.startsWith("mac")) {
            return home.resolve("Library/Application Support/Kehre");
        }
        String share = environment.getOrDefault("XDG_DATA_HOME", "");
        return (share.isBlank() ? home.resolve(".local/share") : Path.of(share)).resolve("kehre");
    }

    /** Returns the data folder of whoever runs this program. */
    public static Path data() {
        return data(System.getenv(), System.getProperty("os.name", ""),
                Path.of(System.getProperty("user.home", ".")));
    }
}
