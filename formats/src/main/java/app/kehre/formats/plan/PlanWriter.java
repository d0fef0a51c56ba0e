package app.kehre.formats.plan;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.School;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Manner;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.value.Lengths;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.library.ExerciseJson;

/** Writes plans as documents of the current version. */
final class PlanWriter {

    private PlanWriter() {}

    /**
     * Writes a plan.
     *
     * @param held the exercises that it brought along when it was read: they stay with it, used or not
     * @param before the document as it was read
     */
    static ObjectNode write(ClassPlan plan, Library library, List<Exercise> held, ObjectNode before) {
        ObjectNode document = JsonText.object();
        document.put("format", PlanDocument.FORMAT).put("version", Upgrades.PLAN.current());
        IdentityJson.write(plan.identity(), document);
        BriefJson.write(plan.brief(), document.putObject("brief"), before.path("brief"));
        PaceJson.write(plan.pace(), document.putObject("pace"));
        JudgementJson.write(plan, document);
        ArrayNode segments = document.putArray("segments");
        plan.segments().forEach(segment -> write(segment, segments.addObject()));
        Collection<Exercise> own = new OwnInPlan(library, held).of(plan);
        if (!own.isEmpty()) {
            ArrayNode exercises = document.putArray("exercises");
            own.forEach(exercise -> exercises.add(ExerciseJson.write(exercise)));
        }
        return EmptyNames.removed(document, library);
    }

    private static void write(Segment segment, ObjectNode node) {
        node.put("id", segment.id().number()).put("name", segment.name()).put("role", segment.role().key())
                .put("target", Lengths.notation(segment.target())).put("bpm", segment.bpm().value());
        teaching(segment.pacing().teaching(), node);
        if (segment.pacing().speed() != Speed.NATURAL) {
            node.put("speed", segment.pacing().speed().key());
        }
        mark(node, "standsAlone", segment.standsAlone());
        mark(node, "leftOut", segment.leftOut());
        ArrayNode entries = node.putArray("entries");
        segment.entries().forEach(entry -> write(entry, entries.addObject()));
    }

    private static void write(Entry entry, ObjectNode node) {
        node.put("id", entry.id().number());
        switch (entry) {
            case Item item -> write(item, node);
            case Pause pause -> write(pause, node);
            case Circuit circuit -> write(circuit, node);
            case Screen screen -> write(screen, node);
            case BuildUp build -> BuildUpJson.write(build, node);
        }
        if (!entry.note().isEmpty()) {
            node.put("note", entry.note());
        }
    }

    private static void write(Item item, ObjectNode node) {
        node.put("exercise", item.exercise().id()).put("dose", DoseNotation.print(item.dose())).put("load",
                LoadNotation.print(item.load()));
        item.posed().ifPresent(position -> node.put("position", position.key()));
        Manner manner = item.manner();
        mark(node, "known", manner.known());
        if (!manner.explaining().equals(Explaining.USUAL)) {
            write(manner.explaining(), node);
        }
        teaching(manner.teaching(), node);
        manner.changeover().ifPresent(length -> node.put("changeover", Lengths.notation(length)));
        if (manner.variant() != Variant.STANDARD) {
            node.put("option", manner.variant().key());
        }
        if (!manner.layer().isEmpty()) {
            node.put("layer", manner.layer());
        }
        writeStyle(manner.style(), node);
        if (manner.holdingEights() > 0) {
            node.put("holdingEights", manner.holdingEights());
        }
        mark(node, "locked", manner.locked());
        if (!item.rounds().isEmpty()) {
            ObjectNode rounds = node.putObject("rounds");
            new TreeMap<>(item.rounds())
                    .forEach((round, change) -> write(change, rounds.putObject(String.valueOf(round))));
        }
        if (!item.instead().isEmpty()) {
            ObjectNode instead = node.putObject("instead");
            new TreeMap<>(item.instead())
                    .forEach((limit, exercise) -> instead.put(limit.key(), exercise.id()));
        }
    }

    private static void teaching(Optional<School.Teaching> style, ObjectNode node) {
        style.ifPresent(each -> node.put("teaching", each.key()));
    }

    /** Writes a style, where it is not plain. */
    static void writeStyle(Set<Style> style, ObjectNode node) {
        if (!style.isEmpty()) {
            writeAll(style, node);
        }
    }

    private static void writeAll(Set<Style> style, ObjectNode node) {
        ArrayNode keys = node.putArray("style");
        style.forEach(each -> keys.add(each.key()));
    }

    private static void write(RoundChange change, ObjectNode node) {
        change.dose().ifPresent(dose -> node.put("dose", DoseNotation.print(dose)));
        change.load().ifPresent(load -> node.put("load", LoadNotation.print(load)));
        change.variant().ifPresent(variant -> node.put("option", variant.key()));
        if (!change.layer().isEmpty()) {
            node.put("layer", change.layer());
        }
        change.style().ifPresent(style -> writeAll(style, node));
        mark(node, "out", change.out());
        change.explaining().ifPresent(explaining -> write(explaining, node));
    }

    private static void write(Explaining explaining, ObjectNode node) {
        node.put("explain", explaining.mode().key());
        explaining.length().ifPresent(length -> node.put("explainFor", Lengths.notation(length)));
    }

    private static void write(Pause pause, ObjectNode node) {
        node.put("pause", pause.kind().key()).put("name", pause.name()).put("length",
                Lengths.notation(pause.length()));
        mark(node, "stay", pause.staying());
        mark(node, "keepMoving", pause.moving());
        pause.notBefore().ifPresent(at -> node.put("notBefore", Lengths.notation(at)));
    }

    private static void write(Circuit circuit, ObjectNode node) {
        node.put("circuit", circuit.name()).put("rounds", circuit.rounds()).put("rest",
                Lengths.notation(circuit.rest()));
        if (circuit.soloFrom() > 0) {
            node.put("soloFrom", circuit.soloFrom());
        }
        ArrayNode items = node.putArray("items");
        circuit.inside().forEach(line -> write(line, items.addObject()));
    }

    private static void write(Screen screen, ObjectNode node) {
        node.put("screen", screen.name()).put("dose", DoseNotation.print(screen.dose())).put("failed",
                screen.failed());
        ObjectNode instead = node.putObject("instead");
        new TreeMap<>(screen.instead()).forEach((id, words) -> instead.put(String.valueOf(id), words));
    }

    private static void mark(ObjectNode node, String name, boolean set) {
        if (set) {
            node.put(name, true);
        }
    }
}
