package app.kehre.core.drafting;

import java.time.Duration;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** Why a brief cannot be met, before anything is tried. */
final class Refusals {

    private Refusals() {}

    /** Returns the reason; empty where nothing speaks against it. */
    static String of(ClassPlan plan, Pool pool, Set<SegmentId> open) {
        return Stream
                .<Supplier<Optional<String>>>of(() -> ofSlot(plan), () -> locked(plan),
                        () -> full(plan, open),
                        () -> floor(plan.brief()), () -> steps(plan.brief(), pool),
                        () -> chairs(plan.brief()),
                        () -> areas(plan, pool))
                .flatMap(each -> each.get().stream()).findFirst().orElse("");
    }

    /** Returns why a slot is too short for a class. */
    static Optional<String> ofSlot(ClassPlan plan) {
        Duration main = Outline.main(plan);
        Duration edge = plan.thresholds().edge(plan.brief().slot());
        return main.compareTo(Outline.LEAST_MAIN) >= 0
                ? Optional.empty()
                : Optional.of(
                        "A slot of %d min leaves %s for the main part: warm-up and cool-down take %s each, and less than %s is no main part."
                                .formatted(plan.brief().slot().toMinutes(),
                                        main.isPositive() ? Lengths.clock(main) : "nothing",
                                        Lengths.clock(edge),
                                        Lengths.notation(Outline.LEAST_MAIN)));
    }

    private static Optional<String> locked(ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        return timeline.fit().over()
                ? Optional.of("What is in the class already takes %s, %s more than the slot.".formatted(
                        Lengths.clock(timeline.fit().length()), Lengths.clock(timeline.fit().spare())))
                : Optional.empty();
    }

    private static Optional<String> full(ClassPlan plan, Set<SegmentId> open) {
        return plan.segments().isEmpty() || !open.isEmpty()
                ? Optional.empty()
                : Optional.of("Nothing is left to draft: every segment is filled to its target.");
    }

    private static Optional<String> floor(Brief brief) {
        int each = brief.format() == Format.CONDITIONING || brief.format() == Format.STRETCH_AND_TONE
                ? Capacity.ON_THE_SPOT
                : Capacity.TRAVELLING;
        int room = brief.room().floor() / each;
        return brief.room().floor() == 0 || room >= brief.people()
                ? Optional.empty()
                : Optional.of("%d m² of floor are enough for %d people, %d m² each, and %d come.".formatted(
                        brief.room().floor(), room, each, brief.people()));
    }

    private static Optional<String> steps(Brief brief, Pool pool) {
        if (brief.format() != Format.STEP || !pool.moves(true).isEmpty()) {
            return Optional.empty();
        }
        OptionalInt steps = brief.room().count(Equipment.STEP);
        return steps.isPresent() && steps.getAsInt() < brief.people()
                ? Optional.of(
                        "A step class for %d people needs %d steps; there are %d.".formatted(brief.people(),
                                brief.people(), steps.getAsInt()))
                : Optional.empty();
    }

    private static Optional<String> chairs(Brief brief) {
        OptionalInt chairs = brief.room().count(Equipment.CHAIR);
        return brief.format() == Format.CHAIR && chairs.isPresent() && chairs.getAsInt() < brief.people()
                ? Optional.of("A chair class for %d people needs %d chairs; there are %d."
                        .formatted(brief.people(), brief.people(), chairs.getAsInt()))
                : Optional.empty();
    }

    private static Optional<String> areas(ClassPlan plan, Pool pool) {
        return plan.brief().goal().areas().stream().sorted()
                .filter(area -> Stream.of(Role.TONING, Role.CORE).flatMap(role -> pool.of(role).stream())
                        .noneMatch(each -> each.main().contains(area)))
                .findFirst()
                .map(area -> "%s: promised, and no exercise for it is left with this kit and these limits."
                        .formatted(
                                Character.toUpperCase(area.words().charAt(0)) + area.words().substring(1)));
    }
}
