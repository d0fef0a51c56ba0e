package app.kehre.desk.control;

import java.util.Comparator;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import app.kehre.core.plan.Circuit;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Ghost;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Draws a switchback. */
final class SwitchbackPainter {

    private static final double GAP = 1.4;
    private static final double NARROW = 44;
    private static final double OVER = 2.5;

    private final GraphicsContext pen;
    private final Palette palette;
    private final SwitchbackGeometry where;
    private final int first;
    private final int last;
    private final Font name = Type.of(Weight.MEDIUM, 12);
    private final Font minutes = Type.of(Weight.REGULAR, 12.5);

    /** Makes a painter of the rows from the first one of the geometry to a last one. */
    SwitchbackPainter(GraphicsContext pen, Palette palette, SwitchbackGeometry where, int last) {
        this.pen = pen;
        this.palette = palette;
        this.where = where;
        this.first = where.firstRow();
        this.last = last;
    }

    void paint(SwitchbackScene scene, boolean focused) {
        pen.clearRect(0, 0, pen.getCanvas().getWidth(), pen.getCanvas().getHeight());
        pen.setTextBaseline(VPos.CENTER);
        for (int row = first; row <= last; row++) {
            paintRow(row);
            if (row < scene.firstRow() + scene.rows() - 1) {
                paintHairpin(row);
            }
        }
        scene.ghosts().forEach(this::paintGhost);
        List<Block> seen = scene.blocks().stream().filter(this::seen).toList();
        for (Block block : seen) {
            paintGround(scene, block);
        }
        paintUses(scene);
        for (Block block : seen) {
            paintBlock(scene, block, focused);
        }
        paintCircuits(scene);
        pen.setFill(palette.mark());
        scene.overlong().forEach(over -> fill(over, SwitchbackGeometry.BLOCK + 1, 2.5));
        scene.over().effort().ifPresent(
                effort -> new EffortPainter(pen, palette, where).paint(effort, first, last));
        scene.over().lit().forEach(this::paintLit);
        new MarkPainter(pen, palette, where, last).paint(scene);
    }

    private void paintRow(int row) {
        double top = where.blockTop(row);
        pen.setFont(minutes);
        pen.setFill(palette.soft());
        pen.setTextAlign(TextAlignment.LEFT);
        pen.fillText(row * where.minutes() + ":00", 0, top + SwitchbackGeometry.BLOCK / 2);
        pen.setStroke(palette.faint());
        pen.setLineWidth(1);
        for (int minute = 0; minute <= where.minutes(); minute++) {
            double x = Math.round(where.x(where.length().multipliedBy(row).plusMinutes(minute), row))
                    + 0.5;
            pen.strokeLine(x, top - 4, x, top + SwitchbackGeometry.BLOCK + 5);
        }
    }

    /** What is meant and not there yet: a pale block with a dashed edge. */
    private void paintGhost(Ghost ghost) {
        Palette.Tint tint = palette.tint(ghost.segment().role());
        List<SwitchbackGeometry.Piece> pieces = where.pieces(ghost.stretch()).stream()
                .filter(piece -> piece.row() >= first && piece.row() <= last).toList();
        for (SwitchbackGeometry.Piece piece : pieces) {
            double x = piece.x() + GAP / 2 + 0.5;
            double y = where.blockTop(piece.row()) + 0.5;
            double width = Math.max(1, piece.width() - GAP - 1);
            pen.setFill(tint.ground().deriveColor(0, 1, 1, 0.3));
            pen.fillRoundRect(x, y, width, SwitchbackGeometry.BLOCK - 1, 5, 5);
            pen.setStroke(palette.soft());
            pen.setLineWidth(1);
            pen.setLineDashes(3, 3);
            pen.strokeRoundRect(x, y, width, SwitchbackGeometry.BLOCK - 1, 5, 5);
            pen.setLineDashes();
        }
        pieces.stream().max(Comparator.comparingDouble(SwitchbackGeometry.Piece::width))
                .ifPresent(widest -> paintName(widest, ghost.words(), "", palette.ink()));
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

    private boolean seen(Block block) {
        return where.rowOf(block.stretch().start()) <= last
                && where.rowOf(block.stretch().end()) >= first;
    }

    private void paintBlock(SwitchbackScene scene, Block block, boolean focused) {
        String text = scene.label(block);
        Palette.Tint tint = palette.tint(scene.role(block));
        boolean selected = scene.selects(block);
        List<SwitchbackGeometry.Piece> pieces = where.pieces(block.stretch()).stream()
                .filter(piece -> piece.row() >= first && piece.row() <= last).toList();
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

    private void paintGround(SwitchbackScene scene, Block block) {
        pen.setFill(palette.tint(scene.role(block)).ground());
        for (SwitchbackGeometry.Piece piece : where.pieces(block.stretch())) {
            if (piece.row() >= first && piece.row() <= last) {
                pen.fillRoundRect(piece.x() + GAP / 2, where.blockTop(piece.row()),
                        Math.max(1, piece.width() - GAP), SwitchbackGeometry.BLOCK, 5, 5);
            }
        }
    }

    /** Explaining, changing over and rests are paler than work; what is explained over it is a line on top. */
    private void paintUses(SwitchbackScene scene) {
        for (Span span : scene.timeline().spans()) {
            double paled = scene.paled(span);
            if (paled > 0) {
                pen.setFill(palette.paper().deriveColor(0, 1, 1, paled));
                fill(span.stretch(), 0, SwitchbackGeometry.BLOCK);
            }
        }
        pen.setFill(palette.ink().deriveColor(0, 1, 1, 0.55));
        scene.timeline().over().forEach(over -> fill(over.stretch(), 0, OVER));
    }

    private void fill(Stretch stretch, double from, double height) {
        for (SwitchbackGeometry.Piece piece : where.pieces(stretch)) {
            if (piece.row() >= first && piece.row() <= last) {
                pen.fillRect(piece.x() + GAP / 2, where.blockTop(piece.row()) + from,
                        Math.max(0.5, piece.width() - GAP), height);
            }
        }
    }

    /** A line around what a finding is about. */
    private void paintLit(Stretch stretch) {
        pen.setStroke(palette.mark());
        pen.setLineWidth(2.5);
        for (SwitchbackGeometry.Piece piece : where.pieces(stretch)) {
            if (piece.row() >= first && piece.row() <= last) {
                double top = where.blockTop(piece.row()) - where.strip();
                pen.strokeRoundRect(piece.x(), top, Math.max(4, piece.width()),
                        where.strip() + SwitchbackGeometry.BLOCK, 6, 6);
            }
        }
    }

    /** A bracket under all rounds of a circuit. */
    private void paintCircuits(SwitchbackScene scene) {
        scene.timeline().plan().entries().forEach(entry -> {
            if (entry instanceof Circuit circuit) {
                pen.setFill(palette.soft());
                Stretch whole = scene.timeline().ofEntry(circuit.id());
                if (!whole.length().isZero()) {
                    fill(whole, SwitchbackGeometry.BLOCK + 1.5, 2);
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
}
