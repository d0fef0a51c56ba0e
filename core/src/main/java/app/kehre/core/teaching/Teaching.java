package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.plan.EntryId;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/**
 * A class that is taught: where it stands, and every press that brought it there. Immutable.
 *
 * <pre>{@code
 * Teaching begun = Teaching.ready(timeline).press(new Press.Start(end), now, wall).value().orElseThrow();
 * }</pre>
 *
 * @param run where it stands
 * @param events what was pressed, in order, what was taken back as well
 * @param before how it stood before each press that can be taken back, the last one last
 */
public record Teaching(TeachingRun run, List<Event> events, List<TeachingRun> before) {

    /** How many were done of as many as possible. */
    public static final Range COUNT = Range.of("a number done", 0, 999);
    /** How many presses can be taken back: more than anybody remembers. Kehre's estimate. */
    private static final int UNDOABLE = 30;

    /**
     * Something that was pressed.
     *
     * @param at since the class was begun, by the clock that goes on evenly
     * @param wall by the clock on the wall
     * @param press what
     * @param line what ran then; nothing before the class and after it
     */
    public record Event(Duration at, Instant wall, Press press, Optional<EntryId> line) {}

    public Teaching {
        events = List.copyOf(events);
        before = List.copyOf(before);
    }

    /** Returns a class that has not begun. */
    public static Teaching ready(Timeline timeline) {
        return of(TeachingRun.ready(timeline));
    }

    /** Returns a class that stands somewhere. */
    public static Teaching of(TeachingRun run) {
        return new Teaching(run, List.of(), List.of());
    }

    /**
     * Does what is pressed, or says why it does nothing.
     *
     * @param now by the clock that goes on evenly
     * @param wall by the clock on the wall
     */
    public Reading<Teaching> press(Press press, Instant now, Instant wall) {
        TeachingRun here = run.at(now);
        if (press instanceof Press.Undo) {
            return before.isEmpty() ? refused(press, here, now) : Reading.of(undone(now, wall));
        }
        return step(press, here, now).map(next -> {
            List<TeachingRun> states = new ArrayList<>(before);
            states.add(here.state() == RunState.FINISHED ? run : here);
            return new Teaching(next, with(next, press, now, wall, here),
                    states.subList(Math.max(0, states.size() - UNDOABLE), states.size()));
        });
    }

    /** A press may ask for more than a class or a dose can hold, such as a round that ends after midnight. */
    private static Reading<TeachingRun> step(Press press, TeachingRun here, Instant now) {
        try {
            return new Steps(here, now).of(press);
        } catch (IllegalArgumentException tooMuch) {
            return Reading.refused(String.valueOf(tooMuch.getMessage()));
        }
    }

    private Reading<Teaching> refused(Press press, TeachingRun here, Instant now) {
        return new Steps(here, now).of(press).map(same -> this);
    }

    /** As if it had not been pressed: what it had stopped has gone on. */
    private Teaching undone(Instant now, Instant wall) {
        TeachingRun last = before.getLast().at(now);
        return new Teaching(last, with(last, new Press.Undo(), now, wall, run.at(now)),
                before.subList(0, before.size() - 1));
    }

    private List<Event> with(TeachingRun next, Press press, Instant now, Instant wall, TeachingRun here) {
        List<Event> all = new ArrayList<>(events);
        all.add(new Event(Duration.between(next.state() == RunState.READY ? now : next.started(), now), wall,
                press,
                here.state().under() ? here.spanAt(now).map(Span::entry) : Optional.empty()));
        return all;
    }

    /** Returns the class at an instant: finished, when it came to its end. */
    public Teaching at(Instant now) {
        TeachingRun here = run.at(now);
        return here == run ? this : new Teaching(here, events, before);
    }

    /** Returns what was done of as many as possible, by line; the last number holds. */
    public Map<EntryId, Integer> counts() {
        Map<EntryId, Integer> counts = new LinkedHashMap<>();
        for (Event event : standing()) {
            if (event.press() instanceof Press.Count(EntryId entry, int number)) {
                counts.put(entry, number);
            }
        }
        return counts;
    }

    /** Returns the presses that were not taken back. */
    public List<Event> standing() {
        List<Event> standing = new ArrayList<>();
        for (Event event : events) {
            if (!(event.press() instanceof Press.Undo)) {
                standing.add(event);
            } else if (!standing.isEmpty()) {
                standing.removeLast();
            }
        }
        return standing;
    }

    /** Returns the proposals that were taken and not taken back, in words. */
    public List<String> taken() {
        return standing().stream().flatMap(event -> event.press().taken().stream()).toList();
    }

    /** Returns what sides owe at an instant; what is owed at the end of a class stays so. */
    public List<Debt> debts(Instant now) {
        return run.state() == RunState.READY ? List.of() : Debts.of(run.at(now), now);
    }
}
