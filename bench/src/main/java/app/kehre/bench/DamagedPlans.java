package app.kehre.bench;

import java.io.IOException;
import java.io.InputStream;
import java.io.UncheckedIOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.stream.Stream;

import app.kehre.core.exercise.Library;
import app.kehre.formats.damage.Mutants;
import app.kehre.formats.damage.Trial;
import app.kehre.formats.damage.Trial.End;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

/**
 * Damages plans in many ways and does with each all that Kehre does with a plan. Prints how often each end was met, and
 * the first of each that should not be. Arguments: how many (20,000), the seed (1).
 */
public final class DamagedPlans {

    private static final Duration LONG = Duration.ofSeconds(2);
    private static final int EACH_SHEET = 4;
    private static final int SHOWN = 8;

    private DamagedPlans() {}

    /** Runs the driver. */
    public static void main(String... arguments) {
        int number = arguments.length > 0 ? Integer.parseInt(arguments[0]) : 20_000;
        long seed = arguments.length > 1 ? Long.parseLong(arguments[1]) : 1;
        Library library = BuiltInLibrary.load();
        // Code that has not run yet is slow: each original is tried once before any is counted.
        originals().forEach(each -> Trial.of(each, library, true));
        Mutants mutants = new Mutants(originals(), seed);
        Map<End, Integer> ends = new EnumMap<>(End.class);
        List<String> wrong = new ArrayList<>();
        int hung = 0;
        Duration longest = Duration.ZERO;
        int at = 0;
        for (int i = 0; i < number; i++) {
            Trial trial = Trial.of(mutants.next(), library, i % EACH_SHEET == 0);
            ends.merge(trial.end(), 1, Integer::sum);
            hung += trial.cpu().compareTo(LONG) > 0 ? 1 : 0;
            if (trial.cpu().compareTo(longest) > 0) {
                longest = trial.cpu();
                at = i;
            }
            if ((trial.end() != End.REFUSED && trial.end() != End.TAKEN) || trial.cpu().compareTo(LONG) > 0) {
                wrong.add("%d %s: %s".formatted(i, trial.end(), trial.words()));
            }
        }
        System.out.printf("%d mutants, seed %d: %s; over 2 s: %d; longest %d ms of CPU, of mutant %d%n",
                number, seed, ends,
                hung,
                longest.toMillis(), at);
        wrong.stream().limit(SHOWN).forEach(System.out::println);
    }

    /** The demos, the plans of all earlier versions, one with every optional field, and the plans of known defects. */
    private static List<byte[]> originals() {
        return Stream.concat(
                Stream.concat(DemoPlan.NAMES.stream(), Stream.of(DemoPlan.EVERYTHING_AT_ONCE))
                        .map(DemoPlan::bytes),
                Stream.of("version-1", "version-2", "version-3", "version-4", "damaged/ownhold",
                        "damaged/ownhold",
                        "damaged/ownhold", "damaged/unknown-fields", "damaged/unknown-numbers",
                        "damaged/formula")
                        .map(DamagedPlans::resource))
                .toList();
    }

    private static byte[] resource(String name) {
        String path = "/app/kehre/formats/plan/" + name + PlanDocument.ENDING;
        try (InputStream in = Objects.requireNonNull(Mutants.class.getResourceAsStream(path), path)) {
            return in.readAllBytes();
        } catch (IOException cause) {
            throw new UncheckedIOException(cause);
        }
    }
}
