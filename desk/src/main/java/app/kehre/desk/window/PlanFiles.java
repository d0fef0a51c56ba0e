package app.kehre.desk.window;

import java.nio.file.Path;
import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlainName;
import app.kehre.desk.session.PlanInFile;
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
        this.elsewhere = new Elsewhere(open, library, around, notices, this);
    }

    Targets targets() {
        return targets;
    }

    void open() {
        unlessUnsaved(() -> around.files().toOpen(FileChoice.Kind.PLAN).ifPresent(this::open));
    }

    void open(Path file) {
        read(file, " The open class is unchanged.").ifPresent(found -> {
            open.open(found.document(), new Home.InFile(found.lies()));
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

    /** Saves to where the plan lives, a new one into the studio, and goes on when it is saved. */
    void save(Runnable then) {
        switch (open.home().get()) {
            case Home.InFile(PlanInFile lies) -> saveToOwn(lies.file(), then);
            case Home.InStudio(long version) -> keep(version, then);
            case Home.Nowhere _ -> {
                if (around.studio().isKept()) {
                    keep(Plans.NONE, then);
                } else {
                    saveAs(then);
                }
            }
        }
    }

    /** A class that lives in the studio is written to a file as a copy to send; else it lives in the file from then on. */
    private void saveAs(Runnable then) {
        boolean stays = open.home().get() instanceof Home.InStudio && around.studio().isKept();
        targets.ask(FileChoice.Kind.PLAN, suggestion(), file -> {
            if (stays) {
                send(file);
            } else {
                saveTo(file, then);
            }
        });
    }

    private void send(Path file) {
        try {
            around.disk().replace(file, open.document().bytes());
            notices.show(KEPT, "A copy of \u201c%s\u201d lies in %s; the class itself stays in the studio."
                    .formatted(open.plan().brief().title(), file.getFileName()), List.of(ALL_RIGHT));
        } catch (DiskTrouble trouble) {
            tell(trouble.sentence());
        }
    }

    /**
     * Keeps the class in the studio, on top of a version, and goes on.
     *
     * @return whether it is kept
     */
    boolean keep(long after, Runnable then) {
        try {
            open.keep(around.studio().studio().plans(), after, around.clock().instant());
            List.of(TROUBLE, ASK, UNKEPT).forEach(notices::dismiss);
            elsewhere.settled();
            then.run();
            return true;
        } catch (ChangedElsewhere _) {
            elsewhere.askStudio();
        } catch (StudioTrouble trouble) {
            notices.show(TROUBLE, trouble.sentence() + " The class is still open.",
                    List.of(new Way("Save as a file\u2026",
                            () -> targets.ask(FileChoice.Kind.PLAN, suggestion(),
                                    file -> saveTo(file, then))),
                            new Way("Later", () -> {})));
        }
        return false;
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
        if (open.file().get().isEmpty() && around.studio().isKept()) {
            return keptAndGone(goOn);
        }
        notices.show(ASK,
                "\u201c%s\u201d has changes that no file has yet.".formatted(open.plan().brief().title()),
                List.of(new Way("Save", () -> save(goOn)), new Way("Drop the changes", goOn),
                        new Way("Stay", () -> {})));
        return false;
    }

    /** What lives in the studio, or nowhere yet, is kept without a question: every version of it can be had back. */
    private boolean keptAndGone(Runnable goOn) {
        boolean fresh = open.home().get() instanceof Home.Nowhere;
        String title = open.plan().brief().title();
        long after = open.home().get() instanceof Home.InStudio(long version) ? version : Plans.NONE;
        return keep(after, () -> {
            if (fresh) {
                notices.show(KEPT, "\u201c%s\u201d is kept in Classes.".formatted(title), List.of(ALL_RIGHT));
            }
            goOn.run();
        });
    }

    /** Opens a class, or says why not. */
    void open(Classes.Where where) {
        switch (where) {
            case Classes.Where.InFile(Path file) -> open(file);
            case Classes.Where.InStudio(StoredPlan stored) -> open(stored);
        }
    }

    /** Returns whether it is the class that is open, and nobody has changed it elsewhere since. */
    boolean isOpen(Classes.Where where) {
        return switch (where) {
            case Classes.Where.InFile(Path file) -> open.inFile()
                    .filter(lies -> lies.file().toAbsolutePath().equals(file.toAbsolutePath()))
                    .filter(lies -> lies.look(around.disk()) == PlanInFile.Found.SAME).isPresent();
            case Classes.Where.InStudio(StoredPlan stored) ->
                open.home().get() instanceof Home.InStudio(long version)
                        && open.plan().identity().plan().equals(stored.plan()) && version == latest(stored);
        };
    }

    private long latest(StoredPlan stored) {
        try {
            return around.studio().studio().plans().find(stored.plan()).orElse(stored).version();
        } catch (StudioTrouble trouble) {
            return stored.version();
        }
    }

    /** Opens a class of the studio, or says why not. */
    void open(StoredPlan stored) {
        try {
            StoredPlan now = around.studio().studio().plans().find(stored.plan()).orElse(stored);
            open(now, now.version());
        } catch (StudioTrouble trouble) {
            tell(trouble.sentence() + " The open class is unchanged.");
        } catch (UnreadableFile fault) {
            tell(fault.sentence() + " The open class is unchanged.");
        }
    }

    private void open(StoredPlan stored, long version) throws StudioTrouble, UnreadableFile {
        PlanDocument document = PlanDocument.read(stored.title(),
                around.studio().studio().plans().document(version), library.get());
        open.open(document, new Home.InStudio(version));
        notices.dismiss(TROUBLE);
        sayPace();
        elsewhere.settled();
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
        return PlainName.of(open.plan().brief().title());
    }
}
