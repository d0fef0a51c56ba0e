package app.kehre.desk.control;

import java.time.Duration;
import java.util.Optional;
import javafx.scene.canvas.GraphicsContext;

import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Piece;
import app.kehre.core.effort.Scale;
import app.kehre.desk.look.Palette;

/** Draws the effort line in its target band above the blocks of a road; hatched where no heart rate is claimed. */
final class EffortPainter {

    /** The efforts at the edges of the strip: what lies below and above is not far from them. */
    private static final double LEAST = 1.5;
    private static final double MOST = 9;
    private static final double GAP = 3;
    private static final int STEP = 4;
    private static final double HATCH = 5;

    private final GraphicsContext pen;
    private final Palette palette;
    private final SwitchbackGeometry where;

    EffortPainter(GraphicsContext pen, Palette palette, SwitchbackGeometry where) {
        this.pen = pen;
        this.palette = palette;
        this.where = where;
    }

    void paint(Effort effort, int firstRow, int lastRow) {
        for (int row = firstRow; row <= lastRow; row++) {
            int from = row * (int) SwitchbackGeometry.ROW.toSeconds();
            int to = Math.min(effort.main().seconds() - 1, from + (int) SwitchbackGeometry.ROW.toSeconds());
            if (to > from) {
                paintBand(effort, row, from, to);
                paintHatching(effort, row, from, to);
                paintLine(effort, row, from, to);
            }
        }
    }

    private double y(double effort, int row) {
        double part = Math.clamp((effort - LEAST) / (MOST - LEAST), 0, 1);
        return where.blockTop(row) - GAP - part * (where.strip() - GAP);
    }

    private double x(int second, int row) {
        return where.x(Duration.ofSeconds(second), row);
    }

    private void paintBand(Effort effort, int row, int from, int to) {
        for (int second = from; second < to; second += STEP) {
            Optional<double[]> edges = effort.target(second);
            if (edges.isPresent()) {
                double low = y(Scale.effort(edges.get()[0]), row);
                double high = y(Scale.effort(edges.get()[1]), row);
                double left = x(second, row);
                double wide = x(Math.min(to, second + STEP), row) - left;
                pen.setFill(palette.line().deriveColor(0, 1, 1, 0.45));
                pen.fillRect(left, high, wide, low - high);
                boolean dash = second / STEP % 2 == 0;
                if (dash) {
                    pen.setFill(palette.soft());
                    pen.fillRect(left, high - 0.5, wide, 1);
                    pen.fillRect(left, low - 0.5, wide, 1);
                }
            }
        }
    }

    private void paintHatching(Effort effort, int row, int from, int to) {
        pen.setStroke(palette.soft());
        pen.setLineWidth(0.8);
        double bottom = where.blockTop(row) - GAP + 1;
        for (double x = x(from, row); x < x(to, row); x += HATCH) {
            int second = from
                    + (int) ((x - x(from, row)) / Math.max(1, x(to, row) - x(from, row)) * (to - from));
            boolean unclaimed = effort.pieceAt(second).map(Piece::demand).map(Demand::kind)
                    .filter(kind -> kind == Demand.Kind.STRENGTH).isPresent();
            if (unclaimed) {
                double top = y(effort.main().effort(second), row) + 2;
                pen.strokeLine(x, Math.min(bottom, top + 5), x + 3, top);
            }
        }
    }

    private void paintLine(Effort effort, int row, int from, int to) {
        pen.setStroke(palette.ink());
        pen.setLineWidth(1.8);
        pen.beginPath();
        pen.moveTo(x(from, row), y(effort.main().effort(from), row));
        for (int second = from + STEP; second < to; second += STEP) {
            pen.lineTo(x(second, row), y(effort.main().effort(second), row));
        }
        pen.lineTo(x(to, row), y(effort.main().effort(to), row));
        pen.stroke();
    }
}
