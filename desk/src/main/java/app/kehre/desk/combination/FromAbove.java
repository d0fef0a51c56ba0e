package app.kehre.desk.combination;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.VPos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.paint.Color;
import javafx.scene.shape.StrokeLineCap;
import javafx.scene.text.TextAlignment;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Dance;
import app.kehre.core.footwork.Stance;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** The floor from above: the bench, where people stand, which way they face, the way they go; on the other lead too. */
final class FromAbove extends Canvas {

    static final double WIDTH = 190;
    static final double HEIGHT = 132;
    /** So far is a step, in pixels. */
    private static final double STEP = 24;
    private static final double NOSE = 13;

    private final ObjectProperty<Palette> palette;
    private Combination combination = Combination.of("none");
    private int part = -1;
    private int quarters = -1;

    FromAbove(ObjectProperty<Palette> palette) {
        super(WIDTH, HEIGHT);
        this.palette = palette;
        setId("from-above");
        palette.addListener(_ -> paint());
    }

    /** Shows a combination from the selected move on, -1 for its whole. */
    void show(Combination shown, int selected) {
        combination = shown;
        part = selected;
        paint();
    }

    /** Shows where people are while it plays, in quarters of a count; -1 when it does not. */
    void play(int now) {
        quarters = now;
        paint();
    }

    private void paint() {
        GraphicsContext pen = getGraphicsContext2D();
        Palette colours = palette.get();
        pen.clearRect(0, 0, getWidth(), getHeight());
        pen.setStroke(colours.line());
        pen.strokeRect(0.5, 0.5, getWidth() - 1, getHeight() - 1);
        pen.setFont(Type.of(Weight.REGULAR, 11.5));
        pen.setTextAlign(TextAlignment.CENTER);
        pen.setTextBaseline(VPos.TOP);
        pen.setFill(colours.soft());
        pen.fillText("front", getWidth() / 2, 3);
        if (combination.onStep()) {
            pen.setFill(colours.faint());
            pen.fillRect(x(-1) - STEP * 0.55, y(0) - STEP * 0.36, STEP * 3.1, STEP * 0.72);
            pen.setStroke(colours.soft());
            pen.strokeRect(x(-1) - STEP * 0.55, y(0) - STEP * 0.36, STEP * 3.1, STEP * 0.72);
        }
        paintWays(pen, colours);
    }

    private void paintWays(GraphicsContext pen, Palette colours) {
        Dance dance = Dance.of(combination);
        way(pen, Dance.of(combination.mirrored()), colours.soft(), true);
        way(pen, dance, colours.mark(), false);
        stance(pen, here(dance), colours);
    }

    /** Where people stand: at the count that plays, else when the selected move begins. */
    Stance here(Dance dance) {
        List<Dance.Beat> beats = quarters >= 0
                ? dance.beats().stream().filter(beat -> beat.at() <= quarters).toList()
                : dance.beats().stream().filter(beat -> beat.part() < part).toList();
        return beats.isEmpty() ? dance.start() : beats.getLast().step().after();
    }

    private void way(GraphicsContext pen, Dance dance, Color colour, boolean other) {
        List<Dance.Beat> beats = dance.beats().stream().filter(beat -> part < 0 || beat.part() == part)
                .toList();
        if (beats.isEmpty()) {
            return;
        }
        pen.setStroke(colour);
        pen.setLineWidth(other ? 1.2 : 2);
        pen.setLineCap(StrokeLineCap.ROUND);
        pen.setLineDashes(other ? new double[]{3, 4} : new double[0]);
        double aside = other ? 3 : 0;
        pen.beginPath();
        pen.moveTo(x(beats.getFirst().step().before().spot().x()) + aside,
                y(beats.getFirst().step().before().spot().y()) + aside);
        for (Dance.Beat beat : beats) {
            pen.lineTo(x(beat.step().after().spot().x()) + aside, y(beat.step().after().spot().y()) + aside);
        }
        pen.stroke();
        pen.setLineDashes();
        Stance end = beats.getLast().step().after();
        pen.setFill(colour);
        pen.fillOval(x(end.spot().x()) + aside - 3, y(end.spot().y()) + aside - 3, 6, 6);
    }

    private void stance(GraphicsContext pen, Stance stance, Palette colours) {
        double x = x(stance.spot().x());
        double y = y(stance.spot().y());
        double[] ahead = switch (stance.facing()) {
            case 0 -> new double[]{0, -1};
            case 1 -> new double[]{1, 0};
            case 2 -> new double[]{0, 1};
            default -> new double[]{-1, 0};
        };
        pen.setFill(colours.ink());
        pen.fillOval(x - 6, y - 6, 12, 12);
        pen.setStroke(colours.ink());
        pen.setLineWidth(3);
        pen.strokeLine(x, y, x + NOSE * ahead[0], y + NOSE * ahead[1]);
        pen.setLineWidth(1);
    }

    private double x(int steps) {
        return getWidth() / 2 + Math.clamp(steps, -3, 3) * STEP;
    }

    private double y(int steps) {
        return getHeight() / 2 + 6 - Math.clamp(steps, -2, 2) * STEP;
    }
}
