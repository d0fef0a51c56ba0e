package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

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
                        "0:done", "1:a file could not be read or written",
                        "2:wrong words on the command line, or no display"})
public final class Main implements Callable<Integer> {

    /** The exit code for a file that could not be read or written. */
    static final int FILE_TROUBLE = 1;

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
        return new CommandLine(new Main()).setExecutionExceptionHandler((fault, line, _) -> {
            boolean ours = fault instanceof DiskTrouble || fault instanceof UnreadableFile
                    || fault instanceof MissingGlyph;
            if (!ours) {
                throw fault;
            }
            line.getErr().println(fault.getMessage());
            return FILE_TROUBLE;
        }).execute(arguments);
    }

    @Override
    public Integer call() {
        return Launch.window(Optional.ofNullable(plan), false);
    }
}
