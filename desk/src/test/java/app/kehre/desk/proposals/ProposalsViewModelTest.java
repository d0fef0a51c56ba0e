package app.kehre.desk.proposals;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** What Kehre proposes is looked at change by change, taken as one step, or dropped without a trace; without a window. */
class ProposalsViewModelTest extends WithStudio {

    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(demo, Instructor.LIBRARY));

    private Optional<ProposalsViewModel> made = Optional.empty();

    @BeforeEach
    void openAStudio() {
        made = Optional.of(new ProposalsViewModel(open, () -> Instructor.LIBRARY,
                new Classes(open, new LocalDisk(), studio())));
    }

    private ProposalsViewModel model() {
        return made.orElseThrow();
    }

    private String asks(Wanted wanted, String length) {
        return Instructor.onFx(() -> model().ask(wanted, length, Optional.empty()));
    }

    private Proposal found(Wanted wanted, String length) {
        assertThat(asks(wanted, length)).isEmpty();
        Later.until("something is proposed", () -> model().found().get().isPresent());
        return Instructor.onFx(() -> model().found().get().orElseThrow());
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            FIT     | soon   | '"soon"'
            FIT     | 0      | A class lasts longer than that.
            LATE    | 60 min | Nothing is left of the slot then.
            LATE    | 70     | Nothing is left of the slot then.
            FIT     | 2 h    | is not a length: write it like 40 s, 2 min or 1:30.
            WARM_UP | ''     | length
            """)
    void aLengthThatIsNoneIsRefusedAtOnce(Wanted wanted, String length, String sentence) {
        assertThat(asks(wanted, length)).contains(sentence);
        assertThat(model().found().get()).isEmpty();
        assertThat(open.shown().get().plan()).isEqualTo(demo);
    }

    @Test
    void aWayIsSeenOnTheRoadTakenAsOneStepAndForgottenWithTheNextEdit() {
        Way first = found(Wanted.FIT, "55").ways().getFirst();
        assertThat(open.shown().get().plan()).as("seen, all of it ticked").isEqualTo(first.after());
        assertThat(open.plan()).as("and not taken").isEqualTo(demo);
        assertThat(model().tickedCount()).isEqualTo(first.changes().size());

        Instructor.onFx(() -> {
            model().take();
            return open;
        });

        assertThat(open.plan()).isEqualTo(first.after());
        assertThat(open.undoName().get()).isEqualTo("Fit to 55:00");
        assertThat(model().found().get()).isEmpty();
        assertThat(model().changes()).isEmpty();
        open.undo();
        assertThat(open.plan()).isEqualTo(demo);
    }

    @Test
    void onlyTheTickedChangesAreTakenAndWithoutAnyNothingIs() {
        Change last = found(Wanted.FIT, "55").ways().getFirst().changes().getLast();
        Instructor.onFx(() -> {
            model().tick(last, false);
            return open;
        });
        assertThat(model().isTicked(last)).isFalse();
        Later.until("its effect is known", () -> model().outcome().get().isPresent());

        Instructor.onFx(() -> {
            model().changes().forEach(each -> model().tick(each, false));
            model().take();
            return open;
        });

        assertThat(open.plan()).isEqualTo(demo);
        assertThat(open.undoName().get()).isEmpty();
    }

    @Test
    void anotherWayIsChosenWithAllOfItsChangesAndDroppingShowsTheClassAsItWas() {
        List<Way> ways = found(Wanted.FIT, "50 min").ways();
        assertThat(ways).hasSizeGreaterThan(1);

        Instructor.onFx(() -> {
            model().choose(1);
            return open;
        });
        assertThat(model().chosen()).isEqualTo(1);
        assertThat(open.shown().get().plan()).isEqualTo(ways.get(1).after());

        Instructor.onFx(() -> {
            model().drop();
            return open;
        });
        assertThat(open.shown().get().plan()).isEqualTo(demo);
        assertThat(model().found().get()).isEmpty();
    }

    @ParameterizedTest
    @CsvSource({"LATE, 4 min, Late start by 4:00", "RECUT, 45, Recut to 45 min",
            "WARM_UP, 6 min, Warm-up from the class", "STRETCH, 6, Stretch from the class",
            "REGROUP, '', Regroup"})
    void eachQuestionHasAnAnswerThatIsNamedByItsStep(Wanted wanted, String length, String step) {
        Proposal answer = found(wanted, length);

        if (answer.ways().isEmpty()) {
            assertThat(answer.reason()).endsWith(".");
            return;
        }
        Instructor.onFx(() -> {
            model().take();
            return open;
        });
        assertThat(open.undoName().get()).isEqualTo(step);
        assertThat(open.plan()).isNotEqualTo(demo);
    }

    @Test
    void whoStartsLateEndsInTheSlotAllTheSame() {
        Way way = found(Wanted.LATE, "5 min").ways().getFirst();

        assertThat(Timeline.of(way.after()).total())
                .isLessThanOrEqualTo(demo.brief().slot().minus(Duration.ofMinutes(5)));
        Later.until("its effect is known", () -> model().outcome().get().isPresent());
        assertThat(model().outcome().get().orElseThrow().lines()).isNotEmpty();
    }

    @Test
    void threeDraftsThatDifferAreDrawnOneAfterTheOtherAndCanBeStopped() {
        open.open(
                PlanDocument.of(Plans.of(30).segment("Toning", Role.TONING, 120).bare(), Instructor.LIBRARY));
        assertThat(model().isBare()).isTrue();
        Instructor.onFx(() -> {
            model().draft(Drafting.Asked.WHAT_IS_LEFT);
            return open;
        });
        assertThat(model().progress().get()).isEqualTo("Drafting, 1 of 3\u2026");
        Later.until("all are there", () -> model().progress().get().isEmpty());

        List<Way> drafts = Instructor.onFx(() -> model().found().get().orElseThrow().ways());
        assertThat(drafts).hasSizeBetween(1, 3).extracting(way -> way.after().segments())
                .doesNotHaveDuplicates();

        Instructor.onFx(() -> {
            model().draft(Drafting.Asked.WHAT_IS_LEFT);
            model().stop();
            return open;
        });
        assertThat(model().progress().get()).isEmpty();
    }

    @Test
    void thePartsUsualLengthIsItsTargetOrWhatTheSlotAsksFor() {
        assertThat(model().slotWords()).isEqualTo("60:00");
        assertThat(model().usualLength(Wanted.WARM_UP)).isEqualTo("8:00");
        assertThat(model().isBare()).isFalse();
        assertThat(model().before().plan()).isEqualTo(demo);
    }
}
