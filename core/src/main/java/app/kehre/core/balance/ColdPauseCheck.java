package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Lengths;

/** A still pause between cardio parts in which people get cold. */
final class ColdPauseCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.COLD_PAUSE;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        Duration most = judged.figures().seconds(Threshold.COLD_PAUSE);
        Optional<Duration> end = judged.segments(Role.AEROBIC).stream().map(Segment::id)
                .map(id -> judged.timeline().ofSegment(id).end()).max(Duration::compareTo);
        Optional<Duration> begun = judged.segments(Role.AEROBIC).stream().map(Segment::id)
                .map(id -> judged.timeline().ofSegment(id).start()).min(Duration::compareTo);
        for (Span span : judged.timeline().spans()) {
            boolean between = end.isPresent() && begun.isPresent() && span.end().compareTo(end.get()) < 0
                    && span.start().compareTo(begun.get()) > 0;
            boolean still = span.phase() == Phase.PAUSE && judged.find(span.entry())
                    .map(Entry::stops).orElse(false);
            if (still && between && span.stretch().length().compareTo(most) > 0) {
                judged.find(span.entry())
                        .ifPresent(entry -> findings.add(finding(judged, (Pause) entry, most)));
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Pause pause, Duration most) {
        return found(Severity.FIX, judged.at(pause),
                "\"%s\" lets people stand for %s between cardio parts.".formatted(pause.name(),
                        Lengths.clock(pause.length())),
                "Up to %d s standing keeps people warm. In longer ones they march on the spot."
                        .formatted(most.toSeconds()),
                SourceKind.TEACHING_RANGE, () -> List.of(
                        Way.of("Keep moving in " + pause.name(),
                                judged.plan().with(pause.withMoving(true))),
                        Way.of("%s: %d s".formatted(pause.name(), most.toSeconds()),
                                judged.plan().with(pause.withLength(most)))));
    }
}
