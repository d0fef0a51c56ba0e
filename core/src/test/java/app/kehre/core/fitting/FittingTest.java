package app.kehre.core.fitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Fit against trying every combination of doses and drops with the real compiler. */
class FittingTest {

    private static final long TICK = 100_000_000L;
    private static final int ITEMS = 8;
    private static final int WIDEST = 150;

    @Provide
    Arbitrary<ClassPlan> plans() {
        Arbitrary<Load> loads = Arbitraries.of(Load.NONE, Load.NONE,
                LoadNotation.parse("2 light weights").value().orElseThrow(),
                LoadNotation.parse("1 heavy weight").value().orElseThrow());
        return Combinators.combine(Arbitraries.of(Exercises.all()), loads,
                Arbitraries.of("10 reps", "11 reps", "13 reps", "14 reps")).as(
                        (exercise, load, dose) -> Item
                                .of(line(1), exercise).withLoad(load)
                                .withDose(DoseNotation.parse(dose).value().orElseThrow()))
                .list().ofSize(ITEMS).map(FittingTest::plan);
    }

    private static ClassPlan plan(List<Item> items) {
        Brief brief = Plans.one(Exercises.SQUAT, "10 reps").brief();
        brief = brief.with(brief.room().withPlace(Equipment.WEIGHT, KitPlace.BY_THE_WALL));
        List<Entry> lines = new ArrayList<>();
        for (Item item : items) {
            lines.add(item.withId(line(lines.size() + 1)));
        }
        return new ClassPlan(brief,
                List.of(new Segment(part(1), "Toning", Role.TONING, Duration.ZERO, new Bpm(120), lines)));
    }

    /** Every combination of options at less than a cost, as the class that it makes. */
    private static void cheaper(ClassPlan plan, List<Adjustable> choices, int at, int below,
            boolean shorter, Consumer<ClassPlan> each) {
        if (below <= 0) {
            return;
        }
        if (at == choices.size()) {
            each.accept(plan);
            return;
        }
        cheaper(plan, choices, at + 1, below, shorter, each);
        for (Adjustable.Option option : choices.get(at).options()) {
            cheaper(option.change().made().apply(plan), choices, at + 1, below - cost(option, shorter),
                    shorter,
                    each);
        }
    }

    /** What makes a class longer that is to be shorter is dear. */
    private static int cost(Adjustable.Option option, boolean shorter) {
        return Weights.USUAL.cost(option, shorter && option.adds().isPositive());
    }

    private static int cost(List<Adjustable> choices, Way way, boolean shorter) {
        List<String> words = way.changes().stream().map(Change::words).toList();
        return choices.stream().flatMap(each -> each.options().stream())
                .filter(option -> words.contains(option.change().words())
                        && way.changes().stream()
                                .anyMatch(change -> change.entry().equals(option.change().entry())
                                        && change.words().equals(option.change().words())))
                .mapToInt(option -> cost(option, shorter)).sum();
    }

    @Property(tries = 200)
    void noCheaperCombinationEndsSoNearByTheCompiler(@ForAll("plans") ClassPlan plan,
            @ForAll @IntRange(max = 120) int seconds) {
        Timeline before = Timeline.of(plan);
        Duration asked = before.total().minusSeconds(seconds);
        List<Adjustable> choices = new Adjustables(before, _ -> true, Changeable.ALL).all();
        Optional<Way> way = Fitting.best(plan, new Fitting.Asked(asked, Optional.empty()),
                _ -> false);

        long left = way.map(each -> asked.minus(Timeline.of(each.after()).total()).toNanos() / TICK)
                .orElse((long) WIDEST - 1);
        List<ClassPlan> better = new ArrayList<>();
        cheaper(plan, choices, 0, way.map(each -> cost(choices, each, seconds > 0)).orElse(Integer.MAX_VALUE),
                seconds > 0, other -> {
                    Duration under = asked.minus(Timeline.of(other).total());
                    if (!under.isNegative() && under.toNanos() / TICK <= left) {
                        better.add(other);
                    }
                });

        assertThat(left).isBetween(0L, (long) WIDEST);
        assertThat(better).isEmpty();
    }
}
