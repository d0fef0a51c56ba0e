package app.kehre.desk.window;

import java.time.Duration;
import java.util.Set;
import javafx.scene.input.KeyCode;

import org.junit.jupiter.api.Test;

import static org.assertj.core.api.Assertions.assertThat;

/** In the hall the instructor reads what to say, and hears of a change before it comes. */
class HallTest extends DemoWindow {

    @Test
    void whatToSayStandsBesideTheOptionsAndTheSideThatComesIsAnnouncedAsItIsMoved() {
        instructor.presses(KeyCode.DIGIT6, KeyCode.CONTROL).presses(KeyCode.SPACE).goesOnTo("Split squat");

        assertThat(instructor.reads("#says .option")).contains("Straight down, press up",
                "Trunk tall, front knee over its foot", "Front thigh and seat");
        Set<String> seen = instructor.watches("#amount", Duration.ofMinutes(2), Duration.ofSeconds(1));
        assertThat(seen).contains("4 more, then left side \u00b7 then you move right",
                "1 more, then left side \u00b7 then you move right",
                "2 x 12 reps, rest 15 s, each side \u00b7 2 light weights \u00b7 you move left");

        instructor.presses(KeyCode.M);
        assertThat(instructor.reads("#facing .small")).contains("your back to them");
    }
}
