package app.kehre.core.effort;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.EnumMap;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.exercise.Role;
import app.kehre.core.people.Group;
import app.kehre.core.people.Level;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/**
 * How hard a class is predicted to be. A pure function of its timeline.
 *
 * @param timeline the class
 * @param pieces what it asks for, in order; they tile it
 * @param lines of three stand-ins, the least fit first
 * @param main the one of them that is most like the group
 * @param targets by the number of the segment
 * @param inside the share of the simulated group inside the target, 0 to 1, for each second; -1 where there is
 *     none; do not change them
 */
public record Effort(Timeline timeline, List<Piece> pieces, List<Line> lines, Line main,
        Map<SegmentId, Target> targets, float[] inside) {

    /** The simulated group is looked at every so many seconds. */
    private static final int COARSE = 4;
    /** A rest of no more than so many seconds between sets does not bring the heart back to what it tells. */
    private static final int SHORT_REST = 60;
    private static final double HOUR = 3600;
    /** How far an estimate of energy may be off either way. Kehre's estimate. */
    private static final double UNSURE = 0.25;

    /** Predicts the effort of a class. */
    public static Effort of(Timeline timeline) {
        List<Piece> pieces = Demands.of(timeline);
        int seconds = (int) Lengths.seconds(timeline.total());
        Group group = timeline.plan().brief().group();
        Course course = Course.of(pieces, seconds, !timeline.plan().brief().part().begins());
        List<Line> lines = standIns(group).stream().map(who -> course.follow(who, 1)).toList();
        Map<SegmentId, Target> targets = new HashMap<>();
        for (Segment segment : timeline.plan().segments()) {
            Target.of(segment, timeline.plan()).ifPresent(target -> targets.put(segment.id(), target));
        }
        return new Effort(timeline, pieces, lines, lines.get(mainOf(group)), targets,
                inside(timeline, course, targets));
    }

    private static List<Participant> standIns(Group group) {
        return group.older()
                ? List.of(Participant.OLDER, Participant.RETURNING, Participant.REGULAR)
                : List.of(Participant.RETURNING, Participant.REGULAR, Participant.ATHLETIC);
    }

    private static int mainOf(Group group) {
        return group.older() ? 0 : Level.of(group.mix()).ordinal();
    }

    private static float[] inside(Timeline timeline, Course course, Map<SegmentId, Target> targets) {
        int seconds = course.seconds();
        float[][] edges = edges(timeline, targets, seconds);
        int[] count = new int[Math.ceilDiv(seconds, COARSE)];
        for (Participant who : Crowd.of(timeline.plan().brief().group(), Crowd.SEED)) {
            float[] shares = course.follow(who, COARSE).shares();
            for (int at = 0; at < shares.length; at++) {
                boolean in = shares[at] >= edges[0][at * COARSE] && shares[at] <= edges[1][at * COARSE];
                count[at] += in ? 1 : 0;
            }
        }
        float[] inside = new float[seconds];
        for (int second = 0; second < seconds; second++) {
            inside[second] = edges[1][second] < 0 ? -1 : (float) count[second / COARSE] / Crowd.SIZE;
        }
        return inside;
    }

    private static float[][] edges(Timeline timeline, Map<SegmentId, Target> targets, int seconds) {
        float[][] edges = new float[2][seconds];
        Arrays.fill(edges[1], -1);
        targets.forEach((id, target) -> {
            Stretch stretch = timeline.ofSegment(id);
            int from = (int) Lengths.seconds(stretch.start());
            int to = Math.min(seconds, (int) Lengths.seconds(stretch.end()));
            for (int second = from; second < to; second++) {
                double part = (second - from) / (double) Math.max(1, to - from);
                edges[0][second] = (float) target.low(part);
                edges[1][second] = (float) target.high(part);
            }
        });
        return edges;
    }

    /** Predicts the line of somebody through the class, second by second. */
    public Line follow(Participant who) {
        return Course.of(pieces, main.seconds(), !timeline.plan().brief().part().begins()).follow(who, 1);
    }

    /**
     * Returns the edges of the target at a second, as shares; none where there is no target.
     *
     * @param second of the class, from 0
     */
    public Optional<double[]> target(int second) {
        return segmentAt(second).flatMap(segment -> Optional.ofNullable(targets.get(segment)).map(target -> {
            Stretch stretch = timeline.ofSegment(segment);
            double from = Lengths.seconds(stretch.start());
            double part = (second - from) / Math.max(1, Lengths.seconds(stretch.end()) - from);
            return new double[]{target.low(part), target.high(part)};
        }));
    }

    /** Returns the stretches in which no heart rate is claimed: sets of toning and the short rests between them. */
    public List<Passage> unclaimed() {
        List<Passage> found = new ArrayList<>();
        for (Piece piece : pieces) {
            if (piece.demand().claimed() || piece.to() <= piece.from()) {
                continue;
            }
            boolean goesOn = !found.isEmpty() && piece.from() - found.getLast().to() <= SHORT_REST;
            int from = goesOn ? found.removeLast().from() : piece.from();
            found.add(new Passage(this, from, piece.to()));
        }
        return found;
    }

    /**
     * Returns whether a heart rate is claimed at a second.
     *
     * @param second of the class, from 0
     */
    public boolean claimedAt(int second) {
        return unclaimed().stream().noneMatch(each -> each.from() <= second && second < each.to());
    }

    private Optional<SegmentId> segmentAt(int second) {
        return pieceAt(second).map(Piece::segment);
    }

    /**
     * Finds what is asked for at a second.
     *
     * @param second of the class, from 0
     */
    public Optional<Piece> pieceAt(int second) {
        int low = 0;
        int high = pieces.size() - 1;
        while (low <= high) {
            int middle = (low + high) >>> 1;
            Piece piece = pieces.get(middle);
            if (second >= piece.to()) {
                low = middle + 1;
            } else if (second < piece.from()) {
                high = middle - 1;
            } else {
                return Optional.of(piece);
            }
        }
        return Optional.empty();
    }

    /** Returns the minutes of somebody in each band, in tenths rounded by who shows them. */
    public Map<Band, Double> minutes(Line line) {
        int[] seconds = new int[Band.values().length];
        for (float share : line.shares()) {
            seconds[Band.of(share).ordinal()]++;
        }
        Map<Band, Double> minutes = new EnumMap<>(Band.class);
        for (Band band : Band.values()) {
            minutes.put(band, seconds[band.ordinal()] / 60.0);
        }
        return minutes;
    }

    /** Returns the minutes that are moderate or harder. */
    public double effortMinutes() {
        Map<Band, Double> minutes = minutes(main);
        return minutes.getOrDefault(Band.MODERATE, 0.0) + minutes.getOrDefault(Band.VIGOROUS, 0.0)
                + minutes.getOrDefault(Band.NEAR_MAXIMAL, 0.0);
    }

    /** Returns the average METs asked of the standard option in some segments, rests included; 0 without any. */
    public double averageMets(Predicate<Role> roles) {
        Map<SegmentId, Role> byId = new HashMap<>();
        timeline.plan().segments().forEach(segment -> byId.put(segment.id(), segment.role()));
        double sum = 0;
        double whole = 0;
        for (Piece piece : pieces) {
            if (roles.test(byId.getOrDefault(piece.segment(), Role.PAUSE))) {
                double length = piece.stretch().length().toNanos();
                sum += length * piece.demand().mets();
                whole += length;
            }
        }
        return whole == 0 ? 0 : sum / whole;
    }

    /** Returns the share of the simulated group and of the time in aerobic parts that lies inside the target. */
    public Optional<Double> insideAerobic() {
        double sum = 0;
        int count = 0;
        for (Segment segment : timeline.plan().segments()) {
            Stretch stretch = timeline.ofSegment(segment.id());
            int to = Math.min(inside.length, (int) Lengths.seconds(stretch.end()));
            for (int at = (int) Lengths.seconds(stretch.start()); segment.role() == Role.AEROBIC
                    && at < to; at++) {
                sum += Math.max(0, inside[at]);
                count++;
            }
        }
        return count == 0 ? Optional.empty() : Optional.of(sum / count);
    }

    /** Returns between how many kcal somebody is estimated to use: 1 MET is about 1 kcal per kg and hour. */
    public int[] energy(Participant who) {
        double metSeconds = 0;
        for (Piece piece : pieces) {
            metSeconds += piece.demand().mets(who) * piece.stretch().length().toNanos() / 1e9;
        }
        double kcal = metSeconds * who.kilos() / HOUR;
        return new int[]{tens(kcal * (1 - UNSURE)), tens(kcal * (1 + UNSURE))};
    }

    private static int tens(double value) {
        return (int) Math.round(value / 10) * 10;
    }
}
