package app.kehre.core.footwork;

import java.util.List;

import app.kehre.core.value.Side;

/** Whether a move can begin from a stance. */
final class Starts {

    private Starts() {}

    /** Returns what is wrong with the place or the facing; none when the move can begin. */
    static List<Slip> slips(Row row, Side lead, Stance stance) {
        return switch (row.from()) {
            case ANYWHERE -> List.of();
            case AHEAD -> bench(stance, stance.facing(), "ahead");
            case SIDE, END -> atEndOrNot(row, stance, lead);
            case TOP -> level(stance, Spot.Level.TOP, "on top of the bench");
            case TOP_ALONG -> along(stance);
            case ASTRIDE -> level(stance, Spot.Level.ASTRIDE, "astride the bench");
        };
    }

    private static List<Slip> atEndOrNot(Row row, Stance stance, Side lead) {
        boolean wantsEnd = row.from() == Row.From.END;
        if (stance.bench() >= 0 && stance.atEnd() != wantsEnd) {
            return List.of(place(wantsEnd
                    ? "it starts beyond an end of the bench"
                    : "it starts along a long side of the bench", stance));
        }
        return bench(stance, Heading.of(lead, stance.facing()), "on the " + lead.word());
    }

    private static List<Slip> bench(Stance stance, int wanted, String where) {
        int bench = stance.bench();
        if (bench < 0) {
            return List.of(place("it starts on the floor with the bench a step away, " + where, stance));
        }
        return bench == wanted
                ? List.of()
                : List.of(new Slip(Slip.Kind.FACING, "it needs the bench %s, but one is %s".formatted(where,
                        stance.words())));
    }

    private static List<Slip> level(Stance stance, Spot.Level level, String where) {
        return stance.spot().level() == level ? List.of() : List.of(place("it starts " + where, stance));
    }

    private static List<Slip> along(Stance stance) {
        List<Slip> level = level(stance, Spot.Level.TOP, "on top of the bench");
        return !level.isEmpty() || Heading.right(stance.facing()) != 0
                ? level
                : List.of(new Slip(Slip.Kind.FACING, "it starts facing along the bench, not "
                        + Heading.words(stance.facing())));
    }

    private static Slip place(String wanted, Stance stance) {
        return new Slip(Slip.Kind.PLACE, "%s, but one is %s".formatted(wanted, stance.spot().words()));
    }

    /** Returns the quarter turns to the right with which a move can be entered; 0 when none helps or is needed. */
    static int turnIn(Row row, Side lead, Stance stance) {
        for (int quarters : new int[]{0, 1, -1, 2}) {
            if (slips(row, lead, stance.turned(quarters)).isEmpty()) {
                return quarters;
            }
        }
        return 0;
    }
}
