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
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Reading;

/** Finds which exercise a text begins with, by all its names. */
final class Names {

    private static final int OFFERED = 3;

    private final Library library;
    private final Map<String, Exercise> byName = new HashMap<>();

    /**
     * What a text begins with.
     *
     * @param exercise the exercise
     * @param rest what stands behind its name
     */
    record Found(Exercise exercise, String rest) {}

    private Names(Library library) {
        this.library = library;
    }

    /** Returns the names of a library, and of what a class has of its own; a first name goes before any other name. */
    static Names of(Library library, ClassPlan plan) {
        Names names = new Names(library);
        List<Exercise> all = Stream.concat(library.all().stream(), plan.lines()
                .flatMap(line -> line.exercises().stream())).toList();
        all.forEach(each -> names.byName.putIfAbsent(plain(each.name()), each));
        all.forEach(each -> {
            names.byName.putIfAbsent("[" + each.id() + "]", each);
            each.otherNames().forEach(other -> names.byName.putIfAbsent(plain(other), each));
        });
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

    /** Reads the exercise at the beginning: the longest name goes; else what a search finds is offered. */
    Reading<Found> at(String text, Role role) {
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
        return refused(text.strip(), role);
    }

    /** What is not a whole name is taken where one exercise alone can be meant, else offered. */
    private Reading<Found> refused(String text, Role role) {
        int dose = doseAt(text);
        String name = text.substring(0, dose).strip().replaceFirst("[,:]$", "");
        if (name.isEmpty()) {
            return Reading.refused(
                    "\"%s\" names no exercise: write it like Squat 12 reps.".formatted(text));
        }
        List<Exercise> near = library.search(name, role);
        Optional<Exercise> meant = meant(plain(name), near);
        if (meant.isPresent()) {
            return Reading.of(new Found(meant.get(), text.substring(dose)));
        }
        List<String> choices = near.stream().limit(OFFERED)
                .map(each -> (write(each) + " " + text.substring(dose)).strip()).toList();
        return new Reading.Refused<>("No exercise is called \"%s\".".formatted(name), choices);
    }

    /** The only one that has all the words, or the only one of them that is often taught; or the first whose name begins so. */
    private static Optional<Exercise> meant(String typed, List<Exercise> near) {
        List<Exercise> all = near.stream().filter(each -> hasAll(each, typed.split(" "))).toList();
        List<Exercise> often = all.stream().filter(each -> each.staple() || each.everyday()).toList();
        if (all.size() == 1) {
            return Optional.of(all.getFirst());
        }
        return often.size() == 1
                ? Optional.of(often.getFirst())
                : near.stream().limit(1).filter(each -> plain(each.name()).startsWith(typed + " "))
                        .findFirst();
    }

    private static boolean hasAll(Exercise exercise, String[] typed) {
        return exercise.called().anyMatch(name -> {
            List<String> words = List.of(plain(name).split("[ -]"));
            return Arrays.stream(typed)
                    .allMatch(word -> words.stream().anyMatch(each -> each.startsWith(word)));
        });
    }

    /** Where the first word of a dose stands. */
    private static int doseAt(String text) {
        Matcher found = DOSE.matcher(text);
        return found.find() ? found.start() : text.length();
    }

    private static final Pattern DOSE = Pattern
            .compile("(?<=\\s)(\\d|hold \\d|stretch \\d|about \\d|as many|as long|\\[|\\()");
}
