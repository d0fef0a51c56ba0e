package app.kehre.core.edit;

import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Set;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.IntRange;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** Steps are taken back by their names and made again, and no number of a line ever means another line. */
class HistoryTest {

    private static final ClassPlan START = Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "12 reps").item(Exercises.ROW, "10 reps").plan();

    private static Edit titled(ClassPlan plan, String title) {
        return new Edit("Title " + title, plan.with(plan.brief().withTitle(title)));
    }

    private static Edit added(ClassPlan plan) {
        return new Edit("Add",
                plan.add(part(1), Integer.MAX_VALUE, Item.of(plan.nextEntryId(), Exercises.PLANK)));
    }

    private static Edit removed(ClassPlan plan) {
        return new Edit("Remove",
                plan.items().findFirst().map(Item::id).map(plan::remove).orElse(plan));
    }

    @Test
    void aStepThatChangesNothingIsNone() {
        History history = new History(START);

        assertThat(history.make(new Edit("Nothing", START))).isFalse();

        assertThat(history.nextUndo()).isEmpty();
        assertThat(history.undo()).isEmpty();
        assertThat(history.redo()).isEmpty();
        assertThat(history.current()).isEqualTo(START);
    }

    @Test
    void stepsAreNamedAndANewOneForgetsWhatWasTakenBack() {
        History history = new History(START);
        history.make(titled(history.current(), "A"));
        history.make(titled(history.current(), "B"));

        assertThat(history.undo()).contains("Title B");
        assertThat(history.nextUndo()).contains("Title A");
        assertThat(history.nextRedo()).contains("Title B");
        history.make(titled(history.current(), "C"));

        assertThat(history.redo()).isEmpty();
        assertThat(history.current().brief().title()).isEqualTo("C");
    }

    @Test
    void asAPlanOfItsOwnItKeepsItsSteps() {
        History history = new History(START);
        history.make(titled(START, "A"));
        history.become(history.current().copy());
        assertThat(history.current().identity().plan()).isNotEqualTo(START.identity().plan());

        assertThat(history.undo()).contains("Title A");

        assertThat(history.current().brief()).isEqualTo(START.brief());
        assertThat(history.current().identity().plan()).as("still the copy")
                .isNotEqualTo(START.identity().plan());
    }

    /** Whatever is done, undone and made again: undo and redo are each other's way back, and a number is given once. */
    @Property(tries = 300)
    void allOfItLeadsBackAndNoNumberComesTwice(
            @ForAll @Size(max = 40) List<@IntRange(max = 4) Integer> steps) {
        History history = new History(START);
        Set<EntryId> given = new HashSet<>(START.items().map(Item::id).toList());
        List<String> done = new ArrayList<>();
        for (int step : steps) {
            switch (step) {
                case 0, 1 -> {
                    EntryId next = history.current().nextEntryId();
                    history.make(added(history.current()));
                    assertThat(given.add(next)).as("given once").isTrue();
                    done.add("Add");
                }
                case 2 -> {
                    boolean made = history.make(removed(history.current()));
                    if (made) {
                        done.add("Remove");
                    }
                }
                case 3 -> history.undo().ifPresent(name -> assertThat(name).isEqualTo(done.removeLast()));
                default -> history.redo().ifPresent(done::add);
            }
        }
        ClassPlan last = history.current();
        int back = 0;
        while (history.undo().isPresent()) {
            back++;
        }

        assertThat(back).isEqualTo(done.size());
        assertThat(history.current().segments()).isEqualTo(START.segments());
        for (int i = 0; i < back; i++) {
            assertThat(history.redo()).contains(done.get(i));
        }
        assertThat(history.current()).isEqualTo(last);
    }
}
