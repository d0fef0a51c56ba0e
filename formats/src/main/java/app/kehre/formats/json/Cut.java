package app.kehre.formats.json;

import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** Shortens what is quoted from a file, so that a sentence about it stays a sentence. */
public final class Cut {

    /** So much of a text is shown, in characters. */
    public static final int SHOWN = 80;

    private static final int LONGEST = 280;
    private static final int PLACE = 120;
    private static final Pattern QUOTED = Pattern.compile("\"([^\"]{" + SHOWN + "})[^\"]+\"");

    private Cut() {}

    /** Returns the first 80 characters of a text, with "..." for the rest. */
    public static String text(String text) {
        return to(SHOWN, text);
    }

    /** Returns a sentence with all that it quotes cut, of at most 280 characters. */
    static String sentence(String sentence) {
        Matcher quoted = QUOTED.matcher(to(20 * LONGEST, sentence));
        return to(LONGEST,
                quoted.replaceAll(found -> Matcher.quoteReplacement("\"" + found.group(1) + "...\"")));
    }

    /** Returns the place of a field with its middle cut when somebody gave a field a name of many characters. */
    static String place(String place) {
        return place.length() <= PLACE
                ? place
                : to(PLACE / 2, place) + place.substring(place.length() - PLACE / 2);
    }

    private static String to(int most, String text) {
        if (text.length() <= most) {
            return text;
        }
        boolean halved = Character.isHighSurrogate(text.charAt(most - 1));
        return text.substring(0, halved ? most - 1 : most) + "...";
    }
}
