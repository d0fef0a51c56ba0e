package app.kehre.core.drafting;

import java.util.function.Function;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;

/**
 * What a draft is made with.
 *
 * @param library what may be used to mend it
 * @param pool what this group can do in this room
 * @param ends derives the warm-up and the stretch
 * @param toner chooses toning for a class as it is
 */
record Toolbox(Library library, Pool pool, WarmUpAndStretch warmUpAndStretch,
        Function<ClassPlan, Toner> toner) {

    /** Returns the same with another library. */
    Toolbox with(Library other) {
        return new Toolbox(other, pool, warmUpAndStretch, toner);
    }
}
