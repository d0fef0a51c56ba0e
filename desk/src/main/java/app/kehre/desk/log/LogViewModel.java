package app.kehre.desk.log;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.exercise.Library;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Estimate;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.RecordKey;
import app.kehre.core.log.Recording;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.Doing;
import app.kehre.core.studio.FitnessChecks;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.UsualBrief;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** The classes that were taught and what is learned from them, without a single node. To be used on the JavaFX thread. */
public final class LogViewModel {

    private final OpenStudio studio;
    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Clock clock;
    private final Consumer<String> onTrouble;
    private final Runnable onChange;
    private final Latest reading = new Latest("log");
    private final ReadOnlyObjectWrapper<Logged> logged = new ReadOnlyObjectWrapper<>(Logged.NOTHING);
    private Optional<RecordKey> looked = Optional.empty();
    private String wanted = "";

    /**
     * Makes a view model.
     *
     * @param onTrouble told a sentence, on any thread, when something could not be kept or read
     * @param onChange told when something was kept
     */
    public LogViewModel(OpenStudio studio, OpenPlan open, Supplier<Library> library, Clock clock,
            Consumer<String> onTrouble, Runnable onChange) {
        this.onChange = onChange;
        this.studio = studio;
        this.open = open;
        this.library = library;
        this.clock = clock;
        this.onTrouble = onTrouble;
    }

    /** Returns what is shown. */
    ReadOnlyObjectProperty<Logged> logged() {
        return logged.getReadOnlyProperty();
    }

    /** Reads everything anew. */
    public void show() {
        Optional<RecordKey> key = looked;
        String words = wanted;
        Pace usual = Pace.usual(open.plan().brief().group().older());
        reading.ask(() -> read(key, words, usual), found -> found.ifPresent(logged::set));
    }

