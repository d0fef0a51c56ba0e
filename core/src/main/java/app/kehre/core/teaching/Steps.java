package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Function;
import java.util.function.Supplier;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Reading;
import app.kehre.core.value.Side;

/** What a press makes of a run, or why it makes nothing. */
final class Steps {

    private final TeachingRun run;
    private final Instant now;

    Steps(TeachingRun run, Instant now) {
        this.run = run;
        this.now = now;
    }

    Reading<TeachingRun> of(Press press) {
        return switch (press) {
            case Press.Start(Instant hardEnd) -> run.state() == RunState.READY
                    ? Reading.of(run.start(now, hardEnd))
                    : Reading.refused("The class has begun already.");
            case Press.Key key -> of(key);
            case Press.Choose choose -> item("is no exercise: it has no easier or harder option.",
                    item -> Reading.of(item.withDelivery(item.delivery().withVariant(choose.variant()))));
            case Press.Swap swap -> item("is no exercise: nothing can stand in for it.",
                    item -> Reading.of(item.withExercise(swap.exercise())));
            case Press.Take take -> Reading.of(run.with(take.after(), now));
            case Press.Count _ -> Reading.of(run);
            case Press.Undo _,Press.Noted _ ->
                Reading.refused("Nothing was pressed that could be taken back.");
        };
    }

    private Reading<TeachingRun> of(Press.Key key) {
        if (run.state() == RunState.FINISHED) {
            return Reading.refused("The class is over.");
        }
        return switch (key) {
            case PAUSE -> state(RunState.PAUSED, () -> run.pause(now));
            case TALK -> state(RunState.TALKING, () -> run.talk(now));
            case GO_ON -> run.state() == RunState.PAUSED || run.state() == RunState.TALKING
                    ? Reading.of(run.resume(now))
                    : Reading.refused("The class is under way.");
            case NEXT -> Reading.of(next());
            case BACK -> Reading.of(run.back(now));
            case ONE_MORE, ONE_LESS, EIGHT_MORE, ANOTHER_ROUND -> new Amounts(run, now).of(key);
            case SKIP_LINE -> Reading.of(skipLine());
            case SKIP_SIDE -> skipSide();
            case FINISH -> new WayDown(run, now).taken();
            case PAY, FORGIVE -> new Owing(run, now).of(key);
        };
    }

    private Reading<TeachingRun> state(RunState to, Supplier<TeachingRun> step) {
        return run.state().next().contains(to)
                ? Reading.of(step.get())
                : Reading.refused("The class is %s.".formatted(run.state().words()));
    }

    private Reading<TeachingRun> item(String problem,
            Function<Item, Reading<Item>> change) {
        Optional<Entry> entry = run.spanAt(now).flatMap(span -> run.course().plan().find(span.entry()));
        Optional<Item> item = entry.flatMap(Entry::item);
        if (item.isEmpty()) {
            return Reading.refused("%s %s".formatted(entry.map(Entry::name).orElse("What runs"), problem));
        }
        return change.apply(item.get()).map(other -> run.with(run.course().plan().with(other), now));
    }

    /** What runs is done: from talk and changing over to the work, from the work to what comes behind it. */
    private TeachingRun next() {
        TeachingRun here = run.settled(now);
        List<Span> spans = run.timeline().spans();
        int at = run.course().indexAt(here.place());
        if (at < 0) {
            return run;
        }
        TeachingRun done = works(spans.get(at)) ? here.finished(at) : here;
        int to = at + 1;
        boolean stage = spans.get(at).turn().stage().isPresent();
        while (to < spans.size() && (stage
                ? sameStage(spans.get(at), spans.get(to))
                : !works(spans.get(at)) && spans.get(to).entry().equals(spans.get(at).entry())
                        && !works(spans.get(to)))) {
            to++;
        }
        return done.jumped(to == spans.size() ? run.timeline().total() : spans.get(to).start(), now);
    }

    private static boolean works(Span span) {
        return span.phase() == Phase.WORK || span.phase() == Phase.HOLD;
    }

    private static boolean sameStage(Span one, Span other) {
        return one.entry().equals(other.entry()) && one.turn().stage().equals(other.turn().stage());
    }

    /** What was not begun leaves the class, so that nobody fetches its kit; what is in a circuit comes again. */
    private TeachingRun skipLine() {
        TeachingRun gone = run.next(now);
        Optional<EntryId> line = run.spanAt(now).map(Span::entry);
        ClassPlan plan = run.course().plan();
        boolean begun = line.isEmpty() || gone.state() == RunState.FINISHED
                || plan.circuitOf(line.get()).isPresent() || plan.find(line.get()).isEmpty()
                || gone.visits().stream().anyMatch(
                        visit -> visit.spot().entry().equals(line.get()) && works(visit.spot().phase()));
        return begun ? gone : gone.with(plan.remove(line.get()), now);
    }

    private static boolean works(Phase phase) {
        return phase == Phase.WORK || phase == Phase.HOLD;
    }

    private Reading<TeachingRun> skipSide() {
        Duration place = run.placeAt(now);
        int at = run.course().indexAt(place);
        List<Span> spans = run.timeline().spans();
        if (at < 0 || spans.get(at).side() == Side.BOTH) {
            return Reading.refused("Both sides work at once here: there is none to skip.");
        }
        int to = at + 1;
        while (to < spans.size() && run.course().spots().get(at).sameTurn(run.course().spots().get(to))
                && spans.get(to).side() == spans.get(at).side()) {
            to++;
        }
        return Reading.of(
                run.jumped(to == spans.size() ? run.timeline().total() : spans.get(to).start(), now));
    }

    /** Returns the lines of a class that have begun at a place, those in circuits as well. */
    static List<EntryId> begun(TeachingRun run, Duration place) {
        List<EntryId> begun = new ArrayList<>();
        run.course().plan().lines().map(Entry::id)
                .filter(id -> run.timeline().ofEntry(id).start().compareTo(place) <= 0).forEach(begun::add);
        return begun;
    }
}
