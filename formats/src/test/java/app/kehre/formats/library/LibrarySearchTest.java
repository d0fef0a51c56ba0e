package app.kehre.formats.library;

import java.util.Arrays;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvFileSource;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;

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
    void aWordMoreNarrowsAndNeverLeavesNothing() {
        List<Exercise> squats = LIBRARY.search("squat");

        assertThat(LIBRARY.search("squat chair")).isNotEmpty().hasSizeLessThan(squats.size());
        assertThat(squats).containsAll(LIBRARY.search("squat chair"));
        assertThat(LIBRARY.search("squat xylophone")).containsExactlyInAnyOrderElementsOf(squats);
        assertThat(LIBRARY.search("xylophone")).isEmpty();
    }
}
