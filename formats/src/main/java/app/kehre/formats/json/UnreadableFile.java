package app.kehre.formats.json;

import java.util.List;

/** A file that is not what it should be. Nothing of it was taken over. */
public final class UnreadableFile extends Exception {

    private static final int SHOWN = 3;

    private final List<String> problems;

    /** Says what is wrong with a file: one sentence a problem, at least one. */
    public UnreadableFile(String file, List<String> problems) {
        super(words(file, problems));
        this.problems = List.copyOf(problems);
    }

    /** Returns one sentence a problem. */
    public List<String> problems() {
        return problems;
    }

    /** Returns all that a person needs to know, in one text. */
    public String sentence() {
        return String.valueOf(getMessage());
    }

    private static String words(String file, List<String> problems) {
        String shown = String.join(" ", problems.subList(0, Math.min(SHOWN, problems.size())));
        String more = problems.size() > SHOWN ? " And %d more.".formatted(problems.size() - SHOWN) : "";
        return "%s was not opened. %s%s".formatted(file, shown, more);
    }
}
