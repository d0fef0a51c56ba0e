package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** Moves travel, and there is no room for it. */
final class TravelCheck implements KeyedCheck {

    /** Floor for somebody who travels, in square metres (figures.md, "Room"; teaching range). */
    private static final int TRAVELLING = 4;
    private static final int STEPS = 3;

    @Override
    public CheckKey key() {
        return CheckKey.TRAVEL_ROOM;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int floor = judged.brief().room().floor();
        if (floor == 0 || floor >= TRAVELLING * judged.brief().people()) {
            return List.of();
        }
        return judged.uses().stream().filter(use -> travels(use.exercise())).findFirst()
                .map(use -> List.of(found(Severity.FIX, judged.at(use),
                        "%s travels, with %.1f m\u00b2 for each.".formatted(use.exercise().name(),
                                (double) floor / judged.brief().people()),
                        "Who travels needs %d m\u00b2. In less people run into each other."
                                .formatted(TRAVELLING),
                        SourceKind.TEACHING_RANGE,
                        () -> judged.ofItem(use.entry(), item -> mends(judged, item)))))
                .orElse(List.of());
    }

    /** Whether it covers three steps or more to a side or forward and back. */
    private static boolean travels(Exercise exercise) {
        return exercise.footwork().filter(row -> !exercise.onStep()).map(row -> RowFacts.of(row).floor())
                .map(floor -> floor.wide() >= STEPS || floor.deep() >= STEPS).orElse(false);
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item) {
        List<Way> mends = new ArrayList<>(
                Mends.replace(judged, item, other -> !travels(other)));
        judged.library().find("march").ifPresent(march -> mends.add(Way.of("March for " + item.name(),
                judged.plan().with(item.withExercise(march)))));
        return mends;
    }
}
