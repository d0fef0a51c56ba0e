package app.kehre.formats.json;

import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.IntStream;

/** What a word might have meant: the terms of a list that share most of its pairs of letters. */
final class Nearest {

    private static final int ROOM = 150;
    private static final int SHOWN = 5;

    private Nearest() {}

    /** Returns "one of: a, b, c", or the nearest of many: "one of 20, such as: a, b". */
    static String words(String word, List<String> terms) {
        String all = String.join(", ", terms);
        if (all.length() <= ROOM) {
            return "one of: " + all;
        }
        Set<String> wanted = pairs(Cut.text(word));
        return "one of %d, such as: %s".formatted(terms.size(),
                terms.stream()
                        .sorted(Comparator.comparingDouble(term -> -alike(wanted, pairs(term)))).limit(SHOWN)
                        .collect(Collectors.joining(", ")));
    }

    /** How alike two words are, 0 to 1: the share of their pairs of letters that both have (Dice's coefficient). */
    private static double alike(Set<String> one, Set<String> other) {
        return 2.0 * one.stream().filter(other::contains).count() / Math.max(1, one.size() + other.size());
    }

    private static Set<String> pairs(String word) {
        String plain = word.strip().toLowerCase(Locale.ROOT);
        return IntStream.range(0, Math.max(0, plain.length() - 1)).mapToObj(at -> plain.substring(at, at + 2))
                .collect(Collectors.toSet());
    }
}
