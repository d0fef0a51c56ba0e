package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.format.DateTimeParseException;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;

import app.kehre.core.exercise.Library;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;

/** Keeps where a class is while it is taught; each step of the instructor is written beside the JavaFX thread. */
public final class KeptTeaching implements AutoCloseable {

    private static final String ENDING = ".teaching";
    private static final String PULSE = ".pulse";
    /** So long after its room had to be free a class is not gone on with. Kehre's estimate. */
    private static final Duration AFTER = Duration.ofMinutes(15);

    private final Path folder;
    private final Path own;
    private final Disk disk;
    private final Attempt attempt;
    private final ExecutorService writer = Executors
            .newSingleThreadExecutor(work -> Thread.ofPlatform().daemon().name("teaching").unstarted(work));

    /**
     * A class that was being taught when a Kehre broke off.
     *
     * @param file where it is kept
     * @param taught what is kept
     * @param seen when it was seen going on for the last time, by the clock on the wall
     */
    public record Left(Path file, TaughtClass taught, Instant seen) {}

    /**
     * Starts keeping in a folder.
     *
     * @param onTrouble told, on another thread, when it could not be written
     */
    public KeptTeaching(Path folder, Disk disk, Consumer<DiskTrouble> onTrouble) {
        this.folder = folder;
        this.own = folder.resolve(OwnFile.name(ENDING));
        this.disk = disk;
        this.attempt = new Attempt(onTrouble);
    }

    /** Keeps a class as it is now. */
    public void keep(TaughtClass taught) {
        writer.execute(() -> attempt.run(() -> {
            disk.makeFolder(folder);
            disk.replace(own, taught.bytes());
        }));
    }

    /** Notes that it goes on: small enough to be written every second. */
    public void pulse(Instant now) {
        writer.execute(() -> attempt.run(
                () -> disk.replace(pulse(own), now.toString().getBytes(StandardCharsets.US_ASCII))));
    }

    private static Path pulse(Path file) {
        return file.resolveSibling(file.getFileName() + PULSE);
    }

    /** Forgets it: nothing is being taught any more. */
    public void forget() {
        writer.execute(() -> attempt.run(() -> remove(own)));
    }

    private void remove(Path file) throws DiskTrouble {
        disk.remove(file);
        disk.remove(pulse(file));
    }

    /** Finds a class that was being taught when its Kehre broke off, as long as its slot lasts; older ones are cleared away. */
    public Optional<Left> left(Instant now, Library library) {
        Optional<Left> found = Optional.empty();
        try {
            for (Path file : disk.list(folder, ENDING)) {
                if (!OwnFile.isOfRunning(file)) {
                    Optional<Left> read = read(file, library)
                            .filter(each -> now.isBefore(each.taught().run().hardEnd().plus(AFTER)));
                    found = found.or(() -> read);
                    if (read.isEmpty()) {
                        remove(file);
                    }
                }
            }
        } catch (DiskTrouble trouble) {
            attempt.onTrouble().accept(trouble);
        }
        return found;
    }

    /** A damaged one is of no use: the class itself lies in its file or in its rescue. */
    private Optional<Left> read(Path file, Library library) throws DiskTrouble {
        try {
            TaughtClass taught = TaughtClass.read(file.getFileName().toString(), disk.read(file), library);
            return Optional.of(new Left(file, taught, seen(file, taught.at())));
        } catch (UnreadableFile damaged) {
            return Optional.empty();
        }
    }

    private Instant seen(Path file, Instant kept) {
        try {
            Instant pulse = Instant.parse(new String(disk.read(pulse(file)), StandardCharsets.US_ASCII));
            return pulse.isAfter(kept) ? pulse : kept;
        } catch (DiskTrouble | DateTimeParseException none) {
            return kept;
        }
    }

    /** Removes what was left behind. */
    public void discard(Path file) {
        attempt.run(() -> remove(file));
    }

    /** Finishes what was begun and stops. */
    @Override
    public void close() {
        writer.close();
    }
}
