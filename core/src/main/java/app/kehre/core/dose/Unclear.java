package app.kehre.core.dose;

import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What instructors write that is no dose of one line, or could be two: it is refused with what it can be. */
final class Unclear {

    private static final Pattern UNEVEN = Pattern.compile(
            "(?i)(.*?\\d+\\s*(?:s|min|reps?)?)\\s+(right|left)(?: side)?,?\\s+(?:and )?(\\d+)\\s*(s|min|reps?)?\\s+"
                    + "(right|left)(?: side)?");

    private static final Pattern CUE = Pattern.compile("(?i),?\\s*(last\\s+\\d+\\s+counted)");

    private Unclear() {}

    /** Refuses sides that differ: a line holds the same on both sides: what differs is two lines. */
    static void refuseUneven(Tokens tokens) {
        Matcher uneven = UNEVEN.matcher(tokens.text());
        if (!uneven.matches()) {
            return;
        }
        if (uneven.group(2).equalsIgnoreCase(uneven.group(5))) {
            throw new Refusal("\"%s\" says the %s side twice: write right once and left once."
                    .formatted(tokens.text(), uneven.group(2).toLowerCase(Locale.ROOT)));
        }
        List<String> doses = uneven(tokens.text());
        String first = uneven.group(1).strip();
        if (doses.isEmpty()) {
            throw new Refusal("Both sides are alike: write %s, each side.".formatted(first),
                    first + ", each side");
        }
        throw new Refusal("\"%s\" is not the same on both sides: write %s here and %s on a line of its own."
                .formatted(tokens.text(), doses.getFirst(), doses.getLast()), doses.toArray(String[]::new));
    }

    /** Returns the doses of two lines that a text with different sides stands for, as they are written; else none. */
    static List<String> uneven(String text) {
        Matcher uneven = UNEVEN.matcher(text.strip());
        if (!uneven.matches() || uneven.group(2).equalsIgnoreCase(uneven.group(5))) {
            return List.of();
        }
        String first = uneven.group(1).strip();
        String second = first.replaceFirst("\\d+", uneven.group(3));
        return first.equals(second)
                ? List.of()
                : List.of("%s, %s side".formatted(first, uneven.group(2)),
                        "%s, %s side".formatted(second, uneven.group(5)));
    }

    /** Finds a cue such as "last 8 counted" in a text. */
    static Optional<String> cue(String text) {
        Matcher cue = CUE.matcher(text);
        return cue.find() ? Optional.of(cue.group(1)) : Optional.empty();
    }

    /** Returns a text without its cue. */
    static String withoutCue(String text) {
        return CUE.matcher(text).replaceFirst("").strip();
    }

    /** Numbers in a row can be rungs or sets. */
    static void refuseRow(Tokens tokens) {
        String row = tokens.text().strip();
        if (row.matches("\\d{1,3}(\\s*-\\s*\\d{1,3}){2,}")) {
            List<String> numbers = List.of(row.split("\\s*-\\s*"));
            String rungs = String.join(" > ", numbers) + " reps";
            boolean alike = numbers.stream().distinct().count() == 1;
            String sets = alike ? "%d x %s reps".formatted(numbers.size(), numbers.getFirst()) : rungs;
            throw new Refusal(alike
                    ? "\"%s\" can be rungs or sets: write %s, or %s.".formatted(row, rungs, sets)
                    : "\"%s\" has no unit: write %s.".formatted(row, rungs),
                    alike ? new String[]{rungs, sets} : new String[]{rungs});
        }
    }

    /** What is counted at the end is no dose: it says how, not how much. */
    static void refuseCue(Tokens tokens) {
        int here = tokens.position();
        if (tokens.accept("last") && tokens.seesNumberOf(Set.of("counted"))) {
            int number = tokens.number("the reps");
            throw new Refusal("\"last %d counted\" is a cue and takes no time: write it as the line's note."
                    .formatted(number),
                    withoutCue(tokens.text()));
        }
        tokens.backTo(here);
    }
}
