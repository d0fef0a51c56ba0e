package app.kehre.desk.control;

import java.time.Duration;
import java.util.Comparator;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Draws a switchback. */
final class SwitchbackPainter {

    private static final int MINUTES = 10;
    private static final double GAP = 1.4;
    private static final double NARROW = 44;
    private static final double OVER = 2.5;

    private final GraphicsContext pen;
    private final Palette palette;
    private final SwitchbackGeometry where;
    private final Font name = Type.of(Weight.MEDIUM, 12);
    private final Font small = Type.of(Weight.REGULAR, 11);
    private final Font minutes = Type.of(Weight.REGULAR, 12.5);

    SwitchbackPainter(GraphicsContext pen, Palette palette, SwitchbackGeometry where) {
        this.pen = pen;
        this.palette = palette;
        this.where = where;
    }

    void paint(SwitchbackScene scene, boolean focused) {
        pen.clearRect(0, 0, pen.getCanvas().getWidth(), pen.getCanvas().getHeight());
        pen.setTextBaseline(VPos.CENTER);
        int last = scene.firstRow() + scene.rows() - 1;
        for (int row = scene.firstRow(); row <= last; row++) {
            paintRow(row);
            if (row < last) {
                paintHairpin(row);
            }
        }
        for (Block block : scene.blocks()) {
            paintGround(scene, block, last);
        }
        paintUses(scene, last);
        for (Block block : scene.blocks()) {
            paintBlock(scene, block, last, focused);
        }
        paintCircuits(scene, last);
        scene.over().effort().ifPresent(
                effort -> new EffortPainter(pen, palette, where).paint(effort, scene.firstRow(), last));
        scene.over().lit().ifPresent(stretch -> paintLit(stretch, scene, last));
        paintMarks(scene, last);
        paintSlotEnd(scene, last);
        scene.now().ifPresent(this::paintNow);
    }

    private void paintRow(int row) {
        double top = where.blockTop(row);
        pen.setFont(minutes);
        pen.setFill(palette.soft());
        pen.setTextAlign(TextAlignment.LEFT);
        pen.fillText(row * MINUTES + ":00", 0, top + SwitchbackGeometry.BLOCK / 2);
        pen.setStroke(palette.faint());
        pen.setLineWidth(1);
        for (int minute = 0; minute <= MINUTES; minute++) {
            double x = Math.round(where.x(SwitchbackGeometry.ROW.multipliedBy(row).plusMinutes(minute), row))
                    + 0.5;
            pen.strokeLine(x, top - 4, x, top + SwitchbackGeometry.BLOCK + 5);
        }
    }

    private void paintHairpin(int row) {
        double right = SwitchbackGeometry.LEFT + where.roadWidth();
        double from = where.blockTop(row) + SwitchbackGeometry.BLOCK / 2;
        double to = where.blockTop(row + 1) + SwitchbackGeometry.BLOCK / 2;
        double between = (from + to) / 2 + 1;
        pen.setStroke(palette.line());
        pen.setLineWidth(3);
        pen.setLineCap(StrokeLineCap.ROUND);
        pen.beginPath();
        pen.moveTo(right + 4, from);
        pen.bezierCurveTo(right + 28, from, right + 28, between, right + 8, between);
        pen.stroke();
        double left = SwitchbackGeometry.LEFT;
        pen.beginPath();
        pen.moveTo(left - 8, between);
        pen.bezierCurveTo(left - 26, between, left - 26, to, left - 4, to);
        pen.stroke();
    }

    private void paintBlock(SwitchbackScene scene, Block block, int last, boolean focused) {
        ClassPlan plan = scene.timeline().plan();
        Role role = plan.findSegment(block.segment()).map(Segment::role).orElse(Role.PAUSE);
        String text = scene.label(block);
        Palette.Tint tint = palette.tint(role);
        boolean selected = scene.selects(block);
        List<SwitchbackGeometry.Piece> pieces = where.pieces(block.stretch()).stream()
                .filter(piece -> piece.row() >= scene.firstRow() && piece.row() <= last).toList();
        for (SwitchbackGeometry.Piece piece : pieces) {
            double x = piece.x() + GAP / 2;
            double y = where.blockTop(piece.row());
            double width = Math.max(1, piece.width() - GAP);
            if (selected) {
                pen.setStroke(palette.mark());
                pen.setLineWidth(focused ? 3 : 2);
                pen.strokeRoundRect(x + 1, y + 1, Math.max(1, width - 2), SwitchbackGeometry.BLOCK - 2, 5, 5);
            }
        }
        pieces.stream().max(Comparator.comparingDouble(SwitchbackGeometry.Piece::width))
                .ifPresent(widest -> paintName(widest, text, block.side().letter(), tint.ink()));
    }

    private void paintGround(SwitchbackScene scene, Block block, int last) {
        Role role = scene.timeline().plan().findSegment(block.segment()).map(Segment::role)
                .orElse(Role.PAUSE);
        pen.setFill(palette.tint(role).ground());
        for (SwitchbackGeometry.Piece piece : where.pieces(block.stretch())) {
            if (piece.row() >= scene.firstRow() && piece.row() <= last) {
                pen.fillRoundRect(piece.x() + GAP / 2, where.blockTop(piece.row()),
                        Math.max(1, piece.width() - GAP), SwitchbackGeometry.BLOCK, 5, 5);
            }
        }
    }

