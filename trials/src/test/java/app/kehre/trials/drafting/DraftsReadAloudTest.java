package app.kehre.trials.drafting;

import java.io.IOException;
import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalTime;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.IntStream;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.Format;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.UsualMost;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.written.ClassText;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** Whole drafts, as an instructor would read them before teaching one: what nobody does, no draft asks for. */
class DraftsReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    /** A big move takes 32 counts or more (figures.md, "Good classes"). */
    private static final int PHRASE = 32;

    private static Draft draft(Brief brief, long seed) {
        return Drafting
                .of(new ClassPlan(brief, List.of(), Pace.usual(brief.group().older())), LIBRARY, List.of(),
                        seed)
                .value().orElseThrow();
    }

    private static List<String> said(String name) {
        Draft draft = draft(DemoPlan.load(name, LIBRARY).plan().brief(), 1);
        List<String> lines = new ArrayList<>(ClassText.print(draft.plan(), LIBRARY).lines().toList());
        draft.assessment().facts()
                .forEach(fact -> lines.add("%s: %s".formatted(fact.severity().words(), fact.what())));
        lines.add("Ends at %s.".formatted(Lengths.clock(Timeline.of(draft.plan()).total())));
        lines.add("");
        return lines;
    }

    @Test
    void theBriefsOfTheWeekAreDraftedAsTheyWereReadAloud() throws IOException {
        List<String> said = DemoPlan.NAMES.stream().flatMap(name -> said(name).stream()).toList();

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("drafts.txt"));
    }

    private static List<ClassPlan> drafted = List.of();

    static synchronized Stream<ClassPlan> drafts() {
        if (drafted.isEmpty()) {
            drafted = IntStream.rangeClosed(1, 20).parallel()
                    .mapToObj(number -> draft(Briefs.feasible(number), number).plan()).toList();
        }
        return drafted.stream();
    }

    private static List<Item> items(ClassPlan plan) {
        return plan.items().toList();
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void nobodyStopsInTheMiddleOfAPhraseOrDoesOneSideMore(ClassPlan plan) {
        assertThat(items(plan)).allSatisfy(item -> {
            if (item.dose() instanceof Counts counts) {
                assertThat(counts.counts() % (PHRASE / 2)).as("%s %s", item.name(), counts).isZero();
            }
            if (item.dose() instanceof Reps reps && usual(item) % 2 == 0) {
                assertThat(reps(reps) % 2).as("%s %s", item.name(), reps).isZero();
            }
        });
    }

    private static int usual(Item item) {
        return item.exercise().usualDose() instanceof Reps reps ? reps(reps) : 0;
    }

    private static int reps(Reps reps) {
        return reps.stages().getFirst() instanceof Stage.Moves moves ? moves.number() : 0;
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void noDoseOfTheMainPartIsBeyondWhatIsUsual(ClassPlan plan) {
        assertThat(plan.segments().stream().filter(each -> each.role().main()).flatMap(Segment::items))
                .noneMatch(item -> UsualMost.isTooMuch(item.dose(), item.exercise().dosing().most()));
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void nobodyIsScreenedAfterStandingOnOneLegAndTheClassEndsInQuiet(ClassPlan plan) {
        List<Entry> lines = plan.lines().toList();
        List<Entry> before = lines.stream().takeWhile(line -> !(line instanceof Screen)).toList();
        boolean screened = before.size() < lines.size();

        assertThat(screened && before.stream().anyMatch(DraftsReadAloudTest::standsOnOneLeg)).isFalse();
        Segment last = plan.segments().stream().filter(each -> each.role() != Role.TALK)
                .reduce((_, one) -> one)
                .orElseThrow();
        assertThat(Set.of(Role.STRETCH, Role.COOL_DOWN)).contains(last.role());
    }

    private static boolean standsOnOneLeg(Entry line) {
        return line.exercises().stream()
                .anyMatch(each -> each.pattern() == Pattern.BALANCE && each.family() == Family.STEADY);
    }

    /** Four stands on one leg and a held lunge stood in the warm-up of a class of conditioning. */
    @ParameterizedTest
    @ValueSource(longs = {1, 2, 3, 4, 5, 6})
    void aLivelyWarmUpMovesOn(long seed) {
        Brief brief = Brief
                .of("A class", LocalDate.of(2026, 12, 1), LocalTime.of(18, 30), Duration.ofMinutes(45), 12)
                .with(Format.CONDITIONING);

        assertThat(draft(brief, seed).plan().segments().stream().filter(each -> each.role() == Role.WARM_UP)
                .flatMap(Segment::items)).isNotEmpty()
                .noneMatch(
                        item -> item.dose() instanceof Hold || item.exercise().pattern() == Pattern.BALANCE);
    }

    @ParameterizedTest
    @MethodSource("drafts")
    void waterComesEachQuarterOfAnHourAndNeverTwiceInARow(ClassPlan plan) {
        List<Entry> lines = plan.lines().toList();
        List<Boolean> waters = lines.stream()
                .map(line -> line instanceof Pause pause && pause.kind() == Pause.Kind.WATER).toList();

        assertThat(waters.stream().filter(each -> each).count())
                .isLessThanOrEqualTo(plan.brief().slot().toMinutes() / 10);
        assertThat(IntStream.range(1, waters.size()).anyMatch(i -> waters.get(i) && waters.get(i - 1)))
                .isFalse();
    }
}
