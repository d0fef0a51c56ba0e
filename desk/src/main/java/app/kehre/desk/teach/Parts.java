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

    Parts() {
        getChildren().add(canvas);
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
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
        pen.clearRect(0, 0, canvas.getWidth(), HEIGHT);
        double middle = HEIGHT / 2;
        double end = canvas.getWidth() - 14;
        pen.setLineWidth(2);
        pen.setStroke(Palette.HALL.line());
        pen.strokeLine(14, middle, end, middle);
        if (parts >= 1 && parts <= MOST_BEADS) {
            paintBeads(pen, middle, end);
        } else {
            pen.setStroke(Palette.HALL.ink());
            pen.setLineWidth(4);
            pen.strokeLine(14, middle, 14 + (end - 14) * done, middle);
            pen.setFill(Palette.HALL.mark());
            pen.fillOval(14 + (end - 14) * done - 11, middle - 11, 22, 22);
        }
    }

    private void paintBeads(GraphicsContext pen, double middle, double end) {
        double step = parts == 1 ? 0 : Math.min(118, (end - 14) / (parts - 1));
        double small = step > 26 || parts == 1 ? 8 : 5;
        for (int i = 1; i <= parts; i++) {
            double x = 14 + step * (i - 1);
            double radius = i == part ? small + 4 : small;
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
