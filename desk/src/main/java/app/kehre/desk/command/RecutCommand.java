package app.kehre.desk.command;

import java.time.Duration;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;

/** {@code kehre recut PLAN --slot 45}. */
@Command(name = "recut", mixinStandardHelpOptions = true, description = {
        "Cuts a class to a shorter slot, or stretches it out to a longer one, and prints what is different and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:recut", "1:the slot cannot be met; the reason is printed",
                "2:the plan could not be read or written"})
final class RecutCommand extends ProposeCommand {

    @Option(names = "--slot", paramLabel = "MINUTES", required = true, description = "The other slot, 2 to 180 min.")
    private int slot;

    @Override
    Proposal propose(ClassPlan plan, Library library) {
        return Recutting.propose(plan, library, Duration.ofMinutes(slot));
    }
}
