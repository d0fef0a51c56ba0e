package app.kehre.desk.command;

import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.PrintStream;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneOffset;
import java.util.List;

import org.junit.jupiter.api.AfterEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import picocli.CommandLine.TypeConversionException;

import app.kehre.core.edit.Skeleton;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.Plans;
import app.kehre.desk.Instructor;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;
import static org.junit.jupiter.api.Assumptions.assumeTrue;

/** The commands that need no window, and the clock that moves by hand. */
class CommandLineTest {

    private final PrintStream usual = System.out;
    private final ByteArrayOutputStream out = new ByteArrayOutputStream();

    @TempDir
    private Path folder = Path.of("");

    @AfterEach
    void giveTheConsoleBack() {
        System.setOut(usual);
    }

    private String print(String... arguments) {
        System.setOut(new PrintStream(out, true, StandardCharsets.UTF_8));
        assertThat(Main.run(arguments)).isZero();
        return out.toString(StandardCharsets.UTF_8);
    }

    @Test
    void thePaceOfAClassIsPrintedAndTodaysGivenToIt() throws IOException {
        assertThat(print("pace", demo().toString())).startsWith("follow me, 1:09 to spare")
                .containsPattern("to the second side, follow me +3 s +usual \\(Kehre's estimate\\) +0:27")
                .doesNotContain("show, then do");
        out.reset();
        assertThat(print("timeline", demo().toString(), "--by", "line")).startsWith(
                "line,segment,item,exercise,dose,work_ms,explaining_ms,changeover_ms,rest_ms,talk_ms,lost_ms,total_ms");
        out.reset();
        Path today = folder.resolve("today.kehre.json");
        assertThat(print("pace", demo().toString(), "--today", "-o", today.toString()))
                .isEqualTo("58:51 before, 58:51 at today's pace." + System.lineSeparator());
        assertThat(Files.readString(today)).contains("\"pace\"");
    }

    @Test
    void aClassIsCheckedAndTheExitCodeSaysWhetherItCanHurt() throws IOException {
        assertThat(print("check", demo().toString())).startsWith(
                "Fits. No alternative planned for 2 people with knee problems: Basic step, Signal and Switch, Squat and 12 more.")
                .contains("Watch    Buttocks and front of the thigh: 3:36 on end, in 2 exercises.",
                        "strength 11:09", "or: ");
        out.reset();

        Path bad = Files.write(folder.resolve("bad.kehre.json"), DemoPlan.bytes(DemoPlan.EVERYTHING_AT_ONCE));
        assertThat(Main.run("check", bad.toString(), "--json")).isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains("\"check\" : \"too-little/floor\"",
                "\"severity\" : \"stop\"", "\"startMs\" : ", "\"mends\" : ");
        assertThat(Main.run("check", Files.writeString(folder.resolve("no.json"), "{}").toString()))
                .isEqualTo(2);
    }

    @Test
    void aClassIsFittedToAnotherSlotOrRefusedWithTheReason() throws IOException {
        Path out55 = folder.resolve("out.kehre.json");
        assertThat(print("fit", demo().toString(), "--slot", "55", "-o", out55.toString()))
                .startsWith("* way 1: ")
                .contains("  Ends at 54:", " of 55:00: ", " instead of ", "  way 2: ");
        out.reset();
        assertThat(print("check", out55.toString())).startsWith("Fits.");
        assertThat(Main.run("fit", demo().toString(), "--slot", "10")).isEqualTo(1);
    }

    @Test
    void aClassIsRehearsedOnceOrOftenAndWhatIsOutOfRangeIsRefused() throws IOException {
        assertThat(print("rehearse", demo().toString(), "--seed", "7", "--slow", "15", "--late", "4",
                "--keep-on-time")).startsWith("Rehearsal of \u201cTuesday Evening Climb\u201d, seed 7.")
                .contains("18:34:00  begun", "kept on time: ", "Ends 19:2", "Music (simulated deck)");
        out.reset();
        assertThat(print("rehearse", demo().toString(), "--times", "40")).contains("40 rehearsals of",
                "Nine of ten times it ends by 19:30.", "Nothing was left out.");
        assertThat(printsAndRefuses(2, "rehearse", demo().toString(), "--slow", "900"))
                .contains("--slow must be from -50 to 200, not 900.");
        assertThat(Main.run("rehearse", demo().toString(), "--late", "20")).isEqualTo(1);
    }

