package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Speed;
import app.kehre.core.plan.Variant;

/** Reads the facts of a line: how much, how often, how long, which side. Each reader answers how many tokens it took. */
final class FactReader {

    private static final Set<String> SECONDS = Lexicon
            .words("s sec secs second seconds sek sekunde sekunden segundos seconde secondes secs");
    private static final Set<String> MINUTES = Lexicon
            .words("min mins minute minutes minuten m mn minuto minutos");
    private static final Set<String> COUNTS = Lexicon
            .words("c ct cts cnt cnts count counts beat beats temps tiempos zahlzeiten cnts");
    private static final Set<String> EIGHTS = Lexicon.words("eights eight achter");
    private static final Set<String> TIMES = Lexicon
            .words("times time mal fois veces wdh");
    private static final Set<String> ROUNDS = Lexicon
            .words("round rounds rd rds runde runden tours rondas circuits laps lap");
    private static final Set<String> ON = Lexicon.words("on work working belastung go");
    private static final Set<String> OFF = Lexicon
            .words("off rest resting pause break change changeover easy");
    private static final Set<String> LIMBS = Lexicon
            .words("side sides leg legs arm arms foot feet way ways hand hands direction directions seite bein s");
    private static final Set<String> ABOUT = Lexicon.words("about around approx circa ca ungefahr roughly");
    private static final int LONGEST_INTERVAL = 600;
    /** More than so many of anything is a slip of the pen. */
    private static final int MOST_COUNTED = 512;
    /** "10/10" and "10+10" are ten on each side, "30/30" is an interval. */
    private static final int MOST_A_SIDE = 24;
    /** "10 min on the mat" is no interval. */
    private static final int LONGEST_WORK = 300;

    private final List<Token> tokens;
    private final LoadReader loads;

    /** A fact and where the next token stands. */
    record Found(Fact fact, int next) {}

    FactReader(List<Token> tokens) {
        this.tokens = tokens;
        this.loads = new LoadReader(tokens);
    }

    /** Finds the fact that begins at a token. */
    Optional<Found> at(int at) {
        return asMany(at).or(() -> rest(at)).or(() -> held(at)).or(() -> sides(at)).or(() -> loads.at(at))
                .or(() -> manner(at)).or(() -> timesSign(at)).or(() -> numbered(at));
    }

    private boolean sees(int at, Set<String> words) {
        return at < tokens.size() && words.contains(tokens.get(at).text());
    }

    private boolean sees(int at, String... words) {
        for (int i = 0; i < words.length; i++) {
            if (at + i >= tokens.size() || !tokens.get(at + i).is(words[i])) {
                return false;
            }
        }
        return true;
    }

    /** Returns the number at a token, in digits or as a word; 0 where there is none. */
    private double number(int at) {
        if (at >= tokens.size()) {
            return 0;
        }
        Token token = tokens.get(at);
        return token.isNumber() ? token.value() : token.isWord() ? Lexicon.number(token.text()) : 0;
    }

    private int skip(int at, String... signs) {
        int next = at;
        while (next < tokens.size() && List.of(signs).contains(tokens.get(next).text())) {
            next++;
        }
        return next;
    }

    /** A length of time: "30 s", "2 min.", "1:30". */
    record Span(Duration length, int next) {}

    Optional<Span> span(int at) {
        if (at < tokens.size() && tokens.get(at).kind() == Token.Kind.CLOCK) {
            return Optional.of(new Span(Duration.ofSeconds((long) tokens.get(at).value()), at + 1));
        }
        double number = sees(at, "half", "a") ? 0.5 : number(at);
        int unit = sees(at, "half", "a") ? at + 2 : skip(at + 1, "-");
        boolean seconds = sees(unit, SECONDS) && !(sees(unit, "s") && unit > at + 1);
        boolean minutes = sees(unit, MINUTES);
        if (number <= 0 || !seconds && !minutes) {
            return Optional.empty();
        }
        long millis = Math.round(number * (minutes ? 60_000 : 1_000));
        int next = skip(unit + 1, ".");
        return millis > 10_800_000 || millis < 500
                ? Optional.empty()
                : Optional.of(new Span(Duration.ofMillis(millis), next));
    }

