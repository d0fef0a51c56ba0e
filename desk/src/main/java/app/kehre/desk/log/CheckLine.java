package app.kehre.desk.log;

import java.util.List;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;

import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.desk.look.Palette;

/** How the middle result of a check goes over time, as far apart as the days were; each result of a day is a faint dot. */
final class CheckLine extends Canvas {

    private static final double WIDTH = 190;
    private static final double HEIGHT = 40;
    private static final double EDGE = 5;

    CheckLine(List<Result> results, Palette palette) {
        super(WIDTH, HEIGHT);
        double least = results.stream().flatMap(each -> each.values().stream()).min(Double::compare)
                .orElse(0.0);
        double most = results.stream().flatMap(each -> each.values().stream()).max(Double::compare)
                .orElse(1.0);
        long first = results.getFirst().day().toEpochDay();
        long days = Math.max(1, results.getLast().day().toEpochDay() - first);
        GraphicsContext pen = getGraphicsContext2D();
        pen.setFill(palette.line());
        pen.setStroke(palette.ink());
        pen.setLineWidth(1.6);
        pen.beginPath();
        for (Result result : results) {
            double x = EDGE + (WIDTH - 2 * EDGE) * (result.day().toEpochDay() - first) / days;
            result.values().forEach(value -> pen.fillOval(x - 2, y(value, least, most) - 2, 4, 4));
            if (result == results.getFirst()) {
                pen.moveTo(x, y(result.median(), least, most));
            } else {
                pen.lineTo(x, y(result.median(), least, most));
            }
        }
        pen.stroke();
        pen.setFill(palette.ink());
        for (Result result : results) {
            double x = EDGE + (WIDTH - 2 * EDGE) * (result.day().toEpochDay() - first) / days;
            pen.fillOval(x - 3, y(result.median(), least, most) - 3, 6, 6);
        }
    }

    private static double y(double value, double least, double most) {
        double share = most > least ? (value - least) / (most - least) : 0.5;
        return HEIGHT - EDGE - share * (HEIGHT - 2 * EDGE);
    }
}
