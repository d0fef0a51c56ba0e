package app.kehre.core.regrouping;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.IntStream;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.Tuple;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.School;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Sides;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** The order of a part against trying every order with the real compiler. */
class RegroupingTest {

    private static final Bpm BPM = new Bpm(120);

    @Provide
    Arbitrary<ClassPlan> plans() {
        Arbitrary<Item> items = Combinators.combine(Arbitraries.of(Exercises.all()), Draws.loads(),
                Arbitraries.of(false, false, false, true)).as(
                        (exercise, load, locked) -> Item.of(line(1), exercise)
                                .withLoad(load)
                                .withDelivery(Delivery.USUAL.withLocked(locked)));
        Arbitrary<Entry> pauses = Arbitraries.just(
                new Pause(line(1), Pause.Kind.WATER, "Water", Duration.ofSeconds(30), false, false,
                        Optional.empty(),
                        ""));
        Arbitrary<List<Entry>> lines = Arbitraries.frequencyOf(Tuple.of(6, items.map(Entry.class::cast)),
                Tuple.of(1, pauses)).list().ofMinSize(2).ofMaxSize(6);
        return Combinators.combine(lines, items.list().ofMaxSize(1), Arbitraries.of(KitPlace.class),
                Arbitraries.of(School.Order.class))
                .as(RegroupingTest::plan);
    }

    private static ClassPlan plan(List<Entry> lines, List<Item> later, KitPlace place, School school) {
        Brief brief = Plans.one(Exercises.SQUAT, "10 reps").brief();
        for (Equipment kit : Equipment.values()) {
            brief = brief.with(brief.room().withPlace(kit, place));
        }
        List<Entry> numbered = new ArrayList<>();
        for (Entry each : lines) {
            numbered.add(each.withId(line(numbered.size() + 1)));
        }
        return new ClassPlan(brief.with(brief.schools().with(school)), List.of(
                new Segment(part(1), "Toning", Role.TONING, Duration.ofMinutes(10), BPM, numbered),
                new Segment(part(2), "Later", Role.STRETCH, Duration.ofMinutes(5), BPM,
                        later.stream().<Entry>map(item -> item.withId(line(90))).toList())));
    }

    private static Duration length(ClassPlan plan) {
        return Timeline.of(plan).total();
    }

    private static Duration best(ClassPlan plan) {
        Segment segment = plan.segment(part(1));
        Part part = Part.of(segment.entries());
        OrderRules rules = new OrderRules(segment.entries(), plan.brief().schools().order());
        int allowed = rules.faults(IntStream.range(0, segment.entries().size()).boxed().toList());
        return part.orders().stream().filter(order -> rules.faults(order) <= allowed)
                .map(order -> length(plan
                        .with(segment.withEntries(order.stream().map(segment.entries()::get).toList()))))
                .min(Comparator.naturalOrder()).orElseThrow();
    }

    @Property(tries = 300)
    void noAllowedOrderEndsSoonerByTheCompiler(@ForAll("plans") ClassPlan plan) {
        Optional<Regrouping> found = Regrouping.of(plan, part(1));

        Duration shortest = best(plan);
        assertThat(
                Lengths.seconds(found.map(Regrouping::plan).map(RegroupingTest::length).orElse(length(plan))))
                .isEqualTo(Lengths.seconds(shortest));
        found.ifPresent(regrouped -> {
            assertThat(Lengths.between(length(regrouped.plan()), length(plan))).isEqualTo(regrouped.saved());
            assertThat(regrouped.segment().entries())
                    .containsExactlyInAnyOrderElementsOf(plan.segment(part(1)).entries());
        });
    }

    @Provide
    Arbitrary<List<Item>> stations() {
        return Combinators.combine(Arbitraries.of(Exercises.all()), Arbitraries.of(10, 20, 40),
                Arbitraries.of(0, 5, 15), Arbitraries.of(false, false, true))
                .as((exercise, work, rest, locked) -> Item.of(line(1), exercise)
                        .withDose(new Interval(Duration.ofSeconds(work), Duration.ofSeconds(rest), 1, true,
                                Sides.TOGETHER))
                        .withDelivery(Delivery.USUAL.withLocked(locked)))
                .list().ofMinSize(2).ofMaxSize(5);
    }

    @Property(tries = 200)
    void stationsSaveOfTheirChangingOverWhatTheyCanAndKeepTheirWork(@ForAll("stations") List<Item> stations,
            @ForAll @IntRange(min = 1, max = 3) int rounds) {
        List<Item> numbered = new ArrayList<>();
        stations.forEach(each -> numbered.add(each.withId(line(numbered.size() + 2))));
        ClassPlan plan = plan(
                List.of(new Circuit(line(1), "Circuit", rounds, Duration.ofSeconds(20), 0,
                        List.copyOf(numbered), "")),
                List.of(), KitPlace.BY_THE_WALL, School.Order.IN_CIRCUIT);

        ClassPlan after = Regrouping.of(plan, part(1)).map(Regrouping::plan).orElse(plan);

        List<Item> now = ((Circuit) after.entry(line(1))).items();
        assertThat(now).containsExactlyInAnyOrderElementsOf(numbered);
        assertThat(now)
                .allMatch(item -> !item.delivery().locked() || now.indexOf(item) == numbered.indexOf(item));
        assertThat(cost(after)).isEqualTo(Part.of(List.copyOf(numbered)).orders().stream()
                .map(order -> cost(plan.with(((Circuit) plan.entry(line(1)))
                        .withItems(order.stream().map(numbered::get).toList()))))
                .min(Comparator.naturalOrder()).orElseThrow());
    }

    private static Duration cost(ClassPlan plan) {
        return StationOrder.cost(Timeline.of(plan));
    }

    @Test
    void twoStationsOnTheFloorStandTogetherSoThatTheGroupGoesDownOnce() {
        ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "30 s on, 5 s off")
                .item(Exercises.PLANK, "30 s on, 5 s off").item(Exercises.ROW, "30 s on, 5 s off")
                .item(Exercises.SIDE_PLANK, "30 s on, 5 s off").circuit(4, 2, 30).plan();

        Regrouping found = Regrouping.of(plan, part(1)).orElseThrow();

        assertThat(found.saved()).isPositive();
        assertThat(((Circuit) found.segment().entries().getFirst()).items()).extracting(Entry::name)
                .containsSubsequence("Forearm plank", "Side plank");
        assertThat(Regrouping.propose(plan).ways()).singleElement().satisfies(way -> {
            assertThat(way.words()).isEqualTo("Toning saves " + Lengths.clock(found.saved()));
            assertThat(Change.all(plan, way.changes())).isEqualTo(way.after());
        });
    }
}
