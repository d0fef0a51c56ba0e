package app.kehre.core.effort;

import java.time.Duration;
import java.util.EnumSet;
import java.util.List;

import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.constraints.DoubleRange;
import org.junit.jupiter.api.Test;

import app.kehre.core.people.Group;
import app.kehre.core.plan.Variant;
import app.kehre.core.timeline.Stretch;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The check values of figures.md, and what must hold of any line. */
class EffortTest {

    private static Piece piece(int from, int to, double mets) {
        return new Piece(new Stretch(Duration.ofSeconds(from), Duration.ofSeconds(to)), part(1), line(1),
                new Demand(Demand.Kind.RHYTHMIC, mets, 0, Variant.STANDARD, false));
    }

    @Test
    void theSteppingEquationGivesItsOwnExamples() {
        assertThat(Stepping.oxygen(24, 0.20)).isCloseTo(19.8, within(0.05));
        assertThat(Stepping.mets(24, 0.20)).isCloseTo(5.65, within(0.01));
        assertThat(Stepping.oxygen(31.5, 0.15)).isCloseTo(21.1, within(0.05));
        assertThat(Stepping.mets(31.5, 0.15)).isCloseTo(6.0, within(0.05));
    }

    @Test
    void theMaximalHeartRateFallsBySevenInTenYears() {
        assertThat(Participant.maximalHeartRate(40)).isEqualTo(180);
        assertThat(Participant.maximalHeartRate(70)).isEqualTo(159);
    }

    @Test
    void theEffortScaleGoesThroughItsJoints() {
        assertThat(List.of(Scale.effort(0.30), Scale.effort(0.40), Scale.effort(0.60), Scale.effort(0.90)))
                .containsExactly(3.5, 4.5, 6.5, 9.0);
        assertThat(Band.of(0.59)).isEqualTo(Band.MODERATE);
        assertThat(Band.of(0.60)).isEqualTo(Band.VIGOROUS);
    }

    @Property
    void theScaleIsReadBackAndRises(@ForAll @DoubleRange(min = 0, max = 1.2) double share,
            @ForAll @DoubleRange(min = 0, max = 1.2) double other) {
        assertThat(Scale.share(Scale.effort(share))).isCloseTo(share, within(1e-9));
        assertThat(share <= other).isEqualTo(Scale.effort(share) <= Scale.effort(other) || share <= other);
    }

    @Test
    void leversMultiplyNetMetsAndAreCapped() {
        assertThat(Lever.on(6, Lever.OVERHEAD.factor())).isEqualTo(7);
        assertThat(Lever.all(EnumSet.allOf(Lever.class))).isEqualTo(Lever.MOST);
    }

    @Test
    void theLineComesTwoThirdsOfTheWayInItsTimeConstantAndFallsMoreSlowly() {
        Participant regular = Participant.REGULAR;
        double goal = regular.share(7);
        double start = regular.share(2.5);
        int rising = (int) Math.round(regular.rising());
        float[] up = Course.of(List.of(piece(0, 600, 7)), 600, false).follow(regular, 1).shares();

        assertThat(up[rising - 1]).isCloseTo((float) (start + (goal - start) * (1 - Math.exp(-1))),
                within(0.01f));
        assertThat(up[599]).isCloseTo((float) goal, within(0.001f));
        assertThat(regular.falling()).isEqualTo(2 * regular.rising());
        assertThat(Participant.OLDER.rising()).isEqualTo(60);
        assertThat(Participant.ATHLETIC.rising()).isEqualTo(30);
    }

    @Test
    void aShortPauseDoesNotResetTheLine() {
        float[] line = Course
                .of(List.of(piece(0, 300, 7), piece(300, 320, 1.5), piece(320, 400, 7)), 400, false)
                .follow(Participant.REGULAR, 1).shares();

        assertThat(line[319]).isGreaterThan(0.75f * line[299]);
    }

    @Property(tries = 50)
    void aLineStaysBetweenWhatIsAskedForAndACoarseLookIsTheSame(
            @ForAll @DoubleRange(min = 1, max = 12) double one,
            @ForAll @DoubleRange(min = 1, max = 12) double other) {
        List<Piece> pieces = List.of(piece(0, 97, one), piece(97, 301, other));
        Participant who = Participant.RETURNING;
        float[] line = Course.of(pieces, 301, false).follow(who, 1).shares();
        double least = Math.min(who.share(2.5), Math.min(pieces.getFirst().demand().share(who),
                pieces.getLast().demand().share(who)));
        double most = Math.max(who.share(2.5), Math.max(pieces.getFirst().demand().share(who),
                pieces.getLast().demand().share(who)));

        for (float share : line) {
            assertThat((double) share).isBetween(least - 1e-6, most + 1e-6);
        }
        float[] coarse = Course.of(pieces, 301, false).follow(who, 4).shares();
        for (int at = 0; at < coarse.length; at++) {
            assertThat(coarse[at]).isCloseTo(line[at * 4], within(1e-5f));
        }
    }

    @Test
    void theSimulatedGroupIsDrawnFromTheBriefAndIsTheSameForTheSameSeed() {
        Group group = Group.of(18).withMix(new Group.Mix(30, 50, 20)).withAges(new Group.Ages(30, 50));

        List<Participant> crowd = Crowd.of(group, 7);

        assertThat(Crowd.of(group, 7)).isEqualTo(crowd).hasSize(Crowd.SIZE);
        assertThat(Crowd.of(group, 8)).isNotEqualTo(crowd);
        assertThat(crowd).allSatisfy(each -> assertThat(each.age()).isBetween(30, 50));
        assertThat(crowd.stream().filter(each -> each.variant() == Variant.EASIER)).hasSize(9);
        assertThat(crowd.stream().filter(each -> each.variant() == Variant.HARDER)).hasSize(6);
    }

    @Test
    void everybodyDoesTheirOwnOptionShiftedByWhatIsAskedFor() {
        Demand standard = new Demand(Demand.Kind.RHYTHMIC, 6, 0, Variant.STANDARD, false);
        Demand easier = new Demand(Demand.Kind.RHYTHMIC, 6, 0, Variant.EASIER, false);

        assertThat(standard.mets(Participant.REGULAR)).isEqualTo(6);
        assertThat(standard.mets(Participant.RETURNING)).isEqualTo(5);
        assertThat(standard.mets(Participant.ATHLETIC)).isEqualTo(7);
        assertThat(easier.mets(Participant.ATHLETIC)).isEqualTo(6);
    }
}
