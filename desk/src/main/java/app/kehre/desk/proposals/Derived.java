package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.stream.Collectors;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Differences;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;

/** What follows from the class or its brief, as ways with changes to be ticked. */
final class Derived {

    private Derived() {}

    static Fitting.Found warmUp(ClassPlan plan, Library library, Duration minutes) {
        WarmUpFromClass derived = WarmUpFromClass.of(plan, library, minutes);
        Map<Integer, String> why = new HashMap<>();
        for (int i = 0; i < derived.items().size(); i++) {
            why.put(derived.items().get(i).id(), derived.why().get(i));
        }
        String words = "%d moves%s".formatted(derived.items().size(), derived.missing().isEmpty()
                ? ", all prepared"
                : ", not prepared: " + String.join(", ", derived.missing()));
        return found(plan, derived.plan(), Role.WARM_UP, words, why, derived.reason());
    }

    static Fitting.Found stretch(ClassPlan plan, Library library, Duration minutes) {
        StretchFromClass derived = StretchFromClass.of(plan, library, minutes);
        Map<Integer, String> why = new HashMap<>();
        derived.items().forEach(item -> why.put(item.id(), "releases " + item.exercise().main().stream()
                .map(Muscle::words).collect(Collectors.joining(", "))));
        String words = "%d stretches, %d %% of the load".formatted(derived.items().size(),
                Math.round(100 * derived.covered()));
        return found(plan, derived.plan(), Role.STRETCH, words, why, derived.reason());
    }

    private static Fitting.Found found(ClassPlan plan, ClassPlan after, Role role, String words,
            Map<Integer, String> why,
            String reason) {
        if (!reason.isEmpty()) {
            return new Fitting.Found(List.of(), reason);
        }
        int segment = after.segments().stream().filter(each -> each.role() == role && !each.leftOut())
                .reduce((first, last) -> role == Role.STRETCH ? last : first).orElseThrow().id();
        return new Fitting.Found(List.of(new Fitting.Way(words,
                Differences.ofLines(plan, after, segment, id -> why.getOrDefault(id, "")),
                Timeline.of(after))), "");
    }

    static Fitting.Found draft(ClassPlan plan, Library library, long seed) {
        boolean full = !plan.segments().isEmpty()
                && plan.segments().stream().noneMatch(each -> each.entries().isEmpty());
        if (full) {
            return new Fitting.Found(List.of(),
                    "No segment is empty. Clear one, or add one, to have it drafted.");
        }
        Draft draft = Drafting.of(plan, library, List.of(), seed);
        if (!draft.reason().isEmpty()) {
            return new Fitting.Found(List.of(), draft.reason());
        }
        String words = draft.open().isEmpty()
                ? "nothing serious found"
                : "%d to mend".formatted(draft.open().size());
        return new Fitting.Found(
                List.of(new Fitting.Way("%d lines, %s".formatted(draft.plan().lines().count(), words),
                        Differences.ofSegments(plan, draft.plan(), id -> draft.why().getOrDefault(id, "")),
                        draft.assessment().timeline())),
                "");
    }
}
