package app.kehre.core.choosing;

import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.capacity.KitNeed;
import app.kehre.core.edit.Addables;
import app.kehre.core.edit.Structures;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;

import static app.kehre.core.testing.Ids.line;
import static org.assertj.core.api.Assertions.assertThat;

class UnansweredTest {

    private static final Exercise FREE = free("hip-lift", "Hip lift");
    private final Library library = Library.of(List.of(Exercises.SQUAT, Exercises.ROW, FREE));
    private final ClassPlan plan = Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "12 reps").item(Exercises.ROW, "10 reps")
            .brief(brief -> brief.with(brief.group().withLimit(Limit.KNEE, 2))).bare();

    private static Exercise free(String id, String name) {
        return Exercises.of(id, name, Position.STANDING, Set.of()).withCautions(List.of());
    }

    private Item item(ClassPlan of, EntryId id) {
        return (Item) of.find(id).orElseThrow();
    }

    @Test
    void everyLineWithACautionForSomebodyIsUnanswered() {
        assertThat(Unanswered.of(plan)).extracting(each -> each.item().id(), Unanswered::people)
                .containsExactly(org.assertj.core.groups.Tuple.tuple(line(1), 2),
                        org.assertj.core.groups.Tuple.tuple(line(2), 2));
    }

    @Test
    void somethingElseWithoutTheCautionAnswersItAndSomethingWithItDoesNot() {
        ClassPlan answered = plan.with(item(plan, line(1)).withInstead(Limit.KNEE, FREE));
        ClassPlan not = plan.with(item(plan, line(1)).withInstead(Limit.KNEE, Exercises.ROW));

        assertThat(Unanswered.of(answered)).hasSize(1);
        assertThat(Unanswered.of(not)).hasSize(2);
    }

    @Test
    void whatIsLeftOutOfACutConcernsNobody() {
        assertThat(Unanswered.of(Structures.cutTo(plan, Set.of()))).isEmpty();
    }

    @Test
    void anAnswerStaysWithItsExerciseAndGoesWhenAnotherNeedsNone() {
        Item answered = item(plan, line(1)).withInstead(Limit.KNEE, FREE);

        assertThat(answered.withExercise(Exercises.ROW).instead()).containsEntry(Limit.KNEE, FREE);
        assertThat(answered.withExercise(FREE).instead()).isEmpty();
    }

    @Test
    void kitThatOnlyPeopleWithALimitNeedIsOnTheListForThem() {
        Exercise onChair = Exercises.of("sit", "Sit and stand", Position.SEATED_CHAIR,
                Set.of(Equipment.CHAIR));
        ClassPlan seated = plan.with(item(plan, line(1)).withInstead(Limit.KNEE, onChair));

        assertThat(KitNeed.of(plan)).isEmpty();
        assertThat(KitNeed.of(seated)).extracting(KitNeed::words).containsExactly("chairs: 2, for limits");
        assertThat(KitNeed.of(seated.with(seated.brief().with(seated.brief().group()
                .withLimit(Limit.KNEE, 0))))).isEmpty();
    }

    @Test
    void aProposalForALineThatHasBecomeAnotherChangesNothing() {
        List<GroupFit.Proposal> proposals = GroupFit.of(plan, library);
        ClassPlan changed = plan.with(item(plan, line(1)).withExercise(FREE))
                .with(item(plan, line(2)).withExercise(FREE));

        assertThat(proposals).hasSize(2).allSatisfy(
                each -> assertThat(each.words()).isEqualTo("Hip lift for knee (2)"));
        assertThat(GroupFit.apply(changed, proposals)).isEqualTo(changed);
        assertThat(Unanswered.of(GroupFit.apply(plan, proposals))).isEmpty();
    }

    @Test
    void anOwnExerciseThatWasChangedIsChangedWhereverThePlanUsesIt() {
        ClassPlan used = plan.with(item(plan, line(1)).withInstead(Limit.KNEE, FREE));
        Exercise renamed = FREE.withName("Platform lift");
        Exercise squat = Exercises.SQUAT.withName("Station squat");

        assertThat(item(Addables.refresh(used, renamed), line(1)).instead()).containsEntry(Limit.KNEE,
                renamed);
        assertThat(item(Addables.refresh(used, squat), line(1)).name()).isEqualTo("Station squat");
        assertThat(item(Addables.refresh(used, squat), line(1)).instead()).containsEntry(Limit.KNEE, FREE);
        assertThat(Addables.refresh(used, free("other", "Other"))).isEqualTo(used);
    }
}
