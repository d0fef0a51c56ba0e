package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

/**
 * What stands in brackets, and behind a dash or a semicolon, taken out of a line: a dose goes back among the tokens, words are the
 * line's note.
 *
 * @param tokens the line without its notes
 * @param notes what was said aside, as it was written
 */
record Brackets(List<Token> tokens, List<String> notes) {

    private static final Set<String> METHOD = Lexicon.words("add link linked pyramid reduction layering");

    Brackets {
        tokens = List.copyOf(tokens);
        notes = List.copyOf(notes);
    }

    static Brackets of(List<Token> tokens, String bare, NameIndex names) {
        List<Token> kept = new ArrayList<>();
        List<String> notes = new ArrayList<>();
        for (int at = 0; at < tokens.size(); at++) {
            Token token = tokens.get(at);
            int end = token.isSign("(") || token.isSign("[") ? closing(tokens, at) : -1;
            if (end > at) {
                List<Token> inner = tokens.subList(at + 1, end);
                boolean method = inner.stream().anyMatch(each -> METHOD.contains(each.text()));
                if (says(inner) || method) {
                    kept.addAll(inner);
                } else if (!inner.isEmpty()) {
                    notes.add(bare.substring(inner.getFirst().from(), inner.getLast().to()).strip());
                }
                at = end;
            } else if (token.isSign(";") && at > 0) {
                notes.add(bare.substring(token.to()).strip());
                break;
            } else if (token.isSign("-") && at > 0 && asWords(tokens, kept, at, names)) {
                notes.add(bare.substring(token.to()).strip());
                break;
            } else {
                kept.add(token);
            }
        }
        return new Brackets(kept, notes.stream().filter(each -> !each.isEmpty()).toList());
    }

    private static int closing(List<Token> tokens, int open) {
        for (int at = open + 1; at < tokens.size(); at++) {
            if (tokens.get(at).isSign(")") || tokens.get(at).isSign("]")) {
                return at;
            }
        }
        return -1;
    }

    /** Whether some tokens are facts alone: "10/side", "about 2 min", "R lead". */
    private static boolean says(List<Token> inner) {
        FactReader facts = new FactReader(inner);
        boolean said = false;
        for (int at = 0; at < inner.size();) {
            int here = at;
            var fact = facts.at(at).filter(found -> found.next() > here);
            boolean small = Lexicon.SMALL.contains(inner.get(at).text())
                    || inner.get(at).kind() == Token.Kind.SIGN;
            if (fact.isPresent()) {
                said = true;
                at = fact.get().next();
            } else if (small) {
                at++;
            } else {
                return false;
            }
        }
        return said;
    }

    /** Whether what stands behind a dash is a note: an exercise came before, and no dose follows. */
    private static boolean asWords(List<Token> tokens, List<Token> before, int dash, NameIndex names) {
        List<Token> behind = tokens.subList(dash + 1, tokens.size());
        boolean named = before.stream()
                .anyMatch(each -> each.isWord() && names.has(Lexicon.stem(each.text())));
        boolean dosed = behind.stream().anyMatch(each -> each.isNumber() || Lexicon.number(each.text()) > 0
                || each.kind() == Token.Kind.CLOCK);
        boolean listed = behind.stream().anyMatch(each -> each.isSign("-"))
                || before.stream().noneMatch(each -> each.isNumber()) && before.size() < 4;
        boolean method = behind.stream()
                .anyMatch(each -> each.text().matches("add|link|pyramid|layer|layers|layering"));
        long known = behind.stream().filter(each -> each.isWord() && names.has(Lexicon.stem(each.text())))
                .count();
        long words = behind.stream().filter(Token::isWord).count();
        return named && !dosed && !method && !(listed && known * 2 >= words) && words > 0;
    }
}
