package app.kehre.core.exercise;

import java.util.List;

/**
 * What an exercise is called.
 *
 * @param usual the field's usual name, 1 to 200 characters
 * @param others general words that people search for
 */
public record Names(String usual, List<String> others) {
    public Names {
        others = List.copyOf(others);
    }
}
