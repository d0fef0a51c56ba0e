package app.kehre.desk.check;

import java.util.Optional;
import java.util.OptionalInt;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import java.util.function.UnaryOperator;
import javafx.beans.property.ObjectProperty;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

import app.kehre.core.climb.Climb;
import app.kehre.core.climb.Frame;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Piece;
import app.kehre.desk.look.Palette;

/**
 * The predicted effort of the whole class. Pointing or the arrow keys read a second, a drag or Shift with the arrows
 * choose a stretch, Enter or a double click lead to the line.
 */
final class ClimbView extends Region {

    private static final int STEP = 5;
    private static final int FAR = 60;
    private static final double DRAGGED = 4;

    private final Canvas canvas = new Canvas();
    private final ObjectProperty<Palette> palette;
    private final Consumer<ClimbScene> read;
    private final IntConsumer follow;
    private ClimbScene scene;
    private double pressed;
    /** Whether a second was chosen by a click or by keys, and stays when the mouse goes. */
    private boolean kept;

    /**
     * Makes a climb.
     *
     * @param read told what is read now
     * @param follow told a second whose line shall be shown
     */
    ClimbView(Effort effort, ObjectProperty<Palette> palette, Consumer<ClimbScene> read, IntConsumer follow) {
        this.palette = palette;
        this.read = read;
        this.follow = follow;
        this.scene = ClimbScene.of(effort);
        setId("climb");
        getStyleClass().add("climb");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        setAccessibleText("The predicted effort of the class; the arrow keys read it");
        getChildren().add(canvas);
        palette.addListener(_ -> requestLayout());
        focusedProperty().addListener(_ -> requestLayout());
        setOnMouseMoved(event -> {
            if (!kept) {
                read(OptionalInt.of(second(event)), OptionalInt.empty());
            }
        });
        setOnMouseExited(_ -> {
            if (!kept) {
                read(OptionalInt.empty(), OptionalInt.empty());
            }
        });
        setOnMousePressed(this::press);
        setOnMouseDragged(this::drag);
        setOnMouseClicked(event -> {
            if (event.getClickCount() == 2) {
                follow.accept(second(event));
            }
        });
        setOnKeyPressed(this::onKey);
    }

    /** Changes what is shown. */
    void show(UnaryOperator<ClimbScene> change) {
        ClimbScene next = change.apply(scene);
        boolean readAnew = next.effort() != scene.effort();
        scene = next;
        requestLayout();
        if (readAnew) {
            read.accept(scene);
        }
    }

    ClimbScene shown() {
        return scene;
    }

    private void read(OptionalInt second, OptionalInt anchor) {
        scene = scene.reading(second, anchor);
        requestLayout();
        read.accept(scene);
    }

    private void press(MouseEvent event) {
        requestFocus();
        pressed = event.getX();
        kept = true;
        read(OptionalInt.of(second(event)), OptionalInt.empty());
    }

    private void drag(MouseEvent event) {
        if (Math.abs(event.getX() - pressed) >= DRAGGED) {
            read(OptionalInt.of(second(event)), OptionalInt.of(second(pressed)));
        }
    }

    private int second(MouseEvent event) {
        return second(event.getX());
    }

    private int second(double x) {
        return Math.min(frame().second(x - ClimbPainter.LEFT), last());
    }

    private int last() {
        return Math.max(0, scene.effort().main().seconds() - 1);
    }

    private void onKey(KeyEvent event) {
        int now = scene.mark().orElse(0);
        switch (event.getCode()) {
            case LEFT -> move(event, event.isShortcutDown() ? neighbour(now, -1) : now - STEP);
            case RIGHT -> move(event, event.isShortcutDown() ? neighbour(now, 1) : now + STEP);
            case PAGE_UP -> move(event, now - FAR);
            case PAGE_DOWN -> move(event, now + FAR);
            case HOME -> move(event, 0);
            case END -> move(event, last());
            case ENTER -> scene.mark().ifPresent(follow);
            case ESCAPE -> {
                kept = false;
                read(OptionalInt.empty(), OptionalInt.empty());
            }
            default -> {
                return;
            }
        }
        event.consume();
    }

    /** With Shift the stretch from where it began is chosen. */
    private void move(KeyEvent event, int second) {
        kept = true;
        OptionalInt anchor = !event.isShiftDown()
                ? OptionalInt.empty()
                : scene.anchor().isPresent() ? scene.anchor() : OptionalInt.of(scene.mark().orElse(0));
        read(OptionalInt.of(Math.clamp(second, 0, last())), anchor);
    }

    /** The first second of the line before or after the one of a second. */
    private int neighbour(int second, int by) {
        Optional<Piece> now = scene.effort().pieceAt(second);
        int at = second;
        while (at > 0 && at < last() && scene.effort().pieceAt(at).map(Piece::entry)
                .equals(now.map(Piece::entry))) {
            at += by;
        }
        Optional<Piece> then = scene.effort().pieceAt(at);
        while (by < 0 && at > 0
                && scene.effort().pieceAt(at - 1).map(Piece::entry).equals(then.map(Piece::entry))) {
            at--;
        }
        return at;
    }

    private Frame frame() {
        double width = Math.max(1, getWidth() - ClimbPainter.LEFT - ClimbPainter.RIGHT);
        double height = Math.max(1, getHeight() - ClimbPainter.TOP - ClimbPainter.BELOW);
        int seconds = Math.max(Climb.seconds(scene.effort()),
                scene.preview().map(effect -> Climb.seconds(effect.after().effort())).orElse(0));
        return new Frame(width, height, seconds);
    }

    @Override
    protected void layoutChildren() {
        canvas.setWidth(getWidth());
        canvas.setHeight(getHeight());
        new ClimbPainter(canvas.getGraphicsContext2D(), palette.get(), new Climb(scene.effort(), frame()))
                .paint(scene, isFocused());
    }
}
