package app.kehre.formats.library;

import java.util.Comparator;
import java.util.List;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Likeness;

import static org.assertj.core.api.Assertions.assertThat;

/** What an instructor would think of first when an exercise cannot be done. */
class LikenessOfLibraryTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static Exercise exercise(String id) {
        return LIBRARY.find(id).orElseThrow(() -> new AssertionError("no exercise " + id));
    }

    private static List<Exercise> nearest(Exercise exercise, int number) {
        return LIBRARY.all().stream().filter(other -> !other.equals(exercise))
                .sorted(Comparator.comparingDouble((Exercise other) -> Likeness.of(exercise, other))
                        .reversed())
                .limit(number).toList();
    }

    @ParameterizedTest
    @CsvSource({"push-up, Kneeling push-up", "forearm-plank, High plank", "grapevine-turn, Grapevine",
            "bent-row, Row with a towel", "high-run, Power march", "sit-to-stand, Squat",
            "biceps-curl, Hammer curl", "jack, Step jack", "quiet-breathing, Seated breathing",
            "hamstring-stretch, Back of thigh stretch on a chair"})
    void theFirstThoughtIsAmongTheFourNearest(String id, String thought) {
        assertThat(nearest(exercise(id), 4)).extracting(Exercise::name).contains(thought);
    }

    @ParameterizedTest
    @CsvSource({"basic-step, 8", "v-step, 8", "knee-up, 8", "repeater-knee, 3"})
    void whoIsOnTheStepStaysOnIt(String id, int number) {
        assertThat(nearest(exercise(id), number)).allMatch(Exercise::onStep);
    }
}
