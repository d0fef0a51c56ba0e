package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

/**
 * Doses as an instructor writes them, every number with its unit: {@code 3 x 12 reps 2-0-2 counts, rest
 * 25 s, each side}; {@code 45 s on, 15 s off, x5}; {@code 2 x hold 25 s, rest 10 s}; {@code 5 eights, half
 * time}. Reading what was printed gives the same dose.
 */
public final class DoseNotation {

    private DoseNotation() {}

    /** Reads a dose; a refusal says what was found and how it can be written. */
    public static Reading<Dose> parse(String text) {
        try {
            return Reading.of(new DoseParser(text).parse());
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }

    /** Prints a dose in the notation that {@link #parse} reads. */
    public static String print(Dose dose) {
        List<String> clauses = new ArrayList<>();
        switch (dose) {
            case Reps reps -> {
                clauses.add(times(reps.sets()) + many(reps.reps(), "rep") + tempo(reps.tempo()));
                addRest(clauses, reps.rest());
            }
            case Hold hold -> {
                clauses.add(times(hold.sets()) + "hold " + Lengths.notation(hold.length()));
                addRest(clauses, hold.rest());
            }
            case Interval interval -> addInterval(clauses, interval);
            case Counts counts -> addCounts(clauses, counts);
        }
        if (dose.sides() != Sides.TOGETHER) {
            clauses.add(dose.sides().notation());
        }
        return String.join(", ", clauses);
    }

    private static void addInterval(List<String> clauses, Interval interval) {
        clauses.add(Lengths.notation(interval.work()) + " on");
        if (!interval.rest().isZero()) {
            clauses.add(Lengths.notation(interval.rest()) + " off");
        }
        if (interval.rounds() > 1) {
            clauses.add("x" + interval.rounds());
        }
        if (!interval.lastRest()) {
            clauses.add("no last rest");
        }
    }

    private static void addCounts(List<String> clauses, Counts counts) {
        boolean eights = counts.counts() % Counts.EIGHT == 0;
        clauses.add(eights ? many(counts.counts() / Counts.EIGHT, "eight") : many(counts.counts(), "count"));
        if (counts.pace() != Counts.Pace.NORMAL) {
            clauses.add(counts.pace().notation());
        }
    }

    private static void addRest(List<String> clauses, Duration rest) {
        if (!rest.isZero()) {
            clauses.add("rest " + Lengths.notation(rest));
        }
    }

    private static String times(int sets) {
        return sets == 1 ? "" : sets + " x ";
    }

    private static String many(int number, String word) {
        return number + " " + word + (number == 1 ? "" : "s");
    }

    private static String tempo(Tempo tempo) {
        return switch (tempo) {
            case Tempo.Usual() -> "";
            case Tempo.Seconds(Tempo.Phases phases) -> " " + phases.notation() + " s";
            case Tempo.MusicCounts(Tempo.Phases phases) -> " " + phases.notation() + " counts";
        };
    }
}
