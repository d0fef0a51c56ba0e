package app.kehre.core.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.value.Named;
import app.kehre.core.value.Range;
import app.kehre.core.value.Term;

/**
 * Time in which nobody works: water, fetching kit, a change of music, a rest, or talk.
 *
 * @param id what tells it from all others of the plan
 * @param kind what it is for
 * @param name what it is called, such as "Welcome"
 * @param length 1 to 1200 s
 * @param staying whether people stay as they are, with what they hold; else hands are emptied and who lies may get up
 * @param moving whether people keep moving on the spot
 * @param notBefore the time of the class before which it does not begin, whole seconds up to 3 h: those who
 *     come early hold their pattern until then
 * @param note the instructor's own words; at most {@value Notes#LONGEST} characters
 */
public record Pause(EntryId id, Kind kind, String name, Duration length, boolean staying,
        boolean moving, Optional<Duration> notBefore, String note) implements Entry {

    /** The time of the class before which a pause does not begin. */
    public static final Range NOT_BEFORE = Range.ofSeconds("the time of a pause", 0, 10_800);
    /** How long a pause may be: a guard against slips of the pen (Kehre's estimate). */
    public static final Range LENGTH = Range.ofSeconds("a pause", 1, 1200);

    public Pause {
        if (name.isBlank()) {
            throw new IllegalArgumentException("A pause must have a name.");
        }
        LENGTH.check(length);
        notBefore.ifPresent(NOT_BEFORE::check);
        Notes.check(note);
    }

    /** What a pause is for. */
    public enum Kind implements Named {
        /** Drinking; 40 s lies in the usual 30 to 60 s (teaching range, figures.md "Time"). */
        WATER("water", "water", "Water", 40),
        /** Fetching or putting away equipment. */
        KIT("kit", "kit", "Fetch kit", 40),
        /** Changing the music. */
        MUSIC("music", "music", "Change the music", 15),
        /** Getting one's breath back. */
        REST("rest", "rest", "Rest", 20),
        /** Greeting, explaining, thanks. */
        TALK("talk", "talk", "Welcome", 60);

        private final Term term;
        private final String usualName;
        private final int usualSeconds;

        Kind(String key, String words, String usualName, int usualSeconds) {
            this.term = new Term(key, words);
            this.usualName = usualName;
            this.usualSeconds = usualSeconds;
        }

        @Override
        public Term term() {
            return term;
        }

        /** Returns the name that a new pause starts with. */
        public String usualName() {
            return usualName;
        }

        /** Returns the length that a new pause starts with. */
        public Duration usualLength() {
            return Duration.ofSeconds(usualSeconds);
        }
    }

    /** Returns a new pause of the kind with its usual name and length. */
    public static Pause of(EntryId id, Kind kind) {
        return new Pause(id, kind, kind.usualName(), kind.usualLength(), kind == Kind.REST, false,
                Optional.empty(), "");
    }

    /**
     * Returns the pause with another length.
     *
     * @param other 1 to 1200 s
     */
    public Pause withLength(Duration other) {
        return new Pause(id, kind, name, other, staying, moving, notBefore, note);
    }

    /** Returns the pause with another name. */
    @Override
    public Pause withName(String other) {
        return new Pause(id, kind, other, length, staying, moving, notBefore, note);
    }

    /** Returns the pause with people moving or resting. */
    public Pause withMoving(boolean other) {
        return new Pause(id, kind, name, length, staying, other, notBefore, note);
    }

    /** Returns the pause with people staying as they are, or not. */
    public Pause withStaying(boolean other) {
        return new Pause(id, kind, name, length, other, moving, notBefore, note);
    }

    /**
     * Returns the pause with another earliest time.
     *
     * @param other of the class; nothing for whenever it comes
     */
    public Pause withNotBefore(Optional<Duration> other) {
        return new Pause(id, kind, name, length, staying, moving, other, note);
    }

    @Override
    public boolean stops() {
        return !moving;
    }

    @Override
    public boolean isWater() {
        return kind == Kind.WATER;
    }

    @Override
    public List<Exercise> exercises() {
        return List.of();
    }

    @Override
    public Pause withId(EntryId other) {
        return new Pause(other, kind, name, length, staying, moving, notBefore, note);
    }

    @Override
    public Pause withNote(String other) {
        return new Pause(id, kind, name, length, staying, moving, notBefore, other);
    }
}
