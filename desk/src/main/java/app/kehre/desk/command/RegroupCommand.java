package app.kehre.desk.command;

import picocli.CommandLine.Command;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.regrouping.Regrouping;

/** {@code kehre regroup PLAN}. */
@Command(name = "regroup", mixinStandardHelpOptions = true, description = {
        "Puts the toning and core parts into the order that takes the least changing over while their order school holds."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:regrouped", "1:no other order ends sooner", "2:the plan could not be read or written"})
final class RegroupCommand extends ProposeCommand {

    @Override
    Proposal propose(ClassPlan plan, Library library) {
        return Regrouping.propose(plan);
    }
}
