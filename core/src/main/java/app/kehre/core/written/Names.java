package app.kehre.core.written;

import java.util.Arrays;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Reading;

/** Finds which exercise a text begins with, by its usual name or its id. */
final class Names {

    private final Map<String, Exercise> byName = new HashMap<>();

    /**
     * What a text begins with.
     *
     * @param exercise the exercise
     * @param rest what stands behind its name
     */
    record Found(Exercise exercise, String rest) {}

    private Names() {}

    /** Returns the names of a library, and of what a class has of its own: the usual ones alone, others depend on their place. */
    static Names of(Library library, ClassPlan plan) {
        Names names = new Names();
        List<Exercise> all = Stream.concat(library.all().stream(), plan.lines()
                .flatMap(line -> line.exercises().stream())).toList();
        all.forEach(each -> names.byName.putIfAbsent(plain(each.name()), each));
        all.forEach(each -> names.byName.putIfAbsent("[" + each.id() + "]", each));
        return names;
    }

    private static String plain(String name) {
        return name.toLowerCase(Locale.ROOT).replace('\u2019', '\'').replace(",", "").replaceAll("\\s+", " ")
                .strip();
    }

    /** Returns how an exercise is written so that it is found again: its name, else its id. */
    String write(Exercise exercise) {
        return exercise.equals(byName.get(plain(exercise.name()))) && !exercise.name().contains(";")
                ? exercise.name()
                : "[" + exercise.id() + "]";
    }

    /** Finds an exercise whose whole name stands at the beginning. */
    Optional<Found> whole(String text) {
        String[] words = text.strip().split(" +");
        for (int count = words.length; count > 0; count--) {
            Exercise exercise = byName.get(plain(String.join(" ", Arrays.copyOf(words, count))));
            if (exercise != null) {
                return Optional.of(new Found(exercise,
                        String.join(" ", Arrays.copyOfRange(words, count, words.length))));
            }
        }
        return Optional.empty();
    }

    /** Reads the exercise at the beginning: the longest name goes. */
    Reading<Found> at(String text) {
        String[] words = text.strip().split(" +");
        for (int count = words.length; count > 0; count--) {
            String name = String.join(" ", Arrays.copyOf(words, count));
            String ended = name.replaceFirst("[,:]$", "");
            Exercise exercise = byName.get(plain(name));
            Exercise other = exercise == null ? byName.get(plain(ended)) : exercise;
            if (other != null) {
                return Reading.of(new Found(other,
                        String.join(" ", Arrays.copyOfRange(words, count, words.length))));
            }
        }
        String name = text.substring(0, doseAt(text)).strip().replaceFirst("[,:]$", "");
        return name.isEmpty()
                ? Reading.refused("\"%s\" names no exercise: write it like Squat 12 reps.".formatted(text))
                : Reading.refused("No exercise is called \"%s\".".formatted(name));
    }

    /** Where the first word of a dose stands. */
    private static int doseAt(String text) {
        Matcher found = DOSE.matcher(text);
        return found.find() ? found.start() : text.length();
    }

    private static final Pattern DOSE = Pattern
            .compile("(?<=\\s)(\\d|hold \\d|stretch \\d|about \\d|as many|as long|\\[|\\()");
}
