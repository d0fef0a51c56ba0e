package app.kehre.formats.plan;

import java.util.List;
import java.util.Map;
import java.util.Optional;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Brief;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.library.ExerciseJson;

/** Writes plans as documents of the current version. */
final class PlanWriter {

    private PlanWriter() {}

    static ObjectNode write(ClassPlan plan, Library library, int version) {
        ObjectNode document = JsonText.object();
        document.put("format", PlanDocument.FORMAT).put("version", version);
        write(plan.brief(), document.putObject("brief"));
        ArrayNode segments = document.putArray("segments");
        plan.segments().forEach(segment -> write(segment, segments.addObject()));
        List<Exercise> own = ownExercises(plan, library);
        if (!own.isEmpty()) {
            ArrayNode exercises = document.putArray("exercises");
            own.forEach(exercise -> exercises.add(ExerciseJson.write(exercise)));
        }
        return document;
    }

    private static void write(Brief brief, ObjectNode node) {
        node.put("title", brief.title()).put("date", brief.date().toString())
                .put("start", brief.start().toString())
                .put("slotMinutes", brief.slot().toMinutes()).put("people", brief.people());
        if (!brief.places().isEmpty()) {
            ObjectNode places = node.putObject("kitPlaces");
            brief.places().entrySet().stream().sorted(Map.Entry.comparingByKey())
                    .forEach(place -> places.put(place.getKey().key(), place.getValue().words()));
        }
    }

    private static void write(Segment segment, ObjectNode node) {
        node.put("id", segment.id()).put("name", segment.name()).put("role", segment.role().words())
                .put("target", Lengths.notation(segment.target())).put("bpm", segment.bpm().value());
        ArrayNode entries = node.putArray("entries");
        segment.entries().forEach(entry -> write(entry, entries.addObject()));
    }

    private static void write(Entry entry, ObjectNode node) {
        node.put("id", entry.id());
        switch (entry) {
            case Item item ->
                node.put("exercise", item.exercise().id()).put("dose", DoseNotation.print(item.dose()))
                        .put("load", LoadNotation.print(item.load()));
            case Pause pause ->
                node.put("pause", pause.kind().words()).put("name", pause.name()).put("length",
                        Lengths.notation(pause.length()));
        }
        if (!entry.note().isEmpty()) {
            node.put("note", entry.note());
        }
    }

    private static List<Exercise> ownExercises(ClassPlan plan, Library library) {
        return plan.entries().filter(Item.class::isInstance).map(Item.class::cast)
                .map(Item::exercise).distinct()
                .filter(exercise -> !library.find(exercise.id()).equals(Optional.of(exercise))).toList();
    }
}
