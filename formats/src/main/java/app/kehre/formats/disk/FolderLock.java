package app.kehre.formats.disk;

import java.io.IOException;
import java.nio.channels.FileChannel;
import java.nio.channels.FileLock;
import java.nio.file.LinkOption;
import java.nio.file.Path;
import java.nio.file.StandardOpenOption;
import java.util.Map;
import java.util.concurrent.ConcurrentHashMap;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.locks.ReentrantLock;

/** The lock of a folder, held by one thread of one process at a time; it goes when the process does. */
final class FolderLock implements AutoCloseable {

    private static final String NAME = ".lock";
    private static final int TRIES = 250;
    private static final long BETWEEN_MILLIS = 20;
    /** A lock of the system holds between processes only: two threads of one get an error instead of waiting. */
    private static final Map<Path, ReentrantLock> HERE = new ConcurrentHashMap<>();

    private final ReentrantLock here;
    private final FileChannel channel;

    private FolderLock(ReentrantLock here, FileChannel channel) {
        this.here = here;
        this.channel = channel;
    }

    /**
     * Waits for the lock, at most five seconds.
     *
     * @throws IOException when it cannot be had, with the reason
     */
    static FolderLock of(Path folder) throws IOException {
        ReentrantLock here = HERE.computeIfAbsent(folder.toRealPath(), _ -> new ReentrantLock());
        try {
            if (!here.tryLock(TRIES * BETWEEN_MILLIS, TimeUnit.MILLISECONDS)) {
                throw busy();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw busy();
        }
        if (here.getHoldCount() > 1) {
            here.unlock();
            throw new IllegalStateException("The folder is locked by this thread already.");
        }
        try {
            return new FolderLock(here, locked(folder.resolve(NAME)));
        } catch (IOException cause) {
            here.unlock();
            throw cause;
        }
    }

    private static FileChannel locked(Path file) throws IOException {
        FileChannel channel = FileChannel.open(file, StandardOpenOption.CREATE, StandardOpenOption.WRITE,
                LinkOption.NOFOLLOW_LINKS);
        try {
            for (int tries = 0; tries < TRIES; tries++) {
                FileLock lock = channel.tryLock();
                if (lock != null) {
                    return channel;
                }
                TimeUnit.MILLISECONDS.sleep(BETWEEN_MILLIS);
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        } catch (IOException cause) {
            channel.close();
            throw cause;
        }
        channel.close();
        throw busy();
    }

    private static IOException busy() {
        return new IOException("another Kehre is writing there");
    }

    @Override
    public void close() throws IOException {
        try {
            channel.close();
        } finally {
            here.unlock();
        }
    }
}
