package app.kehre.desk.session;

import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;
import java.util.stream.IntStream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.desk.FaultyDisk;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is remembered from one day to the next: which files were open, and how the window stood. None of it is worth a fault. */
class RememberedTest {

    private final FaultyDisk disk = new FaultyDisk();

    @TempDir
    private Path folder = Path.of("");

    private Path file(String name) throws Exception {
        return Files.writeString(folder.resolve(name), "{}");
    }

    private RecentFiles files() {
        return new RecentFiles(folder.resolve("data"), disk);
    }

    private Settings settings() {
        return new Settings(Kept.inFile(folder, Settings.FILE, disk));
    }

    @Test
    void theNewestFileIsFirstNoneIsThereTwiceAndWhatIsGoneIsForgotten() throws Exception {
        Path one = file("one.kehre.json");
        Path two = file("two.kehre.json");
        files().add(one);
        files().add(two);
        files().add(one);
        assertThat(files().all()).containsExactly(one, two);

        Files.delete(one);
        assertThat(files().all()).containsExactly(two);
        file("one.kehre.json");
        assertThat(files().all()).as("it is back").containsExactly(one, two);
    }

    @Test
    void eightAreRemembered() throws Exception {
        for (int i = 0; i < 12; i++) {
            files().add(file(i + ".kehre.json"));
        }

        List<String> names = files().all().stream().map(each -> String.valueOf(each.getFileName())).toList();
        assertThat(names).isEqualTo(IntStream.iterate(11, i -> i >= 4, i -> i - 1)
                .mapToObj(i -> i + ".kehre.json").toList());
    }

    @Test
    void aListThatIsDamagedOrCannotBeWrittenIsNoFault() throws Exception {
        Path one = file("one.kehre.json");
        Files.createDirectories(folder.resolve("data"));
        Files.write(folder.resolve("data/recent.txt"),
                ("\0bad\n\n" + one + "\n").getBytes(StandardCharsets.UTF_8));
        assertThat(files().all()).containsExactly(one);

        disk.full(true);
        files().add(file("two.kehre.json"));

        assertThat(files().all()).containsExactly(one);
    }

    @Test
    void howTheWindowStoodIsThereAgain() throws Exception {
        Settings settings = settings();
        settings.set("width", 1280);
        settings.set("theme", "dark \u2013 \u00fc");
        assertThat(settings().text("theme", "light")).as("not before it is saved").isEqualTo("light");
        settings.save();

        assertThat(settings().text("theme", "light")).isEqualTo("dark \u2013 \u00fc");
        assertThat(settings().number("width", 800, 4000, 1000)).isEqualTo(1280);
    }

    @ParameterizedTest
    @CsvSource({"wide, 1000", "120, 1000", "99999, 1000", "NaN, 1000", "'', 1000", "800, 800", "4000, 4000"})
    void aNumberThatIsNoneOrOutOfRangeIsForgotten(String kept, double expected) throws Exception {
        Settings settings = settings();
        settings.set("width", kept);
        settings.save();

        assertThat(settings().number("width", 800, 4000, 1000)).isEqualTo(expected);
        assertThat(settings().number("height", 600, 3000, 700)).isEqualTo(700);
    }

    @Test
    void damagedSettingsAreForgottenAndAFullDiskIsSaid() throws Exception {
        Files.writeString(folder.resolve(Settings.FILE), "theme=\\uZZZZ\nwidth=900\n");
        Settings settings = settings();
        assertThat(settings.text("theme", "light")).isEqualTo("light");

        disk.full(true);
        settings.set("theme", "dark");

        assertThatThrownBy(settings::save).hasMessageContaining("the disk is full");
    }
}