    private Optional<Logged> read(Optional<RecordKey> key, String words, Pace usual) {
        try {
            return Optional.of(Logged.read(studio.studio(), key, words, usual));
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.sentence());
            return Optional.empty();
        }
    }

    /** Keeps the record of a class that was just taught, and looks at it. */
    public void taught(ClassRecord record, PlanDocument document) {
        looked = Optional.of(record.key());
        byte[] bytes = document.bytes();
        keep(kept -> kept.records().keep(record, bytes));
    }

    /** Keeps a great deal beside the JavaFX thread, then shows what there is. */
    public void fill(OpenStudio.Work work) {
        studio.beside(kept -> {
            work.with(kept);
            Platform.runLater(() -> {
                onChange.run();
                show();
            });
        }, onTrouble);
    }

    private void keep(OpenStudio.Work work) {
        studio.later(kept -> {
            work.with(kept);
            Platform.runLater(() -> {
                onChange.run();
                show();
            });
        }, onTrouble);
    }

    /** Looks at a class. */
    void look(RecordKey key) {
        looked = Optional.of(key);
        show();
    }

    /** Looks for classes by words. */
    void find(String words) {
        wanted = words;
        show();
    }

    private Optional<ClassRecord> shown() {
        return logged.get().shown();
    }

    /** Keeps what is said of the class that is looked at; it is shown at once. */
    void say(After after) {
        shown().ifPresent(record -> {
            logged.set(logged.get().with(record.with(after)));
            keep(kept -> kept.records().keep(record.key(), after));
        });
    }

    /** Lets the pace be learned from the class that is looked at, or leaves it out. */
    void learn(boolean so) {
        shown().ifPresent(record -> keep(kept -> kept.records().learn(record.key(), so)));
    }

    /** Forgets the class that is looked at. */
    void forget() {
        shown().ifPresent(record -> {
            looked = Optional.empty();
            keep(kept -> kept.records().forget(record.key()));
        });
    }

    /** Brings back a class that was forgotten. */
    void bringBack(ClassRecord record, byte[] document) {
        looked = Optional.of(record.key());
        keep(kept -> kept.records().keep(record, document));
    }

    /** Lets a value stay; nothing lets it be learned again. */
    void pin(PaceWishes.Key key, Optional<Double> value) {
        PaceWishes wishes = logged.get().wishes().withPinned(key, value);
        keep(kept -> kept.keep(wishes));
    }

    /** Forgets what was seen of a quantity so far. */
    void reset(Estimate estimate) {
        PaceWishes wishes = logged.get().wishes().withReset(estimate.key(), LocalDateTime.now(clock));
        keep(kept -> kept.keep(wishes));
    }

    /** Logs the open class, which was taught without the program. */
    void logByHand(LocalDateTime began, Duration length, Set<EntryId> leftOut) {
        taught(Recording.byHand(open.plan(), began, length, leftOut), open.document());
    }

    /** Returns the class that is open. */
    ClassPlan plan() {
        return open.plan();
    }

    /** Returns the day on which a weekly class comes next. */
    public LocalDate nextDay(LocalDate before) {
        LocalDate next = before.plusWeeks(1);
        while (next.isBefore(today())) {
            next = next.plusWeeks(1);
        }
        return next;
    }

    /** Returns today. */
    public LocalDate today() {
        return LocalDate.now(clock);
    }

    /** Asks for the classes of some days. */
    void between(LocalDate from, LocalDate to, Consumer<List<RecordRow>> show) {
        studio.later(kept -> {
            List<RecordRow> rows = kept.records().between(from, to);
            Platform.runLater(() -> show.accept(rows));
        }, onTrouble);
    }

    /** Asks when an exercise was done. */
    void doings(String exercise, int most, Consumer<List<Doing>> show) {
        studio.later(kept -> {
            List<Doing> doings = kept.records().doings(exercise, most);
            Platform.runLater(() -> show.accept(doings));
        }, onTrouble);
    }

    /** Asks what a group did, and how often, in some days. */
    void done(String group, LocalDate from, LocalDate to, Consumer<Map<String, Integer>> show) {
        studio.later(kept -> {
            Map<String, Integer> done = kept.records().done(group, from, to);
            Platform.runLater(() -> show.accept(done));
        }, onTrouble);
    }

    /** Asks what is usual for a group, in words: its slot, its people, what they have to watch, what they were promised. */
    void usual(String group, Consumer<String> show) {
        Library all = library.get();
        studio.later(kept -> UsualBrief.of(group, kept, all)
                .ifPresent(brief -> Platform.runLater(() -> show.accept(UsualBrief.words(brief)))),
                onTrouble);
    }

    /** Asks for the results of all checks. */
    void checks(Consumer<List<FitnessChecks.Result>> show) {
        studio.later(kept -> {
            List<FitnessChecks.Result> results = kept.checks().all();
            Platform.runLater(() -> show.accept(results));
        }, onTrouble);
    }

    /** Keeps the results of a check. */
    void keep(FitnessChecks.Result result) {
        studio.later(kept -> kept.checks().keep(result), onTrouble);
    }

    /** Returns the group of the open class; empty for none. */
    String group() {
        return open.plan().brief().group().regulars().name();
    }

    /** Asks for the plan of the class that is looked at, as it was begun. */
    public void planOf(ClassRecord record, Consumer<PlanDocument> show) {
        Library all = library.get();
        studio.later(kept -> {
            Optional<byte[]> bytes = kept.records().document(record.key());
            if (bytes.isEmpty()) {
                throw new StudioTrouble("The plan of this class was not kept.");
            }
            try {
                PlanDocument document = PlanDocument.read(record.heading().title(), bytes.get(), all);
                Platform.runLater(() -> show.accept(document));
            } catch (UnreadableFile fault) {
                throw new StudioTrouble(fault.sentence(), fault);
            }
        }, onTrouble);
    }

    /** Asks for the plan of a class as it was kept; no bytes when it was not. */
    void documentOf(ClassRecord record, Consumer<byte[]> show) {
        studio.later(kept -> {
            byte[] bytes = kept.records().document(record.key()).orElse(new byte[0]);
            Platform.runLater(() -> show.accept(bytes));
        }, onTrouble);
    }

    /** Returns the name of an exercise, or what else it was called. */
    String nameOf(String subject) {
        return library.get().find(subject).map(exercise -> exercise.name()).orElse(subject);
    }

    /** Copies the studio elsewhere, beside the JavaFX thread. */
    public void copyTo(Path to, Runnable done) {
        studio.later(_ -> {
            studio.copyTo(to);
            Platform.runLater(done);
        }, onTrouble);
    }
}
