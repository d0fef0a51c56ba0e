package app.kehre.desk.control;

import java.time.Duration;
import java.util.Set;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;

import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.look.Palette;

/** A class as rows of ten minutes, too small for words: what is where, and how much of it. */
public final class SmallRoad extends Canvas {

    /** How wide it is, in pixels. */
    public static final double WIDTH = 264;
    private static final double ROW = 13;
    private static final double BLOCK = 9;
    private static final Duration TEN = Duration.ofMinutes(10);
    private static final int MOST_ROWS = 9;

    /** Draws a class. */
    public SmallRoad(Timeline timeline, Palette palette) {
        this(timeline, palette, Set.of());
    }

    /** Draws a class with a line under what is different, by the numbers of the lines. */
    public SmallRoad(Timeline timeline, Palette palette, Set<EntryId> different) {
        super(WIDTH, ROW * rows(timeline));
        GraphicsContext pen = getGraphicsContext2D();
        for (Segment segment : timeline.plan().segments()) {
            pen.setFill(palette.tint(segment.role()).ground());
            paint(pen, timeline.ofSegment(segment.id()), 1, BLOCK);
        }
        pen.setFill(palette.mark());
        timeline.plan().lines().filter(line -> different.contains(line.id()))
                .forEach(line -> paint(pen, timeline.ofEntry(line.id()), BLOCK - 1, 3));
        Duration slot = timeline.plan().brief().slot();
        int row = (int) (slot.minusNanos(1).toNanos() / TEN.toNanos());
        if (row < rows(timeline)) {
            pen.setFill(palette.ink());
            pen.fillRect(x(slot.minus(TEN.multipliedBy(row))) - 1, row * ROW, 1.5, BLOCK + 2);
        }
    }

    private static int rows(Timeline timeline) {
        return Math.clamp(Math.ceilDiv(timeline.total().toNanos(), TEN.toNanos()), 1, MOST_ROWS);
    }

    private static double x(Duration into) {
        return WIDTH * into.toNanos() / TEN.toNanos();
    }

    private static void paint(GraphicsContext pen, Stretch stretch, double down, double height) {
        for (int row = 0; row < MOST_ROWS; row++) {
            Duration start = TEN.multipliedBy(row);
            Duration from = stretch.start().compareTo(start) > 0 ? stretch.start() : start;
            Duration to = stretch.end().compareTo(start.plus(TEN)) < 0 ? stretch.end() : start.plus(TEN);
            if (to.compareTo(from) > 0) {
                double left = x(from.minus(start));
                pen.fillRect(left, row * ROW + down, Math.max(0.5, x(to.minus(start)) - left - 0.7), height);
            }
        }
    }
}
