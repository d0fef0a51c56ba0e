package app.kehre.desk.session;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.testing.Exercises;
import app.kehre.desk.FaultyDisk;
import app.kehre.formats.disk.DiskTrouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class OwnLibraryTest {

    private static final Exercise OWN = Exercises.SQUAT.withId("platform-squat").withName("Platform squat");
    private final Library shipped = Library.of(List.of(Exercises.SQUAT, Exercises.ROW));
    private final FaultyDisk disk = new FaultyDisk();

    @TempDir
    private Path folder = Path.of("");

    private OwnLibrary open() {
        return new OwnLibrary(shipped, folder, disk);
    }

    @Test
    void atFirstThereIsWhatShipsAndNoFile() {
        assertThat(open().library().get().all()).containsExactly(Exercises.SQUAT, Exercises.ROW);
        assertThat(open().trouble()).isEmpty();
        assertThat(folder).isEmptyDirectory();
    }

    @Test
    void ownExercisesAndHiddenOnesAreThereAgainNextTime() throws DiskTrouble {
        OwnLibrary ownLibrary = open();
        ownLibrary.change(own -> own.with(OWN).withHidden("bent-row", true));

        Library again = open().library().get();
        assertThat(again.all()).containsExactly(Exercises.SQUAT, OWN);
        assertThat(again.find("bent-row")).contains(Exercises.ROW);
        assertThat(again.ships(OWN)).isFalse();
    }

    @Test
    void whatEarlierExercisesDidNotSayIsFilledInAndSaidUntilTheyAreWrittenAgain()
            throws DiskTrouble, IOException {
        open().change(own -> own.with(OWN));
        Path file = folder.resolve(OwnLibrary.FILE);
        Files.writeString(file, Files.readString(file).replace("\"version\" : 3", "\"version\" : 2")
                .replaceAll("\"resistance\" ?: ?\"[a-z]+\", ?", "")
                .replaceAll("\"resistance\":\"[a-z]+\",", ""));

        OwnLibrary earlier = open();
        assertThat(earlier.filled())
                .startsWith("1 of your own exercises did not say yet what they work against.");
        assertThat(earlier.library().get().find(OWN.id())).isPresent();
        earlier.change(own -> own.withHidden("bent-row", true));
        assertThat(earlier.filled()).isEmpty();
        assertThat(open().filled()).isEmpty();
    }

    @Test
    void aChangeThatCannotBeWrittenIsNoChange() throws DiskTrouble {
        OwnLibrary ownLibrary = open();
        ownLibrary.change(own -> own.with(OWN));
        disk.full(true);

        assertThatThrownBy(() -> ownLibrary.change(own -> own.without(OWN.id())))
                .isInstanceOf(DiskTrouble.class)
                .hasMessageContaining("the disk is full");
        assertThat(ownLibrary.library().get().all()).contains(OWN);
        disk.full(false);
        assertThat(open().library().get().all()).contains(OWN);
    }

    @Test
    void aFaultyFileIsSaidAndNeverWrittenOver() throws IOException {
        Path file = Files.writeString(folder.resolve(OwnLibrary.FILE),
                "{\"format\": \"kehre-exercises\", \"version\": 1, \"exercises\": [{\"id\": \"x\"}]}");
        String before = Files.readString(file);
        OwnLibrary ownLibrary = open();

        assertThat(ownLibrary.trouble()).startsWith(
                "exercises.json was not opened. Line 1, column 59: exercises[0].family: found nothing, expected"
                        + " a text in quotes.")
                .endsWith("Your own exercises are not offered; the file stays as it is.");
        assertThat(ownLibrary.library().get().all()).hasSize(2);
        assertThatThrownBy(() -> ownLibrary.change(own -> own.with(OWN))).isInstanceOf(DiskTrouble.class)
                .hasMessageEndingWith("Nothing is written over it. Mend it or move it away first.");
        assertThat(Files.readString(file)).isEqualTo(before);
    }

    @Test
    void twoWindowsLoseNothingOfEachOthers() throws DiskTrouble {
        OwnLibrary one = open();
        OwnLibrary other = open();

        one.change(own -> own.with(OWN));
        other.change(own -> own.with(OWN.withId("towel-squat").withName("Towel squat")));
        one.change(own -> own.withHidden("bent-row", true));

        assertThat(open().library().get().own().byId()).containsOnlyKeys("platform-squat", "towel-squat");
        assertThat(one.library().get().own().byId()).containsOnlyKeys("platform-squat", "towel-squat");
    }

    @Test
    void aFileBehindALinkIsReadAndWrittenAlikeAndNoOtherFileIsTakenForIt() throws DiskTrouble, IOException {
        Path elsewhere = Files.createDirectory(folder.resolve("elsewhere"));
        new OwnLibrary(shipped, elsewhere, disk).change(own -> own.with(OWN));
        Files.createSymbolicLink(folder.resolve(OwnLibrary.FILE), elsewhere.resolve(OwnLibrary.FILE));
        Files.writeString(folder.resolve("backup-exercises.json"), "mine");

        OwnLibrary ownLibrary = open();
        ownLibrary.change(own -> own.with(OWN.withId("towel-squat")));

        assertThat(new OwnLibrary(shipped, elsewhere, disk).library().get().own().byId())
                .containsOnlyKeys("platform-squat", "towel-squat");
        Files.delete(folder.resolve(OwnLibrary.FILE));
        assertThat(open().trouble()).isEmpty();
    }

    @Test
    void moreExercisesThanCanBeReadAgainAreNotWritten() throws DiskTrouble {
        OwnLibrary ownLibrary = open();
        ownLibrary.change(own -> own.with(OWN));
        List<Exercise> many = IntStream.rangeClosed(1, 20_000).mapToObj(each -> OWN.withId("own-" + each))
                .toList();

        assertThatThrownBy(() -> ownLibrary.change(own -> own.withAll(many)))
                .hasMessage("The number of own exercises must be from 0 to 20000, not 20001.");
        assertThat(open().library().get().own().exercises()).containsExactly(OWN);
    }
}
