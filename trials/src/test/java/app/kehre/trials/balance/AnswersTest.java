package app.kehre.trials.balance;

import java.time.Duration;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.answers.AnsweredDose;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.choosing.Suggestions;
import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.sheet.CribSheet;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Named;

import static org.assertj.core.api.Assertions.assertThat;

/** What is asked in the brief changes something, whatever is answered. */
class AnswersTest {

    private static final List<String> ADDED = List.of("squat", "reverse-lunge", "clam", "side-leg-lift",
            "forearm-plank",
            "jack", "calf-stretch", "standing-knee-curl", "skater-tap");

    @ParameterizedTest
    @EnumSource(Question.class)
    void everyAnswerMakesAnotherClassOfIt(Question question) {
        Map<String, School> seen = new HashMap<>();
        for (School school : question.schools()) {
            ClassPlan plan = answered(school);
            School same = seen.put(seen(question, plan), school);
            assertThat(Optional.ofNullable(same)).as("%s and %s are alike", school.words(),
                    Optional.ofNullable(same).map(Named::words).orElse("")).isEmpty();
            assertThat(question.changes()).isNotBlank();
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            squat              | clocked        | 25 s on, 15 s off, x2, no last rest
            squat              | counted        | 2 x 12 reps, rest 15 s
            skater-tap         | by-reps        | 2 x 16 reps, rest 15 s
            skater-tap         | counted        | 16 eights
            forearm-plank      | by-breaths     | 2 x 5 breaths, rest 15 s
            calf-stretch       | by-breaths     | stretch 5 breaths, each side
            reverse-lunge      | finish-one     | 6 reps, each side
            side-leg-lift      | alternate-reps | 15 reps, each side
            standing-knee-curl | alternate-reps | 30 reps, alternating
            """)
    void aUsualDoseIsCountedAndSharedAsTheBriefAnswers(String exercise, String answer, String dose) {
        School school = School.all().stream().filter(each -> each.key().equals(answer)).findFirst()
                .orElseThrow();
        ClassPlan plan = answered(school);

        assertThat(
                DoseNotation.print(AnsweredDose.of(Hall.exercise(exercise), segment(plan, Role.TONING), plan,
                        false)))
                .isEqualTo(dose);
    }

    private static ClassPlan answered(School school) {
        ClassPlan plan = Hall.slot(45).warmUp("march 16 eights; hip-hinge 8 reps")
                .aerobic("march 12 eights; jack 30 s on, 10 s off, x3; water, moving")
                .toning("biceps-curl 2 x 12 reps; squat 2 x 12 reps; bent-row 2 x 12 reps; calf-raise 2 x 12 reps;"
                        + " clam 12 reps + hold 10 s, right side; clam 12 reps, left side; side-leg-lift 12 reps, right side;"
                        + " side-leg-lift 12 slow reps, left side; reverse-lunge 12 reps, alternating")
                .core("forearm-plank hold 40 s").coolDown("calf-stretch stretch 20 s, each side").plan();
        return plan.with(plan.brief().with(plan.brief().schools().with(school)));
    }

    private static String seen(Question question, ClassPlan plan) {
        return switch (question) {
            case TEACHING -> Timeline.of(plan).total().toString();
            case TIME, SIDES -> doses(plan);
            case WARM_UP -> lines(WarmUpFromClass.propose(plan, Hall.LIBRARY, Duration.ofMinutes(6)))
                    + findings(plan);
            case FIRST_STRETCH -> lines(WarmUpFromClass.propose(plan, Hall.LIBRARY, Duration.ofMinutes(6)));
            case HOLD -> lines(StretchFromClass.propose(plan, Hall.LIBRARY, Duration.ofMinutes(7)));
            case KNEES -> CribSheet.of(Timeline.of(plan)).parts().toString();
            case ORDER -> Regrouping.propose(plan) + findings(plan);
            case REST -> "%.4f".formatted(Assessment.of(plan, Hall.LIBRARY).effort().averageMets(_ -> true));
            case IMPACT ->
                Suggestions.of(plan, Hall.LIBRARY, segment(plan, Role.AEROBIC).id(), Optional.empty(), "")
                        .size() + findings(plan);
            case DOSE -> findings(plan);
        };
    }

    private static String doses(ClassPlan plan) {
        Segment toning = segment(plan, Role.TONING);
        return ADDED.stream().map(Hall::exercise)
                .flatMap(each -> Stream.of(AnsweredDose.of(each, toning, plan, false),
                        AnsweredDose.of(each, toning, plan, true)))
                .map(DoseNotation::print).collect(Collectors.joining("; "));
    }

    private static Segment segment(ClassPlan plan, Role role) {
        return plan.segments().stream().filter(each -> each.role() == role).findFirst().orElseThrow();
    }

    private static String lines(Proposal proposal) {
        return proposal.ways().getFirst().after().items().map(Item::toString)
                .collect(Collectors.joining(" "));
    }

    private static String findings(ClassPlan plan) {
        return Assessment.of(plan, Hall.LIBRARY).findings().stream().map(Finding::what)
                .collect(Collectors.joining(" "));
    }
}
