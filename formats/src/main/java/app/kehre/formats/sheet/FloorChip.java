package app.kehre.formats.sheet;

import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.exercise.Role;

/** What changes, in a thin frame. */
final class FloorChip implements FloorBox {

    private final FloorType type;
    private final List<String> lines;
    private final Role role;

    FloorChip(FloorType type, List<String> lines, Role role) {
        this.type = type;
        this.lines = lines;
        this.role = role;
    }

    @Override
    public float height() {
        return lines.size() * type.cue().leading() + 5;
    }

    @Override
    public boolean keeps() {
        return false;
    }

    @Override
    public boolean cramped() {
        return false;
    }

    @Override
    public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        FloorType.edge(pen, role, left, top, height());
        float widest = 0;
        for (String line : lines) {
            widest = Math.max(widest, type.head().width(line));
        }
        FloorType.frame(pen, left + FloorType.INDENT, top - height() + 1,
                Math.min(width - FloorType.INDENT, widest + 2 * FloorType.GAP),
                height() - 2);
        float y = top - 1;
        for (String line : lines) {
            y -= type.cue().leading();
            type.head().write(pen, line, left + FloorType.INDENT + FloorType.GAP, y + 3, false);
        }
    }
}
