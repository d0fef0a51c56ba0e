package app.kehre.core.testing;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;
import net.jqwik.api.Tuple;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.Threshold;
import app.kehre.core.advice.Thresholds;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Room;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.brief.Start;
import app.kehre.core.dose.Amount;
import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Speed;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.music.Bpm;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pacing;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SetAside;
import app.kehre.core.plan.Variant;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;

/** Doses, loads and whole classes drawn at random, every kind of each among them. */
public final class Draws {

    private Draws() {}

    /** Draws a dose of any kind. */
    public static Arbitrary<Dose> doses() {
        Arbitrary<Sides> sides = Arbitraries.of(Sides.class);
        Arbitrary<Integer> sets = Arbitraries.integers().between(1, 20);
        Arbitrary<Duration> rest = seconds(0, 600);
        Arbitrary<Dose> holds = Combinators
                .combine(sets, held(), Arbitraries.of(Hold.Kind.class), rest, sides)
                .as(Hold::new);
        Arbitrary<Dose> intervals = Combinators.combine(seconds(1, 1800), rest,
                Arbitraries.integers().between(1, 60), Arbitraries.of(true, false), sides).as(Interval::new);
        Arbitrary<Dose> counts = Combinators.combine(Arbitraries.integers().between(1, 2048),
                Arbitraries.of(Counts.Pace.class), sides).as(Counts::new);
        Arbitrary<Dose> many = Combinators.combine(seconds(1, 1800), Arbitraries.integers().between(0, 300),
                sides).as(AsMany::new);
        Arbitrary<Dose> open = Combinators.combine(seconds(1, 1800), rest, sides).as(Open::new);
        Arbitrary<CountPattern.Part> part = Combinators.combine(
                Arbitraries.of("singles", "repeater", "travel there and back"),
                Arbitraries.integers().between(1, 256)).as(CountPattern.Part::new);
        Arbitrary<Dose> patterns = Combinators.combine(Arbitraries.integers().between(1, 8),
                part.list().ofMinSize(1).ofMaxSize(5), Arbitraries.of(Counts.Pace.class), sides)
                .as(CountPattern::new);
        return Arbitraries.oneOf(reps(), reps(), holds, intervals, counts, many, open, patterns);
    }

    private static Arbitrary<Dose> reps() {
        Arbitrary<List<Stage>> stages = Arbitraries.oneOf(moves(), moves(), held().map(each -> (Stage) each))
                .list().ofMinSize(1).ofMaxSize(4);
        return Combinators.combine(Arbitraries.integers().between(1, 20), stages,
                Arbitraries.of(Reps.Order.class), seconds(0, 600), Arbitraries.of(Sides.class))
                .as(Draws::reps);
    }

    private static Dose reps(int sets, List<Stage> drawn, Reps.Order order, Duration rest, Sides sides) {
        List<Stage> stages = drawn.size() == 1 && drawn.getFirst() instanceof Stage.Held
                ? List.of(Stage.Moves.of(8))
                : drawn;
        boolean pairs = stages.stream()
                .anyMatch(each -> each instanceof Stage.Moves moves && moves.unit() == Stage.Unit.PAIR);
        return new Reps(sets, stages, stages.size() == 1 ? Reps.Order.STAGES : order, rest,
                pairs ? Sides.ALTERNATING : sides);
    }

    private static Arbitrary<Stage> moves() {
        return Combinators.combine(Arbitraries.integers().between(1, 300), Arbitraries.of(Stage.Unit.class),
                tempos(), Arbitraries.of(Stage.Reach.class), seconds(0, 60)).as(Stage.Moves::new);
    }

    private static Arbitrary<Stage.Held> held() {
        Arbitrary<Amount> amounts = Arbitraries.oneOf(
                seconds(1, 600).map(each -> (Amount) new Amount.OfTime(each)),
                Arbitraries.integers().between(1, 256)
                        .map(each -> (Amount) new Amount.OfCounts(each, each % 3 == 0)),
                Arbitraries.integers().between(1, 60)
                        .map(each -> (Amount) new Amount.OfBreaths(each, each % 2 == 0)));
        Arbitrary<List<String>> postures = Arbitraries.of(List.<String>of(), List.of("low"),
                List.of("on the forearms", "on the hands"));
        return Combinators.combine(amounts, postures).as(Stage.Held::new);
    }

    private static Arbitrary<Tempo> tempos() {
        Arbitrary<Integer> phase = Arbitraries.integers().between(0, 20);
        Arbitrary<Tempo.Phases> phases = Combinators.combine(Arbitraries.integers().between(1, 20), phase,
                phase, phase).as(Tempo.Phases::new);
        return Arbitraries.oneOf(Arbitraries.of(Speed.class).map(Tempo.Usual::new),
                phases.map(Tempo.Seconds::new),
                phases.map(Tempo.MusicCounts::new));
    }

    private static Arbitrary<Duration> seconds(int least, int most) {
        return Arbitraries.integers().between(least, most).map(Duration::ofSeconds);
    }

