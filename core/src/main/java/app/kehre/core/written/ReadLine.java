package app.kehre.core.written;

import java.util.List;

import app.kehre.core.plan.Entry;

/**
 * A written line and how it was read.
 *
 * @param number of the line in its text, from 1
 * @param text as it was written
 * @param how it was taken
 * @param words what it is read as, ready to be shown; empty where it says nothing
 * @param entries the lines of the class that it became
 * @param choices where it is not sure, the ways to read it, each in the words of the strict form; the first is the most likely
 */
public record ReadLine(int number, String text, How how, String words, List<Entry> entries,
        List<String> choices) {
    public ReadLine {
        entries = List.copyOf(entries);
        choices = List.copyOf(choices);
    }

    /** How a line was taken. */
    public enum How {
        /** It begins a segment or a circuit. */
        HEADING,
        /** It is read. */
        READ,
        /** It can be read in several ways, or none of them is sure: it waits to be chosen. */
        TO_CHOOSE,
        /** Nobody could read it: it is a note of its segment, with its time where it says one. */
        NOTE,
        /** It says nothing that a class holds: the head of a table, "A + B". */
        NOTHING
    }
}
