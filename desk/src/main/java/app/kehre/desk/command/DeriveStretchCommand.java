package app.kehre.desk.command;

import java.time.Duration;

import picocli.CommandLine.Command;

import app.kehre.core.deriving.StretchFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;

/** {@code kehre derive-stretch PLAN --minutes 6}. */
@Command(name = "derive-stretch", mixinStandardHelpOptions = true, description = {
        "Derives the stretch of a class from what it loads, and prints what it takes and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:derived", "1:it cannot be derived; the reason is printed",
                "2:the plan could not be read or written"})
final class DeriveStretchCommand extends DeriveCommand {

    @Override
    Proposal derive(ClassPlan plan, Library library, Duration minutes) {
        return StretchFromClass.propose(plan, library, minutes);
    }
}
