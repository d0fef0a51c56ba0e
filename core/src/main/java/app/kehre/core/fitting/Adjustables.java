package app.kehre.core.fitting;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import java.util.stream.IntStream;

import app.kehre.core.advice.Threshold;
import app.kehre.core.choreography.Script;
import app.kehre.core.dose.Amount;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseLevels;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Lessons;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.timeline.DoseLength;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Counted;
import app.kehre.core.value.Lengths;

/** Finds what in a class can be made shorter or longer. */
final class Adjustables {

    private static final int MOST_ROUNDS_OFF = 2;
    private static final int REST_STEP = 5;
    private static final int MOST_REST_STEPS = 4;
    private static final int MOST_PHRASES_OFF = 6;
    /** Eights in a phrase. */
    private static final int PHRASE = 4;

    private final Timeline timeline;
    private final ClassPlan plan;
    private final Predicate<Segment> wanted;
    private final Changeable open;
    private final SidesKept sides;

    Adjustables(Timeline timeline, Predicate<Segment> wanted, Changeable open) {
        this.open = open;
        this.timeline = timeline;
        this.plan = timeline.plan();
        this.wanted = wanted;
        this.sides = new SidesKept(plan);
    }

    /** Returns all of them in their order; the classes that each would make are laid out side by side. */
    List<Adjustable> all() {
        List<Supplier<Adjustable>> found = new ArrayList<>();
        for (Segment segment : plan.segments()) {
            if (!segment.leftOut() && wanted.test(segment)) {
                Map<String, List<Item>> pairs = new LinkedHashMap<>();
                segment.entries().stream().filter(open::mayChange)
                        .forEach(entry -> add(segment, entry, pairs, found));
                pairs.values().stream().filter(sides::whole)
                        .forEach(pair -> found.add(() -> ofItems(segment, Alike.of(pair))));
            }
        }
        return found.parallelStream().map(Supplier::get).filter(each -> !each.options().isEmpty()).toList();
    }

    private void add(Segment segment, Entry entry, Map<String, List<Item>> pairs,
            List<Supplier<Adjustable>> found) {
        switch (entry) {
            case Item item -> {
                if (SidesKept.half(item)) {
                    pairs.computeIfAbsent(item.exercise().id(), _ -> new ArrayList<>()).add(item);
                } else {
                    found.add(() -> ofItems(segment, Alike.of(List.of(item))));
                }
            }
            case Circuit circuit -> {
                Alike.in(circuit).stream().filter(alike -> mayChange(circuit, alike.items()))
                        .map(alike -> alike.asOftenAs(item -> rounds(circuit, item)))
                        .filter(Alike::comes)
                        .forEach(alike -> found.add(() -> ofItems(segment, alike)));
                found.add(() -> ofCircuit(segment, circuit));
            }
            case BuildUp build -> found.add(() -> ofBuildUp(segment, build));
            case Pause _,Screen _ -> {
            }
        }
    }

    private boolean mayChange(Circuit circuit, List<Item> items) {
        boolean halves = items.stream().anyMatch(SidesKept::half);
        return items.stream().allMatch(open::mayChange) && sides.whole(items)
                && !(halves && open.begun(circuit) > 0);
    }

    private int rounds(Circuit circuit, Item item) {
        return Math.toIntExact(IntStream.rangeClosed(1 + open.begun(circuit), circuit.rounds())
                .filter(round -> !item.outIn(round) && item.change(round).dose().isEmpty()).count());
    }

    /** Items that are changed alike: one, the two sides of one exercise, the stations of one clock. */
    private Adjustable ofItems(Segment segment, Alike alike) {
        List<Adjustable.Option> options = new ArrayList<>();
        if (alike.items().stream().anyMatch(item -> item.delivery().locked())) {
            return new Adjustable(options);
        }
        Item first = alike.first();
        for (DoseLevels.Level level : alike.levels()) {
            Duration adds = alike.adds((item, dose) -> DoseLength.of(dose, item.exercise(), segment, plan),
                    level.dose());
            options.add(new Adjustable.Option(
                    Change.of(alike.about(), "%s: %s instead of %s".formatted(alike.name(),
                            DoseNotation.print(level.dose()), DoseNotation.print(first.dose())),
                            Change.Kind.DOSE,
                            plan -> withDose(plan, alike.items(), level.dose())),
                    adds, alike.doses() * Math.abs(level.change()),
                    weight(segment, alike.items(), adds) * held(segment, level.dose())));
        }
        if (alike.dispensable() && droppable(segment, alike.items())
                && alike.items().stream().allMatch(open::mayGo)) {
            options.add(out(segment, alike.items()));
        }
        return new Adjustable(options);
    }

