package app.kehre.formats.library;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.Stream;

import com.networknt.schema.InputFormat;
import com.networknt.schema.Schema;
import com.networknt.schema.SchemaRegistry;
import com.networknt.schema.SpecificationVersion;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Draws;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;

/** The library's files: their shape, and how they are read and written. */
class BuiltInLibraryTest {

    private static final String SCHEMA = new String(BuiltInLibrary.bytes("kehre-library-4.schema.json"),
            StandardCharsets.UTF_8);

    private final Library library = BuiltInLibrary.load();
    private final Schema schema = SchemaRegistry.withDefaultDialect(SpecificationVersion.DRAFT_2020_12)
            .getSchema(SCHEMA);

    @ParameterizedTest
    @EnumSource(Family.class)
    void everyFamilysFileIsOfTheSchema(Family family) {
        String text = new String(BuiltInLibrary.bytes(BuiltInLibrary.file(family)), StandardCharsets.UTF_8);

        assertThat(schema.validate(text, InputFormat.JSON)).isEmpty();
        assertThat(schema.validate(text.replaceFirst("\"impact\": \"\\w+\"", "\"impact\": \"loud\""),
                InputFormat.JSON)).isNotEmpty();
    }

    @Test
    void theSchemaInTheDocsIsTheOneThatShips() throws java.io.IOException {
        assertThat(Files.readString(Path.of("..", "docs", "kehre-library-4.schema.json"))).isEqualTo(SCHEMA);
    }

    /** At 120 BPM: a tempo in seconds that misses the beat by more than a fifth of a rep is none that the music carries. */
    @Test
    void everyUsualDoseIsWrittenInCountsThatTheMusicCarries() {
        List<Dose> doses = BuiltInLibrary.load().all().stream().map(Exercise::dosing)
                .flatMap(dosing -> Stream.of(dosing.usual(), dosing.least(), dosing.most())).toList();

        assertThat(doses).filteredOn(Reps.class::isInstance)
                .allSatisfy(dose -> assertThat(((Reps) dose).stages())
                        .noneMatch(stage -> stage instanceof Stage.Moves moves
                                && moves.tempo() instanceof Tempo.Seconds));
    }

    @Test
    void whatEverybodyKnowsIsNeverNewAndRepsTakeTheCountsOfTheirFeet() {
        Library library = BuiltInLibrary.load();

        assertThat(library.all()).filteredOn(Exercise::everyday).extracting(Exercise::id)
                .contains("march", "step-touch", "walk-it-down", "quiet-breathing").doesNotContain("squat");
        assertThat(library.find("grapevine").orElseThrow().rep().notation()).isEqualTo("4 counts");
        assertThat(library.find("calf-raise").orElseThrow().rep().notation()).isEqualTo("3 counts");
        assertThat(library.find("plank-walk-hands").orElseThrow().rep().notation()).isEqualTo("15 s");
    }

    @Test
    void everyEntrySurvivesBeingWrittenAndRead() {
        for (Exercise each : library.all()) {
            assertThat(ExerciseJson.read(Fields.of(ExerciseJson.write(each)))).contains(each);
        }
    }

    @Property(tries = 50)
    void anyExerciseOfAnyPlanSurvivesToo(@ForAll("plans") ClassPlan plan) {
        plan.items().map(Item::exercise).forEach(each -> assertThat(
                ExerciseJson.read(Fields.of(ExerciseJson.write(each)))).contains(each));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void aFaultyFamilyIsRefusedWithAllItsFaults() {
        byte[] bytes = """
                {"format": "kehre-library", "version": 2, "family": "push", "exercises": [
                  {"id": "Bad Id", "name": "X", "roles": ["toning"], "muscles": {"wings": 1, "chest": 2},
                   "pattern": "squat", "impact": "none", "mets": "5", "position": "standing", "facing": "up",
                   "equipment": ["anvil"], "dose": "12", "load": "none", "setUp": "A.", "how": ["B."],
                   "breathing": "Out.", "alignment": [], "easier": {"name": "a", "change": "b"},
                   "harder": {"name": "c"}, "cautions": {"tail": {"advice": "no"}}}]}
                """.getBytes(StandardCharsets.UTF_8);

        try {
            BuiltInLibrary.read("x.json", bytes);
            throw new AssertionError("read");
        } catch (UnreadableFile fault) {
            assertThat(fault.problems()).extracting(problem -> problem.substring(0, problem.indexOf(':')))
                    .containsExactly("exercises[0].facing", "exercises[0].equipment",
                            "exercises[0].muscles", "exercises[0].mets", "exercises[0].dose",
                            "exercises[0].harder.change",
                            "exercises[0].cautions");
        }
    }
}
