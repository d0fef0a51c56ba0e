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

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Estimate;
import app.kehre.core.log.LearnedPace;
import app.kehre.core.log.LineRecord;
import app.kehre.core.pace.Pace;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.value.Lengths;
import app.kehre.desk.session.Folders;
import app.kehre.store.StudioFile;

/** {@code kehre log}. */
@Command(name = "log", mixinStandardHelpOptions = true, description = {
        "Prints the classes that were taught, what ran otherwise in the last one, and the pace that is learned from all of them."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:printed", "2:the studio could not be read"})
final class LogCommand implements Callable<Integer> {

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
            PlanCommand.print(String.join("\n", lines(open.records().all())) + "\n");
            return 0;
        } catch (StudioTrouble trouble) {
            System.err.println(trouble.getMessage());
            return Main.FILE_TROUBLE;
        }
    }

    private static List<String> lines(List<ClassRecord> records) {
        List<String> lines = new ArrayList<>();
        for (ClassRecord record : records) {
            lines.add("%s %s  %s: planned %s, taught %s (%+.1f %%)".formatted(record.began().toLocalDate(),
                    record.began().toLocalTime().withNano(0), record.title(), Lengths.clock(record.planned()),
                    Lengths.clock(record.taught()), 100 * record.off()));
        }
        if (records.isEmpty()) {
            return List.of("No class has been taught yet.");
        }
        lines.add("");
        lines.add("What ran otherwise last time:");
        for (LineRecord line : records.getLast().ranOtherwise()) {
            lines.add(
                    "  %s: planned %s, taught %s".formatted(line.name(), Lengths.clock(line.plannedLength()),
                            line.leftOut() ? "left out" : Lengths.clock(line.taughtLength())));
        }
        lines.add("");
        lines.add("Learned from %d classes:".formatted(records.size()));
        for (Estimate each : LearnedPace.of(Pace.USUAL, records).estimates()) {
            String style = each.quantity().byStyle() ? " (%s)".formatted(each.style().words()) : "";
            lines.add(String.format(Locale.ROOT, "  %s%s: usual %s, yours %s, seen %d times in %d classes",
                    each.quantity().words(), style, each.quantity().print(each.usual()),
                    each.quantity().print(each.own()), each.times(), each.classes()));
        }
        return lines;
    }
}
