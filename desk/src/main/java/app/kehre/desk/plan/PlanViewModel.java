package app.kehre.desk.plan;

import java.util.List;
import java.util.Optional;
import java.util.function.BiFunction;
import java.util.function.Supplier;
import java.util.function.UnaryOperator;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.IntegerProperty;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.beans.property.SimpleIntegerProperty;

import app.kehre.core.brief.Brief;
import app.kehre.core.dose.DoseWords;
import app.kehre.core.dose.Lengths;
import app.kehre.core.dose.Reading;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Edits;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Moves;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.TimesText;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.TypedText;

/** What the Plan place shows and does, without a single node. Numbers of 0 stand for nothing selected. */
public final class PlanViewModel {

    private final OpenPlan open;
    private final LineChoices choices;
    private final IntegerProperty segment = new SimpleIntegerProperty();
    private final IntegerProperty entry = new SimpleIntegerProperty();
    private final IntegerProperty opened = new SimpleIntegerProperty();
    private final BooleanProperty showTimes = new SimpleBooleanProperty();
    private final ReadOnlyStringWrapper hint = new ReadOnlyStringWrapper("");

    /**
     * Makes a view model of the open plan.
     *
     * @param library what can be chosen now
     * @param patterns the count patterns of other classes
     */
    public PlanViewModel(OpenPlan open, Supplier<Library> library, Supplier<List<String>> patterns) {
        this.open = open;
        this.choices = new LineChoices(this, library, patterns);
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

    /** Returns the number of the selected segment. */
    public IntegerProperty segment() {
        return segment;
    }

    /** Returns the number of the selected entry. */
    public IntegerProperty entry() {
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
        return plan().findSegment(segment.get());
    }

    /** Returns the name of the selected segment; empty when there is none. */
    public String segmentName() {
        return selectedSegment().map(Segment::name).orElse("");
    }

    /** Returns the exercise of the selected line. */
    public Optional<Exercise> selectedExercise() {
        return selectedEntry().filter(Item.class::isInstance).map(found -> ((Item) found).exercise());
    }

    Optional<Entry> selectedEntry() {
        return plan().find(entry.get());
    }

    List<Row> rows() {
        return selectedSegment()
                .map(found -> ClassPlan.lines(found).map(each -> Row.of(timeline(), each)).toList())
                .orElse(List.of());
    }

    /** Selects an entry together with its segment. */
    public void select(int entryId) {
        plan().segmentOf(entryId).ifPresent(found -> {
            segment.set(found.id());
            entry.set(entryId);
        });
    }

    void selectSegment(int segmentId) {
        plan().findSegment(segmentId).ifPresent(found -> {
            if (ClassPlan.lines(found).noneMatch(each -> each.id() == entry.get())) {
                entry.set(found.entries().isEmpty() ? 0 : found.entries().getFirst().id());
            }
            segment.set(segmentId);
        });
    }

    void selectNeighbour(int by) {
        List<Integer> ids = plan().lines().map(Entry::id).toList();
        int at = ids.indexOf(entry.get()) + by;
        if (at >= 0 && at < ids.size()) {
            select(ids.get(at));
        }
    }

    void add(Edits.Addable addable) {
        if (selectedSegment().isPresent()) {
            int id = plan().nextEntryId();
            open.edit("Add " + addable.name(), plan -> Edits.add(plan, segment.get(), entry.get(), addable));
            select(id);
        }
    }

    void replace(Entry old, Edits.Addable addable) {
        open.edit("%s for %s".formatted(addable.name(), old.name()),
                plan -> Edits.replace(plan, old.id(), addable));
    }

    void removeEntry() {
        selectedEntry().ifPresent(old -> {
            int neighbour = neighbourOf(old.id());
            open.edit("Remove " + old.name(), plan -> plan.remove(old.id()));
            entry.set(neighbour);
        });
    }

    void duplicateEntry() {
        selectedEntry().ifPresent(old -> {
            int id = plan().nextEntryId();
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

    void moveEntry(int entryId, int at) {
        plan().find(entryId).ifPresent(moved -> {
            List<Row> rows = rows();
            int target = at < rows.size() ? rows.get(at).entry().id() : 0;
            open.edit("Move " + moved.name(), plan -> Moves.moveTo(plan, entryId, segment.get(), target));
            select(entryId);
        });
    }

    /** Moves the line that was just added and selected to a place of the selected segment, within the same step. */
    void moveAdded(int at) {
        selectedEntry().ifPresent(added -> {
            List<Row> rows = rows();
            int from = rows.stream().map(row -> row.entry().id()).toList().indexOf(added.id());
            int place = at > from ? at + 1 : at;
            int target = place < rows.size() ? rows.get(place).entry().id() : 0;
            open.amend(plan -> Moves.moveTo(plan, added.id(), segment.get(), target));
            select(added.id());
        });
    }

    void moveToSegment(int entryId, int segmentId) {
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
    void openCombination(int entryId) {
        select(entryId);
        opened.set(entryId);
    }

    /** Returns the number of the build-up that was asked for last. */
    public IntegerProperty opened() {
        return opened;
    }

    /** Returns the exercises that come after a line in the class. */
    List<Item> linesAfter(int entryId) {
        List<Entry> lines = plan().lines().toList();
        int at = lines.stream().map(Entry::id).toList().indexOf(entryId);
        return lines.subList(at + 1, lines.size()).stream().filter(Item.class::isInstance)
                .map(Item.class::cast).toList();
    }

    /** Returns whether the card shows the class's times instead of the selected line. */
    BooleanProperty showTimes() {
        return showTimes;
    }

    /** Returns what happens with a typed text of one of the class's times. */
    Commit ofTime(int place) {
        return new TypedText(open, () -> "Time to " + TimesText.NAMES.get(place),
                text -> TimesText.with(plan().times(), place, text).map(plan()::with), _ -> "");
    }

    void addSegment(Role role) {
        int id = plan().nextSegmentId();
        open.edit("Add a segment", plan -> Edits.addSegment(plan, segment.get(), role));
        selectSegment(id);
    }

    void removeSegment() {
        selectedSegment().ifPresent(old -> {
            List<Integer> ids = plan().segments().stream().map(Segment::id).toList();
            int at = ids.indexOf(old.id());
            open.edit("Remove " + old.name(), plan -> Moves.removeSegment(plan, old.id()));
            selectSegment(ids.get(at == 0 ? Math.min(1, ids.size() - 1) : at - 1));
        });
    }

    void moveSegment(int by) {
        selectedSegment().ifPresent(
                moved -> open.edit("Move " + moved.name(), plan -> Moves.moveSegment(plan, moved.id(), by)));
    }

    void changeRole(Role role) {
        selectedSegment()
                .ifPresent(old -> open.edit("Role of " + old.name(), plan -> plan.with(old.withRole(role))));
    }

    /** Returns what happens with a typed text of the brief. */
    Commit ofBrief(String name, BiFunction<Brief, String, Reading<Brief>> reader) {
        return new TypedText(open, () -> name, text -> reader.apply(plan().brief(), text).map(plan()::with),
                _ -> "");
    }

    /** Returns what happens with a typed text of the selected segment. */
    Commit ofSegment(String name, BiFunction<Segment, String, Reading<Segment>> reader) {
        return new TypedText(open, () -> name + " of " + selectedSegment().map(Segment::name).orElse(""),
                text -> reader.apply(plan().segment(segment.get()), text).map(plan()::with), _ -> "");
    }

    /** Returns what happens with a typed text of an entry. */
    Commit ofEntry(int entryId, String name, BiFunction<Entry, String, Reading<Entry>> reader) {
        return new TypedText(open, () -> name + " of " + plan().find(entryId).map(Entry::name).orElse(""),
                text -> plan().find(entryId).map(found -> reader.apply(found, text).map(plan()::with))
                        .orElse(Reading.refused("This line is no longer in the plan.")),
                timeline -> describe(timeline, entryId));
    }

    private static String describe(Timeline timeline, int entryId) {
        String length = timeline.plan().find(entryId).map(timeline::lengthOf)
                .map(Lengths::clock).orElse("");
        return timeline.plan().find(entryId).map(
                found -> found instanceof Item item
                        ? "%s: %s \u00b7 ".formatted(DoseWords.of(item.dose()), length)
                        : length + " \u00b7 ")
                .orElse("");
    }

    private int neighbourOf(int entryId) {
        List<Integer> ids = rows().stream().map(row -> row.entry().id()).toList();
        int at = ids.indexOf(entryId);
        return ids.size() < 2 ? 0 : ids.get(at + 1 < ids.size() ? at + 1 : at - 1);
    }

    private void settleSelection() {
        if (selectedSegment().isEmpty()) {
            int first = plan().segments().stream().filter(each -> !each.entries().isEmpty()).findFirst()
                    .or(() -> plan().segments().stream().findFirst()).map(Segment::id).orElse(0);
            segment.set(first);
        }
        boolean inSegment = selectedSegment().stream().flatMap(ClassPlan::lines)
                .anyMatch(each -> each.id() == entry.get());
        if (!inSegment) {
            plan().segmentOf(entry.get()).ifPresentOrElse(found -> segment.set(found.id()),
                    () -> entry.set(rows().isEmpty() ? 0 : rows().getFirst().entry().id()));
        }
    }
}
