package app.kehre.trials.choreography;

import java.util.Arrays;
import java.util.List;
import java.util.Set;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Style;
import app.kehre.core.footwork.Row;
import app.kehre.core.value.Side;
import app.kehre.formats.library.BuiltInLibrary;

/** Combinations of the library's moves in one line: {@code knee-up R, basic-step L x3 tap, v-step R half}. */
public final class Moves {

    /** The library. */
    public static final Library LIBRARY = BuiltInLibrary.load();

    private Moves() {}

    /** Returns all moves. */
    public static List<Exercise> all() {
        return LIBRARY.all().stream().filter(each -> each.footwork().isPresent()).toList();
    }

    /** Returns a combination. */
    public static Combination combination(String text) {
        return combination("Signal and Switch", text);
    }

    /** Returns a combination with a name. */
    public static Combination combination(String name, String text) {
        return new Combination(name, Arrays.stream(text.split(";\\s*")).map(Moves::danced).toList(), false);
    }

    private static DancedMove danced(String text) {
        int own = text.indexOf('[');
        String words = own < 0 ? text : text.substring(text.indexOf(']') + 1).strip();
        List<String> said = Arrays.asList((own < 0 ? words : "own " + words).split(" "));
        Exercise move = own < 0
                ? LIBRARY.find(said.getFirst()).orElseThrow()
                : LIBRARY.find("basic-step").orElseThrow().withId("own")
                        .withFootwork(Row.of(text.substring(own + 1, text.indexOf(']'))));
        DancedMove danced = DancedMove.of(move, said.get(1).equals("L") ? Side.LEFT : Side.RIGHT);
        for (String word : said.subList(2, said.size())) {
            danced = with(danced, word);
        }
        return danced;
    }

    private static DancedMove with(DancedMove danced, String word) {
        return switch (word) {
            case "half" -> danced.withPace(Pace.HALF_TIME);
            case "double" -> danced.withPace(Pace.DOUBLE_TIME);
            case "hop" -> danced.withHop(true);
            case "tap" -> danced.withTapChange(true);
            case "press" -> danced.withArms("press overhead")
                    .withStyle(Set.of(Style.OVERHEAD));
            case String _ when word.startsWith("turn") ->
                danced.withTurnIn(Integer.parseInt(word.substring(4)));
            case String _ -> danced.withTimes(Integer.parseInt(word.substring(1)));
        };
    }
}
