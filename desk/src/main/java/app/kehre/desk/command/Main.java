package app.kehre.desk.command;

import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.session.Folders;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.sheet.MissingGlyph;

/** The command line: {@code kehre}, {@code kehre demo}, {@code kehre shots DIR}, {@code kehre sheet PLAN PDF}. */
@Command(name = "kehre", mixinStandardHelpOptions = true, version = "Kehre 0.1.0", description = {
        "Plans, prints and teaches group fitness classes.",
        "Without a command it opens the window."}, subcommands = {
                DemoCommand.class, ShotsCommand.class,
                SheetCommand.class,
                TimelineCommand.class,
                LibraryCommand.class, CheckCommand.class, FitCommand.class, DeriveStretchCommand.class,
                DeriveWarmUpCommand.class, DraftCommand.class, RecutCommand.class, RegroupCommand.class,
                EffortCommand.class,
                PulsesCommand.class}, synopsisSubcommandLabel = "[COMMAND]", exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                        "0:done", "1:something was found, or is refused",
                        "2:cannot read or write, wrong words on the command line, or no display"})
public final class Main implements Callable<Integer> {

    /** The exit code for a file that could not be read or written. */
    static final int FILE_TROUBLE = 2;
    /** The exit code when what was printed has been lost, and for a fault of Kehre's own. */
    static final int FAILED = 2;

    @Parameters(arity = "0..1", paramLabel = "PLAN", description = "A plan to open, NAME.kehre.json.")
    private @Nullable Path plan;

    /** Runs the command line and ends the program with its exit code, unless a window is open. */
    public static void main(String... arguments) {
        int code = run(arguments);
        if (code != 0) {
            System.exit(code);
        }
    }

    static int run(String... arguments) {
        FaultLog.quiet();
        PrintStream out = System.out;
        PrintStream err = System.err;
        HarmlessStream shown = new HarmlessStream(out);
        System.setOut(shown);
        System.setErr(new HarmlessStream(err));
        try {
            int code = line(shown).execute(arguments);
            if (shown.lost()) {
                System.err.println(
                        "What was asked for could not be written to standard output; a part of it is lost.");
                return FAILED;
            }
            return code;
        } finally {
            System.setOut(out);
            System.setErr(err);
        }
    }

    private static CommandLine line(PrintStream shown) {
        return Numbers.readBy(new CommandLine(new Main()))
                .setColorScheme(CommandLine.Help.defaultColorScheme(CommandLine.Help.Ansi.OFF))
                .setOut(new PrintWriter(shown, true, StandardCharsets.UTF_8))
                .setErr(new PrintWriter(System.err, true, StandardCharsets.UTF_8))
                .setExecutionExceptionHandler((fault, line, _) -> {
                    line.getErr().println(sentence(fault));
                    return isFile(fault) ? FILE_TROUBLE : FAILED;
                });
    }

    private static boolean isFile(Exception fault) {
        return fault instanceof DiskTrouble || fault instanceof UnreadableFile
                || fault instanceof MissingGlyph;
    }

    private static String sentence(Exception fault) {
        if (isFile(fault)) {
            return String.valueOf(fault.getMessage());
        }
        FaultLog.into(Folders.data());
        FaultLog.fault("a command", fault);
        return "Kehre itself failed at this, and nothing was written. Where is written to %s in the data folder."
                .formatted(FaultLog.FILE);
    }

    @Override
    public Integer call() {
        return Launch.window(Optional.ofNullable(plan), false);
    }
}
