package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DanceLimits;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.Spot;
import app.kehre.core.value.Side;

/** How long one leg bears the weight, and how often the other is lifted over it. */
final class OneLegCheck implements Check {

    @Override
    public List<Finding> of(Checked checked) {
        List<Finding> found = new ArrayList<>();
        int from = 0;
        List<Dance.Beat> beats = checked.dance().beats();
        for (int i = 1; i <= beats.size(); i++) {
            if (i == beats.size() || standing(beats.get(i)) != standing(beats.get(from))) {
                stand(checked, beats.subList(from, i)).ifPresent(found::add);
                from = i;
            }
        }
        return found;
    }

    private static Side standing(Dance.Beat beat) {
        return beat.step().after().weight();
    }

    private static java.util.Optional<Finding> stand(Checked checked, List<Dance.Beat> beats) {
        Dance.Beat first = beats.getFirst();
        if (standing(first) == Side.BOTH) {
            return java.util.Optional.empty();
        }
        DanceLimits limits = checked.conditions().limits();
        boolean onBench = first.step().after().spot().level() == Spot.Level.TOP;
        int lifts = Math.toIntExact(beats.stream().filter(OneLegCheck::lifts).count());
        int allowed = onBench ? limits.kneesOnBench() : limits.kneesOnFloor();
        int counts = beats.stream().mapToInt(Dance.Beat::length).sum() / Dance.QUARTERS;
        if (lifts <= allowed && counts <= limits.countsOnOneLeg()) {
            return java.util.Optional.empty();
        }
        boolean hard = onBench || counts > limits.countsOnOneLeg();
        String side = standing(first).word();
        return java.util.Optional.of(checked.found(CheckKey.ONE_LEG,
                hard ? Severity.FIX : Severity.WATCH, first.part(), first.count(),
                "From count %d the %s leg stands for %d counts under %d lifts.".formatted(first.count(), side,
                        counts, lifts),
                "%s at most %d lifts in a row over one standing leg, and %d counts without a change."
                        .formatted(
                                onBench ? "On the bench" : "On the floor", allowed,
                                limits.countsOnOneLeg())));
    }

    private static boolean lifts(Dance.Beat beat) {
        return beat.step().beat().gesture().map(act -> act.shape().lifts()).orElse(false);
    }
}
