package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Duration;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.PlanDocument;

/** What the commands share that derive a part of a class from the rest of it. */
abstract class DeriveCommand implements Callable<Integer> {

    private static final int MOST = 60;

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--minutes", paramLabel = "MINUTES", required = true, description = "How long it may take, 1 to 60.")
    private int minutes;

    @Option(names = {"-o",
            "--output"}, paramLabel = "OUT", description = "Write the class with it to a file.")
    private @Nullable Path output;

    /**
     * What came of it.
     *
     * @param plan the class with it
     * @param text what is in it and why
     * @param reason why there is none; empty when there is one
     */
    record Derived(ClassPlan plan, String text, String reason) {}

    /** Derives the part. */
    abstract Derived derive(ClassPlan plan, Library library, Duration minutes);

    @Override
    public Integer call() {
        return PlanCommand.run(plan, this::derive);
    }

    private int derive(PlanDocument document) {
        Derived derived = derive(document.plan(), BuiltInLibrary.load(),
                Duration.ofMinutes(Math.clamp(minutes, 1, MOST)));
        if (!derived.reason().isEmpty()) {
            System.err.println(derived.reason());
            return 1;
        }
        PlanCommand.print(derived.text());
        return PlanCommand.write(output, document.with(derived.plan()));
    }
}
