package app.kehre.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardCopyOption;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.Optional;
import java.util.Properties;

import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteConnection;
import org.sqlite.SQLiteErrorCode;
import org.sqlite.core.DB;

import app.kehre.core.studio.StudioTrouble;

/** Copies of a studio: made by SQLite's own backup, each looked through before it is believed. */
final class Copies {

    private static final String WHOLE = "ok";

    private Copies() {}

    /** Copies by a connection of its own, so that nobody waits for it. */
    static void copy(Path from, String name, Path to) throws StudioTrouble {
        try (Connection own = DriverManager.getConnection("jdbc:sqlite:" + from)) {
            copy(own, name, to);
        } catch (SQLException cause) {
            throw new StudioTrouble("The studio %s could not be copied%s.".formatted(name, Why.of(cause)),
                    cause);
        }
    }

    static void copy(Connection from, String name, Path to) throws StudioTrouble {
        Path making = to.resolveSibling(to.getFileName() + ".making");
        try {
            Files.createDirectories(to.resolveSibling(""));
            Files.deleteIfExists(making);
            // The command "backup to" would read an apostrophe in the path of a folder as its end.
            DB database = from.unwrap(SQLiteConnection.class).getDatabase();
            int code = database.backup("main", making.toString(), null);
            if (code != SQLiteErrorCode.SQLITE_OK.code) {
                throw DB.newSQLException(code, "The copy was broken off");
            }
            settle(making);
            verify(making);
            Files.move(making, to, StandardCopyOption.REPLACE_EXISTING, StandardCopyOption.ATOMIC_MOVE);
        } catch (SQLException | IOException cause) {
            remove(making);
            throw new StudioTrouble("The studio %s could not be copied to %s%s. Nothing there was changed."
                    .formatted(name, to, Why.of(cause)), cause);
        }
    }

    /** A copy is one file, without a log beside it. */
    private static void settle(Path copy) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + copy);
                Statement statement = connection.createStatement()) {
            statement.execute("pragma journal_mode = delete");
        }
    }

    private static void remove(Path making) {
        try {
            Files.deleteIfExists(making);
        } catch (IOException left) {
            // A half copy under another name harms nobody; the next one replaces it.
            return;
        }
    }

    /** Looks through a file that nobody writes to. */
    static void verify(Path copy) throws StudioTrouble {
        try (Connection connection = readOnly(copy)) {
            check(connection, String.valueOf(copy.getFileName()));
            int version = Opening.version(connection);
            if (version == 0) {
                throw new StudioTrouble("%s is no studio of Kehre.".formatted(copy.getFileName()));
            }
            if (version > Opening.VERSION) {
                throw new StudioTrouble("%s was written by a newer Kehre.".formatted(copy.getFileName()));
            }
        } catch (SQLException cause) {
            throw new StudioTrouble("%s is no studio, or damaged.".formatted(copy.getFileName()), cause);
        }
    }

    private static Connection readOnly(Path file) throws SQLException {
        SQLiteConfig config = new SQLiteConfig();
        config.setReadOnly(true);
        Properties properties = config.toProperties();
        return DriverManager.getConnection("jdbc:sqlite:" + file, properties);
    }

    static void check(Connection connection, String name) throws StudioTrouble {
        try (Statement statement = connection.createStatement()) {
            try (ResultSet found = statement.executeQuery("pragma integrity_check(1)")) {
                String first = found.next() ? found.getString(1) : WHOLE;
                if (!first.equals(WHOLE)) {
                    throw new StudioTrouble("%s is damaged: %s.".formatted(name, first.strip()));
                }
            }
            try (ResultSet found = statement.executeQuery("pragma foreign_key_check")) {
                if (found.next()) {
                    throw new StudioTrouble("%s is damaged: a row of %s refers to nothing.".formatted(name,
                            found.getString(1)));
                }
            }
        } catch (SQLException cause) {
            throw new StudioTrouble("%s could not be looked through%s.".formatted(name, Why.of(cause)),
                    cause);
        }
    }

    static Optional<Path> restore(Path copy, Path studio) throws StudioTrouble, IOException {
        verify(copy);
        Presence presence = Presence.at(studio);
        try {
            if (presence.isShared()) {
                throw new StudioTrouble(
                        "The studio %s is open in a window; close it first. Nothing was changed."
                                .formatted(studio.getFileName()));
            }
            Path making = studio.resolveSibling(studio.getFileName() + ".making");
            Files.copy(copy, making, StandardCopyOption.REPLACE_EXISTING);
            Optional<Path> before = putAside(studio);
            Files.move(making, studio, StandardCopyOption.ATOMIC_MOVE);
            return before;
        } finally {
            presence.close();
        }
    }

    /** The studio goes away with its log: one without the other would be another studio. */
    private static Optional<Path> putAside(Path studio) throws IOException {
        Optional<Path> before = Optional.empty();
        Path aside = free(studio);
        for (String part : new String[]{"-wal", "-shm", ""}) {
            Path file = studio.resolveSibling(studio.getFileName() + part);
            if (Files.exists(file)) {
                Files.move(file, aside.resolveSibling(aside.getFileName() + part));
                before = Optional.of(aside);
            }
        }
        return before;
    }

    private static Path free(Path studio) {
        int number = 1;
        Path aside;
        do {
            aside = studio.resolveSibling("%s.before-%d".formatted(studio.getFileName(), number++));
        } while (Files.exists(aside));
        return aside;
    }
}
