package app.kehre.core.catching;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Span;

/**
 * How much slower a class has been so far than it is planned, in what no clock and no music drives; so much slower what is
 * left of it is expected to be. Kehre's estimate: as if five minutes more had gone as planned, and nothing counted as more
 * than half as long again, so that one long talk is no tendency (figures.md, "Catching up").
 */
final class Tendency {

    /** Pieces of 10 to 60 s that vary by a quarter to a third, against days that vary by a tenth. */
    private static final double AS_PLANNED = 300;
    private static final double MOST = 1.5;
    private static final double A_LITTLE = 5;

    private Tendency() {}

    /** Returns by how much what is left is expected to take longer than planned; 0 where the class has not been slower. */
    static Duration of(Course course, Duration place, List<Visit> visits) {
        Map<Spot, Double> taught = new HashMap<>();
        for (Visit visit : visits) {
            if (visit.going() != Visit.Going.PAUSED) {
                taught.merge(visit.spot(), seconds(visit.took()), Double::sum);
            }
        }
        double took = AS_PLANNED;
        double planned = AS_PLANNED;
        double ahead = 0;
        List<Span> spans = course.timeline().spans();
        for (int i = 0; i < spans.size(); i++) {
            Span span = spans.get(i);
            if (!isFree(span)) {
                continue;
            }
            double length = seconds(span.stretch().length());
            Double so = taught.get(course.spots().get(i));
            if (span.start().compareTo(place) >= 0) {
                ahead += length;
            } else if (so != null && span.end().compareTo(place) <= 0) {
                planned += length;
                took += Math.min(so, MOST * length + A_LITTLE);
            }
        }
        double slower = Math.max(0, took / planned - 1);
        return Duration.ofMillis(Math.round(slower * ahead * 1_000));
    }

    private static double seconds(Duration length) {
        return length.toMillis() / 1_000.0;
    }

    /** Whether people, and no clock and no music, say how long it takes. */
    private static boolean isFree(Span span) {
        return switch (span.phase()) {
            case TALK, SET_UP, TRANSITION, SIDE_CHANGE, PAUSE -> true;
            case EXPLAIN -> span.turn().stage().isEmpty();
            case REST -> span.turn().interval().isEmpty();
            case WORK, HOLD ->
                span.done().unit() == Done.Unit.REPS || span.done().unit() == Done.Unit.BREATHS;
        };
    }
}
