package app.kehre.desk.look;

import java.nio.file.Path;
import java.util.List;
import javafx.scene.text.Font;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.desk.Instructor;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.font.Weight;

import static org.assertj.core.api.Assertions.assertThat;

class TypeTest {

    private Font font = Font.getDefault();

    @TempDir
    private Path folder = Path.of("");

    @BeforeEach
    void loadTheFonts() {
        Instructor.withDemo(folder, new LocalDisk()).close();
        font = Type.of(Weight.MEDIUM, 12);
    }

    @Test
    void aNameThatFitsStaysWhole() {
        assertThat(Type.fit("Side plank", "L", font, 200)).isEqualTo("Side plank L");
    }

    @Test
    void aNameIsCutInItsMiddleSoThatItsSideStays() {
        String cut = Type.fit("Lunge to the back off the step", "R", font, 110);

        assertThat(cut).startsWith("Lunge").contains("\u2026").endsWith(" R");
        assertThat(Type.width(cut, font)).isLessThanOrEqualTo(110);
    }

    @Test
    void whateverTheRoomTheTextIsNeverWider() {
        for (String name : List.of("Squat", "Three-knee repeater", "\u00c4", "Wrist and ankle circles")) {
            for (double room = 0; room < 160; room += 7) {
                assertThat(Type.width(Type.fit(name, "L", font, room), font)).isLessThanOrEqualTo(room);
                assertThat(Type.width(Type.start(name, "", font, room), font)).isLessThanOrEqualTo(room);
            }
        }
    }

    @Test
    void inTheNarrowestRoomTheFirstLettersMustDo() {
        assertThat(Type.start("Squat pulse", "", font, 26)).startsWith("Sq").hasSizeLessThan(5);
        assertThat(Type.start("Squat pulse", "R", font, 9)).isEqualTo("R");
    }
}
