package app.kehre.core.hall;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;

import app.kehre.core.music.Bpm;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;

/** When which sound is due in a class. A pure function of its timeline. */
public final class Signals {

    private static final int IN = 4;
    private static final int PHRASE = 32;
    private static final Duration SECOND = Duration.ofSeconds(1);
    /** Shorter work has no last seconds and no half. Kehre's estimate. */
    private static final Duration LONG = Duration.ofSeconds(10);
    private static final Duration HALVED = Duration.ofSeconds(20);

    private final Timeline timeline;
    private final Duration from;
    private final Duration to;
    private final List<Due> due = new ArrayList<>();

    /**
     * A sound that is due.
     *
     * @param at the place in the class
     * @param signal which
     */
    public record Due(Duration at, Signal signal) {}

    private Signals(Timeline timeline, Duration from, Duration to) {
        this.timeline = timeline;
        this.from = from;
        this.to = to;
    }

    /**
     * Returns what is due in a part of a class, in order.
     *
     * @param from included
     * @param to excluded
     */
    public static List<Due> between(Timeline timeline, Duration from, Duration to) {
        Signals signals = new Signals(timeline, from, to);
        signals.find();
        signals.due.sort(Comparator.comparing(Due::at).thenComparing(Due::signal));
        return signals.due;
    }

    /** A count-in reaches before its span: what begins a little behind what is asked for is looked at as well. */
    private void find() {
        List<Span> spans = timeline.spans();
        int at = Math.max(0, timeline.indexAt(from));
        boolean behind = false;
        for (int i = at; i < spans.size() && !behind; i++) {
            behind = spans.get(i).start().compareTo(to.plus(LONG)) >= 0;
            add(i == 0 ? Phase.PAUSE : spans.get(i - 1).phase(), i == 0 ? Side.BOTH : spans.get(i - 1).side(),
                    spans.get(i));
        }
    }

    private void add(Phase before, Side sideBefore, Span span) {
        boolean works = works(span.phase());
        boolean byClock = span.done().amount() == 0;
        boolean otherSide = span.side() != Side.BOTH && sideBefore != Side.BOTH && span.side() != sideBefore;
        if (span.phase() == Phase.SIDE_CHANGE || works && otherSide && span.turn().stage().isEmpty()) {
            add(span.start(), Signal.SIDE);
        } else if (works && !works(before)) {
            add(span.start(), Signal.WORK);
        } else if (span.phase() == Phase.REST) {
            add(span.start(), Signal.REST);
        }
        if (works && !byClock && !works(before) && before != Phase.REST) {
            countIn(span);
        }
        if (span.phase() == Phase.REST || works && byClock) {
            byTheClock(span);
        }
        if (works && span.done().countsOfMusic()) {
            counts(span);
        }
    }

    private static boolean works(Phase phase) {
        return phase == Phase.WORK || phase == Phase.HOLD;
    }

    private Bpm bpm(Span span) {
        return timeline.plan().findSegment(span.segment()).map(Segment::bpm).orElse(new Bpm(120));
    }

    private void countIn(Span span) {
        for (int count = 1; count <= IN; count++) {
            add(span.start().minus(bpm(span).at(2L * count)), Signal.COUNT_IN);
        }
    }

    private void byTheClock(Span span) {
        Duration length = span.stretch().length();
        if (length.compareTo(LONG) >= 0) {
            for (int left = 1; left <= 3; left++) {
                add(span.end().minus(SECOND.multipliedBy(left)), Signal.LAST_SECONDS);
            }
        }
        if (works(span.phase()) && length.compareTo(HALVED) >= 0) {
            add(span.start().plus(length.dividedBy(2)), Signal.HALFWAY);
        }
    }

    private void counts(Span span) {
        Duration length = span.stretch().length();
        Bpm bpm = bpm(span);
        long first = span.done().firstCount().orElse(0);
        for (long count = 0; bpm.at(2 * count).compareTo(length) < 0; count++) {
            Duration at = span.start().plus(bpm.at(2 * count));
            add(at, Signal.CLICK);
            if ((first + count) % PHRASE == 0) {
                add(at, Signal.PHRASE);
            }
        }
    }

    private void add(Duration at, Signal signal) {
        if (at.compareTo(from) >= 0 && at.compareTo(to) < 0) {
            due.add(new Due(at, signal));
        }
    }
}
