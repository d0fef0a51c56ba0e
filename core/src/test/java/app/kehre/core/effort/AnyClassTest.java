package app.kehre.core.effort;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What must hold of the effort of any class. */
class AnyClassTest {

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Property(tries = 150, seed = "20261127")
    void thePiecesTileTheClassAndEverySecondHasAnEffortOfItsOwn(@ForAll("plans") ClassPlan plan) {
        Effort effort = Effort.of(Timeline.of(plan));

        int at = 0;
        for (Piece piece : effort.pieces()) {
            assertThat(piece.from()).isEqualTo(at);
            at = piece.to();
        }
        assertThat(effort.lines()).hasSize(3).contains(effort.main());
        assertThat(effort.main().seconds()).isEqualTo((int) Lengths.seconds(effort.timeline().total()));
        for (int second = 0; second < effort.main().seconds(); second++) {
            assertThat(effort.main().share(second)).isBetween(0.0, 1.5);
        }
    }

    @Property(tries = 150, seed = "20261127")
    void theShareInsideIsClaimedOnlyWhereThereIsATarget(@ForAll("plans") ClassPlan plan) {
        Effort effort = Effort.of(Timeline.of(plan));

        for (int second = 0; second < effort.inside().length; second++) {
            float share = effort.inside()[second];
            assertThat(share == -1 || share >= 0 && share <= 1).isTrue();
        }
        assertThat(effort.insideAerobic().orElse(0.0)).isBetween(0.0, 1.0);
    }

    @Property(tries = 100, seed = "20261127")
    void theMinutesInTheBandsAddUpToTheClass(@ForAll("plans") ClassPlan plan) {
        Effort effort = Effort.of(Timeline.of(plan));

        for (Line line : effort.lines()) {
            double minutes = effort.minutes(line).values().stream().mapToDouble(Double::doubleValue).sum();
            assertThat(minutes).isCloseTo(line.seconds() / 60.0, within(0.01));
        }
    }
}
