package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.assessment.AssessmentText;

/** {@code kehre check PLAN}. */
@Command(name = "check", mixinStandardHelpOptions = true, description = {
        "Prints what should be looked at in a class: what, where, why, and ways to mend it."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:nothing that can hurt or cannot work", "1:something that can hurt or cannot work",
                "2:the plan could not be read"})
final class CheckCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--json", description = "As JSON: severity, text, why, mends, and the places with check, segment, item, startMs.")
    private boolean json;

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, library) -> {
            Assessment assessment = Assessment.orUnjudged(Timeline.of(document.plan()), library);
            PlanCommand.print(json ? AssessmentText.json(assessment) : AssessmentText.text(assessment));
            return assessment.count(Severity.STOP) == 0 ? 0 : 1;
        });
    }
}
