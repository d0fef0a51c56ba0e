package app.kehre.desk.teach;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayDeque;
import java.util.Deque;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;

import app.kehre.core.effort.Effort;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.rehearsal.GroupPulse;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.HeartRates;
import app.kehre.core.rehearsal.MusicDeck;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.rehearsal.SimulatedDeck;
import app.kehre.core.rehearsal.SimulatedStraps;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.timeline.Timeline;

/**
 * A rehearsal on the walls, faster than a class: the presses of a simulated instructor, the straps of a simulated group, a
 * simulated deck. Whoever presses a key takes over; what was talked too long is talked too long all the same.
 */
final class LiveRehearsal {

    private static final Set<Press> TALKS = Set.of(Press.Key.TALK, Press.Key.GO_ON);
    /** How a rehearsal on the walls goes: rather slow, since that is what is rehearsed for. */
    private static final Habits HABITS = new Habits(15, Duration.ofMinutes(2), false, true);

    private final HallClock clock;
    private final Instant began;
    private final Instant realBegan;
    private final int speed;
    private final Deque<Teaching.Event> due;
    private final HeartRates straps;
    private final MusicDeck deck;
    private final Effort effort;
    private Optional<SegmentId> playing = Optional.empty();
    private boolean takenOver;

    LiveRehearsal(ClassPlan plan, Instant slot, HallClock clock, long seed, int speed) {
        this.clock = clock;
        this.speed = speed;
        Timeline timeline = Timeline.of(plan);
        Rehearsal rehearsal = Rehearsal.of(plan, slot, seed, HABITS);
        this.began = rehearsal.began();
        this.realBegan = clock.real();
        this.due = new ArrayDeque<>(rehearsal.taught().events());
        this.straps = new SimulatedStraps(timeline, seed);
        this.deck = new SimulatedDeck(seed, rehearsal.length());
        this.effort = Effort.of(timeline);
        clock.set(began);
    }

    int speed() {
        return speed;
    }

    /** Lets the clock of the rehearsal go on, and presses what is due on the way. */
    void tick(Consumer<Press> press) {
        Instant target = began.plus(Duration.between(realBegan, clock.real()).multipliedBy(speed));
        while (!due.isEmpty() && !began.plus(due.peek().at()).isAfter(target)) {
            Teaching.Event event = due.remove();
            if (!takenOver || TALKS.contains(event.press())) {
                clock.set(began.plus(event.at()));
                press.accept(event.press());
            }
        }
        clock.set(target);
    }

    /** Somebody has pressed a key. */
    void takeOver() {
        takenOver = true;
    }

    /** Returns how the group is at a moment. */
    GroupPulse pulse(Moment moment) {
        return GroupPulse.of(straps, moment.place());
    }

    /** Returns the edges of what is due, per cent of the reserve; none where nothing is. */
    Optional<double[]> band(Moment moment) {
        return effort.target((int) moment.place().toSeconds());
    }

    /** Returns "music at 128", "the music has stopped". */
    String music(Moment moment, Timeline timeline) {
        Optional<SegmentId> segment = moment.span().map(span -> span.segment());
        if (segment.isPresent() && !segment.equals(playing)) {
            playing = segment;
            timeline.plan().findSegment(segment.get())
                    .ifPresent(found -> deck.play(found.bpm(), clock.now()));
        }
        return deck.beat(clock.now()).isEmpty()
                ? "the music has stopped"
                : playing.flatMap(id -> timeline.plan().findSegment(id))
                        .map(found -> "music at " + found.bpm().value()).orElse("");
    }
}
