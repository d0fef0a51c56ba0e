package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

/**
 * The cheapest way through the tokens of a line: which of them name an exercise, which say something of it, which join, which say
 * nothing. Each way is worth the sum of its parts; the best is found from the end, so that a name of three words goes before a name
 * of two and a number.
 */
final class LineParse {

    private static final int LONGEST_NAME = 8;
    private static final double WORD = 2;
    private static final double NAME = -0.5;
    /** One word that is only a part of a name says hardly more than one that nobody knows. */
    private static final double LONE = -0.15;
    private static final double FACT = 1.1;
    private static final double LOAD = 0.8;
    private static final double JOINT = -0.03;
    private static final double SMALL = -0.02;
    private static final double UNKNOWN = -0.3;
    private static final Set<String> JOINTS = Lexicon
            .words("+ & / , ; - and then into > | then und et y to-then");
    /** Stems that stand in the names of everything. */
    private static final Set<String> VAGUE = Lexicon
            .words("""
                    step back side front up down in out arm leg low floor lying ly stand seat sitt chair knee foot hand head body one two
                    each both hip heel toe over top high right left forward walk hold
                    """)
            .stream().map(Lexicon::stem).collect(Collectors.toUnmodifiableSet());
    private static final Map<String, String> DIGITS = Map.of("1", "one", "2", "two", "3", "three", "4",
            "four", "5",
            "five");

    private final List<Token> tokens;
    private final NameIndex names;
    private final Situation situation;
    private final FactReader facts;
    private final double[] worth;
    private final Part[] best;

    private LineParse(List<Token> tokens, NameIndex names, Situation situation) {
        this.tokens = tokens;
        this.names = names;
        this.situation = situation;
        this.facts = new FactReader(tokens);
        this.worth = new double[tokens.size() + 1];
        this.best = new Part[tokens.size()];
    }

    /** Returns the parts of a line, in order. */
    static List<Part> of(List<Token> tokens, NameIndex names, Situation situation) {
        return new LineParse(tokens, names, situation).parts();
    }

    private List<Part> parts() {
        for (int at = tokens.size() - 1; at >= 0; at--) {
            worth[at] = Double.NEGATIVE_INFINITY;
            token(at);
            int here = at;
            facts.at(at).filter(found -> found.next() > here && found.next() <= tokens.size())
                    .ifPresent(found -> offer(new Part.Said(here, found.next(), found.fact()),
                            (found.fact() instanceof Fact.With ? LOAD : FACT) * (found.next() - here)));
            names(at);
        }
        List<Part> parts = new ArrayList<>();
        for (int at = 0; at < best.length; at = best[at].to()) {
            parts.add(best[at]);
        }
        return parts;
    }

    private void offer(Part part, double value) {
        double all = value + worth[part.to()];
        if (all > worth[part.from()]) {
            worth[part.from()] = all;
            best[part.from()] = part;
        }
    }

    private void token(int at) {
        Token token = tokens.get(at);
        if (JOINTS.contains(token.text())) {
            offer(new Part.Joint(at, at + 1, token.text()), JOINT);
        } else if (Lexicon.SMALL.contains(token.text()) || token.kind() == Token.Kind.SIGN) {
            offer(new Part.Small(at, at + 1, token.text()), SMALL);
        } else {
            offer(new Part.Unknown(at, at + 1), UNKNOWN);
        }
    }

    private void names(int from) {
        if (word(from).isEmpty() || tokens.get(from).kind() == Token.Kind.SIGN
                || NameIndex.SMALL.contains(word(from).get())) {
            return;
        }
        List<String> words = new ArrayList<>();
        boolean number = false;
        for (int to = from; to < tokens.size() && to - from < LONGEST_NAME; to++) {
            Optional<String> word = word(to);
            if (word.isEmpty()) {
                break;
            }
            if (to > from && tokens.get(to).kind() == Token.Kind.SIGN) {
                continue;
            }
            number |= tokens.get(to).isNumber();
            words.add(word.get());
            if (!NameIndex.SMALL.contains(word.get())) {
                name(from, to + 1, words, number);
            }
        }
    }

    private void name(int from, int to, List<String> words, boolean number) {
        if (number && to - from == 1) {
            return;
        }
        List<String> stems = Lexicon.stems(words);
        if (stems.isEmpty()) {
            return;
        }
        List<Candidate> found = situation.ranked(names, stems);
        if (!found.isEmpty()) {
            double quality = found.getFirst().quality();
            boolean lone = stems.size() == 1 && quality < 0.9;
            boolean joined = tokens.subList(from, to).stream()
                    .anyMatch(each -> each.kind() == Token.Kind.SIGN);
            if (number && quality < 0.99 || joined && quality < 0.9) {
                return;
            }
            boolean telling = stems.stream().anyMatch(each -> !VAGUE.contains(each));
            boolean vague = lone || !telling && quality < 0.9;
            offer(new Part.Name(from, to, found, stems.size(), situation.danced() || telling),
                    vague ? LONE : quality * WORD * stems.size() + NAME);
        }
    }

    /** A word, or a small number that may be part of a name. */
    private Optional<String> word(int at) {
        Token token = tokens.get(at);
        if (token.isWord()) {
            return Optional.of(token.text());
        }
        if (token.isSign("+") || token.isSign("&")) {
            return at > 0 ? Optional.of(token.text()) : Optional.empty();
        }
        return token.kind() == Token.Kind.NUMBER
                ? Optional.ofNullable(DIGITS.get(token.text()))
                : Optional.empty();
    }
}
