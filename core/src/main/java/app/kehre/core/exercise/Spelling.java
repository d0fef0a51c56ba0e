package app.kehre.core.exercise;

import java.util.HashSet;
import java.util.NavigableSet;
import java.util.Set;
import java.util.TreeSet;

/** Mends a typed word that is no known word, where one known word alone is a single slip away: "squatts" is squat. */
final class Spelling {

    /** A shorter word is a slip away from too many others. */
    private static final int SHORTEST = 5;

    private final Set<String> stems = new HashSet<>();
    private final NavigableSet<String> words = new TreeSet<>();

    /** Takes a word as known. */
    void know(String word) {
        words.add(word);
        stems.add(SearchWords.stem(word));
    }

    /** Returns the known word that is meant, else the word itself. */
    String mended(String word) {
        String stem = SearchWords.stem(word);
        String next = words.ceiling(word);
        boolean begun = next != null && next.startsWith(word);
        if (begun || stem.length() < SHORTEST || stems.contains(stem)) {
            return word;
        }
        Set<String> near = new HashSet<>();
        for (int at = 0; at <= stem.length(); at++) {
            String before = stem.substring(0, at);
            String after = stem.substring(at);
            if (!after.isEmpty()) {
                add(near, before + after.substring(1));
            }
            if (after.length() > 1) {
                add(near, before + after.charAt(1) + after.charAt(0) + after.substring(2));
            }
            for (char letter = 'a'; letter <= 'z'; letter++) {
                add(near, before + letter + after);
                if (!after.isEmpty()) {
                    add(near, before + letter + after.substring(1));
                }
            }
        }
        return near.size() == 1 ? near.iterator().next() : word;
    }

    private void add(Set<String> near, String word) {
        if (stems.contains(word)) {
            near.add(word);
        }
    }
}
