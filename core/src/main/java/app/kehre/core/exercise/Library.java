package app.kehre.core.exercise;

import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import org.jspecify.annotations.Nullable;

/** All exercises that can be chosen: those that ship with Kehre, and the instructor's own. */
public final class Library {

    private static final Pattern NO_LETTER = Pattern.compile("[^a-z0-9]+");

    private final Map<String, Exercise> shipped;
    private final OwnExercises own;
    private final Map<String, Exercise> byId = new LinkedHashMap<>();
    /** Made when it is first asked for: whoever only reads or changes a library needs none. */
    private volatile @Nullable Search search;

    private Library(Map<String, Exercise> shipped, OwnExercises own) {
        this.shipped = shipped;
        this.own = own;
        byId.putAll(shipped);
        own.exercises().forEach(each -> byId.put(each.id(), each));
    }

    /**
     * Returns a library of the exercises that ship.
     *
     * @throws IllegalArgumentException when two have the same id
     */
    public static Library of(List<Exercise> exercises) {
        Map<String, Exercise> shipped = new LinkedHashMap<>();
        for (Exercise exercise : exercises) {
            if (shipped.put(exercise.id(), exercise) != null) {
                throw new IllegalArgumentException("The library has \"%s\" twice.".formatted(exercise.id()));
            }
        }
        return new Library(shipped, OwnExercises.NONE);
    }

    /** Returns the same shipped exercises with other own ones. */
    public Library with(OwnExercises others) {
        return new Library(shipped, others);
    }

    /** Returns all exercises that are not hidden, the shipped ones first. */
    public List<Exercise> all() {
        return byId.values().stream().filter(each -> !hidden(each.id())).toList();
    }

    /** Returns what the instructor made of it. */
    public OwnExercises own() {
        return own;
    }

    /** Returns the exercises that are hidden. */
    public List<Exercise> hidden() {
        return byId.values().stream().filter(each -> hidden(each.id())).toList();
    }

    private boolean hidden(String id) {
        return own.hidden().contains(id) && !own.has(id);
    }

    /** Finds an exercise by its id, hidden or not. */
    public Optional<Exercise> find(String id) {
        return Optional.ofNullable(byId.get(id));
    }

    /** Returns whether an exercise ships with Kehre just as it is. */
    public boolean ships(Exercise exercise) {
        return exercise.equals(shipped.get(exercise.id()));
    }

    /** Returns the exercises that fit the typed words, the best first; no words at all find everything by name. */
    public List<Exercise> search(String typed) {
        return search().find(typed, _ -> true);
    }

    /** Returns the exercises that fit the typed words; those that suit the role first, then the best. */
    public List<Exercise> search(String typed, Role role) {
        return search().find(typed, exercise -> exercise.suits(role));
    }

    private Search search() {
        Search now = search;
        if (now == null) {
            now = new Search(all());
            search = now;
        }
        return now;
    }

    /** Returns an id for a new exercise of the name: its words in lower case, with a number where that is taken. */
    public String freeId(String name) {
        String base = idOf(name);
        return Stream.iterate(1, number -> number + 1).map(number -> numbered(base, number))
                .filter(id -> !byId.containsKey(id)).findFirst().orElseThrow();
    }

    /** Returns the words of a name as an id. */
    public static String idOf(String name) {
        String words = NO_LETTER.matcher(SearchWords.plain(name)).replaceAll(" ").strip().replace(' ', '-');
        return words.isEmpty() ? "own" : words;
    }

    /**
     * Returns an id with a number behind it, from 2 on.
     *
     * @param number 1 or more
     */
    public static String numbered(String id, int number) {
        return number == 1 ? id : String.format(Locale.ROOT, "%s-%d", id, number);
    }
}
