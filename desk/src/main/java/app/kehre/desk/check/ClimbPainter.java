package app.kehre.desk.check;

import java.time.Duration;
import java.util.List;
import javafx.geometry.VPos;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.text.Font;
import javafx.scene.text.TextAlignment;

import app.kehre.core.climb.Climb;
import app.kehre.core.climb.Frame;
import app.kehre.core.climb.Path;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Draws a climb: targets, lines, what is pointed out, and the segments below. */
final class ClimbPainter {

    /** Room for the words of the bands. */
    static final double LEFT = 68;
    static final double RIGHT = 10;
    static final double TOP = 18;
    /** Room for the segments and the minutes. */
    static final double BELOW = 46;
    private static final double STRIP = 20;
    private static final double HATCH = 7;
    private static final double[] THROUGH = {};
    private static final double[] DOTTED = {2, 4};
    private static final double[] DASHED = {7, 4};
    private static final double[] PREVIEW = {3, 3};

    private final GraphicsContext pen;
    private final Palette palette;
    private final Climb climb;
    private final Frame frame;
    private final Font small = Type.of(Weight.REGULAR, 12);
    private final Font name = Type.of(Weight.MEDIUM, 12);

    ClimbPainter(GraphicsContext pen, Palette palette, Climb climb) {
        this.pen = pen;
        this.palette = palette;
        this.climb = climb;
        this.frame = climb.frame();
    }

    /** The dashes of a line. */
    static double[] dashes(Effort effort, Line line) {
        return switch (Climb.stroke(effort, line)) {
            case THROUGH -> THROUGH;
            case DOTTED -> DOTTED;
            case DASHED -> DASHED;
        };
    }

    void paint(ClimbScene scene, boolean focused) {
        pen.clearRect(0, 0, pen.getCanvas().getWidth(), pen.getCanvas().getHeight());
        pen.save();
        pen.translate(LEFT, TOP);
        pen.setTextBaseline(VPos.CENTER);
        scene.lit().forEach(this::paintLit);
        climb.wanted().forEach(each -> paintArea(each.outline(), palette.tint(each.role()).ground(), 0.42));
        paintEdges();
        scene.spread().ifPresent(spread -> paintArea(climb.field(spread), palette.soft(), 0.22));
        paintHatching();
        paintLines(scene.effort());
        scene.preview().ifPresent(effect -> paintPreview(effect.after().effort()));
        paintPlots();
        paintMinutes();
        paintEnd();
        paintRead(scene, focused);
        pen.restore();
    }

    private void paintLit(Stretch stretch) {
        double left = frame.x(Lengths.seconds(stretch.start()));
        double right = Math.max(left + 3, frame.x(Lengths.seconds(stretch.end())));
        pen.setFill(palette.glow());
        pen.fillRect(left, -TOP + 4, right - left, frame.height() + TOP);
        pen.setFill(palette.mark());
        pen.fillRect(left, frame.height() + 1, right - left, 3);
    }

    private void paintArea(Path path, Color colour, double opacity) {
        pen.setFill(colour.deriveColor(0, 1, 1, opacity));
        pen.fillPolygon(path.across(), path.down(), path.points());
    }

    private void paintEdges() {
        pen.setFont(small);
        pen.setTextAlign(TextAlignment.LEFT);
        List<Climb.Edge> edges = climb.edges();
        for (int i = 0; i < edges.size(); i++) {
            double y = Math.round(edges.get(i).y()) + 0.5;
            double above = i + 1 < edges.size() ? edges.get(i + 1).y() : 0;
            pen.setStroke(palette.line());
            pen.setLineWidth(1);
            pen.strokeLine(0, y, frame.width(), y);
            if (y - above > small.getSize()) {
                pen.setFill(palette.soft());
                pen.fillText(edges.get(i).band().words(), -LEFT, (y + above) / 2);
            }
        }
    }

