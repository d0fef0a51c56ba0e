package app.kehre.core.dose;

import java.time.Duration;

/**
 * A dose as it is read from the floor in a glance: "2 x 12", "20 s", "16 x 8", "40 / 20 s". Rests between sets and
 * sides are left away: the eye counts sets, the sides have boxes of their own.
 */
public final class ShortDose {

    private static final String REPS = " reps";
    /** Pulses are done there. */
    private static final String BOTTOM = " at the bottom";

    private ShortDose() {}

    /** Returns a dose in as few signs as tell it from others. */
    public static String of(Dose dose) {
        return switch (dose) {
            case Reps reps -> bare(DoseNotation.print(
                    new Reps(reps.sets(), reps.stages(), reps.order(), Duration.ZERO,
                            reps.withoutSides().sides())));
            case Hold hold -> DoseNotation
                    .print(new Hold(hold.sets(), hold.held(), hold.kind(), Duration.ZERO, Sides.TOGETHER))
                    .replaceFirst("\\b(hold|stretch) ", "");
            case Interval interval -> interval(interval);
            case Counts counts ->
                DoseNotation.print(counts.withoutSides()).replaceFirst(" eights?\\b", " x 8");
            case AsMany asMany -> DoseNotation.print(asMany.withoutSides());
            case Open open -> DoseNotation.print(open.withoutSides());
            case CountPattern pattern -> DoseNotation.print(pattern);
        };
    }

    private static String bare(String printed) {
        return printed.replace(REPS, "").replace(BOTTOM, "");
    }

    private static String interval(Interval interval) {
        String once = interval.rest().isZero()
                ? "%d s".formatted(interval.work().toSeconds())
                : "%d / %d s".formatted(interval.work().toSeconds(), interval.rest().toSeconds());
        return interval.rounds() == 1 ? once : "%d x %s".formatted(interval.rounds(), once);
    }

    /** Returns the sides that are done one after the other and have to be ticked: "RL", "LR", "R", "L"; else none. */
    public static String sides(Dose dose) {
        return switch (dose.sides()) {
            case EACH_SIDE, SIDE_A_ROUND -> "RL";
            case EACH_SIDE_LEFT_FIRST, SIDE_A_ROUND_LEFT_FIRST -> "LR";
            case RIGHT_SIDE -> "R";
            case LEFT_SIDE -> "L";
            case TOGETHER, ALTERNATING -> "";
        };
    }
}
