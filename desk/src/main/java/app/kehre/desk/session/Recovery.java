package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Executors;
import java.util.concurrent.ScheduledExecutorService;
import java.util.concurrent.ScheduledFuture;
import java.util.concurrent.TimeUnit;
import java.util.function.Consumer;
import java.util.function.Supplier;

import org.jspecify.annotations.Nullable;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/**
 * Keeps a copy of unsaved work on disk. Each running Kehre has a file of its own, named after its process;
 * the file of a process that no longer runs is what a crash left behind.
 */
public final class Recovery implements AutoCloseable {

    /** How long after an edit the copy is written: well within the second that is promised. */
    static final Duration DELAY = Duration.ofMillis(300);

    private static final String ENDING = ".recovery.json";

    private final Path folder;
    private final Path own;
    private final Disk disk;
    private final Consumer<DiskTrouble> onTrouble;
    private final ScheduledExecutorService writer = Executors.newSingleThreadScheduledExecutor(
            work -> Thread.ofPlatform().daemon().name("recovery").unstarted(work));
    private @Nullable ScheduledFuture<?> pending;

    /**
     * Starts keeping copies in a folder.
     *
     * @param onTrouble told, on another thread, when a copy could not be written
     */
    public Recovery(Path folder, Disk disk, Consumer<DiskTrouble> onTrouble) {
        this.folder = folder;
        this.disk = disk;
        this.onTrouble = onTrouble;
        this.own = folder.resolve(name(ProcessHandle.current()));
    }

    /**
     * Has the newest state written shortly; what was asked for before and is not yet written is dropped.
     *
     * @param document its bytes, asked for beside the calling thread
     */
    public synchronized void keep(Supplier<byte[]> document) {
        cancel();
        pending = writer.schedule(() -> attempt(() -> disk.replace(own, document.get())), DELAY.toMillis(),
                TimeUnit.MILLISECONDS);
    }

    /** Forgets the copy: the work is saved, or was given up. */
    public synchronized void forget() {
        cancel();
        writer.execute(() -> attempt(() -> disk.remove(own)));
    }

    /** Returns the files that crashed processes left behind, oldest first. */
    public List<Path> left() throws DiskTrouble {
        return disk.list(folder, ENDING).stream().filter(file -> !running(file)).toList();
    }

    /** Removes a file that was left behind. */
    public void discard(Path file) {
        attempt(() -> disk.remove(file));
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

    private interface Step {
        void run() throws DiskTrouble;
    }

    private void attempt(Step step) {
        try {
            step.run();
        } catch (DiskTrouble trouble) {
            onTrouble.accept(trouble);
        }
    }

    private void cancel() {
        if (pending != null) {
            pending.cancel(false);
        }
    }

    private static String name(ProcessHandle process) {
        long started = process.info().startInstant().map(java.time.Instant::toEpochMilli).orElse(0L);
        return "%d-%d%s".formatted(process.pid(), started, ENDING);
    }

    private static boolean running(Path file) {
        String name = file.getFileName().toString();
        int dash = name.indexOf('-');
        if (dash < 1 || !name.substring(0, dash).chars().allMatch(Character::isDigit)) {
            return false;
        }
        Optional<ProcessHandle> process = ProcessHandle.of(Long.parseLong(name.substring(0, dash)));
        return process.map(found -> name(found).equals(name)).orElse(false);
    }
}
