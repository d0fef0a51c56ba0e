package app.kehre.core.teaching;

import java.util.Set;

/** The states of a class while it is taught, and which may follow which. */
public enum RunState {
    /** Not yet started. */
    READY,
    /** Under way. */
    TEACHING,
    /** Stopped for a while; the slot runs on. */
    PAUSED,
    /** Over. */
    FINISHED;

    /** Returns the states that may follow. */
    public Set<RunState> next() {
        return switch (this) {
            case READY -> Set.of(TEACHING);
            case TEACHING -> Set.of(PAUSED, FINISHED);
            case PAUSED -> Set.of(TEACHING, FINISHED);
            case FINISHED -> Set.of();
        };
    }

    RunState to(RunState other) {
        if (!next().contains(other)) {
            throw new IllegalStateException("A class that is %s cannot become %s.".formatted(this, other));
        }
        return other;
    }
}
