package app.kehre.core.effort;

import java.time.Duration;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.IntRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is read out of the line of effort: estimates, and no heart rate where none can be claimed. */
class ReadOutTest {

    private static Plans aerobic() {
        return Plans.of(30).segment("Aerobic", Role.AEROBIC, 128).item(Exercises.BASIC, "40 eights");
    }

    @Test
    void aMomentSaysEffortForEachParticipantAndThatItIsEstimated() {
        String words = ReadOut.of(Effort.of(Timeline.of(aerobic().plan())), 120);

        assertThat(words.lines().findFirst()).hasValueSatisfying(
                first -> assertThat(first).startsWith("effort at 2:00, estimated"));
        assertThat(words.lines().count()).as("three stand-ins and the group").isGreaterThanOrEqualTo(4);
    }

    @Test
    void inToningNoHeartRateIsClaimed() {
        Effort effort = Effort.of(Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "40 reps").bare()));

        assertThat(ReadOut.of(effort, 10)).contains("toning, so no heart rate is claimed")
                .doesNotContain("beats a minute").doesNotContain("HRR");
        assertThat(ReadOut.moment(effort, 10)).contains("toning, so no heart rate is claimed");
    }

    /** Pregnancy and medicines change the heart rate: it is no guide then, whatever the line says. */
    @Test
    void whoseHeartIsNoGuideIsGuidedByEffortAndTalk() {
        for (Limit limit : java.util.List.of(Limit.PREGNANCY, Limit.BLOOD_PRESSURE)) {
            Effort effort = Effort.of(Timeline.of(aerobic().brief(
                    brief -> brief.with(brief.group().withLimit(limit, 1))).plan()));
            int second = claimed(effort);
            assertThat(ReadOut.moment(effort, second)).contains("effort and talk test only")
                    .doesNotContain("beats a minute");
            assertThat(ReadOut.of(effort, second)).contains("effort and talk test only");
        }
        Effort usual = Effort.of(Timeline.of(aerobic().plan()));
        assertThat(ReadOut.moment(usual, claimed(usual))).contains("beats a minute");
    }

    private static int claimed(Effort effort) {
        int second = 0;
        while (!effort.claimedAt(second)) {
            second++;
        }
        return second;
    }

    @Property(tries = 30)
    void thePartsOfAPassageAddUpToIt(@ForAll("plans") ClassPlan plan, @ForAll @IntRange(max = 3000) int one,
            @ForAll @IntRange(max = 3000) int other) {
        Effort effort = Effort.of(Timeline.of(plan));
        Passage passage = Passage.between(effort, one, other);

        assertThat(passage.bands().values().stream().reduce(Duration.ZERO, Duration::plus))
                .isEqualTo(Duration.ofSeconds(passage.to() - passage.from()));
        assertThat(passage).as("whichever comes first").isEqualTo(Passage.between(effort, other, one));
        effort.lines().forEach(line -> assertThat(passage.average(line)).isBetween(0.0, 10.0));
        passage.inside().ifPresent(share -> assertThat(share).isBetween(0.0, 1.0));
        assertThat(passage.words()).contains(" long: ");
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void aPassageOfNoLengthIsRefused() {
        Effort effort = Effort.of(Timeline.of(aerobic().plan()));

        assertThatThrownBy(() -> new Passage(effort, 10, 10))
                .hasMessage("A stretch must be from 0 s on and longer than 0 s, not from 10 to 10 s.");
        assertThatThrownBy(() -> new Passage(effort, -1, 10)).isInstanceOf(IllegalArgumentException.class);
    }

    @Test
    void minutesAndEnergyAreSaidAsEstimates() {
        Effort effort = Effort.of(Timeline.of(aerobic().plan()));

        assertThat(ReadOut.minutes(effort)).matches("\\d+ min moderate or harder(: .*)?");
        assertThat(ReadOut.energy(effort)).matches("about \\d+ to \\d+ kcal for the \\w+, an estimate");
    }
}
