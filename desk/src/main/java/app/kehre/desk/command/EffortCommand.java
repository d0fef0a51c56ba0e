package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.effort.Effort;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.assessment.EffortTable;

/** {@code kehre effort PLAN --csv}. */
@Command(name = "effort", mixinStandardHelpOptions = true, description = {
        "Prints the predicted effort of a class, second by second, for three stand-in participants.",
        "Estimates for planning, never a measurement of a person."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:done", "2:the plan could not be read"})
final class EffortCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--csv", required = true, description = "As CSV: second, then METs, %%HRR where claimed, effort.")
    private boolean csv;

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, _) -> {
            PlanCommand.print(csv ? EffortTable.csv(Effort.of(Timeline.of(document.plan()))) : "");
            return 0;
        });
    }
}
