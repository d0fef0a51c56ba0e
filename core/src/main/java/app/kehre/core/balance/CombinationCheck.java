package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.choreography.Checks;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Misstep;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/** What the checks of the combinations find, gathered. */
final class CombinationCheck implements Check {

    /**
     * Ways to mend are sought for the first missteps of a combination, for the fewer the longer it is: what comes behind
     * a misstep mostly follows from it. Of 64 counts it is the first 31. Kehre's estimate.
     */
    private static final int MENDED_COUNTS = 2000;

    @Override
    public CheckKey key() {
        return CheckKey.COMBINATION;
    }

    @Override
    public List<Finding> of(Judged judged) {
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

    private void add(Judged judged, Segment segment, BuildUp build, List<Finding> findings) {
        Conditions conditions = build.conditions(segment.bpm(), judged.brief());
        List<Exercise> moves = judged.library().all().stream().filter(each -> each.footwork().isPresent())
                .toList();
        for (int i = 0; i < build.build().combinations().size(); i++) {
            int which = i;
            Combination combination = build.build().combinations().get(i);
            int sought = Math.max(1, MENDED_COUNTS / Math.max(1, combination.counts()));
            int found = 0;
            for (Misstep misstep : Checks.of(combination, conditions, moves)) {
                boolean mended = found++ < sought;
                findings.add(foundOf("%d/%s/%d".formatted(i + 1, misstep.kind().key(), misstep.part() + 1),
                        misstep.severity(), judged.at(build),
                        "%s, count %d: %s".formatted(combination.name(), misstep.count(), misstep.what()),
                        misstep.why(), misstep.source(),
                        () -> mended ? mends(judged, build, which, misstep) : List.of()));
            }
        }
    }

    private static List<Way> mends(Judged judged, BuildUp build, int which, Misstep misstep) {
        return Mends.first(misstep.repairs().stream().map(repair -> Way.of(
                "%s, %s".formatted(repair.words(), repair.effect()),
                judged.plan().with(build.with(build.build().with(which, repair.mended()))))));
    }
}
