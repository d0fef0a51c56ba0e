package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.choosing.Swap;
import app.kehre.core.choosing.Swaps;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Proposal;
import app.kehre.desk.check.FindingsViewModel;
import app.kehre.desk.control.Latest;
import app.kehre.desk.proposals.ProposalsViewModel;
import app.kehre.desk.session.JudgedPlan;

/** What is offered beside the lines: suggestions, swaps, what came of judging, what Kehre proposes. */
public final class ChoosingViewModel {

    /** What the side shows. */
    enum Side {
        /** The selected line. */
        LINE("Line"),
        /** What could be added. */
        SUGGEST("Suggest"),
        /** What could stand in the selected line. */
        SWAP("Swap"),
        /** What should be looked at. */
        FINDINGS("Findings"),
        /** What is prepared, loaded and released. */
        LEDGER("Ledger"),
        /** What Kehre proposes. */
        PROPOSE("Propose");

        private final String words;

        Side(String words) {
            this.words = words;
        }

        String words() {
            return words;
        }
    }

    private final PlanViewModel plan;
    private final Supplier<Library> library;
    private final ObjectProperty<Side> side = new SimpleObjectProperty<>(Side.LINE);
    private final Latest swaps = new Latest("swaps");
    private final FindingsViewModel findings;
    private final ProposalsViewModel proposals;

    /** Makes a view model beside that of the lines. */
    public ChoosingViewModel(PlanViewModel plan, Supplier<Library> library, JudgedPlan judging,
            ProposalsViewModel proposals) {
        this.plan = plan;
        this.library = library;
        this.findings = new FindingsViewModel(judging, library, plan, this::propose, () -> {});
        this.proposals = proposals;
    }

    /** Returns what Kehre proposes. */
    ProposalsViewModel proposals() {
        return proposals;
    }

    /** Returns what came of judging. */
    public FindingsViewModel findings() {
        return findings;
    }

    /** Shows what Kehre proposes. */
    public void propose() {
        side.set(Side.PROPOSE);
    }

    /**
     * Shows what was worked out elsewhere.
     *
     * @param step what taking it is called
     */
    public void propose(String step, Proposal proposal) {
        proposals().show(step, proposal);
        propose();
    }

    ObjectProperty<Side> side() {
        return side;
    }

    /** Returns what suits the selected place, by the typed words. */
    List<Suggestion> suggestions(String typed) {
        return plan.selectedSegment().map(segment -> Suggestions.of(plan.plan(), library.get(), segment.id(),
                plan.entry().get(), typed)).orElse(List.of());
    }

    /** Adds an exercise after the selected line. */
    public void add(Exercise exercise) {
        plan.add(new Addables.Addable.OfExercise(exercise));
    }

    /** Adds an exercise of the library before the line at a place of the selected segment. */
    void addAt(String exerciseId, int at) {
        library.get().find(exerciseId).ifPresent(exercise -> {
            add(exercise);
            plan.moveAdded(at);
        });
    }

    /** Asks what could stand in the selected line. */
    void askSwaps(Consumer<List<Swap>> show) {
        ClassPlan now = plan.plan();
        Optional<EntryId> entry = plan.entry().get();
        Library all = library.get();
        swaps.ask(() -> entry.map(id -> Swaps.of(now, all, id)).orElse(List.of()), show);
    }

    void swap(Swap swap) {
        plan.selectedEntry().ifPresent(old -> plan.changePlan(
                "%s for %s".formatted(swap.exercise().name(), old.name()), swap::apply));
    }

    PlanViewModel plan() {
        return plan;
    }
}
