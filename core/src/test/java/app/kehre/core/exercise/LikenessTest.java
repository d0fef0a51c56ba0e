package app.kehre.core.exercise;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import app.kehre.core.testing.Exercises;

import static org.assertj.core.api.Assertions.assertThat;

/** How near two exercises are to each other. */
class LikenessTest {

    private static final double MOST = 60;

    @Provide
    Arbitrary<Exercise> exercises() {
        return Arbitraries.of(Exercises.all());
    }

    @Property
    void whatWorksTheSameInTheSameSharesIsAlikeTheOtherWayRoundToo(@ForAll("exercises") Exercise one,
            @ForAll("exercises") Exercise other) {
        assertThat(Likeness.ofMuscles(one, other)).isEqualTo(Likeness.ofMuscles(other, one)).isBetween(0.0,
                MOST);
        assertThat(Likeness.ofMuscles(one, one)).isEqualTo(MOST);
    }

    /** What the library names as easier, harder or without kit is nearer by that. */
    private static final double NAMED = 15;

    @Property
    void nothingIsNearerThanAnExerciseToItself(@ForAll("exercises") Exercise one,
            @ForAll("exercises") Exercise other) {
        assertThat(Likeness.of(one, other)).isLessThanOrEqualTo(Likeness.of(one, one) + NAMED);
    }
}
