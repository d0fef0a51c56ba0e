package app.kehre.formats.library;

import java.util.Locale;

import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;

/** How many exercises there are, family by family. */
public final class LibrarySummary {

    private LibrarySummary() {}

    /** Returns a line a family, then the sum, then the own and hidden ones. */
    public static String of(Library library) {
        StringBuilder text = new StringBuilder();
        for (Family family : Family.values()) {
            line(text, family.words(),
                    library.all().stream().filter(each -> each.family() == family).count());
        }
        line(text, "in all", library.all().size());
        line(text, "of them own", library.own().exercises().size());
        line(text, "hidden", library.hidden().size());
        return text.toString();
    }

    private static void line(StringBuilder text, String words, long count) {
        text.append(String.format(Locale.ROOT, "%-32s %5d%n", words, count));
    }
}
