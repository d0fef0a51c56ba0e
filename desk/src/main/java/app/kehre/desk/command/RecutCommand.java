package app.kehre.desk.command;

import java.time.Duration;

import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.drafting.Draft;
import app.kehre.core.drafting.Recutting;
import app.kehre.core.exercise.Library;
import app.kehre.core.fitting.Differences;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Lengths;

/** {@code kehre recut PLAN --slot 45}. */
@Command(name = "recut", mixinStandardHelpOptions = true, description = {
        "Cuts a class to a shorter slot, or stretches it out to a longer one, and prints what is different and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:recut", "1:the slot cannot be met; the reason is printed",
                "2:the plan could not be read or written"})
final class RecutCommand extends ProposeCommand {

    @Option(names = "--slot", paramLabel = "MINUTES", required = true, description = "The other slot, 5 to 180 min.")
    private int slot;

    @Override
    Proposed propose(ClassPlan plan, Library library) {
        String wrong = Brief.SLOT_MINUTES.problem(slot).orElse("");
        if (!wrong.isEmpty()) {
            return new Proposed(plan, "", wrong);
        }
        Draft recut = Recutting.of(plan, library, Duration.ofMinutes(slot));
        StringBuilder text = new StringBuilder();
        Differences.ofSegments(plan, recut.plan())
                .forEach(change -> text
                        .append("- %s%n".formatted(change.words().strip().replace("\n", "\n    "))));
        Assessment after = recut.assessment();
        text.append("Ends at %s of %s. %s%n".formatted(Lengths.clock(after.timeline().fit().length()),
                Lengths.clock(after.timeline().fit().slot()), after.verdict()));
        return new Proposed(recut.plan(), text.toString(), recut.reason());
    }
}
