package app.kehre.core.teaching;

import java.time.Instant;
import java.util.ArrayList;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;

/**
 * What sides owe: what was done on one and, counted with it what is still to come, not on the other. What the plan itself
 * gives one side more is for its check to say. Where the clock rules, less than five seconds are nothing (Kehre's estimate).
 */
final class Debts {

    private static final int SECONDS = 5;

    private final ClassPlan plan;
    private final Map<Kind, Integer> rightMore = new LinkedHashMap<>();

    /** What is compared. */
    private record Kind(String exercise, Done.Unit unit) {}

    private Debts(ClassPlan plan) {
        this.plan = plan;
    }

    /** Returns what sides owe at an instant, without what was forgiven. */
    static List<Debt> of(TeachingRun run, Instant now) {
        TeachingRun here = run.settled(now);
        Debts debts = new Debts(run.course().plan());
        debts.addDone(here.visits());
        debts.addComing(here);
        debts.takePlanned(run.course().planned());
        here.forgiven().forEach(forgiven -> debts.add(new Kind(forgiven.exercise(), forgiven.unit()),
                forgiven.side(), forgiven.amount()));
        return debts.owed();
    }

    /** The furthest that each span was done: what is done again after going back counts once. */
    private void addDone(List<Visit> visits) {
        Map<Spot, Visit> furthest = new LinkedHashMap<>();
        for (Visit visit : visits) {
            if (works(visit.spot().phase(), visit.spot().side())) {
                furthest.merge(visit.spot(), visit, (one, other) -> other.to() > one.to() ? other : one);
            }
        }
        furthest.values().forEach(visit -> kind(visit.spot().entry(), visit.spot(), visit.unit())
                .ifPresent(kind -> add(kind, visit.spot().side(), visit.to())));
    }

    private void addComing(TeachingRun here) {
        int at = here.course().indexAt(here.place());
        List<Span> spans = here.timeline().spans();
        for (int i = at; i >= 0 && i < spans.size(); i++) {
            Span span = spans.get(i);
            int done = i == at ? Visits.done(span, here.place()) : 0;
            add(span, Visits.done(span, span.end()) - done, 1);
        }
    }

    private void takePlanned(Timeline planned) {
        planned.spans().forEach(span -> add(span, Visits.done(span, span.end()), -1));
    }

    private void add(Span span, int amount, int sign) {
        if (works(span.phase(), span.side())) {
            kind(span).ifPresent(kind -> add(kind, span.side(), sign * amount));
        }
    }

    private static boolean works(Phase phase, Side side) {
        return side != Side.BOTH && (phase == Phase.WORK || phase == Phase.HOLD);
    }

    private static Optional<Kind> kind(Span span) {
        return span.turn().stage().isPresent()
                ? Optional.empty()
                : span.done().exercise().map(done -> new Kind(done.id(), span.done().unit()));
    }

    /** What is done in a line as it is now: a line that was swapped on the way owes what it is now. */
    private Optional<Kind> kind(EntryId entry, Spot spot, Done.Unit unit) {
        return spot.turn().stage().isPresent()
                ? Optional.empty()
                : plan.find(entry).flatMap(Entry::item).map(Item::exercise).map(Exercise::id)
                        .map(id -> new Kind(id, unit));
    }

    private void add(Kind kind, Side side, int amount) {
        rightMore.merge(kind, side == Side.RIGHT ? amount : -amount, Integer::sum);
    }

    private List<Debt> owed() {
        List<Debt> owed = new ArrayList<>();
        rightMore.forEach((kind, more) -> {
            int least = kind.unit() == Done.Unit.SECONDS ? SECONDS : 1;
            if (Math.abs(more) >= least) {
                owed.add(new Debt(kind.exercise(), more > 0 ? Side.LEFT : Side.RIGHT, kind.unit(),
                        Math.abs(more)));
            }
        });
        return owed;
    }
}
