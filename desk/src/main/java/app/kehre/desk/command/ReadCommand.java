package app.kehre.desk.command;

import java.nio.ByteBuffer;
import java.nio.charset.CharacterCodingException;
import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.time.LocalDate;
import java.util.List;
import java.util.Objects;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Mixin;
import picocli.CommandLine.Option;
import picocli.CommandLine.Parameters;

import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefLine;
import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.core.written.ClassText;
import app.kehre.core.written.ReadLine;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** {@code kehre read TEXT -o PLAN}. */
@Command(name = "read", mixinStandardHelpOptions = true, description = {
        "Makes a class of a list as instructors write it, or of the text that 'write' prints (docs/class-text.md). Says what is kept as a note, and which lines can be read in more than one way."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:read; what nobody could read is a note of its segment",
                "1:a line can be read in more than one way, and nothing is written without --partly",
                "2:a file could not be read or written"})
final class ReadCommand implements Callable<Integer> {

    @Parameters(paramLabel = "TEXT", description = "A text file, UTF-8.")
    private @Nullable Path text;

    @Option(names = "--into", paramLabel = "PLAN", description = "The class it is taken back into: its brief stays, and what a text does not say.")
    private @Nullable Path into;

    @Option(names = "--brief", paramLabel = "LINE", description = "What kind of class it is for, as a new class is begun: \"step, 60 min, 18 people\".")
    private @Nullable String brief;

    @Option(names = "--partly", description = "Write it all the same: lines that can be read in more than one way are notes.")
    private boolean partly;

    @Mixin
    private final Output output = new Output();

    @Override
    public Integer call() {
        Path file = Objects.requireNonNull(text, "TEXT");
        try {
            Library library = PlanCommand.library();
            PlanDocument before = before(library);
            String given = text(file, new LocalDisk().read(file));
            ClassText.Read read = ClassText.read(given, before.plan(), library);
            read.lines().stream().filter(each -> each.how() == ReadLine.How.NOTE)
                    .forEach(
                            each -> output.tell("%s:%d: %s: %s%n".formatted(file, each.number(), each.words(),
                                    each.text())));
            read.faults().forEach(fault -> output.tell(words(file, fault)));
            if (!read.faults().isEmpty() && !partly) {
                return 1;
            }
            output.tell("%s%n".formatted(Timeline.of(read.plan()).fit().words()));
            output.write(file, before.with(read.plan()));
            return read.faults().isEmpty() ? 0 : 1;
        } catch (DiskTrouble | UnreadableFile trouble) {
            System.err.println(trouble.getMessage());
            return Main.FILE_TROUBLE;
        }
    }

    /** A text in another encoding would come in with signs for its letters, and nobody would see it. */
    private static String text(Path file, byte[] bytes) throws DiskTrouble {
        try {
            return StandardCharsets.UTF_8.newDecoder().decode(ByteBuffer.wrap(bytes)).toString();
        } catch (CharacterCodingException other) {
            throw new DiskTrouble(
                    "%s is no text in UTF-8. Save it as UTF-8 and read it again.".formatted(file));
        }
    }

    private PlanDocument before(Library library) throws DiskTrouble, UnreadableFile {
        Brief usual = Skeleton.of(LocalDate.now()).brief();
        Reading<Brief> wanted = brief == null ? Reading.of(usual) : BriefLine.read(brief, usual);
        if (wanted.value().isEmpty()) {
            throw new DiskTrouble(wanted.problem());
        }
        return into == null
                ? PlanDocument.of(new ClassPlan(wanted.value().get(), List.of()), library)
                : PlanDocument.read(into.toString(), new LocalDisk().read(into), library);
    }

    private static String words(Path file, ClassText.Fault fault) {
        StringBuilder out = new StringBuilder(
                "%s:%d: %s%n    %s%n".formatted(file, fault.line(), fault.sentence(),
                        fault.text()));
        fault.choices()
                .forEach(choice -> out.append("    or: ").append(choice).append(System.lineSeparator()));
        return out.toString();
    }
}