    /** A stretch is held for less than the class's setting only if nothing else can be done. */
    private double held(Segment segment, Dose dose) {
        int least = plan.brief().stretchHold() - plan.thresholds().of(Threshold.STRETCH_HOLD);
        boolean stretch = segment.role() == Role.STRETCH || segment.role() == Role.COOL_DOWN;
        return stretch && dose instanceof Hold hold && hold.held().amount() instanceof Amount.OfTime time
                && time.length().toSeconds() < least ? Weights.TOO_SHORT : 1;
    }

    private ClassPlan withDose(ClassPlan plan, List<Item> items, Dose dose) {
        ClassPlan changed = plan;
        for (Item item : items) {
            if (changed.find(item.id()).orElse(null) instanceof Item now) {
                Optional<Circuit> begun = changed.circuitOf(item.id())
                        .filter(circuit -> open.begun(circuit) > 0);
                Dose other = dose.withSides(now.dose().sides());
                changed = changed.with(begun.map(circuit -> inRoundsAhead(now, circuit, other))
                        .orElseGet(() -> now.withDose(other)));
            }
        }
        return changed;
    }

    /** Rounds that have begun stay as they were. */
    private Item inRoundsAhead(Item item, Circuit circuit, Dose dose) {
        Item changed = item;
        for (int round = 1 + open.begun(circuit); round <= circuit.rounds(); round++) {
            if (item.change(round).dose().isEmpty()) {
                changed = changed.withChange(round, item.change(round).withDose(Optional.of(dose)));
            }
        }
        return changed;
    }

    /** Warm-ups stay, and what the class ends on; what is left out takes its changeover and explaining with it. */
    private boolean droppable(Segment segment, List<Item> items) {
        boolean few = segment.entries().stream().flatMap(line -> line.item().stream()).count() < 3;
        return !few && segment.role() != Role.WARM_UP && segment.role() != Role.COOL_DOWN
                && plan.items().reduce((_, later) -> later).filter(items::contains).isEmpty();
    }

    private Adjustable.Option out(Segment segment, List<Item> items) {
        UnaryOperator<ClassPlan> made = plan -> LeftOut.of(plan, items);
        Duration adds = open.length(Timeline.of(made.apply(plan))).minus(open.length(timeline));
        Item first = items.getFirst();
        return new Adjustable.Option(
                Change.of(first.id(), "without " + first.name(), Change.Kind.OUT, made),
                adds,
                segment.role() == Role.STRETCH ? 1 : Weights.MAIN,
                weight(segment, items, adds)
                        * (LeftOut.leavesUnreleased(plan, items) ? Weights.TOO_SHORT : 1));
    }

    private Adjustable ofCircuit(Segment segment, Circuit circuit) {
        List<Adjustable.Option> options = new ArrayList<>();
        if (circuit.items().stream().anyMatch(item -> item.delivery().locked())) {
            return new Adjustable(options);
        }
        for (int off = -MOST_ROUNDS_OFF; off <= MOST_ROUNDS_OFF; off++) {
            int rounds = circuit.rounds() + off;
            boolean may = off != 0 && rounds >= Math.max(1, open.begun(circuit))
                    && (off < 0 || rounds <= 2 * circuit.rounds());
            if (may && sides.mayHaveRounds(circuit, rounds)) {
                option(segment, circuit, Change.Kind.ROUNDS,
                        "%s: %s instead of %d".formatted(circuit.name(), Counted.of(rounds, "round"),
                                circuit.rounds()),
                        circuit.withRounds(rounds, circuit.rest(), Math.min(circuit.soloFrom(), rounds)),
                        Math.abs(off)).ifPresent(options::add);
            }
        }
        for (int off = -MOST_REST_STEPS; off <= MOST_REST_STEPS / 2; off++) {
            Duration rest = circuit.rest().plusSeconds((long) REST_STEP * off);
            if (off != 0 && open.begun(circuit) == 0 && circuit.rounds() > 1 && circuit.rest().isPositive()
                    && rest.toSeconds() >= REST_STEP) {
                option(segment, circuit, Change.Kind.RESTS,
                        "%s: %s between rounds instead of %s".formatted(circuit.name(),
                                Lengths.notation(rest),
                                Lengths.notation(circuit.rest())),
                        circuit.withRounds(circuit.rounds(), rest, circuit.soloFrom()),
                        Math.abs(off)).ifPresent(options::add);
            }
        }
        return new Adjustable(options);
    }

