package app.kehre.desk.control;

import java.time.Duration;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Draws the marks of a switchback: what the group has to change, where the slot ends, where one is now. */
final class MarkPainter {

    private static final double GAP = 1.4;

    private final GraphicsContext pen;
    private final Palette palette;
    private final SwitchbackGeometry where;
    private final int first;
    private final int last;
    private final Font small = Type.of(Weight.REGULAR, 11);

    /** Makes a painter of the rows from the first one of the geometry to a last one. */
    MarkPainter(GraphicsContext pen, Palette palette, SwitchbackGeometry where, int last) {
        this.pen = pen;
        this.palette = palette;
        this.where = where;
        this.first = where.firstRow();
        this.last = last;
    }

    void paint(SwitchbackScene scene) {
        paintMarks(scene);
        paintSlotEnd(scene);
        scene.now().filter(moment -> where.rowOf(moment) >= first).ifPresent(this::paintNow);
    }

    private void paintMarks(SwitchbackScene scene) {
        double until = 0;
        int inRow = -1;
        for (Mark mark : scene.marks()) {
            int row = where.rowOf(mark.at());
            if (row < first || row > last) {
                continue;
            }
            if (mark.kind() == Mark.Kind.FIRST) {
                paintFirst(mark.at(), row);
                continue;
            }
            double x = where.x(mark.at(), row);
            double free = row == inRow ? until + 6 : 0;
            until = paintMark(mark, x, free, where.blockTop(row) + SwitchbackGeometry.BLOCK + 9);
            inRow = row;
        }
    }

    /** A small corner where an exercise is used for the first time. */
    private void paintFirst(Duration at, int row) {
        double x = where.x(at, row) + GAP / 2;
        double top = where.blockTop(row);
        pen.setFill(palette.mark());
        pen.fillPolygon(new double[]{x, x + 6, x}, new double[]{top, top, top + 6}, 3);
    }

    /** Paints a mark right of what is painted already; words that would have to go back over that are left out. */
    private double paintMark(Mark mark, double x, double free, double y) {
        double from = Math.max(x, free);
        pen.setFill(palette.soft());
        if (from == x) {
            double point = mark.kind() == Mark.Kind.DOWN ? y + 3 : y - 4;
            double flat = mark.kind() == Mark.Kind.DOWN ? y - 3 : y + 2;
            pen.fillPolygon(new double[]{x + 1, x + 4.5, x + 8}, new double[]{flat, point, flat}, 3);
        }
        double end = SwitchbackGeometry.LEFT + where.roadWidth();
        double wide = Type.width(mark.words(), small);
        double textAt = from == x ? x + 12 : from;
        if (from == x && textAt + wide > end) {
            textAt = x - 4 - wide;
        }
        if (textAt < free) {
            return x + 8;
        }
        pen.setFont(small);
        pen.setTextAlign(TextAlignment.LEFT);
        pen.fillText(mark.words(), textAt, y);
        return Math.max(x + 8, textAt + wide);
    }

    private void paintSlotEnd(SwitchbackScene scene) {
        Duration slot = scene.timeline().plan().brief().slot();
        Duration total = scene.timeline().total();
        int row = where.rowOf(slot.minusNanos(1));
        if (row < first || row > last) {
            return;
        }
        double x = where.x(slot, row);
        double top = where.blockTop(row);
        boolean over = total.compareTo(slot) > 0;
        pen.setStroke(over ? palette.mark() : palette.ink());
        pen.setLineWidth(2);
        pen.strokeLine(x, top - 6, x, top + SwitchbackGeometry.BLOCK + 6);
        pen.setFill(over ? palette.mark() : palette.ink());
        pen.setFont(small);
        pen.setTextAlign(TextAlignment.RIGHT);
        pen.fillText("slot ends " + Lengths.clock(slot), x - 4, top + SwitchbackGeometry.BLOCK + 9);
        pen.setTextAlign(TextAlignment.LEFT);
        if (over) {
            paintOverrun(new Stretch(slot, total));
        }
    }

    private void paintOverrun(Stretch overrun) {
        pen.setStroke(palette.mark());
        pen.setLineWidth(1.2);
        for (SwitchbackGeometry.Piece piece : where.pieces(overrun)) {
            if (piece.row() >= first && piece.row() <= last) {
                double top = where.blockTop(piece.row()) + SwitchbackGeometry.BLOCK;
                for (double x = piece.x() + 6; x <= piece.x() + piece.width(); x += 5) {
                    pen.strokeLine(x - 5, top + 8, x, top + 2);
                }
            }
        }
    }

    private void paintNow(Duration moment) {
        int row = where.rowOf(moment);
        double x = where.x(moment, row);
        double top = where.blockTop(row);
        pen.setFill(palette.mark());
        pen.fillPolygon(new double[]{x - 7, x + 7, x}, new double[]{top - 12, top - 12, top - 2}, 3);
    }
}
