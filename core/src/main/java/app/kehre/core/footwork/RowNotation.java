package app.kehre.core.footwork;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Collections;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Collectors;

import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/**
 * The written form of a {@link Row}: counts set off by commas, the half-count between two after an &amp;.
 * {@code A} and {@code B} are the lead foot and the other when they take the weight, {@code a} and {@code b}
 * when they do not; {@code -} is nothing. docs/footwork-notation.md describes it.
 *
 * <pre>
 * A up, b knee, B down, A down
 * from side: A up end turn 1, B up far, A down turn 1, b tap
 * A side &amp; B, A side
 * </pre>
 */
public final class RowNotation {

    private static final Pattern SPACES = Pattern.compile("\\s+");
    private static final String EXAMPLE = "write it like A up, b knee, B down, A down";

    private RowNotation() {}

    /** Reads a row. */
    public static Reading<Row> parse(String text) {
        String line = SPACES.matcher(text.strip()).replaceAll(" ");
        Optional<Row.From> from = Optional.empty();
        if (line.toLowerCase(Locale.ROOT).startsWith("from ")) {
            int colon = line.indexOf(':');
            String word = colon < 0 ? line.substring(5) : line.substring(5, colon);
            from = Named.find(Row.From.class, word);
            if (colon < 0 || from.isEmpty()) {
                return Reading.refused("\"%s\" is no start: write from, one of %s, and a colon.".formatted(
                        word, Named.all(Row.From.class)));
            }
            line = line.substring(colon + 1).strip();
        }
        return counts(line, from);
    }

    private static Reading<Row> counts(String line, Optional<Row.From> from) {
        List<Beat> beats = new ArrayList<>();
        String[] counts = line.split(",", -1);
        for (int i = 0; i < counts.length; i++) {
            String[] halves = counts[i].split("&", -1);
            if (halves.length > 2) {
                return refused(i, counts[i], "has more than two half-counts");
            }
            for (String half : halves) {
                Reading<Beat> beat = beat(half.strip(), i + 1);
                if (beat.value().isEmpty()) {
                    return Reading.refused(beat.problem());
                }
                beats.add(beat.value().get());
            }
            if (halves.length == 1) {
                beats.add(Beat.REST);
            }
        }
        Optional<String> tooMany = Row.COUNTS.problem(counts.length);
        return tooMany.map(Reading::<Row>refused)
                .orElseGet(() -> Reading.of(new Row(from.orElseGet(() -> usual(beats)), beats)));
    }

    /** A move that goes up needs the bench ahead, unless something else is said. */
    private static Row.From usual(List<Beat> beats) {
        return beats.stream().flatMap(beat -> beat.acts().stream()).anyMatch(act -> act.way().bench())
                ? Row.From.AHEAD
                : Row.From.ANYWHERE;
    }

    private static <T> Reading<T> refused(int count, String found, String why) {
        return Reading.refused("Count %d, \"%s\", %s: %s.".formatted(count + 1, found.strip(), why, EXAMPLE));
    }

    private static Reading<Beat> beat(String text, int count) {
        if (text.equals("-")) {
            return Reading.of(Beat.REST);
        }
        List<String> words = new ArrayList<>(Arrays.asList(text.split(" ")));
        int turn = 0;
        int at = words.indexOf("turn");
        if (at >= 0) {
            if (at + 1 >= words.size() || !words.get(at + 1).matches("[+-]?[12]")) {
                return refused(count - 1, text, "needs the quarters after turn, from -2 to 2");
            }
            turn = Integer.parseInt(words.remove(at + 1));
            words.remove(at);
        }
        words.remove("-");
        List<Act> acts = new ArrayList<>();
        while (!words.isEmpty()) {
            String rest = String.join(" ", words);
            Optional<Act> act = act(words);
            if (act.isEmpty()) {
                return refused(count - 1, text, "cannot be read at \"%s\"".formatted(
                        words.isEmpty() ? rest : words.getFirst()));
            }
            acts.add(act.get());
        }
        try {
            return Reading.of(new Beat(acts, turn));
        } catch (IllegalArgumentException cannot) {
            return refused(count - 1, text, "asks too much: " + cannot.getMessage());
        }
    }

    private static Optional<Act> act(List<String> words) {
        String first = words.removeFirst();
        Optional<Foot> foot = switch (first) {
            case "A", "a", "jump" -> Optional.of(Foot.LEAD);
            case "B", "b" -> Optional.of(Foot.OTHER);
            case String _ -> Optional.empty();
        };
        if (foot.isEmpty()) {
            words.addFirst(first);
            return Optional.empty();
        }
        boolean free = Character.isLowerCase(first.charAt(0)) && !first.equals("jump");
        Act.Kind kind = first.equals("jump") ? Act.Kind.JUMP : free ? Act.Kind.GESTURE : kind(words);
        Act.Shape shape = take(words, Act.Shape.class)
                .orElse(free ? Act.Shape.TAP : Act.Shape.PLAIN);
        Act.Way way = take(words, Act.Way.class).orElse(Act.Way.HERE);
        Act.Shape late = take(words, Act.Shape.class).orElse(shape);
        return free == late.gesture() ? Optional.of(new Act(foot.get(), kind, way, late)) : Optional.empty();
    }

    private static Act.Kind kind(List<String> words) {
        for (Act.Kind kind : List.of(Act.Kind.HOP, Act.Kind.LEAP)) {
            if (!words.isEmpty() && words.getFirst().equals(kind.name().toLowerCase(Locale.ROOT))) {
                words.removeFirst();
                return kind;
            }
        }
        return words.remove("both") ? Act.Kind.PLANT : Act.Kind.STEP;
    }

    /** Takes the longest term that the next words make; none when they make none. */
    private static <T extends Enum<T> & Named> Optional<T> take(List<String> words, Class<T> list) {
        for (int length = Math.min(2, words.size()); length > 0; length--) {
            Optional<T> found = Named.find(list, String.join(" ", words.subList(0, length)));
            if (found.isPresent()) {
                words.subList(0, length).clear();
                return found;
            }
        }
        return Optional.empty();
    }

    /** Writes a row in the form that {@link #parse} reads back. */
    public static String print(Row row) {
        List<String> counts = new ArrayList<>();
        for (int i = 0; i < row.beats().size(); i += 2) {
            Beat between = row.beats().get(i + 1);
            counts.add(print(row.beats().get(i)) + (between.rests() ? "" : " & " + print(between)));
        }
        boolean usual = row.from() == usual(row.beats());
        return (usual ? "" : "from " + row.from().words() + ": ") + String.join(", ", counts);
    }

    private static String print(Beat beat) {
        if (beat.rests()) {
            return beat.turn() == 0 ? "-" : "- turn " + beat.turn();
        }
        String acts = beat.acts().stream().map(RowNotation::print).collect(Collectors.joining(" "));
        return acts + (beat.turn() == 0 ? "" : " turn " + beat.turn());
    }

    private static String print(Act act) {
        List<String> words = new ArrayList<>();
        String letter = act.foot().letter();
        words.add(switch (act.kind()) {
            case JUMP -> "jump";
            case GESTURE -> letter.toLowerCase(Locale.ROOT) + " " + act.shape().words();
            case HOP -> letter + " hop";
            case LEAP -> letter + " leap";
            case STEP, PLANT -> letter;
        });
        Collections.addAll(words, act.way().words());
        if (act.bears()) {
            words.add(act.shape().words());
        }
        if (act.kind() == Act.Kind.PLANT) {
            words.add("both");
        }
        return words.stream().filter(word -> !word.isEmpty()).collect(Collectors.joining(" "));
    }
}
