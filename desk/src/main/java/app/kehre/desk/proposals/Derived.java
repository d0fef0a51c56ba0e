package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.brief.Brief;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Change;
import app.kehre.core.fitting.Differences;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** What follows from the class or its brief, as ways with changes to be ticked. */
final class Derived {

    /**
     * What is to be drafted.
     *
     * @param segment the segment; nothing for the class
     * @param keeps whether what is there stays; else only what is locked
     */
    record Drafted(Optional<SegmentId> segment, boolean keeps) {}

    private Derived() {}

    static Fitting.Found warmUp(ClassPlan plan, Library library, Duration minutes) {
        WarmUpFromClass derived = WarmUpFromClass.of(plan, library, minutes);
        String words = "%d moves%s".formatted(derived.items().size(), derived.missing().isEmpty()
                ? ", all prepared"
                : ", not prepared: " + String.join(", ", derived.missing()));
        return found(plan, derived.plan(), Role.WARM_UP, words, derived.reason());
    }

    static Fitting.Found stretch(ClassPlan plan, Library library, Duration minutes) {
        StretchFromClass derived = StretchFromClass.of(plan, library, minutes);
        String words = "%d stretches, %d %% of the load".formatted(derived.items().size(),
                Math.round(100 * derived.covered()));
        return found(plan, derived.plan(), Role.STRETCH, words, derived.reason());
    }

    private static Fitting.Found found(ClassPlan plan, ClassPlan after, Role role, String words,
            String reason) {
        if (!reason.isEmpty()) {
            return new Fitting.Found(List.of(), reason);
        }
        SegmentId segment = after.segments().stream().filter(each -> each.role() == role && !each.leftOut())
                .reduce((first, last) -> role == Role.STRETCH ? last : first).orElseThrow().id();
        return new Fitting.Found(List.of(new Fitting.Way(words, Differences.ofLines(plan, after, segment),
                Timeline.of(after))), "");
    }

    /** Drafts what there is room for, or draws the class or a segment anew. */
    static Fitting.Found draft(ClassPlan plan, Library library, Collection<ClassPlan> lately, long seed,
            Drafted wanted) {
        Draft draft = wanted.segment()
                .map(id -> wanted.keeps()
                        ? Drafting.filling(plan, id, library, lately, seed)
                        : Drafting.ofSegment(plan, id, library, lately, seed))
                .orElseGet(() -> wanted.keeps()
                        ? Drafting.of(plan, library, lately, seed)
                        : Drafting.anew(plan, library, lately, seed));
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
        Change brief = new Change(Optional.empty(),
                "The slot: %d min instead of %d min".formatted(whole.toMinutes(),
                        plan.brief().slot().toMinutes()),
                Change.Kind.IN,
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
        return new Fitting.Found(List.of(new Fitting.Way(words, Differences.ofSegments(plan, after),
                Timeline.of(after))), "");
    }

    private static Fitting.Found of(ClassPlan plan, Draft draft, List<Change> first, String words) {
        if (!draft.reason().isEmpty()) {
            return new Fitting.Found(List.of(), draft.reason());
        }
        List<Change> changes = new ArrayList<>(first);
        changes.addAll(Differences.ofSegments(plan, draft.plan()));
        return new Fitting.Found(List.of(new Fitting.Way(words, changes, draft.assessment().timeline())), "");
    }
}
