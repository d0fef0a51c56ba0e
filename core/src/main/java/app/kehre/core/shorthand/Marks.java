package app.kehre.core.shorthand;

import java.util.Locale;
import java.util.regex.Pattern;

/** How a line is marked as a heading: by signs, by bold, by a colon at its end, by capitals. */
final class Marks {

    private static final Pattern SIGNED = Pattern
            .compile("^\\s*#{1,6}\\s*\\S.*|^\\s*(?:\\*\\*|__)[^*_]+(?:\\*\\*|__).*");
    private static final int SHORTEST = 4;

    private Marks() {}

    static boolean heading(String line, String bare) {
        return SIGNED.matcher(line).matches() || bare.endsWith(":") || shouted(bare);
    }

    private static boolean shouted(String bare) {
        String letters = bare.replaceAll("\\P{L}", "");
        String first = bare.replaceAll("[\\d(,:+/&].*", "").replaceAll("\\P{L}", "");
        return first.length() >= SHORTEST && first.equals(first.toUpperCase(Locale.ROOT))
                && letters.length() <= 40;
    }
}
