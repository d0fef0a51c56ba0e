package app.kehre.formats.library;

import java.util.List;
import java.util.Locale;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.value.Named;

/** The library in lines: how many exercises there are, family by family, and what was found. */
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

    /** Returns a numbered line an exercise: name, id, family, and the muscle groups that it is chosen for. */
    public static String ranking(List<Exercise> found) {
        StringBuilder text = new StringBuilder();
        for (int i = 0; i < found.size(); i++) {
            Exercise each = found.get(i);
            text.append(String
                    .format(Locale.ROOT, "%4d  %-36s %-28s %-32s %s%n", i + 1, each.name(), each.id(),
                            each.family().words(),
                            each.main().stream().map(Named::words).collect(Collectors.joining(", ")))
                    .stripTrailing())
                    .append(System.lineSeparator());
        }
        return text.toString();
    }

    private static void line(StringBuilder text, String words, long count) {
        text.append(String.format(Locale.ROOT, "%-32s %5d%n", words, count));
    }
}
