package app.kehre.core.dose;

import java.util.Optional;

import app.kehre.core.value.Range;

/** A dose with one set, interval or time more. */
public final class OnceMore {

    private OnceMore() {}

    /** Returns the dose with one more; nothing where it has none, or as many as there may be. */
    public static Optional<Dose> of(Dose dose) {
        return switch (dose) {
            case Reps reps -> more(reps.sets(), Limits.SETS)
                    .map(sets -> new Reps(sets, reps.stages(), reps.order(), reps.rest(), reps.sides()));
            case Hold hold -> more(hold.sets(), Limits.SETS)
                    .map(sets -> new Hold(sets, hold.held(), hold.kind(), hold.rest(), hold.sides()));
            case Interval interval -> more(interval.rounds(), Limits.ROUNDS)
                    .map(rounds -> new Interval(interval.work(), interval.rest(), rounds,
                            interval.lastRest(), interval.sides()));
            case CountPattern pattern -> more(pattern.times(), Limits.ROUNDS)
                    .map(times -> new CountPattern(times, pattern.parts(), pattern.pace(), pattern.sides()));
            case Counts _,AsMany _,Open _ -> Optional.empty();
        };
    }

    private static Optional<Integer> more(int now, Range range) {
        return range.problem(now + 1L).isPresent() ? Optional.empty() : Optional.of(now + 1);
    }
}
