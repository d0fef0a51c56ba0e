package app.kehre.desk.teach;

import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;

import app.kehre.core.hall.Beads;
import app.kehre.core.teaching.Moment;
import app.kehre.desk.look.Palette;

/** What runs now as a line: a bead for each rep or eight, or a plain line where nothing is counted. */
final class Parts extends Region {

    private static final double HEIGHT = 34;
    private static final int MOST_BEADS = 40;

    private final Canvas canvas = new Canvas(100, HEIGHT);
    private int parts;
    private int part;
    private double done;
    private double scale = 1;

    Parts() {
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
    }

    /** Draws it larger, for a wall that is read from further away. */
    void scale(double other) {
        if (scale != 1.4 * other) {
            scale = 1.4 * other;
            setMinHeight(HEIGHT * scale);
            setPrefHeight(HEIGHT * scale);
            setMaxHeight(HEIGHT * scale);
            canvas.setHeight(HEIGHT * scale);
        }
    }

    void show(Moment moment) {
        Beads beads = Beads.of(moment);
        parts = beads.number();
        part = beads.current();
        done = beads.done();
        requestLayout();
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(Math.max(1, getWidth()));
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, canvas.getWidth(), canvas.getHeight());
        double middle = canvas.getHeight() / 2;
        double start = 14 * scale;
        double end = canvas.getWidth() - start;
        pen.setLineWidth(2 * scale);
        pen.setStroke(Palette.HALL.line());
        pen.strokeLine(start, middle, end, middle);
        if (parts >= 1 && parts <= MOST_BEADS) {
            paintBeads(pen, middle, start, end);
        } else {
            double at = start + (end - start) * done;
            pen.setStroke(Palette.HALL.ink());
            pen.setLineWidth(4 * scale);
            pen.strokeLine(start, middle, at, middle);
            pen.setFill(Palette.HALL.mark());
            pen.fillOval(at - 11 * scale, middle - 11 * scale, 22 * scale, 22 * scale);
        }
    }

    private void paintBeads(GraphicsContext pen, double middle, double start, double end) {
        double step = parts == 1 ? 0 : Math.min(118 * scale, (end - start) / (parts - 1));
        double small = (step > 26 * scale || parts == 1 ? 8 : 5) * scale;
        for (int i = 1; i <= parts; i++) {
            double x = start + step * (i - 1);
            double radius = i == part ? small + 4 * scale : small;
            pen.setFill(i < part
                    ? Palette.HALL.ink()
                    : i == part ? Palette.HALL.mark() : Palette.HALL.paper());
            pen.setStroke(Palette.HALL.soft());
            pen.fillOval(x - radius, middle - radius, 2 * radius, 2 * radius);
            if (i > part) {
                pen.strokeOval(x - radius, middle - radius, 2 * radius, 2 * radius);
            }
        }
    }
}
