package app.kehre.core.dose;

import java.time.Duration;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

/** Reads one dose: a head that fixes its kind, then clauses in any order, each at most once. */
final class DoseParser {

    private static final Pattern TOKEN = Pattern.compile("\\d+:\\d{2}|\\d+|\\p{L}+|[^\\s\\d\\p{L}]");
    private static final String EXAMPLES = "write it like 3 x 12 reps, hold 25 s each side,"
            + " 45 s on, 15 s off, x5 or 5 eights";

    private final String text;
    private final List<String> tokens;
    private final Set<String> seen = new HashSet<>();
    private int at;

    DoseParser(String text) {
        this.text = text.strip();
        this.tokens = TOKEN.matcher(text.toLowerCase(Locale.ROOT).replace('\u00d7', 'x')).results()
                .map(MatchResult::group).toList();
    }

    /** Returns the dose. @throws IllegalArgumentException with a sentence for the person who wrote it */
    Dose parse() {
        if (tokens.isEmpty()) {
            throw refusal("A dose is missing: " + EXAMPLES + ".");
        }
        Dose dose = head();
        while (at < tokens.size()) {
            accept(",");
            dose = clause(dose);
        }
        return dose;
    }

    private Dose head() {
        if (accept("hold")) {
            return new Hold(1, length("the hold"), Duration.ZERO, Sides.TOGETHER);
        }
        int start = at;
        if ((isNumber() && isLengthUnit(at + 1)) || isClock()) {
            Duration work = length("the work");
            if (accept("on")) {
                return new Interval(work, Duration.ZERO, 1, true, Sides.TOGETHER);
            }
            throw refusal("\"%s\" can be a hold or an interval: write hold %s, or %s on."
                    .formatted(text, Lengths.notation(work), Lengths.notation(work)));
        }
        if (!isNumber()) {
            throw refusal("\"%s\" is not a dose: %s.".formatted(text, EXAMPLES));
        }
        int number = number("a number");
        if (accept("x")) {
            return repeated(number);
        }
        return single(number, start);
    }

    private Dose repeated(int sets) {
        if (accept("hold")) {
            return new Hold(sets, length("the hold"), Duration.ZERO, Sides.TOGETHER);
        }
        int reps = number("the reps of a set, or a hold");
        if (!accept("reps") && !accept("rep")) {
            throw refusal("After \"%d x %d\" the unit is missing: write %d x %d reps."
                    .formatted(sets, reps, sets, reps));
        }
        return new Reps(sets, reps, tempo(), Duration.ZERO, Sides.TOGETHER);
    }

    private Dose single(int number, int start) {
        if (accept("reps") || accept("rep")) {
            return new Reps(1, number, tempo(), Duration.ZERO, Sides.TOGETHER);
        }
        if (accept("eights") || accept("eight")) {
            return Counts.ofEights(number);
        }
        if (accept("counts") || accept("count")) {
            return new Counts(number, Counts.Pace.NORMAL, Sides.TOGETHER);
        }
        if (at == tokens.size() && start == 0) {
            throw refusal("%d has no unit: write %d reps, %d counts or hold %d s.".formatted(number, number,
                    number, number));
        }
        throw refusal("\"%s\" is not a dose: %s.".formatted(text, EXAMPLES));
    }

    private Tempo tempo() {
        if (!(isNumber() && at + 1 < tokens.size() && tokens.get(at + 1).equals("-"))) {
            return Tempo.USUAL;
        }
        int lowering = number("the lowering");
        int pauseLow = afterDash();
        int lifting = afterDash();
        int pauseHigh = peek("-") ? afterDash() : 0;
        Tempo.Phases phases = new Tempo.Phases(lowering, pauseLow, lifting, pauseHigh);
        if (accept("counts") || accept("count")) {
            return new Tempo.MusicCounts(phases);
        }
        if (accept("s")) {
            return new Tempo.Seconds(phases);
        }
        throw refusal("The tempo %s has no unit: write %s s or %s counts.".formatted(phases.notation(),
                phases.notation(), phases.notation()));
    }

    private int afterDash() {
        if (!accept("-")) {
            throw refusal(
                    "A tempo has three or four parts, lowering-pause-lifting-pause: write it like 2-0-2 s.");
        }
        return number("the next part of the tempo");
    }