    private Adjustable ofBuildUp(Segment segment, BuildUp build) {
        List<Adjustable.Option> options = new ArrayList<>();
        Script script = Lessons.script(plan, build);
        int now = script.eights() / PHRASE;
        for (int off = -MOST_PHRASES_OFF; off <= MOST_PHRASES_OFF; off++) {
            int phrases = now + off;
            int size = Math.abs(off);
            if (off != 0 && PHRASE * phrases >= script.fill().once()) {
                script.wishing(build.build(), PHRASE * phrases).map(build::with)
                        .filter(other -> Lessons.script(plan, other).fill().refused().isEmpty())
                        .ifPresent(other -> option(segment, build, Change.Kind.PHRASES,
                                "%s: %s instead of %d".formatted(build.name(), Counted.of(phrases, "phrase"),
                                        now),
                                other, size).ifPresent(options::add));
            }
        }
        return new Adjustable(options);
    }

    private Optional<Adjustable.Option> option(Segment segment, Entry old, Change.Kind kind, String words,
            Entry changed,
            double size) {
        UnaryOperator<ClassPlan> made = plan -> plan.find(old.id()).isPresent()
                ? plan.with(merged(plan, changed))
                : plan;
        return added(made).map(adds -> new Adjustable.Option(Change.of(old.id(), words, kind, made), adds,
                size, weight(segment, old.items(), adds)));
    }

    /** By how much the class would be longer; nothing where it would be longer than a class may be. */
    private Optional<Duration> added(UnaryOperator<ClassPlan> made) {
        try {
            return Optional.of(open.length(Timeline.of(made.apply(plan))).minus(open.length(timeline)));
        } catch (IllegalArgumentException tooLong) {
            return Optional.empty();
        }
    }

    /** A circuit keeps the lines that it has by now: their doses may be changed as well. */
    private static Entry merged(ClassPlan plan, Entry changed) {
        return changed instanceof Circuit circuit && plan.entry(circuit.id()) instanceof Circuit now
                ? circuit.withInside(now.inside())
                : changed;
    }

    private double weight(Segment segment, List<Item> items, Duration adds) {
        double weight = 1;
        if (!segment.target().isZero()) {
            boolean over = timeline.ofSegment(segment.id()).shown().compareTo(segment.target()) > 0;
            weight *= over == adds.isNegative() ? Weights.TOWARDS : Weights.AWAY;
        }
        boolean promised = items.stream().anyMatch(this::promised);
        return adds.isNegative() ? weight * (promised ? Weights.PROMISED : 1) * shortening(segment) : weight;
    }

    private boolean promised(Item item) {
        return item.exercise().main().stream().anyMatch(plan.brief().goal().areas()::contains);
    }

    /** What comes first and last is shortened less readily, and hardly at all where it is short already. */
    private double shortening(Segment segment) {
        Duration least = plan.thresholds().edge(plan.brief().slot());
        Duration length = timeline.ofSegment(segment.id()).shown();
        return switch (segment.role()) {
            case WARM_UP, COOL_DOWN, STRETCH ->
                length.compareTo(least) <= 0 ? Weights.TOO_SHORT : Weights.DEAR;
            case AEROBIC, TONING, CORE, TALK, PAUSE -> 1;
        };
    }
}
