package app.kehre.desk.sheet;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.Executor;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.exercise.Library;
import app.kehre.core.sheet.HandOut;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.sheet.HandOutPdf;
import app.kehre.formats.sheet.SheetKind;
import app.kehre.formats.sheet.Unprintable;

/** The printed sheet of the open class, made away from the JavaFX thread. */
public final class SheetViewModel {

    /** Dots per inch of the pictures: sharp on screen at twice its usual resolution. */
    private static final float DPI = 150;

    /** What there is to see. */
    sealed interface Preview {

        /** The sheet is being made. */
        record InTheMaking() implements Preview {}

        /** The sheet, as PDF and as pictures. */
        record Ready(byte[] pdf, List<BufferedImage> pages) implements Preview {}

        /** The sheet could not be made, and why. */
        record Refused(String sentence) implements Preview {}
    }

    private final ReadOnlyObjectWrapper<Preview> preview = new ReadOnlyObjectWrapper<>(
            new Preview.InTheMaking());
    private final Executor worker;
    private final Disk disk;
    private final Supplier<Library> library;
    private final ObjectProperty<SheetKind> kind = new SimpleObjectProperty<>(SheetKind.FLOOR);
    private final Set<String> staying = new HashSet<>();
    private Optional<Timeline> shown = Optional.empty();
    private int newest;

    /**
     * Makes a view model that makes its sheets on a worker.
     *
     * @param library what may be used to mend a class
     */
    public SheetViewModel(Executor worker, Disk disk, Supplier<Library> library) {
        this.worker = worker;
        this.disk = disk;
        this.library = library;
        kind.addListener(_ -> shown.ifPresent(this::show));
    }

    /** Returns the names of what could be taken home from the class, in order. */
    List<String> forHome() {
        return shown.map(timeline -> HandOut.of(timeline).pieces().stream().map(HandOut.Piece::name).toList())
                .orElse(List.of());
    }

    /** Returns whether it stays out of the hand-out. */
    boolean staysHere(String name) {
        return staying.contains(name);
    }

    /** Takes something into the hand-out, or leaves it out. */
    void takeHome(String name, boolean taken) {
        if (taken ? staying.remove(name) : staying.add(name)) {
            shown.ifPresent(this::show);
        }
    }

    /** Returns which sheet is shown. */
    ObjectProperty<SheetKind> kind() {
        return kind;
    }

    ReadOnlyObjectProperty<Preview> preview() {
        return preview.getReadOnlyProperty();
    }

    /** Makes the sheet of a class; one that is still being made is dropped. */
    public void show(Timeline timeline) {
        int mine = ++newest;
        shown = Optional.of(timeline);
        SheetKind wanted = kind.get();
        Library all = library.get();
        Set<String> without = Set.copyOf(staying);
        preview.set(new Preview.InTheMaking());
        worker.execute(() -> {
            Preview made = make(timeline, wanted, all, without);
            Platform.runLater(() -> {
                if (mine == newest) {
                    preview.set(made);
                }
            });
        });
    }

    private static Preview make(Timeline timeline, SheetKind kind, Library library, Set<String> without) {
        try {
            byte[] pdf = kind == SheetKind.HAND_OUT
                    ? HandOutPdf.of(HandOut.of(timeline).without(without))
                    : kind.pdf(timeline, library);
            return new Preview.Ready(pdf, SheetPages.render(pdf, DPI));
        } catch (Unprintable missing) {
            return new Preview.Refused(missing.sentence());
        }
    }

    /** Returns whether the sheet is there. */
    public boolean ready() {
        return preview.get() instanceof Preview.Ready;
    }

    /**
     * Writes the sheet.
     *
     * @throws DiskTrouble when it could not be written, or is not there
     */
    public void save(Path to) throws DiskTrouble {
        switch (preview.get()) {
            case Preview.Ready(byte[] pdf, List<BufferedImage> _) -> disk.replace(to, pdf);
            case Preview.Refused(String sentence) -> throw new DiskTrouble(sentence);
            case Preview.InTheMaking() ->
                throw new DiskTrouble("The sheet is still being made. Try again in a moment.");
        }
    }
}