    private Dose clause(Dose dose) {
        if (accept("each")) {
            expect("side");
            once("sides");
            return dose.withSides(leftFirst() ? Sides.EACH_SIDE_LEFT_FIRST : Sides.EACH_SIDE);
        }
        if (accept("alternating")) {
            once("sides");
            return dose.withSides(Sides.ALTERNATING);
        }
        return switch (dose) {
            case Reps reps when accept("rest") -> new Reps(reps.sets(), reps.reps(), reps.tempo(), rest(),
                    reps.sides());
            case Hold hold when accept("rest") -> new Hold(hold.sets(), hold.length(), rest(), hold.sides());
            case Interval interval -> intervalClause(interval);
            case Counts counts -> new Counts(counts.counts(), pace(), counts.sides());
            case Reps _ -> throw unread();
            case Hold _ -> throw unread();
        };
    }

    private boolean leftFirst() {
        int before = at;
        accept(",");
        if (accept("left")) {
            expect("first");
            return true;
        }
        at = before;
        return false;
    }

    private Duration rest() {
        once("rest");
        return length("the rest");
    }

    private Counts.Pace pace() {
        Counts.Pace pace = accept("half")
                ? Counts.Pace.HALF_TIME
                : accept("double") ? Counts.Pace.DOUBLE_TIME : Counts.Pace.NORMAL;
        if (pace == Counts.Pace.NORMAL) {
            throw unread();
        }
        expect("time");
        once("pace");
        return pace;
    }

    private Interval intervalClause(Interval interval) {
        if (accept("x")) {
            once("rounds");
            return new Interval(interval.work(), interval.rest(), number("the rounds"), interval.lastRest(),
                    interval.sides());
        }
        if (accept("no")) {
            expect("last");
            expect("rest");
            once("last rest");
            return new Interval(interval.work(), interval.rest(), interval.rounds(), false, interval.sides());
        }
        if (!isNumber() && !isClock()) {
            throw unread();
        }
        Duration rest = length("the rest");
        expect("off");
        once("off");
        return new Interval(interval.work(), rest, interval.rounds(), !seen.contains("last rest"),
                interval.sides());
    }

    private Duration length(String what) {
        int start = at;
        if (isClock()) {
            at++;
        } else {
            number(what);
            if (!isLengthUnit(at)) {
                throw refusal("%s has no unit: write %s s or %s min.".formatted(tokens.get(start),
                        tokens.get(start), tokens.get(start)));
            }
            at++;
        }
        Reading<Duration> found = Lengths.parse(String.join(" ", tokens.subList(start, at)));
        return found.value().orElseThrow(() -> refusal(found.problem()));
    }

    private int number(String what) {
        if (!isNumber()) {
            String found = at < tokens.size() ? "\"" + tokens.get(at) + "\"" : "the end";
            throw refusal("Expected %s as a number, found %s.".formatted(what, found));
        }
        String digits = tokens.get(at++);
        if (digits.length() > 6) {
            throw refusal("%s is far too large for a dose.".formatted(digits));
        }
        return Integer.parseInt(digits);
    }

    private boolean isNumber() {
        return at < tokens.size() && tokens.get(at).chars().allMatch(c -> c >= '0' && c <= '9');
    }

    private boolean isClock() {
        return at < tokens.size() && tokens.get(at).indexOf(':') > 0;
    }

    private boolean isLengthUnit(int index) {
        return index < tokens.size() && Set.of("s", "sec", "min").contains(tokens.get(index));
    }

    private boolean peek(String word) {
        return at < tokens.size() && tokens.get(at).equals(word);
    }

    private boolean accept(String word) {
        if (!peek(word)) {
            return false;
        }
        at++;
        return true;
    }

    private void expect(String word) {
        if (!accept(word)) {
            throw refusal("Expected \"%s\" after \"%s\".".formatted(word, tokens.get(at - 1)));
        }
    }

    private void once(String clause) {
        if (!seen.add(clause)) {
            throw refusal("\"%s\" says the %s twice.".formatted(text, clause));
        }
    }

    private IllegalArgumentException unread() {
        if (at >= tokens.size()) {
            return refusal("\"%s\" ends with a comma: something is missing.".formatted(text));
        }
        return refusal("\"%s\" does not fit in \"%s\": %s.".formatted(tokens.get(at), text, EXAMPLES));
    }

    private static IllegalArgumentException refusal(String sentence) {
        return new IllegalArgumentException(sentence);
    }
}
