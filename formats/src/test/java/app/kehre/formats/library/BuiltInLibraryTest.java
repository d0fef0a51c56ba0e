package app.kehre.formats.library;

import java.util.Arrays;
import java.util.List;
import java.util.Locale;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Counts;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.formats.json.Fields;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;

/** What every entry of the library must hold, whoever writes it. */
class BuiltInLibraryTest {

    private final Library library = BuiltInLibrary.load();

    @Test
    void thereIsEnoughForAWholeClassOfEveryRole() {
        assertThat(library.all()).hasSizeGreaterThanOrEqualTo(40);
        for (Role role : List.of(Role.WARM_UP, Role.AEROBIC, Role.TONING, Role.CORE, Role.STRETCH)) {
            assertThat(library.all().stream().filter(each -> each.suits(role)))
                    .as(role.words()).hasSizeGreaterThanOrEqualTo(6);
        }
    }

    @Test
    void noTwoEntriesBearOneName() {
        assertThat(library.all()).extracting(each -> each.name().toLowerCase(Locale.ROOT))
                .doesNotHaveDuplicates();
    }

    @Test
    void everyEntryCanBeTaught() {
        for (Exercise each : library.all()) {
            assertThat(each.how()).as(each.id()).hasSize(2).allMatch(line -> line.endsWith("."));
            assertThat(each.breathing()).as(each.id()).endsWith(".");
            assertThat(each.easier().name()).as(each.id()).isNotEqualTo(each.harder().name());
            assertThat(each.main()).as(each.id()).noneMatch(each.helping()::contains);
            assertThat(each.helping()).as(each.id()).doesNotHaveDuplicates();
        }
    }

    @Test
    void whatIsDoneOnTheStepNeedsAStep() {
        assertThat(library.all().stream().filter(each -> each.position() == Position.ON_STEP))
                .allMatch(each -> each.equipment().contains(Equipment.STEP));
    }

    @Test
    void hopsAreAnOptionNeverTheBase() {
        assertThat(library.all()).noneMatch(each -> each.impact() == Impact.HIGH);
    }

    @Test
    void cardioMovesAreDosedInCountsAndStretchesAreHeld() {
        for (Exercise each : library.all()) {
            if (each.pattern() == Pattern.STEPPING || each.pattern() == Pattern.TRAVEL) {
                assertThat(each.usualDose()).as(each.id()).isInstanceOf(Counts.class);
            }
            if (each.pattern() == Pattern.STRETCH) {
                assertThat(each.usualDose()).as(each.id()).isInstanceOf(app.kehre.core.dose.Hold.class);
            }
        }
    }

    @Test
    void everyEntrySurvivesBeingWrittenAndRead() {
        for (Exercise each : library.all()) {
            assertThat(ExerciseJson.read(Fields.of(ExerciseJson.write(each)))).contains(each);
        }
    }

    @Test
    void anExerciseIsFoundByTheWordsPeopleType() {
        assertThat(library.search("plank", Role.CORE)).extracting(Exercise::name).contains("Forearm plank",
                "Side plank");
        assertThat(library.search("child's", Role.STRETCH)).extracting(Exercise::id)
                .containsExactly("childs-pose");
        assertThat(library.search("buttocks standing", Role.TONING)).isNotEmpty()
                .allMatch(each -> each.position() == Position.STANDING);
        assertThat(library.search("xylophone", Role.TONING)).isEmpty();
    }

    @Test
    void aFaultyFamilyIsRefusedWithAllItsFaults() {
        byte[] bytes = """
                {"format": "kehre-library", "version": 1, "family": "x", "exercises": [
                  {"id": "Bad Id", "name": "X", "roles": ["toning"], "main": ["wings"], "helping": [],
                   "pattern": "squat", "position": "standing", "equipment": ["anvil"], "impact": "none",
                   "dose": "12", "load": "none", "how": ["A.", "B."], "breathing": "Out.",
                   "easier": {"name": "a", "change": "b"}, "harder": {"name": "c"}, "cautions": {"tail": "no"}}]}
                """
                .getBytes(java.nio.charset.StandardCharsets.UTF_8);

        try {
            BuiltInLibrary.read("x.json", bytes);
            throw new AssertionError("read");
        } catch (UnreadableFile fault) {
            assertThat(fault.problems()).extracting(problem -> problem.substring(0, problem.indexOf(':')))
                    .containsExactly("exercises[0].main", "exercises[0].equipment", "exercises[0].dose",
                            "exercises[0].harder.change", "exercises[0].cautions");
        }
    }

    @Property(tries = 50)
    void anyExerciseOfAnyPlanSurvivesToo(@ForAll("plans") ClassPlan plan) {
        plan.entries().filter(app.kehre.core.plan.Item.class::isInstance)
                .map(app.kehre.core.plan.Item.class::cast).forEach(
                        item -> assertThat(ExerciseJson.read(Fields.of(ExerciseJson.write(item.exercise()))))
                                .contains(item.exercise()));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void theWordsOfTheTermsAreDistinct() {
        assertThat(Arrays.stream(Position.values()).map(Position::words)).doesNotHaveDuplicates();
    }
}
