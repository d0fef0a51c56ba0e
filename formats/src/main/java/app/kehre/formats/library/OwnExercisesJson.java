package app.kehre.formats.library;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.Range;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/** An instructor's own exercises, and the ids of those that they hide, as one JSON document. */
public final class OwnExercisesJson {

    private static final String FORMAT = "kehre-exercises";
    private static final int VERSION = 1;
    /** An exercise has some 60 values. */
    private static final int MOST_VALUES = 2_000_000;

    private OwnExercisesJson() {}

    /** Reads a document. @throws UnreadableFile with a sentence for every fault; nothing is half read */
    public static OwnExercises read(String file, byte[] bytes) throws UnreadableFile {
        return JsonText.parse(file, bytes, MOST_VALUES).read(OwnExercisesJson::read)
                .orElseThrow(() -> new IllegalStateException("nothing was read and nothing was wrong"));
    }

    private static Optional<OwnExercises> read(Fields fields) {
        if (!fields.text("format").equals(FORMAT)) {
            fields.report("format", "expected \"%s\".".formatted(FORMAT));
        }
        if (fields.whole("version", Range.of("the version", 1, 1_000_000)) > VERSION) {
            fields.report("version", "this Kehre reads own exercises up to version %d. Open them with a newer"
                    .formatted(VERSION) + " Kehre.");
        }
        List<Exercise> exercises = new ArrayList<>();
        Set<String> ids = new HashSet<>();
        fields.objects("exercises", true, OwnExercises.NUMBER)
                .forEach(each -> ExerciseJson.readNew(each, ids).ifPresent(exercises::add));
        Set<String> hidden = new TreeSet<>(fields.texts("hidden"));
        return fields.built("exercises", () -> new OwnExercises(exercises, hidden));
    }

    /** Writes the document. */
    public static byte[] write(OwnExercises own) {
        ObjectNode node = JsonText.object().put("format", FORMAT).put("version", VERSION);
        ArrayNode exercises = node.putArray("exercises");
        own.exercises().forEach(each -> exercises.add(ExerciseJson.write(each)));
        ArrayNode hidden = node.putArray("hidden");
        new TreeSet<>(own.hidden()).forEach(hidden::add);
        return JsonText.print(node);
    }
}
