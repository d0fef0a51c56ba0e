package app.kehre.desk.session;

import java.text.Normalizer;
import java.util.Locale;

/** A name for a file that every system takes. */
public final class PlainName {

    private PlainName() {}

    /** Returns a title in small letters of the alphabet, digits and hyphens, such as "evening-climb-2"; "class" where none is left. */
    public static String of(String title) {
        String plain = Normalizer.normalize(title, Normalizer.Form.NFD).replaceAll("\\p{M}+", "")
                .toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-").replaceAll("^-|-$", "");
        return plain.isEmpty() ? "class" : plain;
    }
}
