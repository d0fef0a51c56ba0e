package app.kehre.core.drafting;

import java.time.Duration;
import java.util.Map;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;

/** The warm-up and the stretch of a draft, which follow from the class. */
final class Ends {

    private final Library library;
    private final Map<String, String> why;

    /**
     * Makes them.
     *
     * @param why where is said why each move of the warm-up is there
     */
    Ends(Library library, Map<String, String> why) {
        this.library = library;
        this.why = why;
    }

    /** Derives the stretches and the warm-ups that are wanted, in their targets. */
    ClassPlan of(ClassPlan plan, Predicate<Segment> wanted) {
        ClassPlan ended = plan;
        for (Segment segment : plan.segments()) {
            if (segment.role() == Role.STRETCH && wanted.test(segment)) {
                ended = fitted(StretchFromClass.of(ended, library, segment.target()).plan(), segment);
            }
        }
        for (Segment segment : plan.segments()) {
            if (segment.role() == Role.WARM_UP && wanted.test(segment)) {
                ended = warmedUp(ended, segment.target());
            }
        }
        return ended;
    }

    /** Derives the warm-up of a class. */
    ClassPlan warmedUp(ClassPlan plan, Duration minutes) {
        WarmUpFromClass derived = WarmUpFromClass.of(plan, library, minutes);
        for (int i = 0; i < derived.items().size(); i++) {
            why.put(Reasons.WARM_UP + derived.items().get(i).exercise().id(), derived.why().get(i));
        }
        return derived.plan();
    }

    /** A segment at its target, as near as its doses come. */
    private static ClassPlan fitted(ClassPlan plan, Segment segment) {
        return Fitting.best(plan, new Fitting.Asked(segment.target(), Optional.of(segment.id())), _ -> false)
                .map(way -> way.timeline().plan()).orElse(plan);
    }
}
