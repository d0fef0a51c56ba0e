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

    private final Label word = Words.plain("", "small");
    private final Label values = Words.plain("", "soft", "small", "figures");
    private final Canvas road;

    /**
     * Makes an empty row.
     *
     * @param wide how wide the road is, in pixels
     */
    PaceRow(double wide) {
        super(12);
        road = new Canvas(wide, HEIGHT);
        setAlignment(Pos.CENTER_LEFT);
        word.setMinWidth(WORD);
        word.setPrefWidth(WORD);
        values.setMinWidth(Region.USE_PREF_SIZE);
        getChildren().setAll(word, road, values);
    }

    PaceRow show(Estimate estimate, Palette palette) {
        word.setText(estimate.words());
        values.setText(estimate.values());
        setAccessibleText("%s: %s, %s".formatted(estimate.words(), estimate.values(), estimate.sure()));
        paint(estimate, palette);
        return this;
    }

    private void paint(Estimate estimate, Palette palette) {
        GraphicsContext pen = road.getGraphicsContext2D();
        pen.clearRect(0, 0, road.getWidth(), HEIGHT);
        double y = HEIGHT / 2;
        pen.setStroke(palette.faint());
        pen.setLineWidth(1);
        pen.strokeLine(0, y, road.getWidth(), y);
        double from = x(estimate.far(estimate.least()));
        double to = x(estimate.far(estimate.most()));
        pen.setFill(palette.line());
        pen.fillRoundRect(from, y - 2.5, Math.max(2, to - from), 5, 2, 2);
        pen.setStroke(palette.soft());
        pen.setLineWidth(2);
        pen.strokeLine(x(0), y - 6, x(0), y + 6);
        pen.setFill(palette.ink());
        double own = x(estimate.far());
        if (estimate.pinned()) {
            pen.fillRect(own - 4, y - 4, 8, 8);
        } else {
            pen.fillOval(own - 4.5, y - 4.5, 9, 9);
        }
    }

    private double x(double far) {
        return road.getWidth() / 2 + Math.clamp(far / REACH, -1, 1) * (road.getWidth() / 2 - 6);
    }
}
