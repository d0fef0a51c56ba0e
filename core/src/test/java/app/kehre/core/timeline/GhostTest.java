package app.kehre.core.timeline;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** What is not filled yet, and where the time of a class goes. */
class GhostTest {

    @Test
    void anEmptyClassShowsItsWholeShapeFromTheFirstSecond() {
        List<Ghost> ghosts = Ghost.of(Timeline.of(Plans.of(45).segment("Warm-up", Role.WARM_UP, 120).target(8)
                .segment("Toning", Role.TONING, 120).target(20).segment("Talk", Role.TALK, 100)
                .segment("Stretch", Role.STRETCH, 90).target(7).plan()));

        assertThat(ghosts).extracting(Ghost::words).containsExactly("Warm-up 8:00", "Toning 20:00",
                "Stretch 7:00");
        assertThat(ghosts.getFirst().stretch().start()).isZero();
        assertThat(ghosts.getLast().stretch().end()).isEqualTo(Duration.ofMinutes(35));
    }

    @Test
    void ofAPartThatHasLinesOnlyWhatIsWellShortIsMissed() {
        Plans begun = Plans.of(45).segment("Core", Role.CORE, 110).target(5).item(Exercises.PLANK,
                "hold 60 s");
        Plans nearly = Plans.of(45).segment("Core", Role.CORE, 110).target(1).item(Exercises.PLANK,
                "hold 45 s");

        assertThat(Ghost.of(Timeline.of(begun.bare()))).extracting(Ghost::words)
                .containsExactly("Core, 4:00 missing");
        assertThat(Ghost.of(Timeline.of(nearly.bare()))).isEmpty();
    }

    @Test
    void whatIsWellOverItsTargetIsMarkedFromWhereItIsOver() {
        Timeline over = Timeline.of(Plans.of(45).segment("Core", Role.CORE, 110).target(1)
                .item(Exercises.PLANK, "3 x hold 60 s, rest 0 s").bare());

        assertThat(Ghost.over(over)).singleElement().satisfies(stretch -> {
            assertThat(stretch.start()).isEqualTo(Duration.ofMinutes(1));
            assertThat(stretch.end()).isEqualTo(over.total());
        });
    }

    @Property
    void ghostsLieBehindTheClassOneAfterTheOther(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        Duration at = timeline.total();
        for (Ghost ghost : Ghost.of(timeline)) {
            assertThat(ghost.stretch().start()).isEqualTo(at);
            assertThat(ghost.stretch().length()).isPositive();
            at = ghost.stretch().end();
        }
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    /** Twelve people who go down to the floor and come up again, twice: that is what a slow way down makes longer. */
    @Test
    void whatAQuantityOfThePaceMakesIsWhatTheClassLosesWithoutIt() {
        ClassPlan plan = Plans.of(30).segment("Core", Role.CORE, 110).item(Exercises.PLANK, "hold 30 s")
                .item(Exercises.SQUAT, "10 reps").item(Exercises.PLANK, "hold 30 s").plan();
        PaceShare floor = share(plan, Quantity.FLOOR);

        assertThat(floor.usual()).isTrue();
        assertThat(floor.makes()).isEqualTo(Timeline.of(plan).total()
                .minus(Timeline.of(plan.with(plan.pace().with(Quantity.FLOOR, 0))).total()));
        assertThat(share(plan.with(plan.pace().with(Quantity.FLOOR, 16)), Quantity.FLOOR).makes())
                .isEqualTo(floor.makes().multipliedBy(2));
        assertThat(PaceShare.greatest(plan, 2)).hasSize(2)
                .allMatch(each -> each.quantity().isWait() && each.makes().isPositive());
    }

    private static PaceShare share(ClassPlan plan, Quantity quantity) {
        return PaceShare.of(plan).stream().filter(each -> each.quantity() == quantity).findFirst()
                .orElseThrow();
    }

    @Property(tries = 20)
    void nothingMakesMoreOfAClassThanThereIs(@ForAll("plans") ClassPlan plan) {
        Duration whole = Timeline.of(plan).total();

        PaceShare.of(plan).stream().filter(each -> each.quantity().isWait())
                .forEach(each -> assertThat(each.makes())
                        .as(each.quantity().words()).isBetween(Duration.ZERO, whole.plusMillis(1)));
    }

    @Test
    void aLineSaysWhatItCostsAndWhy() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "10 reps")
                .item(Exercises.SQUAT, "10 reps").plan();
        ClassPlan shown = plan.with(plan.brief().with(Schools.USUAL.with(School.Teaching.SHOW_THEN_DO)));
        Timeline timeline = Timeline.of(shown.with(Pace.USUAL));
        List<Item> squats = shown.items().toList();

        assertThat(LineCost.of(timeline, squats.get(0))).startsWith("0:45: ")
                .contains("work 0:20", "explaining 0:25")
                .endsWith("(show, then do; new)");
        assertThat(LineCost.of(timeline, squats.get(1))).startsWith("0:28: ")
                .endsWith("(show, then do; known)");
    }

    @Test
    void whatTheLineItselfSaysIsTheReason() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120).item(Exercises.SQUAT, "10 reps")
                .delivery(each -> each.withExplaining(Explaining.NONE)).item(Exercises.ROW, "10 reps")
                .delivery(each -> each.withExplaining(
                        new Explaining(Explaining.Mode.STOPS, Optional.of(Duration.ofSeconds(40)))))
                .plan();
        Timeline timeline = Timeline.of(plan);
        List<Item> items = plan.items().toList();

        assertThat(LineCost.of(timeline, items.get(0))).endsWith("(not explained)");
        assertThat(LineCost.of(timeline, items.get(1))).contains("explaining 0:40")
                .endsWith("(explained as this line says)");
    }
}
