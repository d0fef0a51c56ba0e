package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Counts;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Likeness;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.people.Level;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;

/** The first combination begins with what comes after the basics, or turns newcomers around. */
final class EasyFirstCheck implements KeyedCheck {

    private static final String WHY = "Basic, V-step, tap, step touch and knee lift come before repeaters, turns and ways over the bench."
            + " Who is lost in the first minute stays lost.";

    @Override
    public CheckKey key() {
        return CheckKey.HARD_FIRST;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return judged.segments().stream().flatMap(segment -> segment.entries().stream())
                .filter(BuildUp.class::isInstance).map(BuildUp.class::cast)
                .filter(build -> !build.build().combinations().getFirst().known()
                        && !build.build().combinations().getFirst().moves().isEmpty())
                .findFirst().map(build -> of(judged, build)).orElse(List.of());
    }

    private List<Finding> of(ClassUnderCheck judged, BuildUp build) {
        List<DancedMove> moves = build.build().combinations().getFirst().moves();
        boolean newcomers = Level.of(judged.brief().group().mix()) == Level.NEWCOMERS;
        Optional<DancedMove> turn = moves.stream().filter(danced -> danced.facts().turning()).findFirst();
        if (newcomers && turn.isPresent()) {
            return List.of(found(Severity.FIX, judged.at(build),
                    "%s turns newcomers around in their first combination."
                            .formatted(turn.get().move().name()),
                    WHY, SourceKind.TEACHING_RANGE,
                    () -> straight(judged, build, turn.get())));
        }
        DancedMove first = moves.getFirst();
        boolean basics = moves.stream().anyMatch(danced -> !danced.facts().afterTheBasics());
        return basics && first.facts().afterTheBasics()
                ? List.of(found(Severity.WATCH, judged.at(build),
                        "%s begins with %s; the basics come after it.".formatted(build.name(),
                                first.move().name()),
                        WHY, SourceKind.TEACHING_RANGE,
                        () -> mends(judged, build, danced -> !danced.facts().afterTheBasics())))
                : List.of();
    }

    /** Another move for the turn that fits in its place, or a combination without a turn first. */
    private static List<Way> straight(ClassUnderCheck judged, BuildUp build, DancedMove turn) {
        Combination first = build.build().combinations().getFirst();
        int at = first.moves().indexOf(turn);
        int before = missteps(judged, build, first);
        List<Way> ways = new ArrayList<>(ofFirst(judged, build, danced -> !danced.facts().turning()));
        Mends.first(judged.library().all().stream().filter(move -> fits(move, turn))
                .sorted(Comparator.comparingDouble((Exercise move) -> Likeness.of(turn.move(), move))
                        .reversed())
                .map(move -> first.with(at, danced -> danced.withMove(move).withPlain(Optional.empty())))
                .filter(other -> missteps(judged, build, other) <= before)
                .map(other -> Way.of(
                        "%s for %s".formatted(other.moves().get(at).move().name(), turn.move().name()),
                        judged.plan().with(build.with(build.build().with(0, other))))))
                .forEach(ways::add);
        return ways;
    }

    private static boolean fits(Exercise move, DancedMove turn) {
        return move.onStep() == turn.move().onStep() && move.footwork()
                .filter(row -> row.counts() == turn.move().footwork().orElseThrow().counts()
                        && !(turn.pace() == Counts.Pace.DOUBLE_TIME && row.syncopated())
                        && !RowFacts.of(row).afterTheBasics())
                .isPresent();
    }

    private static int missteps(ClassUnderCheck judged, BuildUp build, Combination combination) {
        Segment segment = judged.segmentOf().get(build.id());
        return segment == null
                ? 0
                : Checks.of(combination, build.conditions(segment.bpm(), judged.brief())).size();
    }

    /** An easy move goes first; or another combination, of easy moves, is taught first. */
    private static List<Way> mends(ClassUnderCheck judged, BuildUp build, Predicate<DancedMove> easy) {
        Combination first = build.build().combinations().getFirst();
        List<Way> ways = new ArrayList<>();
        for (int i = 1; i < first.moves().size(); i++) {
            if (easy.test(first.moves().get(i))) {
                ways.add(Way.of(first.moves().get(i).move().name() + " first", judged.plan().with(
                        build.with(build.build().with(0, first.move(i, 0))))));
            }
        }
        ways.addAll(ofFirst(judged, build, easy));
        return ways;
    }

    /** Another combination, of easy moves, is taught first. */
    private static List<Way> ofFirst(ClassUnderCheck judged, BuildUp build, Predicate<DancedMove> easy) {
        List<Combination> all = build.build().combinations();
        List<Way> ways = new ArrayList<>();
        for (int i = 1; i < all.size(); i++) {
            if (all.get(i).moves().stream().allMatch(easy) && !all.get(i).moves().isEmpty()) {
                List<Combination> others = new ArrayList<>(all);
                others.addFirst(others.remove(i));
                ways.add(Way.of(all.get(i).name() + " first",
                        judged.plan().with(build.with(build.build().withCombinations(others)))));
            }
        }
        return ways;
    }
}
