package app.kehre.core.exercise;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Predicate;
import java.util.stream.Stream;

/**
 * Finds exercises by words. What is called just so comes first: by name, by id, by another name. Else every typed word
 * counts that begins a word of an exercise, singular or plural, with a hyphen or without; one that begins none may have
 * a slip or two in it. Those that have most of the typed words are found: a word more narrows, and never leaves
 * nothing. Words of the name count most, then other names, then muscles, kit, position and pattern, then the options, then
 * the description. What stands behind "without" is left out: "belly without neck".
 */
final class Search {

    /** Where a word stands in an exercise: the lower, the more it counts. */
    private static final int NAME = 0;
    private static final int OTHER_NAME = 3;
    private static final int TERM = 6;
    private static final int OPTION = 8;
    private static final int DESCRIPTION = 9;
    /** What a word costs that is only begun, or that has slips. */
    private static final int BEGUN = 1;
    private static final int SLIP = 12;
    private static final int NOT_FOUND = 1000;
    /** What it saves when the words stand beside each other in the name, or in another one. */
    private static final int WHOLE_IN_NAME = 4;
    private static final int WHOLE_IN_OTHER = 2;
    /** Words shorter than this must be right; from the longer length on two slips are forgiven. */
    private static final int SHORTEST_WITH_SLIP = 4;
    private static final int TWO_SLIPS = 8;
    /** A shorter stem begins too many other words. */
    private static final int SHORTEST_STEM = 3;
    /** Names of more words than this are as long as each other. */
    private static final int WORDS = 8;
    private static final int MOST_COST = 1 << 16;

    /** Where a word stands: the exercise's place in the list, and how much it counts. */
    private record Place(int exercise, int rank) {}

    /** What an exercise is called, each as one phrase. */
    private record Called(String name, String id, List<String> others, int words) {

        static Called of(Exercise exercise) {
            return new Called(SearchWords.phrase(exercise.name()), SearchWords.phrase(exercise.id()),
                    exercise.otherNames().stream().map(SearchWords::phrase).toList(),
                    SearchWords.of(exercise.name()).size());
        }

        /** Returns whether and how well a phrase is just what it is called: 0 by name, 1 by id, 2 otherwise, 3 not. */
        int just(String phrase) {
            return name.equals(phrase) ? 0 : id.equals(phrase) ? 1 : others.contains(phrase) ? 2 : 3;
        }

        int saves(String phrase) {
            return name.contains(phrase)
                    ? WHOLE_IN_NAME
                    : others.stream().anyMatch(other -> other.contains(phrase)) ? WHOLE_IN_OTHER : 0;
        }
    }

    private static final int NOT_JUST = 3;

    private final List<Exercise> exercises;
    private final List<Called> called;
    private final NavigableMap<String, List<Place>> places = new TreeMap<>();
    private final Spelling spelling = new Spelling();

    Search(List<Exercise> exercises) {
        this.exercises = exercises.stream().sorted(Comparator.comparing(Exercise::name)).toList();
        called = this.exercises.stream().map(Called::of).toList();
        for (int i = 0; i < this.exercises.size(); i++) {
            index(i, this.exercises.get(i));
        }
    }

    private void index(int at, Exercise exercise) {
        add(at, NAME, exercise.name());
        add(at, NAME, exercise.id());
        exercise.otherNames().forEach(name -> add(at, OTHER_NAME, name));
        exercise.work().muscles().forEach((muscle, share) -> {
            int rank = exercise.main().contains(muscle) ? TERM - 1 : TERM;
            add(at, rank, muscle.words());
            SearchWords.called(muscle).forEach(words -> add(at, rank, words));
        });
        exercise.equipment().forEach(kit -> add(at, TERM, kit.key()));
        List.of(exercise.position(), exercise.pattern(), exercise.family())
                .forEach(term -> add(at, TERM, term.words()));
        Stream.of(exercise.easier(), exercise.harder())
                .forEach(option -> add(at, OPTION, option.name() + " " + option.change()));
        exercise.coaching().lines().forEach(line -> add(at, DESCRIPTION, line));
        exercise.coaching().alignment().forEach(line -> add(at, DESCRIPTION, line));
    }

    private void add(int at, int rank, String text) {
        List<String> words = SearchWords.of(text);
        for (int i = 0; i < words.size(); i++) {
            spelling.know(words.get(i));
            put(at, rank, words.get(i));
            put(at, rank, SearchWords.stem(words.get(i)));
            if (i > 0 && rank <= OTHER_NAME) {
                put(at, rank, words.get(i - 1) + SearchWords.stem(words.get(i)));
            }
        }
    }

