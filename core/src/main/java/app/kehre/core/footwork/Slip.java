package app.kehre.core.footwork;

/**
 * Something that cannot be danced, or must not be.
 *
 * @param kind what kind
 * @param words what is wrong, half a sentence: "there is no bench within a step"
 */
public record Slip(Kind kind, String words) {

    /** What kind of slip it is. */
    public enum Kind {
        /** The foot that should act bears the weight. */
        FOOT,
        /** The move needs another place. */
        PLACE,
        /** The move needs another facing. */
        FACING,
        /** A step forward off the bench. */
        OFF_THE_FRONT,
        /** A spring down from the bench. */
        SPRING_DOWN
    }
}
