package app.kehre.core.card;

import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.CueWords;

import static org.assertj.core.api.Assertions.assertThat;

/** Cue words are few, are read as they are written, and turn into their mirror image and back. */
class CueNotationTest {

    @Provide
    Arbitrary<CueWords> cues() {
        Arbitrary<String> cue = Arbitraries.of("heels", "Left", "left", "right", "Right,", "knee", "back")
                .list().ofMaxSize((int) CueWords.WORDS.most()).map(words -> String.join(" ", words));
        return Combinators.combine(cue, cue, cue, cue).as(CueWords::new);
    }

    @Property
    void whatIsWrittenIsRead(@ForAll("cues") CueWords cues) {
        assertThat(CueNotation.parse(CueNotation.print(cues)).value()).contains(cues);
    }

    @Property
    void theMirrorImageOfTheMirrorImageIsTheSame(@ForAll("cues") CueWords cues) {
        assertThat(cues.mirrored().mirrored()).isEqualTo(cues);
        assertThat(List.of(cues.mirrored().act().split("left|Left", -1)))
                .hasSameSizeAs(List.of(cues.act().split("right|Right", -1)));
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "look: here | found \"look: here\", expected see:, do:, feel: or breathe:",
            "see | found \"see\", expected see:",
            "see: a; see: b | found \"see: b\", expected see:",
            "do: one two three four five six seven eight nine | has 9 words, expected at most 8."})
    void whatIsNoCueIsRefused(String text, String problem) {
        assertThat(CueNotation.parse(text).problem()).contains(problem.strip());
    }
}