    private void put(int at, int rank, String word) {
        List<Place> known = places.computeIfAbsent(word, _ -> new ArrayList<>());
        if (known.isEmpty() || known.getLast().exercise() != at) {
            known.add(new Place(at, rank));
        } else if (known.getLast().rank() > rank) {
            known.set(known.size() - 1, new Place(at, rank));
        }
    }

    /** Returns what fits the words: first what is called just so, then what is preferred, then by its cost and name. */
    List<Exercise> find(String typed, Predicate<Exercise> preferred) {
        String meant = String.join(" ", SearchWords.of(typed).stream().map(spelling::mended).toList());
        Without without = Without.of(meant);
        return without.isEmpty() || isName(meant)
                ? ranked(meant, preferred)
                : ranked(without.wanted(), without::serves).stream().filter(without::spares).toList();
    }

    private boolean isName(String words) {
        return exercises.stream().flatMap(Exercise::called)
                .anyMatch(name -> String.join(" ", SearchWords.of(name)).equals(words));
    }

    private List<Exercise> ranked(String typed, Predicate<Exercise> preferred) {
        List<String> words = SearchWords.telling(SearchWords.of(typed));
        Costs costs = new Costs(exercises.size());
        words.forEach(word -> addCosts(costs, word));
        String phrase = SearchWords.phrase(typed);
        int most = costs.most();
        if (most == 0 && !words.isEmpty()) {
            return exactly(phrase);
        }
        long[] order = new long[exercises.size()];
        int found = 0;
        for (int i = 0; i < order.length; i++) {
            int just = words.isEmpty() ? NOT_JUST : called.get(i).just(phrase);
            if (just < NOT_JUST || costs.found[i] == most) {
                long tier = just < NOT_JUST
                        ? just
                        : preferred.test(exercises.get(i)) ? NOT_JUST : NOT_JUST + 1;
                order[found++] = (tier * MOST_COST + cost(costs.sum[i], i, phrase, words.size())) << 32 | i;
            }
        }
        Arrays.sort(order, 0, found);
        return Arrays.stream(order, 0, found).mapToObj(key -> exercises.get((int) key)).toList();
    }

    private List<Exercise> exactly(String phrase) {
        List<Exercise> found = new ArrayList<>();
        for (int i = 0; i < exercises.size(); i++) {
            if (called.get(i).just(phrase) < NOT_JUST) {
                found.add(exercises.get(i));
            }
        }
        return found;
    }

    private long cost(int sum, int at, String phrase, int typedWords) {
        Called names = called.get(at);
        boolean begins = !phrase.isEmpty() && names.name().startsWith(phrase);
        long extra = begins ? 0 : Math.clamp((long) names.words() - typedWords, 0, WORDS - 1);
        int saved = phrase.isEmpty() ? 0 : names.saves(phrase);
        return Math.clamp(WORDS * (2L * Math.max(0, sum - saved) + (begins ? 0 : 1)) + extra, 0,
                MOST_COST - 1);
    }

    /** What the typed words cost in each exercise, and how many of them it has. */
    private static final class Costs {

        private final int[] sum;
        private final int[] found;

        private Costs(int size) {
            sum = new int[size];
            found = new int[size];
        }

        private void add(int[] least) {
            for (int i = 0; i < least.length; i++) {
                if (least[i] < NOT_FOUND) {
                    sum[i] += least[i];
                    found[i]++;
                }
            }
        }

        private int most() {
            return Arrays.stream(found).max().orElse(0);
        }
    }

    private void addCosts(Costs costs, String word) {
        int[] least = new int[exercises.size()];
        Arrays.fill(least, NOT_FOUND);
        boolean begun = begun(least, word);
        String stem = SearchWords.stem(word);
        begun |= stem.length() >= SHORTEST_STEM && !stem.equals(word) && begun(least, stem);
        if (!begun && word.length() >= SHORTEST_WITH_SLIP) {
            slipped(least, word);
        }
        costs.add(least);
    }

    private boolean begun(int[] least, String word) {
        Map<String, List<Place>> begun = places.subMap(word, true, word + Character.MAX_VALUE, true);
        begun.forEach((known, where) -> lower(least, where, known.length() == word.length() ? 0 : BEGUN));
        return !begun.isEmpty();
    }

    private void slipped(int[] least, String word) {
        int most = word.length() < TWO_SLIPS ? 1 : 2;
        Slips slips = new Slips(word, most);
        places.forEach((known, where) -> {
            int count = slips.in(known);
            if (count <= most) {
                lower(least, where, count * SLIP);
            }
        });
    }

    private static void lower(int[] least, List<Place> where, int cost) {
        for (Place place : where) {
            least[place.exercise()] = Math.min(least[place.exercise()], place.rank() + cost);
        }
    }
}
