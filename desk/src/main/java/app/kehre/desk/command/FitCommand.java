package app.kehre.desk.command;

import java.time.Duration;
import java.util.Objects;
import java.util.Optional;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

import app.kehre.core.brief.BriefText;
import app.kehre.core.exercise.Library;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.proposal.Proposal;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/** {@code kehre fit PLAN}. */
@Command(name = "fit", mixinStandardHelpOptions = true, description = {
        "Makes a class end at its slot, or just under it, at the least change, and prints what it changed and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:fitted", "1:it cannot be fitted; the reason is printed",
                "2:the plan could not be read or written"})
final class FitCommand extends ProposeCommand {

    @Option(names = "--slot", paramLabel = "MINUTES", description = "Another slot, 1 to 180 min.")
    private @Nullable Integer slot;

    @Option(names = "--spare", paramLabel = "MINUTES", defaultValue = "0", description = "To end so early (0).")
    private int spare;

    @Option(names = "--less", paramLabel = "MINUTES", defaultValue = "0", description = "So much less today, such as for a late start (0); the slot stays.")
    private int less;

    @Option(names = "--way", paramLabel = "N", defaultValue = "1", description = "Which of the ways to take, 1 to 3 (1).")
    private int way;

    @Spec
    private @Nullable CommandSpec spec;

    @Override
    Proposal propose(ClassPlan plan, Library library) {
        CommandSpec command = Objects.requireNonNull(spec);
        Numbers.within(command, spare, Range.of("--spare", 0, 180));
        Numbers.within(command, less, Range.of("--less", 0, 180));
        Numbers.within(command, way, Range.of("--way", 1, 3));
        Reading<ClassPlan> asked = slot == null
                ? Reading.of(plan)
                : BriefText.withSlot(plan.brief(), String.valueOf(slot)).map(plan::with);
        return asked.value().map(this::fit).orElseGet(() -> new Proposal.Refused(asked.problem()));
    }

    private Proposal fit(ClassPlan plan) {
        Duration length = plan.brief().slot().minusMinutes(spare).minusMinutes(less);
        return length.isPositive()
                ? Fitting.of(plan, new Fitting.Asked(length, Optional.empty()))
                : new Proposal.Refused(
                        "Nothing is left of the slot of %s then."
                                .formatted(Lengths.clock(plan.brief().slot())));
    }

    @Override
    ClassPlan judged(ClassPlan plan) {
        return plan.with(plan.brief().startedBy(Duration.ofMinutes(less)));
    }

    @Override
    int taken() {
        return way - 1;
    }
}
