package app.kehre.store;

import java.io.IOException;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.SQLException;
import java.util.Optional;
import java.util.function.Function;

import org.jdbi.v3.core.Handle;
import org.jdbi.v3.core.Jdbi;

import app.kehre.core.log.PaceWishes;
import app.kehre.core.studio.FitnessChecks;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.Records;
import app.kehre.core.studio.Shelf;
import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;

/**
 * The studio: one SQLite file that holds what is kept between classes. Several processes may have it open and take turns;
 * within one, threads do.
 */
public final class StudioFile implements Studio, AutoCloseable {

    /** The name of the file in the user's data folder. */
    public static final String NAME = "studio.db";

    private final String name;
    private final Optional<Path> file;
    private final Connection connection;
    private final Handle handle;
    private final Presence presence;

    private StudioFile(Optional<Path> file, Connection connection, Presence presence) {
        this.file = file;
        this.name = file.map(each -> String.valueOf(each.getFileName())).orElse("in memory");
        this.connection = connection;
        this.handle = Jdbi.create(connection).open();
        this.presence = presence;
    }

    /**
     * Opens a studio, which is made when it is not there, and brings it up to date.
     *
     * @throws StudioTrouble when it cannot be opened: it is no studio, damaged, or of a newer Kehre; it is left as it is then
     */
    public static StudioFile open(Path file) throws StudioTrouble {
        Path whole = file.toAbsolutePath();
        Presence presence = Presence.at(whole);
        try {
            return new StudioFile(Optional.of(whole), Opening.open(whole, presence), presence);
        } catch (StudioTrouble trouble) {
            presence.close();
            throw trouble;
        }
    }

    /**
     * Returns a studio that is nowhere but in memory: work goes on in it when none can be opened, and it can be backed up
     * elsewhere.
     *
     * @throws StudioTrouble when even that is not possible
     */
    public static StudioFile inMemory() throws StudioTrouble {
        return new StudioFile(Optional.empty(), Opening.inMemory(), Presence.NOWHERE);
    }

    /** Returns whether another window, of this program or another, had the studio open before. */
    public boolean isShared() {
        return presence.isShared();
    }

    @Override
    public Records records() {
        return new RecordTable(this);
    }

    @Override
    public Plans plans() {
        return new PlanTable(this);
    }

    @Override
    public Shelf shelf() {
        return new ShelfTable(this);
    }

    @Override
    public FitnessChecks checks() {
        return new CheckTable(this);
    }

    @Override
    public PaceWishes wishes() throws StudioTrouble {
        return WishTable.read(this);
    }

    @Override
    public void keep(PaceWishes wishes) throws StudioTrouble {
        WishTable.keep(this, wishes);
    }

    /**
     * Copies the whole studio into a file and looks whether the copy is whole. A studio that lies in a file can be used
     * meanwhile.
     *
     * @param to replaced when it is there
     * @throws StudioTrouble when it could not be copied, or the copy is not whole; what lay there before is left then
     */
    public void backUp(Path to) throws StudioTrouble {
        Path whole = to.toAbsolutePath();
        if (file.isEmpty()) {
            synchronized (this) {
                Copies.copy(connection, name, whole);
            }
        } else {
            Copies.copy(file.get(), name, whole);
        }
    }

    /**
     * Looks whether the studio is whole, page by page and reference by reference.
     *
     * @throws StudioTrouble when it is not, with what was found first
     */
    public synchronized void check() throws StudioTrouble {
        Copies.check(connection, name);
    }

    /** Changes something, whole or not at all. */
    synchronized <T> T change(String what, Function<Handle, T> work) throws StudioTrouble {
        try {
            return handle.inTransaction(work::apply);
        } catch (RuntimeException cause) {
            throw trouble(what + " could not be kept", cause);
        }
    }

    /** Reads something. */
    synchronized <T> T read(String what, Function<Handle, T> work) throws StudioTrouble {
        try {
            return work.apply(handle);
        } catch (RuntimeException cause) {
            throw trouble(what + " could not be read", cause);
        }
    }

    private StudioTrouble trouble(String what, RuntimeException cause) {
        return new StudioTrouble(
                "%s in the studio %s%s. What it held before is unchanged.".formatted(what, name,
                        Why.of(cause)),
                cause);
    }

    @Override
    public synchronized void close() throws StudioTrouble {
        try {
            handle.close();
            connection.close();
        } catch (SQLException | RuntimeException cause) {
            throw new StudioTrouble("The studio %s could not be closed.".formatted(name), cause);
        } finally {
            presence.close();
        }
    }

    /**
     * Puts a copy in the place of a studio that nobody has open. The studio as it was is kept beside it.
     *
     * @return where the studio as it was is kept; nothing when there was none
     * @throws StudioTrouble when the copy is no whole studio of this or an earlier Kehre, or somebody has the studio open;
     *     nothing is changed then
     */
    public static Optional<Path> restore(Path copy, Path studio) throws StudioTrouble {
        try {
            return Copies.restore(copy.toAbsolutePath(), studio.toAbsolutePath());
        } catch (IOException cause) {
            throw new StudioTrouble("The studio %s could not be replaced; it is as it was."
                    .formatted(studio.getFileName()), cause);
        }
    }
}
