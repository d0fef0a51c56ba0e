package app.kehre.core.balance;

import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Stream;

import app.kehre.core.brief.Quality;
import app.kehre.core.effort.Band;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;

/** How long a class serves each quality: what serves which is a teaching range, figures.md, "Qualities". */
final class Qualities {

    private static final double MAIN = 0.5;
    /** From this effort on a set builds strength. Teaching range. */
    private static final double STRONG = 4.5;
    private static final double BRISK = 4;
    private static final Set<Pattern> FOR_THE_BACK = EnumSet.of(Pattern.HINGE, Pattern.BRACE,
            Pattern.TRUNK_EXTENSION);
    private static final Set<Muscle> FREES_THE_BACK = EnumSet.of(Muscle.HIP_FLEXORS, Muscle.BACK_THIGH,
            Muscle.LOWER_BACK);
    private static final Set<Muscle> TRUNK = EnumSet.of(Muscle.FRONT_TRUNK, Muscle.SIDE_TRUNK,
            Muscle.LOWER_BACK);
    private static final Set<Muscle> LEGS = EnumSet.of(Muscle.FRONT_THIGH, Muscle.BACK_THIGH,
            Muscle.BUTTOCKS);

    private final List<Use> uses;
    private final Effort effort;

    Qualities(List<Use> uses, Effort effort) {
        this.uses = uses;
        this.effort = effort;
    }

    /** Returns whether an exercise is one that serves a quality. */
    static boolean serves(Quality quality, Exercise exercise) {
        return switch (quality) {
            case ENDURANCE -> exercise.rhythmic() && exercise.work().mets().value() >= BRISK;
            case STRENGTH -> exercise.strengthens() && !exercise.rhythmic() && !exercise.rests()
                    && exercise.work().effort().orElse(0.0) >= STRONG;
            case MOBILITY -> exercise.pattern() == Pattern.MOBILITY || exercise.pattern() == Pattern.STRETCH;
            case BALANCE -> exercise.pattern() == Pattern.BALANCE || exercise.family() == Family.STEADY
                    || exercise.family() == Family.BALANCE;
            case COORDINATION -> exercise.footwork().isPresent();
            case BACK_CARE -> exercise.family() == Family.BACK || FOR_THE_BACK.contains(exercise.pattern())
                    || exercise.rests() && exercise.main().stream().anyMatch(FREES_THE_BACK::contains);
            case RELAXING -> exercise.rests();
            case WHOLE_BODY -> exercise.strengthens() && !exercise.rests();
        };
    }

    /** Returns the seconds that serve a quality; of the whole body, those of the region that has least. */
    double seconds(Quality quality) {
        return switch (quality) {
            case ENDURANCE -> moderate();
            case STRENGTH -> sum(uses.stream().filter(this::strengthens));
            case MOBILITY, BALANCE, BACK_CARE ->
                sum(uses.stream().filter(use -> serves(quality, use.exercise())));
            case COORDINATION -> sum(uses.stream().filter(use -> use.item().isEmpty() && use.main()));
            case RELAXING -> sum(uses.stream().filter(use -> atTheEnd(use) && use.exercise().rests()));
            case WHOLE_BODY ->
                region(use -> worked(use, LEGS), use -> use.exercise().pattern() == Pattern.PUSH,
                        use -> use.exercise().pattern() == Pattern.PULL, use -> worked(use, TRUNK));
        };
    }

    private boolean strengthens(Use use) {
        return works(use) && use.strength() > MAIN && strong(use);
    }

    /** Returns the sets that build strength, and how many of them work against weights, bands or steps. */
    String sets() {
        Map<Use.OneSet, Boolean> sets = new LinkedHashMap<>();
        uses.stream().filter(this::strengthens).forEach(use -> sets.merge(use.set(),
                use.item().filter(item -> ServedCheck.resists(item.load())).isPresent(), Boolean::logicalOr));
        long with = sets.values().stream().filter(each -> each).count();
        return sets.isEmpty()
                ? ""
                : "%d %s, %s against kit".formatted(sets.size(), sets.size() == 1 ? "set" : "sets",
                        with == 0 ? "none" : Long.toString(with));
    }

    private static boolean worked(Use use, Set<Muscle> region) {
        return region.stream().anyMatch(muscle -> use.shares().getOrDefault(muscle, 0.0) >= MAIN);
    }

    @SafeVarargs
    private double region(Predicate<Use>... regions) {
        return Stream.of(regions)
                .mapToDouble(region -> sum(uses.stream().filter(Qualities::works).filter(region)))
                .min().orElse(0);
    }

    private static boolean works(Use use) {
        return use.purpose() == Use.Purpose.LOAD && use.role() != Role.AEROBIC;
    }

    private static boolean atTheEnd(Use use) {
        return use.role() == Role.STRETCH || use.role() == Role.COOL_DOWN;
    }

    private boolean strong(Use use) {
        int middle = (int) Lengths
                .seconds(use.span().start().plus(use.span().stretch().length().dividedBy(2)));
        return effort.pieceAt(middle).map(Piece::demand).filter(each -> each.effort() >= STRONG).isPresent();
    }

    private static double sum(Stream<Use> some) {
        return some.mapToDouble(Use::seconds).sum();
    }

    /** The seconds of the aerobic parts in which somebody like the group is at a moderate effort or above. */
    private double moderate() {
        Line line = effort.main();
        int seconds = 0;
        for (Segment segment : effort.timeline().plan().segments()) {
            Stretch stretch = effort.timeline().ofSegment(segment.id());
            int to = Math.min(line.seconds(), (int) Lengths.seconds(stretch.end()));
            for (int at = (int) Lengths.seconds(stretch.start()); segment.role() == Role.AEROBIC
                    && at < to; at++) {
                seconds += line.share(at) >= Band.MODERATE.from() ? 1 : 0;
            }
        }
        return seconds;
    }
}
