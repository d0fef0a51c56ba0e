package app.kehre.core.nexttime;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import static org.assertj.core.api.Assertions.assertThat;

/** What instructors write on a line after a class, and what it asks for. */
class NoteWordTest {

    @ParameterizedTest
    @CsvSource({"Heavier next time, HEAVIER", "too light for the regulars, HEAVIER", "lighter, LIGHTER",
            "too heavy by the third set, LIGHTER", "too hard, EASIER", "Too easy!, HARDER",
            "harder for the back row, HARDER",
            "leave out, OUT", "leave this out in summer, OUT", "was left out, OUT", "drop, OUT",
            "drop it, OUT",
            "too soon, LONGER", "show it longer, LONGER", "shown twice, LONGER"})
    void theWordsOfInstructorsAreUnderstood(String note, NoteWord word) {
        assertThat(NoteWord.of(note)).contains(word);
    }

    @ParameterizedTest
    @ValueSource(strings = {"", "knees", "not too heavy", "no heavier", "it wasn't too hard",
            "never harder than this",
            "drop the heels", "shoulders drop, ribs in", "the loveliest part", "harderwood floor",
            "don\u2019t leave out"})
    void whatAsksForNothingOrForTheContraryIsKeptAsItIs(String note) {
        assertThat(NoteWord.of(note)).isEmpty();
    }
}