    /** A time with its unit, or a bare number of seconds. */
    private Optional<Span> seconds(int at) {
        return span(at).or(() -> number(at) > 0 && number(at) <= LONGEST_INTERVAL
                ? Optional.of(new Span(Duration.ofSeconds((long) number(at)), at + 1))
                : Optional.empty());
    }

    private Optional<Found> asMany(int at) {
        boolean many = sees(at, "amrap") || sees(at, "max");
        int words = sees(at, "as", "many", "as", "possible") || sees(at, "as", "many", "as", "you")
                ? sees(at + 4, "can") ? 5 : 4
                : many ? 1 : 0;
        if (words > 0) {
            int next = skip(at + words, "in", "for", ":", ",", "reps");
            return span(next).map(span -> new Found(new Fact.AsMany(span.length()), span.next()))
                    .or(() -> Optional.of(new Found(new Fact.Most(), at + words)));
        }
        return span(at).filter(span -> sees(span.next(), "amrap"))
                .map(span -> new Found(new Fact.AsMany(span.length()), span.next() + 1));
    }

    private Optional<Found> rest(int at) {
        if (sees(at, "rest") || sees(at, "pause") || sees(at, "break")) {
            return seconds(skip(at + 1, "for", "of", ":"))
                    .map(span -> new Found(new Fact.Rest(span.length()), between(span.next())));
        }
        return span(at)
                .filter(span -> sees(span.next(), "rest", "between") || sees(span.next(), "rest") || sees(
                        span.next(), "pause"))
                .map(span -> new Found(new Fact.Rest(span.length()), between(span.next() + 1)));
    }

    /** "between", "between rounds", "between sets". */
    private int between(int at) {
        int next = sees(at, "in", "between")
                ? at + 2
                : sees(at, "between") || sees(at, "after") ? at + 1 : at;
        return next > at && (sees(next, ROUNDS) || sees(next, "sets") || sees(next, "each"))
                ? next + 1
                : next;
    }

    private Optional<Found> held(int at) {
        if (!sees(at, "hold") && !sees(at, "held") && !sees(at, "holding")) {
            return Optional.empty();
        }
        int next = skip(at + 1, "it", "for", "this", "last", "the", "one");
        Optional<Found> byTime = span(next)
                .map(span -> new Found(new Fact.Held(span.length(), 0), span.next()));
        return byTime.or(() -> number(next) > 0 && sees(next + 1, COUNTS)
                ? Optional.of(new Found(new Fact.Held(Duration.ZERO, (int) number(next)), next + 2))
                : Optional.empty());
    }

    private Optional<Found> sides(int at) {
        if (sees(at, "e/s") || sees(at, "ea/s") || sees(at, "es") || sees(at, "p/s") || sees(at, "e/l")
                || sees(at, "e/a")
                || sees(at, "eachside") || sees(at, "bds")) {
            return side(Sides.EACH_SIDE, at + 1);
        }
        boolean twice = (sees(at, "/") || sees(at, "+")) && at > 0 && number(at - 1) > 0
                && number(at - 1) == number(at + 1) && number(at + 1) <= MOST_A_SIDE;
        if (twice) {
            return side(Sides.EACH_SIDE, at + 2);
        }
        int on = skip(at, "on", "to", "for");
        boolean each = sees(on, "each") || sees(on, "ea") || sees(on, "every") || sees(on, "either")
                || sees(on, "per")
                || sees(on, "both") || sees(on, "je") || sees(on, "pro") || sees(on, "par") || sees(on, "/")
                || sees(on, "a") && sees(on + 1, "side");
        if (each) {
            int next = skip(on + 1, ".", "of", "the", "these");
            if (sees(next, LIMBS) && !(sees(on, "/") && sees(next, "feet"))
                    && !(sees(next, "s") && !sees(on, "/"))) {
                return side(Sides.EACH_SIDE, next + 1);
            }
            return sees(on, "each") || sees(on, "ea") || sees(on, "je")
                    ? Optional.of(new Found(new Fact.Side(Sides.EACH_SIDE, true),
                            skip(on + 1, ".", "of", "exercise")))
                    : Optional.empty();
        }
        return named(at);
    }

