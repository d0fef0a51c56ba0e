package app.kehre.formats.sheet;

import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.sheet.FloorSheet;

/** The head of a block: when, what, the tempo, and what changes. */
final class FloorHead implements FloorBox {

    private final FloorType type;
    private static final float ABOVE = 3;

    private final FloorSheet.Block block;
    private final List<String> lines;
    private final String change;

    FloorHead(FloorType type, FloorSheet.Block block, List<String> lines, String change) {
        this.type = type;
        this.block = block;
        this.lines = lines;
        this.change = change;
    }

    @Override
    public float height() {
        return ABOVE + lines.size() * type.head().leading() + 2;
    }

    @Override
    public boolean keeps() {
        return true;
    }

    @Override
    public boolean cramped() {
        return lines.size() > FloorType.MOST_LINES;
    }

    @Override
    public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        FloorType.edge(pen, block.role(), left, top - ABOVE, height() - ABOVE);
        float y = top - ABOVE - FloorPdf.LEAST;
        type.cue().write(pen, block.tempo(), left + width, y, true);
        if (!change.isEmpty()) {
            float x = left + FloorType.INDENT + type.head().width(lines.getFirst()) + FloorType.GAP;
            FloorType.frame(pen, x, y - 4, type.cue().width(change) + 2 * FloorType.GAP, FloorPdf.LEAST + 4);
            type.cue().write(pen, change, x + FloorType.GAP, y, false);
        }
        for (String line : lines) {
            type.head().write(pen, line, left + FloorType.INDENT, y, false);
            y -= type.head().leading();
        }
    }
}
