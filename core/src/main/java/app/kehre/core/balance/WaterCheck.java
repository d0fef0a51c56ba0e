package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Lengths;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Mark;

/** No water for long. */
final class WaterCheck implements Check {

    @Override
    public String key() {
        return "no-water";
    }

    @Override
    public List<Finding> of(Judged judged) {
        Duration most = judged.figures().minutes(Threshold.WATER);
        Duration last = judged.segments(Role.WARM_UP, Role.AEROBIC, Role.TONING, Role.CORE).stream()
                .findFirst()
                .map(segment -> judged.timeline().ofSegment(segment.id()).start()).orElse(Duration.ZERO);
        List<Finding> findings = new ArrayList<>();
        for (Duration at : ends(judged)) {
            if (at.minus(last).compareTo(most) > 0) {
                findings.add(finding(judged, last, at));
            }
            last = at;
        }
        return findings;
    }

    /** The moments of water, and the end of the last main segment. */
    private static List<Duration> ends(Judged judged) {
        List<Duration> ends = new ArrayList<>(judged.timeline().marks().stream()
                .filter(mark -> mark.kind() == Mark.Kind.WATER).map(Mark::at).toList());
        judged.segments(Role.AEROBIC, Role.TONING, Role.CORE).stream().map(Segment::id)
                .map(id -> judged.timeline().ofSegment(id).end()).max(Duration::compareTo)
                .ifPresent(ends::add);
        ends.sort(Comparator.naturalOrder());
        return ends;
    }

    private Finding finding(Judged judged, Duration from, Duration to) {
        Optional<Entry> before = boundary(judged, from, to);
        Place place = before.map(judged::at).orElse(Place.CLASS);
        return found(Severity.MEND, place,
                "No water from %s to %s.".formatted(Lengths.clock(from), Lengths.clock(to)),
                "Water every 10 to 15 min; here it is %d. People leave the floor one by one instead."
                        .formatted(to.minus(from).toMinutes()),
                SourceKind.TEACHING_RANGE,
                () -> before.map(line -> List.of(water(judged, line))).orElse(List.of()));
    }

    /** The line before which water is best: in the middle of a gap, or as late as it may be in a long one. */
    private static Optional<Entry> boundary(Judged judged, Duration from, Duration to) {
        Duration most = judged.figures().minutes(Threshold.WATER);
        Duration middle = from.plus(to).dividedBy(2);
        Duration best = middle.minus(from).compareTo(most) > 0
                ? from.plus(most.multipliedBy(9).dividedBy(10))
                : middle;
        return judged.segments().stream().flatMap(segment -> segment.entries().stream())
                .filter(entry -> !(entry instanceof Pause))
                .filter(entry -> judged.timeline().ofEntry(entry.id()).start().compareTo(from) > 0)
                .min(Comparator.comparing(
                        entry -> judged.timeline().ofEntry(entry.id()).start().minus(best).abs()));
    }

    private static Mend water(Judged judged, Entry line) {
        ClassPlan plan = judged.plan();
        Segment segment = plan.segmentOf(line.id()).orElseThrow();
        int at = segment.entries().stream().map(Entry::id).toList().indexOf(line.id());
        Pause water = Pause.of(plan.nextEntryId(), Pause.Kind.WATER)
                .withMoving(true);
        return new Mend("Water before " + line.name(), plan.add(segment.id(), at, water));
    }
}
