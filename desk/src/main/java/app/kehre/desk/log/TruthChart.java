package app.kehre.desk.log;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.function.ToDoubleFunction;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.layout.Region;
import javafx.scene.text.Font;

import app.kehre.core.studio.Truth;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** By how much classes were off their plans, over time: a line for what was predicted, a faint one as if nothing had been learned. */
final class TruthChart extends Region {

    private static final double LEFT = 44;
    private static final double RIGHT = 16;
    private static final double TOP = 14;
    private static final double BOTTOM = 28;
    private static final double DOT = 2.8;
    private static final double LEAST_TOP = 0.05;
    private static final Font SMALL = Type.of(Weight.REGULAR, 12);
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final Canvas canvas = new Canvas();
    private Palette palette = Palette.LIGHT;
    private List<Truth> truths = List.of();
    private boolean segments;

    TruthChart() {
        setMinSize(0, 120);
        setPrefSize(420, 250);
        getChildren().setAll(canvas);
        widthProperty().addListener(_ -> paint());
        heightProperty().addListener(_ -> paint());
    }

    void show(List<Truth> all, boolean ofSegments, Palette colours) {
        truths = all;
        segments = ofSegments;
        palette = colours;
        setAccessibleText(truths.isEmpty()
                ? "no class yet"
                : String.format(Locale.ROOT, "the last class was %.1f %% off its plan",
                        100 * off(truths.getLast())));
        paint();
    }

    private double off(Truth truth) {
        return truth.off(segments);
    }

    private double offUsual(Truth truth) {
        return truth.offUsual(segments);
    }

    private void paint() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        GraphicsContext pen = canvas.getGraphicsContext2D();
        pen.clearRect(0, 0, getWidth(), getHeight());
        if (truths.isEmpty() || getWidth() < LEFT + RIGHT) {
            return;
        }
        double most = truths.stream().mapToDouble(each -> Math.max(off(each), offUsual(each))).max()
                .orElse(0);
        double top = Math.max(LEAST_TOP, Math.ceil(most / LEAST_TOP) * LEAST_TOP);
        grid(pen, top);
        line(pen, top, this::offUsual, true);
        line(pen, top, this::off, false);
        days(pen);
    }

    private void grid(GraphicsContext pen, double top) {
        pen.setFont(SMALL);
        for (int i = 0; i <= 2; i++) {
            double value = top * i / 2;
            pen.setStroke(palette.faint());
            pen.setLineWidth(1);
            pen.strokeLine(LEFT, y(value, top), getWidth() - RIGHT, y(value, top));
            pen.setFill(palette.soft());
            pen.fillText(String.format(Locale.ROOT, "%s %%", trimmed(100 * value)), 0, y(value, top) + 4);
        }
    }

    private static String trimmed(double value) {
        return String.format(Locale.ROOT, "%.1f", value).replace(".0", "");
    }

    private void line(GraphicsContext pen, double top, ToDoubleFunction<Truth> value, boolean faint) {
        pen.setStroke(faint ? palette.soft() : palette.ink());
        pen.setFill(palette.ink());
        pen.setLineWidth(faint ? 1 : 2.2);
        pen.beginPath();
        for (int i = 0; i < truths.size(); i++) {
            double y = y(Truth.middle(truths, i, value), top);
            if (i == 0) {
                pen.moveTo(x(i), y);
            } else {
                pen.lineTo(x(i), y);
            }
        }
        pen.stroke();
        for (int i = 0; !faint && i < truths.size(); i++) {
            double y = y(value.applyAsDouble(truths.get(i)), top);
            pen.fillOval(x(i) - DOT, y - DOT, 2 * DOT, 2 * DOT);
        }
    }

    private void days(GraphicsContext pen) {
        pen.setFill(palette.soft());
        pen.setFont(SMALL);
        double y = getHeight() - 6;
        pen.fillText(DAY.format(truths.getFirst().began()), LEFT, y);
        if (truths.size() > 1) {
            String last = DAY.format(truths.getLast().began());
            pen.fillText(last, getWidth() - RIGHT - Type.width(last, SMALL), y);
        }
    }

    private double x(int at) {
        double room = getWidth() - LEFT - RIGHT - 2 * DOT;
        return LEFT + DOT + (truths.size() == 1 ? 0 : room * at / (truths.size() - 1));
    }

    private double y(double value, double top) {
        return TOP + (getHeight() - TOP - BOTTOM) * (1 - Math.min(value, top) / top);
    }
}
