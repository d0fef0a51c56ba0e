package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;

import app.kehre.core.studio.Studio;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.fault.FaultLog;
import app.kehre.formats.disk.Disk;
import app.kehre.store.Backups;
import app.kehre.store.StudioFile;

/**
 * The studio of the window. When the file cannot be opened, work goes on in one that is nowhere but in memory, and that is
 * said. What takes a moment is done beside the JavaFX thread, in the order in which it was asked for.
 */
public final class OpenStudio implements AutoCloseable {

    /** The name of the file. */
    public static final String NAME = StudioFile.NAME;
    /** The folder of the dated copies, beside the studio. */
    public static final String BACKUPS = "backups";

    private final Path file;
    private final StudioFile studio;
    private final String trouble;
    private final ExecutorService writer = Executors
            .newSingleThreadExecutor(work -> Thread.ofPlatform().daemon().name("studio").unstarted(work));

    private OpenStudio(Path file, StudioFile studio, String trouble) {
        this.file = file;
        this.studio = studio;
        this.trouble = trouble;
    }

    /** Opens a studio; the one in memory where that is not possible. */
    public static OpenStudio open(Path file) {
        try {
            return new OpenStudio(file, StudioFile.open(file), "");
        } catch (StudioTrouble trouble) {
            FaultLog.without("the studio", trouble);
            return new OpenStudio(file, inMemory(), trouble.sentence());
        }
    }

    private static StudioFile inMemory() {
        try {
            return StudioFile.inMemory();
        } catch (StudioTrouble impossible) {
            throw new IllegalStateException(impossible);
        }
    }

    /** Returns what is kept. */
    public Studio studio() {
        return studio;
    }

    /** Returns whether what is kept lies in a file; else it is in memory only. */
    public boolean isKept() {
        return trouble.isEmpty();
    }

    /** Returns what is to be said of how it was opened, a sentence; empty when all is as usual. */
    public String toSay() {
        if (!trouble.isEmpty()) {
            return trouble
                    + " What you do now is kept in memory only: save classes as files, or copy the studio"
                    + " elsewhere in the Log place.";
        }
        return studio.isShared()
                ? "Another window has the studio open too; both take turns, and nothing of either is lost."
                : "";
    }

    /**
     * Returns what is kept whole under a name; until it is changed for the first time, what lies in a file of before.
     *
     * @param data the folder of that file
     */
    public Kept kept(String name, Path data, Disk disk) {
        return Kept.inStudio(studio::shelf, name, isOf(data) ? Kept.inFile(data, name, disk) : Kept.NOTHING);
    }

    /** Returns what is kept whole under a name in a studio. */
    public static Kept shelved(Studio studio, String name) {
        return Kept.inStudio(studio::shelf, name, Kept.NOTHING);
    }

    /** Returns whether it is the studio of a data folder, so that what lay in files there belongs to it. */
    public boolean isOf(Path data) {
        return Optional.ofNullable(file.toAbsolutePath().getParent())
                .equals(Optional.of(data.toAbsolutePath()));
    }

    /** Returns whether it is still open; what is closed with its window is not asked any more. */
    public boolean isOpen() {
        return !writer.isShutdown();
    }

    /** Something that is kept. */
    public interface Work {
        /** Does it. */
        void with(Studio studio) throws StudioTrouble;
    }

    /**
     * Keeps something beside the JavaFX thread.
     *
     * @param onTrouble told a sentence, on another thread, when it could not be kept
     */
    public void later(Work work, Consumer<String> onTrouble) {
        writer.execute(() -> {
            try {
                work.with(studio);
            } catch (StudioTrouble cause) {
                onTrouble.accept(cause.sentence());
            }
        });
    }

    /**
     * Does something long, with all else in between.
     *
     * @param onTrouble as above
     */
    public void beside(Work work, Consumer<String> onTrouble) {
        Thread.ofPlatform().daemon().name("studio, beside").start(() -> {
            try {
                work.with(studio);
            } catch (StudioTrouble cause) {
                if (!writer.isShutdown()) {
                    onTrouble.accept(cause.sentence());
                }
            }
        });
    }

    /** Makes today's copy unless there is one. */
    public void backUp(LocalDate today, Consumer<String> onTrouble) {
        if (trouble.isEmpty()) {
            later(_ -> new Backups(file.resolveSibling(BACKUPS)).keepToday(studio, today), onTrouble);
        }
    }

    /**
     * Copies the studio elsewhere.
     *
     * @throws StudioTrouble when it could not be copied
     */
    public void copyTo(Path to) throws StudioTrouble {
        studio.backUp(to);
    }

    /** Finishes what was begun and closes the studio; a second time nothing. */
    @Override
    public void close() {
        if (writer.isShutdown()) {
            return;
        }
        writer.execute(() -> {
            try {
                studio.close();
            } catch (StudioTrouble cause) {
                FaultLog.without("closing the studio", cause);
            }
        });
        writer.close();
    }
}
