package app.kehre.core.exercise;

import java.util.Arrays;

/**
 * How many slips lead from the beginning of a known word to a typed one: a letter too many, one missing, a wrong
 * one, two swapped. More than the most are not counted further. To be used by one thread at a time.
 */
final class Slips {

    private final String typed;
    private final int most;
    private final int letters;
    private int[] last;
    private int[] before;
    private int[] row;

    /** Makes a count for a typed word. */
    Slips(String typed, int most) {
        this.typed = typed;
        this.most = most;
        letters = letters(typed);
        int width = typed.length() + most + 1;
        last = new int[width];
        before = new int[width];
        row = new int[width];
    }

    /** Returns the slips; any number over the most when there are more. */
    int in(String known) {
        boolean tooFar = known.length() < typed.length() - most
                || Integer.bitCount(letters & ~letters(known)) > most;
        return tooFar ? most + 1 : count(known, Math.min(known.length(), typed.length() + most));
    }

    private int count(String known, int length) {
        for (int k = 0; k <= length; k++) {
            row[k] = k;
        }
        for (int i = 1; i <= typed.length(); i++) {
            int[] free = before;
            before = last;
            last = row;
            row = free;
            row[0] = i;
            int least = i;
            for (int k = 1; k <= length; k++) {
                row[k] = step(known, i, k);
                least = Math.min(least, row[k]);
            }
            if (least > most + 1) {
                return most + 1;
            }
        }
        return Arrays.stream(row, 0, length + 1).min().orElseThrow();
    }

    private int step(String known, int i, int k) {
        int wrong = typed.charAt(i - 1) == known.charAt(k - 1) ? 0 : 1;
        int cost = Math.min(last[k - 1] + wrong, 1 + Math.min(last[k], row[k - 1]));
        boolean swapped = i > 1 && k > 1 && typed.charAt(i - 1) == known.charAt(k - 2)
                && typed.charAt(i - 2) == known.charAt(k - 1);
        return swapped ? Math.min(cost, before[k - 2] + 1) : cost;
    }

    /** Returns which letters a word has, one bit each; different letters may share a bit. */
    private static int letters(String word) {
        int bits = 0;
        for (int i = 0; i < word.length(); i++) {
            bits |= 1 << (word.charAt(i) & 31);
        }
        return bits;
    }
}
