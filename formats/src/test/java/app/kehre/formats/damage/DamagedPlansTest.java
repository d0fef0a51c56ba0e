package app.kehre.formats.damage;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.SplittableRandom;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.damage.Trial.End;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.library.WordsBeforeKeys;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

/** A damaged plan is refused with its place, or kept whole: there is no third way. */
class DamagedPlansTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static byte[] bytes(String name) throws IOException {
        String path = "/app/kehre/formats/plan/%s.kehre.json".formatted(name);
        try (InputStream in = Objects.requireNonNull(DamagedPlansTest.class.getResourceAsStream(path),
                path)) {
            return in.readAllBytes();
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "bigfigure | figures: found 9999999999999999999999999999999999999999999999999999999999999999999999999999"
                    + "9999... for \"water\", expected a whole number from 0 to 1000000.",
            "fractions | segments[2].entries[0].stages: for \"1/add/2\": \"2.9\" is no whole number: write it"
                    + " like 2 each lead, or 3 right, 2 left.",
            "layer-circuit | segments[2].entries[0].items[0].rounds.2.layer: A layer must be one line, without a line"
                    + " break.",
            "layer-long | segments[1].entries[0].rounds.1.layer: A layer must be one line of at most 60 characters,"
                    + " not 70.",
            "role-question | segments[1].role: found \"?\", expected one of: talk, warm-up, aerobic, toning, core,"
                    + " cool-down, stretch, pause."})
    void whatIsNoPlanIsRefusedWithPlaceValueAndWhatWasExpected(String name, String sentence) {
        UnreadableFile refusal = catchThrowableOfType(UnreadableFile.class,
                () -> PlanDocument.read(name, bytes("damaged/" + name), LIBRARY));

        assertThat(refusal.problems()).contains(sentence);
        assertThat(refusal.sentence()).startsWith(name + " was not opened. Line 1, column ");
    }

    @ParameterizedTest
    @ValueSource(strings = {"unknown-fields", "unknown-numbers", "ownhold", "formula"})
    void whatIsReadIsWrittenAgainAlthoughThisKehreDoesNotKnowIt(String name)
            throws IOException, UnreadableFile {
        byte[] read = bytes("damaged/" + name);
        byte[] written = PlanDocument.read(name, read, LIBRARY).bytes();

        assertThat(lost("", MAPPER.readTree(read), MAPPER.readTree(written))).isEmpty();
        assertThat(numbers(read)).isSubsetOf(numbers(written));
        assertThat(Trial.of(read, LIBRARY, true).end()).isEqualTo(End.TAKEN);
    }

    /** The numbers that no double holds, as they are written. */
    private static List<String> numbers(byte[] document) {
        return Stream.of(new String(document, StandardCharsets.UTF_8).split("[^0-9eE+.-]+"))
                .filter(each -> each.matches("-?\\d+(\\.\\d{17,})?([eE][+-]?\\d{3,})?") && each.length() > 4
                        && (each.contains("e") || each.contains("E") || each.contains(".")))
                .toList();
    }

    /** No turn; no line or segment, which was written as number 0 before version 6; nor times, which a pace follows from 7 on. */
    private static boolean isUsual(String name, JsonNode value) {
        return name.equals("turnIn") || name.equals("times") && value.has("explainNew")
                || List.of("segment", "item").contains(name) && value.isNumber() && value.asLong() == 0;
    }

    /** What is gone; a field that says what is usual may be, and a list may be in another order. */
    private static List<String> lost(String place, JsonNode before, JsonNode after) {
        List<String> lost = new ArrayList<>();
        if (before.isObject()) {
            before.propertyStream().filter(each -> !isUsual(each.getKey(), each.getValue())).forEach(each -> {
                Stream.of("muscle", "limit", "figure", "question")
                        .map(list -> WordsBeforeKeys.key(list, each.getKey())).filter(after::has).findFirst()
                        .ifPresentOrElse(
                                now -> lost.addAll(lost(place + "." + now, each.getValue(), after.get(now))),
                                () -> lost.add(place + "." + each.getKey()));
            });
        } else if (before.isArray()) {
            for (int i = 0; i < before.size(); i++) {
                if (i >= after.size()) {
                    lost.add(place + "[" + i + "]");
                } else {
                    lost.addAll(lost(place + "[" + i + "]", before.get(i), after.get(i)));
                }
            }
        }
        return lost;
    }

    @Test
    void fieldsAddedAnywhereAreKept() throws IOException, UnreadableFile {
        SplittableRandom random = new SplittableRandom(7);
        List<byte[]> plans = List.of(bytes("damaged/ownhold"), DemoPlan.bytes(DemoPlan.NAMES.getFirst()),
                DemoPlan.bytes(DemoPlan.EVERYTHING_AT_ONCE));
        for (int tries = 0; tries < 150; tries++) {
            ObjectNode tree = (ObjectNode) MAPPER.readTree(plans.get(tries % plans.size()));
            List<ObjectNode> objects = new ArrayList<>();
            collect("", tree, objects);
            for (int added = 0; added < 4; added++) {
                objects.get(random.nextInt(objects.size())).put("future" + added, "kept " + added);
            }
            PlanDocument document = PlanDocument.read("any", MAPPER.writeValueAsBytes(tree), LIBRARY);
            ClassPlan plan = document.plan();
            ClassPlan edited = plan.with(plan.entry(line(1)).withNote("another note"));

            assertThat(lost("", tree, MAPPER.readTree(document.with(edited).bytes()))).isEmpty();
        }
    }

    /** All objects but those whose fields are names of a closed list, such as kit: there, an unknown one is a fault. */
    private static void collect(String name, JsonNode node, List<ObjectNode> objects) {
        boolean named = List
                .of("limits", "kit", "kitPlaces", "schools", "figures", "instead", "stages", "muscles",
                        "standIns", "cautions", "rounds")
                .contains(name);
        if (node instanceof ObjectNode object && !named) {
            objects.add(object);
        }
        if (node.isObject()) {
            node.propertyStream().forEach(each -> collect(each.getKey(), each.getValue(), objects));
        } else {
            node.forEach(each -> collect("", each, objects));
        }
    }

    @Test
    void eachOfManyDamagedPlansIsRefusedClearlyOrTakenWhole() throws IOException {
        List<byte[]> originals = new ArrayList<>(List.of(bytes("damaged/ownhold"), bytes("version-1"),
                bytes("version-2"), bytes("version-3"), bytes("version-4")));
        DemoPlan.NAMES.stream().map(DemoPlan::bytes).forEach(originals::add);
        Mutants mutants = new Mutants(originals, 16);

        for (int i = 0; i < 400; i++) {
            Trial trial = Trial.of(mutants.next(), LIBRARY, i % 40 == 0);
            assertThat(trial.end()).as("mutant %d: %s", i, trial.words()).isIn(End.REFUSED, End.TAKEN);
        }
    }

    @Test
    void aSmallFileThatWouldTakeMuchIsRefusedWithTheFigureAndTheLimit() {
        StringBuilder items = new StringBuilder();
        for (int id = 2; id <= 41; id++) {
            items.append(id == 2 ? "" : ",").append(
                    "{\"id\": %d, \"exercise\": \"squat\", \"dose\": \"1800 s on, 600 s off, x60, each side\"}"
                            .formatted(id));
        }
        assertRefused("{\"id\": 1, \"circuit\": \"Days\", \"rounds\": 20, \"items\": [%s]}".formatted(items),
                "segments: A class may last 12 hours at most; this one is longer than that in \"Toning\".");
        String line = "{\"id\": 1, \"exercise\": \"squat\", \"dose\": \"4 reps\"}";
        assertRefused(line + (", " + line).repeat(19_999),
                "segments[0].entries: The lines of a class must be from 0 to 2000, not 20000.");
        String short60 = "{\"id\": %d, \"exercise\": \"squat\", \"dose\": \"1 s on, 1 s off, x60, each side\"}";
        StringBuilder many = new StringBuilder();
        for (int id = 1; id <= 200; id++) {
            many.append(id == 1 ? "" : ",").append(short60.formatted(id));
        }
        assertRefused(many.toString(),
                "segments: A class may have 20000 pieces of work, rest and changing over at"
                        + " most, each round, set and side counted; this one has more, in \"Toning\".");
        assertRefused(
                "{\"id\": 1, \"exercise\": \"squat\", \"dose\": \"%s\"}".formatted("12 ".repeat(15_000)),
                "segments[0].entries[0].dose: found a text of 45000 characters, expected at most 400.");
    }

    private static void assertRefused(String entries, String sentence) {
        byte[] plan = """
                {"format": "kehre-plan", "version": 6,
                 "brief": {"title": "Much", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30, "people": 12},
                 "segments": [{"id": 1, "name": "Toning", "role": "toning", "target": "0 s", "bpm": 120,
                   "entries": [%s]}]}"""
                .formatted(entries).getBytes(StandardCharsets.UTF_8);
        Trial trial = Trial.of(plan, LIBRARY, false);

        assertThat(trial.words()).endsWith(sentence);
        assertThat(trial.cpu()).isLessThan(Duration.ofSeconds(2));
    }

    @Test
    void aFaultThatFollowsFromAnotherIsNotToldTwice() throws IOException {
        ObjectNode tree = (ObjectNode) MAPPER.readTree(bytes("damaged/ownhold"));
        ((ObjectNode) tree.at("/exercises/0")).put("family", "wings");
        ((ObjectNode) tree.at("/segments/1/entries/0")).put("id", "one");
        ((ObjectNode) tree.at("/segments/1/entries/1")).put("exercise", 5);

        UnreadableFile refusal = catchThrowableOfType(UnreadableFile.class,
                () -> PlanDocument.read("any", MAPPER.writeValueAsBytes(tree), LIBRARY));

        assertThat(refusal.problems()).hasSize(3);
    }
}
