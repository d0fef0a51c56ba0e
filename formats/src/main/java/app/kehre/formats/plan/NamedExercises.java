package app.kehre.formats.plan;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.TreeMap;
import java.util.function.Function;

import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Option;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Range;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;
import app.kehre.formats.library.ExerciseJson;

/** The exercises that a plan names by their ids: those of the library, and those that it brings along. */
final class NamedExercises {

    private static final Range OWN = Range.of("the exercises that a plan brings along", 0, 2000);
    private static final Notation<Limit> LIMITS = Notation.keys(Limit.class);

    private final Library library;
    private final Map<String, Exercise> own = new LinkedHashMap<>();
    private final Set<String> ids = new HashSet<>();
    /** An exercise of the plan that is at fault itself: that it is named elsewhere is no second fault. */
    private final Set<String> faulty = new HashSet<>();
    private final List<Runnable> options = new ArrayList<>();

    NamedExercises(Library library) {
        this.library = library;
    }

    /** Lays out those that a plan brings along. */
    <E> List<Exercise> brought(Form<E> form, Function<E, List<Exercise>> value) {
        return form.listIfAny("exercises", OWN, value, this::brought);
    }

    private Optional<Exercise> brought(Form<Exercise> form) {
        Optional<Exercise> exercise = ExerciseJson.layOut(form, ids);
        exercise.ifPresentOrElse(read -> {
            own.putIfAbsent(read.id(), read);
            options.add(() -> requireOptions(form, read));
        }, () -> faulty.add(form.peek("id")));
        return exercise;
    }

    /** Reports what exercises of the plan name that is not there; to be called when all of them have been read. */
    void requireOptions() {
        options.forEach(Runnable::run);
    }

    private void requireOptions(Form<Exercise> form, Exercise exercise) {
        require(form, "easier.exercise", exercise.easier());
        require(form, "harder.exercise", exercise.harder());
        for (Caution caution : exercise.cautions()) {
            if (!caution.instead().isEmpty()) {
                find(form, "cautions.%s.instead".formatted(caution.limit().key()),
                        Optional.of(caution.instead()));
            }
        }
    }

    private void require(Form<Exercise> form, String field, Option option) {
        if (!option.exercise().isEmpty()) {
            find(form, field, Optional.of(option.exercise()));
        }
    }

    /** Finds an exercise; one that is nowhere is reported for the field. */
    Optional<Exercise> find(Form<?> form, String field, Optional<String> id) {
        Optional<Exercise> exercise = id.flatMap(found -> Optional.ofNullable(own.get(found))
                .or(() -> library.find(found)));
        id.filter(found -> exercise.isEmpty() && !faulty.contains(found))
                .ifPresent(unknown -> form.report(field,
                        ("\"%s\" is not in the library; expected the id of one of its exercises, such as"
                                + " \"squat\", or one that the plan brings under \"exercises\".")
                                .formatted(unknown)));
        return exercise;
    }

    /** Lays out what people with a limit do instead. */
    <E> Map<Limit, Exercise> instead(Form<E> form, Function<E, Map<Limit, Exercise>> value) {
        Map<Limit, Exercise> instead = new EnumMap<>(Limit.class);
        form.textsIfAny("instead", LIMITS, thing -> ids(value.apply(thing)))
                .forEach((limit, id) -> find(form, "instead", Optional.of(id))
                        .ifPresent(found -> instead.put(limit, found)));
        return instead;
    }

    private static Map<Limit, String> ids(Map<Limit, Exercise> exercises) {
        Map<Limit, String> ids = new TreeMap<>();
        exercises.forEach((limit, exercise) -> ids.put(limit, exercise.id()));
        return ids;
    }
}
