package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.util.HashMap;
import java.util.HashSet;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.catching.CatchingUp;
import app.kehre.core.catching.InWords;
import app.kehre.core.catching.Rest;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.teaching.Course;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.Spot;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;

/** Teaches a class to its end, span by span, by a clock that jumps from press to press. */
final class Rehearsing {

    /** What is off by less than this is taken as it is planned. */
    private static final Duration SLIGHT = Duration.ofMillis(500);
    /** A class has fewer presses than this, or something goes round in circles. */
    private static final int MOST = 100_000;

    private final ClassPlan plan;
    private final SimulatedInstructor instructor;
    private final Habits habits;
    private final Instant began;
    private final Instant hardEnd;
    private final Set<EntryId> come = new HashSet<>();
    private final Map<Spot, Duration> own = new HashMap<>();
    private Teaching teaching;
    private Instant now;
    private Optional<Course> refused = Optional.empty();
    private Optional<EntryId> line = Optional.empty();
    private String reason = "";

    Rehearsing(ClassPlan plan, Instant slot, long seed, Habits habits) {
        this.plan = plan;
        this.instructor = new SimulatedInstructor(seed, habits);
        this.habits = habits;
        this.began = slot.plus(habits.late());
        this.now = began;
        this.hardEnd = slot.plus(plan.brief().slot());
        this.teaching = Teaching.ready(Timeline.of(plan));
        habits.own().map(plan::with).map(Timeline::of).ifPresent(this::goAt);
    }

    /** How long each piece is at the pace at which people really move. */
    private void goAt(Timeline real) {
        List<Spot> spots = Spot.of(real.spans());
        for (int i = 0; i < spots.size(); i++) {
            own.put(spots.get(i), real.spans().get(i).stretch().length());
        }
    }

    Rehearsal rehearsal() {
        press(new Press.Start(hardEnd));
        List<Debt> owed = List.of();
        for (int presses = 0; teaching.run().state().under() && presses < MOST; presses++) {
            Optional<Span> span = teaching.run().timeline().at(teaching.run().placeAt(now));
            if (span.isEmpty()) {
                break;
            }
            if (!forgets(span.get())) {
                owed = pay(span.get(), owed);
                if (!line.equals(Optional.of(span.get().entry()))) {
                    line = Optional.of(span.get().entry());
                    keepOnTime();
                }
                teach();
            }
        }
        teaching = teaching.at(now);
        Duration length = Duration.between(began, now);
        return new Rehearsal(plan, teaching, began, length, hardEnd, owed, reason);
    }

    private void press(Press press) {
        teaching = teaching.press(press, now, now).value().orElse(teaching);
    }

    /** Draws what is forgotten, each line once and each second side once. Returns whether the class has moved on by it. */
    private boolean forgets(Span span) {
        if (come.add(span.entry()) && instructor.forgetsLine(span)) {
            press(Press.Key.SKIP_LINE);
            return true;
        }
        if (span.phase() == Phase.SIDE_CHANGE && span.side() != Side.BOTH && instructor.forgetsSide()) {
            press(Press.Key.SKIP_SIDE);
            return true;
        }
        return false;
    }

    /** What a side owes is looked at when a line begins: a press for each, or it is left. */
    private List<Debt> pay(Span span, List<Debt> before) {
        if (!habits.forgets() || span.phase() == Phase.WORK) {
            return before;
        }
        List<Debt> owed = teaching.debts(now);
        if (owed.size() > before.size() && instructor.pays()) {
            press(Press.Key.PAY);
            return teaching.debts(now);
        }
        return owed;
    }

    /** When a line begins: nobody changes a class in the middle of one. */
    private void keepOnTime() {
        Rest rest = Rest.of(teaching.run(), now, now);
        if (!habits.keepOnTime() || !CatchingUp.isDue(rest, CatchingUp.THRESHOLD)
                || refused.filter(course -> course == rest.course()).isPresent()) {
            return;
        }
        Proposal found = CatchingUp.first(rest);
        found.ways().stream().findFirst().ifPresentOrElse(
                way -> press(new Press.Take(InWords.text(way, rest), way.after(), true)),
                () -> refuse(rest, found.reason()));
    }

    /** What cannot be made up now is asked for again when the class has changed. */
    private void refuse(Rest rest, String why) {
        refused = Optional.of(rest.course());
        reason = rest.over().isPositive() ? why : reason;
    }

    /** What takes longer stands at its end until it is done; what is done sooner is pressed on. */
    private void teach() {
        TeachingRun run = teaching.run();
        Duration place = run.placeAt(now);
        Span span = run.timeline().at(place).orElseThrow();
        Duration left = span.end().minus(place);
        Duration length = own.getOrDefault(run.course().spots().get(run.timeline().indexAt(place)),
                span.stretch().length());
        Duration takes = instructor.takes(span, length, run.timeline()).minus(place.minus(span.start()));
        Duration off = takes.minus(left);
        if (off.abs().compareTo(SLIGHT) < 0) {
            pass(left);
        } else if (off.isNegative()) {
            pass(takes.isNegative() ? Duration.ZERO : takes);
            press(Press.Key.NEXT);
        } else {
            pass(left.minusNanos(1));
            press(Press.Key.TALK);
            pass(off);
            press(Press.Key.GO_ON);
            pass(Duration.ofNanos(1));
        }
    }

    private void pass(Duration length) {
        now = now.plus(length);
        Teaching here = teaching.at(now);
        if (here.run().state() == RunState.FINISHED) {
            now = here.run().since();
        }
        teaching = here;
    }
}
