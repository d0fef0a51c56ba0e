package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Optional;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.choosing.Suggestion;
import app.kehre.core.choosing.Swap;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.testing.Plans;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.WithStudio;
import app.kehre.desk.proposals.ProposalsViewModel;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** Beside the lines: what suits the place, what could stand in a line, each taken as one step; without a window. */
class ChoosingViewModelTest extends WithStudio {

    private final ClassPlan plan = Plans.of(30).segment("Warm-up", Role.WARM_UP, 126)
            .item(Instructor.LIBRARY.find("march").orElseThrow(), "16 eights")
            .segment("Toning", Role.TONING, 120)
            .item(Instructor.LIBRARY.find("squat").orElseThrow(), "12 reps")
            .item(Instructor.LIBRARY.find("push-up").orElseThrow(), "8 reps").plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Instructor.LIBRARY));
    private final PlanViewModel lines = new PlanViewModel(open, () -> Instructor.LIBRARY, List::of,
            Learning.ofNothing());

    private Optional<ChoosingViewModel> made = Optional.empty();

    @BeforeEach
    void openAStudio() {
        made = Optional.of(new ChoosingViewModel(lines, () -> Instructor.LIBRARY,
                new JudgedPlan(open, () -> Instructor.LIBRARY), new ProposalsViewModel(open,
                        () -> Instructor.LIBRARY, new Classes(open, new LocalDisk(), studio()))));
    }

    private ChoosingViewModel model() {
        return made.orElseThrow();
    }

    private List<String> names() {
        return open.plan().items().map(Item::name).toList();
    }

    @Test
    void suggestionsSuitTheSelectedPartAndNarrowWithWhatIsTyped() {
        lines.select(line(1));
        List<Suggestion> warmUp = model().suggestions("");
        lines.select(line(2));
        List<Suggestion> toning = model().suggestions("");

        assertThat(warmUp).isNotEmpty()
                .allSatisfy(each -> assertThat(each.exercise().suits(Role.WARM_UP)).isTrue());
        assertThat(toning).isNotEmpty()
                .allSatisfy(each -> assertThat(each.exercise().suits(Role.TONING)).isTrue());
        assertThat(model().suggestions("row")).isNotEmpty().first()
                .satisfies(each -> assertThat(each.exercise().name().toLowerCase(Locale.ROOT))
                        .contains("row"));
    }

    @Test
    void aSuggestionIsAddedBehindTheSelectedLineOrAtThePlaceWhereItIsDropped() {
        lines.select(line(2));
        model().add(Instructor.LIBRARY.find("bent-row").orElseThrow());
        assertThat(names()).containsExactly("March on the spot", "Squat", "Bent-over row", "Push-up");
        assertThat(open.undoName().get()).contains("Bent-over row");

        model().addAt("calf-raise", 0);
        assertThat(names()).containsExactly("March on the spot", "Calf raise", "Squat", "Bent-over row",
                "Push-up");
        model().addAt("no-such-exercise", 0);
        assertThat(names()).hasSize(5);
    }

    @Test
    void whatCouldStandInALineIsAskedBesideAndTakenByItsName() {
        lines.select(line(3));
        List<List<Swap>> shown = new ArrayList<>();
        Instructor.onFx(() -> {
            model().askSwaps(shown::add);
            return shown;
        });
        Later.until("the swaps are there", () -> !shown.isEmpty());
        Swap first = shown.getFirst().getFirst();

        model().swap(first);

        assertThat(names()).containsExactly("March on the spot", "Squat", first.exercise().name());
        assertThat(open.undoName().get()).isEqualTo("%s for Push-up".formatted(first.exercise().name()));
        assertThat(open.plan().items().map(Item::id)).as("the line stays the same line").contains(line(3));
    }

    @Test
    void withNoLineChosenNothingCouldStandInItAndNothingIsSuggested() {
        for (int i = 0; i < 5; i++) {
            lines.segments().remove();
        }
        List<List<Swap>> shown = new ArrayList<>();
        Instructor.onFx(() -> {
            model().askSwaps(shown::add);
            return shown;
        });
        Later.until("the answer is there", () -> !shown.isEmpty());

        assertThat(shown.getFirst()).isEmpty();
        assertThat(model().suggestions("squat")).isEmpty();
    }

    @Test
    void whatWasWorkedOutElsewhereIsShownAtTheSide() {
        assertThat(model().side().get()).isEqualTo(ChoosingViewModel.Side.LINE);

        Instructor.onFx(() -> {
            model().propose("Next time", new Proposal.Refused("Nothing was noted."));
            return open;
        });

        assertThat(model().side().get()).isEqualTo(ChoosingViewModel.Side.PROPOSE);
        assertThat(model().findings().lit().get()).isEmpty();
    }
}
