package app.kehre.desk.combination;

import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.CombinationLine;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Reading;

/** A combination while somebody is at it: moves are written in a line, and what is not full yet is progress. */
final class Making {

    private final CombinationViewModel model;
    private Optional<Combination> leftAsIs = Optional.empty();

    Making(CombinationViewModel model) {
        this.model = model;
    }

    /** Adds the moves of a line at the end. Returns why it could not; else nothing. */
    String write(String line) {
        Combination now = model.combination().orElseThrow();
        Reading<Combination> reading = CombinationLine.add(line, now, model.moves());
        reading.value().ifPresent(longer -> {
            model.edit("Write moves", _ -> longer);
            model.select(longer.moves().size() - 1);
        });
        return reading.problem();
    }

    /** Returns what a line would be read as, in words: "Basic step x2, V-step x2". */
    String reads(String line) {
        Combination now = model.combination().orElseThrow();
        Reading<Combination> reading = CombinationLine.add(line, now, model.moves());
        return reading.value().map(longer -> longer.moves().stream().skip(now.moves().size())
                .map(danced -> danced.move().name() + (danced.times() > 1 ? " x" + danced.times() : ""))
                .collect(Collectors.joining(", ", "Enter adds ", ""))).orElse(reading.problem());
    }

    /** Says that the shown combination was left as it is: what is not full yet is progress until then. */
    void leave() {
        model.combination().ifPresent(left -> leftAsIs = Optional.of(left));
    }

    /** Returns whether nothing is wrong with the combination but that it is not full yet, and somebody is at it. */
    boolean inProgress(List<Finding> missteps) {
        boolean leftSo = leftAsIs.isPresent() && leftAsIs.equals(model.combination());
        boolean notFull = missteps.stream()
                .anyMatch(each -> each.key() == CheckKey.PHRASE && each.severity() == Severity.FIX);
        return !leftSo && notFull && missteps.stream().allMatch(each -> each.key() == CheckKey.REPEAT
                || each.key() == CheckKey.PHRASE && each.severity() == Severity.FIX);
    }
}
