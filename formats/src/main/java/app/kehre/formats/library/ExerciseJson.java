package app.kehre.formats.library;

import java.util.Optional;
import java.util.Set;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.JsonText;

/** One exercise as JSON: in the library's files, among own exercises, and in plans that bring their own. */
public final class ExerciseJson {

    private ExerciseJson() {}

    /** Reads an exercise that names its family; nothing when it is faulty, with its faults in the fields. */
    public static Optional<Exercise> read(Fields fields) {
        return ExerciseForm.of(Form.reading(fields));
    }

    /** Reads an exercise that names its family and has an id that none before it has. */
    public static Optional<Exercise> readNew(Fields fields, Set<String> ids) {
        return layOut(Form.reading(fields), ids);
    }

    /** Lays out an exercise that names its family and has an id that none before it has. */
    public static Optional<Exercise> layOut(Form<Exercise> form, Set<String> ids) {
        Optional<Exercise> exercise = ExerciseForm.of(form);
        exercise.filter(read -> !ids.add(read.id())).ifPresent(read -> form.report("id",
                "\"%s\" is used twice, expected an id of its own.".formatted(read.id())));
        return exercise;
    }

    /** Reads an exercise of a family; nothing when it is faulty, with its faults in the fields. */
    static Optional<Exercise> read(Fields fields, Family family) {
        return ExerciseForm.of(Form.reading(fields), family);
    }

    /** Writes an exercise. */
    public static ObjectNode write(Exercise exercise) {
        ObjectNode node = JsonText.object();
        ExerciseForm.of(Form.writing(exercise, node));
        return node;
    }
}
