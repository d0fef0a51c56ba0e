package app.kehre.desk.plan;

import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.css.PseudoClass;
import javafx.scene.Cursor;
import javafx.scene.layout.Region;

/**
 * The class with the side beside it. In a wide window the side takes the full height and its width can be dragged; in a
 * narrow one it is a drawer that comes over the class from the right, under its heads, which always stay.
 */
final class SideFrame extends Region {

    /** From this width on there is room for both. It is that of a window of 1200 without the rail. */
    private static final double WIDE = 1020;
    private static final double LEAST = 280;
    private static final double MOST = 480;
    private static final double USUAL = 330;
    private static final double GRIP = 14;
    private static final double BETWEEN = 4;
    private static final PseudoClass DRAWER = PseudoClass.getPseudoClass("drawer");

    private final Region main;
    private final Region heads;
    private final Region side;
    private final Region grip = new Region();
    private final DoubleProperty sideWidth = new SimpleDoubleProperty(USUAL);
    private boolean open;
    private double gripped;

    /**
     * Makes a frame.
     *
     * @param main what is always seen
     * @param heads of the side
     * @param side what is beside it
     */
    SideFrame(Region main, Region heads, Region side) {
        this.main = main;
        this.heads = heads;
        this.side = side;
        grip.getStyleClass().add("grip");
        grip.setId("grip");
        grip.setCursor(Cursor.H_RESIZE);
        grip.setOnMousePressed(event -> gripped = event.getScreenX() + sideWidth.get());
        grip.setOnMouseDragged(
                event -> sideWidth.set(Math.clamp(gripped - event.getScreenX(), LEAST, MOST)));
        sideWidth.addListener(_ -> requestLayout());
        getChildren().setAll(main, heads, side, grip);
        getStyleClass().add("side-frame");
    }

    /** Returns how wide the side is where it stands beside the class. */
    DoubleProperty sideWidth() {
        return sideWidth;
    }

    private boolean wide() {
        return getWidth() >= WIDE;
    }

    /** Shows the side where it is a drawer. */
    void open() {
        open = true;
        requestLayout();
    }

    /** Takes the side away where it is a drawer. Returns whether it was there. */
    boolean close() {
        boolean was = open && !wide();
        open = false;
        requestLayout();
        return was;
    }

    @Override
    protected void layoutChildren() {
        boolean wide = wide();
        double width = getWidth();
        double height = getHeight();
        double beside = Math.min(Math.clamp(sideWidth.get(), LEAST, MOST), width / 2);
        side.pseudoClassStateChanged(DRAWER, !wide);
        side.setVisible(wide || open);
        grip.setVisible(wide);
        double left = width - beside;
        double headsHeight = heads.prefHeight(wide ? beside : width);
        double under = headsHeight + BETWEEN;
        if (wide) {
            main.resizeRelocate(0, 0, left - GRIP, height);
            grip.resizeRelocate(left - GRIP, 0, GRIP, height);
            heads.resizeRelocate(left, 0, beside, headsHeight);
        } else {
            heads.resizeRelocate(0, 0, width, headsHeight);
            main.resizeRelocate(0, under, width, Math.max(0, height - under));
        }
        side.resizeRelocate(left, under, beside, Math.max(0, height - under));
    }

    @Override
    protected double computeMinHeight(double width) {
        return main.minHeight(width);
    }
}
