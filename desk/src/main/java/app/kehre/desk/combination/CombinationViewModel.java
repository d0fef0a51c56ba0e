package app.kehre.desk.combination;

import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleIntegerProperty;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.choreography.Fit;
import app.kehre.core.choreography.Fits;
import app.kehre.core.choreography.Plain;
import app.kehre.core.choreography.Script;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;
import app.kehre.core.typing.SegmentText;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.TypedText;

/** What the Combination place shows and does, without a single node. */
public final class CombinationViewModel {

    private static final int PLAINER = 12;

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final ObjectProperty<Optional<EntryId>> entry = new SimpleObjectProperty<>(Optional.empty());
    private final IntegerProperty which = new SimpleIntegerProperty();
    private final IntegerProperty chosen = new SimpleIntegerProperty(-1);
    private final Making making = new Making(this);
    private final ReadOnlyStringWrapper said = new ReadOnlyStringWrapper("");

    /** Makes a view model of the open plan's build-ups. */
    public CombinationViewModel(OpenPlan open, Supplier<Library> library) {
        this.open = open;
        this.library = library;
        open.settled().addListener(_ -> settle());
        settle();
    }

    OpenPlan open() {
        return open;
    }

    /** Returns the build-up that is shown, if one is. */
    ObjectProperty<Optional<EntryId>> entry() {
        return entry;
    }

    /** Returns which of its combinations is shown, from 0. */
    IntegerProperty which() {
        return which;
    }

    /** Returns the selected move, from 0; -1 for none. */
    IntegerProperty chosen() {
        return chosen;
    }

    /** Shows a build-up of the plan, if the line is one. */
    public void show(EntryId entryId) {
        if (open.plan().find(entryId).filter(BuildUp.class::isInstance).isPresent()) {
            entry.set(Optional.of(entryId));
            settle();
        }
    }

    List<BuildUp> buildUps() {
        return open.plan().buildUps().toList();
    }

    Optional<BuildUp> buildUp() {
        return entry.get().flatMap(open.plan()::find).filter(BuildUp.class::isInstance)
                .map(BuildUp.class::cast);
    }

    Optional<Segment> segment() {
        return entry.get().flatMap(open.plan()::segmentOf);
    }

    Optional<Combination> combination() {
        return buildUp().map(found -> found.build().combinations().get(which.get()));
    }

    Optional<DancedMove> selected() {
        return combination().filter(found -> chosen.get() >= 0 && chosen.get() < found.moves().size())
                .map(found -> found.moves().get(chosen.get()));
    }

    Bpm bpm() {
        return segment().map(Segment::bpm).orElse(new Bpm(126));
    }

    Conditions conditions() {
        return buildUp().map(found -> found.conditions(bpm(), open.plan().brief()))
                .orElse(Conditions.of(bpm().value()));
    }

    Optional<Script> script() {
        return entry.get().flatMap(id -> Optional.ofNullable(open.settled().get().scripts().get(id)));
    }

    List<Exercise> moves() {
        return library.get().all().stream().filter(each -> each.footwork().isPresent()).toList();
    }

    /** Returns the easier moves that can be taught first in the place of one, the nearest in effort first. */
    List<Exercise> plainer(DancedMove danced) {
        double met = danced.move().work().mets().value();
        return moves().stream()
                .filter(each -> !each.id().equals(danced.move().id())
                        && each.onStep() == danced.move().onStep()
                        && each.work().mets().value() <= met && Plain.problem(danced, each).isEmpty())
                .sorted(Comparator.comparing((Exercise each) -> each.pattern() != danced.move().pattern())
                        .thenComparing(each -> -each.work().mets().value()))
                .limit(PLAINER).toList();
    }

    List<Finding> missteps() {
        return combination().map(found -> Checks.of(found, conditions(), moves(), this::with))
                .orElse(List.of());
    }

    private ClassPlan with(Combination other) {
        BuildUp build = buildUp().orElseThrow();
        return open.plan().with(build.with(build.build().with(which.get(), other)));
    }

    /** Returns the combination while somebody is at it. */
    Making making() {
        return making;
    }

    /** Returns what fits after the selected move. */
    Optional<Fits> fits() {
        return combination().map(found -> Fits.of(found, cursor(), moves()));
    }

    /** Returns the place at which a move is added: after the selected one, or at the end. */
    int cursor() {
        int moves = combination().map(found -> found.moves().size()).orElse(0);
        return chosen.get() < 0 ? moves : Math.min(chosen.get() + 1, moves);
    }

    void select(int at) {
        int moves = combination().map(found -> found.moves().size()).orElse(0);
        chosen.set(Math.clamp(at, -1, moves - 1));
    }

    /** Adds a move that fits at the cursor and selects it. */
    void add(Fit fit) {
        add(fit.danced(), cursor());
    }

    /** Adds a move at a place, on the foot that is free there. */
    void addAt(String moveId, int at) {
        combination().flatMap(found -> Fits.of(found, at, moves()).moves().stream()
                .filter(fit -> fit.danced().move().id().equals(moveId)).findFirst())
                .ifPresent(fit -> add(fit.danced(), at));
    }

