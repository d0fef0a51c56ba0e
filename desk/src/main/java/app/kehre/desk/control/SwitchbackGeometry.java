package app.kehre.desk.control;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.timeline.Stretch;

/**
 * Where a moment of the class lies on the drawn road.
 *
 * @param width of the whole drawing
 * @param row the height of a row
 * @param firstRow the row that is drawn first
 * @param strip the room above the blocks for the effort line; 0 without
 * @param minutes that a row lasts
 */
record SwitchbackGeometry(double width, double row, int firstRow, double strip, int minutes) {

    private static final double SECONDS = 60;
    private static final double NANOS = 1e9;
    /** Room for the minutes on the left and the hairpin beside them. */
    static final double LEFT = 62;
    /** Room for the hairpin on the right. */
    static final double RIGHT = 30;
    /** The height of a block. */
    static final double BLOCK = 26;

    /** A part of a stretch that lies in one row. */
    record Piece(int row, double x, double width, boolean first) {}

    /** Returns in which row a moment lies when a row lasts so many minutes. */
    static int rowOf(Duration moment, int minutes) {
        return (int) (moment.toMinutes() / minutes);
    }

    /** Returns in which row a moment lies. */
    int rowOf(Duration moment) {
        return rowOf(moment, minutes);
    }

    /** Returns how long a row lasts, in seconds. */
    double rowSeconds() {
        return minutes * SECONDS;
    }

    /** Returns how long a row lasts. */
    Duration length() {
        return Duration.ofMinutes(minutes);
    }

    /** Returns the same drawing from another row on. */
    SwitchbackGeometry from(int other) {
        return new SwitchbackGeometry(width, row, other, strip, minutes);
    }

    double roadWidth() {
        return Math.max(10, width - LEFT - RIGHT);
    }

    double x(Duration moment, int inRow) {
        return x(moment.toNanos() / NANOS, inRow);
    }

    /** Returns where a moment lies, in seconds from the start of the class. */
    double x(double seconds, int inRow) {
        return LEFT + roadWidth() * (seconds / rowSeconds() - inRow);
    }

    double top(int inRow) {
        return (inRow - firstRow) * row;
    }

    double blockTop(int inRow) {
        return top(inRow) + strip + Math.max(2, (row - strip - BLOCK - 16) / 2);
    }

    List<Piece> pieces(Stretch stretch) {
        List<Piece> pieces = new ArrayList<>();
        int from = rowOf(stretch.start());
        int to = rowOf(stretch.end().minusNanos(1));
        double start = x(stretch.start(), 0) - LEFT;
        double end = x(stretch.end(), 0) - LEFT;
        for (int i = from; i <= to; i++) {
            double left = Math.max(0, start - roadWidth() * i);
            double right = Math.min(roadWidth(), end - roadWidth() * i);
            pieces.add(new Piece(i, LEFT + left, right - left, i == from));
        }
        return pieces;
    }

    Optional<Duration> moment(double x, double y) {
        int inRow = firstRow + (int) Math.floor(y / row);
        double part = (x - LEFT) / roadWidth();
        boolean onBlock = y >= blockTop(inRow) - strip && y <= blockTop(inRow) + BLOCK;
        return part < 0 || part >= 1 || !onBlock
                ? Optional.empty()
                : Optional.of(length().multipliedBy(inRow).plusNanos((long) (part * length().toNanos())));
    }
}
