package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.edit.Edit;
import app.kehre.core.edit.History;
import app.kehre.core.plan.ClassPlan;
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
    private final ReadOnlyStringWrapper refusal = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<PlanInFile.Found> found = new ReadOnlyObjectWrapper<>(
            PlanInFile.Found.SAME);
    private Optional<PlanInFile> inFile = Optional.empty();
    private Optional<ClassPlan> latest = Optional.empty();
    private PlanDocument document;
    private History history;
    private Optional<ClassPlan> saved;

    /** Opens a document that lies in no file yet. */
    public OpenPlan(PlanDocument start) {
        document = start;
        history = new History(start.plan());
        saved = Optional.of(start.plan());
        refresh(Timeline.of(start.plan()));
    }

    /** Opens what was read from a file. */
    public OpenPlan(ReadPlan start) {
        this(start.document());
        liesIn(Optional.of(start.lies()));
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

    /** Returns why the last edit was not made; empty when it was. */
    public ReadOnlyStringProperty refusal() {
        return refusal.getReadOnlyProperty();
    }

    /** Makes an edit of the plan, as one step to undo. Returns whether it was made; what a limit forbids is not. */
    public boolean edit(String name, UnaryOperator<ClassPlan> change) {
        return laidOut(change, laid -> history.make(new Edit(name, laid.plan())));
    }

    /** Goes on with the last edit: what is changed now is undone together with it. */
    public void amend(UnaryOperator<ClassPlan> change) {
        String name = history.nextUndo().orElse("");
        laidOut(change, laid -> {
            history.undo();
            history.make(new Edit(name, laid.plan()));
        });
    }

    /** A plan that cannot be laid out never becomes the plan: all that is shown is a function of how it is laid out. */
    private boolean laidOut(UnaryOperator<ClassPlan> change, Consumer<Timeline> make) {
        refusal.set("");
        try {
            Timeline laid = Timeline.of(change.apply(plan()));
            make.accept(laid);
            refresh(laid);
            return true;
        } catch (IllegalArgumentException refused) {
            refusal.set(String.valueOf(refused.getMessage()));
            return false;
        }
    }

    /** Shows a plan that is only being typed; the plan itself stays. Returns what is against it, else nothing. */
    public String preview(ClassPlan typed) {
        latest = Optional.of(typed);
        String problem = consider(typed);
        if (!problem.isEmpty()) {
            endPreview();
        }
        return problem;
    }

    /** Shows a plan that is only proposed; the plan itself stays. Returns what is against it, else nothing. */
    public String consider(ClassPlan proposed) {
        try {
            shown.set(Timeline.of(proposed));
            return "";
        } catch (IllegalArgumentException refused) {
            return String.valueOf(refused.getMessage());
        }
    }

    /** Returns the plan as it stands, with what is being typed: all that would be missed after a crash. */
    public ClassPlan latest() {
        return latest.orElse(plan());
    }

    /** Shows the plan as it stands again. */
    public void endPreview() {
        latest = Optional.empty();
        shown.set(settled.get());
    }

    /** Takes the last step back. */
    public void undo() {
        history.undo();
        refresh(Timeline.of(plan()));
    }

    /** Makes the last undone step again. */
    public void redo() {
        history.redo();
        refresh(Timeline.of(plan()));
    }

    /** Opens a document that lies in no file. */
    public void open(PlanDocument other) {
        open(other, Optional.empty());
    }

    /** Opens a document as it lies in a file. */
    public void open(PlanDocument other, PlanInFile from) {
        open(other, Optional.of(from));
    }

    private void open(PlanDocument other, Optional<PlanInFile> from) {
        begin(other, from, Optional.of(other.plan()));
    }

    private void begin(PlanDocument other, Optional<PlanInFile> from, Optional<ClassPlan> safe) {
        document = other;
        history = new History(other.plan());
        saved = safe;
        liesIn(from);
        refresh(Timeline.of(other.plan()));
    }

    /**
     * Opens a document that was rescued: it counts as changed until it is saved.
     *
     * @param from the file that it was being changed in, as it was then
     */
    public void openRescued(PlanDocument rescued, Optional<PlanInFile> from) {
        begin(rescued, from, Optional.empty());
    }

    /** Takes what lies in the file by now in place of the plan, as one step: undo brings back one's own. */
    public void takeTheirs(PlanDocument theirs, PlanInFile from) {
        String name = "Take over the file";
        if (edit(name, _ -> theirs.plan())) {
            document = theirs;
            saved = Optional.of(theirs.plan());
            liesIn(Optional.of(from));
            refresh(settled.get());
        }
    }

    /**
     * Writes the plan to a file and stays with it.
     *
     * @throws DiskTrouble when it could not; nothing changed
     */
    public void save(Path to, Disk disk) throws DiskTrouble {
        write(to, disk::replace);
    }

    /**
     * Writes the plan to a file that is not there yet and stays with it.
     *
     * @throws DiskTrouble as above
     */
    public void saveNew(Path to, Disk disk) throws DiskTrouble {
        write(to, disk::create);
    }

    private interface Write {
        void to(Path file, byte[] bytes) throws DiskTrouble;
    }

    private void write(Path to, Write write) throws DiskTrouble {
        ClassPlan written = isOwn(to) ? plan() : plan().copy();
        byte[] bytes = document.with(written).bytes();
        write.to(to, bytes);
        history.become(written);
        stayWith(new PlanInFile(to, bytes));
    }

    /** Beside a file that still has the plan, another file has another plan. */
    private boolean isOwn(Path to) {
        return found.get() == PlanInFile.Found.GONE || inFile.map(PlanInFile::file)
                .map(file -> same(file).equals(same(to))).orElse(true);
    }

    private static Path same(Path file) {
        return file.toAbsolutePath().normalize();
    }

    private void stayWith(PlanInFile lies) {
        saved = Optional.of(plan());
        liesIn(Optional.of(lies));
        refresh(settled.get());
    }

    private void liesIn(Optional<PlanInFile> lies) {
        inFile = lies;
        file.set(lies.map(PlanInFile::file));
        found.set(PlanInFile.Found.SAME);
    }

    /** Returns the file that the plan lies in, as this window knows it. */
    public Optional<PlanInFile> inFile() {
        return inFile;
    }

    /** Says how the file was found when it was looked at again: a plan whose file has gone is not saved any more. */
    public void found(PlanInFile.Found how) {
        found.set(how);
        if (how == PlanInFile.Found.GONE) {
            saved = Optional.empty();
        }
        refresh(settled.get());
    }

    /** Returns how the file was found when it was looked at last. */
    public ReadOnlyObjectProperty<PlanInFile.Found> found() {
        return found.getReadOnlyProperty();
    }

    /** Whether all is saved is said first: whoever hears of another plan then knows whether it has to be kept. */
    private void refresh(Timeline laid) {
        latest = Optional.empty();
        unsaved.set(!saved.equals(Optional.of(plan())));
        if (settled.get() == null || !settled.get().plan().equals(laid.plan())) {
            settled.set(laid);
        }
        shown.set(settled.get());
        undoName.set(history.nextUndo().orElse(""));
        redoName.set(history.nextRedo().orElse(""));
    }
}
