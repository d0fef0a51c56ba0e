package app.kehre.core.card;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;

/** What follows for a class from what is said of an exercise: what it prepares, whom it warns, how long it takes. */
public final class Follows {

    private Follows() {}

    /** Returns a sentence for each thing that follows in a class. */
    public static List<String> of(Exercise exercise, Brief brief) {
        List<String> words = new ArrayList<>();
        words.add("The usual dose takes %s in %s at %d BPM, as the class is taught."
                .formatted(Lengths.clock(length(exercise, brief)), role(exercise).words(),
                        Skeleton.segment(new SegmentId(1), role(exercise)).bpm().value()));
        words.add(exercise.work().prepares().isEmpty()
                ? "It makes no joint ready."
                : "It makes ready: %s.".formatted(names(exercise.work().prepares())));
        if (!exercise.work().loads().isEmpty()) {
            words.add("Wants to be ready before: %s.".formatted(names(exercise.work().loads())));
        }
        List<Caution> here = exercise.cautions().stream()
                .filter(caution -> brief.watched().contains(caution.limit())).toList();
        words.add(here.isEmpty()
                ? "For this group it carries no caution."
                : "For this group it carries cautions: %s.".formatted(here.stream()
                        .map(caution -> caution.limit().words()).collect(Collectors.joining(", "))));
        return words;
    }

    private static <T extends Enum<T> & Named> String names(java.util.Set<T> terms) {
        return terms.stream().sorted().map(Named::words).collect(Collectors.joining(", "));
    }

    private static Role role(Exercise exercise) {
        return exercise.roles().stream().sorted().findFirst().orElse(Role.TONING);
    }

    private static Duration length(Exercise exercise, Brief brief) {
        Item item = Item.of(EntryId.FIRST, exercise);
        return Timeline.of(new ClassPlan(brief, List.of(Skeleton.segment(new SegmentId(1), role(exercise))
                .withEntries(List.of(item))))).ofEntry(item.id()).length();
    }
}
