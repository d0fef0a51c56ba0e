package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.TreeSet;

/**
 * Words that are nearly known ones: one slip in a word of four letters or more, two from six on. A slip is a letter too many, one
 * missing, a wrong one, or two swapped.
 */
final class Spellings {

    private static final int SHORTEST = 4;
    private static final int TWO_SLIPS = 6;
    private static final int MOST = 3;

    private final Map<Character, List<String>> byFirst = new HashMap<>();
    private final Map<String, List<Near>> seen = new HashMap<>();

    /**
     * A known word that is near.
     *
     * @param word the known word
     * @param slips 1 or 2
     */
    record Near(String word, int slips) {}

    Spellings(Collection<String> known) {
        new TreeSet<>(known).stream().filter(word -> word.length() >= SHORTEST - 1)
                .forEach(word -> byFirst.computeIfAbsent(word.charAt(0), _ -> new ArrayList<>()).add(word));
    }

    /** Returns the known words nearest to a word, those with the fewest slips alone; none where it is too short. */
    List<Near> near(String word) {
        if (word.length() < SHORTEST || word.length() > 30) {
            return List.of();
        }
        synchronized (seen) {
            return seen.computeIfAbsent(word, this::found);
        }
    }

    private List<Near> found(String word) {
        int most = word.length() < TWO_SLIPS ? 1 : 2;
        List<Near> near = new ArrayList<>();
        // People hardly ever miss the first letter; swapped with the second it is tried as well.
        near.addAll(in(byFirst.getOrDefault(word.charAt(0), List.of()), word, most));
        near.addAll(in(byFirst.getOrDefault(word.charAt(1), List.of()), word, 1));
        int least = near.stream().mapToInt(Near::slips).min().orElse(0);
        return near.stream().filter(each -> each.slips() == least).distinct().limit(MOST).toList();
    }

    private static List<Near> in(List<String> known, String word, int most) {
        List<Near> near = new ArrayList<>();
        for (String each : known) {
            if (Math.abs(each.length() - word.length()) <= most) {
                int slips = slips(each, word, most);
                if (slips <= most) {
                    near.add(new Near(each, slips));
                }
            }
        }
        return near;
    }

    /** Damerau's distance of two words, not counted further than one over the most. */
    static int slips(String one, String other, int most) {
        int[] before = new int[other.length() + 1];
        int[] last = new int[other.length() + 1];
        int[] row = new int[other.length() + 1];
        for (int k = 0; k <= other.length(); k++) {
            last[k] = k;
        }
        for (int i = 1; i <= one.length(); i++) {
            row[0] = i;
            int least = i;
            for (int k = 1; k <= other.length(); k++) {
                int wrong = one.charAt(i - 1) == other.charAt(k - 1) ? 0 : 1;
                row[k] = Math.min(last[k - 1] + wrong, 1 + Math.min(last[k], row[k - 1]));
                if (i > 1 && k > 1 && one.charAt(i - 1) == other.charAt(k - 2)
                        && one.charAt(i - 2) == other.charAt(k - 1)) {
                    row[k] = Math.min(row[k], before[k - 2] + 1);
                }
                least = Math.min(least, row[k]);
            }
            if (least > most) {
                return most + 1;
            }
            int[] free = before;
            before = last;
            last = row;
            row = free;
        }
        return last[other.length()];
    }
}
