package app.kehre.desk.control;

import javafx.scene.control.Label;

/**
 * A text that breaks into lines where its width ends. Breaking it is slow and a page asks several times for the height
 * at the same width, so the height is kept until something about the text changes.
 */
final class WrappedLabel extends Label {

    private double measuredFor = -1;
    private double measured;

    WrappedLabel(String text) {
        super(text);
        setWrapText(true);
        setMinHeight(USE_PREF_SIZE);
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
    protected double computeMaxHeight(double width) {
        return prefHeight(width);
    }

    @Override
    public void requestLayout() {
        measuredFor = -1;
        super.requestLayout();
    }
}
