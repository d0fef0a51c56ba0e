package app.kehre.store;

import java.util.Locale;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** Words that are looked for, each of which begins a word of what is found. */
final class Wanted {

    private Wanted() {}

    /** Returns the words as a query of full text: nothing of them is taken for a command. */
    static String query(String words) {
        return Stream.of(words.toLowerCase(Locale.ROOT).split("[^\\p{L}\\p{N}]+"))
                .filter(word -> !word.isEmpty())
                .map(word -> "\"%s\"*".formatted(word)).collect(Collectors.joining(" "));
    }
}
