package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.timeline.Timeline;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.formats.sheet.SheetKind;
import app.kehre.formats.sheet.SheetPdf;
import app.kehre.formats.sheet.Unprintable;

/** {@code kehre sheet PLAN PDF}. */
@Command(name = "sheet", mixinStandardHelpOptions = true, description = "Writes the sheet of a class as PDF.", exitCodeListHeading = "Exit codes:%n", exitCodeList = {
        "0:written", "1:there is nothing of the kind to print, or a character that cannot be printed",
        "2:something could not be read or written"})
final class SheetCommand implements Callable<Integer> {

    @Parameters(index = "0", paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Parameters(index = "1", paramLabel = "PDF", description = "The file to write; - for standard output.")
    private @Nullable Path pdf;

    @Option(names = "--kind", paramLabel = "KIND", defaultValue = "preparation", description = "floor: read from the floor while teaching; cards: the same on A5, a block each; preparation (the default): everything; stations: cards for circuits; handout: what participants take home; check: how hard, what should be looked at.")
    private SheetKind kind = SheetKind.PREPARATION;

    @Option(names = "--replace", description = "Replace the file even if it is no PDF.")
    private boolean replace;

    @Override
    public Integer call() throws DiskTrouble, UnreadableFile, Unprintable {
        LocalDisk disk = new LocalDisk();
        Path from = Objects.requireNonNull(plan, "PLAN");
        PlanDocument document = PlanDocument.read(from.toString(), disk.read(from), PlanCommand.library());
        Path to = Objects.requireNonNull(pdf, "PDF");
        byte[] sheet = kind.pdf(Timeline.of(document.plan()), PlanCommand.library());
        if (Output.STANDARD.contains(to.toString())) {
            PlanCommand.printDocument(sheet);
            return 0;
        }
        if (Output.same(from, to)) {
            throw new DiskTrouble("%s is the class itself; the sheet needs a file of its own.".formatted(to));
        }
        if (!replace) {
            Output.requireKind(disk, to, SheetPdf::isPdf, "no PDF");
        }
        disk.replace(to, sheet);
        return 0;
    }
}
