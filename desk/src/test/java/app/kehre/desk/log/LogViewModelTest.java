package app.kehre.desk.log;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.concurrent.CopyOnWriteArrayList;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.School;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.pace.Quantity;
import app.kehre.core.people.Regulars;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.Doing;
import app.kehre.core.studio.FitnessChecks;
import app.kehre.core.studio.RecordRow;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** Classes are logged, looked for, spoken of, forgotten and brought back, and the pace is learned; without a window. */
class LogViewModelTest extends WithStudio {

    private static final String GROUP = "Signal climbers";
    private static final Instant SUNDAY = Instant.parse("2026-11-29T10:00:00Z");

    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final ClassPlan plan = demo.with(demo.brief().with(
            demo.brief().group().withRegulars(new Regulars(GROUP, Set.of()))));
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Instructor.LIBRARY));
    private final List<String> trouble = new CopyOnWriteArrayList<>();
    private final List<String> changes = new CopyOnWriteArrayList<>();

    private Optional<LogViewModel> made = Optional.empty();

    @BeforeEach
    void twoClassesWereTaught() {
        made = Optional.of(new LogViewModel(studio(), open, () -> Instructor.LIBRARY,
                Clock.fixed(SUNDAY, ZoneOffset.UTC), trouble::add, () -> changes.add("changed")));
        logs(17, 58);
        logs(24, 61);
    }

    @AfterEach
    void nothingWasInTheWay() {
        assertThat(trouble).isEmpty();
    }

    private LogViewModel model() {
        return made.orElseThrow();
    }

    private void does(Runnable work) {
        Instructor.onFx(() -> {
            work.run();
            return work;
        });
    }

    private void logs(int day, int minutes) {
        int before = rows().size();
        does(() -> model().logByHand(LocalDateTime.of(2026, 11, day, 18, 31), Duration.ofMinutes(minutes),
                Set.of()));
        Later.until("it is logged", () -> rows().size() > before);
    }

    private List<RecordRow> rows() {
        return model().logged().get().rows();
    }

    private ClassRecord shown() {
        return model().logged().get().shown().orElseThrow();
    }

    @Test
    void theLatestIsShownAndAnotherWhenItIsLookedAt() {
        assertThat(rows()).extracting(row -> row.heading().began().toLocalDate())
                .containsExactly(LocalDate.of(2026, 11, 24), LocalDate.of(2026, 11, 17));
        assertThat(shown().times().taught()).isEqualTo(Duration.ofMinutes(61));
        assertThat(changes).as("others are told").hasSize(2);

        does(() -> model().look(rows().getLast().heading().key()));

        Later.until("the first is shown", () -> shown().times().taught().equals(Duration.ofMinutes(58)));
    }

    @Test
    void whatIsSaidIsShownAtOnceAndFoundByItsWords() {
        does(() -> model().say(After.NOTHING.withPeople(Optional.of(14), Optional.empty())
                .withNext("Windows stuck.")));
        assertThat(shown().after().next()).isEqualTo("Windows stuck.");

        does(() -> model().find("stuck"));
        Later.until("one is left", () -> rows().size() == 1);
        assertThat(rows().getFirst().people()).contains(14);
        does(() -> model().find("xyzzy"));
        Later.until("none is left", () -> rows().isEmpty());

        assertThat(model().logged().get().shown()).as("what is looked at stays").isPresent();
    }

    @Test
    void aClassIsForgottenAndBroughtBackWithItsPlan() {
        ClassRecord last = shown();
        List<byte[]> kept = new ArrayList<>();
        does(() -> model().documentOf(last, kept::add));
        Later.until("its plan is there", () -> !kept.isEmpty());

        does(model()::forget);
        Later.until("it is out", () -> rows().size() == 1);
        assertThat(shown().key()).isNotEqualTo(last.key());
        does(() -> model().bringBack(last, kept.getFirst()));
        Later.until("it is back", () -> rows().size() == 2);

        List<PlanDocument> plans = new ArrayList<>();
        does(() -> model().planOf(last, plans::add));
        Later.until("its plan is read", () -> !plans.isEmpty());
        assertThat(plans.getFirst().plan().segments()).isEqualTo(plan.segments());
    }

    @Test
    void aPinnedValueStaysUntilItIsLetGoAndOneThatIsLearnedAnewForgetsWhatWasSeen() {
        PaceWishes.Key key = new PaceWishes.Key(Quantity.FLOOR, School.Teaching.FOLLOW_ME);

        does(() -> model().pin(key, Optional.of(12.0)));
        Later.until("it is pinned", () -> model().logged().get().wishes().pinned(key).isPresent());
        assertThat(model().logged().get().learned().pace().of(Quantity.FLOOR)).isEqualTo(12);

        does(() -> model().pin(key, Optional.empty()));
        Later.until("it is let go", () -> model().logged().get().wishes().pinned(key).isEmpty());
    }

    @Test
    void whatAGroupDidAndWhatIsUsualForItIsAskedBeside() {
        List<String> said = new ArrayList<>();
        List<Doing> doings = new ArrayList<>();
        List<Integer> squats = new ArrayList<>();
        does(() -> {
            model().usual(GROUP, said::add);
            model().doings("squat", 5, doings::addAll);
            model().done(GROUP, LocalDate.of(2026, 10, 4), model().today(),
                    done -> squats.add(done.getOrDefault("squat", 0)));
        });
        Later.until("all is answered", () -> !said.isEmpty() && doings.size() == 2 && !squats.isEmpty());

        assertThat(said.getFirst()).startsWith("Tuesday 18:30, 60 min, ");
        assertThat(squats).containsExactly(2);
        assertThat(doings.getFirst().title()).isEqualTo("Tuesday Evening Climb");
        assertThat(model().group()).isEqualTo(GROUP);
        assertThat(model().nameOf("squat")).isEqualTo("Squat");
        assertThat(model().nameOf("gone-from-the-library")).isEqualTo("gone-from-the-library");
    }

    @Test
    void theClassesOfSomeDaysAndTheChecksOfGroupsAreAskedBeside() {
        List<RecordRow> found = new ArrayList<>();
        FitnessChecks.Result result = new FitnessChecks.Result("chair stands in 30 s", "times", GROUP,
                LocalDate.of(2026, 11, 24), List.of(14.0, 11.0));
        List<FitnessChecks.Result> checks = new ArrayList<>();
        does(() -> {
            model().between(LocalDate.of(2026, 11, 20), LocalDate.of(2026, 11, 30), found::addAll);
            model().keep(result);
            model().checks(checks::addAll);
        });
        Later.until("all is answered", () -> !found.isEmpty() && !checks.isEmpty());

        assertThat(found).singleElement()
                .satisfies(row -> assertThat(row.heading().began().getDayOfMonth()).isEqualTo(24));
        assertThat(checks).containsExactly(result);
    }

    @ParameterizedTest
    @CsvSource({"2026-11-24, 2026-12-01", "2026-11-22, 2026-11-29", "2026-09-01, 2026-12-01",
            "2026-12-08, 2026-12-15"})
    void aWeeklyClassComesNextOnItsDayThatIsNotOverYet(LocalDate last, LocalDate next) {
        assertThat(model().nextDay(last)).isEqualTo(next);
    }

    @Test
    void theStudioIsCopiedElsewhereWhole() {
        Path copy = folder.resolve("copy.db");
        List<String> done = new ArrayList<>();

        does(() -> model().copyTo(copy, () -> done.add("copied")));
        Later.until("it is copied", () -> !done.isEmpty());

        assertThat(Files.exists(copy)).isTrue();
    }
}
