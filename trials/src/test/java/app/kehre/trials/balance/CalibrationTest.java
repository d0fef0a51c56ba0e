package app.kehre.trials.balance;

import java.util.EnumSet;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.effort.Effort;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Style;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** A typical demo class of each kind averages, rests included, within 15 % of its published row (figures.md). */
class CalibrationTest {

    private static final double ALLOWED = 0.15;

    static Stream<Arguments> rows() {
        Set<Role> moving = EnumSet.of(Role.WARM_UP, Role.AEROBIC, Role.PAUSE, Role.COOL_DOWN);
        return Stream.of(arguments("03020 low-impact", "wednesday-morning-ease", moving, 5.0),
                arguments("03016 step of 15 to 20 cm", "tuesday-evening-climb", EnumSet.of(Role.AEROBIC),
                        7.5),
                arguments("02035 circuit, moderate", "thursday-express-circuit", moving, 4.3),
                arguments("02054 resistance, 8 to 15 reps", "friday-strong-and-steady",
                        EnumSet.of(Role.TONING), 3.5),
                arguments("02024 calisthenics, light", "saturday-core-and-stretch", EnumSet.of(Role.CORE),
                        2.8),
                arguments("02101 stretching", "friday-strong-and-steady", EnumSet.of(Role.STRETCH), 2.3));
    }

    private static double mets(UnaryOperator<Delivery> taught) {
        ClassPlan plan = Hall.hall().aerobic("march 32 eights").plans(plans -> plans.delivery(taught)).plan();
        return Effort.of(Timeline.of(plan)).pieceAt(30).orElseThrow().demand().mets();
    }

    @Test
    void whatMakesAMoveHarderIsTickedAndNeverReadOutOfWords() {
        double plain = mets(delivery -> delivery);

        assertThat(mets(delivery -> delivery.withLayer("warm and steady, narrow feet, armyway, highway")))
                .isEqualTo(plain);
        assertThat(mets(delivery -> delivery.withStyle(Set.of(Style.ARMS)))).isCloseTo(1 + (plain - 1) * 1.1,
                within(1e-9));
        assertThat(mets(delivery -> delivery.withStyle(Set.of(Style.ARMS, Style.OVERHEAD))))
                .isCloseTo(1 + (plain - 1) * 1.2, within(1e-9));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource("rows")
    void itAveragesItsRow(String row, String demo, Set<Role> roles, double published) {
        Effort effort = Effort.of(Timeline.of(DemoPlan.load(demo, Hall.LIBRARY).plan()));

        assertThat(effort.averageMets(roles::contains)).as(row).isCloseTo(published,
                within(ALLOWED * published));
    }
}
