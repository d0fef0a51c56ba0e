package app.kehre.desk.proposals;

import java.nio.file.Path;
import java.time.Duration;
import java.util.ArrayList;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Supplier;
import java.util.stream.LongStream;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.balance.Offered;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.OpenPlan;

/**
 * Ways to make the class fit, parts that follow from it, whole drafts: what they change, and what would come of the ticked
 * changes; without a single node.
 */
public final class ProposalsViewModel {

    /** So many drafts are there to choose from, and so many are drawn for them at the most. */
    private static final int DRAFTS = 3;
    private static final int DRAWN = 6;

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Classes classes;
    private final Latest proposals = new Latest("proposals");
    private final Latest effects = new Latest("effects of a proposal");
    private final ReadOnlyObjectWrapper<Optional<Proposal>> found = new ReadOnlyObjectWrapper<>(
            Optional.empty());
    private final ReadOnlyObjectWrapper<Optional<Effect>> outcome = new ReadOnlyObjectWrapper<>(
            Optional.empty());
    private final Set<Change> ticked = new LinkedHashSet<>();
    private final ReadOnlyStringWrapper progress = new ReadOnlyStringWrapper("");
    private int way;
    private String step = "";
    /** How much of the slot is gone when the class starts. */
    private Duration missing = Duration.ZERO;
    private long seed;

    /** Makes a view model of the open plan. */
    public ProposalsViewModel(OpenPlan open, Supplier<Library> library, Classes classes) {
        this.open = open;
        this.classes = classes;
        this.library = library;
        open.settled().addListener(_ -> forget());
    }

    /** Returns what came of the last question; nothing before it, and after every edit. */
    ReadOnlyObjectProperty<Optional<Proposal>> found() {
        return found.getReadOnlyProperty();
    }

    /** Returns what would come of the ticked changes, a moment after they were ticked. */
    ReadOnlyObjectProperty<Optional<Effect>> outcome() {
        return outcome.getReadOnlyProperty();
    }

    /** Returns whether there is no exercise in the class yet. */
    boolean isBare() {
        return open.plan().lines().allMatch(Pause.class::isInstance);
    }

    /** Returns how long a part would usually be, in words. */
    String usualLength(Wanted part) {
        Role role = part == Wanted.WARM_UP ? Role.WARM_UP : Role.STRETCH;
        return Lengths.clock(open.plan().segments().stream().filter(each -> each.role() == role)
                .map(Segment::target).filter(Duration::isPositive).findFirst()
                .orElse(open.plan().thresholds().edge(open.plan().brief().slot())));
    }

    Timeline before() {
        return open.settled().get();
    }

    /** Returns the length that would fill the slot, in words. */
    String slotWords() {
        return Lengths.clock(open.plan().brief().slot());
    }

    /** Returns what is being worked on; empty when nothing is. */
    ReadOnlyStringProperty progress() {
        return progress.getReadOnlyProperty();
    }

    /** Asks for something with a length, or none. Returns the sentence against it, if any. */
    String ask(Wanted wanted, String length, Optional<SegmentId> segment) {
        Reading<Duration> reading = wanted.takesLength()
                ? Lengths.parse(length.strip().matches("\\d+") ? length.strip() + " min" : length)
                : Reading.of(open.plan().brief().slot());
        if (reading.value().isEmpty() || !reading.value().get().isPositive()) {
            return reading.value().isEmpty() ? reading.problem() : "A class lasts longer than that.";
        }
        Duration asked = reading.value().get();
        ClassPlan plan = open.plan();
        Library all = library.get();
        step = step(wanted, asked);
        missing = wanted == Wanted.LATE ? asked : Duration.ZERO;
        Duration late = plan.brief().slot().minus(asked);
        if (wanted == Wanted.LATE && !late.isPositive()) {
            return "Nothing is left of the slot then.";
        }
        proposals.ask(() -> switch (wanted) {
            case FIT -> Offered.of(Fitting.of(plan, new Fitting.Asked(asked, segment)),
                    Assessment.of(plan, all), all);
            case LATE -> Offered.of(Fitting.of(plan, new Fitting.Asked(late, Optional.empty())),
                    Assessment.of(plan, all), all);
            case RECUT -> Recutting.propose(plan, all, asked);
            case WARM_UP -> WarmUpFromClass.propose(plan, all, asked);
            case STRETCH -> StretchFromClass.propose(plan, all, asked);
            case REGROUP -> Regrouping.propose(plan);
            case DRAFT -> throw new IllegalStateException("a draft has no length");
        }, this::show, this::fail);
        return "";
    }

    /**
     * Shows what was worked out elsewhere.
     *
     * @param name what taking it is called
     */
    public void show(String name, Proposal proposal) {
        proposals.drop();
        progress.set("");
        step = name;
        missing = Duration.ZERO;
        show(proposal);
    }

