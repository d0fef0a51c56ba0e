package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** No water for long. */
final class WaterCheck implements KeyedCheck {

    /** The most that one mend adds. */
    private static final int MOST = 4;

    @Override
    public CheckKey key() {
        return CheckKey.NO_WATER;
    }

    /** A time without water that is too long. */
    private record Gap(Duration from, Duration to) {}

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        return gaps(judged).map(gap -> finding(judged, gap)).toList();
    }

    private static Stream<Gap> gaps(ClassUnderCheck judged) {
        Duration most = judged.figures().minutes(Threshold.WATER);
        Duration last = judged.segments(Role.WARM_UP, Role.AEROBIC, Role.TONING, Role.CORE).stream()
                .findFirst()
                .map(segment -> judged.timeline().ofSegment(segment.id()).start()).orElse(Duration.ZERO);
        List<Gap> gaps = new ArrayList<>();
        for (Duration at : ends(judged)) {
            gaps.add(new Gap(last, at));
            last = at;
        }
        return gaps.stream().filter(gap -> gap.to().minus(gap.from()).compareTo(most) > 0);
    }

    /** The moments of water, and the end of the last main segment. */
    private static List<Duration> ends(ClassUnderCheck judged) {
        List<Duration> ends = new ArrayList<>(judged.timeline().marks().stream()
                .filter(mark -> mark.kind() == Mark.Kind.WATER).map(Mark::at).toList());
        judged.segments(Role.AEROBIC, Role.TONING, Role.CORE).stream().map(Segment::id)
                .map(id -> judged.timeline().ofSegment(id).end()).max(Duration::compareTo)
                .ifPresent(ends::add);
        ends.sort(Comparator.naturalOrder());
        return ends;
    }

    /** Returns the words of the time that a finding is about: "from 1:10 to 19:39". */
    static String gap(Finding finding) {
        return finding.what().substring("No water ".length(), finding.what().length() - 1);
    }

    private Finding finding(ClassUnderCheck judged, Gap gap) {
        Optional<Entry> before = boundary(judged, gap);
        return found(Severity.FIX, before.map(judged::at).orElse(Place.CLASS),
                "No water from %s to %s.".formatted(Lengths.clock(gap.from()), Lengths.clock(gap.to())),
                "Water every 12 to 20 min, at a change of block; here it is %d. Without it people leave the floor one by one."
                        .formatted(gap.to().minus(gap.from()).toMinutes()),
                SourceKind.TEACHING_RANGE,
                () -> before.map(_ -> List.of(water(judged, gap))).orElse(List.of()))
                .by(gap.to().minus(gap.from()).toSeconds());
    }

    /** The line before which water is best: what is left without is short enough, else as late as it may be. */
    private static Optional<Entry> boundary(ClassUnderCheck judged, Gap gap) {
        Duration most = judged.figures().minutes(Threshold.WATER);
        Duration half = gap.to().minus(gap.from()).dividedBy(2);
        boolean once = half.compareTo(most) <= 0;
        Duration best = gap.from().plus(once ? half : most.multipliedBy(9).dividedBy(10));
        return judged.segments().stream().flatMap(segment -> segment.entries().stream())
                .filter(entry -> !(entry instanceof Pause))
                .filter(entry -> start(judged, entry).compareTo(gap.from()) > 0)
                .min(Comparator
                        .comparing((Entry entry) -> beyond(start(judged, entry).minus(gap.from()), most))
                        .thenComparing(entry -> once
                                ? beyond(gap.to().minus(start(judged, entry)), most)
                                : Duration.ZERO)
                        .thenComparing(entry -> start(judged, entry).minus(best).abs()));
    }

    private static Duration start(ClassUnderCheck judged, Entry entry) {
        return judged.timeline().ofEntry(entry.id()).start();
    }

    private static Duration beyond(Duration length, Duration most) {
        return length.compareTo(most) > 0 ? length.minus(most) : Duration.ZERO;
    }

    /** Water as often as it takes. */
    private static Way water(ClassUnderCheck judged, Gap gap) {
        List<String> names = new ArrayList<>();
        ClassUnderCheck now = judged;
        Optional<Gap> left = Optional.of(gap);
        while (left.isPresent() && names.size() < MOST) {
            Optional<Entry> line = boundary(now, left.get());
            if (line.isEmpty()) {
                break;
            }
            names.add(line.get().name());
            now = ClassUnderCheck.of(Timeline.of(watered(now.plan(), line.get())), judged.library());
            Duration end = gap.to().plus(Pause.Kind.WATER.usualLength().multipliedBy(names.size()));
            left = gaps(now).filter(each -> each.from().compareTo(gap.from()) >= 0
                    && each.from().compareTo(end) < 0).findFirst();
        }
        return Way.of("Water before " + String.join(", before ", names), now.plan());
    }

    private static ClassPlan watered(ClassPlan plan, Entry line) {
        Segment segment = plan.segmentOf(line.id()).orElseThrow();
        int at = segment.entries().stream().map(Entry::id).toList().indexOf(line.id());
        return plan.add(segment.id(), at,
                Pause.of(plan.nextEntryId(), Pause.Kind.WATER).withMoving(true));
    }
}
