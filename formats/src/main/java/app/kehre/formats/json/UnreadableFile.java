package app.kehre.formats.json;

import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

/** A file that is not what it should be. Nothing of it was taken over. */
public final class UnreadableFile extends Exception {

    private static final int SHOWN = 3;

    private final List<String> problems;

    /** Says what is wrong with a file: one sentence a problem, at least one. */
    public UnreadableFile(String file, List<String> problems) {
        this(file, problems, problems.stream().limit(SHOWN).toList());
    }

    private UnreadableFile(String file, List<String> problems, List<String> shown) {
        super(words(file, shown, problems.size()));
        this.problems = List.copyOf(problems);
    }

    /** Says what is wrong with the fields of a file, the first ones with their lines. */
    static UnreadableFile of(String file, String text, List<Problem> problems) {
        Map<String, TextPlace> places = JsonPlaces.of(text,
                problems.stream().limit(SHOWN).map(Problem::place).toList());
        List<String> shown = problems.stream().limit(SHOWN)
                .map(each -> (places.containsKey(each.place()) ? places.get(each.place()).words() : "")
                        + each.words())
                .toList();
        return new UnreadableFile(file, problems.stream().map(Problem::words).collect(Collectors.toList()),
                shown);
    }

    /** Returns one sentence a problem. */
    public List<String> problems() {
        return problems;
    }

    /** Returns all that a person needs to know, in one text. */
    public String sentence() {
        return String.valueOf(getMessage());
    }

    private static String words(String file, List<String> shown, int all) {
        String more = all > shown.size() ? " And %d more.".formatted(all - shown.size()) : "";
        return "%s was not opened. %s%s".formatted(file, String.join(" ", shown), more);
    }
}
