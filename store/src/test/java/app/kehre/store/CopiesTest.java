package app.kehre.store;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.sql.Connection;
import java.sql.DriverManager;
import java.sql.SQLException;
import java.util.ArrayList;
import java.util.Collections;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.studio.StudioTrouble;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A copy is whole or it is not there; what stood in its place before is never lost. */
class CopiesTest {

    @TempDir
    private Path folder;

    private Path file(String name) {
        return folder.resolve(name);
    }

    private Path studio(String name, String word) throws StudioTrouble {
        try (StudioFile studio = StudioFile.open(file(name))) {
            studio.shelf().change("word", _ -> Optional.of(word.getBytes(StandardCharsets.UTF_8)));
        }
        return file(name);
    }

    private static String word(Path studio) throws StudioTrouble {
        try (StudioFile open = StudioFile.open(studio)) {
            return open.shelf().read("word")
                    .map(bytes -> new String(bytes, StandardCharsets.UTF_8)).orElse("");
        }
    }

    private static void run(Path studio, String statement) throws SQLException {
        try (Connection connection = DriverManager.getConnection("jdbc:sqlite:" + studio)) {
            connection.createStatement().execute(statement);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"studio", "it's Anna's", "50 % #1", "\u00dcbung; all"})
    void aCopyIsOneFileWithAllThatIsThereWhileTheStudioIsOpen(String name) throws StudioTrouble {
        studio(name + "/studio.db", "first");
        Path copy = file(name + "/copies/" + name + ".db");
        try (StudioFile open = StudioFile.open(file(name + "/studio.db"))) {
            open.shelf().change("word", _ -> Optional.of(new byte[]{'2'}));
            open.backUp(copy);
        }

        assertThat(copy.getParent()).isDirectoryNotContaining("glob:**{-wal,-shm,.making}");
        assertThat(word(copy)).isEqualTo("2");
        assertThat(word(file(name + "/studio.db"))).as("at its own place").isEqualTo("2");
    }

    @Test
    void whereACopyCannotBeMadeTheOneThatWasThereStays() throws Exception {
        studio("studio.db", "new");
        Path full = Files.createDirectory(file("copy.db"));
        Files.writeString(full.resolve("inside"), "a folder that is not empty");

        try (StudioFile open = StudioFile.open(file("studio.db"))) {
            assertThatThrownBy(() -> open.backUp(full)).isInstanceOf(StudioTrouble.class)
                    .hasMessageStartingWith("The studio studio.db could not be copied to " + full)
                    .hasMessageEndingWith("Nothing there was changed.");
        }
        assertThat(full.resolve("inside")).exists();
        assertThat(folder).isDirectoryNotContaining("glob:**.making");
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', textBlock = """
            delete from flyway_schema_history                              | copy.db is no studio of Kehre.
            update flyway_schema_history set version = '99' where version = '1' | copy.db was written by a newer Kehre.
            """)
    void onlyAStudioThatThisKehreReadsIsPutBack(String statement, String sentence) throws Exception {
        studio("studio.db", "mine");
        run(studio("copy.db", "other"), statement);

        assertThatThrownBy(() -> StudioFile.restore(file("copy.db"), file("studio.db"))).hasMessage(sentence);
        assertThat(word(file("studio.db"))).isEqualTo("mine");
    }

    @Test
    void whatIsNoStudioAtAllIsRefusedAndNothingIsPutAside() throws Exception {
        studio("studio.db", "mine");
        Files.writeString(file("list.db"), "a shopping list, ".repeat(200));

        assertThatThrownBy(() -> StudioFile.restore(file("list.db"), file("studio.db")))
                .hasMessage("list.db could not be looked through: it is damaged, or no studio.");
        assertThatThrownBy(() -> StudioFile.restore(file("nowhere.db"), file("studio.db")))
                .isInstanceOf(StudioTrouble.class);
        assertThat(folder).isDirectoryNotContaining("glob:**before-*");
    }

    @Test
    void eachStudioThatACopyReplacesIsPutAsideUnderANameOfItsOwn() throws StudioTrouble {
        studio("copy.db", "copy");
        List<Optional<Path>> before = new ArrayList<>();
        for (String word : List.of("first", "second")) {
            studio("studio.db", word);
            before.add(StudioFile.restore(file("copy.db"), file("studio.db")));
        }

        assertThat(before).containsExactly(Optional.of(file("studio.db.before-1")),
                Optional.of(file("studio.db.before-2")));
        assertThat(word(file("studio.db.before-1"))).isEqualTo("first");
        assertThat(word(file("studio.db.before-2"))).isEqualTo("second");
        assertThat(word(file("studio.db"))).isEqualTo("copy");
        assertThat(StudioFile.restore(file("copy.db"), file("new.db"))).as("nothing was there").isEmpty();
    }

    @Test
    void whoComesSecondSharesTheStudioUntilTheFirstHasGone() throws StudioTrouble {
        try (StudioFile first = StudioFile.open(file("studio.db"))) {
            assertThat(first.isShared()).isFalse();
            try (StudioFile second = StudioFile.open(file("studio.db"))) {
                assertThat(second.isShared()).isTrue();
            }
        }
        try (StudioFile later = StudioFile.open(file("studio.db"))) {
            assertThat(later.isShared()).isFalse();
        }
    }

    @Test
    void whatNoTwoMayDoAtOnceIsDoneOneAfterTheOther() throws Exception {
        Presence one = Presence.at(file("studio.db"));
        Presence other = Presence.at(file("studio.db"));
        List<String> done = Collections.synchronizedList(new ArrayList<>());
        CountDownLatch inside = new CountDownLatch(1);
        Thread first = Thread.ofPlatform().start(() -> alone(one, () -> {
            inside.countDown();
            pause();
            done.add("one");
        }));
        assertThat(inside.await(10, TimeUnit.SECONDS)).isTrue();

        alone(other, () -> done.add("other"));
        first.join();

        assertThat(done).containsExactly("one", "other");
        one.close();
        other.close();
    }

    private static void alone(Presence presence, Presence.Work work) {
        try {
            presence.alone(work);
        } catch (StudioTrouble trouble) {
            throw new AssertionError(trouble);
        }
    }

    private static void pause() {
        try {
            Thread.sleep(200);
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
        }
    }

    @Test
    void aFolderThatCannotBeMadeIsNamed() throws IOException {
        Path inTheWay = Files.writeString(file("file"), "no folder");

        assertThatThrownBy(() -> Presence.at(inTheWay.resolve("studio.db"))).hasMessage(
                "The folder %s for the studio could not be made.".formatted(inTheWay));
    }
}
