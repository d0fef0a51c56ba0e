package app.kehre.core.choreography;

import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;

/** Moves in one line, set apart by commas: "basic 2, knee 2, v-step 2, repeater", each on the foot that is free. */
public final class CombinationLine {

    private static final Pattern TIMES = Pattern
            .compile("(.+?)\\s+x?\\s?(\\d{1,3})(?:\\s*times)?|(\\d{1,3})\\s*x?\\s+(.+)");
    private static final Pattern SIDE = Pattern.compile("\\b(right|left)\\b");
    private static final String EXPECTED = "\"%s\" is no move: write moves like \"basic 2, knee 2, v-step 2, repeater\".";

    private CombinationLine() {}

    /** Returns whether a text says more than one name to be looked for. */
    public static boolean isLine(String text) {
        return text.contains(",") || TIMES.matcher(text.strip()).matches();
    }

    /**
     * Adds moves at the end of a combination.
     *
     * @param moves that there are
     */
    public static Reading<Combination> add(String text, Combination combination, List<Exercise> moves) {
        Combination longer = combination;
        for (String each : text.toLowerCase(Locale.ROOT).split("[,;]")) {
            if (!each.isBlank()) {
                Reading<DancedMove> danced = part(each.strip(), longer, moves);
                if (!danced.problem().isEmpty()) {
                    return Reading.refused(danced.problem());
                }
                if (longer.moves().size() >= Combination.MOVES.most()) {
                    return Reading.refused(
                            "A combination has at most %d moves.".formatted(Combination.MOVES.most()));
                }
                longer = longer.add(longer.moves().size(), danced.value().orElseThrow());
            }
        }
        return Reading.of(longer);
    }

    private static Reading<DancedMove> part(String text, Combination before, List<Exercise> moves) {
        Matcher counted = TIMES.matcher(text);
        boolean matches = counted.matches();
        boolean after = matches && counted.group(1) != null;
        int times = matches ? Integer.parseInt(counted.group(after ? 2 : 3)) : 1;
        String words = matches ? counted.group(after ? 1 : 4) : text;
        Optional<String> problem = DancedMove.TIMES.problem(times);
        if (problem.isPresent()) {
            return Reading.refused(problem.get());
        }
        Matcher side = SIDE.matcher(words);
        Optional<Side> lead = side.find()
                ? Optional.of(side.group().equals("right") ? Side.RIGHT : Side.LEFT)
                : Optional.empty();
        String name = side.replaceAll(" ").strip();
        return find(name, before, moves)
                .map(found -> Reading.of(lead.map(found::led).orElse(found).withTimes(times)))
                .orElseGet(() -> Reading.refused(EXPECTED.formatted(text)));
    }

    /** The nearest name wins; among equally near ones the move that fits there. */
    private static Optional<DancedMove> find(String typed, Combination before, List<Exercise> moves) {
        return typed.isEmpty()
                ? Optional.empty()
                : Fits.of(before, before.moves().size(), moves).moves().stream()
                        .filter(fit -> distance(typed, fit.danced().move()) < 4)
                        .min(Comparator.comparing((Fit fit) -> distance(typed, fit.danced().move()) == 3)
                                .thenComparing(fit -> !fit.fits())
                                .thenComparing(fit -> distance(typed, fit.danced().move())))
                        .map(Fit::danced);
    }

    /** 0 for the very name, 1 where the name begins with what is typed, 2 where its words do, 3 with its other names. */
    private static int distance(String typed, Exercise move) {
        String name = plain(move.name());
        String wanted = plain(typed);
        if (name.equals(wanted)
                || move.otherNames().stream().anyMatch(other -> plain(other).equals(wanted))) {
            return 0;
        }
        return name.startsWith(wanted + " ") ? 1 : hasWords(wanted, name) ? 2 : elsewhere(wanted, move);
    }

    private static int elsewhere(String wanted, Exercise move) {
        return move.otherNames().stream().anyMatch(other -> hasWords(wanted, plain(other))) ? 3 : 4;
    }

    private static boolean hasWords(String wanted, String name) {
        return Stream.of(wanted.split(" "))
                .allMatch(word -> Arrays.stream(name.split(" ")).anyMatch(each -> each.startsWith(word)));
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", " ").strip();
    }
}
