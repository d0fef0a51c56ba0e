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
 * The floor sheet as PDF on A4 across, in columns, or on cards of A5, a block each: as large as one page bears, else on
 * as many pages as it takes at the least size. Names have at least {@value #LEAST_NAME} points, all else at least {@value #LEAST}, the foot
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

    private static final List<Integer> ONE = List.of(1);

    private final FloorSheet sheet;
    private final Rectangle page;
    private final List<Integer> columns;
    private final SheetFonts fonts;

    private FloorPdf(FloorSheet sheet, Rectangle page, List<Integer> columns, SheetFonts fonts) {
        this.sheet = sheet;
        this.page = page;
        this.columns = columns;
        this.fonts = fonts;
    }

    /**
     * Returns the sheet as PDF.
     *
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] of(FloorSheet sheet) throws MissingGlyph {
        SheetFonts fonts = new SheetFonts();
        return written(sheet.title(), List.of(new FloorPdf(sheet, PageSize.A4.rotate(), COLUMNS, fonts)));
    }

    /**
     * Returns a card of A5 for each block.
     *
     * @throws NothingToPrint when there are none
     * @throws MissingGlyph when a character cannot be printed
     */
    public static byte[] cards(FloorSheet sheet) throws NothingToPrint, MissingGlyph {
        if (sheet.blocks().isEmpty()) {
            throw new NothingToPrint("This class has nothing to teach yet, so there are no cards to print.");
        }
        SheetFonts fonts = new SheetFonts();
        return written(sheet.title(), sheet.blocks().stream()
                .map(block -> new FloorPdf(sheet.only(block), PageSize.A5.rotate(), ONE, fonts)).toList());
    }

    /** The columns of all pages. */
    private record Laid(FloorType type, float width, int columns, List<List<FloorBox>> filled) {
        int pages() {
            return Math.ceilDiv(filled.size(), columns);
        }
    }

    private static byte[] written(String title, List<FloorPdf> sheets) throws MissingGlyph {
        ByteArrayOutputStream out = new ByteArrayOutputStream();
        Document document = new Document(sheets.isEmpty() ? PageSize.A5 : sheets.getFirst().page, MARGIN,
                MARGIN,
                MARGIN, MARGIN);
        PdfWriter writer = PdfWriter.getInstance(document, out);
        document.addTitle(title);
        document.addCreator("Kehre");
        document.open();
        for (FloorPdf each : sheets) {
            document.newPage();
            each.write(document, writer);
        }
        document.close();
        return out.toByteArray();
    }

    private void write(Document document, PdfWriter writer) throws MissingGlyph {
        FloorFrame frame = new FloorFrame(writer.getDirectContent(), fonts, sheet, page, MARGIN);
        Laid laid = laid(frame);
        for (int at = 0; at < laid.pages(); at++) {
            if (at > 0) {
                document.newPage();
            }
            frame.draw(at + 1, laid.pages());
            int from = at * laid.columns();
            draw(laid, laid.filled().subList(from, Math.min(laid.filled().size(), from + laid.columns())),
                    writer.getDirectContent(), page.getTop() - MARGIN - frame.headHeight());
        }
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
    private Laid laid(FloorFrame frame) throws MissingGlyph {
        for (FloorType type : types()) {
            Optional<Laid> found = onOnePage(type, frame);
            if (found.isPresent()) {
                return found.get();
            }
        }
        return laid(new FloorType(fonts, LEAST_NAME, Lettering.AIRY, FloorType.Cues.ALL), frame,
                columns.getLast());
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

    private Optional<Laid> onOnePage(FloorType type, FloorFrame frame) throws MissingGlyph {
        for (int number : columns) {
            Laid laid = laid(type, frame, number);
            if (laid.pages() == 1 && laid.filled().stream().flatMap(List::stream)
                    .noneMatch(FloorBox::cramped)) {
                return Optional.of(laid);
            }
        }
        return Optional.empty();
    }

    /** Fills columns from the left; a head never stands alone at the foot of one. */
    private Laid laid(FloorType type, FloorFrame frame, int number) throws MissingGlyph {
        float width = (page.getWidth() - 2 * MARGIN - (number - 1) * APART) / number;
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
        return new Laid(type, width, number, filled);
    }
}
