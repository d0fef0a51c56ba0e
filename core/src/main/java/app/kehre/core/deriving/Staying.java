package app.kehre.core.deriving;

import java.util.function.Predicate;

import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;

/** What stays when a part is derived. */
final class Staying {

    /** Water, talk, and what is locked. */
    static final Predicate<Entry> ALWAYS = line -> line instanceof Pause
            || line.item().isPresent() && line.locked();

    private Staying() {}
}
