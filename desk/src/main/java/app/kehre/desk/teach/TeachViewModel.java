package app.kehre.desk.teach;

import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.time.LocalDateTime;
import java.util.Optional;
import javafx.beans.property.ReadOnlyBooleanProperty;
import javafx.beans.property.ReadOnlyBooleanWrapper;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.beans.property.ReadOnlyStringWrapper;

import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Timeline;

/** The class being taught, moved on by a clock that is passed in. */
public final class TeachViewModel {

    private final Clock clock;
    private final InstantSource steady;
    private final ReadOnlyStringWrapper undoable = new ReadOnlyStringWrapper("");
    private final ReadOnlyObjectWrapper<TeachingRun> stepped = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyBooleanWrapper facing = new ReadOnlyBooleanWrapper(true);
    private Optional<TeachingRun> before = Optional.empty();
    private final ReadOnlyObjectWrapper<Moment> moment = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Timeline> timeline = new ReadOnlyObjectWrapper<>();
    private TeachingRun run;

    /**
     * Makes a class ready to be taught.
     *
     * @param clock the one on the wall, by which the room must be free
     * @param steady the one by which the class goes
     */
    public TeachViewModel(Timeline timeline, Clock clock, InstantSource steady) {
        this.clock = clock;
        this.steady = steady;
        this.timeline.set(timeline);
        this.run = TeachingRun.ready(timeline);
        stepped.set(run);
        tick();
    }

    /** Returns what holds now; {@link #tick} brings it up to date. */
    public ReadOnlyObjectProperty<Moment> moment() {
        return moment.getReadOnlyProperty();
    }

    /** Returns the class that is taught. */
    ReadOnlyObjectProperty<Timeline> timeline() {
        return timeline.getReadOnlyProperty();
    }

    Clock clock() {
        return clock;
    }

    /** Returns whether the instructor faces the group and moves as its mirror image. */
    public ReadOnlyBooleanProperty facing() {
        return facing.getReadOnlyProperty();
    }

    /** Says whether the instructor faces the group. */
    public void face(boolean group) {
        facing.set(group);
    }

    void turnRound() {
        facing.set(!facing.get());
    }

    /** Takes up the class as it is planned now, unless it is being taught. */
    public void prepare(Timeline planned) {
        if (run.state() == RunState.READY || run.state() == RunState.FINISHED) {
            run = TeachingRun.ready(planned);
            timeline.set(planned);
        }
        tick();
    }

    /** Returns whether the class that is being taught is no longer the one that is planned. */
    public boolean differsFrom(Timeline planned) {
        return !run.timeline().plan().equals(planned.plan());
    }

    /** Looks at the clock. */
    public void tick() {
        Instant now = steady.instant();
        TeachingRun settled = run.at(now);
        if (settled.state() != run.state()) {
            run = settled;
            stepped.set(run);
        }
        moment.set(Moment.of(run, now, clock.instant()));
    }

    /** Returns the run as it was after the last step of the instructor, for keeping. */
    public ReadOnlyObjectProperty<TeachingRun> stepped() {
        return stepped.getReadOnlyProperty();
    }

    /** Returns the step that can be taken back although the class ended or stood at its start by it; else nothing. */
    ReadOnlyStringProperty undoable() {
        return undoable.getReadOnlyProperty();
    }

    /** Goes on with a class that was being taught when the program broke off. */
    public void goOn(Timeline planned, Duration place, Instant hardEnd) {
        timeline.set(planned);
        step(TeachingRun.goneOn(planned, place, steady.instant(), hardEnd), "");
    }

    private void step(TeachingRun next, String name) {
        boolean lost = next.state() == RunState.READY || next.state() == RunState.FINISHED;
        boolean goes = run.state() == RunState.TEACHING || run.state() == RunState.PAUSED;
        before = lost && goes ? Optional.of(run) : Optional.empty();
        undoable.set(before.isPresent() ? name : "");
        run = next;
        stepped.set(run);
        tick();
    }

    /** Takes back the step by which the class ended or stood at its start again: it goes on as if nothing had been. */
    void undo() {
        before.ifPresent(lost -> step(lost, ""));
    }

    /** Starts, pauses or goes on; after the end it makes the class ready again. */
    public void startOrPause() {
        Instant now = steady.instant();
        step(switch (run.at(now).state()) {
            case READY -> run.start(now, hardEnd());
            case TEACHING -> run.pause(now);
            case PAUSED -> run.resume(now);
            case FINISHED -> TeachingRun.ready(run.timeline());
        }, "");
    }

    /** The slot is a length: in the night when an hour is doubled or left out the room is free as long as ever. */
    private Instant hardEnd() {
        Instant now = clock.instant();
        LocalDateTime started = LocalDateTime.ofInstant(now, clock.getZone());
        return now.plus(Duration.between(started, run.timeline().plan().brief().hardEnd(started)));
    }

    void next() {
        step(run.next(steady.instant()), "next");
    }

    void back() {
        step(run.back(steady.instant()), "");
    }

    /** Gives the run up and makes the class ready again. */
    void startOver() {
        step(TeachingRun.ready(run.timeline()), "start over");
    }
}
