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
        assertThat(library.search("squat xylophone")).isEqualTo(library.search("squat"));
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

        assertThat(new Slips(slipped, 1).in(word)).isLessThanOrEqualTo(1);
        assertThat(new Slips(word, 1).in(word)).isZero();
    }

    @Property(tries = 300)
    void slipsAreCountedAsByTheWholeTable(@ForAll("short") String typed, @ForAll("short") String known) {
        int most = 2;
        int wanted = Math.min(most + 1, byTheWholeTable(typed, known.substring(0,
                Math.min(known.length(), typed.length() + most))));

        assertThat(Math.min(most + 1, new Slips(typed, most).in(known))).isEqualTo(wanted);
    }

    private static int byTheWholeTable(String typed, String known) {
        int[][] table = new int[typed.length() + 1][known.length() + 1];
        for (int i = 0; i <= typed.length(); i++) {
            for (int k = 0; k <= known.length(); k++) {
                table[i][k] = i == 0 || k == 0
                        ? i + k
                        : Math.min(table[i - 1][k - 1] + (typed.charAt(i - 1) == known.charAt(k - 1) ? 0 : 1),
                                1 + Math.min(table[i - 1][k], table[i][k - 1]));
                if (i > 1 && k > 1 && typed.charAt(i - 1) == known.charAt(k - 2)
                        && typed.charAt(i - 2) == known.charAt(k - 1)) {
                    table[i][k] = Math.min(table[i][k], table[i - 2][k - 2] + 1);
                }
            }
        }
        return java.util.Arrays.stream(table[typed.length()]).min().orElseThrow();
    }

    @Provide("short")
    Arbitrary<String> shortWords() {
        return Arbitraries.strings().withChars('a', 'b', 'c').ofMinLength(1).ofMaxLength(6);
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
