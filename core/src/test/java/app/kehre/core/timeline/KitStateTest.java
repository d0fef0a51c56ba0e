package app.kehre.core.timeline;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** An order is tried without laying the class out: what that says of changing over must be what the class really takes. */
class KitStateTest {

    private static final Set<Phase> CHANGING_OVER = EnumSet.of(Phase.SET_UP, Phase.TRANSITION, Phase.EXPLAIN);
    private static final List<String> DOSES = List.of("8 reps", "2 x 10 reps, rest 10 s", "hold 20 s",
            "8 reps, each side", "12 reps, alternating");

    private record Line(Exercise exercise, String dose, boolean weights, boolean water) {}

    @Provide
    Arbitrary<List<Line>> lines() {
        return Combinators.combine(Arbitraries.of(Exercises.all()), Arbitraries.of(DOSES),
                Arbitraries.of(true, false), Arbitraries.of(true, false, false, false)).as(Line::new).list()
                .ofMinSize(1).ofMaxSize(9);
    }

    private static ClassPlan plan(List<Line> before, List<Line> lines) {
        Plans plans = add(Plans.of(60).segment("Toning 1", Role.TONING, 120), before);
        return add(plans.segment("Toning 2", Role.TONING, 120), lines).plan();
    }

    private static Plans add(Plans plans, List<Line> lines) {
        Plans more = plans;
        for (Line line : lines) {
            more = more.item(line.exercise, line.dose, line.weights ? "2 light weights" : "none");
            more = line.water ? more.pause(Pause.Kind.WATER) : more;
        }
        return more;
    }

    private static Duration laidOut(ClassPlan plan, Segment segment) {
        return Timeline.of(plan).spans().stream()
                .filter(span -> span.segment().equals(segment.id()) && CHANGING_OVER.contains(span.phase()))
                .map(span -> span.stretch().length()).reduce(Duration.ZERO, Duration::plus);
    }

    private static Duration walked(ClassPlan plan, Segment segment) {
        KitState state = KitState.before(plan, segment.id());
        for (Entry line : segment.entries()) {
            state = state.after(line, segment, kit -> isLeft(plan, segment, line, kit));
        }
        return state.spent();
    }

    private static boolean isLeft(ClassPlan plan, Segment segment, Entry line, Equipment kit) {
        List<Entry> all = plan.entries().toList();
        return segment.entries().contains(line)
                && all.subList(all.indexOf(line) + 1, all.size()).stream()
                        .anyMatch(later -> later.kit().contains(kit));
    }

    @Property(tries = 400)
    void walkingALineAfterTheOtherTakesWhatTheClassTakes(@ForAll("lines") List<Line> before,
            @ForAll("lines") List<Line> lines) {
        ClassPlan plan = plan(before, lines);
        Segment segment = plan.segments().getLast();

        assertThat(walked(plan, segment)).isEqualTo(laidOut(plan, segment));
    }

    @Property(tries = 100)
    void aStateStaysAsItIsWhenALineIsTriedAfterIt(@ForAll("lines") List<Line> lines) {
        ClassPlan plan = plan(lines, lines);
        Segment segment = plan.segments().getLast();
        KitState before = KitState.before(plan, segment.id());
        Entry first = segment.entries().getFirst();

        Duration once = before.after(first, segment, _ -> true).spent();

        assertThat(before.spent()).isEqualTo(Duration.ZERO);
        assertThat(before.after(first, segment, _ -> true).spent()).isEqualTo(once);
    }
}
