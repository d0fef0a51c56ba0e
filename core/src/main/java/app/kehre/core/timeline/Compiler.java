package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Side;
import app.kehre.core.dose.Tempo;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;

/** Lays the spans of a class one after the other. */
final class Compiler {

    private static final int HALF_COUNTS = 2;

    private final List<Span> spans = new ArrayList<>();
    private Duration now = Duration.ZERO;
    private Segment segment;
    private MusicClock music;
    private int entry;
    private Side side = Side.BOTH;

    Compiler(Segment first) {
        this.segment = first;
        this.music = new MusicClock(first.bpm(), Duration.ZERO);
    }

    void add(Segment next) {
        segment = next;
        music = new MusicClock(next.bpm(), now);
        next.entries().forEach(this::add);
    }

    Duration now() {
        return now;
    }

    List<Span> spans() {
        return spans;
    }

    private void add(Entry next) {
        entry = next.id();
        side = Side.BOTH;
        switch (next) {
            case Pause pause ->
                clock(pause.kind() == Pause.Kind.TALK ? Phase.TALK : Phase.PAUSE, 0, pause.length(), 0);
            case Item item -> add(item);
        }
    }

    private void add(Item item) {
        List<Side> order = item.dose().sides().order();
        for (Side next : order) {
            boolean second = next != order.getFirst();
            side = next;
            switch (item.dose()) {
                case Reps reps -> addReps(reps, second);
                case Hold hold -> addHold(hold, second);
                case Interval interval -> addInterval(interval, second, next == order.getLast());
                case Counts counts ->
                    music(0, counts.counts(), (long) counts.counts() * counts.pace().halfCounts());
            }
        }
    }

    private void addReps(Reps reps, boolean secondSide) {
        changeSide(secondSide);
        for (int set = 1; set <= reps.sets(); set++) {
            switch (reps.tempo()) {
                case Tempo.Usual() ->
                    clock(Phase.WORK, set, Tempo.USUAL_REP.multipliedBy(reps.reps()), reps.reps());
                case Tempo.Seconds(Tempo.Phases phases) ->
                    clock(Phase.WORK, set, Duration.ofSeconds((long) phases.sum() * reps.reps()),
                            reps.reps());
                case Tempo.MusicCounts(Tempo.Phases phases) ->
                    music(set, reps.reps(), (long) phases.sum() * reps.reps() * HALF_COUNTS);
            }
            if (set < reps.sets()) {
                clock(Phase.REST, set, reps.rest(), 0);
            }
        }
    }

    private void addHold(Hold hold, boolean secondSide) {
        changeSide(secondSide);
        for (int set = 1; set <= hold.sets(); set++) {
            clock(Phase.HOLD, set, hold.length(), 0);
            if (set < hold.sets()) {
                clock(Phase.REST, set, hold.rest(), 0);
            }
        }
    }

    private void addInterval(Interval interval, boolean secondSide, boolean lastSide) {
        changeSide(secondSide && interval.rest().isZero());
        for (int round = 1; round <= interval.rounds(); round++) {
            clock(Phase.WORK, round, interval.work(), 0);
            if (round < interval.rounds() || !lastSide || interval.lastRest()) {
                clock(Phase.REST, round, interval.rest(), 0);
            }
        }
    }

    private void changeSide(boolean needed) {
        if (needed) {
            clock(Phase.SIDE_CHANGE, 0, Times.SIDE_CHANGE, 0);
        }
    }

    private void clock(Phase phase, int pass, Duration length, int parts) {
        if (!length.isZero()) {
            lay(phase, pass, now.plus(length), parts, -1);
            music = new MusicClock(segment.bpm(), now);
        }
    }

    private void music(int pass, int parts, long halfCounts) {
        long first = music.counts();
        lay(Phase.WORK, pass, music.after(halfCounts), parts, first);
    }

    private void lay(Phase phase, int pass, Duration end, int parts, long firstCount) {
        spans.add(new Span(new Stretch(now, end), segment.id(), entry, phase, pass, side, parts, firstCount));
        now = end;
    }
}
