package app.kehre.desk.command;

import java.util.List;
import java.util.stream.Collectors;

import picocli.CommandLine.Command;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.regrouping.Regrouping;
import app.kehre.core.value.Lengths;

/** {@code kehre regroup PLAN}. */
@Command(name = "regroup", mixinStandardHelpOptions = true, description = {
        "Puts the toning and core parts into the order that takes the least changing over while their order school holds."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:regrouped", "1:no other order ends sooner", "2:the plan could not be read or written"})
final class RegroupCommand extends ProposeCommand {

    @Override
    Proposed propose(ClassPlan plan, Library library) {
        List<Regrouping> all = Regrouping.of(plan);
        if (all.isEmpty()) {
            return new Proposed(plan, "", Regrouping.NONE);
        }
        String text = all.stream()
                .map(each -> "- %s; saves %s%n".formatted(each.words(), Lengths.clock(each.saved())))
                .collect(Collectors.joining());
        return new Proposed(all.getLast().plan(), text, "");
    }
}
