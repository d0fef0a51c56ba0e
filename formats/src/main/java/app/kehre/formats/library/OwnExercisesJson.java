package app.kehre.formats.library;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.TreeSet;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/** An instructor's own exercises, and the ids of those that they hide, as one JSON document. */
public final class OwnExercisesJson {

    private static final String FORMAT = "kehre-exercises";
    private static final int VERSION = 1;

    private OwnExercisesJson() {}

    /** Reads a document. @throws UnreadableFile with a sentence for every fault; nothing is half read */
    public static OwnExercises read(String file, byte[] bytes) throws UnreadableFile {
        Fields fields = Fields.of(JsonText.parse(file, bytes));
        if (!fields.text("format").equals(FORMAT)) {
            fields.report("format", "expected \"%s\".".formatted(FORMAT));
        }
        if (fields.whole("version", app.kehre.core.dose.Range.of("the version", 1, 1_000_000)) > VERSION) {
            fields.report("version", "this Kehre reads own exercises up to version %d. Open them with a newer"
                    .formatted(VERSION) + " Kehre.");
        }
        List<Exercise> exercises = new ArrayList<>();
        fields.objects("exercises", true)
                .forEach(each -> ExerciseJson.read(each).ifPresent(exercises::add));
        Set<String> hidden = new TreeSet<>(fields.texts("hidden"));
        if (!fields.problems().isEmpty()) {
            throw new UnreadableFile(file, fields.problems());
        }
        return fields.built("exercises", () -> new OwnExercises(exercises, hidden))
                .orElseThrow(() -> new UnreadableFile(file, fields.problems()));
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
