package app.kehre.formats.sheet;

import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.exercise.Role;
import app.kehre.core.sheet.FloorSheet.Row;

/** A line: name, sides to tick, dose, cue. */
final class FloorLine implements FloorBox {

    private final FloorType type;
    private final Row.Line line;
    private final Role role;
    /** What changes before it, in its frame on the same line; may be empty. */
    private final String change;
    private final List<String> names;
    private final List<String> below;
    /** The dose, where it stands below the name. */
    private final List<String> under;

    FloorLine(FloorType type, Row.Line line, Role role, String change, List<String> names, List<String> below,
            List<String> under) {
        this.type = type;
        this.line = line;
        this.change = change;
        this.role = role;
        this.names = names;
        this.below = below;
        this.under = under;
    }

    @Override
    public float height() {
        return names.size() * type.name().leading() + under.size() * type.dose().leading()
                + below.size() * type.cue().leading() + 0.5f;
    }

    @Override
    public boolean keeps() {
        return false;
    }

    @Override
    public boolean cramped() {
        return names.size() > FloorType.MOST_LINES;
    }

    @Override
    public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        FloorType.edge(pen, role, left, top, height());
        float x = left + FloorType.INDENT + (line.inside() ? FloorType.INDENT : 0);
        float y = top;
        if (!change.isEmpty()) {
            FloorType.frame(pen, x, y - type.name().leading() + 1,
                    type.cue().width(change) + 2 * FloorType.GAP, type.name().leading() - 1);
            type.cue().write(pen, change, x + FloorType.GAP,
                    y - type.name().leading() + type.name().size() * 0.22f, false);
            x += type.cue().width(change) + 3 * FloorType.GAP;
        }
        for (String words : names) {
            y -= type.name().leading();
            type.name().write(pen, words, x, y + type.name().size() * 0.22f, false);
        }
        float after = x + type.name().width(names.getLast()) + FloorType.GAP;
        if (!under.isEmpty()) {
            after = x;
        }
        float sidesAt = under.isEmpty() ? y : y - type.dose().leading();
        for (int i = 0; i < line.sides().length(); i++) {
            box(pen, line.sides().substring(i, i + 1), after + i * (FloorType.BOX + 4), sidesAt + 2);
        }
        for (String words : under.isEmpty() ? List.of(line.dose()) : under) {
            y -= under.isEmpty() ? 0 : type.dose().leading();
            type.dose().write(pen, words, left + width, y + type.name().size() * 0.22f, true);
        }
        for (String words : below) {
            y -= type.cue().leading();
            type.cue().write(pen, words, x, y + 4, false);
        }
    }

    private void box(PdfContentByte pen, String side, float x, float y) throws MissingGlyph {
        pen.setColorStroke(Inks.INK);
        pen.setLineWidth(1.2f);
        pen.roundRectangle(x, y, FloorType.BOX, FloorType.BOX + 1, 3);
        pen.stroke();
        type.head().write(pen, side, x + (FloorType.BOX - type.head().width(side)) / 2, y + 2.5f, false);
    }
}
