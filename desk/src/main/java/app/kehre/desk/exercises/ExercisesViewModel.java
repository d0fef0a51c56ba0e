package app.kehre.desk.exercises;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Consumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.beans.property.SimpleStringProperty;
import javafx.beans.property.StringProperty;

import app.kehre.core.brief.Brief;
import app.kehre.core.card.Card;
import app.kehre.core.choosing.Filter;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.OwnExercises;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.library.ExerciseTable;
import app.kehre.formats.library.ImportedExercises;

/** What the Exercises place shows and does, without a single node. */
public final class ExercisesViewModel {

    private final OwnLibrary ownLibrary;
    private final OpenPlan open;
    private final Disk disk;
    private final Consumer<String> trouble;
    private final StringProperty typed = new SimpleStringProperty("");
    private final ObjectProperty<Filter> filter = new SimpleObjectProperty<>(Filter.NONE);
    private final ObjectProperty<Optional<Exercise>> selected = new SimpleObjectProperty<>(Optional.empty());
    private final ObjectProperty<Optional<Card>> edited = new SimpleObjectProperty<>(Optional.empty());
    private boolean showHidden;
    private byte[] table = {};

    /**
     * Makes a view model.
     *
     * @param trouble told the sentence when something could not be written
     */
    public ExercisesViewModel(OwnLibrary ownLibrary, OpenPlan open, Disk disk, Consumer<String> trouble) {
        this.ownLibrary = ownLibrary;
        this.open = open;
        this.disk = disk;
        this.trouble = trouble;
    }

    OwnLibrary ownLibrary() {
        return ownLibrary;
    }

    Library library() {
        return ownLibrary.library().get();
    }

    Brief brief() {
        return open.plan().brief();
    }

    OpenPlan open() {
        return open;
    }

    /** Returns the words that are searched for. */
    StringProperty typed() {
        return typed;
    }

    /** Returns which exercises are shown. */
    ObjectProperty<Filter> filter() {
        return filter;
    }

    /** Returns the exercise whose page is shown. */
    ObjectProperty<Optional<Exercise>> selected() {
        return selected;
    }

    /** Returns the card that is being written. */
    ObjectProperty<Optional<Card>> edited() {
        return edited;
    }

    void setShowHidden(boolean show) {
        showHidden = show;
    }

    /** Returns what the words and the filter leave, the best first. */
    List<Exercise> found() {
        if (showHidden) {
            return library().hidden();
        }
        return library().search(typed.get()).stream().filter(each -> filter.get().shows(each, brief())
                && (!filter.get().ownOnly() || isOwn(each))).toList();
    }

    boolean isOwn(Exercise exercise) {
        return library().own().has(exercise.id());
    }

    boolean isHidden(Exercise exercise) {
        return library().own().hidden().contains(exercise.id());
    }

    /** Finds an exercise that another one names. */
    Optional<Exercise> find(String id) {
        return library().find(id);
    }

    /** Returns what the plan uses of it: "in this class 2 times", or nothing. */
    String used(Exercise exercise) {
        long times = open.plan().items().filter(item -> item.exercise().id().equals(exercise.id())).count();
        return times == 0 ? "" : times == 1 ? "in this class" : "in this class %d times".formatted(times);
    }

    void startNew() {
        edited.set(Optional.of(Card.blank("")));
    }

    /** Starts to write a copy of an exercise as an own one. */
    void startCopy(Exercise exercise) {
        Card card = Card.of(exercise.withName(exercise.name() + ", my way"));
        edited.set(Optional.of(new Card("", card.texts())));
    }

    void startChange(Exercise exercise) {
        edited.set(Optional.of(Card.of(exercise)));
    }

    void stopWriting() {
        edited.set(Optional.empty());
    }

    /** Takes a card over as an own exercise. Returns what is wrong with it; no problems when it was taken. */
    Card.Outcome take(Card card) {
        Card.Outcome outcome = new Card(card.id().isEmpty() ? freeId(library(), card) : card.id(),
                card.texts()).read();
        outcome.exercise().flatMap(exercise -> taken(card, exercise)).ifPresent(exercise -> {
            edited.set(Optional.empty());
            selected.set(Optional.of(exercise));
            boolean used = open.plan().items().anyMatch(item -> item.exercise().id().equals(exercise.id())
                    && !item.exercise().equals(exercise));
            if (used) {
                open.edit(exercise.name() + " as changed", plan -> Addables.refresh(plan, exercise));
            }
        });
        return outcome;
    }

    /** A new one gets an id that is free among those on the disk: another window may have made one of the name. */
    private Optional<Exercise> taken(Card card, Exercise exercise) {
        AtomicReference<Exercise> taken = new AtomicReference<>(exercise);
        boolean done = change(own -> {
            if (card.id().isEmpty()) {
                taken.set(exercise.withId(freeId(library().with(own), card)));
            }
            return own.with(taken.get());
        });
        return done ? Optional.of(taken.get()) : Optional.empty();
    }

    private static String freeId(Library library, Card card) {
        return library.freeId(card.text(app.kehre.core.card.Field.NAME));
    }

    void remove(Exercise exercise) {
        if (change(own -> own.without(exercise.id()))) {
            selected.set(Optional.empty());
        }
    }

    void hide(Exercise exercise, boolean hide) {
        change(own -> own.withHidden(exercise.id(), hide));
    }

    /** Reads a table of own exercises; nothing is taken yet. */
    Optional<ImportedExercises> read(Path file) {
        try {
            table = disk.read(file);
            return Optional.of(ExerciseTable.read(table, library()));
        } catch (DiskTrouble fault) {
            trouble.accept(fault.sentence());
            return Optional.empty();
        }
    }

    /** Takes over the exercises of the table that was read, beside those that are on the disk by now. */
    void takeTable() {
        change(own -> own.withAll(ExerciseTable.read(table, library().with(own)).good()));
    }

    /** Writes what is found as a table. */
    void export(Path file) {
        try {
            disk.replace(file, ExerciseTable.write(found()).getBytes(StandardCharsets.UTF_8));
        } catch (DiskTrouble fault) {
            trouble.accept(fault.sentence());
        }
    }

    private boolean change(UnaryOperator<OwnExercises> change) {
        try {
            ownLibrary.change(change);
            return true;
        } catch (DiskTrouble fault) {
            trouble.accept(fault.sentence());
            return false;
        }
    }
}
