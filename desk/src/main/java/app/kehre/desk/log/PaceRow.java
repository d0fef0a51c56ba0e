package app.kehre.desk.log;

import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

import app.kehre.core.log.Estimate;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** A quantity of the pace: what is usual, what the instructor's own is, how far classes lie from it. */
final class PaceRow extends HBox {

    private static final double WORD = 190;
    private static final double HEIGHT = 20;
    /** The middle of the road is the usual value, its ends a third of it and three times as much. */
    private static final double REACH = Math.log(3);

    /** @param road how wide the road is, in pixels */
    PaceRow(Estimate estimate, double road, Palette palette) {
        super(12);
        setAlignment(Pos.CENTER_LEFT);
        Label word = Words.plain(estimate.words(), "small");
        word.setMinWidth(WORD);
        word.setPrefWidth(WORD);
        Label values = Words.plain(estimate.values(), "soft", "small", "figures");
        values.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().setAll(word, road(estimate, road, palette), values);
        setAccessibleText("%s: %s, %s".formatted(estimate.words(), estimate.values(), estimate.sure()));
    }

    private static Canvas road(Estimate estimate, double wide, Palette palette) {
        Canvas canvas = new Canvas(wide, HEIGHT);
        GraphicsContext pen = canvas.getGraphicsContext2D();
        double y = HEIGHT / 2;
        pen.setStroke(palette.faint());
        pen.setLineWidth(1);
        pen.strokeLine(0, y, wide, y);
        double from = x(estimate.least(), estimate.usual(), wide);
        double to = x(estimate.most(), estimate.usual(), wide);
        pen.setFill(palette.line());
        pen.fillRoundRect(from, y - 2.5, Math.max(2, to - from), 5, 2, 2);
        pen.setStroke(palette.soft());
        pen.setLineWidth(2);
        double usual = x(estimate.usual(), estimate.usual(), wide);
        pen.strokeLine(usual, y - 6, usual, y + 6);
        pen.setFill(palette.ink());
        double own = x(estimate.own(), estimate.usual(), wide);
        if (estimate.pinned()) {
            pen.fillRect(own - 4, y - 4, 8, 8);
        } else {
            pen.fillOval(own - 4.5, y - 4.5, 9, 9);
        }
        return canvas;
    }

    private static double x(double value, double usual, double wide) {
        double log = usual <= 0 || value <= 0 ? 0 : Math.log(value / usual);
        return wide / 2 + Math.clamp(log / REACH, -1, 1) * (wide / 2 - 6);
    }
}
