package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Parameters;

import app.kehre.core.written.ClassText;

/** {@code kehre write PLAN}. */
@Command(name = "write", mixinStandardHelpOptions = true, description = {
        "Prints a class as plain text, one line a line, in the language of docs/class-text.md."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:written", "2:the plan could not be read"})
final class WriteCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, library) -> {
            PlanCommand.print(ClassText.print(document.plan(), library));
            return 0;
        });
    }
}
