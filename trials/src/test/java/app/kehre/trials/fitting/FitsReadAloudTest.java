package app.kehre.trials.fitting;

import java.io.IOException;
import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.balance.Offered;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.DoseLength;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** What is offered when the classes of the week have five minutes less: would an instructor do that? */
class FitsReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static ClassPlan shorter(String name, int minutes) {
        ClassPlan plan = DemoPlan.load(name, LIBRARY).plan();
        return plan.with(plan.brief().withSlot(plan.brief().slot().minusMinutes(minutes)));
    }

    private static List<Way> offered(ClassPlan plan) {
        return Offered.of(Fitting.of(plan, new Fitting.Asked(plan.brief().slot(), Optional.empty())),
                Assessment.of(plan, LIBRARY), LIBRARY).ways();
    }

    private static List<String> said(String name) {
        ClassPlan plan = shorter(name, 5);
        Assessment before = Assessment.of(plan, LIBRARY);
        List<String> lines = new ArrayList<>(
                List.of("", "# %s, %d min".formatted(plan.brief().title(), plan.brief().slot().toMinutes())));
        for (Way way : offered(plan)) {
            lines.add("* " + way.words());
            lines.addAll(way.lines());
            lines.addAll(Effect.of(before, way.after(), LIBRARY).lines());
        }
        return lines;
    }

    @Test
    void fiveMinutesLessAreFoundInTheWaysThatWereReadAloud() throws IOException {
        List<String> said = DemoPlan.NAMES.stream().flatMap(name -> said(name).stream()).skip(1).toList();

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("fits.txt"));
    }

    /** It is the stretch that runs out of time first: what works is not left unreleased as long as anything else can give way. */
    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb, 3", "tuesday-evening-climb, 5", "wednesday-morning-ease, 5",
            "thursday-express-circuit, 3", "thursday-express-circuit, 5", "friday-strong-and-steady, 4"})
    void theFirstWayLeavesNothingUnstretchedAndNothingSeriousBegun(String name, int minutes) {
        ClassPlan plan = shorter(name, minutes);
        Effect first = Effect.of(Assessment.of(plan, LIBRARY), offered(plan).getFirst().after(), LIBRARY);

        assertThat(first.begun()).extracting(Fact::key).doesNotContain(CheckKey.NOT_RELEASED);
        assertThat(offered(plan).stream().map(way -> serious(plan, way)).sorted().toList())
                .as("what has to be mended afterwards, way by way")
                .isEqualTo(offered(plan).stream().map(way -> serious(plan, way)).toList());
    }

    /** A way took a round out and gave Side-to-side shift 20 eights for 12: nobody adds who has to save. */
    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void whoHasToSaveTimeAddsNothingElsewhere(String name) {
        for (int minutes = 2; minutes <= 6; minutes++) {
            ClassPlan plan = shorter(name, minutes);
            Way first = offered(plan).getFirst();

            assertThat(first.after().items().filter(item -> length(first.after(), item).compareTo(
                    length(plan, plan.findItem(item.id()).orElseThrow())) > 0)).as("%d min less", minutes)
                    .extracting(Item::name).isEmpty();
        }
    }

    private static Duration length(ClassPlan plan, Item item) {
        return DoseLength.of(item.dose(), item.exercise(), plan.segmentOf(item.id()).orElseThrow(), plan);
    }

    /** Reps in pairs, eights in phrases: what was even stays even, in every way. */
    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void whatWasEvenStaysEven(String name) {
        ClassPlan plan = shorter(name, 4);

        for (Way way : offered(plan)) {
            assertThat(way.after().items()).allSatisfy(item -> {
                Item before = plan.findItem(item.id()).orElseThrow();
                if (before.dose() instanceof Reps was && item.dose() instanceof Reps now
                        && reps(was) % 2 == 0) {
                    assertThat(reps(now) % 2).as("%s: %s", way.words(), item.name()).isZero();
                }
                if (before.dose() instanceof Counts was && item.dose() instanceof Counts now
                        && was.counts() % 32 == 0) {
                    assertThat(now.counts() % 32).as("%s: %s", way.words(), item.name()).isZero();
                }
            });
        }
    }

    private static int reps(Reps dose) {
        return dose.stages().getFirst() instanceof Stage.Moves moves ? moves.number() : 0;
    }

    /** In the window a way has room for five words. */
    @ParameterizedTest
    @CsvSource({"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch"})
    void noTwoWaysBeginWithTheSameWords(String name) {
        assertThat(offered(shorter(name, 5)).stream()
                .map(way -> way.words().substring(0, Math.min(25, way.words().length()))))
                .doesNotHaveDuplicates();
    }

    private static long serious(ClassPlan plan, Way way) {
        return Stream.of(Effect.of(Assessment.of(plan, LIBRARY), way.after(), LIBRARY))
                .flatMap(effect -> effect.begun().stream())
                .filter(fact -> fact.severity() != Severity.WATCH).count();
    }
}
