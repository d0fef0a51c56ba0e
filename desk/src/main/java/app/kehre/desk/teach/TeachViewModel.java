package app.kehre.desk.teach;

import java.time.Clock;
import java.time.Instant;
import java.time.LocalDateTime;
import javafx.beans.property.ReadOnlyObjectProperty;
import javafx.beans.property.ReadOnlyObjectWrapper;

import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Timeline;

/** The class being taught, moved on by a clock that is passed in. */
public final class TeachViewModel {

    private final Clock clock;
    private final ReadOnlyObjectWrapper<Moment> moment = new ReadOnlyObjectWrapper<>();
    private final ReadOnlyObjectWrapper<Timeline> timeline = new ReadOnlyObjectWrapper<>();
    private TeachingRun run;

    /** Makes a class ready to be taught. */
    public TeachViewModel(Timeline timeline, Clock clock) {
        this.clock = clock;
        this.timeline.set(timeline);
        this.run = TeachingRun.ready(timeline);
        tick();
    }

    /** Returns what holds now; {@link #tick} brings it up to date. */
    ReadOnlyObjectProperty<Moment> moment() {
        return moment.getReadOnlyProperty();
    }

    /** Returns the class that is taught. */
    ReadOnlyObjectProperty<Timeline> timeline() {
        return timeline.getReadOnlyProperty();
    }

    Clock clock() {
        return clock;
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
        Instant now = clock.instant();
        run = run.at(now);
        moment.set(Moment.of(run, now));
    }

    /** Starts, pauses or goes on; after the end it makes the class ready again. */
    public void startOrPause() {
        Instant now = clock.instant();
        run = switch (run.at(now).state()) {
            case READY -> run.start(now, hardEnd(now));
            case TEACHING -> run.pause(now);
            case PAUSED -> run.resume(now);
            case FINISHED -> TeachingRun.ready(run.timeline());
        };
        tick();
    }

    private Instant hardEnd(Instant now) {
        LocalDateTime started = LocalDateTime.ofInstant(now, clock.getZone());
        return run.timeline().plan().brief().hardEnd(started).atZone(clock.getZone()).toInstant();
    }

    void next() {
        run = run.next(clock.instant());
        tick();
    }

    void back() {
        run = run.back(clock.instant());
        tick();
    }

    /** Gives the run up and makes the class ready again. */
    void startOver() {
        run = TeachingRun.ready(run.timeline());
        tick();
    }
}
