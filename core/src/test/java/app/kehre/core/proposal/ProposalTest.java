package app.kehre.core.proposal;

import java.time.Duration;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

/** What is proposed: changes that can be taken one by one, in any choice of them. */
class ProposalTest {

    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "14 reps")
            .item(Exercises.ROW, "12 reps").plan();
    private final Change fewer = Change.of(line(1), "Squat: 10 reps instead of 14", Change.Kind.DOSE,
            before -> before.with(((Item) before.find(line(1)).orElseThrow()).withDose(Reps.of(10))));
    private final Change out = Change.of(line(2), "Leave out Bent-over row", Change.Kind.OUT,
            before -> before.remove(line(2)));
    private final Change longer = new Change(Optional.empty(), "A slot of 45 min", List.of("15 min more"),
            Change.Kind.WHOLE, before -> before.with(before.brief().withSlot(Duration.ofMinutes(45))));

    @Test
    void changesAreMadeInTheirOrderAndEachCanBeLeftOut() {
        ClassPlan both = Change.all(plan, List.of(fewer, out));
        ClassPlan one = Change.all(plan, List.of(out));

        assertThat(both.items().map(Item::dose)).containsExactly(Reps.of(10));
        assertThat(one.items().map(Item::dose)).containsExactly(Reps.of(14));
        assertThat(Change.all(plan, List.of())).isSameAs(plan);
        assertThat(Change.all(plan, List.of(longer)).brief().slot()).isEqualTo(Duration.ofMinutes(45));
    }

    @Test
    void aWayIsPrintedALineAChangeWithWhatBelongsToItThenTheNotes() {
        Way way = new Way("1 line fewer, 1 dose changed", List.of(fewer, out, longer),
                List.of("Nothing found room for a stretch of the calves."), plan);

        assertThat(way.lines()).containsExactly("- Squat: 10 reps instead of 14", "- Leave out Bent-over row",
                "- A slot of 45 min", "    15 min more", "Nothing found room for a stretch of the calves.");
    }

    @Test
    void aWayOfOneChangeIsTakenAsAWhole() {
        ClassPlan after = plan.remove(line(1));
        Way way = Way.of("Leave out Squat", after);

        assertThat(Change.all(plan, way.changes())).isSameAs(after);
        assertThat(way.lines()).containsExactly("- Leave out Squat");
    }

    @Test
    void onlyRoundsRestsAndPhrasesChangeHowABlockGoesAsAWhole() {
        assertThat(Change.Kind.values()).filteredOn(Change.Kind::structural)
                .containsExactly(Change.Kind.ROUNDS, Change.Kind.RESTS, Change.Kind.PHRASES);
    }
}
