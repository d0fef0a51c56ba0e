package app.kehre.core.exercise;

import java.text.Normalizer;
import java.util.ArrayList;
import java.util.Arrays;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.NavigableMap;
import java.util.TreeMap;
import java.util.function.Predicate;

import app.kehre.core.kit.Equipment;

/**
 * Finds exercises by words: every typed word must begin a word of an exercise. A word that begins none may
 * have a slip or two in it. Words of the name count most, then other names, then muscles, kit, position and
 * pattern, then the description.
 */
final class Search {

    /** Where a word stands in an exercise: the lower, the more it counts. */
    private static final int NAME = 0;
    private static final int OTHER_NAME = 3;
    private static final int TERM = 6;
    private static final int DESCRIPTION = 9;
    /** What a word costs that is only begun, or that has slips. */
    private static final int BEGUN = 1;
    private static final int SLIP = 12;
    private static final int NOT_FOUND = 1000;
    /** Words shorter than this must be right; from the longer length on two slips are forgiven. */
    private static final int SHORTEST_WITH_SLIP = 4;
    private static final int TWO_SLIPS = 8;
    /** Names of more words than this are as long as each other. */
    private static final int WORDS = 8;
    private static final java.util.regex.Pattern MARKS = java.util.regex.Pattern.compile("\\p{M}+");
    private static final java.util.regex.Pattern JOINTS = java.util.regex.Pattern.compile("[-\u2019']");

    /** Where a word stands: the exercise's place in the list, and how much it counts. */
    private record Place(int exercise, int rank) {}

    private final List<Exercise> exercises;
    private final String[] names;
    private final int[] lengths;
    private final NavigableMap<String, List<Place>> places = new TreeMap<>();

    Search(List<Exercise> exercises) {
        this.exercises = exercises.stream().sorted(Comparator.comparing(Exercise::name)).toList();
        names = this.exercises.stream().map(each -> plain(each.name()).strip()).toArray(String[]::new);
        lengths = Arrays.stream(names).mapToInt(name -> name.split(" ").length).toArray();
        for (int i = 0; i < names.length; i++) {
            index(i, this.exercises.get(i));
        }
    }

    private void index(int at, Exercise exercise) {
        add(at, NAME, exercise.name());
        exercise.otherNames().forEach(name -> add(at, OTHER_NAME, name));
        exercise.work().muscles().keySet().forEach(muscle -> add(at, TERM, muscle.words()));
        exercise.equipment().stream().map(Equipment::key).forEach(kit -> add(at, TERM, kit));
        add(at, TERM, exercise.position().words());
        add(at, TERM, exercise.pattern().words());
        add(at, TERM, exercise.family().words());
        exercise.coaching().lines().forEach(line -> add(at, DESCRIPTION, line));
        exercise.coaching().alignment().forEach(line -> add(at, DESCRIPTION, line));
    }

    private void add(int at, int rank, String text) {
        for (String word : plain(text).split("[^\\p{L}\\p{Nd}]+")) {
            List<Place> known = places.computeIfAbsent(word, _ -> new ArrayList<>());
            if (!word.isEmpty() && (known.isEmpty() || known.getLast().exercise() != at)) {
                known.add(new Place(at, rank));
            }
        }
    }

    /** Returns what fits the words: first that of just this name, then what is preferred, then by its cost and name. */
    List<Exercise> find(String typed, Predicate<Exercise> preferred) {
        String whole = plain(typed).strip();
        int[] costs = new int[names.length];
        for (String word : whole.split("\\s+")) {
            if (!word.isEmpty()) {
                addCosts(costs, word);
            }
        }
        int typedWords = whole.split(" ").length;
        long[] order = new long[names.length];
        int found = 0;
        for (int i = 0; i < names.length; i++) {
            if (costs[i] < NOT_FOUND) {
                boolean exact = names[i].equals(whole);
                boolean begins = !whole.isEmpty() && names[i].startsWith(whole);
                boolean first = exact || preferred.test(exercises.get(i));
                long extra = begins ? 0 : Math.clamp((long) lengths[i] - typedWords, 0, WORDS - 1);
                long cost = (exact ? 0 : first ? 1L << 20 : 1L << 21)
                        + WORDS * (2L * costs[i] + (begins ? 0 : 1)) + extra;
                order[found++] = cost << 32 | i;
            }
        }
        Arrays.sort(order, 0, found);
        return Arrays.stream(order, 0, found).mapToObj(key -> exercises.get((int) key)).toList();
    }

    private void addCosts(int[] costs, String word) {
        int[] least = new int[costs.length];
        Arrays.fill(least, NOT_FOUND);
        Map<String, List<Place>> begun = places.subMap(word, true, word + Character.MAX_VALUE, true);
        begun.forEach((known, where) -> lower(least, where, known.length() == word.length() ? 0 : BEGUN));
        if (begun.isEmpty() && word.length() >= SHORTEST_WITH_SLIP) {
            int most = word.length() < TWO_SLIPS ? 1 : 2;
            Slips slips = new Slips(word, most);
            places.forEach((known, where) -> {
                int count = slips.in(known);
                if (count <= most) {
                    lower(least, where, count * SLIP);
                }
            });
        }
        for (int i = 0; i < costs.length; i++) {
            costs[i] = Math.min(NOT_FOUND, costs[i] + least[i]);
        }
    }

    private static void lower(int[] least, List<Place> where, int cost) {
        for (Place place : where) {
            least[place.exercise()] = Math.min(least[place.exercise()], place.rank() + cost);
        }
    }

    /** Returns a text in lower case, without accents, hyphens and apostrophes as spaces. */
    static String plain(String text) {
        String bare = Normalizer.normalize(text.toLowerCase(Locale.ROOT), Normalizer.Form.NFD);
        return JOINTS.matcher(MARKS.matcher(bare).replaceAll("")).replaceAll(" ");
    }
}
