package app.kehre.core.balance;

import java.util.List;
import java.util.OptionalInt;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.TempoRange;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.music.Bpm;
import app.kehre.core.people.Level;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/** The music of a segment does not go with what is done. */
final class TempoCheck implements KeyedCheck {

    private static final int FAR = 8;

    @Override
    public CheckKey key() {
        return CheckKey.TEMPO;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return judged.segments(Role.WARM_UP, Role.AEROBIC, Role.TONING, Role.CORE, Role.COOL_DOWN).stream()
                .filter(segment -> !range(judged, segment).has(segment.bpm().value()))
                .map(segment -> finding(judged, segment)).toList();
    }

    private static TempoRange range(ClassUnderCheck judged, Segment segment) {
        boolean older = judged.brief().group().older();
        TempoRange usual = TempoRange.of(segment.role(), older);
        OptionalInt height = judged.items(segment).stream().filter(item -> item.exercise().onStep())
                .mapToInt(item -> Conditions.height(item.load())).max();
        if (height.isEmpty()) {
            return usual;
        }
        TempoRange step = TempoRange.onStep(height.getAsInt(), Level.of(judged.brief().group().mix()));
        return new TempoRange(step.what(), Math.min(step.least(), usual.least()), step.most());
    }

    private Finding finding(ClassUnderCheck judged, Segment segment) {
        TempoRange range = range(judged, segment);
        int bpm = segment.bpm().value();
        int nearest = Math.clamp(bpm, range.least(), range.most());
        boolean far = Math.abs(bpm - nearest) > FAR || bpm > nearest && range.what().startsWith("a step");
        return found(far ? Severity.FIX : Severity.WATCH, judged.at(segment),
                "%s runs at %d BPM; %s goes with %s.".formatted(segment.name(), bpm, range.what(),
                        range.words()),
                "Too fast and feet do not come down whole; too slow and nothing swings. %s is usual."
                        .formatted(
                                range.words()),
                SourceKind.TEACHING_RANGE,
                () -> List.of(Way.of("%s at %d BPM".formatted(segment.name(), nearest),
                        judged.plan().with(segment.withBpm(new Bpm(nearest))))));
    }
}
