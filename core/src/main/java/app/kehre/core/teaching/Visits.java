package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.List;

import app.kehre.core.timeline.Span;

/** What was taught, piece by piece: the time of a run cut at the spans of its class. */
final class Visits {

    private Visits() {}

    /** Adds what a run has taught from its {@code since} to an instant. */
    static void add(TeachingRun run, Instant now, List<Visit> visits) {
        Duration began = Duration.between(run.started(), run.since());
        Duration took = Duration.between(run.since(), now);
        int at = run.course().indexAt(run.place());
        if (took.isZero() || at < 0) {
            return;
        }
        if (run.state() != RunState.TEACHING) {
            visits.add(standing(run, at, began, took));
            return;
        }
        Duration end = run.placeAt(now);
        Duration from = run.place();
        List<Span> spans = run.timeline().spans();
        for (int i = at; i < spans.size() && from.compareTo(end) < 0; i++) {
            Duration to = min(spans.get(i).end(), end);
            if (to.compareTo(from) > 0) {
                visits.add(going(run, i, from, to, began));
                began = began.plus(to.minus(from));
                from = to;
            }
        }
    }

    private static Visit standing(TeachingRun run, int at, Duration began, Duration took) {
        Span span = run.timeline().spans().get(at);
        int done = done(span, run.place());
        return new Visit(run.course().spots().get(at), span.segment(), span.done().unit(), done, done, began,
                took, run.state() == RunState.TALKING ? Visit.Going.TALKED_TO : Visit.Going.PAUSED);
    }

    private static Visit going(TeachingRun run, int at, Duration from, Duration to, Duration began) {
        Span span = run.timeline().spans().get(at);
        return new Visit(run.course().spots().get(at), span.segment(), span.done().unit(), done(span, from),
                done(span, to), began, to.minus(from), Visit.Going.ON);
    }

    /** How many reps, counts, breaths or seconds of a span are done at a place of the class; one begun for more than half is. */
    static int done(Span span, Duration place) {
        double whole = span.done().amount() == 0
                ? span.stretch().length().toMillis() / 1000.0
                : span.done().amount();
        return (int) Math.round(span.partDone(place) * whole);
    }

    private static Duration min(Duration one, Duration other) {
        return one.compareTo(other) < 0 ? one : other;
    }
}
