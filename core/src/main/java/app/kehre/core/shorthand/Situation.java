package app.kehre.core.shorthand;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.Format;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;

/**
 * Where in a class a line stands: what decides among several exercises of one name.
 *
 * @param role of its segment
 * @param format the kind of class
 * @param onSteps whether there are steps
 * @param position of the line before it; nothing at the beginning
 * @param words the words of the line and of its heading, in which a posture or a kit may be named
 */
record Situation(Role role, Format format, boolean onSteps, Optional<Position> position, Set<String> words) {

    private static final double SUITS = 0.1;
    private static final double KNOWN = 0.05;
    private static final double SAME_LEVEL = 0.14;
    private static final double POSTURE = 0.12;
    private static final double CHAIRS = 0.22;
    private static final double NO_STEP = 0.4;
    private static final double UNNAMED_KIT = 0.12;
    /** Where one has the whole name, those with a part of it are further off than the place in the class can bring near. */
    private static final double WHOLE = 0.9;
    private static final double PARTLY = 0.85;
    private static final double PART = 0.25;
    private static final int MOST = 8;

    Situation {
        words = Set.copyOf(words);
    }

    Situation with(Set<String> other) {
        return new Situation(role, format, onSteps, position, other);
    }

    /** Returns the exercises that some stems may mean here, the best first. */
    List<Candidate> ranked(NameIndex names, List<String> stems) {
        List<Candidate> ranked = new ArrayList<>();
        for (NameIndex.Match match : names.find(stems)) {
            ranked.add(new Candidate(match.exercise(), match.called(), match.quality(),
                    match.quality() + fit(match.exercise())));
        }
        boolean whole = ranked.stream().anyMatch(each -> each.quality() >= WHOLE);
        ranked.replaceAll(each -> whole && each.quality() < PARTLY
                ? new Candidate(each.exercise(), each.called(), each.quality(), each.total() - PART)
                : each);
        if (role == Role.STRETCH || role == Role.COOL_DOWN) {
            stretches(names, stems, ranked);
        }
        ranked.sort(Comparator.comparingDouble(Candidate::total).reversed());
        return ranked.stream().limit(MOST).toList();
    }

    /** Among stretches a muscle alone is its stretch: "quads, hams, chest". */
    private void stretches(NameIndex names, List<String> stems, List<Candidate> ranked) {
        if (stems.contains("stretch") || stems.size() > 3) {
            return;
        }
        List<String> longer = new ArrayList<>(stems);
        longer.add("stretch");
        for (NameIndex.Match match : names.find(longer)) {
            boolean there = ranked.stream().anyMatch(each -> each.exercise().equals(match.exercise())
                    && each.quality() >= match.quality() - 0.03);
            if (!there && match.exercise().rests()) {
                ranked.removeIf(each -> each.exercise().equals(match.exercise()));
                double quality = match.quality() - 0.03;
                ranked.add(new Candidate(match.exercise(), "", quality, quality + fit(match.exercise())));
            }
        }
    }

    private double fit(Exercise exercise) {
        double fit = exercise.suits(role) ? SUITS : 0;
        fit += exercise.staple() || exercise.everyday() ? KNOWN : 0;
        fit += position.filter(each -> exercise.setting().positions().stream()
                .anyMatch(other -> other.level() == each.level())).isPresent() ? SAME_LEVEL : 0;
        fit += seated(exercise) + bench(exercise) + postures(exercise) + kit(exercise);
        return fit;
    }

    /** On chairs people sit, unless the line says that they stand; elsewhere nobody sits unasked. */
    private double seated(Exercise exercise) {
        boolean sits = exercise.position() == Position.SEATED_CHAIR;
        boolean asked = says("seat", "sitt", "chair");
        if (!sits) {
            return asked && exercise.setting().allows(Position.SEATED_CHAIR) ? POSTURE / 2 : 0;
        }
        boolean chairs = format == Format.CHAIR && !says("stand", "behind");
        return asked || chairs ? CHAIRS : format == Format.CHAIR ? 0 : -2 * POSTURE;
    }

    private double bench(Exercise exercise) {
        boolean bench = exercise.equipment().contains(Equipment.STEP)
                || exercise.position() == Position.ON_STEP;
        if (!bench) {
            return onSteps && (role == Role.AEROBIC || role == Role.WARM_UP)
                    && exercise.family() == Family.CARDIO
                    && !says("floor")
                            ? -POSTURE
                            : 0;
        }
        return onSteps
                ? role == Role.AEROBIC || role == Role.WARM_UP ? POSTURE : 0
                : says("step", "bench") ? 0 : -NO_STEP;
    }

    private double postures(Exercise exercise) {
        double fit = 0;
        fit += posture(exercise, says("ly", "lying", "supine", "back-down"), Position.SUPINE,
                Position.SIDE_LYING,
                Position.PRONE);
        fit += posture(exercise, says("stand"), Position.STANDING, Position.ON_STEP);
        fit += posture(exercise, says("kneel", "knee-down"), Position.KNEELING, Position.ALL_FOURS);
        return fit;
    }

    private static double posture(Exercise exercise, boolean said, Position... positions) {
        return !said
                ? 0
                : exercise.setting().positions().stream().anyMatch(List.of(positions)::contains)
                        ? POSTURE
                        : -POSTURE;
    }

    /** What needs kit that nobody has named is rarely meant. */
    private double kit(Exercise exercise) {
        double fit = 0;
        for (Equipment each : exercise.equipment()) {
            fit -= switch (each) {
                case LONG_BAND, LOOP_BAND -> says("band", "loop", "tub") ? -2 * POSTURE : UNNAMED_KIT;
                case KETTLE_WEIGHT -> says("kettlebell", "kettl") ? 0 : UNNAMED_KIT;
                case LONG_BAR -> says("bar", "barbell") ? 0 : UNNAMED_KIT;
                case SMALL_BALL -> says("ball") ? 0 : UNNAMED_KIT;
                case DISC -> says("disc", "slid", "glid") ? 0 : UNNAMED_KIT;
                case ROLLER -> says("roller") ? 0 : UNNAMED_KIT;
                case BLOCK -> says("block") ? 0 : UNNAMED_KIT;
                case WALL -> says("wall") ? 0 : UNNAMED_KIT / 2;
                case TOWEL -> says("towel") ? 0 : UNNAMED_KIT;
                case CHAIR -> says("chair") || format == Format.CHAIR ? 0 : UNNAMED_KIT / 2;
                case STEP, MAT, WEIGHT, BARE_FEET -> 0;
            };
        }
        return fit;
    }

    private boolean says(String... stems) {
        for (String stem : stems) {
            if (words.contains(stem)) {
                return true;
            }
        }
        return false;
    }

    /** Returns whether people dance here, so that a knee is a knee lift. */
    boolean danced() {
        return role == Role.AEROBIC || role == Role.WARM_UP || dances();
    }

    /** Returns whether the class is a choreographed one. */
    boolean dances() {
        return format == Format.STEP || format == Format.LOW_IMPACT;
    }
}
