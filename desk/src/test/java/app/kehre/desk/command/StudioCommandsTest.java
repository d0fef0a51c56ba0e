package app.kehre.desk.command;

import java.io.ByteArrayOutputStream;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.List;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.LineRecord;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Truth;
import app.kehre.desk.Instructor;
import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;

/** The studio from the command line, with the made-up log of the demo in it: looked through, copied, taken elsewhere. */
class StudioCommandsTest {

    private final PrintStream usual = System.out;
    private final PrintStream usualErrors = System.err;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();
    private final ByteArrayOutputStream errors = new ByteArrayOutputStream();

    @TempDir
    private static Path shared = Path.of("");
    @TempDir
    private Path folder = Path.of("");
    private Path studio = Path.of("");

    /** The demo's log takes seconds to make, so it is made once. */
    @BeforeEach
    void aStudioWithHalfAYearInIt() throws Exception {
        Path made = shared.resolve("made.db");
        if (!Files.exists(made)) {
            try (StudioFile demo = StudioFile.open(made)) {
                assertThat(DemoLog.fill(demo, Instructor.LIBRARY)).isTrue();
                assertThat(DemoLog.fill(demo, Instructor.LIBRARY)).as("only once").isFalse();
            }
        }
        studio = Files.copy(made, folder.resolve("studio.db"));
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        System.setErr(new PrintStream(errors, true, StandardCharsets.UTF_8));
    }

    @AfterEach
    void giveTheConsoleBack() {
        System.setOut(usual);
        System.setErr(usualErrors);
    }

    private String run(int code, String... arguments) {
        out.reset();
        errors.reset();
        assertThat(Main.run(arguments)).as("%s %s", out, errors).isEqualTo(code);
        return (code == 0 ? out : errors).toString(StandardCharsets.UTF_8);
    }

    private String at(String name) {
        return folder.resolve(name).toString();
    }

    private static List<RecordRow> records(Path file) throws StudioTrouble {
        try (StudioFile open = StudioFile.open(file)) {
            return open.records().list("", 500);
        }
    }

    @Test
    void itIsLookedThroughCopiedAndTheCopyPutInItsPlace() throws Exception {
        assertThat(run(0, "studio", "--studio", studio.toString(), "--check"))
                .isEqualTo("The studio is whole.\n");
        assertThat(run(0, "studio", "--studio", studio.toString(), "--backup", at("copy.db")))
                .isEqualTo("A copy lies in %s; it is whole.%n".formatted(at("copy.db")).replace("\r", ""));
        Files.delete(studio);
        assertThat(run(0, "studio", "--studio", studio.toString(), "--restore", at("copy.db")))
                .isEqualTo("Restored.\n");
        assertThat(records(studio)).hasSize(52);
        assertThat(run(0, "studio", "--studio", studio.toString(), "--restore", at("copy.db")))
                .startsWith("Restored. The studio as it was is kept as ");
    }

    @Test
    void allOfItGoesIntoOpenDocumentsAndIsTakenInElsewhereOnce() throws Exception {
        run(0, "studio", "--studio", studio.toString(), "--export", at("open"));
        run(0, "studio", "--studio", at("other.db"), "--import", at("open"));
        run(0, "studio", "--studio", at("other.db"), "--import", at("open"));

        assertThat(records(folder.resolve("other.db"))).extracting(row -> row.heading().key())
                .containsExactlyElementsOf(records(studio).stream().map(row -> row.heading().key()).toList());
        try (StudioFile one = StudioFile.open(studio);
                StudioFile other = StudioFile.open(folder.resolve("other.db"))) {
            ClassRecord last = one.records().find(one.records().list("", 1).getFirst().heading().key())
                    .orElseThrow();
            ClassRecord taken = other.records().find(last.key()).orElseThrow();
            assertThat(taken.after()).isEqualTo(last.after());
            assertThat(taken.lines()).extracting(LineRecord::name)
                    .containsExactlyElementsOf(last.lines().stream().map(LineRecord::name).toList());
            assertThat(other.checks().all()).isEqualTo(one.checks().all());
        }
    }

    @Test
    void whatIsDamagedOrNotThereIsSaidAndNothingIsChanged() throws Exception {
        assertThat(run(2, "studio", "--studio", at("none.db"), "--check"))
                .isEqualTo("There is no studio %s yet.%n".formatted(at("none.db")));
        Path list = Files.writeString(folder.resolve("list.db"), "bread, milk, ".repeat(400));
        assertThat(run(2, "studio", "--studio", studio.toString(), "--restore", list.toString()))
                .startsWith("list.db could not be looked through: it is damaged, or no studio.");
        assertThat(records(studio)).hasSize(52);
        byte[] bytes = Files.readAllBytes(studio);
        for (int i = 100; i < bytes.length; i += 97) {
            bytes[i] ^= 0x55;
        }
        Path damaged = Files.write(folder.resolve("damaged.db"), bytes);
        assertThat(Main.run("studio", "--studio", damaged.toString(), "--check")).isIn(1, 2);
        assertThat(errors.toString(StandardCharsets.UTF_8)).contains("damaged");
    }

    @Test
    void theLogIsPrintedWithWhatRanOtherwiseAndWhatIsLearned() {
        String log = run(0, "log", "--studio", studio.toString());

        assertThat(
                log.lines().filter(line -> line.matches("\\d{4}-\\d\\d-\\d\\d \\d\\d:\\d\\d.*: planned .*")))
                .hasSize(52);
        assertThat(log).contains("What ran otherwise last time:", "Learned from 52 classes:")
                .containsPattern(
                        "down to the floor, and up: usual \\d+ s, yours [\\d.]+ s, seen \\d+ times in \\d+ classes,"
                                + " well known");
        assertThat(run(0, "log", "--studio", at("none.db"))).isEqualTo("No class has been taught yet.\n");
    }

    /** The instructor of the demo needs 1.45 times as long to the floor: after half a year the pace has to know it. */
    @Test
    void theDemosInstructorIsKnownAfterHalfAYearAndThePlansHaveBecomeTrue() throws Exception {
        try (StudioFile open = StudioFile.open(studio)) {
            LearnedPace learned = LearnedPace.of(Pace.USUAL,
                    open.records().observed(LearnedPace.MOST_CLASSES),
                    open.wishes());
            assertThat(learned.pace().of(Quantity.FLOOR)).isBetween(8 * 1.3, 8 * 1.6);
            List<Truth> truths = open.records().truths(60);
            double before = truths.stream().mapToDouble(each -> each.offUsual(false)).average().orElseThrow();
            double after = truths.stream().mapToDouble(each -> each.off(false)).average().orElseThrow();
            assertThat(after).isLessThan(before);
        }
    }
}
