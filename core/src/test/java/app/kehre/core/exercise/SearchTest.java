package app.kehre.core.exercise;

import java.util.List;
import java.util.Set;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.kit.Equipment;
import app.kehre.core.testing.Exercises;

import static org.assertj.core.api.Assertions.assertThat;

class SearchTest {

    private static final Exercise LUNGE = Exercises.of("lunge", "Rear lunge", Position.STANDING, Set.of());
    private static final Exercise CURL = Exercises.of("curl", "Curl-up", Position.SUPINE,
            Set.of(Equipment.MAT));
    private final Library library = Library.of(List.of(Exercises.SQUAT, Exercises.ROW, Exercises.PLANK,
            Exercises.SIDE_PLANK, Exercises.BASIC, LUNGE, CURL));

    @ParameterizedTest
    @CsvSource({"squta, Squat", "sqat, Squat", "sqquat, Squat", "plamk, Forearm plank",
            "Forarm, Forearm plank",
            "longe, Rear lunge", "curl up, Curl-up", "CURL-UP, Curl-up", "forearn plnak, Forearm plank"})
    void slipsOfTheFingerAreForgiven(String typed, String found) {
        assertThat(library.search(typed)).extracting(Exercise::name).first().isEqualTo(found);
    }

    @Test
    void aRightWordIsNeverTakenForASlip() {
        assertThat(library.search("side")).containsExactly(Exercises.SIDE_PLANK);
        assertThat(library.search("xyz")).isEmpty();
        assertThat(library.search("squat xylophone")).isEmpty();
    }

    @Test
    void theExerciseOfJustThisNameComesFirstWhateverTheSegment() {
        assertThat(library.search("side plank", Role.STRETCH)).first().isEqualTo(Exercises.SIDE_PLANK);
    }

    @Test
    void wordsOfTheDescriptionFindItToo() {
        assertThat(library.search("tall")).hasSize(7);
        assertThat(library.search("mat supine")).containsExactly(CURL);
    }

    @Property(tries = 200)
    void everyExerciseIsFoundByAnyWordOfItsNameWithOneLetterLeftOut(@ForAll("names") String word,
            @ForAll @IntRange(min = 0, max = 6) int at) {
        String slipped = word.substring(0, at) + word.substring(at + 1);

        assertThat(Search.slips(slipped, word, 1)).isLessThanOrEqualTo(1);
        assertThat(Search.slips(word, word, 1)).isZero();
    }

    @Provide
    Arbitrary<String> names() {
        return Arbitraries.strings().alpha().ofMinLength(7).ofMaxLength(12);
    }

    @Test
    void hiddenOnesAreNotOfferedButPlansStillFindThem() {
        Library hiding = library.with(OwnExercises.NONE.withHidden("squat", true));

        assertThat(hiding.search("squat")).doesNotContain(Exercises.SQUAT);
        assertThat(hiding.all()).hasSize(6);
        assertThat(hiding.find("squat")).contains(Exercises.SQUAT);
        assertThat(hiding.hidden()).containsExactly(Exercises.SQUAT);
    }

    @Test
    void ownOnesAreFoundAndDoNotShip() {
        Exercise own = Exercises.SQUAT.withId(library.freeId("Squat")).withName("Platform squat");
        Library more = library.with(OwnExercises.NONE.with(own));

        assertThat(own.id()).isEqualTo("squat-2");
        assertThat(more.search("platform")).containsExactly(own);
        assertThat(more.ships(own)).isFalse();
        assertThat(more.ships(Exercises.SQUAT)).isTrue();
        assertThat(more.with(more.own().without(own.id())).search("platform")).isEmpty();
    }
}
