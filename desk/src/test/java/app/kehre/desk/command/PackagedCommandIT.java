package app.kehre.desk.command;

import java.io.IOException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.concurrent.TimeUnit;

import org.junit.jupiter.api.BeforeEach;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.api.io.TempDir;

import app.kehre.store.StudioFile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.api.Assumptions.assumeFalse;

/** The packaged program as a process of its own, started as a person starts it. */
class PackagedCommandIT {

    private static final Path HOME = Path.of(System.getProperty("kehre.home", "."));

    private record Ended(int code, String out, String err) {}

    @TempDir
    private Path folder = Path.of("");

    @BeforeEach
    void needsAShell() {
        assumeFalse(System.getProperty("os.name", "").startsWith("Windows"),
                "the launcher is a POSIX script");
    }

    private Ended run(String... arguments) throws IOException, InterruptedException {
        Path app = HOME.resolve("desk/target/app");
        List<String> command = new ArrayList<>(List.of(ProcessHandle.current().info().command().orElseThrow(),
                "--module-path", app.resolve("fx").toString(), "--add-modules",
                "javafx.controls,javafx.swing", "--enable-native-access=javafx.graphics,ALL-UNNAMED", "-cp",
                app.resolve("lib") + "/*", "app.kehre.desk.command.Main"));
        command.addAll(List.of(arguments));
        ProcessBuilder builder = new ProcessBuilder(command);
        builder.environment().remove("DISPLAY");
        builder.environment().put("KEHRE_DATA", folder.resolve("data").toString());
        Path out = folder.resolve("out");
        Path err = folder.resolve("err");
        Process process = builder.redirectOutput(out.toFile()).redirectError(err.toFile()).start();
        assertThat(process.waitFor(120, TimeUnit.SECONDS)).isTrue();
        return new Ended(process.exitValue(), Files.readString(out), Files.readString(err));
    }

    @Test
    void helpListsTheCommands() throws IOException, InterruptedException {
        Ended help = run("--help");

        assertThat(help.code()).isZero();
        assertThat(help.out()).contains("demo", "shots", "sheet", "PLAN");
        assertThat(help.err()).isEmpty();
    }

    @Test
    void withoutADisplayItSaysSoInOneLine() throws IOException, InterruptedException {
        Ended demo = run("demo");

        assertThat(demo.code()).isEqualTo(2);
        assertThat(demo.err().lines()).singleElement().asString().contains("No display", "shots DIR",
                "virtual display");
    }

    @Test
    void theMainViewsAreDrawnWithoutADisplay() throws IOException, InterruptedException {
        Ended shots = run("shots", folder.resolve("shots").toString());

        assertThat(shots.err()).isEmpty();
        assertThat(shots.code()).isZero();
        assertThat(folder.resolve("shots").toFile().list()).as("nothing but pictures")
                .allMatch(name -> name.endsWith(".png"));
        for (String view : List.of("plan", "plan-dark", "findings", "brief", "exercises", "sheet", "teach")) {
            assertThat(javax.imageio.ImageIO.read(folder.resolve("shots/" + view + ".png").toFile()))
                    .satisfies(picture -> {
                        assertThat(picture.getWidth()).isEqualTo(1280);
                        assertThat(picture.getHeight()).isEqualTo(800);
                    });
        }
    }

    @Test
    void whatJavaLearnsIsTheUsualWayWithALogBehindIt() throws Exception {
        Ended learn = run("learn");

        assertThat(learn.err()).isEmpty();
        assertThat(learn.code()).isZero();
        try (StudioFile studio = StudioFile.open(folder.resolve("data/demo").resolve(StudioFile.NAME))) {
            assertThat(studio.records().list("", 9)).as("a class of each group").hasSize(2);
            assertThat(studio.plans().list("", 9)).hasSizeGreaterThan(5);
        }
    }

