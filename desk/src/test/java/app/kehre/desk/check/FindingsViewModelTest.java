package app.kehre.desk.check;

import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;

import app.kehre.core.balance.Assessment;
import app.kehre.core.choosing.GroupFit;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.desk.Instructor;
import app.kehre.desk.Later;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** What was found leads to its line, is mended, set aside with a reason and taken up again; without a window. */
class FindingsViewModelTest {

    /** Chooses lines and remembers it. */
    private static final class Remembering implements Chosen {
        private Optional<EntryId> entry = Optional.empty();
        private Optional<SegmentId> segment = Optional.empty();

        @Override
        public Optional<EntryId> chosen() {
            return entry;
        }

        @Override
        public void select(EntryId chosen) {
            entry = Optional.of(chosen);
        }

        @Override
        public void selectSegment(SegmentId chosen) {
            segment = Optional.of(chosen);
        }
    }

    private final ClassPlan plan = DemoPlan.load(DemoPlan.EVERYTHING_AT_ONCE, Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(plan, Instructor.LIBRARY));
    private final JudgedPlan judging = new JudgedPlan(open, () -> Instructor.LIBRARY);
    private final Remembering chosen = new Remembering();
    private final List<String> asked = new ArrayList<>();
    private final FindingsViewModel model = new FindingsViewModel(judging, () -> Instructor.LIBRARY, chosen,
            () -> asked.add("propose"), () -> asked.add("follow"));

    @BeforeEach
    void itIsJudged() {
        Instructor.startOnce();
        judged();
    }

    private void judged() {
        Later.until("the class is judged", model::judged);
    }

    private Fact fact(CheckKey key) {
        return model.facts().stream().filter(each -> each.key() == key).findFirst().orElseThrow();
    }

    private boolean stands(CheckKey key) {
        return model.facts().stream().anyMatch(each -> each.key() == key);
    }

    private Map<Integer, List<FindingsViewModel.Previewed>> mends(List<Fact> facts) {
        Map<Integer, List<FindingsViewModel.Previewed>> shown = new TreeMap<>();
        Instructor.onFx(() -> {
            model.askMends(facts, shown::put);
            return shown;
        });
        Later.until("all mends are there", () -> shown.size() == facts.size());
        return shown;
    }

    @Test
    void theMostSeriousComesFirstAndEachLeadsToItsLine() {
        List<Fact> facts = model.facts();
        assertThat(facts).isSortedAccordingTo((one, other) -> one.severity().compareTo(other.severity()));
        Fact withLine = facts.stream().filter(each -> each.entry().isPresent()).findFirst().orElseThrow();

        model.jump(withLine.places().getFirst());

        assertThat(chosen.chosen()).isEqualTo(withLine.entry());
        assertThat(asked).containsExactly("follow");
        assertThat(model.nameOf(withLine.entry().orElseThrow())).isNotEmpty();
        assertThat(model.nameOf(new EntryId(9999))).isEmpty();
    }

    @Test
    void whatIsAboutAPartLeadsToThePart() {
        Place part = model.facts().stream().flatMap(each -> each.places().stream())
                .filter(place -> place.entry().isEmpty() && place.segment().isPresent()).findFirst()
                .orElseThrow();

        model.jump(part);

        assertThat(chosen.segment).isEqualTo(part.segment());
        assertThat(chosen.chosen()).isEmpty();
    }

    @Test
    void mendsAreToldFactByFactWithWhatTheyBring() {
        List<Fact> facts = model.facts().stream().limit(6).toList();

        mends(facts).forEach((at, previewed) -> {
            assertThat(previewed).hasSameSizeAs(facts.get(at).mends());
            assertThat(previewed).allSatisfy(each -> assertThat(each.effect().lines()).isNotEmpty());
        });
    }

    @Test
    void aMendIsTakenAsOneStepByItsNameAndTheFindingIsGone() {
        Fact over = fact(CheckKey.OVER_SLOT);
        var mend = over.mends().getFirst();

        model.mend(over, mend);

        assertThat(open.undoName().get()).isEqualTo(mend.words());
        assertThat(open.plan()).isEqualTo(mend.after());
        judged();
        open.undo();
        judged();
        assertThat(stands(CheckKey.OVER_SLOT)).isTrue();
    }

    @Test
    void aMendOfAClassThatChangedMeanwhileWaits() {
        Fact over = fact(CheckKey.OVER_SLOT);
        ClassPlan other = Instructor.onFx(() -> {
            open.edit("Title", now -> now.with(now.brief().withTitle("Other")));
            model.mend(over, over.mends().getFirst());
            return open.plan();
        });

        assertThat(other.brief().title()).as("what was done since is not taken back").isEqualTo("Other");
        assertThat(other.segments()).isEqualTo(plan.segments());
    }

    @Test
    void whatIsSetAsideStaysAsideWithItsReasonUntilItIsTakenUp() {
        Fact water = fact(CheckKey.NO_WATER);
        model.setAside(water, "They drink at the stations.");
        judged();
        assertThat(stands(CheckKey.NO_WATER)).isFalse();
        assertThat(open.undoName().get()).isEqualTo("Set aside");

        Fact aside = model.assessment().get().aside().stream().map(Assessment.Aside::fact)
                .filter(each -> each.key() == CheckKey.NO_WATER).findFirst().orElseThrow();
        model.takeUp(aside);
        judged();

        assertThat(stands(CheckKey.NO_WATER)).isTrue();
        assertThat(open.undoName().get()).isEqualTo("Take up again");
    }

    @Test
    void whereItIsIsPointedOutOnTheRoadAndNoLongerWhenItIsLeft() {
        Fact withLine = model.facts().stream().filter(each -> each.entry().isPresent()).findFirst()
                .orElseThrow();

        model.light(withLine);
        assertThat(model.lit().get()).isNotEmpty().doesNotHaveDuplicates()
                .allSatisfy(stretch -> assertThat(stretch.length()).isPositive());
        model.unlight();

        assertThat(model.lit().get()).isEmpty();
    }

    @Test
    void whatTheGroupNeedsIsProposedAndTakenTogether() {
        List<List<GroupFit.Proposal>> shown = new ArrayList<>();
        Instructor.onFx(() -> {
            model.askProposals(shown::add);
            return shown;
        });
        Later.until("the proposals are there", () -> !shown.isEmpty());
        assertThat(shown.getFirst()).isNotEmpty();

        model.accept(List.of());
        assertThat(open.undoName().get()).as("nothing was ticked").isEmpty();
        model.accept(shown.getFirst());

        assertThat(open.undoName().get()).isEqualTo("Fit to the group");
        assertThat(open.plan()).isNotEqualTo(plan);
        model.propose();
        assertThat(asked).containsExactly("propose");
    }
}
