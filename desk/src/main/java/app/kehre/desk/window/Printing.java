package app.kehre.desk.window;

import java.util.List;
import java.util.Optional;
import javafx.print.PageLayout;
import javafx.print.PageOrientation;
import javafx.print.Paper;
import javafx.print.Printer;
import javafx.print.PrinterJob;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.stage.Window;

/** Sends pages to a printer of this computer. */
final class Printing {

    private static final String NO_PRINTER = "This computer has no printer set up. Save the sheet as PDF and"
            + " print it elsewhere.";

    private Printing() {}

    /** Prints after asking for a printer. Returns the sentence that says why not, or nothing. */
    static Optional<String> print(List<Image> pages, Window owner) {
        Optional<PrinterJob> job = Optional.ofNullable(Printer.getDefaultPrinter())
                .map(PrinterJob::createPrinterJob);
        if (job.isEmpty()) {
            return Optional.of(NO_PRINTER);
        }
        if (!job.get().showPrintDialog(owner)) {
            job.get().cancelJob();
            return Optional.of("Nothing was printed.");
        }
        PageLayout layout = job.get().getPrinter().createPageLayout(Paper.A4, PageOrientation.PORTRAIT, 0, 0,
                0, 0);
        for (Image page : pages) {
            ImageView view = new ImageView(page);
            view.setPreserveRatio(true);
            view.setFitWidth(layout.getPrintableWidth());
            view.setFitHeight(layout.getPrintableHeight());
            if (!job.get().printPage(layout, view)) {
                job.get().cancelJob();
                return Optional.of("The printer did not take the sheet: %s."
                        .formatted(job.get().getJobStatus()));
            }
        }
        return job.get().endJob() ? Optional.empty() : Optional.of("The printer did not finish the sheet.");
    }
}