    @Test
    void theLogSaysWhatWasTaughtOrThatNothingWasAndRefusesWhatIsNoStudio() throws IOException {
        assertThat(print("log", "--studio", folder.resolve("none.db").toString()))
                .isEqualTo("No class has been taught yet.\n");
        Path list = Files.writeString(folder.resolve("list.db"), "bread, milk, ".repeat(300));

        assertThat(printsAndRefuses(2, "log", "--studio", list.toString())).startsWith(
                "The studio list.db could not be opened: it is damaged, or no studio. Nothing was changed.");
    }

    @Test
    void aClassIsWrittenAsTextReadBackAndWhatCannotBeReadIsNamedByItsLine() throws IOException {
        Path text = Files.writeString(folder.resolve("class.txt"), print("write", demo().toString()));
        out.reset();
        Path back = folder.resolve("back.kehre.json");
        assertThat(print("read", text.toString(), "--into", demo().toString(), "-o", back.toString()))
                .startsWith("1:09 to spare");
        out.reset();
        assertThat(print("write", back.toString())).isEqualTo(Files.readString(text));
        out.reset();

        Files.writeString(text, "Toning:\nsqat 3 x 12\npress 12\nfrobnicate\n");
        assertThat(Main.run("read", text.toString(), "-o", folder.resolve("none.kehre.json").toString()))
                .isEqualTo(1);
        assertThat(out.toString(StandardCharsets.UTF_8)).contains(
                "class.txt:4: a note of Toning: frobnicate",
                "class.txt:3: This can be read in more than one way, or not surely.",
                "or: Overhead press 12 reps");
        assertThat(folder.resolve("none.kehre.json")).doesNotExist();
        Files.writeString(text, "warm up 4 min\nsteps: basic 32\n");
        assertThat(print("read", text.toString(), "--brief", "step, 30 min", "-o", back.toString()))
                .isNotEmpty();
        assertThat(print("write", back.toString())).contains("## Warm up (warm-up, 124 BPM, 4:00)",
                "Basic step 4 eights");
        Files.write(text, "Toning:\nsquat 3 x 12; m\u00fcde".getBytes(StandardCharsets.ISO_8859_1));
        assertThat(Main.run("read", text.toString(), "-o", folder.resolve("none.kehre.json").toString()))
                .isEqualTo(2);
        assertThat(folder.resolve("none.kehre.json")).doesNotExist();
    }

    @Test
    void aStretchIsDerivedWithItsReasonsAndWritten() throws IOException {
        Path stretched = folder.resolve("stretched.kehre.json");
        assertThat(print("derive-stretch", demo().toString(), "--minutes", "4", "-o", stretched.toString()))
                .contains(": releases hip flexors, front of the thigh", "Released: muscle groups with ",
                        "Take home: ");
        out.reset();
        assertThat(print("check", stretched.toString())).isNotEmpty();
    }

    @Test
    void aWarmUpIsDerivedWithItsReasonsAndWritten() throws IOException {
        Path warm = folder.resolve("warm.kehre.json");
        assertThat(print("derive-warm-up", demo().toString(), "--minutes", "8", "-o", warm.toString()))
                .contains("prepares ", "shows the squat small", "raises the pulse");
        out.reset();
        assertThat(print("check", warm.toString())).doesNotContain("which nothing has prepared");
    }

    @Test
    void aClassIsDraftedFromItsBriefWithItsReasonsOrRefused() throws IOException {
        ClassPlan demo = DemoPlan.load(Instructor.LIBRARY).plan();
        Path brief = write("brief.kehre.json", new ClassPlan(demo.brief(), List.of()));
        Path drafted = folder.resolve("drafted.kehre.json");

        assertThat(print("draft", brief.toString(), "--seed", "7", "-o", drafted.toString()))
                .contains("- Welcome", ": prepares ", ": releases ", "  Ends at 59:", " of 60:00: ");
        out.reset();
        assertThat(print("timeline", drafted.toString(), "--text")).contains("Welcome");
        Path small = write("small.kehre.json",
                new ClassPlan(demo.brief().withSlot(Duration.ofMinutes(8)), List.of()));
        assertThat(Main.run("draft", small.toString())).isEqualTo(1);
    }

    private Path write(String name, ClassPlan plan) throws IOException {
        return Files.write(folder.resolve(name), PlanDocument.of(plan, Instructor.LIBRARY).bytes());
    }

