package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.Item;
import app.kehre.core.value.Lengths;

/** One move for minutes without anything new, or so many exercises that nobody comes to know one. */
final class MonotonyCheck implements Check {

    /** So long one move carries without a layer. Teaching range: a move of a warm-up takes 32 to 64 counts. */
    private static final int LONGEST = 180;
    /** Different exercises a minute of the main part that are still come to know; 0.3 to 0.5 are usual. */
    private static final double MOST_A_MINUTE = 0.75;
    private static final double WORTH_IT = 10;

    @Override
    public Set<CheckKey> keys() {
        return EnumSet.of(CheckKey.MONOTONY, CheckKey.TOO_MANY);
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        judged.segments(Role.WARM_UP, Role.AEROBIC).stream().flatMap(segment -> segment.entries().stream())
                .filter(Item.class::isInstance).map(Item.class::cast)
                .filter(item -> item.delivery().layer().isBlank()
                        && judged.timeline().ofEntry(item.id()).length().toSeconds() > LONGEST)
                .forEach(item -> findings.add(tooLong(judged, item)));
        double minutes = judged.length(Role.AEROBIC, Role.TONING, Role.CORE).toSeconds() / 60.0;
        long different = judged.uses().stream().filter(Use::main).map(use -> use.exercise().id()).distinct()
                .count();
        if (minutes >= WORTH_IT && different > MOST_A_MINUTE * minutes) {
            findings.add(many(different, minutes));
        }
        return findings;
    }

    private static Finding tooLong(ClassUnderCheck judged, Item item) {
        return new Finding(CheckKey.MONOTONY, "", Severity.WATCH, judged.at(item),
                "%s for %s, with nothing new.".formatted(item.name(),
                        Lengths.clock(judged.timeline().ofEntry(item.id()).length())),
                new Reason(
                        "Over 3 minutes of one move tire the head before the legs. A layer, a direction or another move wakes both.",
                        SourceKind.TEACHING_RANGE),
                () -> Mends.scaled(judged.plan(), item, 0.5).stream().toList());
    }

    private static Finding many(long different, double minutes) {
        return new Finding(CheckKey.TOO_MANY, "", Severity.WATCH, Place.CLASS,
                "%d different exercises in %d min of main part.".formatted(different, Math.round(minutes)),
                new Reason(
                        "Each has to be explained and found. Two or three that come back in another round are learnt.",
                        SourceKind.TEACHING_RANGE),
                List::of);
    }
}
