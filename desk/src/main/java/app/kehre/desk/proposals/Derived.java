package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.dose.Lengths;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Change;
import app.kehre.core.fitting.Differences;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.regrouping.Regrouping;
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

    /** Drafts the empty segments, or draws one anew. */
    static Fitting.Found draft(ClassPlan plan, Library library, Collection<ClassPlan> lately, long seed,
            Optional<Integer> segment) {
        boolean full = !plan.segments().isEmpty()
                && plan.segments().stream().noneMatch(each -> each.entries().isEmpty());
        if (full && segment.isEmpty()) {
            return new Fitting.Found(List.of(),
                    "No segment is empty. Tick one to be drawn anew, or add one, to have it drafted.");
        }
        Draft draft = segment.map(id -> Drafting.ofSegment(plan, id, library, lately, seed))
                .orElseGet(() -> Drafting.of(plan, library, lately, seed));
        String words = draft.open().isEmpty()
                ? "nothing serious found"
                : "%d to mend".formatted(draft.open().size());
        return of(plan, draft, List.of(),
                "%d lines, %s".formatted(draft.plan().lines().count(), words));
    }

    /** Cuts or stretches the class out to another slot. */
    static Fitting.Found recut(ClassPlan plan, Library library, Duration slot) {
        String wrong = Brief.SLOT_MINUTES.problem(slot.toMinutes()).orElse("");
        if (!wrong.isEmpty()) {
            return new Fitting.Found(List.of(), wrong);
        }
        Duration whole = Duration.ofMinutes(slot.toMinutes());
        if (!whole.equals(slot)) {
            return new Fitting.Found(List.of(),
                    "A slot is whole minutes, such as %d min, not %s.".formatted(whole.toMinutes(),
                            Lengths.clock(slot)));
        }
        Change brief = new Change(0, "The slot: %d min instead of %d min".formatted(whole.toMinutes(),
                plan.brief().slot().toMinutes()), Change.Kind.IN,
                before -> before.with(before.brief().withSlot(whole)));
        return of(plan, Recutting.of(plan, library, whole), List.of(brief),
                "recut to %d min".formatted(whole.toMinutes()));
    }

    /** Puts the toning and core parts in their best order. */
    static Fitting.Found regroup(ClassPlan plan) {
        List<Regrouping> all = Regrouping.of(plan);
        if (all.isEmpty()) {
            return new Fitting.Found(List.of(), Regrouping.NONE);
        }
        ClassPlan after = all.getLast().plan();
        String words = all.stream().map(each -> "%s saves %s".formatted(each.segment().name(),
                Lengths.clock(each.saved()))).collect(Collectors.joining(", "));
        return new Fitting.Found(List.of(new Fitting.Way(words, Differences.ofSegments(plan, after, _ -> ""),
                Timeline.of(after))), "");
    }

    private static Fitting.Found of(ClassPlan plan, Draft draft, List<Change> first, String words) {
        if (!draft.reason().isEmpty()) {
            return new Fitting.Found(List.of(), draft.reason());
        }
        List<Change> changes = new ArrayList<>(first);
        changes.addAll(Differences.ofSegments(plan, draft.plan(), id -> draft.why().getOrDefault(id, "")));
        return new Fitting.Found(List.of(new Fitting.Way(words, changes, draft.assessment().timeline())), "");
    }
}
