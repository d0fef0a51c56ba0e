package app.kehre.formats.plan;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import tools.jackson.databind.JsonNode;
import tools.jackson.databind.node.ObjectNode;
import tools.jackson.databind.node.StringNode;

import app.kehre.formats.library.WordsBeforeKeys;

import static app.kehre.formats.library.WordsBeforeKeys.names;
import static app.kehre.formats.library.WordsBeforeKeys.value;
import static app.kehre.formats.library.WordsBeforeKeys.values;

/**
 * The step up to version 6. Before it, terms were stored by their words; and a finding set aside for the whole class, or
 * a whole segment, named segment or line 0.
 */
final class ToVersion6 {

    /** The list that the words behind the slash of a check's key are of. */
    private static final Map<String, String> DETAILS = Map.ofEntries(Map.entry("caution", "limit"),
            Map.entry("not-prepared", "joint"), Map.entry("no-preview", "pattern"),
            Map.entry("not-released", "muscle"), Map.entry("promised-area", "muscle"),
            Map.entry("on-end", "muscle"), Map.entry("ratio", "pole"), Map.entry("too-little", "bound"));

    private static final Map<String, List<String>> STYLES = Map.of("overhead",
            List.of("overhead", "press up", "reach up"), "arms",
            List.of("arm", "arms", "curl", "curls", "pull", "pulls", "punch", "punches", "press", "presses",
                    "row",
                    "rows", "clap", "claps"),
            "travel", List.of("travel", "travels", "travelling", "forward", "around"), "range",
            List.of("bigger", "larger", "deep", "deeper", "wide", "wider", "high", "higher"), "hop",
            List.of("hop", "hops", "jump", "jumps", "leap", "leaps"), "direction",
            List.of("turn", "turns", "direction", "directions", "pivot", "pivots"));

    private ToVersion6() {}

    static ObjectNode apply(ObjectNode document) {
        if (document.get("brief") instanceof ObjectNode brief) {
            brief(brief);
        }
        names(document, "figures", "figure");
        objects(document, "setAside").forEach(ToVersion6::aside);
        objects(document, "segments").forEach(segment -> {
            value(segment, "role", "role");
            objects(segment, "entries").forEach(ToVersion6::line);
        });
        objects(document, "exercises").forEach(WordsBeforeKeys::exercise);
        return document;
    }

    /** Before version 6 more could have a limit than there are people. */
    private static void fewer(ObjectNode brief) {
        if (brief.get("limits") instanceof ObjectNode limits && brief.path("people").isInt()) {
            int people = brief.path("people").intValue();
            List.copyOf(limits.propertyNames()).stream()
                    .filter(limit -> limits.path(limit).isInt() && limits.path(limit).intValue() > people)
                    .forEach(limit -> limits.put(limit, people));
        }
    }

    private static void brief(ObjectNode brief) {
        fewer(brief);
        value(brief, "format", "format");
        names(brief, "limits", "limit");
        if (brief.get("goal") instanceof ObjectNode goal) {
            values(goal, "areas", "muscle");
            values(goal, "qualities", "quality");
        }
        if (brief.get("kitPlaces") instanceof ObjectNode places) {
            places.propertyNames().forEach(kit -> value(places, kit, "place"));
        }
        if (brief.get("schools") instanceof ObjectNode schools) {
            schools.propertyNames().forEach(question -> value(schools, question, "school"));
            names(brief, "schools", "question");
        }
    }

    private static void line(ObjectNode line) {
        value(line, "pause", "pause");
        value(line, "method", "method");
        taught(line);
        if (!line.has("screen")) {
            names(line, "instead", "limit");
        }
        if (line.get("rounds") instanceof ObjectNode rounds) {
            rounds.valueStream().filter(ObjectNode.class::isInstance)
                    .forEach(round -> taught((ObjectNode) round));
        }
        objects(line, "items").forEach(ToVersion6::line);
        objects(line, "combinations").flatMap(each -> objects(each, "moves"))
                .forEach(move -> style(move, "arms"));
    }

    /** Before version 6 the words said what makes a move harder; now it is a field of its own. Whole words only. */
    private static void style(ObjectNode node, String field) {
        String words = " " + node.path(field).asString("").toLowerCase(Locale.ROOT).replaceAll("[^a-z]+", " ")
                + " ";
        List<String> found = STYLES.entrySet().stream()
                .filter(each -> each.getValue().stream().anyMatch(word -> words.contains(" " + word + " ")))
                .map(Map.Entry::getKey).sorted().toList();
        if (!found.isEmpty() && !node.has("style")) {
            found.forEach(node.putArray("style")::add);
        }
    }

    private static void taught(ObjectNode node) {
        style(node, "layer");
        value(node, "option", "option");
        value(node, "explain", "explain");
    }

    private static void aside(ObjectNode aside) {
        List.of("segment", "item").forEach(field -> removeZero(aside, field));
        if (aside.get("check") instanceof StringNode check) {
            String[] parts = check.stringValue().split("/");
            String list = DETAILS.getOrDefault(parts[0], "");
            aside.put("check", list.isEmpty() ? ofSteps(parts) : withKeys(parts, list));
        }
    }

    /** Before version 6 "combination/1/FOOT/3" and "pattern/FOOT/9" were what is asked of a step by its own key now. */
    private static String ofSteps(String[] parts) {
        int at = switch (parts[0]) {
            case "combination" -> 2;
            case "pattern" -> 1;
            default -> 0;
        };
        String key = at < parts.length ? WordsBeforeKeys.key("misstep", parts[at]) : "";
        return at == 0 || key.isEmpty() || key.equals(parts[at])
                ? String.join("/", parts)
                : IntStream.range(1, parts.length).filter(each -> each != at).mapToObj(each -> parts[each])
                        .collect(Collectors.joining("/", key + "/", ""));
    }

    private static String withKeys(String[] parts, String list) {
        return Stream.concat(Stream.of(parts[0]),
                Arrays.stream(parts).skip(1).map(each -> WordsBeforeKeys.key(list, each)))
                .collect(Collectors.joining("/"));
    }

    private static void removeZero(ObjectNode node, String name) {
        JsonNode number = node.path(name);
        if (number.isIntegralNumber() && number.asLong() == 0) {
            node.remove(name);
        }
    }

    private static Stream<ObjectNode> objects(JsonNode node, String name) {
        return node.path(name).valueStream().filter(ObjectNode.class::isInstance).map(ObjectNode.class::cast);
    }
}
