package app.kehre.desk.command;

import java.time.Duration;

import picocli.CommandLine.Command;

import app.kehre.core.deriving.WarmUpFromClass;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;

/** {@code kehre derive-warm-up PLAN --minutes 6}. */
@Command(name = "derive-warm-up", mixinStandardHelpOptions = true, description = {
        "Derives the warm-up of a class from what it asks for, and prints what it takes and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:derived", "1:it cannot be derived; the reason is printed",
                "2:the plan could not be read or written"})
final class DeriveWarmUpCommand extends DeriveCommand {

    @Override
    Proposal derive(ClassPlan plan, Library library, Duration minutes) {
        return WarmUpFromClass.propose(plan, library, minutes);
    }
}
