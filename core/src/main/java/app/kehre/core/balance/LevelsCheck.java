package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;

/** Where people are: a group on chairs is sent to the floor, or the class ends lying there. */
final class LevelsCheck implements Check {

    @Override
    public Set<CheckKey> keys() {
        return EnumSet.of(CheckKey.CHAIRS_TO_FLOOR, CheckKey.ENDS_DOWN);
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        List<Item> items = judged.items();
        if (judged.brief().onChairs()) {
            items.stream().filter(LevelsCheck::down).findFirst()
                    .ifPresent(item -> findings.add(toTheFloor(judged, item)));
        }
        if (!items.isEmpty() && down(items.getLast())) {
            findings.add(endsDown(judged, items.getLast()));
        }
        return findings;
    }

    private static boolean down(Item item) {
        return item.position().level() == Position.Level.FLOOR;
    }

    private static boolean up(Exercise exercise) {
        return exercise.setting().positions().stream()
                .anyMatch(position -> position.level() == Position.Level.STANDING);
    }

    private static Finding toTheFloor(ClassUnderCheck judged, Item item) {
        return new Finding(CheckKey.CHAIRS_TO_FLOOR, "", Severity.FIX, judged.at(item),
                "%s sends people from their chairs to the floor.".formatted(item.name()),
                new Reason(
                        "Who comes for a class on chairs may not get down, or up again. Nobody is sent there unless all of them can.",
                        SourceKind.TEACHING_RANGE),
                () -> Mends.replace(judged, item, LevelsCheck::up));
    }

    private static Finding endsDown(ClassUnderCheck judged, Item item) {
        Optional<Segment> segment = Optional.ofNullable(judged.segmentOf().get(item.id()));
        return new Finding(CheckKey.ENDS_DOWN, "", Severity.WATCH, judged.at(item),
                "The class ends on the floor, with %s.".formatted(item.name()),
                new Reason(
                        "The last minutes are breath and getting up slowly. People who jump up from lying get dizzy.",
                        SourceKind.TEACHING_RANGE),
                () -> segment.map(last -> Mends.add(judged, last,
                        exercise -> exercise.rests() && exercise.position() == Position.STANDING))
                        .orElse(List.of()));
    }
}
