package app.kehre.desk.look;

import javafx.scene.Parent;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.transform.Scale;

/**
 * Holds the content of the window larger or smaller, type, drawings and all. What does not fit into a small window any
 * more can be scrolled.
 */
public final class Zoom extends StackPane {

    /** The smallest, in per cent. */
    public static final int LEAST = 90;
    /** The largest, in per cent. */
    public static final int MOST = 150;

    /** The steps, in per cent. */
    private static final int[] STEPS = {LEAST, 100, 110, 125, MOST};
    private static final int USUAL = 100;
    /** The least room in which nothing of the content is cut. */
    private static final double LEAST_WIDTH = 1024;
    private static final double LEAST_HEIGHT = 660;

    private final Region content;
    private int percent = USUAL;

    /** Holds content as large as it is. */
    public Zoom(Region content) {
        this.content = content;
        getChildren().setAll(content);
    }

    /** Returns how large it is, in per cent. */
    public int percent() {
        return percent;
    }

    /** Makes it as large as the nearest step to so many per cent, 90 to 150. */
    public void set(double wanted) {
        int nearest = USUAL;
        for (int step : STEPS) {
            nearest = Math.abs(step - wanted) < Math.abs(nearest - wanted) ? step : nearest;
        }
        if (nearest != percent) {
            percent = nearest;
            lay();
        }
    }

    /** Makes it larger or smaller by a step. */
    public void step(int by) {
        for (int at = 0; at < STEPS.length; at++) {
            if (STEPS[at] == percent) {
                set(STEPS[Math.clamp((long) at + by, 0, STEPS.length - 1)]);
                return;
            }
        }
    }

    private void lay() {
        getChildren().clear();
        if (percent == USUAL) {
            getChildren().setAll(content);
            return;
        }
        ScrollPane scroll = new ScrollPane(new Enlarged(content, percent / 100.0));
        scroll.setFitToWidth(true);
        scroll.setFitToHeight(true);
        scroll.setFocusTraversable(false);
        scroll.getStyleClass().add("bare");
        getChildren().setAll(scroll);
    }

    /** A node drawn larger, laid out in the room that is left to it then. */
    private static final class Enlarged extends Region {

        private final Parent node;
        private final double times;

        Enlarged(Region node, double times) {
            this.node = node;
            this.times = times;
            StackPane inside = new StackPane(node);
            inside.getTransforms().add(new Scale(times, times));
            getChildren().setAll(inside);
            setMinSize(LEAST_WIDTH * times, LEAST_HEIGHT * times);
        }

        @Override
        protected void layoutChildren() {
            node.getParent().resizeRelocate(0, 0, getWidth() / times, getHeight() / times);
        }
    }
}
