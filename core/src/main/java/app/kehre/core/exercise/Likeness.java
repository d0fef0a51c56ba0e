package app.kehre.core.exercise;

import java.util.Objects;
import java.util.Set;
import java.util.stream.Collectors;
import java.util.stream.Stream;

/** How near two exercises are to each other: what they work counts most, then how it is done. Kehre's estimate. */
public final class Likeness {

    private static final double MUSCLES = 60;
    private static final double SAME_PATTERN = 15;
    private static final double SAME_FAMILY = 15;
    private static final double SAME_POSITION = 12;
    private static final double SAME_LEVEL = 10;
    private static final double SAME_SIDES = 8;
    private static final double NAMED_BY_LIBRARY = 15;
    private static final double EACH_MET = -4;

    private Likeness() {}

    /**
     * Returns how near another exercise is, whatever the class: about 130 for a near twin, and below 0 for what has nothing in
     * common with it.
     *
     * @param old the one that is to be done otherwise, which may name others as easier, harder or without kit
     */
    public static double of(Exercise old, Exercise other) {
        double near = ofMuscles(old, other);
        near += old.pattern() == other.pattern() ? SAME_PATTERN : 0;
        near += old.family() == other.family() ? SAME_FAMILY : 0;
        near += old.position() == other.position() ? SAME_POSITION : 0;
        near += old.position().level() == other.position().level() ? SAME_LEVEL : 0;
        near += old.usualDose().sides() == other.usualDose().sides() ? SAME_SIDES : 0;
        near += named(old).anyMatch(other.id()::equals) ? NAMED_BY_LIBRARY : 0;
        return near + EACH_MET * Math.abs(old.work().mets().value() - other.work().mets().value());
    }

    /** Returns how alike the muscles are, from 0 for none in common to 60 for the same in the same shares. */
    public static double ofMuscles(Exercise old, Exercise other) {
        Set<Muscle> all = Stream
                .concat(old.work().muscles().keySet().stream(), other.work().muscles().keySet().stream())
                .collect(Collectors.toSet());
        double shared = all.stream()
                .mapToDouble(muscle -> Math.min(old.work().share(muscle), other.work().share(muscle))).sum();
        double either = all.stream()
                .mapToDouble(muscle -> Math.max(old.work().share(muscle), other.work().share(muscle))).sum();
        return either == 0 ? MUSCLES : MUSCLES * shared / either;
    }

    private static Stream<String> named(Exercise exercise) {
        Stream<String> cautions = exercise.cautions().stream().map(Caution::instead);
        return Stream.concat(cautions, Stream.of(exercise.setting().without(), exercise.easier().exercise(),
                exercise.harder().exercise())).filter(Objects::nonNull);
    }
}
