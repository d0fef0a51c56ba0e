package app.kehre.desk.command;

import java.time.Duration;
import java.util.Objects;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.value.Range;

/** What the commands share that derive a part of a class from the rest of it. */
abstract class DeriveCommand extends ProposeCommand {

    private static final Range MINUTES = new Range("--minutes", " min", 1, 60);

    @Spec
    private @Nullable CommandSpec spec;

    @Option(names = "--minutes", paramLabel = "MINUTES", required = true, description = "How long it may take, 1 to 60.")
    private int minutes;

    /** Derives the part. */
    abstract Proposal derive(ClassPlan plan, Library library, Duration minutes);

    @Override
    final Proposal propose(ClassPlan plan, Library library) {
        return derive(plan, library,
                Duration.ofMinutes(Numbers.within(Objects.requireNonNull(spec), minutes, MINUTES)));
    }
}
