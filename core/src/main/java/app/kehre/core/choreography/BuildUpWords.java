package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import app.kehre.core.value.Side;

/** A combination and its stages in words, for screen and sheet. */
public final class BuildUpWords {

    private BuildUpWords() {}

    /** Returns "Basic step R x2 (8), Knee lift on the step R (4)". */
    public static String moves(Combination combination) {
        return combination.parts().stream().map(BuildUpWords::move).collect(Collectors.joining(", "));
    }

    private static String move(Part part) {
        String times = part.times() > 1 ? " x" + part.times() : "";
        String more = part.withTimes(1).details();
        return "%s %s%s (%d%s)".formatted(part.move().name(), part.lead().letter(), times, part.counts(),
                more.isEmpty() ? "" : ", " + more);
    }

    /** Returns "right 2, left 2 phrases"; of a hold "1 phrase". */
    public static String phrases(Stage stage) {
        List<String> words = new ArrayList<>();
        for (Side side : List.of(Side.RIGHT, Side.LEFT)) {
            if (stage.phrases(side) > 0) {
                words.add(side.word() + " " + stage.phrases(side));
            }
        }
        return stage.kind() == Stage.Kind.HOLD || words.size() < 2
                ? stage.phrases() == 1 ? "1 phrase" : stage.phrases() + " phrases"
                : String.join(", ", words) + " phrases";
    }
}