    @Test
    void theEffortIsPrintedSecondBySecondAndClaimsNoHeartRateInToning() throws IOException {
        List<String> rows = print("effort", demo().toString(), "--csv").lines().toList();

        assertThat(rows.getFirst())
                .startsWith("second,returning METs,returning %HRR,returning effort,regular METs");
        assertThat(rows).hasSize(1 + 58 * 60 + 51);
        assertThat(rows.get(1 + 12 * 60).split(",")[2]).isNotEmpty();
        assertThat(rows.get(1 + 21 * 60).split(",")[2]).isEmpty();
    }

    private Path demo() throws IOException {
        return Files.write(folder.resolve("demo.kehre.json"), DemoPlan.load(Instructor.LIBRARY).bytes());
    }

    @Test
    void theTimelineIsPrintedAsCsvOrToBeRead() throws IOException {
        String csv = print("timeline", demo().toString(), "--csv");
        assertThat(csv.lines()).first().isEqualTo("start_ms,end_ms,line,segment,item,phase,"
                + "exercise,round,set,interval,rung,stage,side,unit,amount,count");
        assertThat(csv).contains(",Toning 1,Bent-over row,work,bent-row,2,1,,,,,reps,16,");
        out.reset();

        assertThat(print("timeline", demo().toString())).contains("Toning 1\n")
                .endsWith("58:51 of 60:00, 1:09 to spare" + System.lineSeparator());
    }

    @Test
    void theLibraryIsCountedByFamilyAndExportedWhole() {
        assertThat(print("library", "--summary").lines().map(line -> line.replaceAll("\\s+", " ")))
                .contains("step 44", "stretches 61", "in all 526");
        out.reset();

        assertThat(print("library", "--find", "bird dog").lines().toList()).first().asString()
                .contains("1  Opposite arm and leg", "opposite-arm-leg", "back extension and all-fours");
        out.reset();

        String csv = print("library", "--csv");
        assertThat(csv.lines()).first().asString().startsWith("id,name,other names,family,roles,pattern,");
        assertThat(csv).contains("\nforearm-plank,Forearm plank,").hasLineCount(527);
    }

    @Test
    void theSheetIsWrittenAsPdf() throws IOException {
        Path pdf = folder.resolve("demo.pdf");
        print("sheet", demo().toString(), pdf.toString());

        assertThat(Files.readString(pdf, StandardCharsets.ISO_8859_1)).startsWith("%PDF");
    }

    @Test
    void whatThereIsNothingOfIsRefusedAndNothingIsWritten() throws IOException {
        Path pdf = folder.resolve("stations.pdf");
        Path saturday = Files.write(folder.resolve("saturday.kehre.json"),
                DemoPlan.bytes("saturday-core-and-stretch"));

        assertThat(printsAndRefuses(1, "sheet", "--kind=stations", saturday.toString(), pdf.toString()))
                .isEqualTo(
                        "This class has no circuit, so there are no stations to print cards for.%n"
                                .formatted());
        assertThat(pdf).doesNotExist();
    }

    private String printsAndRefuses(int code, String... arguments) {
        ByteArrayOutputStream said = new ByteArrayOutputStream();
        PrintStream before = System.err;
        System.setErr(new PrintStream(said, true, StandardCharsets.UTF_8));
        try {
            assertThat(Main.run(arguments)).as(String.join(" ", arguments)).isEqualTo(code);
        } finally {
            System.setErr(before);
        }
        return said.toString(StandardCharsets.UTF_8);
    }

    @Test
    void nothingOfAnotherKindIsReplacedWithoutBeingAskedTo() throws IOException {
        Path plan = demo();
        byte[] before = Files.readAllBytes(plan);
        Path notes = Files.writeString(folder.resolve("notes.txt"), "mine");

        assertThat(printsAndRefuses(2, "sheet", plan.toString(), plan.toString()))
                .isEqualTo("%s is the class itself; the sheet needs a file of its own.%n".formatted(plan));
        assertThat(printsAndRefuses(2, "sheet", plan.toString(), notes.toString()))
                .contains("is there already and is no PDF. With --replace it is replaced.");
        assertThat(printsAndRefuses(2, "fit", plan.toString(), "-o", notes.toString()))
                .contains("is there already and is no class plan.");
        assertThat(notes).hasContent("mine");
        assertThat(plan).hasBinaryContent(before);
        assertThat(printsAndRefuses(0, "fit", plan.toString(), "-o", plan.toString()))
                .contains("is the class that was read: it is changed itself.");
        assertThat(printsAndRefuses(0, "fit", plan.toString(), "--replace", "-o", notes.toString()))
                .isEmpty();
        assertThat(notes).content().contains("kehre-plan");
    }

