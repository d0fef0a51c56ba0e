package app.kehre.desk.window;

import java.nio.file.Path;
import java.text.Normalizer;
import java.time.Duration;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.FreeFile;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlanInFile.Found;
import app.kehre.desk.session.ReadPlan;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** New, open, save: nothing that was not saved goes away without being asked for, and nothing of anybody else's. */
final class PlanFiles {

    private static final String TROUBLE = "file trouble";
    private static final String ASK = "unsaved";
    private static final String UNKEPT = "unkept";
    private static final String PACE = "pace";
    private static final String KEPT = "kept";
    private static final Way ALL_RIGHT = new Way("All right", () -> {});

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Surroundings around;
    private final NoticeBar notices;
    private final Targets targets;
    private final Elsewhere elsewhere;

    PlanFiles(OpenPlan open, Supplier<Library> library, Surroundings around, NoticeBar notices) {
        this.open = open;
        this.library = library;
        this.around = around;
        this.notices = notices;
        this.targets = new Targets(around, notices);
        this.elsewhere = new Elsewhere(open, around, notices, this);
    }

    Targets targets() {
        return targets;
    }

    void open() {
        unlessUnsaved(() -> around.files().toOpen(FileChoice.Kind.PLAN).ifPresent(this::open));
    }

    void open(Path file) {
        read(file, " The open class is unchanged.").ifPresent(found -> {
            open.open(found.document(), found.lies());
            notices.dismiss(TROUBLE);
            sayPace();
            elsewhere.settled();
        });
    }

    /** Says once by how much a class from before plans carried their pace is longer or shorter now. */
    void sayPace() {
        Optional<Duration> before = open.document().lengthBefore().filter(_ -> !open.unsaved().get());
        if (before.isEmpty()) {
            notices.dismiss(PACE);
            return;
        }
        notices.show(PACE,
                ("This plan is from before plans carried their pace. It was about %s long; at today's pace,"
                        + " taught \u201c%s\u201d, it is %s.").formatted(Lengths.clock(before.get()),
                                open.plan().brief().teaching().called(),
                                Lengths.clock(Timeline.of(open.plan()).total())),
                List.of(ALL_RIGHT));
    }

    /** Reads a file, or says why it cannot be read. */
    Optional<ReadPlan> read(Path file, String consequence) {
        try {
            return Optional.of(ReadPlan.of(file, around.disk(), library.get()));
        } catch (DiskTrouble trouble) {
            tell(trouble.sentence() + consequence);
        } catch (UnreadableFile fault) {
            tell(fault.sentence() + consequence);
        }
        return Optional.empty();
    }

    void save() {
        save(() -> {});
    }

    void saveAs() {
        saveAs(() -> {});
    }

    /** Saves to the plan's own file, or asks for one, and goes on when it is saved. */
    void save(Runnable then) {
        open.file().get().ifPresentOrElse(file -> saveToOwn(file, then), () -> saveAs(then));
    }

    private void saveAs(Runnable then) {
        targets.ask(FileChoice.Kind.PLAN, suggestion(), file -> saveTo(file, then));
    }

    /** What somebody else has made of the file meanwhile is not written over without being asked for. */
    private void saveToOwn(Path file, Runnable then) {
        Found found = open.inFile().map(lies -> lies.look(around.disk())).orElse(Found.SAME);
        if (found == Found.CHANGED) {
            elsewhere.ask();
        } else {
            saveTo(file, then);
        }
    }

    /** Writes the class to a file, whatever lies there, and goes on. */
    void saveTo(Path file, Runnable then) {
        write(file, () -> open.save(file, around.disk()), then);
    }

    /** Writes the class to a new file, and goes on with it. */
    void saveNew(Path file) {
        write(file, () -> open.saveNew(file, around.disk()), () -> {});
    }

    private interface Write {
        void run() throws DiskTrouble;
    }

    private void write(Path file, Write write, Runnable then) {
        try {
            write.run();
            List.of(TROUBLE, ASK, UNKEPT).forEach(notices::dismiss);
            elsewhere.settled();
            then.run();
        } catch (DiskTrouble trouble) {
            Way other = new Way("Save elsewhere\u2026", () -> saveAs(then));
            Way later = new Way("Later", () -> {});
            notices.show(TROUBLE, trouble.sentence() + " The class is still open.",
                    trouble.folderIsMissing()
                            ? List.of(other, new Way("Make the folder", () -> makeFolder(file, then)), later)
                            : List.of(other, later));
        }
    }

    private void makeFolder(Path file, Runnable then) {
        write(file, () -> {
            around.disk().makeFolder(file.toAbsolutePath().resolveSibling(""));
            open.save(file, around.disk());
        }, then);
    }

    /** Goes on at once if all is saved, else asks first. Returns whether it went on. */
    boolean unlessUnsaved(Runnable goOn) {
        if (!open.unsaved().get()) {
            goOn.run();
            return true;
        }
        if (open.file().get().isEmpty() && keep()) {
            goOn.run();
            return true;
        }
        notices.show(ASK,
                "\u201c%s\u201d has changes that no file has yet.".formatted(open.plan().brief().title()),
                List.of(new Way("Save", () -> save(goOn)), new Way("Drop the changes", goOn),
                        new Way("Stay", () -> {})));
        return false;
    }

    /** Keeps a class that lies in no file yet among the others. Returns whether it is kept. */
    private boolean keep() {
        Path folder = around.data().resolve("classes");
        try {
            around.disk().makeFolder(folder);
            Path file = FreeFile.create(around.disk(), folder.resolve(suggestion() + PlanDocument.ENDING),
                    open.document().bytes());
            notices.show(KEPT,
                    "\u201c%s\u201d is kept as %s in Classes.".formatted(open.plan().brief().title(),
                            file.getFileName()),
                    List.of(ALL_RIGHT));
            return true;
        } catch (DiskTrouble trouble) {
            return false;
        }
    }

    /** Looks whether somebody else has changed the file of the open class, and says so. */
    void lookAgain() {
        elsewhere.look();
    }

    /** Says that a crash would now lose work. */
    void tellUnkept(DiskTrouble trouble) {
        notices.show(UNKEPT, "The class is not being kept for recovery: %s Save it soon."
                .formatted(trouble.sentence()), List.of(ALL_RIGHT));
    }

    /** Says a sentence that must not be missed. */
    void tell(String sentence) {
        tell(TROUBLE, sentence);
    }

    /** Says a sentence that must not be missed; one of another topic stays beside it. */
    void tell(String topic, String sentence) {
        notices.show(topic, sentence, List.of(ALL_RIGHT));
    }

    /** Returns a file name without its ending, made of the title. */
    String suggestion() {
        String plain = Normalizer.normalize(open.plan().brief().title(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "").toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "class" : plain;
    }
}
