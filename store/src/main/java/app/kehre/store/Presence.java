package app.kehre.store;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.channels.OverlappingFileLockException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Optional;

import app.kehre.core.studio.StudioTrouble;

/**
 * Who else has a studio open. A lock beside the file says so; it goes with its process, however that ends. Whoever brings
 * the file up to date holds another one meanwhile.
 */
final class Presence {

    /** Of a studio that lies nowhere. */
    static final Presence NOWHERE = new Presence(Optional.empty(), Optional.empty());
    private static final int PATIENCE = 100;
    private static final long PAUSE_MILLIS = 50;

    private final Optional<FileChannel> channel;
    private final Optional<FileLock> first;

    private Presence(Optional<FileChannel> channel, Optional<FileLock> first) {
        this.channel = channel;
        this.first = first;
    }

    /**
     * Looks who is there. Where no lock can be had at all, nobody is.
     *
     * @throws StudioTrouble when the folder cannot be made
     */
    static Presence at(Path studio) throws StudioTrouble {
        try {
            Files.createDirectories(studio.resolveSibling(""));
        } catch (IOException cause) {
            throw new StudioTrouble("The folder %s for the studio could not be made."
                    .formatted(studio.getParent()), cause);
        }
        try {
            FileChannel channel = FileChannel.open(studio.resolveSibling(studio.getFileName() + "-lock"),
                    StandardOpenOption.CREATE, StandardOpenOption.WRITE);
            return new Presence(Optional.of(channel), lock(channel, 0));
        } catch (IOException noLocks) {
            return NOWHERE;
        }
    }

    private static Optional<FileLock> lock(FileChannel channel, long place) throws IOException {
        try {
            return Optional.ofNullable(channel.tryLock(place, 1, false));
        } catch (OverlappingFileLockException inThisProcess) {
            return Optional.empty();
        }
    }

    /** Returns whether somebody was there before. */
    boolean isShared() {
        return channel.isPresent() && first.isEmpty();
    }

    /**
     * Does something that no two processes may do at once.
     *
     * @throws StudioTrouble when another one does not come to an end
     */
    void alone(Work work) throws StudioTrouble {
        if (channel.isEmpty()) {
            work.run();
            return;
        }
        try {
            for (int i = 0; i < PATIENCE; i++) {
                Optional<FileLock> turn = lock(channel.get(), 1);
                if (turn.isPresent()) {
                    try (FileLock _ = turn.get()) {
                        work.run();
                        return;
                    }
                }
                Thread.sleep(PAUSE_MILLIS);
            }
            throw new StudioTrouble(
                    "Another window is bringing the studio up to date; try again in a moment.");
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new StudioTrouble("Opening the studio was broken off.", stopped);
        } catch (IOException cause) {
            throw new StudioTrouble("The studio could not be locked.", cause);
        }
    }

    /** Something to do. */
    interface Work {
        void run() throws StudioTrouble;
    }

    /** Goes away. */
    void close() {
        try {
            if (channel.isPresent()) {
                channel.get().close();
            }
        } catch (IOException gone) {
            // The lock goes with the process at the latest.
            return;
        }
    }
}
