package app.kehre.core.choosing;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.value.Named;

/**
 * What suits a place in a class, and why. Each reason has a weight; the weights are Kehre's estimates of what an
 * instructor looks at first.
 */
public final class Suggestions {

    private static final int PROMISED = 50;
    private static final int PREPARES = 40;
    private static final int RELEASES = 40;
    private static final int SUITS_LIMITS = 25;
    private static final int PREVIEWS = 15;
    private static final int SAME_POSITION = 14;
    private static final int SAME_KIT = 8;
    private static final int NOT_USED = 12;
    private static final int FETCHED = 30;
    private static final int SHOWN_REASONS = 2;

    private final ClassPlan plan;
    private final Segment segment;
    private final DoneSoFar served;
    private final Optional<Item> neighbour;

    private Suggestions(ClassPlan plan, Segment segment, Optional<EntryId> afterEntry) {
        this.plan = plan;
        this.segment = segment;
        served = DoneSoFar.of(plan);
        List<Entry> lines = segment.lines().toList();
        int at = afterEntry.map(lines.stream().map(Entry::id).toList()::indexOf).orElse(-1);
        neighbour = lines.subList(0, at < 0 ? lines.size() : at + 1).reversed().stream()
                .flatMap(line -> line.item().stream()).findFirst();
    }

    /**
     * Returns what fits the typed words, the most suitable first: by the words when there are any, else by how well
     * it suits the place, and then only what suits the role and finds its kit.
     *
     * @param segmentId the segment to add to
     * @param afterEntry the line after which it would stand; none, or one of another segment, for the end
     */
    public static List<Suggestion> of(ClassPlan plan, Library library, SegmentId segmentId,
            Optional<EntryId> afterEntry, String typed) {
        Optional<Segment> segment = plan.findSegment(segmentId);
        if (segment.isEmpty()) {
            return List.of();
        }
        Suggestions suggestions = new Suggestions(plan, segment.get(), afterEntry);
        if (!typed.isBlank()) {
            return library.search(typed, segment.get().role()).stream().map(suggestions::suggestion).toList();
        }
        return library.all().stream()
                .filter(each -> each.suits(segment.get().role()) && Belongs.in(plan.brief(), each)
                        && suggestions.missing(each).isEmpty())
                .map(suggestions::suggestion)
                .sorted(Comparator.comparingInt(Suggestion::weight).reversed()
                        .thenComparing(each -> each.exercise().name()))
                .toList();
    }

    private Suggestion suggestion(Exercise exercise) {
        List<Reason> reasons = new ArrayList<>();
        addPurpose(reasons, exercise);
        addPeople(reasons, exercise);
        addPlace(reasons, exercise);
        reasons.sort(Comparator.comparingInt((Reason reason) -> Math.abs(reason.weight())).reversed());
        int weight = reasons.stream().mapToInt(Reason::weight).sum();
        String why = reasons.stream().limit(SHOWN_REASONS).map(Reason::words)
                .collect(Collectors.joining(", "));
        return new Suggestion(exercise, weight, why);
    }

    private record Reason(int weight, String words) {}

    private void addPurpose(List<Reason> reasons, Exercise exercise) {
        Role role = segment.role();
        boolean works = role == Role.AEROBIC || role == Role.TONING || role == Role.CORE;
        if (works) {
            exercise.main().stream()
                    .filter(muscle -> plan.brief().goal().areas().contains(muscle) && !served.tones(muscle))
                    .findFirst().ifPresent(muscle -> reasons
                            .add(new Reason(PROMISED, muscle.words() + " promised, not served yet")));
        }
        if (role == Role.WARM_UP) {
            List<String> owed = exercise.work().prepares().stream().filter(served::owesPreparation).sorted()
                    .map(Named::words).toList();
            if (!owed.isEmpty()) {
                reasons.add(new Reason(PREPARES * owed.size(), "prepares " + String.join(", ", owed)));
            }
            if (served.previews(exercise)) {
                reasons.add(new Reason(PREVIEWS, "previews what comes"));
            }
        }
        if (role == Role.STRETCH || role == Role.COOL_DOWN) {
            List<String> owed = exercise.main().stream().filter(served::owesRelease).map(Named::words)
                    .toList();
            if (!owed.isEmpty()) {
                reasons.add(new Reason(RELEASES * owed.size(), "releases " + String.join(", ", owed)));
            }
        }
    }

    private void addPeople(List<Reason> reasons, Exercise exercise) {
        Brief brief = plan.brief();
        List<Limit> limits = brief.watched().stream().sorted().toList();
        List<Limit> carried = limits.stream().filter(limit -> exercise.cautionFor(limit).isPresent())
                .toList();
        if (!carried.isEmpty()) {
            reasons.add(new Reason(-SUITS_LIMITS * carried.size(), "care: " + words(carried)));
        } else if (!limits.isEmpty()) {
            reasons.add(new Reason(SUITS_LIMITS, "suits " + words(limits)));
        }
        Set<Equipment> missing = missing(exercise);
        if (!missing.isEmpty()) {
            reasons.add(new Reason(-PROMISED,
                    "no " + missing.stream().sorted().map(kit -> kit.noun(2))
                            .collect(Collectors.joining(", "))));
        }
    }

    private static String words(List<Limit> limits) {
        return limits.stream().map(Named::words).collect(Collectors.joining(", "));
    }

    private void addPlace(List<Reason> reasons, Exercise exercise) {
        neighbour.ifPresent(before -> {
            if (before.position() == exercise.position()) {
                reasons.add(new Reason(SAME_POSITION, "same position"));
            }
            if (!before.kit().isEmpty() && before.kit().equals(exercise.equipment())) {
                reasons.add(new Reason(SAME_KIT, "same kit"));
            }
            if (before.position().level() != exercise.position().level()) {
                reasons.add(new Reason(-SAME_POSITION, "changes the floor"));
            }
        });
        exercise.equipment().stream().filter(kit -> !served.uses(kit)).sorted()
                .flatMap(kit -> broughtIn(kit).stream()).findFirst()
                .ifPresent(words -> reasons.add(new Reason(-FETCHED, words)));
        reasons.add(served.uses(exercise)
                ? new Reason(-NOT_USED, "used already")
                : new Reason(NOT_USED, "not used yet"));
    }

    /** What has to be done with kit that nothing else in the class uses; nothing for what everybody has at hand. */
    private Optional<String> broughtIn(Equipment kit) {
        boolean expected = kit == Equipment.STEP && plan.brief().format() == Format.STEP;
        return switch (plan.brief().room().placeOf(kit)) {
            case BY_THE_WALL -> Optional.of(kit.noun(2) + " to be fetched for it");
            case SET_OUT -> expected ? Optional.empty() : Optional.of(kit.noun(2) + " to be set out for it");
            case AT_HAND, FIXED, WORN -> Optional.empty();
        };
    }

    private Set<Equipment> missing(Exercise exercise) {
        return exercise.equipment().stream().filter(kit -> !plan.brief().room().has(kit))
                .collect(Collectors.toSet());
    }
}