    private void add(DancedMove more, int at) {
        edit("Add " + more.move().name(), found -> found.add(at, more));
        select(at);
    }

    void remove() {
        selected().ifPresent(old -> {
            int at = chosen.get();
            edit("Remove " + old.move().name(), found -> found.remove(at));
            select(Math.max(0, at - 1));
        });
    }

    void nudge(int by) {
        selected().ifPresent(moved -> {
            int at = chosen.get();
            int to = Math.clamp((long) at + by, 0, combination().orElseThrow().moves().size() - 1);
            edit("Move " + moved.move().name(), found -> found.move(at, to));
            select(to);
        });
    }

    /** Changes the selected move as one step, or says why it cannot be. */
    void change(String what, UnaryOperator<DancedMove> change) {
        selected().ifPresent(old -> {
            int at = chosen.get();
            said.set("");
            try {
                if (change.apply(old).equals(old)) {
                    return;
                }
            } catch (IllegalArgumentException refused) {
                said.set(String.valueOf(refused.getMessage()));
                return;
            }
            edit(what + " of " + old.move().name(), found -> found.with(at, change));
        });
    }

    void mirrorAll() {
        edit("Mirror", Combination::mirrored);
    }

    void mend(Way mend) {
        open.edit("Mend: " + mend.words(), _ -> mend.after());
    }

    /** Changes the shown combination as one step. */
    void edit(String name, UnaryOperator<Combination> change) {
        int at = which.get();
        editBuild(name, build -> build.with(at, change.apply(build.combinations().get(at))));
    }

    /** Changes the build-up as one step. */
    void editBuild(String name, UnaryOperator<Build> change) {
        Optional<EntryId> id = entry.get();
        open.edit(name, plan -> id.flatMap(plan::find).orElse(null) instanceof BuildUp found
                ? plan.with(found.with(change.apply(found.build())))
                : plan);
    }

    /** Returns why the last change was not made, or what a text that is being typed would mean; may be empty. */
    ReadOnlyStringProperty said() {
        return said.getReadOnlyProperty();
    }

    void say(String words) {
        said.set(words);
    }

    void addCombination() {
        buildUp().filter(found -> found.build().combinations().size() < Build.COMBINATIONS.most())
                .ifPresent(found -> {
                    int at = found.build().combinations().size();
                    List<Combination> more = new java.util.ArrayList<>(found.build().combinations());
                    more.add(Combination.of("Combination " + (char) ('A' + at)));
                    editBuild("Add a combination", build -> build.withCombinations(more));
                    which.set(at);
                    chosen.set(-1);
                });
    }

    void removeCombination() {
        buildUp().filter(found -> found.build().combinations().size() > 1).ifPresent(found -> {
            int at = which.get();
            Combination old = found.build().combinations().get(at);
            which.set(Math.max(0, at - 1));
            editBuild("Remove " + old.name(), build -> build.without(at));
        });
    }

    /** Adds a build-up. */
    void addBuildUp() {
        Optional<Segment> segment = free();
        Optional<Exercise> hold = library.get().find(BuildUp.USUAL_HOLD);
        if (segment.isPresent() && hold.isPresent()) {
            EntryId id = open.plan().nextEntryId();
            open.edit("Add a build-up", plan -> plan.add(segment.get().id(), Integer.MAX_VALUE,
                    BuildUp.of(id, hold.get())));
            show(id);
        }
    }

    /** Returns the segment that a new build-up goes into: the first aerobic one that has none, else the warm-up. */
    Optional<Segment> free() {
        List<Segment> free = open.plan().segments().stream().filter(BuildUp::isFree).toList();
        return free.stream().filter(segment -> segment.role() == Role.AEROBIC).findFirst()
                .or(() -> free.stream().findFirst());
    }

    /** Sets the tempo of the segment as one step. */
    void setTempo(Bpm bpm) {
        segment().ifPresent(found -> open.edit("Tempo of " + found.name(),
                plan -> plan.with(plan.segment(found.id()).withBpm(bpm))));
    }

    /** Returns what happens with a typed tempo. */
    Commit ofTempo() {
        return new TypedText(open, () -> "Tempo of " + segment().map(Segment::name).orElse(""),
                text -> SegmentText.withBpm(open.plan().segment(segment().orElseThrow().id()), text)
                        .map(open.plan()::with),
                _ -> "");
    }

    /** Returns what happens with a typed text of the build-up. */
    Commit ofBuild(String name, Function<String, Reading<Build>> reader) {
        return new TypedText(open, () -> name, text -> reader.apply(text).map(build -> {
            BuildUp found = buildUp().orElseThrow();
            return open.plan().with(found.with(build));
        }), _ -> "");
    }

    private void settle() {
        if (buildUp().isEmpty()) {
            entry.set(buildUps().stream().findFirst().map(BuildUp::id));
        }
        int combinations = buildUp().map(found -> found.build().combinations().size()).orElse(1);
        which.set(Math.min(which.get(), combinations - 1));
        select(chosen.get());
    }
}
