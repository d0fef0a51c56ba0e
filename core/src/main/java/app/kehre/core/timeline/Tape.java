package app.kehre.core.timeline;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Side;

/** The spans laid so far, one after the other, and the music that runs along. */
final class Tape {

    private static final int HALF_COUNTS = 2;
    /** How long a class may last: no class does, and all that is reckoned by the second stays small. Kehre's estimate. */
    private static final Duration LONGEST = Duration.ofHours(12);
    /** How many spans a class may have once its rounds, sets and stages are written out. Kehre's estimate. */
    private static final int MOST_SPANS = 20_000;

    private final List<Span> spans = new ArrayList<>();
    private final List<Over> over = new ArrayList<>();
    private final List<Lost> lost = new ArrayList<>();
    private final List<Mark> marks = new ArrayList<>();
    private final Map<EntryId, Duration> begun = new HashMap<>();
    private Duration now = Duration.ZERO;
    private Segment segment;
    private MusicClock music;
    private EntryId entry = EntryId.FIRST;
    private Turn turn = Turn.ONLY;
    private Optional<Exercise> exercise = Optional.empty();
    private Side side = Side.BOTH;
    private boolean clockRest;

    Tape(Segment first) {
        this.segment = first;
        this.music = new MusicClock(first.bpm(), Duration.ZERO);
    }

    void begin(Segment next) {
        segment = next;
        music = new MusicClock(next.bpm(), now);
    }

    /** Begins a turn of a line, in which an exercise is done, or none. */
    void begin(EntryId entryId, Turn next, Optional<Exercise> done) {
        entry = entryId;
        turn = next;
        exercise = done;
        side = Side.BOTH;
        begun.putIfAbsent(entryId, now);
    }

    void onSide(Side next) {
        side = next;
    }

    Duration now() {
        return now;
    }

    Segment segment() {
        return segment;
    }

    /** Returns the turn that was begun. */
    Turn turn() {
        return turn;
    }

    /** Lays a length by the clock in which nothing is counted; the music starts anew after it. */
    void clock(Phase phase, Duration length, Turn in, String words) {
        clock(phase, length, in, Done.NOTHING, words);
    }

    /** Lays a length by the clock; the music starts anew after it. */
    void clock(Phase phase, Duration length, Turn in, Done done, String words) {
        if (!length.isZero()) {
            lay(phase, now.plus(length), in, done, words);
            music = new MusicClock(segment.bpm(), now);
        }
    }

    /** Lays half-counts of the music. */
    void music(Phase phase, long halfCounts, Turn in, Done done, String words) {
        Done from = done.from(music.counts());
        lay(phase, music.after(halfCounts), in, from, words);
    }

    /** Lays whole counts of the music. */
    void counts(Phase phase, long counts, Turn in, Done done, String words) {
        music(phase, Math.multiplyExact(counts, HALF_COUNTS), in, done, words);
    }

    private void lay(Phase phase, Duration end, Turn in, Done done, String words) {
        if (end.compareTo(LONGEST) > 0) {
            throw new IllegalArgumentException(
                    ("A class may last %d hours at most; this one is longer than that"
                            + " in \"%s\".").formatted(LONGEST.toHours(), segment.name()));
        }
        if (spans.size() >= MOST_SPANS) {
            throw new IllegalArgumentException(
                    ("A class may have %d pieces of work, rest and changing over at"
                            + " most, each round, set and side counted; this one has more, in \"%s\".")
                            .formatted(MOST_SPANS, segment.name()));
        }
        boolean works = phase == Phase.WORK || phase == Phase.HOLD;
        spans.add(new Span(new Stretch(now, end), segment.id(), entry, phase, side, in,
                works ? done.with(exercise) : done, words));
        now = end;
        clockRest = false;
    }

    /** Says that the rest laid last belongs to the clock, so that what comes may use it. */
    void restIsOfTheClock() {
        clockRest = !spans.isEmpty() && spans.getLast().phase() == Phase.REST;
    }

    /** Shortens the rest that was laid last, at its end, by at most what is wanted. Returns by how much. */
    Duration takeFromRest(Duration wanted) {
        if (!clockRest || wanted.isZero()) {
            return Duration.ZERO;
        }
        Span rest = spans.removeLast();
        Duration taken = wanted.compareTo(rest.stretch().length()) < 0 ? wanted : rest.stretch().length();
        now = rest.end().minus(taken);
        if (now.compareTo(rest.start()) > 0) {
            spans.add(rest.until(now));
        }
        clockRest = false;
        begun.put(entry, now);
        return taken;
    }

    boolean afterClockRest() {
        return clockRest;
    }

    void explainOver(Duration from, Duration length) {
        Duration end = from.plus(length);
        Stretch stretch = new Stretch(from, end.compareTo(now) < 0 ? end : now);
        if (!stretch.length().isZero()) {
            over.add(new Over(stretch, segment.id(), entry));
        }
    }

    void lose(Duration length) {
        lost.add(new Lost(segment.id(), entry, turn.round(), length));
    }

    void mark(Mark.Kind kind, String words) {
        marks.add(new Mark(now, kind, words));
    }

    List<Span> spans() {
        return spans;
    }

    List<Over> over() {
        return over;
    }

    List<Lost> lost() {
        return lost;
    }

    List<Mark> marks() {
        return marks;
    }

    /** Returns when each entry was begun first. */
    Map<EntryId, Duration> begun() {
        return begun;
    }
}
