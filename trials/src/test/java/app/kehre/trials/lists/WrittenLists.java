package app.kehre.trials.lists;

import java.io.IOException;
import java.io.UncheckedIOException;
import java.net.URISyntaxException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.Objects;
import java.util.OptionalInt;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.kit.Equipment;

/** The lists of the corpus: what instructors wrote, and beside each line what it means. */
final class WrittenLists {

    private static final String MEANS = " => ";

    private WrittenLists() {}

    /**
     * A list.
     *
     * @param name its file and its number in it
     * @param brief the class it is for
     * @param lines as they were written, with their meanings
     */
    record WrittenList(String name, Brief brief, List<Line> lines) {
        String text() {
            return String.join("\n", lines.stream().map(Line::written).toList());
        }
    }

    /**
     * A line.
     *
     * @param written as it was written
     * @param meaning what it means, in the words of the corpus
     */
    record Line(String written, String meaning) {}

    static List<WrittenList> all() {
        try (Stream<Path> files = Files.list(Path.of(Objects.requireNonNull(
                WrittenLists.class.getResource("/app/kehre/trials/lists/01-shorthand.txt"), "the lists")
                .toURI()).getParent())) {
            return files.filter(each -> each.toString().endsWith(".txt")).sorted()
                    .flatMap(file -> of(file).stream()).toList();
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        } catch (URISyntaxException never) {
            throw new IllegalStateException(never);
        }
    }

    private static List<WrittenList> of(Path file) {
        List<WrittenList> lists = new ArrayList<>();
        List<Line> lines = new ArrayList<>();
        try {
            for (String each : Files.readAllLines(file)) {
                if (each.startsWith("=== ")) {
                    lines = new ArrayList<>();
                    lists.add(new WrittenList(file.getFileName() + "/" + (lists.size() + 1),
                            brief(each.substring(4)),
                            lines));
                } else if (each.contains("=>") && !lists.isEmpty()) {
                    String whole = each + " ";
                    int at = whole.lastIndexOf(MEANS);
                    lines.add(new Line(whole.substring(0, at), whole.substring(at + MEANS.length()).strip()));
                }
            }
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
        return lists;
    }

    /** "toning, 45 min, weights mats": the kind, the slot, the kit, a piece for everybody. */
    private static Brief brief(String head) {
        String[] parts = head.split(",\\s*");
        Brief brief = Brief.of("List", LocalDate.of(2026, 12, 3), LocalTime.of(18, 0),
                Duration.ofMinutes(Integer.parseInt(parts[1].replaceAll("\\D", ""))), 12)
                .with(format(parts[0]));
        for (String kit : parts.length > 2 ? parts[2].split(" ") : new String[0]) {
            Equipment kind = Arrays.stream(Equipment.values())
                    .filter(each -> each.noun(2).equals(kit) || each.noun(2).endsWith(" " + kit)).findFirst()
                    .orElseThrow();
            brief = brief.with(brief.room().withCount(kind, OptionalInt.of(24)));
        }
        return brief;
    }

    private static Format format(String word) {
        return switch (word) {
            case "step" -> Format.STEP;
            case "low impact" -> Format.LOW_IMPACT;
            case "circuit" -> Format.CIRCUIT;
            case "toning" -> Format.CONDITIONING;
            case "stretch and tone" -> Format.STRETCH_AND_TONE;
            case "core and stretch" -> Format.FLOOR;
            case "chair" -> Format.CHAIR;
            case "expecting" -> Format.EXPECTING;
            case "express" -> Format.EXPRESS;
            default -> Format.MIXED;
        };
    }
}
