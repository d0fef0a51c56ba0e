package app.kehre.core.footwork;

import app.kehre.core.value.Named;
import app.kehre.core.value.Term;

/**
 * What one foot does in a half-count.
 *
 * @param foot which foot; in a jump onto both, the lead foot stands for the two
 * @param kind whether and how it takes the weight
 * @param way where it goes
 * @param shape how it looks, one of {@link Shape}
 */
public record Act(Foot foot, Kind kind, Way way, Shape shape) {

    /** Whether and how a foot takes the weight. */
    public enum Kind {
        /** A step that takes the weight. */
        STEP,
        /** The foot is set down and shares the weight. */
        PLANT,
        /** A spring onto the same foot. */
        HOP,
        /** A spring from the other foot onto this one. */
        LEAP,
        /** A jump onto both feet. */
        JUMP,
        /** A gesture that does not take the weight. */
        GESTURE;

        /** Returns whether both feet leave the ground. */
        public boolean springs() {
            return this == HOP || this == LEAP || this == JUMP;
        }
    }

    /** How a foot moves, for people who read it; it changes nothing in what is computed but lifts. */
    public enum Shape implements Named {
        /** As usual. */
        PLAIN("plain", ""),
        /** The toes or the forefoot touch. */
        TAP("tap", "tap"),
        /** The heel touches. */
        HEEL("heel", "heel"),
        /** The knee is lifted. */
        KNEE("knee", "knee"),
        /** The foot kicks. */
        KICK("kick", "kick"),
        /** The heel comes to the seat. */
        CURL("curl", "curl"),
        /** The straight leg is lifted. */
        LIFT("lift", "lift"),
        /** Feet apart. */
        WIDE("wide", "wide"),
        /** Crossing in front or behind. */
        CROSS("cross", "cross");

        private final Term term;

        Shape(String key, String words) {
            this.term = new Term(key, words);
        }

        @Override
        public Term term() {
            return term;
        }

        /** Returns whether it is a gesture of a free foot. */
        public boolean gesture() {
            return ordinal() >= TAP.ordinal() && ordinal() <= LIFT.ordinal();
        }

        /** Returns whether the free foot leaves the floor in the gesture. */
        public boolean lifts() {
            return ordinal() >= KNEE.ordinal() && ordinal() <= LIFT.ordinal();
        }
    }

    /** Where a foot goes, seen from the body; sides are those of the lead foot. */
    public enum Way implements Named {
        /** On the spot, or to the other foot. */
        HERE("here", "", 0, 0),
        /** One step forward. */
        FORE("fore", "fore", 0, 1),
        /** One step back. */
        BACK("back", "back", 0, -1),
        /** One step to the side of the lead foot. */
        SIDE("side", "side", 1, 0),
        /** One step away from the side of the lead foot. */
        AWAY("away", "away", -1, 0),
        /** Onto the bench. */
        UP("up", "up", 0, 0),
        /** Onto the bench at the end on the side of the lead foot. */
        UP_END("up-end", "up end", 0, 0),
        /** Onto the bench at its other end. */
        UP_FAR("up-far", "up far", 0, 0),
        /** Onto the bench and a step to the side of the lead foot. */
        UP_SIDE("up-side", "up side", 1, 0),
        /** Onto the bench and a step away from it. */
        UP_AWAY("up-away", "up away", -1, 0),
        /** Onto the bench and a step forward. */
        UP_FORE("up-fore", "up fore", 0, 1),
        /** Onto the bench and a step back. */
        UP_BACK("up-back", "up back", 0, -1),
        /** Off the bench to where one came from. */
        DOWN("down", "down", 0, 0),
        /** Off the bench forward. */
        DOWN_FORE("down-fore", "down fore", 0, 1),
        /** Off the bench backward. */
        DOWN_BACK("down-back", "down back", 0, -1),
        /** Off the bench to the side of the lead foot. */
        DOWN_SIDE("down-side", "down side", 1, 0),
        /** Off the bench away from the side of the lead foot. */
        DOWN_AWAY("down-away", "down away", -1, 0),
        /** Off the bench on the far side of where one came from. */
        OVER("over", "over", 0, 0),
        /** To the floor with the bench between the feet. */
        ASTRIDE("astride", "astride", 0, 0);

        private final Term term;
        private final int aside;
        private final int ahead;

        Way(String key, String words, int aside, int ahead) {
            this.term = new Term(key, words);
            this.aside = aside;
            this.ahead = ahead;
        }

        @Override
        public Term term() {
            return term;
        }

        /** Returns how many steps it goes to the side of the lead foot. */
        public int aside() {
            return aside;
        }

        /** Returns how many steps it goes forward. */
        public int ahead() {
            return ahead;
        }

        /** Returns whether it goes onto the bench. */
        public boolean up() {
            return compareTo(UP) >= 0 && compareTo(UP_BACK) <= 0;
        }

        /** Returns whether it goes off the bench. */
        public boolean down() {
            return compareTo(DOWN) >= 0 && compareTo(OVER) <= 0;
        }

        /** Returns whether it is about the bench. */
        public boolean bench() {
            return up() || down() || this == ASTRIDE;
        }
    }

    public Act {
        if ((kind == Kind.GESTURE) != shape.gesture()) {
            throw new IllegalArgumentException(
                    "A gesture is a tap, heel, knee, kick, curl or lift, and only a gesture is; not %s %s."
                            .formatted(kind, shape));
        }
    }

    /** Returns whether the act puts weight on the foot. */
    public boolean bears() {
        return kind != Kind.GESTURE;
    }
}
