package app.kehre.desk.fault;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.logging.FileHandler;
import java.util.logging.Handler;
import java.util.logging.Level;
import java.util.logging.LogManager;
import java.util.logging.SimpleFormatter;

import org.slf4j.LoggerFactory;

/**
 * The log of faults: {@code kehre.log} in the data folder, and one older file beside it, at most 1 MB each. It says
 * where in the program something failed, never what a plan says: of a fault its kind and its way through the program are
 * written, not its message, which may quote what somebody typed.
 */
public final class FaultLog {

    /** The name of the log file. */
    public static final String FILE = "kehre.log";

    private static final int MOST_BYTES = 1_000_000;
    private static final int FILES = 2;
    private static final String NAME = "app.kehre";

    private FaultLog() {}

    /** Writes nowhere until a folder is named: the console belongs to what a command says. */
    public static void quiet() {
        LogManager.getLogManager().reset();
    }

    /** Writes to a folder from now on. A folder that cannot be written leaves no log, which is said. */
    public static void into(Path folder) {
        quiet();
        java.util.logging.Logger all = java.util.logging.Logger.getLogger("");
        all.setLevel(Level.SEVERE);
        try {
            Files.createDirectories(folder);
            // Ending the pattern with the number of the file keeps the newest one first: kehre.log.0, kehre.log.1.
            Handler file = new FileHandler(folder.resolve(FILE).toString().replace("%", "%%") + ".%g",
                    MOST_BYTES, FILES, true);
            file.setFormatter(new SimpleFormatter());
            file.setLevel(Level.ALL);
            all.addHandler(file);
        } catch (IOException | SecurityException none) {
            System.err.println("There will be no log: %s.".formatted(none.getMessage()));
        }
    }

    /**
     * Writes a fault of the program.
     *
     * @param doing what was being done, in words of the program: never what somebody wrote
     */
    public static void fault(String doing, Throwable fault) {
        LoggerFactory.getLogger(NAME).error("{}: {}", doing, way(fault));
    }

    /** Writes what was gone on without, such as settings that could not be read. */
    public static void without(String what, Throwable reason) {
        LoggerFactory.getLogger(NAME).error("went on without {}: {}", what, reason.getClass().getName());
    }

    /** The kind of a fault and its way through the program, without messages. */
    static String way(Throwable fault) {
        StringBuilder way = new StringBuilder();
        for (Throwable each = fault; each != null
                && way.length() < MOST_BYTES / 100; each = each.getCause()) {
            way.append(way.isEmpty() ? "" : "\ncaused by ").append(each.getClass().getName());
            Arrays.stream(each.getStackTrace()).limit(40)
                    .forEach(frame -> way.append("\n    ").append(frame));
        }
        return way.toString();
    }
}
