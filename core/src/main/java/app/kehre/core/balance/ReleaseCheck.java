package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

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
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Named;

/** A muscle group that worked and is not stretched. */
final class ReleaseCheck implements KeyedCheck {

    private static final int MUCH = 2;

    @Override
    public CheckKey key() {
        return CheckKey.NOT_RELEASED;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int from = judged.figures().of(Threshold.RELEASE_FROM);
        List<Finding> findings = new ArrayList<>();
        for (Muscle muscle : Muscle.values()) {
            Ledger.Row row = judged.ledger().of(muscle);
            if (row.load() > from && row.release() == 0) {
                findings.add(finding(judged, muscle, row.load(), from));
            }
        }
        return findings;
    }

    /** Returns the words of the area that a finding is about. */
    static String area(Finding finding) {
        return Named.ofKey(Muscle.class, finding.detail()).orElseThrow().words();
    }

    private Finding finding(ClassUnderCheck judged, Muscle muscle, double load, int from) {
        Place place = last(judged).map(judged::at).orElse(Place.CLASS);
        return foundOf(muscle.key(), load > (double) MUCH * from ? Severity.FIX : Severity.WATCH, place,
                "%s: %s of work, not stretched.".formatted(Mends.capital(muscle.words()),
                        Lengths.clock(Duration.ofSeconds(Math.round(load)))),
                "What works longer than %d s, by share, is released at the end. The stretch is what runs out of time first."
                        .formatted(from),
                SourceKind.ESTIMATE, () -> mends(judged, muscle)).by(load);
    }

    private static Optional<Segment> last(ClassUnderCheck judged) {
        List<Segment> segments = judged.segments(Role.STRETCH, Role.COOL_DOWN);
        return segments.isEmpty() ? Optional.empty() : Optional.of(segments.getLast());
    }

    private static List<Way> mends(ClassUnderCheck judged, Muscle muscle) {
        return last(judged).map(segment -> Mends.add(judged, segment,
                exercise -> exercise.rests() && exercise.work().share(muscle) >= 0.5))
                .orElseGet(() -> List.of(Mends.segment(judged, Optional.empty(), Role.STRETCH)));
    }
}
