package app.kehre.core.drafting;

import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/** The warm-up and the stretch of a draft, which follow from the class. */
final class WarmUpAndStretch {

    private final Library library;

    WarmUpAndStretch(Library library) {
        this.library = library;
    }

    /** Derives the stretches and the warm-ups that are wanted, in their targets, around what is kept. */
    ClassPlan of(ClassPlan plan, Predicate<Segment> wanted, Fixed kept) {
        ClassPlan ended = plan;
        for (Segment segment : plan.segments()) {
            if (segment.role() == Role.STRETCH && wanted.test(segment)) {
                ended = StretchFromClass.of(ended, library, segment.target(), kept::stays).value()
                        .map(derived -> fitted(derived.plan(), segment, kept)).orElse(ended);
            }
        }
        for (Segment segment : plan.segments()) {
            if (segment.role() == Role.WARM_UP && wanted.test(segment)) {
                ended = WarmUpFromClass.of(ended, library, segment.target(), kept::stays).value()
                        .map(WarmUpFromClass::plan).orElse(ended);
            }
        }
        return ended;
    }

    /** A segment at its target, as near as its doses come. */
    private static ClassPlan fitted(ClassPlan plan, Segment segment, Fixed kept) {
        return Fitting.best(plan, new Fitting.Asked(segment.target(), Optional.of(segment.id())), kept::stays)
                .map(Way::after).orElse(plan);
    }
}
