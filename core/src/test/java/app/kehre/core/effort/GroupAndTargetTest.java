package app.kehre.core.effort;

import java.util.List;
import java.util.Optional;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.brief.Format;
import app.kehre.core.brief.Quality;
import app.kehre.core.exercise.Role;
import app.kehre.core.people.Group;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** For whom the effort is predicted, and where it shall lie: gentler for who is new, older or seated. */
class GroupAndTargetTest {

    private static ClassPlan plan(Role role) {
        return Plans.of(45).segment("Part", role, 126).item(Exercises.SQUAT, "30 reps").plan();
    }

    private static ClassPlan of(ClassPlan plan, Group group) {
        return plan.with(plan.brief().with(group));
    }

    private static Optional<Target> target(ClassPlan plan) {
        return Target.of(plan.segments().getFirst(), plan);
    }

    @Property(tries = 100)
    void theSameSeedIsTheSamePeopleOfTheAgesOfTheBrief(@ForAll long seed,
            @ForAll @IntRange(min = 14, max = 50) int youngest, @ForAll @IntRange(max = 40) int years) {
        Group group = Group.of(20).withAges(new Group.Ages(youngest, youngest + years));

        List<Participant> crowd = Crowd.of(group, seed);

        assertThat(crowd).hasSize(Crowd.SIZE).isEqualTo(Crowd.of(group, seed)).allSatisfy(each -> {
            assertThat(each.age()).isBetween(youngest, youngest + years);
            assertThat(each.most()).isGreaterThan(each.rest());
            assertThat(each.metMax()).isGreaterThanOrEqualTo(4);
        });
    }

    @Property(tries = 30)
    void whoIsOlderCanDoLessOnAverage(@ForAll long seed) {
        Group group = Group.of(20);

        assertThat(metMax(group.withAges(new Group.Ages(65, 80)), seed))
                .isLessThan(metMax(group.withAges(new Group.Ages(20, 40)), seed));
    }

    private static double metMax(Group group, long seed) {
        return Crowd.of(group, seed).stream().mapToDouble(Participant::metMax).average().orElseThrow();
    }

    @ParameterizedTest
    @EnumSource(Role.class)
    void everyPartInWhichSomebodyWorksHasATargetThatIsNeverUpsideDown(Role role) {
        Optional<Target> target = target(plan(role));

        assertThat(target.isEmpty()).isEqualTo(role == Role.TALK || role == Role.PAUSE);
        target.ifPresent(found -> {
            for (double part = 0; part <= 1; part += 0.1) {
                assertThat(found.low(part)).isBetween(0.0, found.high(part));
                assertThat(found.has((found.low(part) + found.high(part)) / 2, part)).isTrue();
                assertThat(found.has(found.high(part) + 0.01, part)).isFalse();
            }
        });
    }

    @Test
    void theAerobicPartIsGentlerForNewcomersForOlderPeopleOnChairsAndWhereRelaxingIsPromised() {
        ClassPlan usual = plan(Role.AEROBIC);
        Group group = usual.brief().group();
        double high = target(usual).orElseThrow().high(0.5);

        assertThat(target(of(usual, group.withMix(new Group.Mix(80, 20, 0)))).orElseThrow().high(0.5))
                .isLessThan(high);
        assertThat(target(of(usual, group.withAges(new Group.Ages(65, 80)))).orElseThrow().high(0.5))
                .isLessThan(high);
        assertThat(target(usual.with(usual.brief().with(Format.CHAIR))).orElseThrow().high(0.5))
                .isLessThan(high);
        assertThat(target(usual.with(usual.brief().with(usual.brief().goal().with(Quality.RELAXING, true))))
                .orElseThrow().high(0.5)).isLessThan(high);
        assertThat(target(of(usual, group.withMix(new Group.Mix(0, 20, 80)))).orElseThrow().high(0.5))
                .isGreaterThan(high);
    }

    @Property(tries = 50)
    void aWarmUpRisesAndACoolDownFalls(@ForAll @DoubleRange(max = 0.9) double part) {
        Target warmUp = target(plan(Role.WARM_UP)).orElseThrow();
        Target coolDown = target(plan(Role.COOL_DOWN)).orElseThrow();

        assertThat(warmUp.high(part + 0.1)).isGreaterThan(warmUp.high(part));
        assertThat(coolDown.high(part + 0.1)).isLessThan(coolDown.high(part));
    }
}