    private Optional<Found> named(int at) {
        boolean right = sees(at, "right") || sees(at, "r");
        boolean left = sees(at, "left") || sees(at, "l");
        int and = skip(at + 1, "and", "+", "&", "/", "then", "side", "leg");
        boolean both = right && (sees(and, "left") || sees(and, "l")) && and > at + 1
                || left && (sees(and, "right") || sees(and, "r")) && and > at + 1
                || sees(at, "r/l") || sees(at, "l/r");
        if (both) {
            return side(Sides.EACH_SIDE, sees(at, "r/l") || sees(at, "l/r") ? at + 1 : and + 1);
        }
        if (sees(at, "alternating") || sees(at, "alt") || sees(at, "alternate") || sees(at, "alternately")) {
            return side(Sides.ALTERNATING, skip(at + 1, ".", "sides", "legs", "arms"));
        }
        int limb = skip(at + 1, "side", "leg", "arm", "foot", "lead");
        return right ? side(Sides.RIGHT_SIDE, limb) : left ? side(Sides.LEFT_SIDE, limb) : Optional.empty();
    }

    private static Optional<Found> side(Sides sides, int next) {
        return Optional.of(new Found(new Fact.Side(sides, false), next));
    }

    private Optional<Found> manner(int at) {
        if (sees(at, "slow") || sees(at, "slowly")) {
            return Optional.of(new Found(new Fact.Pace(Speed.SLOW), at + 1));
        }
        if (sees(at, "half", "time") || sees(at, "double", "time")) {
            return Optional.of(new Found(new Fact.MusicPace(
                    sees(at, "half") ? Counts.Pace.HALF_TIME : Counts.Pace.DOUBLE_TIME), at + 2));
        }
        if (sees(at, "easier", "option") || sees(at, "harder", "option")) {
            return Optional
                    .of(new Found(new Fact.OptionOf(sees(at, "easier") ? Variant.EASIER : Variant.HARDER),
                            at + 2));
        }
        return Optional.empty();
    }

    /** "x16", "x 30 s". */
    private Optional<Found> timesSign(int at) {
        if (at >= tokens.size() || !tokens.get(at).isSign("x")) {
            return Optional.empty();
        }
        int number = (int) number(at + 1);
        if (number <= 0) {
            return Optional.empty();
        }
        return span(at + 1).map(span -> new Found(new Fact.Time(span.length(), false), span.next()))
                .or(() -> Optional.of(sees(at + 2, COUNTS)
                        ? new Found(new Fact.Music(number), at + 3)
                        : sees(at + 2, ROUNDS)
                                ? new Found(new Fact.Rounds(number), at + 3)
                                : new Found(new Fact.Times(number), skip(at + 2, "reps", "times"))));
    }

    private Optional<Found> numbered(int at) {
        int about = sees(at, ABOUT) || sees(at, "~") ? at + 1 : at;
        Optional<Span> span = span(about);
        if (span.isPresent()) {
            return Optional.of(timed(span.get(), about > at));
        }
        double number = number(about);
        if (number <= 0 || number > MOST_COUNTED || number != Math.rint(number)) {
            return Optional.empty();
        }
        return Optional.of(counted((int) number, about, tokens.get(about).isNumber()));
    }

    private Found timed(Span span, boolean about) {
        int on = sees(span.next(), ON) ? span.next() + 1 : span.next();
        int second = skip(on, "/", ",", "and", "-", "+", "then", "with", "at", "each", "station", "of");
        Optional<Span> rest = on > span.next() || second > on ? seconds(second) : seconds(on);
        if (rest.isPresent() && (sees(rest.get().next(), OFF)
                || sees(rest.get().next(), "to") && sees(rest.get().next() + 1, OFF))) {
            int off = sees(rest.get().next(), "to") ? rest.get().next() + 2 : rest.get().next() + 1;
            return new Found(new Fact.Clock(span.length(), rest.get().length()), off);
        }
        boolean fraction = sees(on, "/") && rest.isPresent()
                && rest.get().length().compareTo(span.length()) <= 0;
        if (fraction && span(on + 1).isPresent()) {
            return new Found(new Fact.Clock(span.length(), rest.get().length()), rest.get().next());
        }
        if (on > span.next() && span.length().toSeconds() <= LONGEST_WORK) {
            return new Found(new Fact.Clock(span.length(), Duration.ZERO), on);
        }
        int times = skip(span.next(), "x");
        return times > span.next() && number(times) > 0 && number(times) <= 20 && span(times).isEmpty()
                ? new Found(new Fact.SetsOf((int) number(times), span.length()), times + 1)
                : new Found(new Fact.Time(span.length(), about), span.next());
    }

