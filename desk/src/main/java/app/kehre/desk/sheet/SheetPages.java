package app.kehre.desk.sheet;

import java.awt.image.BufferedImage;
import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.rendering.ImageType;
import org.apache.pdfbox.rendering.PDFRenderer;

/** The pages of a PDF as pictures. */
final class SheetPages {

    private SheetPages() {}

    /**
     * Returns a picture of each page.
     *
     * @throws IllegalStateException when the PDF that Kehre made is faulty
     */
    static List<BufferedImage> render(byte[] pdf, float dpi) {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFRenderer renderer = new PDFRenderer(document);
            List<BufferedImage> pages = new ArrayList<>();
            for (int i = 0; i < document.getNumberOfPages(); i++) {
                pages.add(renderer.renderImageWithDPI(i, dpi, ImageType.RGB));
            }
            return pages;
        } catch (IOException fault) {
            throw new IllegalStateException("The sheet could not be drawn.", fault);
        }
    }
}
