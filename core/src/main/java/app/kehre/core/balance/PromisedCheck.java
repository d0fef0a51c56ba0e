package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** An area that was promised and is missing, or thin. */
final class PromisedCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.PROMISED_AREA;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        int least = judged.figures().of(Threshold.PROMISED);
        for (Muscle area : Muscle.values()) {
            double load = judged.ledger().of(area).load();
            if (judged.brief().goal().areas().contains(area) && load < least) {
                findings.add(foundOf(area.key(), load < least / 2.0 ? Severity.FIX : Severity.WATCH,
                        place(judged), load == 0
                                ? "%s: promised, and no work at all.".formatted(Mends.capital(area.words()))
                                : "%s: promised, and only %s of work.".formatted(Mends.capital(area.words()),
                                        Lengths.clock(Duration.ofSeconds(Math.round(load)))),
                        "A promised area works at least %d s, by share. People came for it.".formatted(least),
                        SourceKind.ESTIMATE, () -> mends(judged, area)).by(least - load));
            }
        }
        return findings;
    }

    private static Place place(ClassUnderCheck judged) {
        return judged.segments(Role.TONING, Role.CORE).stream().findFirst().map(judged::at)
                .orElse(Place.CLASS);
    }

    private static List<Way> mends(ClassUnderCheck judged, Muscle area) {
        List<Segment> segments = judged.segments(Role.TONING, Role.CORE);
        List<Way> mends = new ArrayList<>();
        for (Segment segment : segments) {
            mends.addAll(Mends.addUntil(judged, segment, exercise -> exercise.main().contains(area),
                    plan -> Ledger.of(Timeline.of(plan)).of(area).load() >= judged.figures()
                            .of(Threshold.PROMISED)));
        }
        judged.items().stream()
                .filter(item -> item.exercise().main().contains(area)
                        && !item.exercise().rests())
                .flatMap(item -> Mends.scaled(judged.plan(), item, 1.5).stream()).limit(1)
                .forEach(mends::addFirst);
        return Mends.first(mends.stream());
    }
}
