package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/**
 * Where a class that is taught stands. Immutable: each step returns a new run. Its instants are those of a clock that goes
 * on evenly and that nobody sets; only the hard end is one of the clock on the wall.
 *
 * @param course the class as it is taught
 * @param state where it stands
 * @param place the place in the class at {@code since}, 0 to its total
 * @param since when the place was true; it moves on from there while teaching
 * @param started when Start was pressed; meaningless while ready
 * @param hardEnd when the room must be free, by the clock on the wall; meaningless while ready
 * @param visits what was taught until {@code since}, in order; they tile the time since it was started
 * @param forgiven the sides that were forgiven
 */
public record TeachingRun(Course course, RunState state, Duration place, Instant since, Instant started,
        Instant hardEnd, List<Visit> visits, List<Debt> forgiven) {

    /** Pressing Back within this time of an exercise's start goes to the one before. Kehre's estimate. */
    public static final Duration BACK_TO_PREVIOUS = Duration.ofSeconds(3);

    /** What is done for this share or more when Next is pressed was done faster than planned; else it is left. */
    private static final double FINISHING = 0.5;

    public TeachingRun {
        visits = List.copyOf(visits);
        forgiven = List.copyOf(forgiven);
    }

    /** Returns a run that has not started. */
    public static TeachingRun ready(Timeline timeline) {
        return new TeachingRun(Course.of(timeline), RunState.READY, Duration.ZERO, Instant.EPOCH,
                Instant.EPOCH, Instant.EPOCH, List.of(), List.of());
    }

    /** Returns the class as it stands now, laid out in time. */
    public Timeline timeline() {
        return course.timeline();
    }

    /**
     * Returns a run that goes on after the program broke off.
     *
     * @param broken where it stood then, as of {@code since}; what happened since then is missing
     * @param now by the clock that goes on evenly
     * @param missed how long nothing was noted
     * @param went whether the class went on meanwhile; else it was stopped
     */
    public static TeachingRun goneOn(TeachingRun broken, Instant now, Duration missed, boolean went) {
        Instant since = now.minus(missed);
        Duration taught = broken.visits.isEmpty() ? Duration.ZERO : broken.visits.getLast().end();
        TeachingRun then = new TeachingRun(broken.course, went ? RunState.TEACHING : RunState.PAUSED,
                broken.place, since, since.minus(taught), broken.hardEnd, broken.visits, broken.forgiven);
        return went ? then.at(now) : then.resume(now);
    }

    /** Returns the run, which broke off so much later than it was noted, while the class went on. */
    public TeachingRun wentOn(Duration more) {
        Instant began = Instant.EPOCH;
        Duration taught = visits.isEmpty() ? Duration.ZERO : visits.getLast().end();
        TeachingRun going = new TeachingRun(course, RunState.TEACHING, place, began, began.minus(taught),
                hardEnd, visits, forgiven);
        return going.settled(began.plus(more));
    }

    /** Returns where a run broke off. */
    public static TeachingRun broken(Course course, Duration place, Instant hardEnd, List<Visit> visits,
            List<Debt> forgiven) {
        Duration within = place.compareTo(course.timeline().total()) > 0 ? course.timeline().total() : place;
        return new TeachingRun(course, RunState.PAUSED, within, Instant.EPOCH, Instant.EPOCH, hardEnd, visits,
                forgiven);
    }

    /**
     * Starts the class at its place, usually 0.
     *
     * @throws IllegalStateException unless it is ready
     */
    public TeachingRun start(Instant now, Instant end) {
        return new TeachingRun(course, state.to(RunState.TEACHING), place, now, now, end, visits, forgiven)
                .at(now);
    }

    /**
     * Stops the class for a while.
     *
     * @throws IllegalStateException unless it is being taught
     */
    public TeachingRun pause(Instant now) {
        return settled(now).in(state.to(RunState.PAUSED));
    }

    /**
     * Lets the class stand where it is while there is more to say.
     *
     * @throws IllegalStateException unless it is under way
     */
    public TeachingRun talk(Instant now) {
        return settled(now).in(state.to(RunState.TALKING));
    }

    /**
     * Goes on after a pause or a talk.
     *
     * @throws IllegalStateException unless it is paused or talked to
     */
    public TeachingRun resume(Instant now) {
        if (state != RunState.PAUSED && state != RunState.TALKING) {
            throw new IllegalStateException("A class that is %s cannot go on.".formatted(state));
        }
        return settled(now).in(state.to(RunState.TEACHING));
    }

    /** Goes to the start of the next entry, or to the end of the class after the last. */
    public TeachingRun next(Instant now) {
        Duration here = placeAt(now);
        return timeline().turnAt(here).map(turn -> jumped(turn.end(), now)).orElse(this);
    }

    /** Goes back to the start of the entry, or of the one before when pressed at its start. */
    public TeachingRun back(Instant now) {
        Duration here = placeAt(now);
        Duration start = timeline().turnAt(here).map(Stretch::start).orElse(here);
        if (here.minus(start).compareTo(BACK_TO_PREVIOUS) >= 0 || start.isZero()) {
            return jumped(start, now);
        }
        return jumped(timeline().turnAt(start.minusNanos(1)).orElseThrow().start(), now);
    }

    /** Returns the run at an instant: finished, since the class came to its end. */
    public TeachingRun at(Instant now) {
        boolean over = state == RunState.TEACHING && placeAt(now).compareTo(timeline().total()) >= 0;
        return over
                ? settled(since.plus(timeline().total().minus(place))).in(state.to(RunState.FINISHED))
                : this;
    }

    /** Returns the place in the class at an instant, 0 to the class's total. */
    public Duration placeAt(Instant now) {
        if (state != RunState.TEACHING) {
            return place;
        }
        Duration here = place.plus(Duration.between(since, now));
        return here.compareTo(timeline().total()) > 0
                ? timeline().total()
                : here.isNegative() ? Duration.ZERO : here;
    }

    /** Returns what runs at an instant. */
    Optional<Span> spanAt(Instant now) {
        return timeline().at(placeAt(now));
    }

    /** Returns the run with all that was taught until an instant. */
    public TeachingRun upTo(Instant now) {
        return at(now).settled(now);
    }

    /** Returns the run with its place at an instant, and what was taught until then. */
    TeachingRun settled(Instant now) {
        if (!state.under() || now.isBefore(since)) {
            return this;
        }
        List<Visit> all = new ArrayList<>(visits);
        Visits.add(this, now, all);
        return new TeachingRun(course, state, placeAt(now), now, started, hardEnd, all, forgiven);
    }

    /** Counts what runs as done to its end: it was done faster than planned. */
    TeachingRun finished(int at) {
        Span span = timeline().spans().get(at);
        Visit rest = new Visit(course.spots().get(at), span.segment(), span.done().unit(),
                Visits.done(span, place), Visits.done(span, span.end()), Duration.between(started, since),
                Duration.ZERO, Visit.Going.ON);
        List<Visit> all = new ArrayList<>(visits);
        all.add(rest);
        return span.partDone(place) < FINISHING
                ? this
                : new TeachingRun(course, state, place, since, started, hardEnd, all, forgiven);
    }

    private TeachingRun in(RunState other) {
        return new TeachingRun(course, other, place, since, started, hardEnd, visits, forgiven);
    }

    /** Goes to a place. */
    TeachingRun jumped(Duration to, Instant now) {
        if (state == RunState.FINISHED) {
            return this;
        }
        TeachingRun here = settled(now);
        RunState goes = state == RunState.TALKING ? RunState.TEACHING : state;
        boolean over = to.compareTo(timeline().total()) >= 0 && state != RunState.READY;
        return new TeachingRun(course, over ? state.to(RunState.FINISHED) : goes, to, now, started, hardEnd,
                here.visits, forgiven);
    }

    /** Goes on with a class that was changed, from where it stands. */
    TeachingRun with(Course other, Instant now) {
        TeachingRun here = settled(now);
        return new TeachingRun(other, state, other.placeOf(course, here.place), state.under() ? now : since,
                started, hardEnd, here.visits, forgiven);
    }

    /** Goes on with another plan, from where it stands. */
    TeachingRun with(ClassPlan other, Instant now) {
        return with(course.with(other), now);
    }

    TeachingRun withForgiven(List<Debt> others) {
        return new TeachingRun(course, state, place, since, started, hardEnd, visits, others);
    }
}
