package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/**
 * Doses as an instructor writes them, every number with its unit: {@code 3 x 12 reps 2-0-2 counts, rest
 * 25 s, each side}; {@code 45 s on, 15 s off, x5}; {@code 2 x (6 reps, hold 6 s, 6 reps)}; {@code 10 > 10 >
 * 10 reps}; {@code 5 eights, half time}. Reading what was printed gives the same dose. The whole grammar:
 * docs/dose-notation.md.
 */
public final class DoseNotation {

    /** So many words are tried for the nearest reading. */
    private static final int LONGEST_TRIED = 20;
    private static final int MOST_READINGS = 3;

    private DoseNotation() {}

    /** Returns the doses of the two lines that a text such as "hold 12 s right, 24 s left" stands for; else none. */
    public static List<String> onTwoLines(String text) {
        return Unclear.uneven(text);
    }

    /** Finds a cue in a text, such as "last 8 counted", which is no dose. */
    public static Optional<String> cue(String text) {
        return Unclear.cue(text);
    }

    /** Returns a text without its cue. */
    public static String withoutCue(String text) {
        return Unclear.withoutCue(text);
    }

    /** Reads a dose; a refusal says what was found and how it can be written. */
    public static Reading<Dose> parse(String text) {
        try {
            return Reading.of(new DoseParser(text).parse());
        } catch (Refusal refusal) {
            List<String> choices = refusal.choices().isEmpty() ? nearest(text) : refusal.choices();
            return new Reading.Refused<>(String.valueOf(refusal.getMessage()), choices);
        } catch (IllegalArgumentException refusal) {
            return Reading.refused(String.valueOf(refusal.getMessage()));
        }
    }

    /** Returns what is left to be read when one word or sign of a text, or all behind it, is not there. */
    private static List<String> nearest(String text) {
        List<String> words = List.of(text.strip().split("\\s+"));
        Set<String> found = new LinkedHashSet<>();
        for (int at = words.size() - 1; at >= 0 && words.size() <= LONGEST_TRIED; at--) {
            List<String> without = new ArrayList<>(words);
            without.remove(at);
            understood(without).ifPresent(found::add);
            understood(words.subList(0, at)).ifPresent(found::add);
        }
        return found.stream().limit(MOST_READINGS).toList();
    }

    private static Optional<String> understood(List<String> words) {
        try {
            return Optional
                    .of(print(new DoseParser(String.join(" ", words).replaceFirst("[,+]$", "")).parse()));
        } catch (IllegalArgumentException refusal) {
            return Optional.empty();
        }
    }

    /** Prints a dose in the notation that {@link #parse} reads. */
    public static String print(Dose dose) {
        List<String> clauses = new ArrayList<>();
        switch (dose) {
            case Reps reps -> addReps(clauses, reps);
            case Hold hold -> {
                clauses.add(times(hold.sets()) + hold(hold));
                addRest(clauses, hold.rest());
            }
            case Interval interval -> addInterval(clauses, interval);
            case AsMany many -> {
                clauses.add("as many as possible in " + Lengths.notation(many.length()));
                addIf(clauses, many.toBeat() > 0, "beat " + many.toBeat());
            }
            case Open open -> {
                clauses.add("about " + Lengths.notation(open.planned()));
                addIf(clauses, !open.tolerance().isZero(),
                        "give or take " + Lengths.notation(open.tolerance()));
            }
            case Counts counts -> {
                boolean eights = counts.counts() % Counts.EIGHT == 0;
                clauses.add(eights
                        ? many(counts.counts() / Counts.EIGHT, "eight")
                        : many(counts.counts(), "count"));
                addIf(clauses, counts.pace() != Counts.Pace.NORMAL, counts.pace().notation());
            }
            case CountPattern pattern -> {
                clauses.add(times(pattern.times()) + pattern.parts().stream()
                        .map(part -> part.words() + " " + part.counts())
                        .collect(Collectors.joining(", ", "[", "]")));
                addIf(clauses, pattern.pace() != Counts.Pace.NORMAL, pattern.pace().notation());
            }
        }
        addIf(clauses, dose.sides() != Sides.TOGETHER && !impliedByPairs(dose), dose.sides().notation());
        return String.join(", ", clauses);
    }

