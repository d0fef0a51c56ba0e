package app.kehre.desk.command;

import java.nio.file.Path;
import java.util.Locale;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.pace.Pace;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.PaceShare;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** {@code kehre pace PLAN}. */
@Command(name = "pace", mixinStandardHelpOptions = true, description = {
        "Prints how long people take in a class: each quantity, its value, where it comes from, and how much of the class it makes."})
final class PaceCommand implements Callable<Integer> {

    @Parameters(paramLabel = "PLAN", description = "A plan, NAME.kehre.json.")
    private @Nullable Path plan;

    @Option(names = "--today", description = "Give the plan today's usual values, and write it with -o.")
    private boolean today;

    @Mixin
    private final Output output = new Output();

    @Override
    public Integer call() {
        return PlanCommand.run(plan, (document, _) -> {
            ClassPlan before = document.plan();
            if (!today) {
                output.tell(table(before));
                return 0;
            }
            ClassPlan after = before.with(Pace.usual(before.brief().group().older()));
            output.tell("%s before, %s at today's pace.%n".formatted(
                    Lengths.clock(Timeline.of(before).total()), Lengths.clock(Timeline.of(after).total())));
            output.write(Objects.requireNonNull(plan), document.with(after));
            return 0;
        });
    }

    private static String table(ClassPlan plan) {
        StringBuilder out = new StringBuilder();
        out.append("%s, %s%n".formatted(plan.brief().teaching().called(),
                Timeline.of(plan).fit().words()));
        for (PaceShare share : PaceShare.of(plan)) {
            String words = share.quantity().words()
                    + (share.quantity().byStyle() ? ", " + share.style().called() : "");
            out.append(String.format(Locale.ROOT, "%-52s %10s  %-28s %7s%n", words,
                    share.quantity().print(share.value()),
                    share.usual() ? "usual (Kehre's estimate)" : "this class's own",
                    share.makes().isZero() ? "" : Lengths.clock(share.makes())));
        }
        return out.toString();
    }
}
