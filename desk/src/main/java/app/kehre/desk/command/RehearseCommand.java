package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Duration;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;
import picocli.CommandLine.Spec;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.rehearsal.Forecast;
import app.kehre.core.rehearsal.Habits;
import app.kehre.core.rehearsal.Protocol;
import app.kehre.core.rehearsal.Rehearsal;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;

/** {@code kehre rehearse PLAN}. */
@Command(name = "rehearse", mixinStandardHelpOptions = true, description = {
        "Teaches a class with a simulated instructor, group, straps and music, and prints how it went; or many times, and prints how it ends. The same seed gives the same rehearsal."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:it ends on time; of many, nine of ten do", "1:it does not",
                "2:the plan could not be read"})
final class RehearseCommand implements Callable<Integer> {

    private static final Range TIMES = Range.of("--times", 1, 10_000);
    private static final int MOST_DROPPED = 12;
    private static final double NINE_OF_TEN = 0.9;

    @Parameters(paramLabel = "PLAN", description = "A plan file.")
    private @Nullable Path plan;

    @Option(names = "--seed", paramLabel = "N", defaultValue = "1", description = "Which rehearsal (1).")
    private long seed;

    @Option(names = "--slow", paramLabel = "PERCENT", defaultValue = "0", description = "How much slower all is that no clock and no music drives, -50 to 200 %% (0).")
    private int slow;

    @Option(names = "--late", paramLabel = "MINUTES", defaultValue = "0", description = "How late it is begun, 0 to 30 min (0).")
    private int late;

    @Option(names = "--keep-on-time", description = "Kehre's proposals are taken when it is late.")
    private boolean keepOnTime;

    @Option(names = "--forgets", description = "Now and then a line or a second side is forgotten.")
    private boolean forgets;

    @Option(names = "--times", paramLabel = "N", defaultValue = "1", description = "How often, 1 to 10000; more than once prints what they come to (1).")
    private int times;

    @Option(names = "--all", description = "Tell every press.")
    private boolean all;

    @Spec
    private @Nullable CommandSpec spec;

    @Override
    public Integer call() {
        CommandSpec command = Objects.requireNonNull(spec);
        Numbers.within(command, slow, Range.of("--slow", -50, 200));
        Numbers.within(command, late, Range.of("--late", 0, 30));
        Numbers.within(command, times, TIMES);
        Habits habits = new Habits(slow, Duration.ofMinutes(late), keepOnTime, forgets);
        return PlanCommand.run(plan, (document, _) -> times == 1
                ? once(document.plan(), habits)
                : often(document.plan(), habits));
    }

    private int once(ClassPlan taught, Habits habits) {
        Rehearsal rehearsal = Rehearsal.of(taught,
                taught.brief().date().atTime(taught.brief().start()).toInstant(ZoneOffset.UTC), seed, habits);
        List<String> lines = new ArrayList<>();
        lines.add("Rehearsal of \u201c%s\u201d, seed %d.".formatted(taught.brief().title(), seed));
        lines.addAll(Protocol.of(rehearsal, seed, all));
        PlanCommand.print(String.join("\n", lines) + "\n");
        return rehearsal.over().isPositive() ? 1 : 0;
    }

    private int often(ClassPlan taught, Habits habits) {
        Forecast forecast = Forecast.of(taught, seed, habits, times);
        List<String> lines = new ArrayList<>();
        lines.add("%d rehearsals of \u201c%s\u201d, seeds %d to %d.".formatted(times, taught.brief().title(),
                seed, seed + times - 1));
        lines.add("On time: %.0f %%. %s.".formatted(100 * forecast.onTime(), sentence(forecast, taught)));
        lines.add("Earliest %s, middle %s, latest %s.".formatted(off(forecast.overs().getFirst()),
                off(forecast.median()), off(forecast.overs().getLast())));
        lines.add("Way down and stretch: shortest %s, longest %s.".formatted(
                Lengths.clock(forecast.wayDowns().getFirst()), Lengths.clock(forecast.wayDowns().getLast())));
        lines.add(forecast.dropped().isEmpty() ? "Nothing was left out." : "Left out:");
        forecast.dropped().entrySet().stream().limit(MOST_DROPPED)
                .forEach(each -> lines.add("  %s: %d times".formatted(each.getKey(), each.getValue())));
        PlanCommand.print(String.join("\n", lines) + "\n");
        return forecast.onTime() >= NINE_OF_TEN ? 0 : 1;
    }

    private static String sentence(Forecast forecast, ClassPlan taught) {
        String words = forecast.words(taught);
        return Character.toUpperCase(words.charAt(0)) + words.substring(1);
    }

    private static String off(Duration over) {
        return "%s %s".formatted(Lengths.clock(over.abs()), over.isPositive() ? "over" : "before the end");
    }
}
