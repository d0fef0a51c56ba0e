package app.kehre.store;

import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.ResultSet;
import java.sql.SQLException;
import java.sql.Statement;
import java.util.UUID;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

import app.kehre.core.studio.StudioTrouble;

/** Opens the file of a studio and brings it up to date. */
final class Opening {

    /** The version of the file that this Kehre writes: that of the newest migration. */
    static final int VERSION = 2;
    private static final int PATIENCE_MILLIS = 5_000;
    private static final String ASK_VERSION = "select max(cast(version as integer)) from flyway_schema_history where success = 1";

    private Opening() {}

    static Connection open(Path file, Presence presence) throws StudioTrouble {
        SQLiteDataSource source = source("jdbc:sqlite:" + file);
        try {
            presence.alone(() -> bringUpToDate(file, source));
            return source.getConnection();
        } catch (SQLException | FlywayException cause) {
            throw unopened(file, cause);
        }
    }

    static Connection inMemory() throws StudioTrouble {
        SQLiteDataSource source = source(
                "jdbc:sqlite:file:studio-%s?mode=memory&cache=shared".formatted(UUID.randomUUID()));
        try {
            Connection connection = source.getConnection();
            migrate(source);
            return connection;
        } catch (SQLException | FlywayException cause) {
            throw new StudioTrouble("No studio could be made, not even in memory.", cause);
        }
    }

    static StudioTrouble unopened(Path file, Throwable cause) {
        return new StudioTrouble("The studio %s could not be opened%s. Nothing was changed."
                .formatted(file.getFileName(), Why.of(cause)), cause);
    }

    private static SQLiteDataSource source(String url) {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(PATIENCE_MILLIS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl(url);
        return source;
    }

    private static void bringUpToDate(Path file, SQLiteDataSource source) throws StudioTrouble {
        try {
            int version = Files.exists(file) ? version(source) : 0;
            if (version > VERSION) {
                throw new StudioTrouble("The studio %s was written by a newer Kehre. Nothing was changed."
                        .formatted(file.getFileName()));
            }
            if (version < VERSION) {
                migrate(source);
            }
        } catch (SQLException | FlywayException cause) {
            throw unopened(file, cause);
        }
    }

    private static void migrate(SQLiteDataSource source) {
        Flyway.configure(StudioFile.class.getClassLoader()).dataSource(source)
                .locations("classpath:app/kehre/store/migrations").load().migrate();
    }

    /** Asking the file itself is quicker than asking who brings it up to date. */
    private static int version(SQLiteDataSource source) throws SQLException {
        try (Connection connection = source.getConnection()) {
            return version(connection);
        }
    }

    /** Returns the version of a file; 0 for one that holds nothing. */
    static int version(Connection connection) throws SQLException {
        try (Statement statement = connection.createStatement()) {
            try (ResultSet there = statement
                    .executeQuery("select 1 from sqlite_master where name = 'flyway_schema_history'")) {
                if (!there.next()) {
                    return 0;
                }
            }
            try (ResultSet version = statement.executeQuery(ASK_VERSION)) {
                return version.next() ? version.getInt(1) : 0;
            }
        }
    }
}
