package app.kehre.core.dose;

import java.util.List;
import java.util.Set;
import java.util.regex.Matcher;
import java.util.regex.Pattern;

/** What instructors write that is no dose of one line, or could be two: it is refused with what it can be. */
final class Unclear {

    private static final Pattern UNEVEN = Pattern.compile(
            "(?i)(.*?\\d+\\s*(?:s|min|reps?)?)\\s+(right|left)(?: side)?,?\\s+(?:and )?(\\d+)\\s*(s|min|reps?)?\\s+"
                    + "(right|left)(?: side)?");

    private Unclear() {}

    /** Refuses sides that differ: a line holds the same on both sides: what differs is two lines. */
    static void refuseUneven(Tokens tokens) {
        Matcher uneven = UNEVEN.matcher(tokens.text());
        if (uneven.matches() && !uneven.group(2).equalsIgnoreCase(uneven.group(5))) {
            String first = uneven.group(1).strip();
            String second = first.replaceFirst("\\d+", uneven.group(3));
            if (first.equals(second)) {
                throw new Refusal("Both sides are alike: write %s, each side.".formatted(first),
                        first + ", each side");
            }
            throw new Refusal(
                    "\"%s\" is not the same on both sides: write %s, %s side here and %s, %s side on a line of its own."
                            .formatted(tokens.text(), first, uneven.group(2), second, uneven.group(5)),
                    first + ", " + uneven.group(2) + " side", second + ", " + uneven.group(5) + " side");
        }
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
                    tokens.text().replaceFirst("(?i),?\\s*last\\s+\\d+\\s+counted", ""));
        }
        tokens.backTo(here);
    }
}
