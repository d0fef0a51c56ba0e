package app.kehre.desk.command;

import java.io.PrintStream;
import java.io.PrintWriter;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Arrays;
import java.util.List;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.session.Folders;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.formats.sheet.Unprintable;

/** The command line: {@code kehre}, {@code kehre demo}, {@code kehre shots DIR}, {@code kehre sheet PLAN PDF}. */
@Command(name = "kehre", mixinStandardHelpOptions = true, version = "Kehre 0.1.0", description = {
        "Plans, prints and teaches group fitness classes.",
        "Without a command it opens the window."}, synopsisSubcommandLabel = "[COMMAND]", exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:done", "1:something was found, or is refused",
                "2:cannot read or write, wrong words on the command line, or no display"})
public final class Main implements Callable<Integer> {

    private static final List<Class<?>> COMMANDS = List.of(DemoCommand.class, ShotsCommand.class,
            SheetCommand.class, TimelineCommand.class, PaceCommand.class, LibraryCommand.class,
            CheckCommand.class,
            FitCommand.class, RehearseCommand.class, LogCommand.class, StudioCommand.class,
            DeriveStretchCommand.class,
            DeriveWarmUpCommand.class,
            DraftCommand.class,
            RecutCommand.class, RegroupCommand.class, WriteCommand.class, ReadCommand.class,
            EffortCommand.class, LearnCommand.class, PulsesCommand.class);

    private static final String DEMO = "demo";
    /** Ended with a refusal, or something was found. */
    static final int REFUSED = 1;
    /** The exit code for a file that could not be read or written. */
    static final int FILE_TROUBLE = 2;
    /** The exit code when what was printed has been lost, and for a fault of Kehre's own. */
    static final int FAILED = 2;

    @Parameters(arity = "0..1", paramLabel = "PLAN", description = "A plan to open, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--studio", paramLabel = "FILE", description = "Another studio than that of the data folder.")
    private @Nullable Path studio;

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
            int code = opens(arguments)
                    ? open(arguments)
                    : line(shown, commands(arguments)).execute(arguments);
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

    /**
     * Whether the window is all that is asked for: it then does not wait for the reader of command lines. A name with other
     * letters than ASCII is left to that reader, which says so where the locale cannot write it.
     */
    private static boolean opens(String... arguments) {
        return arguments.length == 0 || arguments.length == 1 && (arguments[0].equals(DEMO)
                || arguments[0].endsWith(PlanDocument.ENDING)
                        && StandardCharsets.US_ASCII.newEncoder().canEncode(arguments[0]));
    }

    private static int open(String... arguments) {
        boolean demo = arguments.length == 1 && arguments[0].equals(DEMO);
        return Launch.window(Arrays.stream(arguments).filter(_ -> !demo).findFirst().map(Path::of), demo,
                Optional.empty());
    }

    /** Reading what a command takes costs some time: only the one that is named is read, or all for the help. */
    private static List<Class<?>> commands(String... arguments) {
        List<Class<?>> named = COMMANDS.stream().filter(each -> arguments.length > 0
                && each.getAnnotation(Command.class).name().equals(arguments[0])).toList();
        return named.isEmpty() && arguments.length > 0 ? COMMANDS : named;
    }

    private static CommandLine line(PrintStream shown, List<Class<?>> commands) {
        CommandLine all = new CommandLine(new Main());
        commands.forEach(all::addSubcommand);
        return Numbers.readBy(all)
                .setColorScheme(CommandLine.Help.defaultColorScheme(CommandLine.Help.Ansi.OFF))
                .setOut(new PrintWriter(shown, true, StandardCharsets.UTF_8))
                .setErr(new PrintWriter(System.err, true, StandardCharsets.UTF_8))
                .setExecutionExceptionHandler((fault, line, _) -> {
                    line.getErr().println(sentence(fault));
                    return fault instanceof Unprintable ? REFUSED : FAILED;
                });
    }

    private static boolean isFile(Exception fault) {
        return fault instanceof DiskTrouble || fault instanceof UnreadableFile;
    }

    private static String sentence(Exception fault) {
        if (isFile(fault) || fault instanceof Unprintable) {
            return String.valueOf(fault.getMessage());
        }
        FaultLog.into(Folders.data());
        FaultLog.fault("a command", fault);
        return "Kehre itself failed at this, and nothing was written. Where is written to %s in the data folder."
                .formatted(FaultLog.FILE);
    }

    @Override
    public Integer call() {
        return Launch.window(Optional.ofNullable(plan), false, Optional.ofNullable(studio));
    }
}