    /** Explaining, changing over and rests are paler than work; what is explained over it is a line on top. */
    private void paintUses(SwitchbackScene scene, int last) {
        for (Span span : scene.timeline().spans()) {
            double paled = scene.paled(span);
            if (paled > 0) {
                pen.setFill(palette.paper().deriveColor(0, 1, 1, paled));
                fill(span.stretch(), scene, last, 0, SwitchbackGeometry.BLOCK);
            }
        }
        pen.setFill(palette.ink().deriveColor(0, 1, 1, 0.55));
        scene.timeline().over().forEach(over -> fill(over.stretch(), scene, last, 0, OVER));
    }

    private void fill(Stretch stretch, SwitchbackScene scene, int last, double from, double height) {
        for (SwitchbackGeometry.Piece piece : where.pieces(stretch)) {
            if (piece.row() >= scene.firstRow() && piece.row() <= last) {
                pen.fillRect(piece.x() + GAP / 2, where.blockTop(piece.row()) + from,
                        Math.max(0.5, piece.width() - GAP), height);
            }
        }
    }

    /** A line around what a finding is about. */
    private void paintLit(Stretch stretch, SwitchbackScene scene, int last) {
        pen.setStroke(palette.mark());
        pen.setLineWidth(2.5);
        for (SwitchbackGeometry.Piece piece : where.pieces(stretch)) {
            if (piece.row() >= scene.firstRow() && piece.row() <= last) {
                double top = where.blockTop(piece.row()) - where.strip();
                pen.strokeRoundRect(piece.x(), top, Math.max(4, piece.width()),
                        where.strip() + SwitchbackGeometry.BLOCK, 6, 6);
            }
        }
    }

    /** A bracket under all rounds of a circuit. */
    private void paintCircuits(SwitchbackScene scene, int last) {
        scene.timeline().plan().entries().forEach(entry -> {
            if (entry instanceof Circuit circuit) {
                pen.setFill(palette.soft());
                Stretch whole = scene.timeline().ofEntry(circuit.id());
                if (!whole.length().isZero()) {
                    fill(whole, scene, last, SwitchbackGeometry.BLOCK + 1.5, 2);
                }
            }
        });
    }

    private void paintName(SwitchbackGeometry.Piece piece, String text, String side, Color ink) {
        boolean narrow = piece.width() < NARROW;
        double room = piece.width() - (narrow ? 6 : 11);
        String fitted = Type.fit(text, side, name, room);
        if (fitted.isEmpty() || fitted.equals(side)) {
            fitted = Type.start(text, side, name, room);
        }
        if (!fitted.isEmpty()) {
            pen.setFont(name);
            pen.setFill(ink);
            pen.setTextAlign(TextAlignment.LEFT);
            pen.fillText(fitted, piece.x() + (narrow ? 3.5 : 6),
                    where.blockTop(piece.row()) + SwitchbackGeometry.BLOCK / 2 + 0.5);
        }
    }

    private void paintMarks(SwitchbackScene scene, int last) {
        double until = 0;
        int inRow = -1;
        for (Mark mark : scene.marks()) {
            int row = SwitchbackGeometry.rowOf(mark.at());
            if (row < scene.firstRow() || row > last) {
                continue;
            }
            if (mark.kind() == Mark.Kind.FIRST) {
                paintFirst(mark.at(), row);
                continue;
            }
            double x = where.x(mark.at(), row);
            double from = row == inRow ? Math.max(x, until + 6) : x;
            until = paintMark(mark, x, from, where.blockTop(row) + SwitchbackGeometry.BLOCK + 9);
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

    private double paintMark(Mark mark, double x, double from, double y) {
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
        pen.setFont(small);
        pen.setTextAlign(TextAlignment.LEFT);
        pen.fillText(mark.words(), textAt, y);
        return Math.max(x + 8, textAt + wide);
    }

    private void paintSlotEnd(SwitchbackScene scene, int last) {
        Duration slot = scene.timeline().plan().brief().slot();
        Duration total = scene.timeline().total();
        int row = SwitchbackGeometry.rowOf(slot.minusNanos(1));
        if (row < scene.firstRow() || row > last) {
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
            paintOverrun(new Stretch(slot, total), last);
        }
    }

    private void paintOverrun(Stretch overrun, int last) {
        pen.setStroke(palette.mark());
        pen.setLineWidth(1.2);
        for (SwitchbackGeometry.Piece piece : where.pieces(overrun)) {
            if (piece.row() <= last) {
                double top = where.blockTop(piece.row()) + SwitchbackGeometry.BLOCK;
                for (double x = piece.x() + 6; x <= piece.x() + piece.width(); x += 5) {
                    pen.strokeLine(x - 5, top + 8, x, top + 2);
                }
            }
        }
    }

    private void paintNow(Duration moment) {
        int row = SwitchbackGeometry.rowOf(moment);
        double x = where.x(moment, row);
        double top = where.blockTop(row);
        pen.setFill(palette.mark());
        pen.fillPolygon(new double[]{x - 7, x + 7, x}, new double[]{top - 12, top - 12, top - 2}, 3);
    }
}
