package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.music.Bpm;
import app.kehre.core.proposal.Way;

/** Workout music under the stretch. */
final class StretchTempoCheck implements KeyedCheck {

    private static final int CALM = 80;

    @Override
    public CheckKey key() {
        return CheckKey.STRETCH_TEMPO;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return judged.segments(Role.STRETCH).stream().filter(segment -> segment.bpm().value() >= 100)
                .map(segment -> found(Severity.WATCH, judged.at(segment),
                        "%s runs to workout music of %d BPM.".formatted(segment.name(),
                                segment.bpm().value()),
                        "A stretch goes with music under 100 BPM. To a workout beat nobody lets go.",
                        SourceKind.TEACHING_RANGE,
                        () -> List.of(Way.of("%s at %d BPM".formatted(segment.name(), CALM),
                                judged.plan().with(segment.withBpm(new Bpm(CALM)))))))
                .toList();
    }
}
