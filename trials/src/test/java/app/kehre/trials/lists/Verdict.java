package app.kehre.trials.lists;

import java.time.Duration;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.value.Lengths;
import app.kehre.core.written.LineText;
import app.kehre.core.written.ReadLine;

/** How a line of a list was read, against what it means. */
enum Verdict {
    /** Just so, at once. */
    RIGHT,
    /** Offered among its readings. */
    OFFERED,
    /** Kept as a note, though it meant something. */
    UNREAD,
    /** As something else. */
    WRONG;

    static Verdict of(ReadLine read, String meaning, LineText text) {
        String wanted = meaning.startsWith("? ") ? meaning.substring(2) : meaning;
        List<String> ways = topLevel(wanted);
        if (ways.stream().anyMatch(way -> is(read, way))) {
            return RIGHT;
        }
        boolean offered = read.choices().stream()
                .anyMatch(choice -> ways.stream().anyMatch(way -> says(choice, way, text)));
        if (offered) {
            return meaning.startsWith("?") ? RIGHT : OFFERED;
        }
        return read.how() == ReadLine.How.NOTE || read.how() == ReadLine.How.TO_CHOOSE
                || read.how() == ReadLine.How.NOTHING ? UNREAD : WRONG;
    }

    /** Alternatives of a whole line are parted by "|", those of an exercise stand in its first word. */
    private static List<String> topLevel(String meaning) {
        boolean words = Arrays.stream(meaning.split("\\|")).anyMatch(each -> each.matches(
                "\\s*(note|nothing|talk.*|water.*|rest.*|left|\\? .*)\\s*"));
        return words
                ? Arrays.stream(meaning.split("\\|")).map(each -> each.strip().replaceFirst("^\\? ", ""))
                        .toList()
                : List.of(meaning);
    }

    private static boolean is(ReadLine read, String way) {
        if (way.isEmpty() || way.equals("nothing")) {
            return read.how() == ReadLine.How.NOTHING || read.how() == ReadLine.How.NOTE
                    || read.entries().isEmpty() && read.words().matches(".*(above| on, .* off)");
        }
        if (way.equals("note") || way.equals("left")) {
            return read.how() == ReadLine.How.NOTE || read.how() == ReadLine.How.NOTHING
                    || way.equals("left") && read.entries().size() > 0;
        }
        if (way.equals("title")) {
            return read.how() == ReadLine.How.HEADING;
        }
        if (way.startsWith("##") || way.startsWith("(")) {
            return heads(read, way);
        }
        if (way.startsWith("combination ")) {
            return read.words().toLowerCase(Locale.ROOT).matches(
                    "(add-on|link|layering|reduction|mixture): .*") && combines(read.words(), way);
        }
        return read.how() == ReadLine.How.READ && lines(read.entries(), way);
    }

    private static boolean heads(ReadLine read, String way) {
        if (read.how() != ReadLine.How.HEADING) {
            return false;
        }
        if (way.startsWith("(")) {
            return read.words().startsWith(way.substring(1, way.indexOf(' ', 1)) + " rounds");
        }
        String[] parts = way.substring(3).split(" ");
        boolean role = Arrays.stream(parts[0].split("\\|"))
                .anyMatch(each -> read.words().contains("(" + each));
        boolean circuit = read.words().matches("\\d+ rounds.*") && parts[0].contains("toning");
        return (role || circuit) && (parts.length < 2 || read.words().contains(", " + parts[1]));
    }

    private static boolean combines(String words, String way) {
        return way.substring(12).split(", ").length == words.split(": ")[1].split("(^|, )(?=\\d)").length;
    }

    private static boolean says(String choice, String way, LineText text) {
        if (way.startsWith("##") || way.startsWith("(") || way.equals("note") || way.isEmpty()) {
            return false;
        }
        return text.read(choice, app.kehre.core.exercise.Role.TONING, app.kehre.core.plan.EntryId.FIRST)
                .value()
                .filter(entries -> lines(entries, way)).isPresent();
    }

    private static boolean lines(List<Entry> entries, String way) {
        String[] wanted = way.split(" \\+ (?=[a-z])");
        if (wanted.length != entries.size()) {
            return false;
        }
        for (int i = 0; i < wanted.length; i++) {
            if (!line(entries.get(i), wanted[i])) {
                return false;
            }
        }
        return true;
    }

    private static boolean line(Entry entry, String wanted) {
        Optional<Pause.Kind> kind = Arrays.stream(Pause.Kind.values())
                .filter(each -> wanted.equals(each.words()) || wanted.startsWith(each.words() + " "))
                .findFirst();
        if (kind.isPresent()) {
            String length = wanted.substring(kind.get().words().length()).strip();
            return entry instanceof Pause pause && pause.kind() == kind.get()
                    && (length.isEmpty()
                            || Lengths.parse(length).value().orElse(Duration.ZERO).equals(pause.length()));
        }
        if (!(entry instanceof Item item)) {
            return false;
        }
        int space = wanted.indexOf(' ');
        String ids = space < 0 ? wanted : wanted.substring(0, space);
        return Arrays.asList(ids.split("\\|")).contains(item.exercise().id())
                && (space < 0 || Arrays.stream(wanted.substring(space + 1).split("\\|"))
                        .anyMatch(each -> told(item, each)));
    }

    private static boolean told(Item item, String wanted) {
        String dose = "";
        Optional<Load> load = Optional.empty();
        for (String clause : wanted.split(", ")) {
            Optional<Load> found = clause.matches("\\d+ s|\\d+")
                    ? Optional.empty()
                    : LoadNotation.parse(clause).value();
            if (found.isPresent()) {
                load = found;
            } else {
                dose += (dose.isEmpty() ? "" : ", ") + clause;
            }
        }
        return (dose.isEmpty() || same(item.dose(), DoseNotation.parse(dose).value().orElseThrow(
                () -> new AssertionError("no dose: " + wanted))))
                && load.map(each -> carries(item.load(), each)).orElse(true);
    }

    /** In turn is not told from both at once: nothing of either is written in most lines. */
    private static boolean same(Dose read, Dose wanted) {
        return plain(read).equals(plain(wanted));
    }

    private static Dose plain(Dose dose) {
        boolean loose = dose.sides() == Sides.ALTERNATING || dose.sides() == Sides.TOGETHER;
        return loose ? dose.withoutSides() : dose;
    }

    private static boolean carries(Load read, Load wanted) {
        if (wanted.isNone()) {
            return read.isNone();
        }
        Load.Piece piece = wanted.pieces().getFirst();
        return read.find(piece.kit()).filter(each -> piece.size().equals(Load.Size.UNSIZED)
                || piece.size().equals(each.size())).isPresent();
    }
}
