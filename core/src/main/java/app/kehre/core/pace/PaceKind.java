package app.kehre.core.pace;

import java.util.Comparator;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;

/**
 * A quantity of the pace in one kind of segment, where people take longer or shorter than elsewhere.
 *
 * @param quantity which, one that depends on the teaching style
 * @param style the teaching style
 * @param role what the segment is for
 */
public record PaceKind(Quantity quantity, School.Teaching style, Role role) implements Comparable<PaceKind> {

    private static final Comparator<PaceKind> ORDER = Comparator.comparing(PaceKind::quantity)
            .thenComparing(PaceKind::style).thenComparing(PaceKind::role);

    public PaceKind {
        if (!quantity.byStyle()) {
            throw new IllegalArgumentException(
                    "\"%s\" is the same in all kinds of segments.".formatted(quantity.words()));
        }
    }

    @Override
    public int compareTo(PaceKind other) {
        return ORDER.compare(this, other);
    }

    /** Returns "to a new exercise, follow me, in toning". */
    public String words() {
        return "%s, %s, in %s".formatted(quantity.words(), style.called(), role.words());
    }
}
