package app.kehre.formats.plan;

import java.util.Map;
import java.util.Optional;
import java.util.OptionalDouble;
import java.util.TreeMap;

import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceKind;
import app.kehre.core.pace.Quantity;
import app.kehre.core.value.Named;
import app.kehre.formats.json.Fields;

/** The pace as JSON: what does not depend on the style first, then an object for each style. */
final class PaceJson {

    private static final String OWN_REPS = "reps-of";
    private static final String OF_KIND = "of-kind";
    private static final int KEYS = 3;

    private PaceJson() {}

    /** Reads a pace; what is not said is as in another. */
    static Pace read(Fields fields, Pace otherwise) {
        Pace pace = otherwise;
        for (Quantity quantity : Quantity.values()) {
            if (!quantity.byStyle()) {
                pace = with(pace, fields, quantity, School.Teaching.FOLLOW_ME);
            }
        }
        for (School.Teaching style : School.Teaching.values()) {
            if (fields.has(style.key())) {
                Pace before = pace;
                pace = fields.object(style.key()).map(inner -> inStyle(before, inner, style)).orElse(before);
            }
        }
        return withOwnReps(pace, fields);
    }

    private static Pace withOwnReps(Pace pace, Fields fields) {
        Map<String, Double> own = new TreeMap<>(pace.ownReps());
        fields.numbersByName(OWN_REPS).forEach((exercise, times) -> Quantity.REPS.problem(times)
                .ifPresentOrElse(sentence -> fields.report(OWN_REPS, sentence),
                        () -> own.put(exercise, times)));
        return withOfKind(pace.withOwnReps(own), fields);
    }

    /** What holds in one kind of segment is written "new talk-it-through toning". */
    private static Pace withOfKind(Pace pace, Fields fields) {
        Map<PaceKind, Double> kinds = new TreeMap<>(pace.ofKind());
        fields.numbersByName(OF_KIND).forEach((name, value) -> kind(name).ifPresentOrElse(
                kind -> kind.quantity().problem(value).ifPresentOrElse(
                        sentence -> fields.report(OF_KIND, sentence), () -> kinds.put(kind, value)),
                () -> fields.report(OF_KIND,
                        "found \"%s\", expected a quantity, a teaching style and a kind of segment, such as \"new show-then-do toning\"."
                                .formatted(name))));
        return pace.withOfKind(kinds);
    }

    private static Optional<PaceKind> kind(String name) {
        String[] keys = name.split(" ");
        if (keys.length != KEYS) {
            return Optional.empty();
        }
        return Named.ofKey(Quantity.class, keys[0]).filter(Quantity::byStyle)
                .flatMap(quantity -> Named.ofKey(School.Teaching.class, keys[1]).flatMap(
                        style -> Named.ofKey(Role.class, keys[2])
                                .map(role -> new PaceKind(quantity, style, role))));
    }

    private static Pace inStyle(Pace before, Fields fields, School.Teaching style) {
        Pace pace = before;
        for (Quantity quantity : Quantity.values()) {
            if (quantity.byStyle()) {
                pace = with(pace, fields, quantity, style);
            }
        }
        return pace;
    }

    private static Pace with(Pace pace, Fields fields, Quantity quantity, School.Teaching style) {
        OptionalDouble value = fields.number(quantity.key());
        if (value.isEmpty()) {
            return pace;
        }
        Optional<String> problem = quantity.problem(value.getAsDouble());
        problem.ifPresent(sentence -> fields.report(quantity.key(), sentence));
        return problem.isPresent() ? pace : pace.with(quantity, style, value.getAsDouble());
    }

    static void write(Pace pace, ObjectNode node) {
        for (Quantity quantity : Quantity.values()) {
            if (!quantity.byStyle()) {
                put(node, quantity, pace.of(quantity));
            }
        }
        if (!pace.ownReps().isEmpty()) {
            ObjectNode own = node.putObject(OWN_REPS);
            pace.ownReps().forEach(own::put);
        }
        if (!pace.ofKind().isEmpty()) {
            ObjectNode kinds = node.putObject(OF_KIND);
            pace.ofKind().forEach((kind, value) -> kinds.put(
                    "%s %s %s".formatted(kind.quantity().key(), kind.style().key(), kind.role().key()),
                    value));
        }
        for (School.Teaching style : School.Teaching.values()) {
            ObjectNode inner = node.putObject(style.key());
            for (Quantity quantity : Quantity.values()) {
                if (quantity.byStyle()) {
                    put(inner, quantity, pace.of(quantity, style));
                }
            }
        }
    }

    private static void put(ObjectNode node, Quantity quantity, double value) {
        if (value == Math.rint(value)) {
            node.put(quantity.key(), Math.round(value));
        } else {
            node.put(quantity.key(), value);
        }
    }
}
