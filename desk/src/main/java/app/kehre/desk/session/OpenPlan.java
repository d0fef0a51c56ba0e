package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Edit;
import app.kehre.core.plan.History;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.PlanDocument;

/** The class that is open, as the places see it. To be used on the JavaFX thread. */
public final class OpenPlan {

    private final ReadOnlyObjectWrapper<Timeline> settled = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Timeline> shown = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyStringWrapper undoName = new ReadOnlyStringWrapper("");
    private final ReadOnlyStringWrapper redoName = new ReadOnlyStringWrapper("");
    private final ReadOnlyBooleanWrapper unsaved = new ReadOnlyBooleanWrapper();
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private PlanDocument document;
    private History history;
    private Optional<ClassPlan> saved;

    /** Opens a document that lies in no file yet. */
    public OpenPlan(PlanDocument start) {
        document = start;
        history = new History(start.plan());
        saved = Optional.of(start.plan());
        refresh();
    }

    /** Returns the plan laid out in time, without what is only being typed. */
    public ReadOnlyObjectProperty<Timeline> settled() {
        return settled.getReadOnlyProperty();
    }

    /** Returns the plan laid out in time, with what is being typed. */
    public ReadOnlyObjectProperty<Timeline> shown() {
        return shown.getReadOnlyProperty();
    }

    /** Returns the name of the step that undo takes back; empty when there is none. */
    public ReadOnlyStringProperty undoName() {
        return undoName.getReadOnlyProperty();
    }

    /** Returns the name of the step that redo makes again; empty when there is none. */
    public ReadOnlyStringProperty redoName() {
        return redoName.getReadOnlyProperty();
    }

    /** Returns whether there are changes that no file has. */
    public ReadOnlyBooleanProperty unsaved() {
        return unsaved.getReadOnlyProperty();
    }

    /** Returns the file that the plan lies in. */
    public ReadOnlyObjectProperty<Optional<Path>> file() {
        return file.getReadOnlyProperty();
    }

    /** Returns the plan as it stands. */
    public ClassPlan plan() {
        return history.current();
    }

    /** Returns the plan as a document, ready to be written. */
    public PlanDocument document() {
        return document.with(plan());
    }

    /** Makes an edit of the plan, as one step to undo. */
    public void edit(String name, UnaryOperator<ClassPlan> change) {
        history.make(new Edit(name, change.apply(plan())));
        refresh();
    }

    /** Goes on with the last edit: what is changed now is undone together with it. */
    public void amend(UnaryOperator<ClassPlan> change) {
        String name = history.nextUndo().orElse("");
        ClassPlan changed = change.apply(plan());
        history.undo();
        history.make(new Edit(name, changed));
        refresh();
    }

    /** Shows a plan that is only being typed; the plan itself stays. */
    public void preview(ClassPlan typed) {
        shown.set(Timeline.of(typed));
    }

    /** Shows the plan as it stands again. */
    public void endPreview() {
        shown.set(settled.get());
    }

    /** Takes the last step back. */
    public void undo() {
        history.undo();
        refresh();
    }

    /** Makes the last undone step again. */
    public void redo() {
        history.redo();
        refresh();
    }

    /** Opens another document. */
    public void open(PlanDocument other, Optional<Path> from) {
        document = other;
        history = new History(other.plan());
        saved = Optional.of(other.plan());
        file.set(from);
        refresh();
    }

    /** Opens a document that was rescued: it counts as changed until it is saved. */
    public void openRescued(PlanDocument rescued, Optional<Path> from) {
        open(rescued, from);
        saved = Optional.empty();
        refresh();
    }

    /** Writes the plan to a file and stays with it. @throws DiskTrouble when it could not; nothing changed */
    public void save(Path to, Disk disk) throws DiskTrouble {
        disk.replace(to, document().bytes());
        saved = Optional.of(plan());
        file.set(Optional.of(to));
        refresh();
    }

    private void refresh() {
        if (settled.get() == null || !settled.get().plan().equals(plan())) {
            settled.set(Timeline.of(plan()));
        }
        shown.set(settled.get());
        undoName.set(history.nextUndo().orElse(""));
        redoName.set(history.nextRedo().orElse(""));
        unsaved.set(!saved.equals(Optional.of(plan())));
    }
}