    /** Draws a load. */
    public static Arbitrary<Load> loads() {
        Arbitrary<Load.Size> sizes = Arbitraries.oneOf(
                Arbitraries.of(Load.Size.UNSIZED, Load.Size.LIGHT, Load.Size.HEAVY),
                Arbitraries.integers().between(1, 100).map(Load.Size.Kilos::new));
        Arbitrary<Load.Piece> pieces = Combinators.combine(Arbitraries.of(Equipment.class), sizes,
                Arbitraries.integers().between(1, Load.Piece.MOST), Arbitraries.of(Load.Where.class),
                Arbitraries.integers().between(0, Load.Piece.MOST_RISERS))
                .as((kit, size, number, where, risers) -> new Load.Piece(kit, size, number, where,
                        kit == Equipment.STEP ? risers : 0));
        return pieces.list().ofMaxSize(Load.MOST_KINDS).uniqueElements(Load.Piece::kit).map(Load::new);
    }

    /** Draws a class of up to six segments of up to five entries, some of them empty or left out. */
    public static Arbitrary<ClassPlan> plans() {
        Arbitrary<Boolean> yes = Arbitraries.of(false, false, true);
        Arbitrary<List<Segment>> segments = Combinators.combine(Arbitraries.of(Role.class),
                Arbitraries.integers().between(60, 200), seconds(0, 10_800), entries().list().ofMaxSize(5),
                yes, yes).as(
                        (role, bpm, target, entries, alone, out) -> new Segment(part(1), "Part", role, target,
                                new Bpm(bpm), entries, pacing(bpm), alone, out,
                                alone ? "Track 3 is slow.\nAsk who is new" : ""))
                .list().ofMaxSize(6);
        Arbitrary<Brief> briefs = Combinators.combine(Arbitraries.integers().between(5, 180),
                Arbitraries.integers().between(1, 200), Arbitraries.integers().between(0, 1439),
                Arbitraries.of(KitPlace.class), yes).as(
                        (slot, people, start, place, older) -> briefOf(Brief.of("Class at " + start,
                                LocalDate.of(2026, 1, 1).plusDays(people),
                                LocalTime.MIN.plusMinutes(start), Duration.ofMinutes(slot), people), place,
                                older));
        Arbitrary<Pace> paces = paces();
        return Combinators.combine(briefs, segments, paces).as(Draws::numbered).filter(Draws::isAClass);
    }

    /** Whether it lasts at most two hours: a class may last twelve, and what is tried with it may make it longer. */
    public static boolean isAClass(ClassPlan plan) {
        try {
            return Timeline.of(plan).total().compareTo(Duration.ofHours(2)) < 0;
        } catch (IllegalArgumentException tooLong) {
            return false;
        }
    }

    private static Brief briefOf(Brief brief, KitPlace place, boolean full) {
        Brief placed = brief.with(brief.room().withPlace(Equipment.WEIGHT, place));
        int some = Math.min(2, brief.people());
        return full
                ? placed.with(new Group(brief.people(), new Group.Ages(62, 80), new Group.Mix(50, 50, 0),
                        Map.of(Limit.KNEE, some, Limit.PREGNANCY, 1)))
                        .with(new Room(80, false, true, Start.ON_THE_FLOOR, Map.of(Equipment.STEP, 9),
                                placed.room().places()))
                        .with(Goal.OPEN.with(Muscle.BUTTOCKS, true).with(Quality.STRENGTH, true))
                        .with(Format.STEP).with(Schools.USUAL.with(School.Rest.FULL_REST))
                : placed;
    }

    /** Draws a pace: usual, of an older group, without waits, or with some quantities changed within their ranges. */
    public static Arbitrary<Pace> paces() {
        Arbitrary<Pace> changed = Combinators.combine(Arbitraries.of(Quantity.class),
                Arbitraries.of(School.Teaching.class), Arbitraries.doubles().between(0, 1).ofScale(1))
                .as((quantity, style, share) -> Pace.USUAL.with(quantity, style,
                        quantity.least() + Math.rint(share * (quantity.most() - quantity.least() - 0.5))));
        return Arbitraries.oneOf(Arbitraries.of(Pace.USUAL, Pace.OLDER, Pace.withoutWaits()), changed);
    }

    private static Pacing pacing(int drawn) {
        return drawn % 4 > 0
                ? Pacing.AS_CLASS
                : new Pacing(Optional.of(School.Teaching.values()[drawn % 3]), Speed.values()[drawn / 4 % 3]);
    }