    private static String step(Wanted wanted, Duration asked) {
        return switch (wanted) {
            case FIT -> "Fit to " + Lengths.clock(asked);
            case LATE -> "Late start by " + Lengths.clock(asked);
            case RECUT -> "Recut to %d min".formatted(asked.toMinutes());
            case WARM_UP, STRETCH -> wanted.words() + " from the class";
            case REGROUP -> "Regroup";
            case DRAFT -> "Draft";
        };
    }

    /** Drafts three classes, one after the other; each is shown as soon as it is there. One that comes again is drawn anew. */
    void draft(Drafting.Asked asked) {
        ClassPlan plan = open.plan();
        Library all = library.get();
        Optional<Path> folder = classes.folder();
        step = step(Wanted.DRAFT, Duration.ZERO);
        missing = Duration.ZERO;
        List<Long> seeds = LongStream.rangeClosed(seed + 1, seed + DRAWN).boxed().toList();
        seed += DRAWN;
        List<Way> drafts = new ArrayList<>();
        tellDrafting(drafts.size());
        proposals.askEach(seeds, Duration.ZERO,
                each -> Drafting.propose(plan, asked, all, classes.lately(folder, plan, all), each),
                (at, drafted) -> {
                    take(drafts, drafted);
                    if (drafts.size() == DRAFTS || at + 1 == DRAWN || !drafted.reason().isEmpty()) {
                        stop();
                    } else {
                        tellDrafting(drafts.size());
                    }
                }, this::fail);
    }

    private void tellDrafting(int done) {
        progress.set("Drafting, %d of %d\u2026".formatted(done + 1, DRAFTS));
    }

    /** What cannot be worked out is said where it was asked for. */
    private void fail(RuntimeException failure) {
        progress.set("");
        show(new Proposal.Refused(failure instanceof IllegalArgumentException
                ? String.valueOf(failure.getMessage())
                : "This could not be worked out, Kehre itself failed at it: %s.".formatted(failure)));
    }

    /** Stops what is being worked on; what was found so far stays. */
    void stop() {
        proposals.drop();
        progress.set("");
    }

    /** A draft that came out as one before is no other to choose from. */
    private void take(List<Way> drafts, Proposal drafted) {
        List<Way> others = drafted.ways().stream()
                .filter(way -> drafts.stream().noneMatch(each -> segments(each).equals(segments(way))))
                .toList();
        drafts.addAll(others);
        if (drafts.isEmpty()) {
            show(drafted);
        } else if (drafts.size() == others.size()) {
            show(new Proposal.Proposed(drafts));
        } else if (!others.isEmpty()) {
            found.set(Optional.of(new Proposal.Proposed(drafts)));
        }
    }

    private static List<Segment> segments(Way way) {
        return way.after().segments();
    }

    private void show(Proposal now) {
        way = 0;
        ticked.clear();
        now.ways().stream().limit(1).forEach(first -> ticked.addAll(first.changes()));
        found.set(Optional.of(now));
        if (!now.ways().isEmpty()) {
            work();
        }
    }

    int chosen() {
        return way;
    }

    List<Change> changes() {
        return chosenWay().map(Way::changes).orElse(List.of());
    }

    /** Returns what else is to be known of the chosen way. */
    List<String> notes() {
        return chosenWay().map(Way::notes).orElse(List.of());
    }

    private Optional<Way> chosenWay() {
        return found.get().filter(now -> way < now.ways().size()).map(now -> now.ways().get(way));
    }

    /** Chooses a way, all its changes ticked. */
    void choose(int at) {
        way = at;
        ticked.clear();
        ticked.addAll(changes());
        work();
    }

    boolean isTicked(Change change) {
        return ticked.contains(change);
    }

    void tick(Change change, boolean so) {
        if (so ? ticked.add(change) : ticked.remove(change)) {
            work();
        }
    }

    int tickedCount() {
        return ticked.size();
    }

    private List<Change> inOrder() {
        return changes().stream().filter(ticked::contains).toList();
    }

    /** Shows the ticked changes on the road, and works out what comes of them. */
    private void work() {
        ClassPlan before = open.plan();
        ClassPlan after = Change.all(before, inOrder());
        open.consider(after);
        Library all = library.get();
        Duration late = missing;
        effects.ask(() -> Effect.of(Assessment.of(startedBy(before, late), all), startedBy(after, late), all),
                now -> outcome.set(Optional.of(now)));
    }

    private static ClassPlan startedBy(ClassPlan plan, Duration late) {
        return plan.with(plan.brief().startedBy(late));
    }

    /** Takes the ticked changes as one step. */
    void take() {
        List<Change> taken = inOrder();
        if (!taken.isEmpty()) {
            open.edit(step, plan -> Change.all(plan, taken));
        }
    }

    /** Drops what was proposed; the class is shown as it stands again. */
    public void drop() {
        if (found.get().isPresent()) {
            forget();
            open.endPreview();
        }
    }

    private void forget() {
        proposals.drop();
        effects.drop();
        progress.set("");
        ticked.clear();
        way = 0;
        outcome.set(Optional.empty());
        found.set(Optional.empty());
    }
}
