package app.kehre.core.kit;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.testing.Draws;

import static org.assertj.core.api.Assertions.assertThat;

class LoadNotationTest {

    @Property
    void readingWhatWasPrintedGivesTheSameLoad(@ForAll("loads") Load load) {
        assertThat(LoadNotation.parse(LoadNotation.print(load)).value()).contains(load);
    }

    @Provide
    Arbitrary<Load> loads() {
        return Draws.loads();
    }

    @ParameterizedTest
    @CsvSource({"2 light,2 light weights", "heavy,1 heavy weight", "Long Band,1 long band", "'',none",
            "2 weights,2 weights", "1 7.5 kg weight in the left hand,1 7.5 kg weight in the left hand",
            "8 kg,1 8 kg weight", "looped band at the thigh,1 looped band at the thigh",
            "step on 2 risers + 2 light,1 step on 2 risers + 2 light weights",
            "2 light weights at the shoulders,2 light weights at the shoulders"})
    void shortWaysToWriteItAreUnderstood(String written, String printed) {
        assertThat(LoadNotation.parse(written).map(LoadNotation::print).value()).contains(printed);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "2 anvils|\"2 anvils\" is not a load: write it like 2 light weights, 1 heavy weight, long band or none.",
            "0 weights|A load is 1 to 4 pieces a person, not 0.",
            "2 weights + 2 light weights|A load names each kind of kit once.",
            "mat on 2 risers|Only a step has risers.",
            "step on 9 risers|A step stands on 0 to 4 risers, not 9.",
            "60 kg weight|A weight is from 0.5 to 50 kg.",
            "9 light weights|A load is 1 to 4 pieces a person, not 9."})
    void whatNobodyCanCarryIsRefused(String written, String sentence) {
        assertThat(LoadNotation.parse(written).problem()).isEqualTo(sentence);
    }
}
