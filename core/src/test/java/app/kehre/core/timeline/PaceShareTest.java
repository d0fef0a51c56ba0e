package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** Where the minutes go that are no exercise: each quantity of the pace with what it makes of this class. */
class PaceShareTest {

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    private static Duration makes(ClassPlan plan, Quantity quantity) {
        return PaceShare.of(plan).stream().filter(share -> share.quantity() == quantity)
                .map(PaceShare::makes).reduce(Duration.ZERO, Duration::plus);
    }

    @Test
    void goingDownToTheFloorIsCountedWhereSomebodyGoesDown() {
        ClassPlan standing = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .item(Exercises.ROW, "12 reps").plan();
        ClassPlan down = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .item(Exercises.PLANK, "hold 20 s").item(Exercises.SQUAT, "12 reps").plan();

        assertThat(makes(standing, Quantity.FLOOR)).isZero();
        assertThat(makes(down, Quantity.FLOOR)).isGreaterThan(Duration.ofSeconds(10));
    }

    @Test
    void twiceAsLongToTheFloorMakesTwiceAsMuch() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .item(Exercises.PLANK, "hold 20 s").item(Exercises.SQUAT, "12 reps").plan();
        double usual = plan.pace().of(Quantity.FLOOR);
        ClassPlan slow = plan.with(plan.pace().with(Quantity.FLOOR, 2 * usual));

        assertThat(makes(slow, Quantity.FLOOR).toMillis())
                .isEqualTo(2 * makes(plan, Quantity.FLOOR).toMillis());
        assertThat(PaceShare.of(slow)).filteredOn(share -> share.quantity() == Quantity.FLOOR)
                .extracting(PaceShare::usual).containsOnly(false);
    }

    @Test
    void aStyleIsListedWhereTheClassOrAPartIsTaughtInIt() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "12 reps")
                .plan();
        ClassPlan shown = plan
                .with(plan.brief().with(plan.brief().schools().with(School.Teaching.SHOW_THEN_DO)));

        assertThat(PaceShare.of(plan)).extracting(PaceShare::style).containsOnly(plan.brief().teaching());
        assertThat(PaceShare.of(shown)).extracting(PaceShare::style)
                .containsOnly(School.Teaching.SHOW_THEN_DO);
        assertThat(PaceShare.of(shown)).extracting(PaceShare::quantity).doesNotHaveDuplicates();
    }

    @Property(tries = 100)
    void theGreatestWaitsComeFirstAndNoneIsLongerThanTheClass(@ForAll("plans") ClassPlan plan) {
        List<PaceShare> greatest = PaceShare.greatest(plan, 4);
        Duration total = Timeline.of(plan).total();

        assertThat(greatest).hasSizeLessThanOrEqualTo(4)
                .isSortedAccordingTo((one, other) -> other.makes().compareTo(one.makes()))
                .allSatisfy(share -> {
                    assertThat(share.makes()).isPositive().isLessThanOrEqualTo(total);
                    assertThat(share.quantity().isWait()).isTrue();
                });
    }

    @Property(tries = 50)
    void atTheUsualPaceEverythingIsUsual(@ForAll("plans") ClassPlan plan) {
        Pace usual = Pace.usual(plan.brief().group().older());

        assertThat(PaceShare.of(plan.with(usual))).allMatch(PaceShare::usual);
    }
}
