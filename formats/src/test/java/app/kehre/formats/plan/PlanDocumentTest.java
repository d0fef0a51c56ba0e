package app.kehre.formats.plan;

import java.io.IOException;
import java.io.InputStream;
import java.nio.charset.StandardCharsets;
import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import tools.jackson.databind.node.ObjectNode;

import app.kehre.core.brief.ClassPart;
import app.kehre.core.brief.School;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.SetAside;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.json.JsonText;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.assertj.core.api.Assertions.catchThrowableOfType;

class PlanDocumentTest {

    private static final String PLAN = """
            {
              "format": "kehre-plan",
              "version": 1,
              "brief": {"title": "Morning", "date": "2026-11-24", "start": "09:15", "slotMinutes": 30,
                "people": 8},
              "segments": [
                {"id": 1, "name": "Toning", "role": "toning", "target": "9 min", "bpm": 120, "entries": [
                  {"id": 1, "exercise": "squat", "dose": "12 reps"},
                  {"id": 2, "pause": "water", "name": "Water", "length": "40 s"}
                ]}
              ]
            }
            """;

    private final Library library = BuiltInLibrary.load();

    private PlanDocument read(String text) throws UnreadableFile {
        return PlanDocument.read("morning.kehre.json", text.getBytes(StandardCharsets.UTF_8), library);
    }

    private String refusalWithLines(String text) {
        UnreadableFile fault = catchThrowableOfType(UnreadableFile.class, () -> read(text));
        assertThat(fault).as("a refusal of %s", text).isNotNull();
        return fault.sentence();
    }

    /** Returns the refusal without the lines of its fields. */
    private String refusal(String text) {
        return refusalWithLines(text).replaceAll("Line \\d+, column \\d+: (?=[a-zA-Z]+[\\[.:][^ ])", "")
                .replaceAll("Line \\d+, column \\d+: (?=(segments|version|exercises): )", "");
    }

    @Test
    void aFaultyFieldIsNamedWithItsLineAndAMissingOneWithThatOfItsObject() {
        assertThat(
                refusalWithLines(PLAN.replace("12 reps", "12").replace("\"length\": \"40 s\"", "\"x\": 1")))
                .contains("Line 8, column 38: segments[0].entries[0].dose: ",
                        "Line 9, column 7: segments[0].entries[1].length: found nothing, expected a text in quotes.");
    }

