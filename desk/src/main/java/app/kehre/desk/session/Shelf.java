package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.OwnExercisesJson;

/**
 * The library as the instructor has it: what ships, and their own exercises, which lie in one file of the data
 * folder. A file that cannot be read stays as it is, and nothing is written over it.
 */
public final class Shelf {

    /** The name of the file. */
    public static final String FILE = "exercises.json";

    private final Path file;
    private final Disk disk;
    private final ReadOnlyObjectWrapper<Library> library;
    private String trouble = "";

    /** Reads the own exercises in a folder; none when there are none yet. */
    public Shelf(Library shipped, Path folder, Disk disk) {
        file = folder.resolve(FILE);
        this.disk = disk;
        library = new ReadOnlyObjectWrapper<>(shipped);
        try {
            if (!disk.list(folder, FILE).isEmpty()) {
                library.set(shipped.with(OwnExercisesJson.read(FILE, disk.read(file))));
            }
        } catch (UnreadableFile | DiskTrouble fault) {
            trouble = "%s Your own exercises are not offered; the file stays as it is."
                    .formatted(fault.getMessage());
        }
    }

    /** Returns the library. */
    public ReadOnlyObjectProperty<Library> library() {
        return library.getReadOnlyProperty();
    }

    /** Returns why the own exercises could not be read; empty when they could. */
    public String trouble() {
        return trouble;
    }

    /**
     * Changes the own exercises and writes them.
     *
     * @throws DiskTrouble when they could not be written, or not be read at first; then nothing changed
     */
    public void change(UnaryOperator<OwnExercises> change) throws DiskTrouble {
        if (!trouble.isEmpty()) {
            throw new DiskTrouble(trouble + " Mend it or move it away, then start Kehre again.");
        }
        OwnExercises changed = change.apply(library.get().own());
        disk.replace(file, OwnExercisesJson.write(changed));
        library.set(library.get().with(changed));
    }
}
