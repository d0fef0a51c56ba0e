package app.kehre.formats.sheet;

import java.io.ByteArrayOutputStream;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.openpdf.text.Document;
import org.openpdf.text.PageSize;
import org.openpdf.text.Rectangle;
import org.openpdf.text.pdf.PdfContentByte;
import org.openpdf.text.pdf.PdfWriter;

import app.kehre.core.sheet.FloorSheet;

/**
 * The floor sheet as PDF on A4 across, in columns: as large as one page bears, else on as many pages as it takes at the
 * least size. Names have at least {@value #LEAST_NAME} points, all else at least {@value #LEAST}, the foot
 * {@value #FOOT}.
 */
public final class FloorPdf {

    static final float LEAST_NAME = 18;
    static final float LEAST = 16;
    static final float FOOT = 12;
    private static final float MARGIN = 14;
    private static final float APART = 14;
    private static final List<Float> NAMES = List.of(24f, 22f, 20f, 19f, 18f);
    private static final List<Integer> COLUMNS = List.of(2, 3);

    private final FloorSheet sheet;
    private final SheetFonts fonts = new SheetFonts();

    private FloorPdf(FloorSheet sheet) {
        this.sheet = sheet;
    }

    /**
     * Returns the sheet as PDF.
     *
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(FloorSheet sheet) throws MissingGlyph {
        return new FloorPdf(sheet).written();
    }

    /** The columns of all pages. */
    private record Laid(FloorType type, float width, int columns, List<List<FloorBox>> filled) {
        int pages() {
            return Math.ceilDiv(filled.size(), columns);
        }
    }

    private byte[] written() throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Rectangle page = PageSize.A4.rotate();
        Document document = new Document(page, MARGIN, MARGIN, MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        document.addTitle(sheet.title());
        document.addCreator("Kehre");
        document.open();
        FloorFrame frame = new FloorFrame(writer.getDirectContent(), fonts, sheet, page, MARGIN);
        Laid laid = laid(frame, page);
        for (int at = 0; at < laid.pages(); at++) {
            if (at > 0) {
                document.newPage();
            }
            frame.draw(at + 1, laid.pages());
            int from = at * laid.columns();
            draw(laid, laid.filled().subList(from, Math.min(laid.filled().size(), from + laid.columns())),
                    writer.getDirectContent(), page.getTop() - MARGIN - frame.headHeight());
        }
        document.close();
        return out.toByteArray();
    }

    private static void draw(Laid laid, List<List<FloorBox>> columns, PdfContentByte pen, float top)
            throws MissingGlyph {
        float left = MARGIN;
        for (List<FloorBox> column : columns) {
            float y = top;
            for (FloorBox box : column) {
                box.draw(pen, left, y, laid.width());
                y -= box.height();
            }
            left += laid.width() + APART;
        }
    }

    /** The largest type on one page, with as many cues as it bears; else the least on as many pages as it takes. */
    private Laid laid(FloorFrame frame, Rectangle page) throws MissingGlyph {
        for (FloorType type : types()) {
            Optional<Laid> found = onOnePage(type, frame, page);
            if (found.isPresent()) {
                return found.get();
            }
        }
        return laid(new FloorType(fonts, LEAST_NAME, Lettering.AIRY, FloorType.Cues.ALL), frame, page,
                COLUMNS.getLast());
    }

    private List<FloorType> types() {
        List<FloorType> types = new ArrayList<>();
        for (FloorType.Cues cues : FloorType.Cues.values()) {
            NAMES.forEach(name -> types.add(new FloorType(fonts, name, Lettering.AIRY, cues)));
        }
        for (FloorType.Cues cues : List.of(FloorType.Cues.OWN, FloorType.Cues.NONE)) {
            types.add(new FloorType(fonts, LEAST_NAME, Lettering.TIGHT, cues));
        }
        return types;
    }

    private Optional<Laid> onOnePage(FloorType type, FloorFrame frame, Rectangle page) throws MissingGlyph {
        for (int columns : COLUMNS) {
            Laid laid = laid(type, frame, page, columns);
            if (laid.pages() == 1 && laid.filled().stream().flatMap(List::stream)
                    .noneMatch(FloorBox::cramped)) {
                return Optional.of(laid);
            }
        }
        return Optional.empty();
    }

    /** Fills columns from the left; a head never stands alone at the foot of one. */
    private Laid laid(FloorType type, FloorFrame frame, Rectangle page, int columns) throws MissingGlyph {
        float width = (page.getWidth() - 2 * MARGIN - (columns - 1) * APART) / columns;
        float height = page.getHeight() - 2 * MARGIN - frame.headHeight() - frame.footHeight();
        List<List<FloorBox>> filled = new ArrayList<>(List.of(new ArrayList<>()));
        float used = 0;
        for (FloorSheet.Block block : sheet.blocks()) {
            List<FloorBox> boxes = type.boxes(block, width);
            for (int i = 0; i < boxes.size(); i++) {
                float needed = boxes.get(i).height()
                        + (boxes.get(i).keeps() && i + 1 < boxes.size() ? boxes.get(i + 1).height() : 0);
                if (used > 0 && used + needed > height) {
                    filled.add(new ArrayList<>());
                    used = 0;
                }
                filled.getLast().add(boxes.get(i));
                used += boxes.get(i).height();
            }
        }
        return new Laid(type, width, columns, filled);
    }
}
