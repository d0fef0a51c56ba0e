package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Set;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.stepping.Checks;

/** What the checks of the combinations find, gathered. */
final class CombinationCheck implements Check {

    /**
     * Ways to mend are sought for the first missteps of a combination, for the fewer the longer it is: what comes behind
     * a misstep mostly follows from it. Of 64 counts it is the first 31. Kehre's estimate.
     */
    private static final int MENDED_COUNTS = 2000;

    @Override
    public Set<CheckKey> keys() {
        return Checks.KEYS;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments()) {
            for (Entry entry : segment.entries()) {
                if (entry instanceof BuildUp build) {
                    add(judged, segment, build, findings);
                }
            }
        }
        return findings;
    }

    private void add(ClassUnderCheck judged, Segment segment, BuildUp build, List<Finding> findings) {
        Conditions conditions = build.conditions(segment.bpm(), judged.brief());
        List<Exercise> moves = judged.library().all().stream().filter(each -> each.footwork().isPresent())
                .toList();
        for (int i = 0; i < build.build().combinations().size(); i++) {
            int which = i;
            Combination combination = build.build().combinations().get(i);
            int sought = Math.max(1, MENDED_COUNTS / Math.max(1, combination.counts()));
            int found = 0;
            for (Finding misstep : Checks.of(combination, conditions, moves,
                    mended -> judged.plan().with(build.with(build.build().with(which, mended))))) {
                findings.add(at(judged, build, which, misstep, found++ < sought));
            }
        }
    }

    private static Finding at(ClassUnderCheck judged, BuildUp build, int which, Finding misstep,
            boolean mended) {
        Place.Beat beat = misstep.place().beat().orElseThrow();
        return new Finding(misstep.key(), "%d/%d".formatted(which + 1, beat.part() + 1), misstep.severity(),
                judged.at(build).on(beat),
                "%s. %s".formatted(build.build().combinations().get(which).name(), misstep.what()),
                new Reason(misstep.why(), misstep.source()),
                () -> mended ? Mends.first(misstep.mends().stream()) : List.of());
    }
}
