package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.Instant;
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
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
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
    private final ReadOnlyObjectWrapper<Home> home = new ReadOnlyObjectWrapper<>(Home.NOWHERE);
    private final ReadOnlyObjectWrapper<Optional<Path>> file = new ReadOnlyObjectWrapper<>(Optional.empty());
    private final ReadOnlyObjectWrapper<PlanInFile.Found> found = new ReadOnlyObjectWrapper<>(
            PlanInFile.Found.SAME);
    private Optional<ClassPlan> latest = Optional.empty();
    private PlanDocument document;
    private History history;
    private Optional<ClassPlan> saved;

    /** Opens a document that was not saved yet. */
    public OpenPlan(PlanDocument start) {
        document = start;
        history = new History(start.plan());
        saved = Optional.of(start.plan());
        refresh(Timeline.of(start.plan()));
    }

    /** Opens what was read from a file. */
    public OpenPlan(ReadPlan start) {
        this(start.document(), new Home.InFile(start.lies()));
    }

    /** Opens a document as it lies where it lives. */
    public OpenPlan(PlanDocument start, Home lives) {
        this(start);
        livesIn(lives);
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

    /** Returns where the plan lives. */
    public ReadOnlyObjectProperty<Home> home() {
        return home.getReadOnlyProperty();
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

    /** Opens a document that was not saved yet. */
    public void open(PlanDocument other) {
        open(other, Home.NOWHERE);
    }

    /** Opens a document as it lies where it lives. */
    public void open(PlanDocument other, Home from) {
        begin(other, from, Optional.of(other.plan()));
    }

    private void begin(PlanDocument other, Home from, Optional<ClassPlan> safe) {
        document = other;
        history = new History(other.plan());
        saved = safe;
        livesIn(from);
        refresh(Timeline.of(other.plan()));
    }

    /**
     * Opens a document that was rescued: it counts as changed until it is saved.
     *
     * @param from where it lives, as it was there then
     */
    public void openRescued(PlanDocument rescued, Home from) {
        begin(rescued, from, Optional.empty());
    }

    /** Takes what lies there by now in place of the plan, as one step: undo brings back one's own. */
    public void takeTheirs(PlanDocument theirs, Home from) {
        String name = "Take theirs";
        if (edit(name, _ -> theirs.plan())) {
            document = theirs;
            saved = Optional.of(theirs.plan());
            livesIn(from);
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

    /**
     * Keeps the plan in the studio and stays there.
     *
     * @param after the version from which it was made
     * @throws StudioTrouble when it could not be kept; nothing changed
     * @throws ChangedElsewhere when another version was saved meanwhile; nothing changed
     */
    public void keep(Plans plans, long after, Instant now) throws StudioTrouble, ChangedElsewhere {
        long version = plans.save(StoredPlan.of(plan()), document().bytes(), PlanWords.of(plan()), after,
                now);
        stayWith(new Home.InStudio(version));
    }

    /** Goes on with the plan as one of its own, which was not saved yet. */
    public void becomeCopy() {
        history.become(plan().copy());
        saved = Optional.empty();
        livesIn(Home.NOWHERE);
        refresh(settled.get());
    }

    private interface Write {
        void to(Path file, byte[] bytes) throws DiskTrouble;
    }

    private void write(Path to, Write write) throws DiskTrouble {
        ClassPlan written = isOwn(to) ? plan() : plan().copy();
        byte[] bytes = document.with(written).bytes();
        write.to(to, bytes);
        history.become(written);
        stayWith(new Home.InFile(new PlanInFile(to, bytes)));
    }

    /** Beside a file that still has the plan, another file has another plan. */
    private boolean isOwn(Path to) {
        return found.get() == PlanInFile.Found.GONE
                || home.get().file().map(file -> same(file).equals(same(to))).orElse(true);
    }

    private static Path same(Path file) {
        return file.toAbsolutePath().normalize();
    }

    private void stayWith(Home lives) {
        saved = Optional.of(plan());
        livesIn(lives);
        refresh(settled.get());
    }

    private void livesIn(Home lives) {
        home.set(lives);
        file.set(lives.file());
        found.set(PlanInFile.Found.SAME);
    }

    /** Returns the file that the plan lies in, as this window knows it. */
    public Optional<PlanInFile> inFile() {
        return home.get().inFile();
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
