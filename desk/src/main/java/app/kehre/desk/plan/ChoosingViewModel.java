package app.kehre.desk.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.BiConsumer;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.choosing.Swap;
import app.kehre.core.choosing.Swaps;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Latest;
import app.kehre.desk.proposals.ProposalsViewModel;
import app.kehre.desk.session.JudgedPlan;

/** What is offered beside the lines: suggestions, swaps, findings. */
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

    private static final Duration KEYS_REST = Duration.ofMillis(40);

    private final PlanViewModel plan;
    private final Supplier<Library> library;
    private final ObjectProperty<Side> side = new SimpleObjectProperty<>(Side.LINE);
    private final ObjectProperty<Optional<Stretch>> lit = new SimpleObjectProperty<>(Optional.empty());
    private final Latest swaps = new Latest("swaps");
    private final JudgedPlan judging;
    private final ProposalsViewModel proposals;
    private final Latest mends = new Latest("mends");
    private final Latest groupFits = new Latest("proposals");

    /** Makes a view model beside that of the lines. */
    public ChoosingViewModel(PlanViewModel plan, Supplier<Library> library, JudgedPlan judging,
            ProposalsViewModel proposals) {
        this.plan = plan;
        this.library = library;
        this.judging = judging;
        this.proposals = proposals;
    }

    /** Returns what Kehre proposes. */
    ProposalsViewModel proposals() {
        return proposals;
    }

    /** Returns the class as it is judged. */
    ReadOnlyObjectProperty<Assessment> assessment() {
        return judging.assessment();
    }

    /** Returns whether the class that is shown has been judged. */
    public boolean judged() {
        return judging.done();
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

    /** Returns what should be looked at, the most serious first. */
    List<Fact> facts() {
        return judging.assessment().get().facts();
    }

    /**
     * A way to mend a finding and what comes of it.
     *
     * @param way what is done
     * @param effect what it would bring
     */
    record Previewed(Way way, Effect effect) {}

    /**
     * Asks for the ways to mend facts, with their effects; told one fact after the other. While somebody types,
     * only once the keys rest for a moment.
     */
    void askMends(List<Fact> facts, BiConsumer<Integer, List<Previewed>> show) {
        Assessment now = judging.assessment().get();
        Library all = library.get();
        boolean typing = plan.open().shown().get() != plan.open().settled().get();
        mends.askEach(facts, typing ? KEYS_REST : Duration.ZERO, fact -> fact.mends().stream()
                .map(mend -> new Previewed(mend, Effect.of(now, mend.after(), all))).toList(), show,
                failure -> {
                    throw failure;
                });
    }

    /** Mends a finding; one of a class that is no longer shown would take back what was done since, so it waits. */
    void mend(Fact fact, Way mend) {
        if (!judged()) {
            return;
        }
        Optional<EntryId> entry = plan.entry().get();
        plan.changePlan(mend.words(), _ -> mend.after());
        entry.filter(id -> plan.plan().find(id).isPresent()).or(fact::entry).ifPresent(plan::select);
    }

    /** Asks for all that would make the class fit its group. */
    void askProposals(Consumer<List<GroupFit.Proposal>> show) {
        ClassPlan now = plan.plan();
        Library all = library.get();
        groupFits.ask(() -> GroupFit.of(now, all), show);
    }

    void accept(List<GroupFit.Proposal> accepted) {
        if (!accepted.isEmpty()) {
            plan.changePlan("Fit to the group", now -> GroupFit.apply(now, accepted));
        }
    }

    /** Returns the line that a finding or a proposal is about. */
    String nameOf(EntryId entry) {
        return plan.plan().find(entry).map(found -> found.name()).orElse("");
    }

    /** Returns the stretch that is pointed out on the road. */
    ObjectProperty<Optional<Stretch>> lit() {
        return lit;
    }

    /** Points out where a finding is. */
    void light(Fact fact) {
        lit.set(stretch(fact.place()));
    }

    private Optional<Stretch> stretch(Place place) {
        Timeline timeline = plan.timeline();
        return place.entry().flatMap(timeline.plan()::find).map(entry -> timeline.ofEntry(entry.id()))
                .or(() -> place.segment().flatMap(timeline.plan()::findSegment)
                        .map(segment -> timeline.ofSegment(segment.id())))
                .filter(stretch -> stretch.length().isPositive());
    }

    void jump(Place place) {
        place.entry().filter(id -> plan.plan().find(id).isPresent()).ifPresentOrElse(plan::select,
                () -> place.segment().ifPresent(plan::selectSegment));
    }

    /** Sets a fact aside for a reason, as one step. */
    void setAside(Fact fact, String reason) {
        plan.changePlan("Set aside", now -> Assessment.setAside(now, fact, reason));
    }

    /** Opens a fact again, as one step. */
    void takeUp(Fact fact) {
        plan.changePlan("Take up again", now -> Assessment.takeUp(now, fact));
    }

    PlanViewModel plan() {
        return plan;
    }

    Timeline timeline() {
        return plan.timeline();
    }

    Optional<String> selectedName() {
        return plan.selectedEntry().map(found -> found.name());
    }
}
