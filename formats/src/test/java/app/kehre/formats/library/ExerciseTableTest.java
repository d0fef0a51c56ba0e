package app.kehre.formats.library;

import java.nio.charset.StandardCharsets;
import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ExerciseTableTest {

    private static final String HEADER = "name,family,roles,pattern,muscles,impact,METs,position,facing,usual dose,set"
            + " up,do,easier,harder,colour\n";
    private static final String GOOD = "Platform squat,legs and hips,toning,squat,buttocks 1,none,\"5.0, Kehre's"
            + " estimate\",standing,front,12 reps,Stand tall.,Sit back.,half: half way,low: lower,green\n";

    private final Library library = BuiltInLibrary.load();

    private ExerciseTable.Outcome read(String text) {
        return ExerciseTable.read(text.getBytes(StandardCharsets.UTF_8), library);
    }

    @Test
    void theWholeLibraryComesBackFromItsTable() {
        ExerciseTable.Outcome outcome = ExerciseTable.read(
                ExerciseTable.write(library.all()).getBytes(StandardCharsets.UTF_8), Library.of(List.of()));

        assertThat(outcome.bad()).isEmpty();
        assertThat(outcome.good()).hasSameSizeAs(library.all());
        for (int i = 0; i < outcome.good().size(); i++) {
            Exercise original = library.all().get(i);
            assertThat(outcome.good().get(i).withId(original.id())).isEqualTo(original);
        }
    }

    @Test
    void everyBadLineIsNamedAndTheGoodOnesAreKept() {
        ExerciseTable.Outcome outcome = read(
                HEADER + GOOD + GOOD.replace("12 reps", "12").replace("none", "loud")
                        + "just two,columns\n" + GOOD.replace("Platform squat", ""));

        assertThat(outcome.good()).extracting(Exercise::id).containsExactly("platform-squat");
        assertThat(outcome.sentences()).containsExactly(
                "Line 3: impact: found \"loud\", expected one of: none, low, high. usual dose: 12 has no unit:"
                        + " write 12 reps, 12 counts or hold 12 s.",
                "Line 4: found 2 columns, expected 15 as in the header.",
                "Line 5: name: must not be empty: write it like \"Squat with a towel\".");
    }

    @Test
    void anOwnSquatDoesNotTakeTheIdOfTheShippedOne() {
        assertThat(read(
                HEADER + GOOD.replace("Platform squat", "Squat") + GOOD.replace("Platform squat", "Squat"))
                .good()).extracting(Exercise::id).containsExactly("squat-2", "squat-3");
    }

    @Test
    void aTableWithoutANameIsRefused() {
        assertThat(read("title,dose\nSquat,12 reps\n").sentences()).singleElement().asString()
                .startsWith("Line 1: found no column \"name\"; expected a header with some of: id, name, ");
        assertThat(read(HEADER + "\"open quote").sentences()).singleElement().asString()
                .startsWith("Line 2: ");
    }

    @Test
    void ownExercisesAndHiddenOnesSurviveBeingWrittenAndRead() throws UnreadableFile {
        OwnExercises own = OwnExercises.NONE.with(read(HEADER + GOOD).good().getFirst()).withHidden("jack",
                true);

        assertThat(OwnExercisesJson.read("exercises.json", OwnExercisesJson.write(own))).isEqualTo(own);
    }

    @Test
    void aFaultyFileOfOwnExercisesIsRefusedWhole() {
        assertThatThrownBy(() -> OwnExercisesJson.read("exercises.json",
                "{\"format\": \"kehre-exercises\", \"version\": 2, \"exercises\": [{}]}"
                        .getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableFile.class)
                .hasMessageStartingWith(
                        "exercises.json was not opened. version: this Kehre reads own exercises up"
                                + " to version 1. Open them with a newer Kehre. exercises[0].family: found nothing");
    }
}