    @Property(tries = 300)
    void aPlanIsTheSameAfterSavingAndOpening(@ForAll("plans") ClassPlan plan) throws UnreadableFile {
        Library bare = Library.of(List.of(Exercises.SQUAT, Exercises.ROW,
                Exercises.PLANK.withId("hip-lift")));
        byte[] saved = PlanDocument.of(plan, bare).bytes();

        PlanDocument opened = PlanDocument.read("any", saved, bare);

        assertThat(opened.plan()).isEqualTo(plan);
        assertThat(opened.bytes()).isEqualTo(saved);
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void aPlanByHandIsReadAndTheDemoToo() throws UnreadableFile {
        assertThat(read(PLAN).plan().entries()).extracting(entry -> entry.name()).containsExactly("Squat",
                "Water");
        PlanDocument demo = DemoPlan.load(library);
        assertThat(PlanDocument.read("demo", demo.bytes(), library).plan()).isEqualTo(demo.plan());
    }

    @Test
    void aPlanOfTheFirstVersionStillOpens() throws UnreadableFile, IOException {
        PlanDocument old = old("version-1.kehre.json");

        assertThat(old.plan().entries()).hasSize(56);
        assertThat(new String(old.bytes(), StandardCharsets.UTF_8)).contains("\"version\" : 8");
    }

    @Test
    void aPlanOfTheSecondVersionKeepsItsOlderGroupAndItsOwnExercise() throws UnreadableFile, IOException {
        ClassPlan plan = old("version-2.kehre.json").plan();
        Exercise own = plan.items().findFirst().orElseThrow().exercise();

        assertThat(plan.brief().group().older()).isTrue();
        assertThat(plan.brief().room().placeOf(Equipment.CHAIR)).isEqualTo(KitPlace.SET_OUT);
        assertThat(own.main()).containsExactly(Muscle.FRONT_SHOULDER);
        assertThat(own.work().helping()).containsExactly(Muscle.UPPER_BACK);
        assertThat(own.coaching().lines()).containsExactly("Stand tall.", "Raise one arm like a signal.");
        assertThat(own.cautionFor(Limit.SHOULDER).orElseThrow().advice()).isEqualTo("below shoulder height");
        assertThat(own.family()).isEqualTo(Family.ARMS);
    }

    @Test
    void aPlanOfTheThirdVersionStillOpens() throws UnreadableFile, IOException {
        assertThat(old("version-3.kehre.json").plan().items()).hasSizeGreaterThan(45);
    }

    @Test
    void aPlanOfTheFourthVersionStillOpensAlthoughItNamesWhatIsGone() throws UnreadableFile, IOException {
        assertThat(old("version-4.kehre.json").plan().items()).hasSizeGreaterThan(20);

        String gone = PLAN.replace(
                "{\"id\": 2, \"pause\": \"water\", \"name\": \"Water\", \"length\": \"40 s\"}",
                "{\"id\": 2, \"screen\": \"Balance\", \"dose\": \"hold 20 s\", \"failed\": \"Hands\","
                        + " \"instead\": {\"1\": \"Hold on\", \"9\": \"March\"}}");
        assertThat(read(gone).plan().entry(line(2))).isInstanceOfSatisfying(Screen.class,
                screen -> assertThat(screen.instead()).containsOnlyKeys(line(1)));
        assertThat(refusal(gone.replace("\"version\": 1", "\"version\": 5"))).endsWith(
                "segments[0].entries[1].instead: found \"9\", which is the id of no line.");
    }

    @Test
    void aBuildUpIsKeptWithItsMovesAndTheInstructorsOwnStages() throws UnreadableFile {
        ClassPlan demo = DemoPlan.load(library).plan();
        BuildUp build = demo.buildUps().findFirst().orElseThrow();
        BuildUp changed = build.with(build.build()
                .with(new StageKey("1/add/1"), new Rounds.Leads(3, 2))
                .with(new StageKey("1/add/2/show"), new Rounds.Shown(Duration.ofSeconds(20)))
                .with(new StageKey("1/add/2/hold"), new Rounds.Held(2)).withWish(Optional.empty())
                .with(ways -> new Build.Ways(false, true, true)))
                .withInstead(Limit.KNEE, library.find("march").orElseThrow());
        PlanDocument written = PlanDocument.of(demo.with(changed), library);

        assertThat(PlanDocument.read("demo", written.bytes(), library).plan().buildUps())
                .containsExactly(changed);
        assertThat(refusal(PLAN.replace(
                "{\"id\": 2, \"pause\": \"water\", \"name\": \"Water\", \"length\": \"40 s\"}",
                "{\"id\": 2, \"buildUp\": \"Up\", \"method\": \"add-on\", \"time\": \"5 min\", \"hold\": \"march\","
                        + " \"combinations\": [{\"name\": \"A\", \"moves\": [{\"move\": \"biceps-curl\", \"lead\":"
                        + " \"both\"}]}]}")))
                .contains("moves[0].lead: found \"both\", expected one of: right, left.")
                .contains("moves[0].move: \"Biceps curl\" has no footwork");
    }

    @Test
    void aPlanOfTheSixthVersionOpensAtTodaysPaceAndSaysHowLongItWas() throws UnreadableFile, IOException {
        PlanDocument old = old("version-6.kehre.json");

        assertThat(old.plan().pace()).isEqualTo(Pace.USUAL);
        assertThat(Timeline.of(old.plan()).total()).isLessThan(old.lengthBefore().orElseThrow());
        assertThat(PlanDocument.read("saved", old.bytes(), library).lengthBefore()).isEmpty();
    }

    @Test
    void aPlanOfTheSeventhVersionOpensAsTheWholeClassItIs() throws UnreadableFile, IOException {
        PlanDocument old = old("version-7.kehre.json");

        assertThat(old.plan().brief().part()).isEqualTo(ClassPart.WHOLE);
        assertThat(old.lengthBefore()).isEmpty();
        assertThat(old.plan()).isEqualTo(DemoPlan.load("wednesday-morning-ease", library).plan());
    }

    @Test
    void aClassKeepsThePaceItWasPlannedWith() throws UnreadableFile {
        Pace own = Pace.USUAL.with(Quantity.FETCH, 33).with(Quantity.SPOKEN, 1.3)
                .with(Quantity.NEW, School.Teaching.SHOW_THEN_DO, 17);
        String written = new String(PlanDocument.of(read(PLAN).plan().with(own), library).bytes(),
                StandardCharsets.UTF_8);

        assertThat(read(written).plan().pace()).isEqualTo(own);
        assertThatThrownBy(() -> read(written.replace("\"fetch\" : 33", "\"fetch\" : 300")))
                .hasMessageContaining(
                        "pace.fetch: \"fetch from the wall\" must be from 0 to 120 s, not 300.");
    }

    @Test
    void aPlanOfTheFifthVersionStillOpensAndHasTheSameIdEachTime() throws UnreadableFile, IOException {
        PlanDocument old = old("version-5.kehre.json");

        assertThat(old.plan().identity()).isEqualTo(old("version-5.kehre.json").plan().identity());
        assertThat(PlanDocument.read("saved", old.bytes(), library).plan().identity())
                .isEqualTo(old.plan().identity());
        assertThat(old.plan().aside()).allSatisfy(each -> assertThat(each.holdsIn(old.plan())).isTrue());
    }

    @Test
    void whatWordsSaidBeforeVersion6IsTickedNow() throws UnreadableFile {
        String old = """
                {"format": "kehre-plan", "version": 5,
                 "brief": {"title": "Old", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30, "people": 12},
                 "segments": [{"id": 1, "name": "Aerobic", "role": "aerobic", "target": "5 min", "bpm": 128,
                   "entries": [{"id": 1, "exercise": "march", "dose": "8 eights", "layer": "Arms overhead, bigger"},
                               {"id": 2, "exercise": "march", "dose": "8 eights", "layer": "warm and narrow"}]}]}
                """;
        ClassPlan plan = PlanDocument.read("old", old.getBytes(StandardCharsets.UTF_8), library).plan();

        assertThat(plan.items().map(item -> item.delivery().style())).containsExactly(
                Set.of(Style.ARMS, Style.OVERHEAD, Style.RANGE), Set.of());
    }

    @Test
    void aStepThatWasSetAsideBeforeVersion6StaysSoUnderItsOwnKey() throws UnreadableFile {
        String old = """
                {"format": "kehre-plan", "version": 5,
                 "brief": {"title": "Old", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30, "people": 12},
                 "segments": [{"id": 1, "name": "Aerobic", "role": "aerobic", "target": "5 min", "bpm": 128,
                   "entries": []}],
                 "setAside": [{"check": "combination/1/FOOT/3", "segment": 1, "reason": "they like it"},
                              {"check": "pattern/TEMPO/9", "segment": 1, "reason": "as well"},
                              {"check": "pattern/legs", "segment": 1, "reason": "left next week"}]}
                """;
        ClassPlan plan = PlanDocument.read("old", old.getBytes(StandardCharsets.UTF_8), library).plan();

        assertThat(plan.aside()).extracting(SetAside::check).containsExactly("foot/1/3", "dance-tempo/9",
                "pattern/legs");
    }

    @Test
    void aNumberThatWasGivenIsNotGivenAgainAfterThePlanWasClosed() throws UnreadableFile {
        ClassPlan plan = DemoPlan.load(library).plan();
        EntryId last = plan.lines().map(Entry::id).max(Comparator.naturalOrder()).orElseThrow();
        PlanDocument without = PlanDocument.of(plan.remove(last), library);

        assertThat(PlanDocument.read("saved", without.bytes(), library).plan().nextEntryId())
                .isEqualTo(last.next());
    }

    private PlanDocument old(String name) throws UnreadableFile, IOException {
        try (InputStream in = Objects.requireNonNull(getClass().getResourceAsStream(name))) {
            return PlanDocument.read(name, in.readAllBytes(), library);
        }
    }

    @Test
    void circuitsHoldExercisesAndPausesOnlyAndTheirRoundsAreTheirOwn() {
        String circuit = "{\"id\": 2, \"circuit\": \"Legs\", \"rounds\": 2, \"rest\": \"30 s\", \"items\": [%s]}";
        String inner = circuit.replace("\"id\": 2", "\"id\": 3").formatted("");
        String pause = "{\"id\": 2, \"pause\": \"water\", \"name\": \"Water\", \"length\": \"40 s\"}";

        assertThat(refusal(PLAN.replace(pause, circuit.formatted(inner)))).isEqualTo(
                "morning.kehre.json was not opened. segments[0].entries[1].items[0].exercise: a circuit holds"
                        + " exercises and pauses only, not circuits, screens or build-ups.");
        assertThat(refusal(PLAN.replace(pause, circuit.formatted(pause.replace("\"id\": 2", "\"id\": 3")))))
                .endsWith("segments[0].entries[1].items: A circuit has one exercise at least.");
        assertThat(refusal(PLAN.replace(pause, circuit.formatted("")))).contains(
                "segments[0].entries[1].items: The lines of a circuit must be from 1 to 40, not 0.");
        assertThat(refusal(PLAN.replace(pause, circuit.formatted(
                "{\"id\": 3, \"exercise\": \"squat\", \"dose\": \"6 reps\", \"rounds\": {\"31\": {\"out\": true}}}"))))
                .contains(
                        "segments[0].entries[1].items[0].rounds: found \"31\", expected a round from 1 to 20.");
        assertThat(
                refusal(PLAN.replace(pause, circuit.replace("\"rounds\": 2", "\"rounds\": 0").formatted(""))))
                .contains("segments[0].entries[1].rounds: Rounds must be from 1 to 20, not 0.");
    }

    @Test
    void aPlanBringsExercisesThatTheColleagueDoesNotHave() throws UnreadableFile {
        byte[] sent = read(PLAN).bytes();
        ClassPlan plan = read(PLAN).plan();
        Library none = Library.of(List.of());
        Library allOwn = none.with(new OwnExercises(library.all(), Set.of()));

        byte[] carried = PlanDocument.of(plan, allOwn).bytes();

        assertThat(PlanDocument.read("sent", carried, none).plan()).as("with all that its exercises name")
                .isEqualTo(plan);
        assertThat(new String(sent, StandardCharsets.UTF_8)).doesNotContain("\"exercises\"");
    }

    @Test
    void fieldsThatThisKehreDoesNotKnowSurviveAnEdit() throws UnreadableFile {
        String text = PLAN.replace("\"people\": 8", "\"people\": 8, \"lights\": {\"lux\": 90}")
                .replace("\"dose\": \"12 reps\"", "\"dose\": \"12 reps\", \"colours\": [1, 2]")
                .replace("\"version\": 1,", "\"version\": 1, \"series\": 3,");
        PlanDocument document = read(text);

        String saved = new String(document.with(document.plan().remove(line(2))).bytes(),
                StandardCharsets.UTF_8);

        ObjectNode node = JsonTextOf.parse(saved);
        assertThat(node.at("/series").intValue()).isEqualTo(3);
        assertThat(node.at("/brief/lights/lux").intValue()).isEqualTo(90);
        assertThat(node.at("/segments/0/entries/0/colours/1").intValue()).isEqualTo(2);
        assertThat(saved).doesNotContain("water");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"people\": 8|\"people\": \"many\"|brief.people: found \"many\", expected a whole number from 1 to 200.",
            "\"people\": 8|\"people\": -8|brief.people: People must be from 1 to 200, not -8.",
            "\"slotMinutes\": 30,||brief.slotMinutes: found nothing, expected a whole number from 2 to 180.",
            "\"2026-11-24\"|\"24 Nov\"|brief.date: found \"24 Nov\", expected a day like 2026-11-24.",
            "\"12 reps\"|\"-12 reps\"|segments[0].entries[0].dose: \"-12 reps\" is not a dose: write it like"
                    + " 3 x 12 reps, hold 25 s each side, 45 s on, 15 s off, x5 or 5 eights.",
            "\"12 reps\"|12|segments[0].entries[0].dose: found 12, expected a text in quotes.",
            "\"squat\"|\"moonwalk\"|segments[0].entries[0].exercise: \"moonwalk\" is not in the library; expected"
                    + " the id of one of its exercises, such as \"squat\", or one that the plan brings under"
                    + " \"exercises\".",
            "\"role\": \"toning\"|\"role\": \"disco\"|segments[0].role: found \"disco\", expected one of: talk,"
                    + " warm-up, aerobic, toning, core, cool-down, stretch, pause.",
            "\"bpm\": 120|\"bpm\": 1000|segments[0].bpm: The tempo must be from 60 to 200 BPM, not 1000.",
            "\"id\": 2|\"id\": 1|segments[0].entries[1].id: 1 is used twice, expected a number of its own.",
            "\"40 s\"|\"3 h\"|segments[0].entries[1].length: \"3 h\" is not a length: write it like 40 s, 2 min"
                    + " or 1:30.",
            "\"version\": 1|\"version\": 9|version: found 9, but this Kehre reads plans up to version 8. Open it"
                    + " with a newer Kehre.",
            "\"version\": 1,||version: found nothing, expected a whole number from 1 to 8.",
            "kehre-plan|song-list|It is no class plan of Kehre's: format: found \"song-list\", expected"
                    + " \"kehre-plan\".",
            "{\"id\": 2, \"pause\"|{\"id\": 2, \"exercise\": \"squat\", \"pause\"|segments[0].entries[1].exercise:"
                    + " each entry needs exactly one of \"exercise\", \"pause\", \"circuit\", \"screen\" and \"buildUp\".",
            "\"12 reps\"|\"12 reps\", \"known\": \"yes\"|segments[0].entries[0].known: found \"yes\", expected true or"
                    + " false.",
            "\"12 reps\"|\"12 reps\", \"explain\": \"loudly\"|segments[0].entries[0].explain: found \"loudly\", expected"
                    + " one of: usual, stops, over, in-rest, none.",
            "\"12 reps\"|\"12 reps\", \"rounds\": {\"9 \": {}}|segments[0].entries[0].rounds: found \"9 \", expected a"
                    + " round from 1 to 20.",
            "\"12 reps\"|\"hold 3 h\"|segments[0].entries[0].dose: 3 has no unit: write 3 s or 3 min.",
            "\"12 reps\"|\"10000 reps\"|segments[0].entries[0].dose: Reps must be from 1 to 300, not 10000.",
            "\"people\": 8},|\"people\": 8}, \"chosen\": [{\"item\": 1, \"what\": \"squat\", \"why\": 7}],|chosen[0].why:"
                    + " found 7, expected a text in quotes.",
            "\"people\": 8},|\"people\": 8}, \"chosen\": [{\"what\": \"squat\", \"why\": \"promised\"}],|chosen[0].item:"
                    + " found nothing, expected a whole number from 1 to 1000000.",
            "\"segments\": [|\"segments\": 7, \"other\": [|segments: found 7, expected a list in [ ]."})
    void aFaultIsNamedWithItsPlaceWhatWasFoundAndWhatWasExpected(String old, String bad, String sentence) {
        assertThat(refusal(PLAN.replace(old, bad == null ? "" : bad)))
                .isEqualTo("morning.kehre.json was not opened. " + sentence);
    }

