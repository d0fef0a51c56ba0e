package app.kehre.formats.library;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;

import static org.assertj.core.api.Assertions.assertThat;

/** The library is found as people type. */
class LibrarySearchTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static List<String> firstThree(String typed) {
        return LIBRARY.search(typed).stream().limit(3).map(Exercise::id).toList();
    }

    @ParameterizedTest
    @CsvFileSource(resources = "queries.tsv", delimiter = '\t', encoding = "UTF-8")
    void whatIsMeantStandsAmongTheFirstThree(String typed, String meant) {
        assertThat(firstThree(typed)).as(typed).containsAll(Arrays.asList(meant.split(",")));
    }

    static Stream<Exercise> entries() {
        return LIBRARY.all().stream();
    }

    @ParameterizedTest
    @MethodSource("entries")
    void everyIdNameAndOtherNameFindsItsExerciseFirst(Exercise each) {
        Stream.concat(Stream.of(each.id(), each.name(), each.id().replace('-', ' ')),
                each.otherNames().stream())
                .forEach(called -> assertThat(LIBRARY.search(called)).as(called).first().isEqualTo(each));
    }

    @Test
    void aSlipAtTheEndOfAWordMeansTheWord() {
        assertThat(LIBRARY.search("squatts")).startsWith(LIBRARY.find("squat").orElseThrow());
        assertThat(LIBRARY.search("bridg march")).isNotEmpty();
    }

    @Test
    void whatStandsBehindWithoutIsSpared() {
        assertThat(LIBRARY.search("belly without neck")).hasSizeGreaterThan(5)
                .allSatisfy(each -> {
                    assertThat(each.work().share(Muscle.NECK)).isZero();
                    assertThat(each.work().loads()).doesNotContain(Joint.NECK);
                    assertThat(each.cautionFor(Limit.NECK)).isEmpty();
                }).first().satisfies(each -> assertThat(each.work().share(Muscle.FRONT_TRUNK)).isOne());
        assertThat(LIBRARY.search("legs without weights")).isNotEmpty()
                .noneMatch(each -> each.equipment().contains(Equipment.WEIGHT));
        assertThat(LIBRARY.search("standing row without weights").getFirst().id())
                .as("what is called so").isEqualTo("upright-squeeze-row");
    }

    @Test
    void aWordMoreNarrowsAndNeverLeavesNothing() {
        List<Exercise> squats = LIBRARY.search("squat");

        assertThat(LIBRARY.search("squat chair")).isNotEmpty().hasSizeLessThan(squats.size());
        assertThat(squats).containsAll(LIBRARY.search("squat chair"));
        assertThat(LIBRARY.search("squat xylophone")).containsExactlyInAnyOrderElementsOf(squats);
        assertThat(LIBRARY.search("xylophone")).isEmpty();
    }
}
