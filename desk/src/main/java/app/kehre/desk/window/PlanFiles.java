package app.kehre.desk.window;

import java.nio.file.Path;
import java.text.Normalizer;
import java.time.LocalDate;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Supplier;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.Skeleton;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.Recovery;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** New, open, save: nothing that was not saved goes away without being asked for. */
final class PlanFiles {

    private static final String TROUBLE = "file trouble";
    private static final String ASK = "unsaved";
    private static final String RESCUE = "rescue";
    private static final String UNKEPT = "unkept";

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Surroundings around;
    private final NoticeBar notices;
    private final Recovery recovery;

    PlanFiles(OpenPlan open, Supplier<Library> library, Surroundings around, NoticeBar notices,
            Recovery recovery) {
        this.open = open;
        this.library = library;
        this.around = around;
        this.notices = notices;
        this.recovery = recovery;
    }

    void startNew() {
        unlessUnsaved(() -> open.open(
                PlanDocument.of(Skeleton.of(LocalDate.now(around.clock())), library.get()),
                Optional.empty()));
    }

    void open() {
        unlessUnsaved(() -> around.files().toOpen(FileChoice.Kind.PLAN).ifPresent(this::open));
    }

    void open(Path file) {
        try {
            PlanDocument document = PlanDocument.read(file.getFileName().toString(),
                    around.disk().read(file), library.get());
            open.open(document, Optional.of(file));
            notices.dismiss(TROUBLE);
        } catch (DiskTrouble trouble) {
            tell(trouble.sentence() + " The open class is unchanged.");
        } catch (UnreadableFile fault) {
            tell(fault.sentence() + " The open class is unchanged.");
        }
    }

    /** Saves to the plan's own file, or asks for one. Returns whether it is saved. */
    boolean save() {
        return open.file().get().map(this::saveTo).orElseGet(this::saveAs);
    }

    boolean saveAs() {
        return around.files().toWrite(FileChoice.Kind.PLAN, suggestion()).map(this::saveTo).orElse(false);
    }

    private boolean saveTo(Path file) {
        try {
            open.save(file, around.disk());
            notices.dismiss(TROUBLE);
            notices.dismiss(ASK);
            notices.dismiss(UNKEPT);
            return true;
        } catch (DiskTrouble trouble) {
            notices.show(TROUBLE, trouble.sentence() + " The class is still open.",
                    List.of(new Way("Save elsewhere\u2026", this::saveAs), new Way("Later", () -> {})));
            return false;
        }
    }

    /** Goes on at once if all is saved, else asks first. Returns whether it went on. */
    boolean unlessUnsaved(Runnable goOn) {
        if (!open.unsaved().get()) {
            goOn.run();
            return true;
        }
        notices.show(ASK,
                "\u201c%s\u201d has changes that no file has yet.".formatted(open.plan().brief().title()),
                List.of(new Way("Save", () -> {
                    if (save()) {
                        goOn.run();
                    }
                }), new Way("Drop the changes", goOn), new Way("Stay", () -> {})));
        return false;
    }

    /** Offers what an earlier run left unsaved when it broke off. */
    void offerRescue() {
        try {
            recovery.left().stream().findFirst().ifPresent(this::offerRescue);
        } catch (DiskTrouble trouble) {
            tell(trouble.sentence());
        }
    }

    private void offerRescue(Path file) {
        try {
            PlanDocument document = PlanDocument.read(file.getFileName().toString(),
                    around.disk().read(file), library.get());
            notices.show(RESCUE,
                    "Kehre broke off before \u201c%s\u201d was saved. Its last state was kept."
                            .formatted(document.plan().brief().title()),
                    List.of(new Way("Open it", () -> unlessUnsaved(() -> {
                        open.openRescued(document, Optional.empty());
                        recovery.discard(file);
                        offerRescue();
                    })), new Way("Throw it away", () -> {
                        recovery.discard(file);
                        offerRescue();
                    }), new Way("Later", () -> {})));
        } catch (DiskTrouble | UnreadableFile trouble) {
            notices.show(RESCUE,
                    "A class that was kept when Kehre broke off cannot be read: %s"
                            .formatted(trouble.getMessage()),
                    List.of(new Way("Throw it away", () -> recovery.discard(file)),
                            new Way("Later", () -> {})));
        }
    }

    /** Says that a crash would now lose work. */
    void tellUnkept(DiskTrouble trouble) {
        notices.show(UNKEPT, "The class is not being kept for recovery: %s Save it soon."
                .formatted(trouble.sentence()), List.of(new Way("All right", () -> {})));
    }

    /** Says a sentence that must not be missed. */
    void tell(String sentence) {
        notices.show(TROUBLE, sentence, List.of(new Way("All right", () -> {})));
    }

    /** Returns a file name without its ending, made of the title. */
    String suggestion() {
        String plain = Normalizer.normalize(open.plan().brief().title(), Normalizer.Form.NFD)
                .replaceAll("\\p{M}+", "").toLowerCase(Locale.ROOT).replaceAll("[^a-z0-9]+", "-")
                .replaceAll("^-|-$", "");
        return plain.isEmpty() ? "class" : plain;
    }
}
