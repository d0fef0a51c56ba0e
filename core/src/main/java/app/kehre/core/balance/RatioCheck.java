package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** Push against pull, front against back: one gets much more than the other. */
final class RatioCheck implements KeyedCheck {

    private static final int WORTH_IT = 90;

    @Override
    public CheckKey key() {
        return CheckKey.RATIO;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        double least = judged.figures().share(Threshold.RATIO);
        return judged.ledger().ratios().stream()
                .filter(ratio -> ratio.evenness() < least
                        && Math.max(ratio.first(), ratio.second()) >= WORTH_IT)
                .map(ratio -> finding(judged, ratio)).toList();
    }

    private Finding finding(ClassUnderCheck judged, Ledger.Ratio ratio) {
        return foundOf(ratio.one().key(), Severity.FIX, Place.CLASS,
                "%s: %s, %s: %s.".formatted(Mends.capital(ratio.greater().words()), clock(greater(ratio)),
                        ratio.lesser().words(), clock(Math.min(ratio.first(), ratio.second()))),
                "The lesser should have at least %d %% of the greater. What pulls and what pushes hold the joint between them."
                        .formatted(judged.figures().of(Threshold.RATIO)),
                SourceKind.ESTIMATE, () -> mends(judged, ratio)).by(1 - ratio.evenness());
    }

    private static double greater(Ledger.Ratio ratio) {
        return Math.max(ratio.first(), ratio.second());
    }

    private static String clock(double seconds) {
        return seconds == 0 ? "nothing" : Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }

    private static List<Way> mends(ClassUnderCheck judged, Ledger.Ratio ratio) {
        Predicate<ClassPlan> even = plan -> Ledger.of(Timeline.of(plan)).ratios().stream()
                .filter(each -> each.one() == ratio.one())
                .allMatch(each -> each.evenness() >= judged.figures().share(Threshold.RATIO));
        List<Way> mends = new ArrayList<>(
                Mends.longer(judged.plan(), serving(judged, ratio.lesser()), even).stream().limit(2)
                        .toList());
        for (Segment segment : judged.segments(Role.TONING, Role.CORE)) {
            mends.addAll(Mends.add(judged, segment,
                    exercise -> exercise.strengthens() && serves(exercise, ratio.lesser())));
        }
        mends.addAll(Mends.shorter(judged.plan(), serving(judged, ratio.greater()), even).stream().limit(2)
                .toList());
        return mends;
    }

    private static List<Item> serving(ClassUnderCheck judged, Ledger.Pole pole) {
        return Mends.longest(judged, judged.items().stream()
                .filter(item -> serves(item.exercise(), pole) && !item.exercise().rests()));
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
