package app.kehre.core.climb;

import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import app.kehre.core.effort.Band;
import app.kehre.core.effort.Effort;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Scale;
import app.kehre.core.effort.Spread;
import app.kehre.core.effort.Target;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.value.Lengths;

/**
 * The shapes of a climb: what is drawn in a field, whoever draws it.
 *
 * @param effort of the class
 * @param frame the field
 */
public record Climb(Effort effort, Frame frame) {

    private static final int STEP = 3;
    private static final int MINUTE = 60;
    private static final List<Integer> APART = List.of(1, 2, 5, 10, 15, 20);
    private static final int MOST_MARKS = 9;

    /** Returns how many seconds a field must have for a class: those of the class or of its slot, whichever is longer. */
    public static int seconds(Effort effort) {
        double slot = Lengths.seconds(effort.timeline().plan().brief().slot());
        return (int) Math.ceil(Math.max(slot, Lengths.seconds(effort.timeline().total())));
    }

    /**
     * The edge at which a band of effort begins.
     *
     * @param band light, moderate, vigorous, near-maximal
     * @param y where
     */
    public record Edge(Band band, double y) {}

    /** Returns where the bands begin, the lowest first. */
    public List<Edge> edges() {
        return Stream.of(Band.LIGHT, Band.MODERATE, Band.VIGOROUS, Band.NEAR_MAXIMAL)
                .map(band -> new Edge(band, frame.y(Scale.effort(band.from())))).toList();
    }

    /**
     * Where the effort of a segment shall lie.
     *
     * @param role of the segment
     * @param outline of the field between its edges
     */
    public record Wanted(Role role, Path outline) {}

    /** Returns the targets of all segments that have one. */
    public List<Wanted> wanted() {
        List<Wanted> wanted = new ArrayList<>();
        for (Segment segment : effort.timeline().plan().segments()) {
            Target target = effort.targets().get(segment.id());
            Stretch stretch = effort.timeline().ofSegment(segment.id());
            if (target != null && stretch.length().isPositive()) {
                wanted.add(new Wanted(segment.role(), outline(target, stretch)));
            }
        }
        return wanted;
    }

    private Path outline(Target target, Stretch stretch) {
        double left = frame.x(Lengths.seconds(stretch.start()));
        double right = frame.x(Lengths.seconds(stretch.end()));
        return new Path(new double[]{left, right, right, left}, new double[]{share(target.high(0)),
                share(target.high(1)), share(target.low(1)), share(target.low(0))});
    }

    private double share(double share) {
        return frame.y(Scale.effort(Math.max(0, share)));
    }

    /** How a line is drawn, so that the three are told apart without colour. */
    public enum Stroke {
        /** Drawn through: the one most like the group. */
        THROUGH,
        /** The first of the two others. */
        DOTTED,
        /** The second. */
        DASHED
    }

    /** Returns how the line of somebody is drawn. */
    public static Stroke stroke(Effort effort, Line line) {
        if (line.equals(effort.main())) {
            return Stroke.THROUGH;
        }
        List<Line> others = effort.lines().stream().filter(each -> !each.equals(effort.main())).toList();
        return others.indexOf(line) == 0 ? Stroke.DOTTED : Stroke.DASHED;
    }

    /** Returns the line of somebody, from the first second to the last. */
    public Path path(Line line) {
        int last = line.seconds() - 1;
        if (last < 0) {
            return new Path(new double[0], new double[0]);
        }
        int points = Math.ceilDiv(last, STEP) + 1;
        double[] across = new double[points];
        double[] down = new double[points];
        for (int i = 0; i < points; i++) {
            int second = Math.min(last, i * STEP);
            across[i] = frame.x(second);
            down[i] = frame.y(line.effort(second));
        }
        return new Path(across, down);
    }

    /** Returns the field in which eight of ten of the group lie. */
    public Path field(Spread spread) {
        int points = spread.low().length;
        double[] across = new double[2 * points];
        double[] down = new double[2 * points];
        for (int i = 0; i < points; i++) {
            across[i] = frame.x((double) i * spread.step());
            down[i] = share(spread.high()[i]);
            across[2 * points - 1 - i] = across[i];
            down[2 * points - 1 - i] = share(spread.low()[i]);
        }
        return new Path(across, down);
    }

    /** Returns the stretches in which no heart rate is claimed, as pairs from left to right. */
    public List<double[]> unclaimed() {
        return effort.unclaimed().stream()
                .map(each -> new double[]{frame.x(each.from()), frame.x(each.to())}).toList();
    }

    /**
     * A segment below the climb.
     *
     * @param name of it
     * @param role of it
     * @param left where it begins
     * @param right where it ends
     * @param cuts where its lines begin, but the first
     */
    public record Plot(String name, Role role, double left, double right, double[] cuts) {}

    /** Returns the segments that last. */
    public List<Plot> plots() {
        List<Block> blocks = Block.of(effort.timeline());
        return effort.timeline().plan().segments().stream()
                .filter(segment -> effort.timeline().ofSegment(segment.id()).length().isPositive())
                .map(segment -> plot(segment, blocks)).toList();
    }

    private Plot plot(Segment segment, List<Block> blocks) {
        Stretch stretch = effort.timeline().ofSegment(segment.id());
        double[] cuts = blocks.stream().filter(block -> block.segment().equals(segment.id())).skip(1)
                .mapToDouble(block -> frame.x(Lengths.seconds(block.stretch().start()))).toArray();
        return new Plot(segment.name(), segment.role(), frame.x(Lengths.seconds(stretch.start())),
                frame.x(Lengths.seconds(stretch.end())), cuts);
    }

    /** Returns the minutes that are written below, at most nine of them. */
    public List<Integer> minutes() {
        int all = frame.seconds() / MINUTE;
        int apart = APART.stream().filter(each -> all / each < MOST_MARKS).findFirst().orElse(all);
        return Stream.iterate(0, at -> at <= all, at -> at + apart).toList();
    }
}
