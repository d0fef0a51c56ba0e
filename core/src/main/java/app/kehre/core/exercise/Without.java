package app.kehre.core.exercise;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.kit.Equipment;
import app.kehre.core.value.Named;

/**
 * What a search wants, and what it wants to be spared: "belly without neck", "legs without weights", "chest no wrists".
 *
 * @param wanted the words that are looked for
 * @param spared the stems of the words behind "without"
 */
record Without(String wanted, List<String> spared) {

    private static final Pattern SPARED = Pattern
            .compile("\\b(?:without|no|not)\\s+(?:the\\s+|a\\s+)?(\\p{L}+)");

    Without {
        spared = List.copyOf(spared);
    }

    static Without of(String typed) {
        List<String> spared = new ArrayList<>();
        Matcher found = SPARED.matcher(typed);
        while (found.find()) {
            spared.add(SearchWords.stem(found.group(1)));
        }
        return new Without(SPARED.matcher(typed).replaceAll(" ").strip(), spared);
    }

    boolean isEmpty() {
        return spared.isEmpty();
    }

    /** Returns whether it is chosen for a muscle group that is wanted. */
    boolean serves(Exercise exercise) {
        List<String> words = SearchWords.of(wanted).stream().map(SearchWords::stem).toList();
        return !exercise.rests() && exercise.main().stream().flatMap(Without::called)
                .flatMap(term -> SearchWords.of(term).stream()).map(SearchWords::stem)
                .anyMatch(words::contains);
    }

    /** Returns whether an exercise neither works, loads nor needs what is to be spared, and has no caution for it. */
    boolean spares(Exercise exercise) {
        return spared.stream()
                .noneMatch(word -> terms(exercise).anyMatch(term -> SearchWords.of(term).stream()
                        .map(SearchWords::stem).anyMatch(word::equals)));
    }

    private static Stream<String> terms(Exercise exercise) {
        Work work = exercise.work();
        return Stream.of(work.muscles().keySet().stream().flatMap(Without::called),
                work.loads().stream().map(Named::words), exercise.equipment().stream().map(Equipment::words),
                exercise.cautions().stream().map(caution -> caution.limit().words()),
                jumps(exercise).stream()).flatMap(each -> each);
    }

    private static Stream<String> called(Muscle muscle) {
        return Stream.concat(Stream.of(muscle.words()), SearchWords.called(muscle).stream());
    }

    private static Optional<String> jumps(Exercise exercise) {
        return exercise.impact() == Impact.HIGH ? Optional.of("jump hop impact") : Optional.empty();
    }
}
