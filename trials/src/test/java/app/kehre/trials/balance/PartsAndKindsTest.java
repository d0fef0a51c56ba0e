package app.kehre.trials.balance;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import org.junit.jupiter.api.Test;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.ClassPart;
import app.kehre.core.brief.Format;
import app.kehre.core.drafting.Drafting;
import app.kehre.core.effort.Band;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Fact;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;

import static org.assertj.core.api.Assertions.assertThat;

/** A part of a class is judged as a part, and each kind of class as its own. */
class PartsAndKindsTest {

    private static Set<CheckKey> keys(Hall hall, ClassPart part) {
        return hall.brief(brief -> brief.with(part)).judged().facts().stream().map(Fact::key)
                .collect(Collectors.toCollection(() -> EnumSet.noneOf(CheckKey.class)));
    }

    private static Hall newcomers(int minutes) {
        return Hall.slot(minutes).group(group -> group.withMix(new Group.Mix(50, 50, 0)));
    }

    @Test
    void aWarmUpAloneIsNotAskedForItsStretch() {
        assertThat(keys(newcomers(8).warmUp("march 8 eights; step-touch 16 eights"), ClassPart.WHOLE))
                .contains(CheckKey.SHORT_COOL_DOWN, CheckKey.SCREENING);
        assertThat(keys(newcomers(8).warmUp("march 8 eights; step-touch 16 eights"), ClassPart.FIRST))
                .contains(CheckKey.SCREENING)
                .doesNotContain(CheckKey.SHORT_COOL_DOWN, CheckKey.ENDS_ON_A_PEAK, CheckKey.NOT_RELEASED);
    }

    @Test
    void whoComesForTheLastPartIsWarm() {
        String work = "high-plank hold 40 s; squat 2 x 12 reps; push-up 2 x 10 reps";

        assertThat(keys(newcomers(15).toning(work), ClassPart.WHOLE)).contains(CheckKey.SHORT_WARM_UP,
                CheckKey.SCREENING);
        assertThat(keys(newcomers(15).toning(work), ClassPart.LAST)).contains(CheckKey.SHORT_COOL_DOWN)
                .doesNotContain(CheckKey.SHORT_WARM_UP, CheckKey.NOT_PREPARED, CheckKey.SCREENING);
        Assessment last = newcomers(15).toning(work).brief(brief -> brief.with(ClassPart.LAST)).judged();
        assertThat(last.effort().main().share(0))
                .isGreaterThanOrEqualTo((float) Band.MODERATE.from() - 0.01f);
    }

    @Test
    void nobodyInAChairClassIsSentToTheFloor() {
        Hall chairs = Hall.slot(45).brief(brief -> brief.with(Format.CHAIR));

        assertThat(keys(chairs.core("curl-up 12 reps"), ClassPart.WHOLE)).contains(CheckKey.CHAIRS_TO_FLOOR);
        assertThat(drafted(Format.CHAIR, 45).items().map(Item::exercise).map(Exercise::position)
                .map(Position::level)).containsOnly(Position.Level.STANDING);
    }

    @Test
    void whoExpectsIsNotKeptOnTheBackAndNotDraftedThere() {
        Hall expecting = Hall.slot(45).brief(brief -> brief.with(Format.EXPECTING));

        assertThat(keys(expecting.core("hip-lift 6 x 15 reps, rest 10 s"), ClassPart.WHOLE))
                .contains(CheckKey.ON_THE_BACK);
        assertThat(drafted(Format.EXPECTING, 45).items()
                .filter(item -> item.exercise().position() == Position.PRONE
                        || item.exercise().position() == Position.SUPINE))
                .allSatisfy(
                        item -> assertThat(item.instead()).containsKey(Limit.PREGNANCY));
    }

    @Test
    void aFloorClassWorksOnTheFloorAndAnExpressOneIsOneBlock() {
        assertThat(drafted(Format.FLOOR, 30).segments().stream().filter(each -> each.role().main())
                .flatMap(Segment::items).map(item -> item.exercise().position().level()))
                .containsOnly(Position.Level.FLOOR);
        assertThat(drafted(Format.EXPRESS, 15).segments().stream().filter(each -> each.role().main()))
                .hasSize(1);
    }

    @Test
    void aDraftOfAPartHasWhatThePartHas() {
        ClassPlan middle = drafted(Format.CONDITIONING, 20, ClassPart.MIDDLE);

        assertThat(middle.segments()).extracting(Segment::role).doesNotContain(Role.TALK, Role.WARM_UP,
                Role.STRETCH);
        assertThat(drafted(Format.CONDITIONING, 25, ClassPart.LAST).segments().getLast().role())
                .isEqualTo(Role.STRETCH);
    }

    private static ClassPlan drafted(Format format, int minutes) {
        return drafted(format, minutes, ClassPart.WHOLE);
    }

    private static ClassPlan drafted(Format format, int minutes, ClassPart part) {
        Brief brief = Hall.slot(minutes).plan().brief().with(format).with(part)
                .withSlot(Duration.ofMinutes(minutes));
        return Drafting.of(new ClassPlan(brief, List.of()), Hall.LIBRARY, List.of(), 1).value().orElseThrow()
                .plan();
    }
}