    @Test
    void aClassGoesToStandardOutputWhole() throws IOException {
        String said = printsAndRefuses(0, "fit", demo().toString());
        assertThat(said).isEmpty();
        String plan = print("fit", demo().toString(), "-o", "-");

        assertThat(PlanDocument.isPlan(plan.getBytes(StandardCharsets.UTF_8))).isTrue();
    }

    @Test
    void whatCouldNotBePrintedIsAnError() throws IOException {
        Path full = Path.of("/dev/full");
        assumeTrue(Files.exists(full));
        try (PrintStream lost = new PrintStream(full.toFile(), StandardCharsets.UTF_8)) {
            System.setOut(lost);
            assertThat(printsAndRefuses(2, "check", demo().toString()))
                    .startsWith("What was asked for could not be written to standard output");
        }
    }

    @ParameterizedTest
    @CsvSource(delimiter = '|', value = {
            "fit --spare -2147483648 | --spare must be from 0 to 180, not -2147483648.",
            "fit --less 999 | --less must be from 0 to 180, not 999.",
            "derive-warm-up --minutes 0 | --minutes must be from 1 to 60 min, not 0.",
            "fit --way 99999999999 | 99999999999 is far too large a number.",
            "pulses --edits -1 | --edits must be from 1 to 100000, not -1."})
    void numbersOutOfRangeAreRefusedNotBent(String words, String sentence) throws IOException {
        String[] arguments = words.startsWith("pulses")
                ? words.split(" ")
                : (words + " " + demo()).split(" ");

        assertThat(printsAndRefuses(2, arguments)).contains(sentence).doesNotContain("java", "Exception");
    }

    @Test
    void whatANameSaysToATerminalIsShownNotDone() throws IOException {
        Path plan = Files.write(folder.resolve("escape.kehre.json"), new String(
                DemoPlan.load(Instructor.LIBRARY).bytes(), StandardCharsets.UTF_8)
                .replace("Welcome and briefing", "\\u001b]0;owned\\u0007\\u009b2J")
                .getBytes(StandardCharsets.UTF_8));

        assertThat(print("timeline", plan.toString())).contains("^[]0;owned^G<9B>2J");
        out.reset();
        assertThat(printsAndRefuses(2, "check", folder.resolve("x\u001b[2J.json").toString()))
                .contains("x^[[2J.json");
    }

    @Test
    void theDemoClassesGoIntoAStudioOfTheirOwnOnceAndWhatBecameOfThemStays() throws Exception {
        try (OpenStudio studio = OpenStudio.open(folder.resolve("demo/studio.db"))) {
            Plans plans = studio.studio().plans();
            OpenPlan first = DemoClasses.first(studio.studio(), Instructor.LIBRARY, Instant.EPOCH).open();
            first.edit("Rename", plan -> plan.with(plan.brief().withTitle("Mine")));
            first.keep(plans, ((Home.InStudio) first.home().get()).version(), Instant.EPOCH);
            assertThat(plans.list("", 50)).as("the others wait until the window is there").hasSize(1);
            DemoClasses.fill(studio.studio(), Instructor.LIBRARY, Instant.EPOCH);

            OpenPlan again = DemoClasses.first(studio.studio(), Instructor.LIBRARY, Instant.EPOCH).open();
            assertThat(again.plan().brief().title()).isEqualTo("Mine");
            assertThat(plans.list("", 50)).hasSize(DemoPlan.NAMES.size() + 1);
        }
    }

    @Test
    void sizesAreReadOrRefused() {
        ShotsCommand.SizeReader reader = new ShotsCommand.SizeReader();

        assertThat(reader.convert("1024x700")).isEqualTo(new ShotsCommand.Size(1024, 700));
        assertThatThrownBy(() -> reader.convert("1024")).isInstanceOf(TypeConversionException.class)
                .hasMessage("\"1024\" is not a size: write it like 1280x800.");
    }

    @Test
    void theClockMovesOnlyByHand() {
        HandClock clock = HandClock.at(Skeleton.of(LocalDate.of(2026, 11, 24)).brief());
        assertThat(clock.instant()).isEqualTo(Instant.parse("2026-11-24T18:30:00Z"));
        clock.pass(Duration.ofMinutes(3));

        assertThat(clock.instant()).isEqualTo(Instant.parse("2026-11-24T18:33:00Z"));
        assertThat(clock.withZone(ZoneOffset.ofHours(1)).instant()).isEqualTo(clock.instant());
    }
}
