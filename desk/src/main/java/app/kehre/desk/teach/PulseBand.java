package app.kehre.desk.teach;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;

import app.kehre.core.rehearsal.GroupPulse;
import app.kehre.desk.look.Palette;

/** The spread of the group's heart rates over what is due, in a rehearsal; nobody is told from anybody else. */
final class PulseBand extends HBox {

    private static final double WIDTH = 220;
    private static final double HEIGHT = 24;
    private static final double HUNDRED = 100;

    private final Canvas canvas = new Canvas(WIDTH, HEIGHT);
    private final Label words = new Label();

    PulseBand() {
        super(14);
        setId("rehearsal");
        setAlignment(Pos.CENTER_LEFT);
        words.getStyleClass().add("soft");
        getChildren().addAll(canvas, words);
    }

    void show(String said, GroupPulse pulse, Optional<double[]> band) {
        words.setText(said);
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, WIDTH, HEIGHT);
        pen.setFill(Palette.HALL.faint());
        pen.fillRect(0, 0, WIDTH, HEIGHT);
        band.ifPresent(edges -> {
            pen.setFill(Palette.HALL.line());
            pen.fillRect(x(edges[0] * HUNDRED), 0, x(edges[1] * HUNDRED) - x(edges[0] * HUNDRED), HEIGHT);
        });
        pen.setFill(Palette.HALL.mark());
        pen.fillRoundRect(x(pulse.low()), HEIGHT / 2 - 4, Math.max(6, x(pulse.high()) - x(pulse.low())), 8, 8,
                8);
    }

    private static double x(double percent) {
        return Math.clamp(percent / HUNDRED, 0, 1) * WIDTH;
    }
}