    @Test
    void whatJavaItselfSaysNeverStandsInADocument() throws IOException {
        assertThat(List.of("kehre", "kehre.cmd")).allSatisfy(launcher -> assertThat(
                Files.readString(HOME.resolve(launcher), StandardCharsets.UTF_8))
                .contains(" -Xlog:disable -Xlog:all=error:stderr "));
    }

    /** Stopped in its first half minute, it was taken for built and started slowly for ever after. */
    @Test
    void whoStopsItWhileItLearnsLetsItLearnAtTheNextStart() throws IOException {
        String build = Files.readString(HOME.resolve("kehre"), StandardCharsets.UTF_8);
        String windows = Files.readString(HOME.resolve("kehre.cmd"), StandardCharsets.UTF_8);

        assertThat(build).containsOnlyOnce("\"$stamp\"\n}")
                .contains("    learn\n    mv \"$stamp.soon\" \"$stamp\"\n");
        assertThat(windows.indexOf("type nul > \"%APP%\\built\""))
                .isGreaterThan(windows.indexOf("call :learn"));
    }

    @Test
    void aFaultyPlanIsSaidInOneLineToo() throws IOException, InterruptedException {
        Path plan = Files.writeString(folder.resolve("bad.kehre.json"), "{}", StandardCharsets.UTF_8);

        Ended sheet = run("sheet", plan.toString(), folder.resolve("bad.pdf").toString());

        assertThat(sheet.code()).isEqualTo(2);
        assertThat(run("timeline", plan.toString()).code()).isEqualTo(2);
        assertThat(sheet.err()).isEqualTo(plan
                + " was not opened. It is no class plan of Kehre's: format: found nothing, expected"
                + " \"kehre-plan\"." + System.lineSeparator());
        assertThat(folder.resolve("bad.pdf")).doesNotExist();
    }

    @Test
    void aTableOfOwnExercisesIsTakenOnlyWithoutBadLinesOrWhenAsked()
            throws IOException, InterruptedException {
        Path table = Files.writeString(folder.resolve("mine.csv"),
                """
                        name,family,roles,pattern,impact,METs,position,facing,usual dose,set up,do,easier,harder
                        Ticket punch,push,toning,push,none,"3, Kehre's estimate",standing,front,12 reps,Stand.,Punch.,a: b,c: d
                        Broken,push,toning,push,none,"3, Kehre's estimate",standing,front,12,Stand.,Punch.,a: b,c: d
                        """);

        Ended refused = run("library", "--import", table.toString());
        assertThat(refused.code()).isEqualTo(1);
        assertThat(refused.err()).isEqualTo("Line 3: usual dose: 12 has no unit: write 12 reps, 12 counts or"
                + " hold 12 s." + System.lineSeparator());
        assertThat(refused.out()).startsWith("1 understood, 1 not. Nothing was taken; --take-good");

        assertThat(run("library", "--import", table.toString(), "--take-good").out())
                .startsWith("1 understood, 1 not. Taken: 1.");
        assertThat(run("library", "--summary").out()).contains("527").containsPattern("of them own +1");

        Path plan = Files.writeString(folder.resolve("own.kehre.json"),
                """
                        {"format": "kehre-plan", "version": 6,
                         "brief": {"title": "Own", "date": "2026-11-30", "start": "12:15", "slotMinutes": 30, "people": 12},
                         "segments": [{"id": 1, "name": "Toning", "role": "toning", "target": "5 min", "bpm": 120,
                           "entries": [{"id": 1, "exercise": "ticket-punch", "dose": "12 reps"}]}]}
                        """);
        assertThat(run("timeline", plan.toString(), "--csv").out())
                .contains("Ticket punch,work,ticket-punch");
    }

    @Test
    void aWrongWordIsAnsweredWithTheUsage() throws IOException, InterruptedException {
        Ended wrong = run("shots", folder.toString(), "--size", "big");

        assertThat(wrong.code()).isEqualTo(2);
        assertThat(wrong.err()).contains("\"big\" is not a size: write it like 1280x800.");
    }
}
