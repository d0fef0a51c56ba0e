package app.kehre.formats.plan;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;

import tools.jackson.databind.node.ArrayNode;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Part;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;
import app.kehre.formats.json.Fields;

/** Reads and writes build-ups. */
final class BuildUpJson {

    /** Finds an exercise by its id, or reports the field. */
    interface Finder {
        Optional<Exercise> find(Fields fields, String field, String id);
    }

    private BuildUpJson() {}

    static Optional<Entry> read(Fields fields, EntryId id, String note, Map<Limit, Exercise> instead,
            Load load,
            Finder finder) {
        String name = fields.text("buildUp");
        Method method = fields.term("method", Method.class);
        Optional<Duration> wish = fields.has("time")
                ? Optional.of(fields.parsed("time",
                        text -> PlanReader.inRange(Lengths.parse(text), Build.TIME), Duration.ofMinutes(1)))
                : Optional.empty();
        Optional<Exercise> hold = fields.given("hold").flatMap(held -> finder.find(fields, "hold", held));
        List<Combination> combinations = new ArrayList<>();
        fields.objects("combinations", true, Build.COMBINATIONS)
                .forEach(each -> combination(each, finder).ifPresent(combinations::add));
        Build.Ways ways = new Build.Ways(!fields.flag("facingAway"), fields.flag("runsOn"),
                fields.flag("finaleOfAll"));
        Map<StageKey, Rounds> own = stages(fields, combinations.size());
        return fields.clean()
                ? hold.flatMap(found -> fields.built("combinations",
                        () -> new BuildUp(id, name,
                                new Build(combinations, method, wish, found, ways, own), load, note,
                                instead)))
                : Optional.empty();
    }

    private static Map<StageKey, Rounds> stages(Fields fields, int combinations) {
        Map<StageKey, Rounds> own = new TreeMap<>();
        fields.writtenByName("stages").forEach((key, text) -> {
            Reading<StageKey> stage = StageKey.parse(key, combinations);
            Reading<Rounds> rounds = stage.flatMap(found -> Rounds.parse(found, text));
            if (!stage.problem().isEmpty()) {
                fields.report("stages", stage.problem());
            } else if (!rounds.problem().isEmpty()) {
                fields.report("stages", "for \"%s\": %s".formatted(key, rounds.problem()));
            }
            rounds.value().ifPresent(found -> own.put(new StageKey(key), found));
        });
        return own;
    }

    private static Optional<Combination> combination(Fields fields, Finder finder) {
        String name = fields.text("name");
        boolean known = fields.flag("known");
        List<Part> parts = new ArrayList<>();
        fields.objects("moves", true, Combination.PARTS)
                .forEach(each -> part(each, finder).ifPresent(parts::add));
        return fields.built("name", () -> new Combination(name, parts, known));
    }

    private static Optional<Part> part(Fields fields, Finder finder) {
        Optional<Exercise> move = fields.given("move").flatMap(found -> finder.find(fields, "move", found));
        Side lead = side(fields);
        int times = fields.has("times") ? fields.whole("times", Part.TIMES) : 1;
        Pace pace = pace(fields);
        String arms = fields.text("arms", "");
        Set<Style> style = Set.copyOf(fields.terms("style", Style.class));
        boolean hop = fields.flag("hop");
        boolean tapChange = fields.flag("tapChange");
        int turnIn = fields.has("turnIn") ? fields.whole("turnIn", Part.TURN_IN) : 0;
        Optional<Exercise> plain = fields.has("plain")
                ? fields.given("plain").flatMap(found -> finder.find(fields, "plain", found))
                : Optional.empty();
        return move.flatMap(found -> fields.built("move", () -> new Part(found, lead, times, pace,
                new Part.Look(arms, style, hop), plain, tapChange, turnIn)));
    }

    private static Side side(Fields fields) {
        String word = fields.text("lead");
        if (word.equals(Side.LEFT.word())) {
            return Side.LEFT;
        }
        if (!word.equals(Side.RIGHT.word())) {
            fields.report("lead", "found \"%s\", expected right or left.".formatted(word));
        }
        return Side.RIGHT;
    }

    private static Pace pace(Fields fields) {
        String word = fields.text("pace", "");
        for (Pace pace : Pace.values()) {
            if (pace.notation().equals(word)) {
                return pace;
            }
        }
        fields.report("pace", "found \"%s\", expected half time or double time, or nothing.".formatted(word));
        return Pace.NORMAL;
    }

    static void write(BuildUp entry, ObjectNode node) {
        Build build = entry.build();
        node.put("buildUp", entry.name()).put("method", build.method().key())
                .put("hold", build.hold().id());
        build.wish().ifPresent(time -> node.put("time", Lengths.notation(time)));
        mark(node, "facingAway", !build.mirrored());
        mark(node, "runsOn", build.ways().runsOn());
        mark(node, "finaleOfAll", build.ways().finaleOfAll());
        if (!entry.load().isNone()) {
            node.put("load", LoadNotation.print(entry.load()));
        }
        ArrayNode combinations = node.putArray("combinations");
        build.combinations().forEach(each -> write(each, combinations.addObject()));
        if (!build.own().isEmpty()) {
            ObjectNode stages = node.putObject("stages");
            build.own().forEach((key, rounds) -> stages.put(key.text(), rounds.notation()));
        }
        if (!entry.instead().isEmpty()) {
            ObjectNode instead = node.putObject("instead");
            new TreeMap<>(entry.instead())
                    .forEach((limit, exercise) -> instead.put(limit.key(), exercise.id()));
        }
    }

    private static void write(Combination combination, ObjectNode node) {
        node.put("name", combination.name());
        mark(node, "known", combination.known());
        ArrayNode moves = node.putArray("moves");
        combination.parts().forEach(part -> write(part, moves.addObject()));
    }

    private static void write(Part part, ObjectNode node) {
        node.put("move", part.move().id()).put("lead", part.lead().word());
        if (part.times() > 1) {
            node.put("times", part.times());
        }
        if (part.pace() != Pace.NORMAL) {
            node.put("pace", part.pace().notation());
        }
        if (!part.arms().isEmpty()) {
            node.put("arms", part.arms());
        }
        PlanWriter.writeStyle(part.style(), node);
        mark(node, "hop", part.hop());
        part.plain().ifPresent(plain -> node.put("plain", plain.id()));
        mark(node, "tapChange", part.tapChange());
        if (part.turnIn() != 0) {
            node.put("turnIn", part.turnIn());
        }
    }

    private static void mark(ObjectNode node, String name, boolean set) {
        if (set) {
            node.put(name, true);
        }
    }
}
