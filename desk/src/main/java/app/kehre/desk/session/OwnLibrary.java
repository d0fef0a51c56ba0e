package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.OwnExercisesJson;

/**
 * The library as the instructor has it: what ships, and their own exercises, which are kept whole. Each change is made to
 * what is kept at that moment, so that two windows lose nothing of each other's. What cannot be read stays as it is, and
 * nothing is written over it.
 */
public final class OwnLibrary {

    /** The name of the file. */
    public static final String FILE = "exercises.json";

    private final Kept kept;
    private final ReadOnlyObjectWrapper<Library> library;
    private String trouble = "";
    private String filled = "";

    /** Reads the own exercises in a folder; none when there are none yet. */
    public OwnLibrary(Library shipped, Path folder, Disk disk) {
        this(shipped, Kept.inFile(folder, FILE, disk));
    }

    /** Reads the own exercises of whoever runs a command; none when there are none yet. */
    public static OwnLibrary ofUser(Library shipped) {
        return new OwnLibrary(shipped, new BrieflyKept(Folders.data(), FILE, new LocalDisk()));
    }

    /** Reads the own exercises; none when there are none yet. */
    public OwnLibrary(Library shipped, Kept kept) {
        this.kept = kept;
        library = new ReadOnlyObjectWrapper<>(shipped);
        try {
            library.set(shipped.with(read(kept.read())));
        } catch (DiskTrouble fault) {
            trouble = "%s Your own exercises are not offered; the file stays as it is."
                    .formatted(fault.sentence());
        }
    }

    private OwnExercises read(Optional<byte[]> bytes) throws DiskTrouble {
        if (bytes.isEmpty()) {
            return OwnExercises.NONE;
        }
        try {
            OwnExercises own = OwnExercisesJson.read(FILE, bytes.get());
            filled = words(OwnExercisesJson.filled(FILE, bytes.get()));
            return own;
        } catch (UnreadableFile fault) {
            throw new DiskTrouble(fault.sentence());
        }
    }

    private static String words(long exercises) {
        return exercises == 0
                ? ""
                : ("%d of your own exercises did not say yet what they work against. It follows from their kit and pattern;"
                        + " look at \"against\" on their cards.").formatted(exercises);
    }

    /** Returns what was filled in where the file is of an earlier version; empty once it was written again. */
    public String filled() {
        return filled;
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
     * Changes the own exercises as they lie on the disk now, and writes them.
     *
     * @throws DiskTrouble when they could not be read or written, or would be too many; then nothing changed
     */
    public void change(UnaryOperator<OwnExercises> change) throws DiskTrouble {
        kept.change(before -> OwnExercisesJson.write(changed(change, now(before))));
        library.set(library.get().with(read(kept.read())));
        trouble = "";
        filled = "";
    }

    private OwnExercises now(Optional<byte[]> before) throws DiskTrouble {
        try {
            return read(before);
        } catch (DiskTrouble fault) {
            throw new DiskTrouble(
                    fault.sentence() + " Nothing is written over it. Mend it or move it away first.");
        }
    }

    private static OwnExercises changed(UnaryOperator<OwnExercises> change, OwnExercises now)
            throws DiskTrouble {
        try {
            return change.apply(now);
        } catch (IllegalArgumentException tooMany) {
            throw new DiskTrouble(String.valueOf(tooMany.getMessage()));
        }
    }
}
