package app.kehre.formats.sheet;

import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.exercise.Role;

/** A word about what follows. */
final class FloorWords implements FloorBox {

    private final FloorType type;
    private final List<String> lines;
    private final Role role;

    FloorWords(FloorType type, List<String> lines, Role role) {
        this.type = type;
        this.lines = lines;
        this.role = role;
    }

    @Override
    public float height() {
        return lines.size() * type.cue().leading() + 3;
    }

    @Override
    public boolean keeps() {
        return true;
    }

    @Override
    public boolean cramped() {
        return false;
    }

    @Override
    public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        FloorType.edge(pen, role, left, top, height());
        float y = top;
        for (String line : lines) {
            y -= type.cue().leading();
            type.cue().write(pen, line, left + FloorType.INDENT, y + 4, false);
        }
    }
}
