package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Predicate;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** The warm-up, or the cool-down with the stretch, is too short for the slot. */
final class EdgeCheck implements KeyedCheck {

    private static final Duration CLOSE = Duration.ofMinutes(1);

    private final boolean before;

    private EdgeCheck(boolean before) {
        this.before = before;
    }

    static EdgeCheck warmUp() {
        return new EdgeCheck(true);
    }

    static EdgeCheck coolDown() {
        return new EdgeCheck(false);
    }

    @Override
    public CheckKey key() {
        return before ? CheckKey.SHORT_WARM_UP : CheckKey.SHORT_COOL_DOWN;
    }

    private Role[] roles() {
        return before ? new Role[]{Role.WARM_UP} : new Role[]{Role.COOL_DOWN, Role.STRETCH};
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        boolean ramps = before && judged.brief().schools().warmUp() == School.WarmUp.RAMP;
        Duration needed = judged.figures().edge(judged.brief().slot());
        Duration is = judged.length(roles());
        if (ramps || is.compareTo(needed) >= 0 || judged.uses().isEmpty()) {
            return List.of();
        }
        String name = before ? "warm-up" : "cool-down with the stretch";
        Place place = judged.segments(roles()).stream().findFirst().map(judged::at).orElse(Place.CLASS);
        return List.of(found(severity(is, needed), place,
                is.isZero()
                        ? "There is no %s.".formatted(name)
                        : "The %s is %s long, %s too short.".formatted(name, Lengths.clock(is),
                                Lengths.clock(needed.minus(is))),
                "A slot of %d min asks for %s. %s".formatted(judged.brief().slot().toMinutes(),
                        Lengths.clock(needed),
                        before
                                ? "Joints and heart are not ready before."
                                : "The line must come down before people stop."),
                SourceKind.PUBLISHED, () -> mends(judged, needed)).by(needed.minus(is).toSeconds()));
    }

    /** Less than a minute short is a figure without a clear edge. */
    private static Severity severity(Duration is, Duration needed) {
        return is.plus(CLOSE).compareTo(needed) >= 0 ? Severity.WATCH : Severity.FIX;
    }

    private List<Way> mends(ClassUnderCheck judged, Duration needed) {
        List<Segment> segments = judged.segments(roles());
        if (segments.isEmpty()) {
            return List.of(Mends.segment(judged, before ? first(judged) : last(judged),
                    before ? Role.WARM_UP : Role.COOL_DOWN));
        }
        Predicate<ClassPlan> enough = plan -> length(plan).compareTo(needed) >= 0;
        List<Way> mends = new ArrayList<>(Mends.longer(judged.plan(), Mends.longest(judged, segments.stream()
                .flatMap(segment -> judged.items(segment).stream())), enough));
        mends.addAll(Mends.addUntil(judged, segments.getLast(), _ -> true, enough));
        return mends;
    }

    private static Optional<SegmentId> first(ClassUnderCheck judged) {
        return judged.plan().segments().stream().filter(segment -> segment.role() == Role.TALK)
                .map(Segment::id)
                .findFirst();
    }

    private static Optional<SegmentId> last(ClassUnderCheck judged) {
        return judged.plan().segments().reversed().stream()
                .filter(segment -> segment.role().main())
                .map(Segment::id).findFirst();
    }

    private Duration length(ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        List<Role> wanted = List.of(roles());
        return plan.segments().stream()
                .filter(segment -> !segment.leftOut() && wanted.contains(segment.role()))
                .map(segment -> timeline.ofSegment(segment.id()).length())
                .reduce(Duration.ZERO, Duration::plus);
    }
}
