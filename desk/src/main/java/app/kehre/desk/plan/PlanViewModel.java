package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.DoseWords;
import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Moves;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.DoseText;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.check.Chosen;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.TypedText;
import app.kehre.desk.text.TextViewModel;

/** What the Plan place shows and does, without a single node. */
public final class PlanViewModel implements Chosen {

    private final OpenPlan open;
    private final LineChoices choices;
    private final TextViewModel text;
    private final Writing writing = new Writing(this);
    private final ObjectProperty<Optional<SegmentId>> segment = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<EntryId>> entry = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<EntryId>> opened = new SimpleObjectProperty<>(Optional.empty());
    private final PaceModel pace;
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper("");

    /**
     * Makes a view model of the open plan.
     *
     * @param library what can be chosen now
     * @param patterns the count patterns of other classes
     * @param learning what was learned from classes that were taught
     */
    public PlanViewModel(OpenPlan open, Supplier<Library> library, Supplier<List<String>> patterns,
            Learning learning) {
        this.open = open;
        this.pace = new PaceModel(open, learning);
        this.choices = new LineChoices(this, library, patterns);
        this.text = new TextViewModel(open, library, segment::get);
        open.settled().addListener((_, _, _) -> settleSelection());
        settleSelection();
    }

    public OpenPlan open() {
        return open;
    }

    /** Returns what can be chosen for a line. */
    LineChoices choices() {
        return choices;
    }

    ClassPlan plan() {
        return open.plan();
    }

    Timeline timeline() {
        return open.settled().get();
    }

    /** Returns the selected segment, if there is one. */
    public ObjectProperty<Optional<SegmentId>> segment() {
        return segment;
    }

    /** Returns the selected line, if there is one. */
    public ObjectProperty<Optional<EntryId>> entry() {
        return entry;
    }

    /** Returns what the text that is being typed would mean, or what is against it. */
    public ReadOnlyStringProperty hint() {
        return hint.getReadOnlyProperty();
    }

    /** Says what the typed text would mean, or what is against it. */
    public void setHint(String text) {
        hint.set(text);
    }

    Optional<Segment> selectedSegment() {
        return segment.get().flatMap(plan()::findSegment);
    }

    /** Returns the name of the selected segment; empty when there is none. */
    public String segmentName() {
        return selectedSegment().map(Segment::name).orElse("");
    }

    /** Returns the exercise of the selected line. */
    public Optional<Exercise> selectedExercise() {
        return selectedEntry().flatMap(Entry::item).map(Item::exercise);
    }

    Optional<Entry> selectedEntry() {
        return entry.get().flatMap(plan()::find);
    }

    List<Row> rows() {
        return selectedSegment()
                .map(found -> found.lines().map(each -> Row.of(timeline(), each)).toList())
                .orElse(List.of());
    }

    @Override
    public Optional<EntryId> chosen() {
        return entry.get();
    }

    @Override
    public void select(EntryId entryId) {
        plan().segmentOf(entryId).ifPresent(found -> {
            segment.set(Optional.of(found.id()));
            entry.set(Optional.of(entryId));
        });
    }

    @Override
    public void selectSegment(SegmentId segmentId) {
        plan().findSegment(segmentId).ifPresent(found -> {
            if (found.lines().noneMatch(this::isSelected)) {
                entry.set(found.entries().stream().findFirst().map(Entry::id));
            }
            segment.set(Optional.of(segmentId));
        });
    }

    void selectNeighbour(int by) {
        List<EntryId> ids = plan().lines().map(Entry::id).toList();
        int at = entry.get().map(ids::indexOf).orElse(-1) + by;
        if (at >= 0 && at < ids.size()) {
            select(ids.get(at));
        }
    }

    /** Returns the class as text. */
    TextViewModel text() {
        return text;
    }

    /** Returns what is written below the lines. */
    Writing writing() {
        return writing;
    }

    void add(Addables.Addable addable) {
        selectedSegment().ifPresent(to -> {
            EntryId id = plan().nextEntryId();
            open.edit("Add " + addable.name(), plan -> Addables.add(plan, to.id(), entry.get(), addable));
            select(id);
        });
    }

    void replace(Entry old, Addables.Addable addable) {
        open.edit("%s for %s".formatted(addable.name(), old.name()),
                plan -> Addables.replace(plan, old.id(), addable));
    }

    void removeEntry() {
        selectedEntry().ifPresent(old -> {
            Optional<EntryId> neighbour = neighbourOf(old.id());
            open.edit("Remove " + old.name(), plan -> plan.remove(old.id()));
            entry.set(neighbour);
        });
    }

    void duplicateEntry() {
        selectedEntry().ifPresent(old -> {
            EntryId id = plan().nextEntryId();
            open.edit("Duplicate " + old.name(), plan -> Moves.duplicate(plan, old.id()));
            select(id);
        });
    }

    void nudgeEntry(int by) {
        selectedEntry().ifPresent(moved -> {
            open.edit("Move " + moved.name(), plan -> Moves.nudge(plan, moved.id(), by));
            select(moved.id());
        });
    }

    void moveEntry(EntryId entryId, int at) {
        plan().find(entryId).ifPresent(moved -> {
            List<Row> rows = rows();
            open.edit("Move " + moved.name(),
                    plan -> Moves.moveTo(plan, entryId, segment.get().orElseThrow(), idAt(rows, at)));
            select(entryId);
        });
    }

