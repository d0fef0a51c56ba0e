package app.kehre.formats.plan;

import java.nio.charset.StandardCharsets;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.ClassPart;
import app.kehre.core.brief.Format;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;

import static org.assertj.core.api.Assertions.assertThat;

class BriefJsonTest {

    private static Brief read(String fields) throws UnreadableFile {
        String plan = """
                {"format": "kehre-plan", "version": 3, "segments": [],
                 "brief": {"title": "Monday", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30,
                           "people": 12%s}}""".formatted(fields.isEmpty() ? "" : ", " + fields);
        return PlanDocument.read("monday", plan.getBytes(StandardCharsets.UTF_8), BuiltInLibrary.load())
                .plan()
                .brief();
    }

    @Test
    void whatIsNotSaidIsUsual() throws UnreadableFile {
        Brief brief = read("");

        assertThat(brief.group()).isEqualTo(Group.of(12));
        assertThat(brief.room().floor()).isZero();
        assertThat(brief.room().wall()).isTrue();
        assertThat(brief.format()).isEqualTo(Format.MIXED);
    }

    @Test
    void everythingThatIsSaidIsRead() throws UnreadableFile {
        Brief brief = read(
                """
                        "ages": {"from": 62, "to": 80}, "mix": {"newcomers": 50, "regulars": 50, "athletic": 0},
                        "limits": {"knee": 2, "low bone density": 3}, "floor": 60, "noWall": true, "hardFloor": true,
                        "kit": {"chair": 0, "mat": 14}, "kitPlaces": {"chair": "set out"},
                        "goal": {"areas": ["lats"], "qualities": ["balance"]}, "format": "timed circuit", "part": "last",
                        "schools": {"rest": "full rest"}""");

        assertThat(brief.part()).isEqualTo(ClassPart.LAST);
        assertThat(brief.group().older()).isTrue();
        assertThat(brief.group().with(Limit.BONE_DENSITY)).isEqualTo(3);
        assertThat(brief.room().has(Equipment.CHAIR)).isFalse();
        assertThat(brief.room().has(Equipment.WALL)).isFalse();
        assertThat(brief.room().count(Equipment.MAT)).hasValue(14);
        assertThat(brief.room().hardFloor()).isTrue();
        assertThat(brief.goal().areas()).containsExactly(Muscle.LATS);
        assertThat(brief.goal().qualities()).containsExactly(Quality.BALANCE);
        assertThat(brief.format()).isEqualTo(Format.CIRCUIT);
        assertThat(brief.schools().of(Question.REST)).isEqualTo(School.Rest.FULL_REST);
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "\"ages\": {\"from\": 60, \"to\": 40} | brief.ages.to: The oldest must not be younger than the"
                    + " youngest, not 60 to 40.",
            "\"ages\": {\"from\": 3, \"to\": 40} | brief.ages.from: An age must be from 8 to 110 years, not 3.",
            "\"mix\": {\"newcomers\": 50, \"regulars\": 60, \"athletic\": 0} | brief.mix.athletic: The shares must"
                    + " add up to 100 %, not 50 + 60 + 0.",
            "\"limits\": {\"tail\": 1} | brief.limits: found \"tail\", expected one of: knee, low-back, wrist,"
                    + " shoulder, neck, hip, ankle-foot, balance, pelvic-floor, pregnancy, blood-pressure,"
                    + " bone-density, fatigue.",
            "\"limits\": {\"knee\": 1.5} | brief.limits: found 1.5 for \"knee\", expected a whole number from 0 to"
                    + " 200.",
            "\"kit\": {\"anvil\": 1} | brief.kit: found \"anvil\", expected one of: step, mat, weight,"
                    + " long band, looped band, kettle-shaped weight, long bar, small ball, gliding disc, roller, block, towel,"
                    + " chair, wall, bare feet.",
            "\"kit\": [] | brief.kit: found [], expected numbers by name in { }.",
            "\"floor\": 3 | brief.floor: The floor must be from 5 to 2000 m\u00b2, not 3.",
            "\"goal\": {\"areas\": [\"wings\"]} | brief.goal.areas: found \"wings\", expected one of 19,"
                    + " such as: shin, inner-thigh, neck, upper-back, front-shoulder.",
            "\"format\": \"disco\" | brief.format: found \"disco\", expected one of: low-impact, step, circuit,"
                    + " conditioning, stretch-and-tone, floor, chair, expecting, express, mixed.",
            "\"schools\": {\"rest\": \"the clock\"} | brief.schools: for \"rest\": found \"clocked\", expected"
                    + " one of: keep-moving, full-rest, rest-per-pause."})
    void aFaultIsNamedWithItsPlaceWhatWasFoundAndWhatWasExpected(String fields, String sentence) {
        try {
            read(fields);
            throw new AssertionError("read");
        } catch (UnreadableFile fault) {
            assertThat(fault.problems()).containsExactly(sentence);
        }
    }

    @Test
    void whatPeopleDoInsteadMustBeAnExerciseAndALimit() {
        String plan = """
                {"format": "kehre-plan", "version": 3,
                 "brief": {"title": "Monday", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30,
                           "people": 12},
                 "segments": [{"id": 1, "name": "Toning", "role": "toning", "target": "0 s", "bpm": 120, "entries": [
                   {"id": 1, "exercise": "squat", "dose": "12 reps", "instead": {"knee": "levitation", "tail": "squat"}}
                 ]}]}""";
        try {
            PlanDocument.read("monday", plan.getBytes(StandardCharsets.UTF_8), BuiltInLibrary.load());
            throw new AssertionError("read");
        } catch (UnreadableFile fault) {
            assertThat(fault.problems()).hasSize(2)
                    .allMatch(each -> each.startsWith("segments[0].entries[0].instead: "))
                    .anyMatch(each -> each.contains("\"levitation\" is not in the library;"))
                    .anyMatch(each -> each.contains("found \"tail\", expected one of: knee,"));
        }
    }
}
