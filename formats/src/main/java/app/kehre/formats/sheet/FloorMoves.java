package app.kehre.formats.sheet;

import java.util.ArrayList;
import java.util.List;

import org.openpdf.text.pdf.PdfContentByte;

import app.kehre.core.exercise.Role;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.FloorSheet.Row;

/** A combination: a box, its moves by the count at which they begin. */
final class FloorMoves implements FloorBox {

    private final FloorType type;
    private static final float COUNT = 30;
    private static final float LEAD = 20;

    private final Row.Moves moves;
    private final Role role;
    private final List<List<String>> names = new ArrayList<>();

    FloorMoves(FloorType type, Row.Moves moves, Role role, float width) throws MissingGlyph {
        this.type = type;
        this.moves = moves;
        this.role = role;
        for (FloorSheet.Move move : moves.moves()) {
            names.add(type.name().lines(move.words(), width - COUNT - LEAD - 2 * FloorType.GAP));
        }
    }

    @Override
    public float height() {
        int lines = names.stream().mapToInt(List::size).sum();
        return type.head().leading() + lines * type.name().leading() + names.size() * 2 + 8;
    }

    @Override
    public boolean keeps() {
        return false;
    }

    @Override
    public boolean cramped() {
        return names.stream().anyMatch(each -> each.size() > FloorType.MOST_LINES);
    }

    @Override
    public void draw(PdfContentByte pen, float left, float top, float width) throws MissingGlyph {
        FloorType.edge(pen, role, left, top, height());
        float y = top - type.head().leading();
        type.head().write(pen, moves.name(), left + FloorType.INDENT, y + 4, false);
        float boxTop = y - 2;
        for (int i = 0; i < names.size(); i++) {
            FloorSheet.Move move = moves.moves().get(i);
            if (i > 0) {
                rule(pen, left + FloorType.INDENT, y - 1.5f, width - FloorType.INDENT,
                        move.phrase() > moves.moves().get(i - 1).phrase());
            }
            float first = y - type.name().leading() + type.name().size() * 0.15f - 2;
            type.cue().write(pen, String.valueOf(move.from()), left + FloorType.INDENT + FloorType.GAP, first,
                    false);
            type.head().write(pen, move.lead(), left + width - FloorType.GAP, first, true);
            for (String words : names.get(i)) {
                y -= type.name().leading();
                type.name().write(pen, words, left + FloorType.INDENT + COUNT,
                        y + type.name().size() * 0.15f - 2, false);
            }
            y -= 2;
        }
        pen.setColorStroke(Inks.INK);
        pen.setLineWidth(1.6f);
        pen.rectangle(left + FloorType.INDENT, top - height() + 4, width - FloorType.INDENT,
                boxTop - (top - height() + 4));
        pen.stroke();
    }

    private static void rule(PdfContentByte pen, float left, float y, float width, boolean phrase) {
        pen.setColorStroke(phrase ? Inks.INK : Inks.LINE);
        pen.setLineWidth(phrase ? 1.6f : 0.8f);
        pen.moveTo(left, y);
        pen.lineTo(left + width, y);
        pen.stroke();
    }
}
