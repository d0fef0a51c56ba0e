package app.kehre.desk.log;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.SegmentRecord;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** A class as it was planned, and below it as it was taught; lines lead from the end of each part to where it came to. */
final class TwoRoads extends Region {

    private static final double LEFT = 70;
    private static final double RIGHT = 44;
    private static final double BLOCK = 28;
    private static final double BETWEEN = 16;
    private static final double TOP = 6;
    private static final double HEIGHT = TOP + 2 * BLOCK + BETWEEN + 24;
    private static final double GAP = 1.5;
    private static final double LEAST_NAME = 34;
    private static final Font NAME = Type.of(Weight.MEDIUM, 12);
    private static final Font WORD = Type.of(Weight.SEMI_BOLD, 12);

    private final Canvas canvas = new Canvas();
    private Palette palette = Palette.LIGHT;
    private Optional<ClassRecord> shown = Optional.empty();

    TwoRoads() {
        setMinHeight(HEIGHT);
        setPrefHeight(HEIGHT);
        setMaxHeight(HEIGHT);
        setMinWidth(0);
        getChildren().setAll(canvas);
        widthProperty().addListener(_ -> paint());
    }

    void show(ClassRecord other, Palette colours) {
        shown = Optional.of(other);
        palette = colours;
        setAccessibleText("Planned %s, taught %s".formatted(Lengths.clock(other.times().planned()),
                Lengths.clock(other.times().taught())));
        paint();
    }

    private void paint() {
        canvas.setWidth(getWidth());
        canvas.setHeight(HEIGHT);
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, getWidth(), HEIGHT);
        shown.ifPresent(record -> paint(pen, record));
    }

    private void paint(GraphicsContext pen, ClassRecord record) {
        double planned = TOP;
        double taught = TOP + BLOCK + BETWEEN;
        word(pen, "planned", planned);
        word(pen, "taught", taught);
        Duration before = Duration.ZERO;
        Duration after = Duration.ZERO;
        for (SegmentRecord segment : record.segments()) {
            block(pen, record, segment, before, segment.times().planned(), planned);
            block(pen, record, segment, after, segment.times().taught(), taught);
            before = before.plus(segment.times().planned());
            after = after.plus(segment.times().taught());
            pen.setStroke(palette.soft());
            pen.setLineWidth(1);
            pen.strokeLine(x(before, record), planned + BLOCK + 1, x(after, record), taught - 1);
        }
        slot(pen, record, planned, taught);
    }

    private void word(GraphicsContext pen, String word, double y) {
        pen.setFill(palette.ink());
        pen.setFont(WORD);
        pen.fillText(word, 0, y + BLOCK / 2 + 4);
    }

    private void block(GraphicsContext pen, ClassRecord record, SegmentRecord segment, Duration from,
            Duration length, double y) {
        double left = x(from, record);
        double width = x(from.plus(length), record) - left - GAP;
        if (width <= 0) {
            return;
        }
        Palette.Tint tint = palette.tint(segment.role());
        pen.setFill(tint.ground());
        pen.fillRoundRect(left, y, width, BLOCK, 3, 3);
        if (width > LEAST_NAME) {
            pen.setFill(tint.ink());
            pen.setFont(NAME);
            pen.fillText(Type.fit(segment.name(), "", NAME, width - 10), left + 5, y + BLOCK / 2 + 4);
        }
    }

    private void slot(GraphicsContext pen, ClassRecord record, double planned, double taught) {
        double x = x(record.heading().slot(), record);
        pen.setStroke(palette.ink());
        pen.setLineWidth(2);
        pen.strokeLine(x, planned - 5, x, taught + BLOCK + 5);
        pen.setFill(palette.soft());
        pen.setFont(NAME);
        String words = Lengths.clock(record.heading().slot());
        pen.fillText(words, Math.min(x - Type.width(words, NAME) / 2, getWidth() - Type.width(words, NAME)),
                taught + BLOCK + 19);
    }

    private double x(Duration into, ClassRecord record) {
        Duration longest = List.of(record.heading().slot(), record.times().planned(), record.times().taught())
                .stream().max(Duration::compareTo).orElse(Duration.ofHours(1));
        return LEFT + (Math.max(1, getWidth() - LEFT - RIGHT)) * into.toMillis()
                / Math.max(1, longest.toMillis());
    }
}
