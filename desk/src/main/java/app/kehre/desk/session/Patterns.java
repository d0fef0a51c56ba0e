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

    private final Path file;
    private final Disk disk;
    private final Set<String> known = new LinkedHashSet<>();

    /** Reads the patterns in a folder; none when there are none yet. */
    public Patterns(Path folder, Disk disk) {
        this.file = folder.resolve("patterns.txt");
        this.disk = disk;
        try {
            new String(disk.read(file), StandardCharsets.UTF_8).lines().filter(line -> !line.isBlank())
                    .forEach(known::add);
        } catch (DiskTrouble notYet) {
            known.clear();
        }
    }

    /** Returns the patterns, newest last. */
    public List<String> all() {
        return known.stream().filter(Patterns::isPattern).toList();
    }

    /** Keeps the patterns of a class. @throws DiskTrouble when they could not be written */
    public void keep(ClassPlan plan) throws DiskTrouble {
        boolean more = known.addAll(of(plan));
        if (more) {
            List<String> lines = known.stream().skip(Math.max(0, known.size() - MOST)).toList();
            disk.replace(file, (String.join("\n", lines) + "\n").getBytes(StandardCharsets.UTF_8));
        }
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