    private Found counted(int number, int at, boolean digits) {
        int next = at + 1;
        if (next < tokens.size() && tokens.get(next).isSign("x")) {
            Optional<Found> sets = sets(number, next + 1);
            if (sets.isPresent()) {
                return sets.get();
            }
            return new Found(new Fact.Times(number), next + 1);
        }
        if (sees(next, "sets") || sees(next, "set")) {
            int of = skip(next + 1, "of", "x", "a");
            return sets(number, of).filter(_ -> of > next + 1)
                    .orElseGet(() -> new Found(new Fact.Sets(number, 0), skip(next + 1, "each")));
        }
        if (sees(next, "/") && digits) {
            int rest = (int) number(next + 1);
            if (rest > 0 && !(rest == number && number <= MOST_A_SIDE) && number <= LONGEST_INTERVAL
                    && number >= 10 && rest <= number && rest % 5 == 0) {
                int end = skip(next + 2, "s", "sec", "seconds");
                return new Found(new Fact.Clock(Duration.ofSeconds(number), Duration.ofSeconds(rest)), end);
            }
        }
        return unit(number, next);
    }

    private Found unit(int number, int next) {
        if (sees(next, COUNTS)) {
            return new Found(new Fact.Music(number), next + 1);
        }
        if (sees(next, EIGHTS)) {
            return new Found(new Fact.Music(8 * number), next + 1);
        }
        if (sees(next, "breaths") || sees(next, "breath")) {
            return new Found(new Fact.Breaths(number, false), next + 1);
        }
        if (sees(next, "deep", "breaths") || sees(next, "deep", "breath")) {
            return new Found(new Fact.Breaths(number, true), next + 2);
        }
        if (sees(next, "pulses") || sees(next, "pulse")) {
            return new Found(new Fact.Pulses(number), next + 1);
        }
        if (sees(next, "bpm")) {
            return new Found(new Fact.Tempo(number), next + 1);
        }
        if (sees(next, ROUNDS)) {
            return new Found(new Fact.Rounds(number), next + 1);
        }
        if (sees(next, ON)) {
            Optional<Span> rest = seconds(skip(next + 1, "/", ",", "and", "-"));
            if (rest.isPresent() && sees(rest.get().next(), OFF)) {
                return new Found(new Fact.Clock(Duration.ofSeconds(number), rest.get().length()),
                        rest.get().next() + 1);
            }
        }
        if (sees(next, TIMES)) {
            return sees(next + 1, "through")
                    ? new Found(new Fact.Rounds(number), next + 2)
                    : new Found(new Fact.Times(number), next + 1);
        }
        if (sees(next, "of", "them") || sees(next, "of", "these")) {
            return new Found(new Fact.Reps(number), next + 2);
        }
        return sees(next, "rep") || sees(next, "reps") || sees(next, "steps") || sees(next, "repetitions")
                || sees(next, "repeats") || sees(next, "repetition")
                        ? new Found(new Fact.Reps(number), next + 1)
                        : new Found(new Fact.Bare(number), next);
    }

    /** "3 x 12", "3 x 30 s", "3 x hold 30 s", "4 x 8 counts", "12 x 3" with the sets behind. */
    private Optional<Found> sets(int number, int at) {
        int from = skip(at, "hold", "for");
        Optional<Span> length = span(from);
        if (length.isPresent() && number <= 60) {
            int off = skip(length.get().next(), "/");
            Optional<Span> rest = off > length.get().next() ? seconds(off) : Optional.empty();
            return rest.isPresent() || number > 20
                    ? Optional.empty()
                    : Optional.of(
                            new Found(new Fact.SetsOf(number, length.get().length()), length.get().next()));
        }
        int second = (int) number(from);
        if (second <= 0 || second > 300) {
            return Optional.empty();
        }
        if (sees(from + 1, COUNTS) || sees(from + 1, EIGHTS)) {
            return Optional.of(new Found(new Fact.Music(number * second), from + 2));
        }
        int next = skip(from + 1, "reps", "rep");
        boolean behind = number > second && second <= 5 || number > 20 && second <= 20;
        return behind
                ? Optional.of(new Found(new Fact.Sets(second, number), next))
                : number > 20
                        ? Optional.empty()
                        : Optional.of(new Found(new Fact.Sets(number, second), next));
    }
}
