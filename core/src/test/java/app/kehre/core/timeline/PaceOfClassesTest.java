package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What must be true of time in any class. */
class PaceOfClassesTest {

    @Property(tries = 300)
    void aClassIsNeverLongerWhereTheGroupCopiesThanWhereItIsShownNorThereThanWhereItIsTalkedThrough(
            @ForAll("plans") ClassPlan plan) {
        List<Duration> lengths = new ArrayList<>();
        for (School.Teaching style : School.Teaching.values()) {
            lengths.add(Timeline.of(plan.with(Pace.USUAL)
                    .with(plan.brief().with(Schools.USUAL.with(style)))).total());
        }

        assertThat(lengths).isSorted();
    }

    @Property(tries = 300)
    void moreRestIsNeverAShorterClass(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(min = 0, max = 60) int more) {
        ClassPlan rested = plan;
        for (Entry entry : plan.entries().toList()) {
            if (entry instanceof Circuit circuit
                    && circuit.rest().toSeconds() + more <= Circuit.REST.most()) {
                rested = rested.with(circuit.withRounds(circuit.rounds(), circuit.rest().plusSeconds(more),
                        circuit.soloFrom()));
            } else if (entry instanceof Pause pause
                    && pause.length().toSeconds() + more <= Pause.LENGTH.most()) {
                rested = rested.with(pause.withLength(pause.length().plusSeconds(more)));
            } else if (entry instanceof Item item && item.dose() instanceof Interval interval
                    && interval.rest().toSeconds() + more <= 600) {
                rested = rested
                        .with(item.withDose(new Interval(interval.work(), interval.rest().plusSeconds(more),
                                interval.rounds(), interval.lastRest() || interval.rest().isZero(),
                                interval.sides())));
            }
        }

        assertThat(Timeline.of(rested).total()).isGreaterThanOrEqualTo(Timeline.of(plan).total());
    }

    /** Circuits and rows of work by the clock, whatever is explained and changed over to in them. */
    @Property(tries = 300)
    void aBlockByTheClockIsAsLongAsItsWorkItsRestAndItsShowing(@ForAll("stations") List<Item> stations,
            @ForAll @IntRange(min = 0, max = 3) int rounds, @ForAll School.Teaching style) {
        Plans plans = Plans.of(60).brief(brief -> brief.with(Schools.USUAL.with(style)))
                .segment("Toning", Role.TONING, 120);
        stations.forEach(plans::entry);
        ClassPlan plan = (rounds > 0 ? plans.circuit(stations.size(), rounds, 15) : plans).plan();
        Timeline timeline = Timeline.of(plan);
        Duration clock = timeline.spans().stream().filter(span -> span.phase() == Phase.EXPLAIN
                || span.phase() == Phase.SET_UP || span.phase() == Phase.TRANSITION)
                .filter(span -> span.start().compareTo(firstWork(timeline)) < 0)
                .map(span -> span.stretch().length()).reduce(Duration.ZERO, Duration::plus);
        for (int round = 1; round <= Math.max(1, rounds); round++) {
            for (Item item : stations) {
                clock = clock
                        .plus(DoseLength.of(item.dose(), item.exercise(), plan.segments().getFirst(), plan));
            }
        }

        assertThat(timeline.total()).isEqualTo(clock.plusSeconds(15L * Math.max(0, rounds - 1)));
    }

    private static Duration firstWork(Timeline timeline) {
        return timeline.spans().stream().filter(span -> span.phase() == Phase.WORK).map(Span::start)
                .findFirst()
                .orElse(Duration.ZERO);
    }

    @Property(tries = 200)
    void theSameActTakesTheSameTimeHoweverItIsWritten(@ForAll("acts") Item act,
            @ForAll School.Teaching style) {
        Plans each = in(style).entry(sided(act, Sides.EACH_SIDE));
        Plans lines = in(style).entry(sided(act, Sides.RIGHT_SIDE)).entry(sided(act, Sides.LEFT_SIDE));
        Plans rounds = in(style).entry(sided(act, Sides.SIDE_A_ROUND)).circuit(1, 2, 0);
        Duration first = Timeline.of(each.plan()).total();

        assertThat(Timeline.of(lines.plan()).total()).isBetween(first.minusSeconds(1), first.plusSeconds(1));
        assertThat(Timeline.of(rounds.plan()).total()).isBetween(first.minusSeconds(1), first.plusSeconds(1));
    }

    private static Plans in(School.Teaching style) {
        return Plans.of(60).brief(brief -> brief.with(Schools.USUAL.with(style))).segment("Toning",
                Role.TONING,
                120);
    }

    private static Item sided(Item act, Sides sides) {
        return act.withDose(act.dose().withSides(sides));
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Provide
    Arbitrary<Item> acts() {
        return Combinators.combine(Arbitraries.of(Exercises.all()), Draws.doses()
                .filter(dose -> dose.goesWith(Sides.EACH_SIDE))
                .filter(dose -> !(dose instanceof Interval interval) || interval.lastRest()), Draws.loads())
                .as((exercise, dose, load) -> Item.of(line(1), exercise).withDose(dose).withLoad(load))
                .filter(act -> Draws.isAClass(
                        in(School.Teaching.TALK_IT_THROUGH).entry(sided(act, Sides.EACH_SIDE)).plan()));
    }

    @Provide
    Arbitrary<List<Item>> stations() {
        Arbitrary<Exercise> exercises = Arbitraries.of(Exercises.all());
        Arbitrary<Delivery> deliveries = Combinators
                .combine(Arbitraries.of(Explaining.Mode.class), Arbitraries.integers().between(0, 90))
                .as((mode, length) -> Delivery.USUAL.withExplaining(new Explaining(mode,
                        length % 2 == 0 ? Optional.empty() : Optional.of(Duration.ofSeconds(length)))));
        return Combinators
                .combine(exercises, Arbitraries.of(10, 20, 40), Arbitraries.of(0, 1, 10, 20), deliveries,
                        Draws.loads(), Arbitraries.of(Sides.TOGETHER, Sides.EACH_SIDE))
                .as((exercise, work, rest, delivery, load, sides) -> Item.of(line(1), exercise)
                        .withDose(new Interval(Duration.ofSeconds(work), Duration.ofSeconds(rest), 1, true,
                                sides))
                        .withDelivery(delivery).withLoad(load))
                .list().ofMinSize(1).ofMaxSize(4);
    }
}
