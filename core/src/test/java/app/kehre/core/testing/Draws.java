package app.kehre.core.testing;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.Combinators;

import app.kehre.core.dose.Bpm;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Tempo;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Brief;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;

/** Doses, loads and whole classes drawn at random, every kind of each among them. */
public final class Draws {

    private Draws() {}

    /** Draws a dose of any kind. */
    public static Arbitrary<Dose> doses() {
        Arbitrary<Sides> sides = Arbitraries.of(Sides.class);
        Arbitrary<Integer> sets = Arbitraries.integers().between(1, 20);
        Arbitrary<Duration> rest = seconds(0, 600);
        Arbitrary<Dose> reps = Combinators.combine(sets, Arbitraries.integers().between(1, 300), tempos(),
                rest, sides).as(Reps::new);
        Arbitrary<Dose> holds = Combinators.combine(sets, seconds(1, 600), rest, sides).as(Hold::new);
        Arbitrary<Dose> intervals = Combinators.combine(seconds(1, 1800), rest,
                Arbitraries.integers().between(1, 60), Arbitraries.of(true, false), sides).as(Interval::new);
        Arbitrary<Dose> counts = Combinators.combine(Arbitraries.integers().between(1, 2048),
                Arbitraries.of(Counts.Pace.class), sides).as(Counts::new);
        return Arbitraries.oneOf(reps, holds, intervals, counts);
    }

    private static Arbitrary<Tempo> tempos() {
        Arbitrary<Integer> phase = Arbitraries.integers().between(0, 20);
        Arbitrary<Tempo.Phases> phases = Combinators.combine(Arbitraries.integers().between(1, 20), phase,
                phase, phase).as(Tempo.Phases::new);
        return Arbitraries.oneOf(Arbitraries.just(Tempo.USUAL), phases.map(Tempo.Seconds::new),
                phases.map(Tempo.MusicCounts::new));
    }

    private static Arbitrary<Duration> seconds(int least, int most) {
        return Arbitraries.integers().between(least, most).map(Duration::ofSeconds);
    }

    /** Draws a load. */
    public static Arbitrary<Load> loads() {
        return Arbitraries.oneOf(Arbitraries.just(Load.NONE), Combinators.combine(
                Arbitraries.of(Equipment.class), Arbitraries.of(Load.Size.class),
                Arbitraries.integers().between(1, Load.Carried.MOST)).as(Load.Carried::new));
    }

    /** Draws a class of up to six segments of up to five entries, some of them empty. */
    public static Arbitrary<ClassPlan> plans() {
        Arbitrary<List<Segment>> segments = Combinators.combine(Arbitraries.of(Role.class),
                Arbitraries.integers().between(60, 200), seconds(0, 10_800), notes(),
                entries().list().ofMaxSize(5)).as(Draws::segment).list().ofMaxSize(6);
        Arbitrary<Brief> briefs = Combinators.combine(Arbitraries.integers().between(5, 180),
                Arbitraries.integers().between(1, 200), Arbitraries.integers().between(0, 1439),
                Arbitraries.of(KitPlace.class)).as(
                        (slot, people, start, place) -> new Brief("Class at " + start,
                                LocalDate.of(2026, 1, 1).plusDays(people),
                                LocalTime.MIN.plusMinutes(start), Duration.ofMinutes(slot), people,
                                Map.of(Equipment.WEIGHT, place)));
        return Combinators.combine(briefs, segments).as(Draws::numbered);
    }

    private static Arbitrary<Entry> entries() {
        Arbitrary<Entry> items = Combinators.combine(Arbitraries.of(Exercises.all()), doses(), loads(),
                notes()).as((exercise, dose, load, note) -> new Item(1, exercise, dose, load, note));
        Arbitrary<Entry> pauses = Combinators.combine(Arbitraries.of(Pause.Kind.class), seconds(1, 1200),
                notes()).as((kind, length, note) -> new Pause(1, kind, "Pause", length, note));
        return Arbitraries.oneOf(items, items, pauses);
    }

    private static Arbitrary<String> notes() {
        return Arbitraries.of("", "Heels down", "\u00ab\u00e9\u00e4\u00f6\u00fc\u00bb \"quoted\" \\ / \t");
    }

    private static Segment segment(Role role, int bpm, Duration target, String note, List<Entry> entries) {
        return new Segment(1, "Part " + note.length(), role, target, new Bpm(bpm), entries);
    }

    private static ClassPlan numbered(Brief brief, List<Segment> segments) {
        List<Segment> own = new ArrayList<>();
        int next = 1;
        for (Segment segment : segments) {
            List<Entry> entries = new ArrayList<>();
            for (Entry entry : segment.entries()) {
                entries.add(entry.withId(next++));
            }
            own.add(new Segment(own.size() + 1, segment.name(), segment.role(), segment.target(),
                    segment.bpm(), entries));
        }
        return new ClassPlan(brief, own);
    }
}
