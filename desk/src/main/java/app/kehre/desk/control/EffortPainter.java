package app.kehre.desk.control;

import java.util.Arrays;
import javafx.scene.canvas.GraphicsContext;

import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Piece;
import app.kehre.core.effort.Scale;
import app.kehre.core.effort.Target;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;

/** Draws the effort line in its target band above the blocks of a road; hatched where no heart rate is claimed. */
final class EffortPainter {

    /** The efforts at the edges of the strip: what lies below and above is not far from them. */
    private static final double LEAST = 1.5;
    private static final double MOST = 9;
    private static final double GAP = 3;
    private static final int STEP = 4;
    private static final double HATCH = 5;
    private static final int POINTS = 7;
    private static final double DASH = 6;

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
            int from = row * (int) where.rowSeconds();
            int to = Math.min(effort.main().seconds() - 1, from + (int) where.rowSeconds());
            if (to > from) {
                paintBand(effort, row, from, to);
                paintLine(effort, row, from, to);
            }
        }
        paintHatching(effort, firstRow, lastRow);
    }

    private double y(double effort, int row) {
        double part = Math.clamp((effort - LEAST) / (MOST - LEAST), 0, 1);
        return where.blockTop(row) - GAP - part * (where.strip() - GAP);
    }

    private double x(double second, int row) {
        return where.x(second, row);
    }

    /** The target of each segment as a band with dashed edges. */
    private void paintBand(Effort effort, int row, int from, int to) {
        effort.targets().forEach((segment, target) -> {
            Stretch stretch = effort.timeline().ofSegment(segment);
            double start = Lengths.seconds(stretch.start());
            double length = Math.max(1, Lengths.seconds(stretch.end()) - start);
            double left = Math.max(start, from);
            double right = Math.min(start + length, to);
            if (right > left) {
                paintBand(target, new double[]{(left - start) / length, (right - start) / length}, row,
                        new double[]{x(left, row), x(right, row)});
            }
        });
    }

    private void paintBand(Target target, double[] parts, int row, double[] edges) {
        double[] across = new double[2 * POINTS];
        double[] down = new double[2 * POINTS];
        for (int i = 0; i < POINTS; i++) {
            double on = (double) i / (POINTS - 1);
            double part = parts[0] + on * (parts[1] - parts[0]);
            across[i] = edges[0] + on * (edges[1] - edges[0]);
            down[i] = y(Scale.effort(target.high(part)), row);
            across[2 * POINTS - 1 - i] = across[i];
            down[2 * POINTS - 1 - i] = y(Scale.effort(target.low(part)), row);
        }
        pen.setFill(palette.line().deriveColor(0, 1, 1, 0.45));
        pen.fillPolygon(across, down, 2 * POINTS);
        pen.setStroke(palette.soft());
        pen.setLineWidth(1);
        pen.setLineDashes(DASH, DASH);
        pen.strokePolyline(across, down, POINTS);
        pen.strokePolyline(Arrays.copyOfRange(across, POINTS, 2 * POINTS),
                Arrays.copyOfRange(down, POINTS, 2 * POINTS), POINTS);
        pen.setLineDashes();
    }

    /** One path for all of it: a stroke costs as much as many lines of it. */
    private void paintHatching(Effort effort, int firstRow, int lastRow) {
        pen.setStroke(palette.soft());
        pen.setLineWidth(0.8);
        pen.beginPath();
        double apart = HATCH / (x(1, 0) - x(0, 0));
        for (Piece piece : effort.pieces()) {
            if (piece.demand().kind() == Demand.Kind.STRENGTH) {
                int to = Math.min(effort.main().seconds() - 1, piece.to());
                for (double at = Math.ceil(piece.from() / apart) * apart; at < to; at += apart) {
                    int row = (int) (at / where.rowSeconds());
                    if (row >= firstRow && row <= lastRow) {
                        hatch(effort, at, row);
                    }
                }
            }
        }
        pen.stroke();
    }

    private void hatch(Effort effort, double at, int row) {
        double bottom = where.blockTop(row) - GAP + 1;
        double top = y(effort.main().effort((int) at), row) + 2;
        double x = x(at, row);
        pen.moveTo(x, Math.min(bottom, top + 5));
        pen.lineTo(x + 3, top);
    }

    private void paintLine(Effort effort, int row, int from, int to) {
        int points = (to - from) / STEP + 1;
        double[] across = new double[points + 1];
        double[] down = new double[points + 1];
        for (int i = 0; i <= points; i++) {
            int second = i == points ? to : from + i * STEP;
            across[i] = x(second, row);
            down[i] = y(effort.main().effort(second), row);
        }
        pen.setStroke(palette.ink());
        pen.setLineWidth(1.8);
        pen.strokePolyline(across, down, points + 1);
    }
}
