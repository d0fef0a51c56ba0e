package app.kehre.core.exercise;

import java.util.List;

import org.junit.jupiter.api.Test;

import app.kehre.core.people.Limit;
import app.kehre.core.testing.Exercises;
import app.kehre.core.value.Named;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class LibraryTest {

    private final Library library = Library.of(Exercises.all());

    @Test
    void anExerciseIsFoundByTheBeginningsOfItsWords() {
        assertThat(library.search("fore pl", Role.CORE)).containsExactly(Exercises.PLANK);
        assertThat(library.search("bent over", Role.CORE)).containsExactly(Exercises.ROW);
        assertThat(library.search("ank", Role.CORE)).isEmpty();
    }

    @Test
    void itIsFoundByMusclePositionAndKitToo() {
        assertThat(library.search("thigh", Role.CORE)).hasSize(5);
        assertThat(library.search("prone", Role.CORE)).containsExactly(Exercises.PLANK);
        assertThat(library.search("step", Role.CORE)).containsExactly(Exercises.BASIC);
    }

    @Test
    void aNameThatBeginsSoComesBeforeOneThatOnlyHasTheWord() {
        assertThat(library.search("s", Role.TONING)).extracting(Exercise::name).startsWith("Side plank",
                "Squat");
        assertThat(library.search("", Role.TONING)).hasSize(5);
    }

    @Test
    void twoExercisesMayNotHaveOneKey() {
        assertThatThrownBy(() -> Library.of(List.of(Exercises.SQUAT, Exercises.SQUAT)))
                .hasMessage("The library has \"squat\" twice.");
    }

    @Test
    void aTermIsFoundInAnyCaseAndAllAreNamedWhenItIsNot() {
        assertThat(Named.find(Role.class, " Warm-Up ")).contains(Role.WARM_UP);
        assertThat(Named.find(Role.class, "disco")).isEmpty();
        assertThat(Named.all(Impact.class)).isEqualTo("none, low, high");
    }

    @Test
    void anExerciseMustBeWhole() {
        assertThatThrownBy(() -> Exercises.of("Bad Id", "X", Position.STANDING, java.util.Set.of()))
                .hasMessage(
                        "An exercise's id must be lower-case words joined by hyphens, not \"Bad Id\".");
        assertThatThrownBy(() -> new Option("", "x"))
                .hasMessage("An option must have a name and say what changes.");
        assertThatThrownBy(() -> new Caution(Limit.KNEE, " ", ""))
                .hasMessage("A caution must say what to do.");
    }
}
