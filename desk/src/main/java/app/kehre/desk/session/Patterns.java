package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.disk.DiskTrouble;

/**
 * The count patterns that were used in saved classes, one a line in the dose notation, to be used again with
 * another move. A line that is no pattern is passed over, and kept.
 */
public final class Patterns {

    /** The name under which they are kept. */
    public static final String FILE = "patterns.txt";
    private static final int MOST = 200;

    private final Kept kept;
    private List<String> lines = List.of();

    /** Reads the patterns; none when there are none yet, or they cannot be read now. */
    public Patterns(Kept kept) {
        this.kept = kept;
        try {
            lines = lines(kept.read());
        } catch (DiskTrouble unread) {
            // They are not offered then; it is said when some should be kept, which would write over the file.
            lines = List.of();
        }
    }

    private static List<String> lines(Optional<byte[]> bytes) {
        return bytes.map(
                found -> new String(found, StandardCharsets.UTF_8).lines().filter(line -> !line.isBlank())
                        .distinct().toList())
                .orElse(List.of());
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
        kept.change(before -> {
            Set<String> known = new LinkedHashSet<>(lines(before));
            known.addAll(more);
            List<String> last = known.stream().skip(Math.max(0, known.size() - MOST)).toList();
            return (String.join("\n", last) + "\n").getBytes(StandardCharsets.UTF_8);
        });
        lines = lines(kept.read());
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