    /** No heart rate is claimed in toning: the field below the line is hatched there. */
    private void paintHatching() {
        pen.setStroke(palette.soft());
        pen.setLineWidth(0.7);
        pen.beginPath();
        for (double[] piece : climb.unclaimed()) {
            for (double x = Math.ceil(piece[0] / HATCH) * HATCH; x < piece[1]; x += HATCH) {
                double bottom = frame.height() - 2;
                pen.moveTo(x, bottom);
                pen.lineTo(x + 5, bottom - 10);
            }
        }
        pen.stroke();
    }

    private void paintLines(Effort effort) {
        for (Line line : effort.lines()) {
            boolean main = line.equals(effort.main());
            paintLine(climb.path(line), main ? 2.4 : 1.3, dashes(effort, line),
                    main ? palette.ink() : palette.ink().deriveColor(0, 1, 1, 0.8));
        }
    }

    private void paintLine(Path path, double width, double[] dashes, Color colour) {
        pen.setStroke(colour);
        pen.setLineWidth(width);
        pen.setLineDashes(dashes);
        pen.strokePolyline(path.across(), path.down(), path.points());
        pen.setLineDashes();
    }

    private void paintPreview(Effort after) {
        paintLine(climb.path(after.main()), 2, PREVIEW, palette.mark());
        double end = frame.x(after.main().seconds());
        pen.setStroke(palette.mark());
        pen.setLineWidth(2);
        pen.strokeLine(end, frame.height() - 8, end, frame.height() + STRIP + 8);
    }

    private void paintPlots() {
        double top = frame.height() + 6;
        pen.setFont(name);
        pen.setTextAlign(TextAlignment.LEFT);
        for (Climb.Plot plot : climb.plots()) {
            Palette.Tint tint = palette.tint(plot.role());
            pen.setFill(tint.ground());
            pen.fillRect(plot.left(), top, Math.max(1, plot.right() - plot.left() - 1), STRIP);
            pen.setFill(palette.paper());
            for (double cut : plot.cuts()) {
                pen.fillRect(cut - 0.5, top + STRIP - 4, 1, 4);
            }
            pen.setFill(tint.ink());
            pen.fillText(Type.fit(plot.name(), "", name, plot.right() - plot.left() - 8), plot.left() + 4,
                    top + STRIP / 2 - 1);
        }
    }

    private void paintMinutes() {
        pen.setFont(small);
        pen.setFill(palette.soft());
        for (int minute : climb.minutes()) {
            double x = frame.x(minute * 60.0);
            pen.setTextAlign(minute == 0
                    ? TextAlignment.LEFT
                    : x > frame.width() - 12 ? TextAlignment.RIGHT : TextAlignment.CENTER);
            pen.fillText(String.valueOf(minute), x, frame.height() + STRIP + 17);
        }
    }

    private void paintEnd() {
        Duration slot = climb.effort().timeline().plan().brief().slot();
        double x = Math.min(frame.width(), frame.x(Lengths.seconds(slot)));
        pen.setStroke(palette.ink());
        pen.setLineWidth(1.6);
        pen.strokeLine(x, -6, x, frame.height() + STRIP + 8);
        pen.setFont(small);
        pen.setFill(palette.ink());
        pen.setTextAlign(TextAlignment.RIGHT);
        pen.fillText("slot ends " + Lengths.clock(slot), x - 5, -8);
    }

    private void paintRead(ClimbScene scene, boolean focused) {
        if (scene.mark().isEmpty()) {
            return;
        }
        double x = frame.x(scene.mark().getAsInt());
        scene.anchor().ifPresent(anchor -> {
            double from = frame.x(anchor);
            pen.setFill(palette.ink().deriveColor(0, 1, 1, 0.1));
            pen.fillRect(Math.min(from, x), 0, Math.abs(x - from), frame.height());
        });
        pen.setStroke(palette.mark());
        pen.setLineWidth(focused ? 2 : 1.4);
        pen.strokeLine(x, -TOP + 6, x, frame.height() + STRIP + 8);
        pen.setFill(palette.mark());
        for (Line line : scene.effort().lines()) {
            double r = line.equals(scene.effort().main()) ? 4 : 2.6;
            pen.fillOval(x - r, frame.y(line.effort(scene.mark().getAsInt())) - r, 2 * r, 2 * r);
        }
    }
}
