package app.kehre.desk.control;

import javafx.scene.Node;
import javafx.scene.layout.VBox;

/**
 * A column of nodes. Measuring texts that break into lines is slow, so its height at a width is kept until something in
 * it changes.
 */
public final class MeasuredBox extends VBox {

    private double measuredFor = -1;
    private double measured;

    /** Makes one with nodes so far apart. */
    public MeasuredBox(double spacing, Node... nodes) {
        super(spacing, nodes);
        setMinHeight(USE_PREF_SIZE);
        setMinWidth(0);
    }

    @Override
    protected double computePrefHeight(double width) {
        if (width < 0) {
            return super.computePrefHeight(width);
        }
        if (width != measuredFor) {
            measured = super.computePrefHeight(width);
            measuredFor = width;
        }
        return measured;
    }

    @Override
    public void requestLayout() {
        measuredFor = -1;
        super.requestLayout();
    }
}
