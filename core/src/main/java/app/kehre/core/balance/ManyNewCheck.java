package app.kehre.core.balance;

import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.people.Level;
import app.kehre.core.plan.BuildUp;

/**
 * The dances of a class hold more new moves than newcomers come to know. Of those who come every week nobody has said what they
 * know, so nothing is claimed.
 */
final class ManyNewCheck implements KeyedCheck {

    /** New moves in the dances of a class that newcomers bear. Teaching range (figures.md, "Good classes"). */
    private static final int MOST = 4;

    @Override
    public CheckKey key() {
        return CheckKey.MANY_NEW;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        if (Level.of(judged.brief().group().mix()) != Level.NEWCOMERS) {
            return List.of();
        }
        Set<String> moves = judged.segments().stream().flatMap(segment -> segment.entries().stream())
                .filter(BuildUp.class::isInstance).map(BuildUp.class::cast)
                .flatMap(build -> build.build().combinations().stream())
                .filter(combination -> !combination.known())
                .flatMap(combination -> combination.moves().stream()).map(DancedMove::move)
                .filter(move -> !move.everyday()).map(Exercise::id).collect(Collectors.toSet());
        return moves.size() <= MOST
                ? List.of()
                : List.of(found(Severity.WATCH, Place.CLASS,
                        "%d moves of the dances are new to newcomers.".formatted(moves.size()),
                        "Newcomers learn about %d in a class. Fewer, danced longer and on both sides, stay."
                                .formatted(MOST),
                        SourceKind.TEACHING_RANGE, List::of));
    }
}
