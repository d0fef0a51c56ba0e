package app.kehre.core.exercise;

import java.text.Normalizer;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;

/** All exercises that can be chosen, in the order in which they were given. */
public final class Library {

    private final Map<String, Exercise> byId = new LinkedHashMap<>();

    private Library(List<Exercise> exercises) {
        for (Exercise exercise : exercises) {
            if (byId.put(exercise.id(), exercise) != null) {
                throw new IllegalArgumentException("The library has \"%s\" twice.".formatted(exercise.id()));
            }
        }
    }

    /**
     * Returns a library of the exercises.
     *
     * @throws IllegalArgumentException when two have the same id
     */
    public static Library of(List<Exercise> exercises) {
        return new Library(exercises);
    }

    /** Returns all exercises. */
    public List<Exercise> all() {
        return List.copyOf(byId.values());
    }

    /** Finds an exercise by its id. */
    public Optional<Exercise> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /**
     * Returns the exercises in whose name, muscles, position or equipment every typed word begins a word;
     * those that suit the role first, then by name. No words at all find everything.
     */
    public List<Exercise> search(String typed, Role role) {
        List<String> words = List.of(plain(typed).strip().split("\\s+"));
        return byId.values().stream().filter(exercise -> matches(exercise, words))
                .sorted(Comparator.comparing((Exercise exercise) -> !exercise.suits(role))
                        .thenComparing(exercise -> !plain(exercise.name()).startsWith(words.getFirst()))
                        .thenComparing(Exercise::name))
                .toList();
    }

    private static boolean matches(Exercise exercise, List<String> words) {
        StringBuilder text = new StringBuilder(exercise.name());
        exercise.main().forEach(muscle -> text.append(' ').append(muscle.words()));
        exercise.equipment().forEach(kit -> text.append(' ').append(kit.key()));
        text.append(' ').append(exercise.position().words());
        String within = " " + plain(text.toString());
        return words.stream().allMatch(word -> within.contains(" " + word));
    }

    private static String plain(String text) {
        return Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "")
                .replaceAll("[-\u2019']", " ");
    }
}
