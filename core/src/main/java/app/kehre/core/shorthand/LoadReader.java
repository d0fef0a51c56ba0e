package app.kehre.core.shorthand;

import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;

/** Reads with what: "w/ 3 kg", "2 x 4 kg", "5 lb", "light", "both dumbbells", "with a band", "bodyweight". */
final class LoadReader {

    private static final Set<String> KILOS = Lexicon.words("kg kgs kilo kilos kilogram kilograms");
    private static final Set<String> POUNDS = Lexicon.words("lb lbs pound pounds");
    private static final Set<String> WEIGHTS = Lexicon.words(
            "weight weights wt wts db dbs dumbbell dumbbells dumbell dumbells dumbbel handweights hantel hanteln");
    private static final Set<String> SIZES = Lexicon.words("light heavy medium");
    private static final Map<String, Load.Size> SIZE = Map.of("light", Load.Size.LIGHT, "medium",
            Load.Size.MEDIUM,
            "heavy", Load.Size.HEAVY);
    private static final Set<String> WITH = Lexicon.words("with w/ w holding mit avec con using @ +");
    private static final double POUND = 0.453592;

    private final List<Token> tokens;

    LoadReader(List<Token> tokens) {
        this.tokens = tokens;
    }

    private boolean sees(int at, Set<String> words) {
        return at < tokens.size() && words.contains(tokens.get(at).text());
    }

    private boolean sees(int at, String word) {
        return at < tokens.size() && tokens.get(at).is(word);
    }

    Optional<FactReader.Found> at(int at) {
        if (sees(at, "bodyweight")) {
            return found(Load.NONE, false, at + 1);
        }
        if (sees(at, "bw") || sees(at, "b/w") || sees(at, "body") && sees(at + 1, "weight")) {
            return found(Load.NONE, false, sees(at, "body") ? at + 2 : at + 1);
        }
        boolean none = sees(at, "no") || sees(at, "without") || sees(at, "w/o");
        if (none && (sees(at + 1, WEIGHTS) || sees(at + 1, "kit") || sees(at + 1, "equipment"))) {
            return found(Load.NONE, false, at + 2);
        }
        boolean with = sees(at, WITH);
        return kilos(next(at)).or(() -> weights(next(at), with))
                .or(() -> with ? other(next(at)) : Optional.empty());
    }

    private int next(int at) {
        int next = sees(at, WITH) ? at + 1 : at;
        while (next > at
                && (sees(next, "a") || sees(next, "the") || sees(next, "your") || sees(next, "some"))) {
            next++;
        }
        return next;
    }

    /** "2.5 kg", "2 x 4 kg", "5 lb dumbbells". */
    private Optional<FactReader.Found> kilos(int at) {
        int from = at;
        int pieces = 0;
        if (number(at) > 0 && (sees(at + 1, "x") || tokenIsX(at + 1)) && unit(at + 3)) {
            pieces = (int) number(at);
            from = at + 2;
        } else if (number(at) > 0 && number(at + 1) > 0 && unit(at + 2)) {
            pieces = (int) number(at);
            from = at + 1;
        }
        if (number(from) <= 0 || !unit(from + 1)) {
            return Optional.empty();
        }
        double kilos = number(from) * (sees(from + 1, POUNDS) ? POUND : 1);
        int halves = (int) Math.round(kilos * 2);
        int next = from + 2;
        while (sees(next, WEIGHTS) || sees(next, "each") && sees(next + 1, "hand") || sees(next, "hand")) {
            next += sees(next, "each") ? 2 : 1;
        }
        return halves < 1 || halves > 100 || pieces > Load.Piece.MOST
                ? Optional.empty()
                : found(weights(new Load.Size.Kilos(halves), pieces), pieces == 0, next);
    }

    private boolean tokenIsX(int at) {
        return at < tokens.size() && tokens.get(at).isSign("x");
    }

    private boolean unit(int at) {
        return sees(at, KILOS) || sees(at, POUNDS);
    }

    private double number(int at) {
        return at < tokens.size() && tokens.get(at).isNumber()
                ? tokens.get(at).value()
                : at < tokens.size() ? Lexicon.number(tokens.get(at).text()) : 0;
    }

    /** "2 light weights", "both dumbbells", "DBs", "heavy". */
    private Optional<FactReader.Found> weights(int from, boolean with) {
        int next = from;
        int pieces = sees(next, "both") ? 2 : number(next) > 0 && number(next) <= 4 ? (int) number(next) : 0;
        next += pieces > 0 ? 1 : 0;
        Load.Size size = sees(next, SIZES) ? SIZE.get(tokens.get(next).text()) : Load.Size.UNSIZED;
        boolean sized = size != null && !size.equals(Load.Size.UNSIZED);
        next += sized ? 1 : 0;
        if (sees(next, WEIGHTS)) {
            return found(weights(size == null ? Load.Size.UNSIZED : size, pieces), pieces == 0, next + 1);
        }
        return sized && pieces == 0 && !with && size != null
                ? found(weights(size, 0), true, next)
                : Optional.empty();
    }

    /** "with a long band", "w/ towel", "on the step". */
    private Optional<FactReader.Found> other(int from) {
        int next = from;
        Load.Size size = sees(next, SIZES) ? SIZE.get(tokens.get(next).text()) : Load.Size.UNSIZED;
        next += size != null && !size.equals(Load.Size.UNSIZED) ? 1 : 0;
        boolean looped = sees(next, "looped") || sees(next, "loop") || sees(next, "mini")
                || sees(next, "booty");
        next += looped || sees(next, "long") || sees(next, "resistance") || sees(next, "elastic") ? 1 : 0;
        Equipment kit = null;
        if (sees(next, "band") || sees(next, "bands") || sees(next, "tube")) {
            kit = looped ? Equipment.LOOP_BAND : Equipment.LONG_BAND;
        } else if (looped && (sees(next - 1, "loop") || sees(next - 1, "looped"))) {
            return found(piece(Equipment.LOOP_BAND, Load.Size.UNSIZED), true, next);
        } else if (sees(next, "towel")) {
            kit = Equipment.TOWEL;
        } else if (sees(next, "kettlebell") || sees(next, "kb")) {
            kit = Equipment.KETTLE_WEIGHT;
        }
        return kit == null
                ? Optional.empty()
                : found(piece(kit, size == null ? Load.Size.UNSIZED : size), true, next + 1);
    }

    private static Load piece(Equipment kit, Load.Size size) {
        return new Load(List.of(new Load.Piece(kit, size, 1, Load.Where.USUAL, 0)));
    }

    private static Load weights(Load.Size size, int pieces) {
        return new Load(
                List.of(new Load.Piece(Equipment.WEIGHT, size, Math.max(1, pieces), Load.Where.USUAL, 0)));
    }

    private static Optional<FactReader.Found> found(Load load, boolean open, int next) {
        return Optional.of(new FactReader.Found(new Fact.With(load, open), next));
    }
}
