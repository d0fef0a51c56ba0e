package app.kehre.formats.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/** The library that ships with Kehre, one file a family. */
public final class BuiltInLibrary {

    /** The version of the library's files. */
    static final int VERSION = 4;

    private static final int MOST_VALUES = 200_000;

    private BuiltInLibrary() {}

    /**
     * Reads the library.
     *
     * @throws IllegalStateException when a file that ships with Kehre is faulty
     */
    public static Library load() {
        List<Exercise> exercises = new ArrayList<>();
        for (Family family : Family.values()) {
            String file = file(family);
            try {
                exercises.addAll(read(file, bytes(file)));
            } catch (UnreadableFile fault) {
                throw new IllegalStateException(fault.sentence(), fault);
            }
        }
        return Library.of(exercises);
    }

    /**
     * Reads one family.
     *
     * @throws UnreadableFile with all faults of the file
     */
    static List<Exercise> read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(BuiltInLibrary::read);
    }

    private static List<Exercise> read(Fields fields) {
        if (!fields.text("format").equals("kehre-library")) {
            fields.report("format", "expected \"kehre-library\".");
        }
        Family family = fields.term("family", Family.class);
        List<Exercise> exercises = new ArrayList<>();
        fields.objects("exercises", true, OwnExercises.NUMBER)
                .forEach(each -> ExerciseJson.read(each, family).ifPresent(exercises::add));
        return exercises;
    }

    /** Returns the name of a family's file. */
    static String file(Family family) {
        return family.key() + ".json";
    }

    /** Returns a family's file. */
    static byte[] bytes(String file) {
        String name = "/app/kehre/formats/library/" + file;
        try (InputStream in = Objects.requireNonNull(BuiltInLibrary.class.getResourceAsStream(name), name)) {
            return in.readAllBytes();
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
    }
}
