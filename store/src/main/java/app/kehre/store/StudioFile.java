package app.kehre.store;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Arrays;
import java.util.function.Consumer;
import java.util.function.Function;

import org.flywaydb.core.Flyway;
import org.flywaydb.core.api.FlywayException;
import org.flywaydb.core.api.MigrationVersion;
import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;
import org.jdbi.v3.core.JdbiException;
import org.sqlite.SQLiteConfig;
import org.sqlite.SQLiteDataSource;

import app.kehre.core.studio.Records;
import app.kehre.core.studio.StudioTrouble;

/** The studio: one file that holds what is kept between classes. To be used by one thread at a time. */
public final class StudioFile implements AutoCloseable {

    /** The name of the file in the user's data folder. */
    public static final String NAME = "studio.db";
    private static final int PATIENCE_MILLIS = 5_000;

    private final Path file;
    private final Connection connection;
    private final Handle handle;

    private StudioFile(Path file, Connection connection) {
        this.file = file;
        this.connection = connection;
        this.handle = Jdbi.create(connection).open();
    }

    /**
     * Opens a studio, which is made when it is not there, and brings it up to date.
     *
     * @throws StudioTrouble when it cannot be opened: it is no studio, damaged, or of a newer Kehre; it is left as it is then
     */
    public static StudioFile open(Path file) throws StudioTrouble {
        SQLiteConfig config = new SQLiteConfig();
        config.setJournalMode(SQLiteConfig.JournalMode.WAL);
        config.setSynchronous(SQLiteConfig.SynchronousMode.FULL);
        config.setTransactionMode(SQLiteConfig.TransactionMode.IMMEDIATE);
        config.enforceForeignKeys(true);
        config.setBusyTimeout(PATIENCE_MILLIS);
        SQLiteDataSource source = new SQLiteDataSource(config);
        source.setUrl("jdbc:sqlite:" + file.toAbsolutePath());
        try {
            Files.createDirectories(file.toAbsolutePath().getParent());
            update(file, source);
            return new StudioFile(file, source.getConnection());
        } catch (IOException | SQLException | FlywayException cause) {
            throw new StudioTrouble(
                    "The studio %s could not be opened: it is no studio, or damaged. Nothing was changed."
                            .formatted(file.getFileName()),
                    cause);
        }
    }

    private static void update(Path file, SQLiteDataSource source) throws StudioTrouble {
        Flyway flyway = Flyway.configure(StudioFile.class.getClassLoader()).dataSource(source)
                .locations("classpath:app/kehre/store/migrations").load();
        MigrationVersion newest = flyway.info().pending().length == 0 && flyway.info().current() != null
                ? flyway.info().current().getVersion()
                : MigrationVersion.EMPTY;
        boolean known = newest.equals(MigrationVersion.EMPTY) || Arrays.stream(flyway.info().all())
                .anyMatch(each -> newest.equals(each.getVersion()) && !each.getState().isFailed()
                        && each.getState().isResolved());
        if (!known) {
            throw new StudioTrouble("The studio %s was written by a newer Kehre. Nothing was changed."
                    .formatted(file.getFileName()), new IllegalStateException(newest.toString()));
        }
        flyway.migrate();
    }

    /** Returns the classes that were taught. */
    public Records records() {
        return new RecordTable(this);
    }

    /** Changes something, whole or not at all. */
    void change(String what, Consumer<Handle> work) throws StudioTrouble {
        try {
            handle.useTransaction(work::accept);
        } catch (JdbiException cause) {
            throw trouble(what + " could not be kept", cause);
        }
    }

    /** Reads something. */
    <T> T read(String what, Function<Handle, T> work) throws StudioTrouble {
        try {
            return work.apply(handle);
        } catch (JdbiException cause) {
            throw trouble(what + " could not be read", cause);
        }
    }

    private StudioTrouble trouble(String what, JdbiException cause) {
        return new StudioTrouble("%s in the studio %s. What it held before is unchanged."
                .formatted(what, file.getFileName()), cause);
    }

    @Override
    public void close() throws StudioTrouble {
        try {
            handle.close();
            connection.close();
        } catch (SQLException | JdbiException cause) {
            throw new StudioTrouble("The studio %s could not be closed.".formatted(file.getFileName()),
                    cause);
        }
    }
}
