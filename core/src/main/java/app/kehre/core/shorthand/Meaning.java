package app.kehre.core.shorthand;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;

/** What a written line may mean. */
public sealed interface Meaning {

    /** The title of the class. */
    record Title(String title) implements Meaning {}

    /** A segment begins; its lines come later. */
    record Part(Segment segment) implements Meaning {}

    /**
     * A circuit begins.
     *
     * @param name of the circuit; may be empty
     * @param rounds how often
     * @param rest between two rounds
     * @param clock the interval of all its stations; nothing where each has its own
     * @param role of the part that it makes where none is open; nothing where its name says none
     */
    record Rounds(String name, int rounds, Duration rest, Optional<Clock> clock,
            Optional<Role> role) implements Meaning {}

    /** An interval for the lines that follow and say none. */
    record Clock(Duration work, Duration rest) implements Meaning {}

    /**
     * Lines of the class: exercises, pauses, a screen; numbered from 1.
     *
     * @param label whether the line began with a heading of its own, such as "Cool down:"; its segment
     */
    record Lines(List<Entry> lines, Optional<Segment> label) implements Meaning {
        public Lines {
            lines = List.copyOf(lines);
        }
    }

    /** Moves that are built up. */
    record Combination(Moves moves) implements Meaning {}

    /** The lines since the last heading so many times: "repeat x 2". */
    record Again(int rounds) implements Meaning {}

    /** The lines of one side above, on the other. */
    record OtherSide() implements Meaning {}

    /** Says nothing that a class would hold: the head of a table, "A + B". */
    record Remark() implements Meaning {}

    /** Nobody could read it; it stays as the note of a line, with its time where it says one. */
    record Note(String text, Optional<Duration> length) implements Meaning {}
}
