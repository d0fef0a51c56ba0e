package app.kehre.core.teaching;

import java.util.Set;

/** The states of a class while it is taught, and which may follow which. */
public enum RunState {
    /** Not yet started. */
    READY("ready"),
    /** Under way. */
    TEACHING("under way"),
    /** Stopped for a while; the slot runs on. */
    PAUSED("paused"),
    /** There is more to say than planned: it stands where it is; the slot runs on. */
    TALKING("talked to"),
    /** Over. */
    FINISHED("over");

    private final String words;

    RunState(String words) {
        this.words = words;
    }

    /** Returns "under way", "over". */
    public String words() {
        return words;
    }

    /** Returns the states that may follow. */
    public Set<RunState> next() {
        return switch (this) {
            case READY -> Set.of(TEACHING);
            case TEACHING -> Set.of(PAUSED, TALKING, FINISHED);
            case PAUSED -> Set.of(TEACHING, TALKING, FINISHED);
            case TALKING -> Set.of(TEACHING, PAUSED, FINISHED);
            case FINISHED -> Set.of();
        };
    }

    /** Returns whether the class was begun and is not over. */
    public boolean under() {
        return this != READY && this != FINISHED;
    }

    RunState to(RunState other) {
        if (!next().contains(other)) {
            throw new IllegalStateException("A class that is %s cannot become %s.".formatted(this, other));
        }
        return other;
    }
}
