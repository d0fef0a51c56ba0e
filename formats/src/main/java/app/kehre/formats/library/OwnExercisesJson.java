package app.kehre.formats.library;

import java.io.ByteArrayOutputStream;
import java.nio.charset.StandardCharsets;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeSet;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;

/** An instructor's own exercises, and the ids of those that they hide, as one JSON document. */
public final class OwnExercisesJson {

    private static final String FORMAT = "kehre-exercises";
    /**
     * Version 1 had the words of terms in the place of their keys; version 2 had calf and shin as one group and did not
     * say what muscles work against.
     */
    private static final int VERSION = 3;
    private static final int RESISTANCE_SAID = 3;
    /** An exercise has some 60 values. */
    private static final int MOST_VALUES = 2_000_000;
    private static final byte[] FIRST = "\n    ".getBytes(StandardCharsets.UTF_8);
    private static final byte[] NEXT = ",\n    ".getBytes(StandardCharsets.UTF_8);

    private OwnExercisesJson() {}

    /**
     * Reads a document.
     *
     * @throws UnreadableFile with a sentence for every fault; nothing is half read
     */
    public static OwnExercises read(String file, byte[] bytes) throws UnreadableFile {
        JsonText text = JsonText.parse(file, bytes, MOST_VALUES);
        return text.read(Fields.of(upgraded(text.top())), OwnExercisesJson::read)
                .orElseThrow(() -> new IllegalStateException("nothing was read and nothing was wrong"));
    }

    /** Returns of how many exercises an earlier document does not say what they work against, so that it was filled in. */
    public static long filled(String file, byte[] bytes) throws UnreadableFile {
        ObjectNode document = JsonText.parse(file, bytes, MOST_VALUES).top();
        return document.path("version").asInt(VERSION) >= RESISTANCE_SAID
                ? 0
                : document.path("exercises").valueStream().filter(each -> !each.has("resistance")).count();
    }

    private static ObjectNode upgraded(ObjectNode document) {
        if (document.path("version").asInt(VERSION) == 1) {
            document.path("exercises").valueStream().filter(ObjectNode.class::isInstance)
                    .forEach(each -> WordsBeforeKeys.exercise((ObjectNode) each));
        }
        return document;
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

    /** Writes the document, one line an exercise. */
    public static byte[] write(OwnExercises own) {
        ArrayNode hidden = JsonText.object().putArray("hidden");
        new TreeSet<>(own.hidden()).forEach(hidden::add);
        List<byte[]> lines = own.exercises().parallelStream()
                .map(each -> JsonText.line(ExerciseJson.write(each))).toList();
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        out.writeBytes("""
                {
                  "format" : "%s",
                  "version" : %d,
                  "exercises" : [""".formatted(FORMAT, VERSION).getBytes(StandardCharsets.UTF_8));
        for (int i = 0; i < lines.size(); i++) {
            out.writeBytes(i == 0 ? FIRST : NEXT);
            out.writeBytes(lines.get(i));
        }
        out.writeBytes("""

                  ],
                  "hidden" : %s
                }
                """.formatted(hidden).getBytes(StandardCharsets.UTF_8));
        return out.toByteArray();
    }
}
