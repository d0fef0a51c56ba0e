package app.kehre.desk.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.testing.Exercises;
import app.kehre.desk.FaultyDisk;
import app.kehre.formats.disk.DiskTrouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class ShelfTest {

    private static final Exercise OWN = Exercises.SQUAT.withId("platform-squat").withName("Platform squat");
    private final Library shipped = Library.of(List.of(Exercises.SQUAT, Exercises.ROW));
    private final FaultyDisk disk = new FaultyDisk();

    @TempDir
    private Path folder = Path.of("");

    private Shelf open() {
        return new Shelf(shipped, folder, disk);
    }

    @Test
    void atFirstThereIsWhatShipsAndNoFile() {
        assertThat(open().library().get().all()).containsExactly(Exercises.SQUAT, Exercises.ROW);
        assertThat(open().trouble()).isEmpty();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void ownExercisesAndHiddenOnesAreThereAgainNextTime() throws DiskTrouble {
        Shelf shelf = open();
        shelf.change(own -> own.with(OWN).withHidden("bent-row", true));

        Library again = open().library().get();
        assertThat(again.all()).containsExactly(Exercises.SQUAT, OWN);
        assertThat(again.find("bent-row")).contains(Exercises.ROW);
        assertThat(again.ships(OWN)).isFalse();
    }

    @Test
    void aChangeThatCannotBeWrittenIsNoChange() throws DiskTrouble {
        Shelf shelf = open();
        shelf.change(own -> own.with(OWN));
        disk.full(true);

        assertThatThrownBy(() -> shelf.change(own -> own.without(OWN.id()))).isInstanceOf(DiskTrouble.class)
                .hasMessageContaining("the disk is full");
        assertThat(shelf.library().get().all()).contains(OWN);
        disk.full(false);
        assertThat(open().library().get().all()).contains(OWN);
    }

    @Test
    void aFaultyFileIsSaidAndNeverWrittenOver() throws IOException {
        Path file = Files.writeString(folder.resolve(Shelf.FILE),
                "{\"format\": \"kehre-exercises\", \"version\": 1, \"exercises\": [{\"id\": \"x\"}]}");
        String before = Files.readString(file);
        Shelf shelf = open();

        assertThat(shelf.trouble()).startsWith(
                "exercises.json was not opened. exercises[0].family: found nothing, expected a text in quotes.")
                .endsWith("Your own exercises are not offered; the file stays as it is.");
        assertThat(shelf.library().get().all()).hasSize(2);
        assertThatThrownBy(() -> shelf.change(own -> own.with(OWN))).isInstanceOf(DiskTrouble.class)
                .hasMessageEndingWith("Mend it or move it away, then start Kehre again.");
        assertThat(Files.readString(file)).isEqualTo(before);
    }
}
