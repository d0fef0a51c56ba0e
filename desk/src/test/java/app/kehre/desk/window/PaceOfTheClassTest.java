package app.kehre.desk.window;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Optional;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Speed;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Pause;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.PlanDocument;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.core.testing.Ids.part;
import static org.assertj.core.api.Assertions.assertThat;

/** How a class is taught and how long people take, asked and changed where it stands. */
class PaceOfTheClassTest extends PlanWindow {

    PaceOfTheClassTest() {
        super(Plans.of(10).segment("Toning", Role.TONING, 120)
                .item(of("squat"), "12 reps").item(of("biceps-curl"), "12 reps", "2 light weights")
                .pause(Pause.Kind.WATER).item(of("forearm-plank"), "hold 20 s").plan());
    }

    @Test
    void howYouTeachIsAnsweredInTheBriefWithWhatItMakesOfTheClass() {
        String before = instructor.sees("#class-length");
        instructor.presses(KeyCode.DIGIT1, KeyCode.CONTROL);
        assertThat(instructor.sees("#teaching-own")).contains("\u201cfollow me\u201d");

        instructor.clicks("#teaching-show-then-do");

        assertThat(instructor.plan().brief().teaching()).isEqualTo(School.Teaching.SHOW_THEN_DO);
        assertThat(instructor.sees("#undo")).isEqualTo("Undo: how you teach");
        instructor.clicks("#teaching-follow-me");
        assertThat(instructor.plan()).as("Kehre's own answer again").isEqualTo(plan);
        instructor.clicks("#teaching-talk-it-through").presses(KeyCode.DIGIT2, KeyCode.CONTROL);
        assertThat(instructor.sees("#class-length")).isNotEqualTo(before);
    }

    @Test
    void aSegmentAndALineCanBeTaughtOtherwiseAndTheLineSaysWhatItCosts() {
        instructor.clicksOnRoad(1);
        assertThat(instructor.sees("#line-cost"))
                .isEqualTo("0:28: work 0:24, explaining 0:04 (follow me; new)");
        instructor.chooses("#segment-pacing", "show, then do");
        instructor.chooses("#segment-pacing", "reps slow");
        assertThat(instructor.plan().segment(part(1)).pacing().speed()).isEqualTo(Speed.SLOW);
        assertThat(instructor.sees("#segment-pacing")).isEqualTo("show, then do, reps slow");
        assertThat(instructor.sees("#line-cost"))
                .isEqualTo("1:13: work 0:48, explaining 0:25 (show, then do; new)");
        instructor.chooses("#line-teaching", "talk it through");
        assertThat(item(1).delivery().teaching()).contains(School.Teaching.TALK_IT_THROUGH);
        assertThat(instructor.sees("#line-cost")).contains("explaining 0:40 (talk it through; new)");
    }

    @Test
    void aLinePicksItsPositionAndAPauseMayLeavePeopleAsTheyAre() {
        instructor.clicksOnRoad(2);
        instructor.chooses("#line-position", "seated on a chair");
        assertThat(item(2).posed()).isEqualTo(Optional.of(Position.SEATED_CHAIR));

        instructor.clicksOnRoad(3).clicks("#staying");
        assertThat(instructor.plan().entry(line(3))).isInstanceOfSatisfying(Pause.class,
                pause -> assertThat(pause.staying()).isTrue());
    }

    @Test
    void whatWaitingTakesMostIsNamedAndAPressOpensThePaceToChangeIt() {
        instructor.until("the greatest are named",
                () -> instructor.sees("#tally-pace").contains("fetch from the wall 0:20"));
        instructor.clicks("#tally-pace").clicks("#pace-fetch").writes("8").presses(KeyCode.ENTER);

        assertThat(instructor.plan().pace().of(Quantity.FETCH)).isEqualTo(8);
        instructor.clicks("#pace-fetch").writes("5 min").presses(KeyCode.ENTER);
        assertThat(instructor.sees("#hint"))
                .isEqualTo("\"fetch from the wall\" must be from 0 to 120 s, not 300.");
        assertThat(instructor.plan().pace().of(Quantity.FETCH)).isEqualTo(8);
    }

    @Test
    void aPlanFromBeforePlansCarriedTheirPaceSaysOnceHowLongItWas() throws IOException {
        String written = new String(PlanDocument.of(plan, Instructor.LIBRARY).bytes(),
                StandardCharsets.UTF_8).replace("\"version\" : 8", "\"version\" : 6");
        Path old = Files.writeString(folder.resolve("old.kehre.json"), written);

        instructor.answers(old).presses(KeyCode.O, KeyCode.CONTROL);
        String now = Lengths.clock(Timeline.of(instructor.plan()).total());
        assertThat(instructor.notices()).contains("This plan is from before plans carried their pace.",
                "at today's pace, taught \u201cfollow me\u201d, it is " + now + ".");

        instructor.presses(KeyCode.S, KeyCode.CONTROL).answers(old).presses(KeyCode.O, KeyCode.CONTROL);
        assertThat(instructor.notices()).doesNotContain("before plans carried their pace");
    }
}
