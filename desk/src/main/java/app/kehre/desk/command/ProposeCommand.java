package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Parameters;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;

/** What the commands share that propose another class and say what is different. */
abstract class ProposeCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Mixin
    private final Output output = new Output();

    /**
     * What came of it.
     *
     * @param plan the class as it is proposed
     * @param text what is different and why
     * @param reason why there is nothing to propose; empty when there is
     */
    record Proposed(ClassPlan plan, String text, String reason) {}

    /** Makes the proposal. */
    abstract Proposed propose(ClassPlan plan, Library library);

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, library) -> {
            Proposed proposed = propose(document.plan(), library);
            if (!proposed.reason().isEmpty()) {
                System.err.println(proposed.reason());
                return 1;
            }
            output.tell(proposed.text());
            output.write(Objects.requireNonNull(plan), document.with(proposed.plan()));
            return 0;
        });
    }
}
