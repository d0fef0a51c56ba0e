package app.kehre.core.dose;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.regex.MatchResult;
import java.util.regex.Pattern;

import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;

/** The words, numbers and signs of a typed dose, read from left to right. */
final class Tokens {

    /** What every refusal of a whole text ends with. */
    static final String EXAMPLES = "write it like 3 x 12 reps, hold 25 s each side,"
            + " 45 s on, 15 s off, x5 or 5 eights";

    private static final Pattern TOKEN = Pattern
            .compile("(?:\\d+:)?\\d+:\\d{2}|\\d+|\\p{L}+|[^\\s\\d\\p{L}]");
    private static final Set<String> UNITS = Set.of("s", "sec", "min");
    private static final int LONGEST_NUMBER = 6;

    private final String text;
    private final List<String> tokens;
    private final Set<String> said = new HashSet<>();
    private int at;

    Tokens(String text) {
        this.text = text.strip();
        this.tokens = middles(TOKEN.matcher(text.toLowerCase(Locale.ROOT).replace('\u00d7', 'x')).results()
                .map(MatchResult::group).toList());
    }

    /** Reads "20 to 30" as what lies in the middle, rounded up. */
    private static List<String> middles(List<String> read) {
        List<String> middles = new ArrayList<>();
        for (int i = 0; i < read.size(); i++) {
            boolean range = i + 2 < read.size() && read.get(i + 1).equals("to") && isShort(read.get(i))
                    && isShort(read.get(i + 2));
            middles.add(range
                    ? String.valueOf(
                            (Integer.parseInt(read.get(i)) + Integer.parseInt(read.get(i + 2)) + 1) / 2)
                    : read.get(i));
            i += range ? 2 : 0;
        }
        return List.copyOf(middles);
    }

    private static boolean isShort(String token) {
        return token.matches("\\d{1,6}");
    }

    String text() {
        return text;
    }

    boolean atEnd() {
        return at >= tokens.size();
    }

    int position() {
        return at;
    }

    void backTo(int position) {
        at = position;
    }

    /** Returns whether the next words are these. */
    boolean sees(String... words) {
        for (int i = 0; i < words.length; i++) {
            if (at + i >= tokens.size() || !tokens.get(at + i).equals(words[i])) {
                return false;
            }
        }
        return true;
    }

    boolean seesNumber() {
        return isNumber(at);
    }

    boolean seesLength() {
        return isClock(at) || (isNumber(at) && isUnit(at + 1));
    }

    /** Returns whether a number is followed by one of the words. */
    boolean seesNumberOf(Set<String> words) {
        return isNumber(at) && at + 1 < tokens.size() && words.contains(tokens.get(at + 1));
    }

    /** Takes the words if they come next. */
    boolean accept(String... words) {
        if (!sees(words)) {
            return false;
        }
        at += words.length;
        return true;
    }

    boolean acceptAny(Set<String> words) {
        if (atEnd() || !words.contains(tokens.get(at))) {
            return false;
        }
        at++;
        return true;
    }

    void expect(String word) {
        if (!accept(word)) {
            throw new Refusal("Expected \"%s\" after \"%s\".".formatted(word, tokens.get(at - 1)));
        }
    }

    /** Takes words of letters, some of them joined by hyphens, up to the first number or sign; nothing when there are none. */
    String letters() {
        StringBuilder words = new StringBuilder();
        while (isWord(at)) {
            words.append(words.isEmpty() ? "" : " ").append(tokens.get(at++));
            while (sees("-") && isWord(at + 1)) {
                words.append('-').append(tokens.get(at + 1));
                at += 2;
            }
        }
        return words.toString();
    }

    private boolean isWord(int index) {
        return index < tokens.size() && Character.isLetter(tokens.get(index).charAt(0));
    }

    int number(String what) {
        if (!isNumber(at)) {
            String found = atEnd() ? "the end" : "\"" + tokens.get(at) + "\"";
            throw new Refusal("Expected %s as a number, found %s.".formatted(what, found));
        }
        String digits = tokens.get(at++);
        if (digits.length() > LONGEST_NUMBER) {
            throw new Refusal("%s is far too large for a dose.".formatted(digits));
        }
        return Integer.parseInt(digits);
    }

    Duration length(String what) {
        int start = at;
        if (!isClock(at)) {
            number(what);
            if (!isUnit(at)) {
                String number = tokens.get(start);
                throw new Refusal("%s has no unit: write %s s or %s min.".formatted(number, number, number));
            }
        }
        at++;
        Reading<Duration> found = Lengths.parse(String.join(" ", tokens.subList(start, at)));
        return found.value().orElseThrow(() -> new Refusal(found.problem()));
    }

    /** Refuses a clause that was said before. */
    void once(String clause) {
        if (!said.add(clause)) {
            throw new Refusal("\"%s\" says the %s twice.".formatted(text, clause));
        }
    }

    boolean hasSaid(String clause) {
        return said.contains(clause);
    }

    Refusal notADose() {
        return new Refusal("\"%s\" is not a dose: %s.".formatted(text, EXAMPLES));
    }

    Refusal unread() {
        return atEnd()
                ? new Refusal("\"%s\" ends with a comma: something is missing.".formatted(text))
                : new Refusal("\"%s\" does not fit in \"%s\": %s.".formatted(tokens.get(at), text, EXAMPLES));
    }

    private boolean isNumber(int index) {
        return index < tokens.size() && tokens.get(index).chars().allMatch(c -> c >= '0' && c <= '9');
    }

    private boolean isClock(int index) {
        return index < tokens.size() && tokens.get(index).indexOf(':') > 0;
    }

    private boolean isUnit(int index) {
        return index < tokens.size() && UNITS.contains(tokens.get(index));
    }
}
