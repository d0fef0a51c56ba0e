package app.kehre.core.climb;

import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Passage;
import app.kehre.core.effort.Spread;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** What must hold of the climb of any class. */
class ClimbTest {

    private static final double WIDTH = 900;
    private static final double HEIGHT = 200;

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    private static Climb climb(ClassPlan plan) {
        Effort effort = Effort.of(Timeline.of(plan));
        return new Climb(effort, new Frame(WIDTH, HEIGHT, Climb.seconds(effort)));
    }

    @Property(tries = 80, seed = "20261129")
    void everyLineAndSegmentLiesInTheFieldAndRunsForward(@ForAll("plans") ClassPlan plan) {
        Climb climb = climb(plan);

        for (Line line : climb.effort().lines()) {
            Path path = climb.path(line);
            for (int i = 0; i < path.points(); i++) {
                assertThat(path.across()[i]).isBetween(i == 0 ? 0 : path.across()[i - 1], WIDTH);
                assertThat(path.down()[i]).isBetween(0.0, HEIGHT);
            }
        }
        double at = 0;
        for (Climb.Plot plot : climb.plots()) {
            assertThat(plot.left()).isCloseTo(at, within(0.01));
            for (double cut : plot.cuts()) {
                assertThat(cut).isBetween(plot.left(), plot.right());
            }
            at = plot.right();
        }
        assertThat(at).isBetween(0.0, WIDTH + 0.01);
    }

    @Property(tries = 80, seed = "20261129")
    void aPlaceAcrossReadsTheSecondThatIsDrawnThere(@ForAll("plans") ClassPlan plan) {
        Frame frame = climb(plan).frame();

        for (int second = 0; second <= frame.seconds(); second += 37) {
            assertThat(frame.second(frame.x(second))).isEqualTo(second);
        }
    }

    @Property(tries = 40, seed = "20261129")
    void eightOfTenLieBetweenTheEdgesOfTheSpread(@ForAll("plans") ClassPlan plan) {
        Spread spread = Spread.of(climb(plan).effort());

        for (int i = 0; i < spread.low().length; i++) {
            assertThat(spread.low()[i]).isLessThanOrEqualTo(spread.high()[i]);
        }
    }

    @Property(tries = 80, seed = "20261129")
    void whatAStretchAsksOnAverageLiesBetweenItsLeastAndItsMost(@ForAll("plans") ClassPlan plan) {
        Effort effort = climb(plan).effort();
        int last = Math.max(1, effort.main().seconds());
        Passage passage = Passage.between(effort, last * 2 / 3, last / 3);

        double least = 10;
        double most = 0;
        for (int second = passage.from(); second < passage.to(); second++) {
            least = Math.min(least, effort.main().effort(second));
            most = Math.max(most, effort.main().effort(second));
        }
        assertThat(passage.average(effort.main())).isBetween(least - 1e-9, most + 1e-9);
        assertThat(passage.bands().values().stream().mapToLong(each -> each.toSeconds()).sum())
                .isEqualTo(passage.to() - passage.from());
    }

    @Property(tries = 40, seed = "20261129")
    void noHeartRateIsClaimedInASetOfToning(@ForAll("plans") ClassPlan plan) {
        Effort effort = climb(plan).effort();
        List<Passage> unclaimed = effort.unclaimed();

        effort.pieces().stream().filter(piece -> !piece.demand().claimed() && piece.to() > piece.from())
                .forEach(piece -> assertThat(unclaimed)
                        .anyMatch(each -> each.from() <= piece.from() && each.to() >= piece.to()));
    }
}
