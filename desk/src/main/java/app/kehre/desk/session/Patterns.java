package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;

/**
 * The count patterns that were used in saved classes, one a line in the dose notation, to be used again with
 * another move. A line that is no pattern is passed over, and kept.
 */
public final class Patterns {

    private static final int MOST = 200;

    private final Path folder;
    private final Path file;
    private final Disk disk;
    private List<String> lines = List.of();

    /** Reads the patterns in a folder; none when there are none yet, or they cannot be read now. */
    public Patterns(Path folder, Disk disk) {
        this.folder = folder;
        this.file = folder.resolve("patterns.txt");
        this.disk = disk;
        try {
            lines = read();
        } catch (DiskTrouble unread) {
            // They are not offered then; it is said when some should be kept, which would write over the file.
            lines = List.of();
        }
    }

    private List<String> read() throws DiskTrouble {
        return disk.isThere(file)
                ? new String(disk.read(file), StandardCharsets.UTF_8).lines().filter(line -> !line.isBlank())
                        .distinct().toList()
                : List.of();
    }

    /** Returns the patterns, newest last. */
    public List<String> all() {
        return lines.stream().filter(Patterns::isPattern).toList();
    }

    /**
     * Keeps the patterns of a class beside those that are in the file by now.
     *
     * @throws DiskTrouble when the file could not be read or written; then it is as it was
     */
    public void keep(ClassPlan plan) throws DiskTrouble {
        List<String> more = of(plan);
        if (lines.containsAll(more)) {
            return;
        }
        lines = disk.alone(folder, () -> {
            Set<String> known = new LinkedHashSet<>(read());
            if (known.addAll(more)) {
                List<String> kept = known.stream().skip(Math.max(0, known.size() - MOST)).toList();
                disk.replace(file, (String.join("\n", kept) + "\n").getBytes(StandardCharsets.UTF_8));
            }
            return List.copyOf(known);
        });
    }

    /** Returns the patterns that a class uses, without their sides. */
    public static List<String> of(ClassPlan plan) {
        return plan.items().map(item -> item.dose()).filter(CountPattern.class::isInstance)
                .map(dose -> dose.withSides(Sides.TOGETHER)).map((Dose dose) -> DoseNotation.print(dose))
                .distinct().toList();
    }

    private static boolean isPattern(String line) {
        return DoseNotation.parse(line).value().filter(CountPattern.class::isInstance).isPresent();
    }
}