    private static Arbitrary<Item> items() {
        Arbitrary<Explaining> explaining = Combinators.combine(Arbitraries.of(Explaining.Mode.class),
                seconds(0, 90).optional()).as(Explaining::new);
        Arbitrary<Set<Style>> styles = Arbitraries.of(Style.class).set().ofMaxSize(2);
        Arbitrary<Delivery> deliveries = Combinators.combine(Arbitraries.of(true, false), explaining,
                seconds(0, 60).optional(0.2), Arbitraries.of(Variant.class), Arbitraries.of("", "with arms"),
                styles, Arbitraries.integers().between(0, 4), Arbitraries.of(false, true))
                .as((known, told, changeover, variant, layer, style, holding, locked) -> new Delivery(known,
                        told,
                        told.length().isPresent() && known
                                ? Optional.of(School.Teaching.SHOW_THEN_DO)
                                : Optional.empty(),
                        changeover, variant, layer, style, holding, locked));
        Arbitrary<RoundChange> changes = Combinators.combine(doses().optional(), loads().optional(0.3),
                Arbitraries.of(Variant.class).optional(0.2), Arbitraries.of("", "with a hop"),
                styles.optional(0.2), Arbitraries.of(false, false, true), explaining.optional(0.2))
                .as(RoundChange::new);
        Arbitrary<Map<Integer, RoundChange>> rounds = Arbitraries
                .maps(Arbitraries.integers().between(1, 4), changes).ofMaxSize(2);
        Arbitrary<Map<Limit, Exercise>> instead = Arbitraries
                .maps(Arbitraries.of(Limit.class), Arbitraries.of(Exercises.all())).ofMaxSize(2);
        return Combinators.combine(Arbitraries.of(Exercises.all()), doses(), loads(), notes(),
                Arbitraries.oneOf(Arbitraries.just(Delivery.USUAL), deliveries), rounds, instead)
                .as((exercise, dose, load, note, delivery, changed, others) -> new Item(line(1), exercise,
                        dose,
                        load, Optional.empty(), note, delivery, changed, others));
    }

    private static Arbitrary<Entry> entries() {
        Arbitrary<Entry> pauses = Combinators.combine(Arbitraries.of(Pause.Kind.class), seconds(1, 1200),
                Arbitraries.of(true, false), seconds(0, 3600).optional(0.2), notes())
                .as((kind, length, moving, at, note) -> new Pause(line(1), kind, "Pause", length,
                        length.toSeconds() % 2 == 0, moving, at, note));
        Arbitrary<Entry> circuits = Combinators.combine(Arbitraries.integers().between(1, 4),
                seconds(0, 120), Arbitraries.integers().between(0, 3),
                items().list().ofMinSize(1).ofMaxSize(3), pauses.list().ofMaxSize(1),
                Arbitraries.integers().between(0, 3), notes())
                .as((rounds, rest, solo, items, paused, at, note) -> new Circuit(line(1), "Circuit", rounds,
                        rest, solo, spread(items, paused, at), note));
        Arbitrary<Entry> screens = Combinators.combine(doses(), notes())
                .as((dose, note) -> new Screen(line(1),
                        "Screen", dose, "wobbles", Map.of(line(1), "squat at the chair"), note));
        Arbitrary<Entry> single = items().map(Item::withoutRounds);
        return Arbitraries.frequencyOf(Tuple.of(4, single), Tuple.of(2, circuits), Tuple.of(2, pauses),
                Tuple.of(1, screens));
    }

    private static List<Entry> spread(List<Item> items, List<? extends Entry> paused, int at) {
        List<Entry> lines = new ArrayList<>(items);
        lines.addAll(Math.min(at, items.size()), paused);
        List<Entry> own = new ArrayList<>();
        lines.forEach(each -> own.add(each.withId(line(own.size() + 1))));
        return own;
    }

    private static Arbitrary<String> notes() {
        return Arbitraries.of("", "Heels down", "\u00ab\u00e9\u00e4\u00f6\u00fc\u00bb \"quoted\" \\ / \t");
    }

    private static ClassPlan numbered(Brief brief, List<Segment> segments, Pace pace) {
        List<Segment> own = new ArrayList<>();
        int next = 1;
        for (Segment segment : segments) {
            List<Entry> entries = new ArrayList<>();
            for (Entry entry : segment.entries()) {
                Entry numbered = entry.withId(line(next++));
                if (numbered instanceof Circuit circuit) {
                    List<Entry> inside = new ArrayList<>();
                    for (Entry each : circuit.inside()) {
                        inside.add(each.withId(line(next++)));
                    }
                    numbered = circuit.withInside(inside);
                }
                entries.add(numbered);
            }
            own.add(new Segment(part(own.size() + 1), segment.name(), segment.role(), segment.target(),
                    segment.bpm(), entries, segment.pacing(), segment.standsAlone(),
                    segment.leftOut(), segment.note()));
        }
        Thresholds figures = brief.people() % 2 == 0
                ? Thresholds.USUAL
                : Thresholds.USUAL.with(Threshold.WATER, 5 + brief.people() % 50);
        List<SetAside> aside = own.isEmpty()
                ? List.of()
                : List.of(new SetAside("not-prepared/wrist", Optional.of(own.getFirst().id()),
                        Optional.empty(), "",
                        brief.people() % 2 == 0 ? Optional.of(Severity.FIX) : Optional.empty(),
                        "they stand on their fists"));
        ClassPlan plan = new ClassPlan(brief, own, pace).with(figures).withAside(aside);
        return plan.lines().limit(2).reduce(plan, (told, line) -> told.because(line, "core promised"),
                (one, _) -> one);
    }
}
