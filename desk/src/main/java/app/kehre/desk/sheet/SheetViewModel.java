package app.kehre.desk.sheet;

import java.awt.image.BufferedImage;
import java.nio.file.Path;
import java.util.List;
import java.util.concurrent.Executor;
import javafx.application.Platform;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.sheet.CribSheet;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.sheet.MissingGlyph;
import app.kehre.formats.sheet.SheetPdf;

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
    private int newest;

    /** Makes a view model that makes its sheets on a worker. */
    public SheetViewModel(Executor worker, Disk disk) {
        this.worker = worker;
        this.disk = disk;
    }

    ReadOnlyObjectProperty<Preview> preview() {
        return preview.getReadOnlyProperty();
    }

    /** Makes the sheet of a class; one that is still being made is dropped. */
    public void show(Timeline timeline) {
        int mine = ++newest;
        preview.set(new Preview.InTheMaking());
        worker.execute(() -> {
            Preview made = make(timeline);
            Platform.runLater(() -> {
                if (mine == newest) {
                    preview.set(made);
                }
            });
        });
    }

    private static Preview make(Timeline timeline) {
        try {
            byte[] pdf = SheetPdf.of(CribSheet.of(timeline));
            return new Preview.Ready(pdf, SheetPages.render(pdf, DPI));
        } catch (MissingGlyph missing) {
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
