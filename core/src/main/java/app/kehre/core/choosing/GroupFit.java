package app.kehre.core.choosing;

import java.util.ArrayList;
import java.util.Collection;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Timeline;

/**
 * Makes a class fit its group: for every caution without an answer, something else for those whom it concerns, or
 * for all where it concerns at least half of them.
 */
public final class GroupFit {

    private GroupFit() {}

    /** Something that can be done about one or more cautions of a line. */
    public sealed interface Proposal {

        /** Returns the number of the line. */
        EntryId entry();

        /** Returns what is proposed, in a few words. */
        String words();

        /** Returns the plan with it done. */
        ClassPlan apply(ClassPlan plan);

        /**
         * Those with a limit do something else meanwhile.
         *
         * @param item the line
         * @param limit what they have to watch
         * @param people how many
         * @param instead what they do
         */
        record ForThem(Item item, Limit limit, int people, Exercise instead) implements Proposal {
            @Override
            public EntryId entry() {
                return item.id();
            }

            @Override
            public String words() {
                return "%s for %s (%d)".formatted(instead.name(), limit.words(), people);
            }

            @Override
            public ClassPlan apply(ClassPlan plan) {
                return plan.find(item.id())
                        .filter(now -> now.whole().filter(it -> it.exercise().equals(item.exercise()))
                                .isPresent())
                        .map(now -> plan.with(now.withInstead(limit, instead))).orElse(plan);
            }
        }

        /**
         * Everybody does something else.
         *
         * @param old the line
         * @param swap the line as it would be
         */
        record ForAll(Item old, Swap swap) implements Proposal {
            @Override
            public EntryId entry() {
                return old.id();
            }

            @Override
            public String words() {
                return "%s for all: %s".formatted(swap.exercise().name(), swap.words());
            }

            @Override
            public ClassPlan apply(ClassPlan plan) {
                return swap.apply(plan);
            }
        }
    }

    /** Returns what is proposed for a class, in the order of its lines. */
    public static List<Proposal> of(ClassPlan plan, Library library) {
        Map<EntryId, List<Unanswered>> byLine = new LinkedHashMap<>();
        Unanswered.of(plan).forEach(
                each -> byLine.computeIfAbsent(each.item().id(), _ -> new ArrayList<>()).add(each));
        Timeline before = Timeline.of(plan);
        List<Proposal> proposals = new ArrayList<>();
        byLine.values().forEach(open -> proposals.addAll(forLine(before, library, open)));
        return proposals;
    }

    private static List<Proposal> forLine(Timeline before, Library library, List<Unanswered> open) {
        Item item = open.getFirst().item();
        boolean most = open.stream()
                .anyMatch(each -> before.plan().brief().mostHave(each.caution().limit()));
        Optional<Proposal.ForAll> all = most ? forAll(before, library, item) : Optional.empty();
        return all.<List<Proposal>>map(List::of).orElseGet(() -> open.stream()
                .<Proposal>flatMap(each -> forThem(before.plan(), library, each).stream()).toList());
    }

    /** Finds something for everybody that has no caution for anybody in the group. */
    public static Optional<Proposal.ForAll> forAll(Timeline before, Library library, Item item) {
        if (before.plan().find(item.id()).filter(BuildUp.class::isInstance).isPresent()) {
            return Optional.empty();
        }
        Set<Limit> limits = before.plan().brief().watched();
        return Swaps.nearest(before.plan(), library, item, limits)
                .map(exercise -> new Proposal.ForAll(item, Swaps.swap(before, item, exercise)));
    }

    /**
     * Finds something for those whom a caution concerns: what the library names, whatever else it is used for, if its kit is
     * there, or else what is nearest.
     */
    public static Optional<Proposal.ForThem> forThem(ClassPlan plan, Library library, Unanswered open) {
        Limit limit = open.caution().limit();
        return library.find(open.caution().instead())
                .filter(exercise -> exercise.cautionFor(limit).isEmpty()
                        && exercise.equipment().stream().allMatch(plan.brief().room()::has))
                .or(() -> Swaps.nearest(plan, library, open.item(), Set.of(limit)))
                .map(exercise -> new Proposal.ForThem(open.item(), limit, open.people(), exercise));
    }

    /** Returns the plan with all of the proposals done, as one step. */
    public static ClassPlan apply(ClassPlan plan, Collection<Proposal> accepted) {
        ClassPlan changed = plan;
        for (Proposal proposal : accepted) {
            changed = proposal.apply(changed);
        }
        return changed;
    }
}
