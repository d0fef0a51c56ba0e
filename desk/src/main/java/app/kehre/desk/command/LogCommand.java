package app.kehre.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

import app.kehre.core.log.Estimate;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.RepEstimate;
import app.kehre.core.pace.Pace;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.value.Counted;
import app.kehre.core.value.Lengths;
import app.kehre.desk.session.Folders;
import app.kehre.store.StudioFile;

/** {@code kehre log}. */
@Command(name = "log", mixinStandardHelpOptions = true, description = {
        "Prints the classes that were taught, what ran otherwise in the last one, and the pace that is learned from all of them."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:printed", "2:the studio could not be read"})
final class LogCommand implements Callable<Integer> {

    private static final int MOST = 100_000;

    @Option(names = "--studio", paramLabel = "FILE", description = "Another studio than that of the data folder.")
    private @Nullable Path studio;

    @Override
    public Integer call() {
        Path file = studio == null ? Folders.data().resolve(StudioFile.NAME) : studio;
        if (!Files.exists(file)) {
            PlanCommand.print("No class has been taught yet.\n");
            return 0;
        }
        try (StudioFile open = StudioFile.open(file)) {
            PlanCommand.print(String.join("\n", lines(open)) + "\n");
            return 0;
        } catch (StudioTrouble trouble) {
            System.err.println(trouble.sentence());
            return Main.FILE_TROUBLE;
        }
    }

    private static List<String> lines(StudioFile studio) throws StudioTrouble {
        List<RecordRow> rows = studio.records().list("", MOST).reversed();
        if (rows.isEmpty()) {
            return List.of("No class has been taught yet.");
        }
        List<String> lines = new ArrayList<>();
        for (RecordRow row : rows) {
            lines.add("%s %s  %s: planned %s, taught %s (%+.1f %%)".formatted(
                    row.heading().began().toLocalDate(),
                    row.heading().began().toLocalTime().withNano(0), row.heading().title(),
                    Lengths.clock(row.times().planned()), Lengths.clock(row.times().taught()),
                    100 * row.times().off()));
        }
        lines.add("");
        lines.add("What ran otherwise last time:");
        studio.records().find(rows.getLast().heading().key())
                .ifPresent(last -> last.furthestOff()
                        .forEach(line -> lines.add("  %s: %s (%s, planned %s)".formatted(
                                line.name(), line.how(), Lengths.clock(line.taughtLength()),
                                Lengths.clock(line.plannedLength())))));
        LearnedPace learned = LearnedPace.of(Pace.USUAL, studio.records().observed(LearnedPace.MOST_CLASSES),
                studio.wishes());
        lines.add("");
        lines.add("Learned from %s:".formatted(Counted.of(learned.classes(), "class")));
        for (Estimate each : learned.estimates()) {
            lines.add("  %s: %s, seen %s in %s, %s".formatted(each.words(), each.values(),
                    Counted.of(each.times(), "time"), Counted.of(each.classes(), "class"), each.sure()));
        }
        for (RepEstimate each : learned.reps()) {
            lines.add(String.format(Locale.ROOT,
                    "  a rep of %s: %.2f of its natural length, seen %s in %s",
                    each.exercise(), each.own(), Counted.of(each.times(), "time"),
                    Counted.of(each.classes(), "class")));
        }
        return lines;
    }
}
