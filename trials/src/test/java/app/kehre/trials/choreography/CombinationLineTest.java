package app.kehre.trials.choreography;

import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.CombinationLine;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Side;
import app.kehre.formats.library.BuiltInLibrary;

import static org.assertj.core.api.Assertions.assertThat;

/** A combination in one line, as an instructor says it. */
class CombinationLineTest {

    private static final List<Exercise> MOVES = BuiltInLibrary.load().all().stream()
            .filter(each -> each.footwork().isPresent()).toList();

    private static Combination written(String line) {
        return CombinationLine.add(line, Combination.of("A"), MOVES).value().orElseThrow();
    }

    @Test
    void movesAreWrittenAsTheyAreSaidAndEachTakesTheFootThatIsFree() {
        Combination step = written("basic 2, knee 2, v-step 2, repeater");

        assertThat(step.moves()).extracting(danced -> danced.move().id()).containsExactly("basic-step",
                "knee-up",
                "v-step", "repeater-knee");
        assertThat(step.moves()).extracting(DancedMove::times).containsExactly(2, 2, 2, 1);
        assertThat(step.counts()).isEqualTo(32);
        assertThat(Dance.of(step).works()).isTrue();
    }

    @Test
    void onTheFloorTheNamesMeanMovesOfTheFloor() {
        Combination floor = written("grapevine, 2 x step touch left, knee lift x2");

        assertThat(floor.moves()).extracting(danced -> danced.move().id()).containsExactly("grapevine",
                "step-touch", "knee-lift-floor");
        assertThat(floor.moves().get(1).lead()).isEqualTo(Side.LEFT);
        assertThat(floor.moves().get(1).times()).isEqualTo(2);
    }

    @ParameterizedTest
    @ValueSource(strings = {"basic 2, wobble", "basic 99", "basic 0"})
    void whatIsNoMoveIsRefusedWhole(String line) {
        assertThat(CombinationLine.add(line, Combination.of("A"), MOVES).problem()).isNotEmpty();
    }
}
