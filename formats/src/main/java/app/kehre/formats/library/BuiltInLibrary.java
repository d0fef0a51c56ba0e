package app.kehre.formats.library;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/** The library that ships with Kehre, one file a family. */
public final class BuiltInLibrary {

    private static final List<String> FAMILIES = List.of("warm-up", "cardio", "step", "legs", "upper",
            "trunk",
            "stretch");

    private BuiltInLibrary() {}

    /** Reads the library. @throws IllegalStateException when a file that ships with Kehre is faulty */
    public static Library load() {
        List<Exercise> exercises = new ArrayList<>();
        for (String family : FAMILIES) {
            try {
                exercises.addAll(read(family + ".json", bytes(family)));
            } catch (UnreadableFile fault) {
                throw new IllegalStateException(fault.sentence(), fault);
            }
        }
        return Library.of(exercises);
    }

    /** Reads one family. @throws UnreadableFile with all faults of the file */
    static List<Exercise> read(String file, byte[] bytes) throws UnreadableFile {
        Fields fields = Fields.of(JsonText.parse(file, bytes));
        if (!fields.text("format").equals("kehre-library")) {
            fields.report("format", "expected \"kehre-library\".");
        }
        List<Exercise> exercises = new ArrayList<>();
        fields.objects("exercises", true).forEach(each -> ExerciseJson.read(each).ifPresent(exercises::add));
        if (!fields.problems().isEmpty()) {
            throw new UnreadableFile(file, fields.problems());
        }
        return exercises;
    }

    private static byte[] bytes(String family) {
        String name = "/app/kehre/formats/library/" + family + ".json";
        try (InputStream in = Objects.requireNonNull(BuiltInLibrary.class.getResourceAsStream(name), name)) {
            return in.readAllBytes();
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
    }
}