    private static void addReps(List<String> clauses, Reps reps) {
        String stages = stages(reps.stages(), reps.order());
        clauses.add(reps.sets() > 1 && reps.stages().size() > 1
                ? times(reps.sets()) + "(" + stages + ")"
                : times(reps.sets()) + stages);
        addRest(clauses, reps.rest());
    }

    static String stages(List<Stage> stages, Reps.Order order) {
        return switch (order) {
            case STAGES -> stages.stream().map(DoseNotation::stage).collect(Collectors.joining(", "));
            case RUNGS -> rungs(stages);
        };
    }

    private static String rungs(List<Stage> rungs) {
        if (rungs.getLast() instanceof Stage.Moves last
                && rungs.stream().allMatch(each -> alikeButForNumber(each, last))) {
            String before = rungs.subList(0, rungs.size() - 1).stream()
                    .map(each -> ((Stage.Moves) each).number() + " > ").collect(Collectors.joining());
            return before + stage(last);
        }
        return rungs.stream().map(DoseNotation::stage).collect(Collectors.joining(" > "));
    }

    private static boolean alikeButForNumber(Stage stage, Stage.Moves last) {
        return stage instanceof Stage.Moves moves && new Stage.Moves(last.number(), moves.unit(),
                moves.tempo(), moves.reach(), moves.stretch()).equals(last);
    }

    private static String stage(Stage stage) {
        return switch (stage) {
            case Stage.Moves moves -> moves.number() + speed(moves.tempo()) + " " + moves.unit().word()
                    + (moves.number() == 1 ? "" : "s") + tempo(moves.tempo())
                    + (moves.reach() == Stage.Reach.WHOLE ? "" : " " + moves.reach().words())
                    + (moves.stretch().isZero()
                            ? ""
                            : " with " + Lengths.notation(moves.stretch()) + " stretch");
            case Stage.Held held -> "hold " + held(held);
        };
    }

    private static String hold(Hold hold) {
        boolean bareBreaths = hold.kind() == Hold.Kind.HOLD
                && hold.held().amount() instanceof Amount.OfBreaths && hold.held().postures().isEmpty();
        return bareBreaths ? held(hold.held()) : hold.kind().word() + " " + held(hold.held());
    }

    static String held(Stage.Held held) {
        return held.amount().notation()
                + (held.postures().isEmpty() ? "" : " (" + String.join(" or ", held.postures()) + ")");
    }

    private static void addInterval(List<String> clauses, Interval interval) {
        clauses.add(Lengths.notation(interval.work()) + " on");
        addIf(clauses, !interval.rest().isZero(), Lengths.notation(interval.rest()) + " off");
        addIf(clauses, interval.rounds() > 1, "x" + interval.rounds());
        addIf(clauses, !interval.lastRest(), "no last rest");
    }

    private static void addRest(List<String> clauses, Duration rest) {
        addIf(clauses, !rest.isZero(), "rest " + Lengths.notation(rest));
    }

    private static void addIf(List<String> clauses, boolean said, String clause) {
        if (said) {
            clauses.add(clause);
        }
    }

    private static boolean impliedByPairs(Dose dose) {
        return dose instanceof Reps reps && reps.stages().stream()
                .anyMatch(each -> each instanceof Stage.Moves moves && moves.unit() == Stage.Unit.PAIR);
    }

    private static String times(int sets) {
        return sets == 1 ? "" : sets + " x ";
    }

    private static String many(int number, String word) {
        return number + " " + word + (number == 1 ? "" : "s");
    }

    static String speed(Tempo tempo) {
        return tempo instanceof Tempo.Usual(Speed speed) && speed != Speed.NATURAL ? " " + speed.words() : "";
    }

    private static String tempo(Tempo tempo) {
        return switch (tempo) {
            case Tempo.Usual _ -> "";
            case Tempo.Seconds(Tempo.Phases phases) -> " " + phases.notation() + " s";
            case Tempo.MusicCounts(Tempo.Phases phases) -> " " + phases.notation() + " counts";
        };
    }
}
