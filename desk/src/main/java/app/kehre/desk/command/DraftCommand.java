package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

import app.kehre.core.drafting.Drafting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** {@code kehre draft BRIEF}. */
@Command(name = "draft", mixinStandardHelpOptions = true, description = {
        "Drafts a whole class from its brief, or what a class that is begun has left, and prints why each line is there."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:drafted", "1:the brief cannot be met; the reason is printed",
                "2:the brief could not be read, or the class not be written"})
final class DraftCommand extends ProposeCommand {

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "Which of many drafts; the same seed gives the same (1).")
    private long seed;

    @Option(names = "--lately", paramLabel = "PLAN", description = "What the group did lately, to be varied; may be given several times.")
    private List<Path> lately = List.of();

    @Override
    Proposal propose(ClassPlan plan, Library library) throws DiskTrouble, UnreadableFile {
        List<ClassPlan> before = new ArrayList<>();
        for (Path each : lately) {
            before.add(PlanDocument.read(each.toString(), new LocalDisk().read(each), library).plan());
        }
        return Drafting.propose(plan, Drafting.Asked.WHAT_IS_LEFT, library, before, seed);
    }
}
