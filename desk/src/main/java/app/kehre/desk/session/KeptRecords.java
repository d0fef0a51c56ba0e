package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.ExecutorService;
import java.util.concurrent.Executors;
import java.util.function.Consumer;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.store.StudioFile;

/** Keeps the records of classes in the studio, beside the JavaFX thread; the studio is opened when the first is kept. */
public final class KeptRecords implements AutoCloseable {

    private final Path file;
    private final Consumer<String> onTrouble;
    private final ExecutorService writer = Executors
            .newSingleThreadExecutor(work -> Thread.ofPlatform().daemon().name("studio").unstarted(work));
    private Optional<StudioFile> studio = Optional.empty();

    /**
     * Keeps records in a folder.
     *
     * @param onTrouble told a sentence, on another thread, when one could not be kept
     */
    public KeptRecords(Path folder, Consumer<String> onTrouble) {
        this.file = folder.resolve(StudioFile.NAME);
        this.onTrouble = onTrouble;
    }

    /** Keeps a record. */
    public void keep(ClassRecord record) {
        writer.execute(() -> {
            try {
                studio = Optional.of(studio.isPresent() ? studio.get() : StudioFile.open(file));
                studio.get().records().keep(record);
            } catch (StudioTrouble trouble) {
                onTrouble.accept(trouble.getMessage());
            }
        });
    }

    /** Finishes what was begun and closes the studio; a second time nothing. */
    @Override
    public void close() {
        if (writer.isShutdown()) {
            return;
        }
        writer.execute(() -> studio.ifPresent(this::close));
        writer.close();
    }

    private void close(StudioFile open) {
        try {
            open.close();
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.getMessage());
        }
    }
}
