package app.kehre.core.choreography;

import java.util.stream.Collectors;

import app.kehre.core.value.Counted;
import app.kehre.core.value.Lengths;

/** A combination and its stages in words, for screen and sheet. */
public final class BuildUpWords {

    private BuildUpWords() {}

    /** Returns "Basic step R x2 (8), Knee lift on the step R (4)". */
    public static String moves(Combination combination) {
        return combination.moves().stream().map(BuildUpWords::move).collect(Collectors.joining(", "));
    }

    private static String move(DancedMove danced) {
        String times = danced.times() > 1 ? " x" + danced.times() : "";
        String more = danced.withTimes(1).details();
        return "%s %s%s (%d%s)".formatted(danced.move().name(), danced.lead().letter(), times,
                danced.counts(),
                more.isEmpty() ? "" : ", " + more);
    }

    /** Returns "2 each lead, 4 phrases"; of a hold "1 phrase". */
    public static String rounds(Stage stage) {
        String stop = stage.stop().isZero() ? "" : "shown %s, ".formatted(Lengths.clock(stage.stop()));
        return stop + (stage.kind() == Stage.Kind.HOLD
                ? length(stage.eights())
                : "%s, %s".formatted(stage.rounds().notation(), length(stage.eights())));
    }

    /**
     * Returns "6 phrases"; "5 eights" where they make no whole phrases.
     *
     * @param eights eights of music, 1 or more
     */
    public static String length(int eights) {
        return eights % Rung.PHRASE == 0
                ? Counted.of(eights / Rung.PHRASE, "phrase")
                : Counted.of(eights, "eight");
    }
}
