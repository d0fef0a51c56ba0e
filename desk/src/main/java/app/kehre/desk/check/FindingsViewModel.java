package app.kehre.desk.check;

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
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;

/** What came of judging, and what can be done about it, for one place that shows it. */
public final class FindingsViewModel {

    private static final Duration KEYS_REST = Duration.ofMillis(40);

    private final JudgedPlan judging;
    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Chosen chosen;
    private final Runnable propose;
    private final Runnable follow;
    private final ObjectProperty<List<Stretch>> lit = new SimpleObjectProperty<>(List.of());
    private final ObjectProperty<Optional<Effect>> previewed = new SimpleObjectProperty<>(Optional.empty());
    private final Latest mends = new Latest("mends");
    private final Latest groupFits = new Latest("proposals");

    /**
     * Makes a view model of what is judged.
     *
     * @param chosen the line that is chosen
     * @param propose shows what would make the class fit its slot
     * @param follow leads to the line that was chosen
     */
    public FindingsViewModel(JudgedPlan judging, Supplier<Library> library, Chosen chosen, Runnable propose,
            Runnable follow) {
        this.judging = judging;
        this.open = judging.open();
        this.library = library;
        this.chosen = chosen;
        this.propose = propose;
        this.follow = follow;
    }

    /** Returns the class as it is judged. */
    public ReadOnlyObjectProperty<Assessment> assessment() {
        return judging.assessment();
    }

    /** Returns whether the class that is shown has been judged. */
    public boolean judged() {
        return judging.done();
    }

    /** Returns what should be looked at, the most serious first. */
    public List<Fact> facts() {
        return assessment().get().facts();
    }

    Timeline timeline() {
        return open.settled().get();
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
        Assessment now = assessment().get();
        Library all = library.get();
        boolean typing = open.shown().get() != open.settled().get();
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
        previewed.set(Optional.empty());
        Optional<EntryId> entry = chosen.chosen();
        open.edit(mend.words(), _ -> mend.after());
        entry.filter(id -> open.plan().find(id).isPresent()).or(fact::entry).ifPresent(chosen::select);
    }

    /** Asks for all that would make the class fit its group. */
    void askProposals(Consumer<List<GroupFit.Proposal>> show) {
        ClassPlan now = open.plan();
        Library all = library.get();
        groupFits.ask(() -> GroupFit.of(now, all), show);
    }

    void accept(List<GroupFit.Proposal> accepted) {
        if (!accepted.isEmpty()) {
            open.edit("Fit to the group", now -> GroupFit.apply(now, accepted));
        }
    }

    /** Returns the line that a finding or a proposal is about. */
    String nameOf(EntryId entry) {
        return open.plan().find(entry).map(found -> found.name()).orElse("");
    }

    /** Returns the stretches of the class that are pointed out. */
    public ReadOnlyObjectProperty<List<Stretch>> lit() {
        return lit;
    }

    /** Returns the mend that is looked at before it is taken. */
    ReadOnlyObjectProperty<Optional<Effect>> previewed() {
        return previewed;
    }

    /** Shows what a mend would bring; nothing for none. */
    void preview(Optional<Effect> effect) {
        previewed.set(effect);
    }

    /** Points out where a finding is: all its places. */
    void light(Fact fact) {
        lit.set(fact.places().stream().flatMap(place -> stretch(place).stream()).distinct().toList());
    }

    /** Points out nothing any more. */
    void unlight() {
        lit.set(List.of());
    }

    private Optional<Stretch> stretch(Place place) {
        Timeline timeline = timeline();
        return place.entry().flatMap(timeline.plan()::find).map(entry -> timeline.ofEntry(entry.id()))
                .or(() -> place.segment().flatMap(timeline.plan()::findSegment)
                        .map(segment -> timeline.ofSegment(segment.id())))
                .filter(stretch -> stretch.length().isPositive());
    }

    /** Leads to a place of the class. */
    void jump(Place place) {
        place.entry().filter(id -> open.plan().find(id).isPresent()).ifPresentOrElse(chosen::select,
                () -> place.segment().ifPresent(chosen::selectSegment));
        follow.run();
    }

    /** Shows what would make the class fit its slot. */
    void propose() {
        propose.run();
    }

    /** Sets a fact aside for a reason, as one step. */
    void setAside(Fact fact, String reason) {
        open.edit("Set aside", now -> Assessment.setAside(now, fact, reason));
    }

    /** Opens a fact again, as one step. */
    void takeUp(Fact fact) {
        open.edit("Take up again", now -> Assessment.takeUp(now, fact));
    }
}
