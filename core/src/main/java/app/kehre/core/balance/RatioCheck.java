package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.Segment;

/** Push against pull, front against back: one gets much more than the other. */
final class RatioCheck implements Check {

    private static final int WORTH_IT = 90;

    @Override
    public String key() {
        return "ratio";
    }

    @Override
    public List<Finding> of(Judged judged) {
        double least = judged.figures().share(Threshold.RATIO);
        return judged.ledger().ratios().stream()
                .filter(ratio -> ratio.evenness() < least
                        && Math.max(ratio.first(), ratio.second()) >= WORTH_IT)
                .map(ratio -> finding(judged, ratio)).toList();
    }

    private Finding finding(Judged judged, Ledger.Ratio ratio) {
        return foundOf(ratio.one().words(), Severity.MEND, Place.CLASS,
                "%s: %s, %s: %s.".formatted(Mends.capital(ratio.greater().words()), clock(greater(ratio)),
                        ratio.lesser().words(), clock(Math.min(ratio.first(), ratio.second()))),
                "The lesser should have at least %d %% of the greater. What pulls and what pushes hold the joint between them."
                        .formatted(judged.figures().of(Threshold.RATIO)),
                SourceKind.ESTIMATE, () -> mends(judged, ratio));
    }

    private static double greater(Ledger.Ratio ratio) {
        return Math.max(ratio.first(), ratio.second());
    }

    private static String clock(double seconds) {
        return seconds == 0 ? "nothing" : Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }

    private static List<Mend> mends(Judged judged, Ledger.Ratio ratio) {
        List<Mend> mends = new ArrayList<>();
        judged.items().stream()
                .filter(item -> serves(item.exercise(), ratio.lesser()) && !Still.is(item.exercise()))
                .flatMap(item -> Mends.scaled(judged.plan(), item, 1.5).stream()).limit(1)
                .forEach(mends::add);
        for (Segment segment : judged.segments(Role.TONING, Role.CORE)) {
            mends.addAll(Mends.add(judged, segment, 0, exercise -> serves(exercise, ratio.lesser())));
        }
        judged.items().stream()
                .filter(item -> serves(item.exercise(), ratio.greater()) && !Still.is(item.exercise()))
                .flatMap(item -> Mends.scaled(judged.plan(), item, 0.66).stream()).limit(1)
                .forEach(mends::add);
        return mends;
    }

    private static boolean serves(Exercise exercise, Ledger.Pole pole) {
        return switch (pole) {
            case PUSH -> exercise.pattern() == Pattern.PUSH;
            case PULL -> exercise.pattern() == Pattern.PULL;
            case FRONT_OF_THIGH -> exercise.main().contains(Muscle.FRONT_THIGH);
            case BACK_OF_THIGH -> exercise.main().contains(Muscle.BACK_THIGH);
            case FRONT_OF_TRUNK -> exercise.main().contains(Muscle.FRONT_TRUNK);
            case BACK_OF_TRUNK -> exercise.main().contains(Muscle.LOWER_BACK);
        };
    }
}
