package app.kehre.core.answers;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.School;
import app.kehre.core.brief.Schools;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Interval;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.DoseLength;

import static org.assertj.core.api.Assertions.assertThat;

/** As the brief answers who counts and which side is when, so is the dose of what comes into the class. */
class AnsweredDoseTest {

    private static final ClassPlan PLAN = Plans.of(30).segment("Toning", Role.TONING, 120)
            .item(Exercises.SQUAT, "12 reps").plan();

    @Provide
    Arbitrary<Dose> doses() {
        return Draws.doses();
    }

    @Provide
    Arbitrary<Schools> answers() {
        Schools usual = PLAN.brief().schools();
        return Arbitraries.of(School.Time.class).flatMap(
                time -> Arbitraries.of(School.Sides.class).map(sides -> usual.with(time).with(sides)));
    }

    private static Dose dose(String text) {
        return DoseNotation.parse(text).value().orElseThrow();
    }

    private static Exercise usually(Dose dose) {
        Exercise like = Exercises.SQUAT;
        return new Exercise(like.id(), like.names(), like.category(), like.work(), like.setting(),
                Dosing.of(dose, Load.NONE), like.coaching(), like.adaptations(), like.footwork());
    }

    private static ClassPlan answering(Schools schools) {
        return PLAN.with(PLAN.brief().with(schools));
    }

    private static Dose answered(Exercise exercise, Schools schools, boolean inCircuit) {
        ClassPlan plan = answering(schools);
        return AnsweredDose.of(exercise, plan.segments().getFirst(), plan, inCircuit);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            MIXED_TIME | 2 x 12 reps, rest 20 s | 2 x 12 reps, rest 20 s
            CLOCKED    | 12 reps                | 25 s on
            CLOCKED    | 2 reps                 | 10 s on
            CLOCKED    | 16 eights              | 65 s on
            CLOCKED    | hold 20 s              | hold 20 s
            BY_REPS    | 40 s on, 20 s off      | 20 reps
            BY_REPS    | 12 reps                | 12 reps
            COUNTED    | 30 s on, 15 s off      | 8 eights
            COUNTED    | 5 s on                 | 4 eights
            BY_BREATHS | 12 reps                | 12 reps
            """)
    void whoCountsIsAnswered(School.Time answer, String usual, String dose) {
        assertThat(DoseNotation.print(
                answered(usually(dose(usual)), PLAN.brief().schools().with(answer), false))).isEqualTo(dose);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            SIDES_PER_EXERCISE | false | 12 reps, alternating | 12 reps, alternating
            FINISH_ONE         | false | 12 reps, alternating | 6 reps, each side
            FINISH_ONE         | false | 13 reps, alternating | 7 reps, each side
            FINISH_ONE         | false | 12 reps              | 12 reps
            ALTERNATE_REPS     | false | 8 reps, each side    | 16 reps, alternating
            ALTERNATE_REPS     | false | hold 20 s, each side | hold 20 s, each side
            SIDE_A_ROUND       | true  | 8 reps, each side    | 8 reps, one side a round
            SIDE_A_ROUND       | false | 8 reps, each side    | 8 reps, each side
            """)
    void whichSideIsWhenIsAnswered(School.Sides answer, boolean inCircuit, String usual, String dose) {
        assertThat(DoseNotation.print(
                answered(usually(dose(usual)), PLAN.brief().schools().with(answer), inCircuit)))
                .isEqualTo(dose);
    }

    @Property(tries = 500)
    void whateverIsAnsweredTheDoseCanBeWrittenAndReadAndIsAboutAsLong(@ForAll("doses") Dose usual,
            @ForAll("answers") Schools schools) {
        Exercise exercise = usually(usual);
        ClassPlan plan = answering(schools);

        Dose dose = answered(exercise, schools, false);

        assertThat(DoseNotation.parse(DoseNotation.print(dose)).value()).contains(dose);
        if (dose instanceof Interval && !(usual instanceof Interval)) {
            double before = DoseLength.of(usual, exercise, plan.segments().getFirst(), plan).toMillis();
            double after = DoseLength.of(dose, exercise, plan.segments().getFirst(), plan).toMillis();
            assertThat(after).as("%s for %s", DoseNotation.print(dose), DoseNotation.print(usual))
                    .isLessThan(2 * before + 25_000);
        }
    }

    @Property(tries = 100)
    void aLineKeepsAllButItsDose(@ForAll("answers") Schools schools) {
        ClassPlan plan = answering(schools);
        Item line = plan.items().findFirst().orElseThrow().withNote("slowly");

        Item answered = AnsweredDose.of(line, plan.segments().getFirst(), plan, false);

        assertThat(answered.withDose(line.dose())).isEqualTo(line);
    }
}
