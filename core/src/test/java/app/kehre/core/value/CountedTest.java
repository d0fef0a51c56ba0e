package app.kehre.core.value;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import static org.assertj.core.api.Assertions.assertThat;

/** One thing is one thing. */
class CountedTest {

    @ParameterizedTest
    @CsvSource({"0, class, 0 classes", "1, class, 1 class", "2, class, 2 classes", "1, time, 1 time",
            "52, time, 52 times", "3, stretch, 3 stretches", "2, round, 2 rounds", "4, phrase, 4 phrases"})
    void aNumberGoesWithItsNoun(int number, String noun, String words) {
        assertThat(Counted.of(number, noun)).isEqualTo(words);
    }
}
