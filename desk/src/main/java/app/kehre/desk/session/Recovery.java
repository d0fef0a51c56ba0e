package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/**
 * Keeps a copy of unsaved work on disk. Each running Kehre has a file of its own, named after its process;
 * the file of a process that no longer runs is what a crash left behind.
 */
public final class Recovery implements AutoCloseable {

    /**
     * How long after an edit the copy is written. Edits that follow meanwhile go into the same copy and do not put it
     * off: the second that is promised holds however fast somebody works.
     */
    static final Duration DELAY = Duration.ofMillis(200);

    private static final String ENDING = ".recovery";
    /** So earlier versions of Kehre named them. */
    private static final String EARLIER = ".recovery.json";

    private final Path folder;
    private final Path own;
    private final Disk disk;
    private final Attempt attempt;
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            work -> Thread.ofPlatform().daemon().name("recovery").unstarted(work));
    private final List<Path> taken = new ArrayList<>();
    private @Nullable Supplier<byte[]> newest;

    /**
     * Starts keeping copies in a folder.
     *
     * @param onTrouble told, on another thread, when a copy could not be written
     */
    public Recovery(Path folder, Disk disk, Consumer<DiskTrouble> onTrouble) {
        this.folder = folder;
        this.disk = disk;
        this.attempt = new Attempt(onTrouble);
        this.own = folder.resolve(OwnFile.name(ENDING));
    }

    /**
     * Has the newest state written shortly, in place of one that waits to be written.
     *
     * @param document its bytes, asked for beside the calling thread
     */
    public synchronized void keep(Supplier<byte[]> document) {
        boolean waiting = newest != null;
        newest = document;
        if (!waiting) {
            writer.schedule(() -> attempt.run(this::write), DELAY.toMillis(), TimeUnit.MILLISECONDS);
        }
    }

    private void write() throws DiskTrouble {
        Supplier<byte[]> document = takeNewest();
        if (document != null) {
            disk.makeFolder(folder);
            disk.replace(own, document.get());
            discardTaken();
        }
    }

    private synchronized @Nullable Supplier<byte[]> takeNewest() {
        Supplier<byte[]> document = newest;
        newest = null;
        return document;
    }

    /** Forgets the copy: the work is saved, or was given up. */
    public synchronized void forget() {
        newest = null;
        writer.execute(() -> attempt.run(() -> {
            disk.remove(own);
            discardTaken();
        }));
    }

    /** Returns the files that crashed processes left behind, oldest first. */
    public List<Path> left() throws DiskTrouble {
        return Stream.concat(disk.list(folder, EARLIER).stream(), disk.list(folder, ENDING).stream())
                .filter(file -> !OwnFile.isOfRunning(file) && !isTaken(file)).toList();
    }

    /** Says that what lies in a file left behind is now this window's work: it goes once a copy of that is written. */
    public synchronized void take(Path file) {
        taken.add(file);
    }

    private synchronized boolean isTaken(Path file) {
        return taken.contains(file);
    }

    private void discardTaken() throws DiskTrouble {
        List<Path> files;
        synchronized (this) {
            files = List.copyOf(taken);
        }
        for (Path file : files) {
            disk.remove(file);
        }
    }

    /** Removes a file that was left behind. */
    public void discard(Path file) {
        attempt.run(() -> disk.remove(file));
    }

    /** Finishes what was begun and stops. */
    @Override
    public void close() {
        writer.shutdown();
        try {
            if (!writer.awaitTermination(5, TimeUnit.SECONDS)) {
                writer.shutdownNow();
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }
}
