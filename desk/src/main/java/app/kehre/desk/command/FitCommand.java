package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Duration;
import java.util.Objects;
import java.util.Optional;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.balance.Mend;
import app.kehre.core.brief.BriefText;
import app.kehre.core.exercise.Library;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.PlanDocument;

/** {@code kehre fit PLAN}. */
@Command(name = "fit", mixinStandardHelpOptions = true, description = {
        "Makes a class end at its slot, or just under it, at the least change, and prints what it changed and why."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:fitted", "1:it cannot be fitted; the reason is printed",
                "2:the plan could not be read or written"})
final class FitCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--slot", paramLabel = "MINUTES", description = "Another slot, 1 to 180 min.")
    private @Nullable Integer slot;

    @Option(names = "--spare", paramLabel = "MINUTES", defaultValue = "0", description = "To end so early (0).")
    private int spare;

    @Option(names = "--less", paramLabel = "MINUTES", defaultValue = "0", description = "So much less today, such as for a late start (0); the slot stays.")
    private int less;

    @Option(names = "--way", paramLabel = "N", defaultValue = "1", description = "Which of the ways to take, 1 to 3 (1).")
    private int way;

    @Mixin
    private final Output output = new Output();

    @Spec
    private @Nullable CommandSpec spec;

    @Override
    public Integer call() {
        CommandSpec command = Objects.requireNonNull(spec);
        Numbers.within(command, spare, Range.of("--spare", 0, 180));
        Numbers.within(command, less, Range.of("--less", 0, 180));
        Numbers.within(command, way, Range.of("--way", 1, 3));
        return PlanCommand.run(plan, this::fit);
    }

    private int fit(PlanDocument document, Library library) throws DiskTrouble {
        Reading<ClassPlan> asked = slot == null
                ? Reading.of(document.plan())
                : BriefText.withSlot(document.plan().brief(), String.valueOf(slot))
                        .map(document.plan()::with);
        if (asked.value().isEmpty()) {
            System.err.println(asked.problem());
            return 1;
        }
        ClassPlan now = asked.value().get();
        Duration length = now.brief().slot().minusMinutes(spare).minusMinutes(less);
        if (!length.isPositive()) {
            System.err.println(
                    "Nothing is left of the slot of %s then.".formatted(Lengths.clock(now.brief().slot())));
            return 1;
        }
        Fitting.Found found = Fitting.of(now, new Fitting.Asked(length, Optional.empty()));
        if (found.ways().size() < way || way < 1) {
            System.err.println(found.reason().isEmpty()
                    ? "There are %d ways, so there is no way %d.".formatted(found.ways().size(), way)
                    : found.reason());
            return 1;
        }
        output.tell(text(now, found, length, library));
        output.write(Objects.requireNonNull(plan),
                document.with(found.ways().get(way - 1).timeline().plan()));
        return 0;
    }

    private String text(ClassPlan now, Fitting.Found found, Duration length, Library library) {
        Assessment before = Assessment.of(now, library);
        StringBuilder text = new StringBuilder("%s, asked for %s: the least weighted change.%n".formatted(
                Lengths.clock(before.timeline().fit().length()), Lengths.clock(length)));
        for (int i = 0; i < found.ways().size(); i++) {
            Fitting.Way each = found.ways().get(i);
            Effect effect = Effect.of(before, new Mend(each.words(), each.timeline().plan()), library);
            text.append("%n%s way %d: %s%n  ends at %s (%s)%n".formatted(i + 1 == way ? "*" : " ", i + 1,
                    each.words(),
                    Lengths.clock(each.timeline().fit().length()), effect.words()));
            each.changes().forEach(change -> text.append("  - %s%n".formatted(change.words())));
            effect.gone().forEach(gone -> text.append("  mends: %s%n".formatted(gone.what())));
            effect.fresh().forEach(fresh -> text.append("  new: %s%n".formatted(fresh.what())));
        }
        return text.toString();
    }
}