    /** Moves the line that was just added and selected to a place of the selected segment, within the same step. */
    void moveAdded(int at) {
        selectedEntry().ifPresent(added -> {
            List<Row> rows = rows();
            int from = rows.stream().map(row -> row.entry().id()).toList().indexOf(added.id());
            int place = at > from ? at + 1 : at;
            open.amend(plan -> Moves.moveTo(plan, added.id(), segment.get().orElseThrow(),
                    idAt(rows, place)));
            select(added.id());
        });
    }

    private static Optional<EntryId> idAt(List<Row> rows, int at) {
        return at < rows.size() ? Optional.of(rows.get(at).entry().id()) : Optional.empty();
    }

    void moveToSegment(EntryId entryId, SegmentId segmentId) {
        plan().find(entryId).ifPresent(moved -> {
            open.edit("Move " + moved.name(),
                    plan -> Moves.move(plan, entryId, segmentId, Integer.MAX_VALUE));
            select(entryId);
        });
    }

    /** Replaces a line as one step. */
    void change(String name, Entry changed) {
        changePlan(name, plan -> plan.with(changed));
    }

    /** Makes any change as one step. */
    void changePlan(String name, UnaryOperator<ClassPlan> change) {
        open.edit(name, change);
    }

    /** Asks for the Combination place with a build-up. */
    void openCombination(EntryId entryId) {
        select(entryId);
        opened.set(Optional.of(entryId));
    }

    /** Returns the build-up that was asked for last. */
    public ObjectProperty<Optional<EntryId>> opened() {
        return opened;
    }

    /** Returns the exercises that come after a line in the class. */
    List<Item> linesAfter(EntryId entryId) {
        List<Entry> lines = plan().lines().toList();
        int at = lines.stream().map(Entry::id).toList().indexOf(entryId);
        return lines.subList(at + 1, lines.size()).stream().flatMap(line -> line.item().stream()).toList();
    }

    /** Returns how long people take in the class. */
    PaceModel pace() {
        return pace;
    }

    /** Returns what is done with segments as a whole. */
    SegmentEdits segments() {
        return new SegmentEdits(this);
    }

    /** Returns what happens with a typed text of the brief. */
    Commit ofBrief(String name, BiFunction<Brief, String, Reading<Brief>> reader) {
        return new TypedText(open, () -> name, text -> reader.apply(plan().brief(), text).map(plan()::with),
                _ -> "");
    }

    /** Returns what happens with a typed text of the selected segment. */
    Commit ofSegment(String name, BiFunction<Segment, String, Reading<Segment>> reader) {
        return new TypedText(open, () -> name + " of " + selectedSegment().map(Segment::name).orElse(""),
                text -> reader.apply(selectedSegment().orElseThrow(), text).map(plan()::with), _ -> "");
    }

    /** Returns what happens with a typed dose of a line, or with the length of a pause or a build-up. */
    Commit ofDose(EntryId entryId) {
        return new TypedText(open, () -> "Dose of " + plan().find(entryId).map(Entry::name).orElse(""),
                text -> plan().find(entryId).map(_ -> DoseText.with(plan(), entryId, text))
                        .orElse(Reading.refused("This line is no longer in the plan.")),
                timeline -> describe(timeline, entryId));
    }

    /** Returns what happens with a typed text of an entry. */
    Commit ofEntry(EntryId entryId, String name, BiFunction<Entry, String, Reading<Entry>> reader) {
        return new TypedText(open, () -> name + " of " + plan().find(entryId).map(Entry::name).orElse(""),
                text -> plan().find(entryId).map(found -> reader.apply(found, text).map(plan()::with))
                        .orElse(Reading.refused("This line is no longer in the plan.")),
                timeline -> describe(timeline, entryId));
    }

    private static String describe(Timeline timeline, EntryId entryId) {
        String length = timeline.plan().find(entryId).map(timeline::lengthOf)
                .map(Lengths::clock).orElse("");
        return timeline.plan().find(entryId).map(
                found -> found.item()
                        .map(item -> "%s: %s \u00b7 ".formatted(DoseWords.of(item.dose()), length))
                        .orElse(length + " \u00b7 "))
                .orElse("");
    }

    private Optional<EntryId> neighbourOf(EntryId entryId) {
        List<EntryId> ids = rows().stream().map(row -> row.entry().id()).toList();
        int at = ids.indexOf(entryId);
        return ids.size() < 2
                ? Optional.empty()
                : Optional.of(ids.get(at + 1 < ids.size() ? at + 1 : at - 1));
    }

    private void settleSelection() {
        if (selectedSegment().isEmpty()) {
            segment.set(plan().segments().stream().filter(each -> !each.entries().isEmpty()).findFirst()
                    .or(() -> plan().segments().stream().findFirst()).map(Segment::id));
        }
        boolean inSegment = selectedSegment().stream().flatMap(Segment::lines)
                .anyMatch(this::isSelected);
        if (!inSegment) {
            entry.get().flatMap(plan()::segmentOf).ifPresentOrElse(
                    found -> segment.set(Optional.of(found.id())), () -> entry.set(idAt(rows(), 0)));
        }
    }

    private boolean isSelected(Entry line) {
        return entry.get().filter(line.id()::equals).isPresent();
    }
}
