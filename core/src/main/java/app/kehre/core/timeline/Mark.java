package app.kehre.core.timeline;

import java.time.Duration;

/**
 * Something the group has to change or is given at a moment of the class.
 *
 * @param at when
 * @param kind what sort of change
 * @param words what to write beside it
 */
public record Mark(Duration at, Kind kind, String words) {

    /** What sort of change it is. */
    public enum Kind {
        /** Down to the floor. */
        DOWN,
        /** Up from the floor. */
        UP,
        /** Kit is taken, changed or put away, or the place is changed. */
        KIT,
        /** Water. */
        WATER,
        /** An exercise is used for the first time. */
        FIRST
    }
}
