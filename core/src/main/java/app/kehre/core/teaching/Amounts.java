package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.Optional;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.OnceMore;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Reading;

/** One more, one less, eight counts more, another round. */
final class Amounts {

    private static final int SECONDS = 5;

    private final TeachingRun run;
    private final Instant now;
    private final ClassPlan plan;

    Amounts(TeachingRun run, Instant now) {
        this.run = run;
        this.now = now;
        this.plan = run.course().plan();
    }

    Reading<TeachingRun> of(Press.Key key) {
        int at = run.course().indexAt(run.placeAt(now));
        if (at < 0) {
            return Reading.refused("Nothing runs.");
        }
        Span span = run.timeline().spans().get(at);
        Optional<Entry> entry = plan.find(span.entry());
        if (key == Press.Key.ANOTHER_ROUND) {
            return round(span, entry);
        }
        if (span.phase() != Phase.WORK && span.phase() != Phase.HOLD) {
            return Reading.refused("Nothing is counted in a %s: press it while they work."
                    .formatted(span.phase().words()));
        }
        if (span.turn().stage().isPresent() && key != Press.Key.EIGHT_MORE) {
            return Reading
                    .refused(
                            "A combination is danced in eights: 8 stays on this move for eight counts more.");
        }
        int more = amount(key, span);
        return more < 0 && left(span) <= -more
                ? Reading.refused("That one is under way already.")
                : Reading.of(run.with(run.course().withMore(run.course().spots().get(at), more), now));
    }

    private int left(Span span) {
        Duration place = run.placeAt(now);
        return span.done().amount() == 0
                ? (int) span.end().minus(place).toSeconds()
                : span.done().amount() - span.partAt(place) + 1;
    }

    private int amount(Press.Key key, Span span) {
        boolean byClock = span.done().amount() == 0;
        if (key == Press.Key.EIGHT_MORE) {
            return span.done().unit() == Done.Unit.COUNTS ? Counts.EIGHT : ofAnEight(span);
        }
        int one = byClock ? SECONDS : 1;
        return key == Press.Key.ONE_MORE ? one : -one;
    }

    /** As many reps, breaths or seconds as come nearest to eight counts of the music; one at the least. */
    private int ofAnEight(Span span) {
        Duration eight = plan.findSegment(span.segment()).map(Segment::bpm)
                .map(bpm -> bpm.at(2L * Counts.EIGHT)).orElse(Duration.ofSeconds(4));
        Duration one = span.done().amount() == 0
                ? Duration.ofSeconds(1)
                : span.stretch().length().dividedBy(span.done().amount());
        return one.isZero() ? 1 : (int) Math.max(1, Math.round((double) eight.toNanos() / one.toNanos()));
    }

    private Reading<TeachingRun> round(Span span, Optional<Entry> entry) {
        Optional<Circuit> circuit = entry.filter(Circuit.class::isInstance).map(Circuit.class::cast)
                .or(() -> plan.circuitOf(span.entry()));
        if (circuit.isPresent()) {
            return round(circuit.get());
        }
        if (entry.filter(BuildUp.class::isInstance).isPresent() && span.turn().stage().isPresent()) {
            return Reading.of(run.with(run.course().withAgain(
                    new Course.StageSpot(span.entry(), span.turn().stage().getAsInt())), now));
        }
        Optional<Item> item = entry.flatMap(Entry::item);
        if (item.filter(each -> each.dose() instanceof Counts).isPresent() && span.done().amount() > 0) {
            int once = ((Counts) item.orElseThrow().dose()).counts();
            return Reading.of(run.with(run.course().withMore(spot(), once), now));
        }
        return item.flatMap(each -> OnceMore.of(each.dose()).map(each::withDose))
                .map(more -> Reading.of(run.with(plan.with(more), now)))
                .orElseGet(() -> Reading.refused("%s has no rounds and no sets, or as many as there may be."
                        .formatted(entry.map(Entry::name).orElse("What runs"))));
    }

    private Spot spot() {
        return run.course().spots().get(run.course().indexAt(run.placeAt(now)));
    }

    private Reading<TeachingRun> round(Circuit circuit) {
        return Circuit.ROUNDS.problem(circuit.rounds() + 1L).map(Reading::<TeachingRun>refused)
                .orElseGet(() -> Reading.of(run.with(plan.with(circuit.withRounds(circuit.rounds() + 1,
                        circuit.rest(), circuit.soloFrom())), now)));
    }
}
