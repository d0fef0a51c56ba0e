package app.kehre.core.nexttime;

import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Optional;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.proposal.Way;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static org.assertj.core.api.Assertions.assertThat;

/** What was noted after a class is proposed for the next one. */
class NextTimeTest {

    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "12 reps", "2 light weights")
            .item(Exercises.ROW, "12 reps", "2 5 kg weights")
            .item(Exercises.SQUAT, "8 reps").item(Exercises.ROW, "6 reps").plan();

    private Proposal noted(String... notes) {
        ClassRecord record = Recording.byHand(plan, LocalDateTime.of(2026, 11, 24, 18, 30),
                Duration.ofMinutes(29),
                Set.of());
        After after = After.NOTHING.withNext("Start on time.");
        for (int i = 0; i < notes.length; i++) {
            after = after.with(new EntryId(i + 1), new After.Note(notes[i], Optional.empty()));
        }
        return NextTime.propose(record.with(after), plan);
    }

    private static Item item(Way way, int line) {
        return way.after().findItem(new EntryId(line)).orElseThrow();
    }

    @Test
    void heavierEasierLeftOutAndLongerExplainedAreChangesAndWhatNobodyCanDoStaysANote() {
        Way way = noted("heavier", "Too hard for most", "left out", "shown twice, explain longer").ways()
                .getFirst();

        assertThat(way.changes()).extracting(Change::words).containsExactly("Squat: heavier",
                "Bent-over row: the easier option", "Squat: leave out",
                "Bent-over row: explain it for 0:10 instead of 0:02");
        assertThat(item(way, 1).load().pieces().getFirst().size().words()).isEqualTo("medium");
        assertThat(item(way, 2).delivery().variant()).isEqualTo(Variant.EASIER);
        assertThat(way.after().find(new EntryId(3))).isEmpty();
        assertThat(way.notes()).containsExactly("You wrote: \u201cStart on time.\u201d");

        Way kept = noted("knees", "heavier").ways().getFirst();
        assertThat(item(kept, 1).note()).isEqualTo("knees");
        assertThat(item(kept, 2).load().pieces().getFirst().size().words()).isEqualTo("6 kg");
    }

    @Test
    void withoutANoteOnALineThereIsNothingToProposeAndThatIsSaid() {
        assertThat(noted().reason())
                .isEqualTo("Nothing was noted on a line that Kehre could do. The class is there"
                        + " once more as it was. You wrote: \u201cStart on time.\u201d");
    }

    /** Between the easier and the harder option lies the standard one: nobody goes from one to the other in a week. */
    @Test
    void fromTheHarderOptionEasierIsTheStandardOneAndIsCalledSo() {
        Item squat = plan.findItem(new EntryId(1)).orElseThrow();
        ClassPlan hard = plan.with(squat.withDelivery(squat.delivery().withVariant(Variant.HARDER)));
        ClassRecord record = Recording.byHand(hard, LocalDateTime.of(2026, 11, 24, 18, 30),
                Duration.ofMinutes(29),
                Set.of());
        Way way = NextTime.propose(
                record.with(After.NOTHING.with(squat.id(), new After.Note("too hard", Optional.empty()))),
                hard)
                .ways().getFirst();

        assertThat(way.changes()).extracting(Change::words).containsExactly("Squat: the standard option");
        assertThat(item(way, 1).delivery().variant()).isEqualTo(Variant.STANDARD);
    }

    @Test
    void whatIsAtItsEndAlreadyKeepsTheNote() {
        Way way = noted("lighter", "lighter").ways().getFirst();

        assertThat(way.changes()).extracting(Change::words).containsExactly(
                "Squat: keep the note \u201clighter\u201d", "Bent-over row: lighter");
        assertThat(item(way, 1).note()).as("there is nothing lighter than light").isEqualTo("lighter");
        assertThat(item(way, 2).load().pieces().getFirst().size().words()).isEqualTo("4 kg");
    }

    @Test
    void aLineThatThePlanHasNoLongerIsPassedOver() {
        ClassRecord record = Recording
                .byHand(plan, LocalDateTime.of(2026, 11, 24, 18, 30), Duration.ofMinutes(29),
                        Set.of())
                .with(After.NOTHING.with(new EntryId(1), new After.Note("heavier", Optional.empty())));

        assertThat(NextTime.propose(record, plan.remove(new EntryId(1))).ways()).isEmpty();
    }
}