    @Test
    void whyALineWasProposedIsKeptAsLongAsItIsThatLine() throws UnreadableFile {
        ClassPlan plan = read(PLAN).plan();
        ClassPlan told = plan.because(plan.entry(line(1)), "front of the thigh promised")
                .because(plan.entry(line(2)), "water is due");

        ClassPlan again = read(new String(PlanDocument.of(told, library).bytes(), StandardCharsets.UTF_8))
                .plan();
        ClassPlan other = again.with(Item.of(line(1), library.find("push-up").orElseThrow())).remove(line(2));

        assertThat(again.why(again.entry(line(1)))).isEqualTo("front of the thigh promised");
        assertThat(again.why(again.entry(line(2)))).isEqualTo("water is due");
        assertThat(other.why(other.entry(line(1)))).isEmpty();
        assertThat(new String(PlanDocument.of(other, library).bytes(), StandardCharsets.UTF_8))
                .doesNotContain("water is due", "front of the thigh promised");
        assertThat(again.because(again.entry(line(1)), "").why(again.entry(line(1)))).isEmpty();
    }

    @Test
    void brokenJsonIsNamedWithLineAndColumn() {
        assertThat(refusal(PLAN.replace("\"bpm\": 120,", "\"bpm\": 120"))).startsWith(
                "morning.kehre.json was not opened. Line 7, column 81: this is not JSON: it breaks at the end of \"");
        assertThat(refusal("{"))
                .isEqualTo("morning.kehre.json was not opened. Line 1, column 2: this is not JSON:"
                        + " the text ends in the middle.");
        assertThat(refusal(""))
                .isEqualTo("morning.kehre.json was not opened. Line 1, column 1: there is nothing"
                        + " here, one JSON object in { } was expected.");
        assertThat(refusal("[1, 2]"))
                .isEqualTo("morning.kehre.json was not opened. Line 1, column 1: found [1,2],"
                        + " expected one JSON object in { }.");
        assertThat(refusal("{\"format\": \"kehre-plan\",\n \"version\": four}")).isEqualTo(
                "morning.kehre.json was not opened. Line 2, column 13: this is not JSON: it breaks at the end of \""
                        + "\"version\": f\".");
        assertThat(refusal(PLAN.replace("\"people\": 8", "\"people\": 8, \"people\": 9")))
                .contains("\"people\" stands here twice.");
    }

    @Test
    void allFaultsAreFoundInOnePass() {
        assertThat(refusal(PLAN.replace("120", "12").replace("12 reps", "12").replace("40 s", "40")
                .replace("\"people\": 8", "\"people\": 0"))).endsWith("And 1 more.");
    }

    @Test
    void anOlderDocumentIsBroughtUpStepByStep() throws UnreadableFile {
        Upgrades upgrades = new Upgrades(3, Map.of(1, (document, _) -> document.put("tempo", 120), 2,
                (document, _) -> document.put("bpm", document.remove("tempo").intValue())));

        ObjectNode newest = upgrades.apply("old", JsonTextOf.parse("{\"version\": 1}"), library);

        assertThat(newest.toString()).isEqualTo("{\"version\":3,\"bpm\":120}");
    }

    private static final class JsonTextOf {
        static ObjectNode parse(String text) throws UnreadableFile {
            return JsonText.parse("text", text.getBytes(StandardCharsets.UTF_8), 100).top();
        }
    }
}
