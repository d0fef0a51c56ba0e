package app.kehre.formats.library;

import java.util.Collection;
import java.util.Optional;
import java.util.Set;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Coaching;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Setting;
import app.kehre.core.exercise.Work;
import app.kehre.core.footwork.RowNotation;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.value.Named;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;

/** One exercise as JSON: in the library's files, among own exercises, and in plans that bring their own. */
public final class ExerciseJson {

    private ExerciseJson() {}

    /** Reads an exercise that names its family; nothing when it is faulty, with its faults in the fields. */
    public static Optional<Exercise> read(Fields fields) {
        return read(fields, fields.term("family", Family.class));
    }

    /** Reads an exercise that names its family and has an id that none before it has. */
    public static Optional<Exercise> readNew(Fields fields, Set<String> ids) {
        Optional<Exercise> exercise = read(fields);
        exercise.filter(read -> !ids.add(read.id())).ifPresent(read -> fields.report("id",
                "\"%s\" is used twice, expected an id of its own.".formatted(read.id())));
        return exercise;
    }

    /** Reads an exercise of a family; nothing when it is faulty, with its faults in the fields. */
    static Optional<Exercise> read(Fields fields, Family family) {
        return new ExerciseReader(fields).read(family);
    }

    /** Writes an exercise. */
    public static ObjectNode write(Exercise exercise) {
        ObjectNode node = JsonText.object();
        node.put("id", exercise.id()).put("family", exercise.family().key()).put("name", exercise.name());
        exercise.otherNames().forEach(list(node, "otherNames")::add);
        terms(node, "roles", exercise.roles());
        node.put("pattern", exercise.pattern().key());
        write(node, exercise.work());
        write(node, exercise.setting());
        exercise.footwork().ifPresent(row -> node.put("footwork", RowNotation.print(row)));
        write(node, exercise.dosing());
        write(node, exercise.coaching());
        write(node.putObject("easier"), exercise.easier());
        write(node.putObject("harder"), exercise.harder());
        ObjectNode cautions = node.putObject("cautions");
        exercise.cautions().forEach(caution -> cautions.putObject(caution.limit().key())
                .put("advice", caution.advice()).put("instead", caution.instead()));
        return node;
    }

    private static void write(ObjectNode node, Work work) {
        ObjectNode muscles = node.putObject("muscles");
        work.muscles().forEach((muscle, share) -> muscles.put(muscle.key(), share));
        terms(node, "loads", work.loads());
        terms(node, "prepares", work.prepares());
        node.put("impact", work.impact().key()).put("mets", work.mets().stored());
    }

    private static void write(ObjectNode node, Setting setting) {
        node.put("position", setting.position().key());
        if (!setting.others().isEmpty()) {
            terms(node, "otherPositions", setting.others());
        }
        node.put("facing", setting.facing().key());
        setting.equipment().stream().sorted().map(Equipment::key).forEach(list(node, "equipment")::add);
        ObjectNode standIns = node.putObject("standIns");
        setting.standIns().entrySet().stream().sorted(java.util.Map.Entry.comparingByKey())
                .forEach(each -> standIns.put(each.getKey().key(), each.getValue()));
        node.put("without", setting.without());
    }

    private static void write(ObjectNode node, Dosing dosing) {
        node.put("dose", DoseNotation.print(dosing.usual()))
                .put("leastDose", DoseNotation.print(dosing.least()))
                .put("mostDose", DoseNotation.print(dosing.most()))
                .put("load", LoadNotation.print(dosing.load())).put("rep", dosing.rep().notation());
    }

    private static void write(ObjectNode node, Coaching coaching) {
        node.put("setUp", coaching.setUp());
        coaching.action().forEach(list(node, "how")::add);
        node.put("breathing", coaching.breathing());
        coaching.alignment().forEach(list(node, "alignment")::add);
        node.put("fault", coaching.fault());
        if (coaching.everyday()) {
            node.put("everyday", true);
        }
    }

    private static void write(ObjectNode node, Option option) {
        node.put("name", option.name()).put("change", option.change());
        if (!option.exercise().isEmpty()) {
            node.put("exercise", option.exercise());
        }
    }

    private static <T extends Enum<T> & Named> void terms(ObjectNode node, String name, Collection<T> terms) {
        terms.stream().sorted().map(Named::key).forEach(list(node, name)::add);
    }

    private static ArrayNode list(ObjectNode node, String name) {
        return node.putArray(name);
    }
}
