package app.kehre.desk.brief;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.BriefText;
import app.kehre.core.brief.School;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.plan.ClassPlan;
import app.kehre.desk.Instructor;
import app.kehre.desk.control.Commit;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;

/** Who comes, when and into which room: typed, shown in the totals at once, taken as one step or refused with the reason. */
class BriefViewModelTest {

    private final ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
    private final OpenPlan open = new OpenPlan(PlanDocument.of(demo, Instructor.LIBRARY));
    private final List<String> hints = new ArrayList<>();
    private final BriefViewModel model = new BriefViewModel(open, () -> Instructor.LIBRARY, hints::add,
            Learning.ofNothing());

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            45 min | class 58:51, goes over by 13:51
            75     | class 58:51, 16:09 to spare
            """)
    void anotherSlotIsSeenBeforeItIsTaken(String typed, String seen) {
        Commit slot = model.typed("Slot", BriefText::withSlot);

        assertThat(slot.preview(typed)).isEqualTo(seen);
        assertThat(model.brief().slot()).as("only looked at").isEqualTo(Duration.ofMinutes(60));
        slot.drop();
        assertThat(open.shown().get().plan()).isEqualTo(demo);

        assertThat(slot.take(typed)).isEmpty();
        assertThat(model.brief().slot().toMinutes()).isEqualTo(Long.parseLong(typed.replace(" min", "")));
        assertThat(open.undoName().get()).isEqualTo("Slot");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            one hour | one hour
            0        | 0
            400      | 400
            """)
    void aSlotThatIsNoneIsRefusedWithWhatWasTypedAndNothingIsChanged(String typed, String named) {
        assertThat(model.typed("Slot", BriefText::withSlot).take(typed)).contains(named);

        assertThat(open.plan()).isEqualTo(demo);
        assertThat(open.undoName().get()).isEmpty();
    }

    @Test
    void aFigureOfTheClassIsTypedWithinItsRange() {
        Commit spare = model.figure(Threshold.SPARE);

        assertThat(spare.take("90")).isEmpty();
        assertThat(open.plan().thresholds().of(Threshold.SPARE)).isEqualTo(90);
        assertThat(open.undoName().get()).isEqualTo("Figure: " + Threshold.SPARE.words());
        assertThat(spare.take("9000")).contains("600");
        assertThat(open.plan().thresholds().of(Threshold.SPARE)).isEqualTo(90);
    }

    @Test
    void eachStyleOfTeachingHasItsOwnLengthAndNoneIsTaken() {
        Duration follow = model.taught(School.Teaching.FOLLOW_ME).length();
        Duration shown = model.taught(School.Teaching.SHOW_THEN_DO).length();
        Duration talked = model.taught(School.Teaching.TALK_IT_THROUGH).length();

        assertThat(shown).isGreaterThan(follow);
        assertThat(talked).isGreaterThan(follow);
        assertThat(open.plan()).isEqualTo(demo);
    }

    @Test
    void aChangeIsOneStepAndTheRoomIsCountedAnew() {
        model.change("People", brief -> brief.with(brief.group().withPeople(40)));

        assertThat(open.undoName().get()).isEqualTo("People");
        assertThat(model.brief().people()).isEqualTo(40);
        assertThat(model.capacity()).isEqualTo(Capacity.of(open.plan()));
        open.undo();
        assertThat(open.plan()).isEqualTo(demo);
    }

    @Test
    void withNothingTaughtNothingIsUsualAndNobodyKnowsMore() {
        assertThat(model.usual()).isEmpty();
        assertThat(model.known(model.brief())).isEqualTo(model.brief());
        model.hint("18:30 to 19:30");
        assertThat(hints).containsExactly("18:30 to 19:30");
    }
}
