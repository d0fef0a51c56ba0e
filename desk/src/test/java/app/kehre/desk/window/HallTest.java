package app.kehre.desk.window;

import java.time.Duration;
import java.util.Set;
import javafx.scene.Scene;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.stage.Stage;
import javafx.stage.Window;

import org.junit.jupiter.api.Test;

import app.kehre.desk.Instructor;
import app.kehre.desk.teach.GroupView;

import static org.assertj.core.api.Assertions.assertThat;

/** In the hall the instructor reads what to say, and hears of a change before it comes. */
class HallTest extends DemoWindow {

    @Test
    void whatToSayStandsBesideTheOptionsAndTheSideThatComesIsAnnouncedAsItIsMoved() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE).goesOnTo("Split squat");

        assertThat(instructor.reads("#says .option")).contains("Straight down, press up",
                "Trunk tall, front knee over its foot", "Front thigh and seat");
        Set<String> seen = instructor.watches("#say-when", Duration.ofMinutes(2), Duration.ofSeconds(1));
        assertThat(seen).contains("say in 8 s", "say now", "4 more", "1 more");
        assertThat(instructor.watches("#say", Duration.ofSeconds(1), Duration.ofSeconds(1)))
                .isSubsetOf("to the left", "Bent-over row");

        instructor.presses(KeyCode.LEFT).waits(Duration.ofSeconds(20));
        assertThat(instructor.sees("#amount")).endsWith("you move left");
        instructor.presses(KeyCode.M);
        assertThat(instructor.sees("#amount")).endsWith("you move right");
    }

    @Test
    void whoIsLateIsShownAWayToEndOnTimeAndTakesItWithOneKey() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE)
                .waits(Duration.ofMinutes(20)).presses(KeyCode.T).waits(Duration.ofMinutes(3))
                .presses(KeyCode.T).until("a way stands ready", () -> instructor.canSee("#offer"));
        assertThat(instructor.sees("#class-line")).endsWith("over by 1:51");

        instructor.presses(KeyCode.ENTER);
        assertThat(instructor.canSee("#offer")).isFalse();
        assertThat(instructor.sees("#said")).startsWith("Changed: ");
        assertThat(instructor.sees("#class-line")).endsWith("to spare");

        instructor.presses(KeyCode.Z);
        assertThat(instructor.sees("#class-line")).endsWith("over by 1:51");
        instructor.until("a way stands ready", () -> instructor.canSee("#offer")).presses(KeyCode.ESCAPE);
        assertThat(instructor.canSee("#offer")).isFalse();
        assertThat(instructor.place()).isEqualTo(Place.TEACH);
    }

    @Test
    void aClickerGoesOnAndBackAndAKeyCanBeChangedButNotTwice() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.B).presses(KeyCode.PAGE_DOWN);
        assertThat(instructor.sees("#now")).isEqualTo("March on the spot");
        instructor.presses(KeyCode.PAGE_UP);
        assertThat(instructor.sees("#now")).isEqualTo("Welcome and briefing");

        instructor.presses(KeyCode.F1).clicks("#change-next").presses(KeyCode.X);
        assertThat(instructor.sees("#keys-said")).isEqualTo("X is \u201cskip the line\u201d already.");
        instructor.presses(KeyCode.Q).presses(KeyCode.ESCAPE).presses(KeyCode.Q);
        assertThat(instructor.sees("#now")).isEqualTo("March on the spot");
    }

    @Test
    void whatASideIsGivenMoreTheOtherOwesUntilItIsPaid() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE).goesOnTo("Split squat");
        instructor.presses(KeyCode.RIGHT).waits(Duration.ofSeconds(5)).presses(KeyCode.PLUS)
                .presses(KeyCode.PLUS).waits(Duration.ofSeconds(2));

        assertThat(instructor.sees("#debts")).startsWith("Split squat: left owes 2 reps");
        instructor.presses(KeyCode.O).waits(Duration.ofSeconds(2));
        assertThat(instructor.canSee("#debts")).isFalse();
    }

    @Test
    void keysPressedTwentyTimesASecondAndTheEndOfTheClassLoseNothing() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE);
        for (int i = 0; i < 30; i++) {
            instructor.presses(KeyCode.DIGIT8).presses(KeyCode.X).presses(KeyCode.G).presses(KeyCode.Z);
        }
        assertThat(instructor.sees("#class-line")).startsWith("18:30");
        instructor.waits(Duration.ofHours(3)).presses(KeyCode.DIGIT8);
        assertThat(instructor.sees("#said")).isEqualTo("The class is over.");
    }

    @Test
    void thePlanThatIsChangedMeanwhileLeavesTheClassAsItWasBegunAndThatIsSaid() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE).presses(KeyCode.ESCAPE);
        instructor.clicksOnRoad(2).presses(KeyCode.DELETE).presses(KeyCode.DIGIT6, KeyCode.CONTROL);

        assertThat(instructor.sees("#said")).startsWith("The plan was changed meanwhile");
    }

    @Test
    void theGroupsWallShowsWhatIsDoneGoesOnWhenItIsClosedByHandAndOpensAgain() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE)
                .waits(Duration.ofSeconds(80));
        Scene wall = Instructor
                .onFx(() -> new Scene(new GroupView(instructor.content().teaching()), 960, 600));
        instructor.waits(Duration.ofSeconds(1));

        assertThat(text(wall, "#group-name")).isEqualTo("March on the spot");
        assertThat(text(wall, "#group-next")).isEqualTo("Step touch");
        instructor.presses(KeyCode.W);
        assertThat(shown()).isTrue();
        Instructor.onFx(() -> {
            Stage.getWindows().stream().filter(each -> each instanceof Stage stage
                    && stage.getTitle() != null && stage.getTitle().startsWith("The group")).findFirst()
                    .ifPresent(Window::hide);
            return 0;
        });
        assertThat(shown()).as("the instructor's wall knows").isFalse();
        instructor.presses(KeyCode.W).waits(Duration.ofSeconds(60));
        assertThat(shown()).isTrue();
        instructor.presses(KeyCode.W);
        assertThat(instructor.sees("#now")).isNotEmpty();
    }

    @Test
    void theGroupsWallFillsTheSecondScreenGoesWithItAndComesBackWithIt() {
        instructor.secondScreen(true).presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE)
                .presses(KeyCode.W);
        assertThat(Instructor.onFx(() -> wall().isFullScreen())).isTrue();

        instructor.secondScreen(false);
        assertThat(shown()).as("it does not come down on the instructor's wall").isFalse();
        assertThat(instructor.sees("#said"))
                .startsWith("The second screen is gone, and the group's wall with it.");
        instructor.secondScreen(true);
        assertThat(shown()).isTrue();
        instructor.presses(KeyCode.W).secondScreen(false).secondScreen(true);
        assertThat(shown()).as("closed by hand, it stays closed").isFalse();
    }

    private static Stage wall() {
        return Stage.getWindows().stream().filter(Stage.class::isInstance).map(Stage.class::cast).filter(
                stage -> stage.getTitle() != null && stage.getTitle().startsWith("The group")).findFirst()
                .orElseThrow();
    }

    private boolean shown() {
        return Instructor.onFx(() -> instructor.content().teaching().group().shown().get());
    }

    private static String text(Scene wall, String selector) {
        return Instructor.onFx(() -> ((Label) wall.getRoot().lookup(selector)).getText());
    }

    @Test
    void aRehearsalGoesTenTimesAsFastShowsTheGroupsSpreadAndIsKeptNowhere() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.Y).waits(Duration.ofSeconds(90));

        assertThat(instructor.sees("#rehearsal .label")).matches(
                "rehearsal, 10 times as fast \u00b7 group \\d+ to \\d+ %.* \u00b7 (music at \\d+|the music has stopped)");
        assertThat(instructor.sees("#class-line")).startsWith("18:47");
        instructor.presses(KeyCode.Y).presses(KeyCode.Y).presses(KeyCode.Y);
        assertThat(instructor.canSee("#rehearsal")).isFalse();
        assertThat(instructor.sees("#class-line")).startsWith("class 58:51 of 60:00");
    }
}
