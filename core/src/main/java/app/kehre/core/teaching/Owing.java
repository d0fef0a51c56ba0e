package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.dose.Amount;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Sides;
import app.kehre.core.dose.Stage;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;

/** Pays what a side owes, behind the line that runs, or forgives it. */
final class Owing {

    private final TeachingRun run;
    private final Instant now;
    private final ClassPlan plan;

    Owing(TeachingRun run, Instant now) {
        this.run = run;
        this.now = now;
        this.plan = run.course().plan();
    }

    Reading<TeachingRun> of(Press.Key key) {
        Optional<Debt> first = Debts.of(run, now).stream().findFirst();
        if (first.isEmpty()) {
            return Reading.refused("No side owes anything.");
        }
        return key == Press.Key.PAY
                ? paid(first.get())
                : Reading.of(run.settled(now).withForgiven(with(first.get())));
    }

    private List<Debt> with(Debt forgiven) {
        List<Debt> debts = new ArrayList<>(run.forgiven());
        debts.add(forgiven);
        return debts;
    }

    /** In a line of its own, behind the one that runs or the circuit that it is in. */
    private Reading<TeachingRun> paid(Debt debt) {
        Optional<Item> like = plan.items().filter(item -> item.exercise().id().equals(debt.exercise()))
                .reduce((_, last) -> last);
        Optional<EntryId> line = run.spanAt(now).map(Span::entry)
                .map(id -> plan.circuitOf(id).<EntryId>map(Entry::id).orElse(id));
        if (like.isEmpty() || line.isEmpty()) {
            return Reading.refused("There is no line any more in which it could be done.");
        }
        Item paying = new Item(plan.nextEntryId(), like.get().exercise(), dose(like.get().dose(), debt),
                like.get().load(), "").withPosed(like.get().posed())
                .withDelivery(like.get().delivery().withKnown(true).withExplaining(Explaining.NONE)
                        .withHoldingEights(0).withLocked(true))
                .withInstead(like.get().instead());
        return Reading.of(run.with(plan.beside(line.get(), entries -> entries.add(
                1 + index(entries, line.get()), paying)), now));
    }

    private static int index(List<Entry> entries, EntryId line) {
        return entries.stream().map(Entry::id).toList().indexOf(line);
    }

    private static Dose dose(Dose like, Debt debt) {
        Sides side = debt.side() == Side.LEFT ? Sides.LEFT_SIDE : Sides.RIGHT_SIDE;
        int amount = debt.amount();
        if (debt.unit() == Done.Unit.REPS) {
            return reps(like, amount).withSides(side);
        }
        if (debt.unit() == Done.Unit.COUNTS && !(like instanceof Hold)) {
            return new Counts(amount, Counts.Pace.NORMAL, side);
        }
        return like instanceof Hold hold
                ? new Hold(1, new Stage.Held(amount(hold, debt), hold.held().postures()), hold.kind(),
                        Duration.ZERO, side)
                : new Open(Duration.ofSeconds(amount), Duration.ZERO, side);
    }

    private static Reps reps(Dose like, int amount) {
        Reps reps = Reps.of(amount);
        return like instanceof Reps old && old.stages().getFirst() instanceof Stage.Moves moves
                && moves.unit() == Stage.Unit.REP
                        ? new Reps(1, List.of(Stage.Moves.of(amount).withTempo(moves.tempo())),
                                reps.order(), Duration.ZERO, reps.sides())
                        : reps;
    }

    private static Amount amount(Hold like, Debt debt) {
        return switch (like.held().amount()) {
            case Amount.OfTime _ -> new Amount.OfTime(Duration.ofSeconds(debt.amount()));
            case Amount.OfCounts(int _, boolean ofMusic) -> new Amount.OfCounts(debt.amount(), ofMusic);
            case Amount.OfBreaths(int _, boolean deep) -> new Amount.OfBreaths(debt.amount(), deep);
        };
    }
}
