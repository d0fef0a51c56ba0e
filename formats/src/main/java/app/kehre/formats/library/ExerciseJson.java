package app.kehre.formats.library;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Limit;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Named;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.JsonText;

/** One exercise as JSON: in the library's files, and in plans that bring their own. */
public final class ExerciseJson {

    private static final Option STAND_IN = new Option("?", "?");

    private ExerciseJson() {}

    /** Reads an exercise; nothing when it is faulty, with its faults collected in the fields. */
    public static Optional<Exercise> read(Fields fields) {
        int before = fields.problems().size();
        Set<Role> roles = EnumSet.noneOf(Role.class);
        roles.addAll(fields.terms("roles", Role.class));
        String id = fields.text("id");
        String name = fields.text("name");
        List<Muscle> main = fields.terms("main", Muscle.class);
        List<Muscle> helping = fields.terms("helping", Muscle.class);
        Pattern pattern = fields.term("pattern", Pattern.class);
        Position position = fields.term("position", Position.class);
        Set<Equipment> equipment = equipment(fields);
        Impact impact = fields.term("impact", Impact.class);
        var dose = fields.parsed("dose", DoseNotation::parse, Hold.of(Duration.ofSeconds(1)));
        Load load = fields.parsed("load", LoadNotation::parse, Load.NONE);
        List<String> how = fields.texts("how");
        String breathing = fields.text("breathing");
        Option easier = option(fields, "easier");
        Option harder = option(fields, "harder");
        List<Caution> cautions = cautions(fields);
        if (fields.problems().size() > before) {
            return Optional.empty();
        }
        try {
            return Optional.of(
                    new Exercise(id, name, roles, main, helping, pattern, position, equipment, impact, dose,
                            load, how, breathing, easier, harder, cautions));
        } catch (IllegalArgumentException refusal) {
            fields.report("id", String.valueOf(refusal.getMessage()));
            return Optional.empty();
        }
    }

    /** Writes an exercise. */
    public static ObjectNode write(Exercise exercise) {
        ObjectNode node = JsonText.object();
        node.put("id", exercise.id()).put("name", exercise.name());
        exercise.roles().stream().sorted().map(Named::words).forEach(list(node, "roles")::add);
        exercise.main().stream().map(Named::words).forEach(list(node, "main")::add);
        exercise.helping().stream().map(Named::words).forEach(list(node, "helping")::add);
        node.put("pattern", exercise.pattern().words()).put("position", exercise.position().words());
        exercise.equipment().stream().sorted().map(Equipment::key).forEach(list(node, "equipment")::add);
        node.put("impact", exercise.impact().words()).put("dose", DoseNotation.print(exercise.usualDose()))
                .put("load", LoadNotation.print(exercise.usualLoad()));
        exercise.how().forEach(list(node, "how")::add);
        node.put("breathing", exercise.breathing());
        node.putObject("easier").put("name", exercise.easier().name()).put("change",
                exercise.easier().change());
        node.putObject("harder").put("name", exercise.harder().name()).put("change",
                exercise.harder().change());
        ObjectNode cautions = node.putObject("cautions");
        exercise.cautions().forEach(caution -> cautions.put(caution.limit().words(), caution.advice()));
        return node;
    }

    private static ArrayNode list(ObjectNode node, String name) {
        return node.putArray(name);
    }

    private static Set<Equipment> equipment(Fields fields) {
        Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
        for (String word : fields.texts("equipment")) {
            Equipment.find(word).ifPresentOrElse(kit::add,
                    () -> fields.report("equipment", "\"%s\" is no kind of equipment.".formatted(word)));
        }
        return kit;
    }

    private static Option option(Fields fields, String name) {
        return fields.object(name).map(inner -> {
            String called = inner.text("name");
            String change = inner.text("change");
            if (called.isBlank() || change.isBlank()) {
                inner.report("name", "an option must have a name and say what changes.");
                return STAND_IN;
            }
            return new Option(called, change);
        }).orElse(STAND_IN);
    }

    private static List<Caution> cautions(Fields fields) {
        List<Caution> cautions = new ArrayList<>();
        fields.textsByName("cautions").forEach((limit, advice) -> {
            Optional<Limit> known = Named.find(Limit.class, limit);
            if (known.isEmpty() || advice.isBlank()) {
                fields.report("cautions", "found \"%s\": \"%s\", expected advice for one of: %s."
                        .formatted(limit, advice, Named.all(Limit.class)));
            } else {
                cautions.add(new Caution(known.get(), advice));
            }
        });
        return cautions;
    }
}
