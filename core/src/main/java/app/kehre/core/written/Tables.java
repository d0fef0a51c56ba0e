package app.kehre.core.written;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;

/** Rows of a table pasted from a sheet, with tabs or pipes between: each becomes a line as it would be written by hand. */
final class Tables {

    private static final Pattern CLOCK = Pattern.compile("\\d{1,2}:\\d{2}");
    private static final Pattern NUMBER = Pattern.compile("\\d{1,3}");
    private static final Pattern RULE = Pattern.compile("[\\s|:+-]+");
    private static final List<String> HEADS = List.of("exercise", "exercises", "sets", "set", "reps", "rep",
            "weight", "load",
            "dose", "block", "what", "move", "moves", "counts", "count", "notes", "time", "lead", "rest",
            "kg");

    private List<String> head = List.of();

    /** Returns whether a line is a row of a table. */
    static boolean row(String line) {
        return line.strip().startsWith("|") || line.strip().contains("\t")
                || line.strip().chars().filter(each -> each == '|').count() >= 2;
    }

    /** Returns a row as a line; nothing for the head of a table, its rule, or a row without words. */
    Optional<String> line(String row) {
        if (RULE.matcher(row).matches()) {
            return Optional.empty();
        }
        String bare = row.strip().startsWith("|") ? row.strip().substring(1) : row;
        List<String> cells = Arrays.stream(bare.split(row.contains("\t") ? "\t" : "\\|", -1))
                .map(String::strip).toList();
        if (isHead(cells)) {
            head = cells.stream().map(each -> each.toLowerCase(Locale.ROOT)).toList();
            return Optional.empty();
        }
        String line = written(cells);
        return line.isBlank() ? Optional.empty() : Optional.of(line);
    }

    private static boolean isHead(List<String> cells) {
        List<String> named = cells.stream().filter(each -> !each.isEmpty())
                .map(each -> each.toLowerCase(Locale.ROOT))
                .toList();
        return named.size() >= 2 && named.stream().filter(HEADS::contains).count() * 2 >= named.size();
    }

    private String written(List<String> cells) {
        List<String> parts = new ArrayList<>();
        String sets = "";
        String note = "";
        String label = "";
        for (int i = 0; i < cells.size(); i++) {
            String cell = cells.get(i);
            String column = i < head.size() ? head.get(i) : "";
            if (cell.isEmpty() || cell.equals("-") || cell.equals("\u2013")) {
                continue;
            }
            switch (column) {
                case "time" -> parts.addAll(CLOCK.matcher(cell).matches() ? List.of() : List.of(cell));
                case "lead" -> {
                }
                case "sets", "set" -> sets = cell;
                case "note", "notes" -> note = cell;
                case "block" -> label = cell + ": ";
                case "counts", "count" -> parts.add(NUMBER.matcher(cell).matches() ? cell + " counts" : cell);
                default -> {
                    boolean dose = !sets.isEmpty() && Character.isDigit(cell.charAt(0));
                    parts.add(
                            dose ? sets + " x " + cell : CLOCK.matcher(cell).matches() && i == 0 ? "" : cell);
                    sets = dose ? "" : sets;
                }
            }
        }
        parts.removeIf(String::isEmpty);
        String all = String.join(", ", parts) + (sets.isEmpty() ? "" : ", " + sets + " sets");
        return label + all + (note.isEmpty() ? "" : "; " + note);
    }
}
