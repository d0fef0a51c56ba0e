package app.kehre.desk.command;

import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Instant;
import java.util.List;
import java.util.concurrent.Callable;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.ArgGroup;
import picocli.CommandLine.Command;
import picocli.CommandLine.Option;

import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.session.Folders;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.session.StudioFolder;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.store.StudioFile;

/** {@code kehre studio}. */
@Command(name = "studio", mixinStandardHelpOptions = true, description = {
        "Looks after the studio: the file that holds plans, records and what is your own."}, exitCodeListHeading = "Exit codes:%n", exitCodeList = {
                "0:done", "1:the studio is damaged", "2:something could not be read or written"})
final class StudioCommand implements Callable<Integer> {

    @Option(names = "--studio", paramLabel = "FILE", description = "Another studio than that of the data folder.")
    private @Nullable Path studio;

    @ArgGroup(multiplicity = "1")
    private Asked asked = new Asked();

    /** What is asked for, one of them. */
    static final class Asked {

        @Option(names = "--check", description = "Look whether it is whole, page by page.")
        private boolean check;

        @Option(names = "--backup", paramLabel = "FILE", description = "Copy it, and look whether the copy is whole.")
        private @Nullable Path backup;

        @Option(names = "--restore", paramLabel = "FILE", description = "Put a copy in its place; what was there is kept beside it.")
        private @Nullable Path restore;

        @Option(names = "--export", paramLabel = "DIR", description = "Write all of it as open documents into a folder of its own.")
        private @Nullable Path export;

        @Option(names = "--import", paramLabel = "DIR", description = "Take what lies in such a folder; nothing that is there is changed.")
        private @Nullable Path take;
    }

    @Override
    public Integer call() throws DiskTrouble {
        Path file = studio == null ? Folders.data().resolve(StudioFile.NAME) : studio;
        try {
            if (asked.restore != null) {
                StudioFile.restore(asked.restore, file).ifPresentOrElse(
                        before -> say("Restored. The studio as it was is kept as %s.".formatted(before)),
                        () -> say("Restored."));
                return 0;
            }
            if (asked.take == null && !Files.exists(file)) {
                System.err.println("There is no studio %s yet.".formatted(file));
                return Main.FILE_TROUBLE;
            }
            try (StudioFile open = StudioFile.open(file)) {
                return with(open);
            }
        } catch (StudioTrouble trouble) {
            System.err.println(trouble.sentence());
            return Main.FILE_TROUBLE;
        }
    }

    private int with(StudioFile open) throws StudioTrouble, DiskTrouble {
        if (asked.check) {
            return check(open);
        }
        if (asked.backup != null) {
            open.backUp(asked.backup);
            say("A copy lies in %s; it is whole.".formatted(asked.backup));
        } else if (asked.export != null) {
            say(new StudioFolder(asked.export, new LocalDisk(), open).write());
        } else if (asked.take != null) {
            OwnLibrary own = new OwnLibrary(BuiltInLibrary.load(), OpenStudio.shelved(open, OwnLibrary.FILE));
            List<String> said = new StudioFolder(asked.take, new LocalDisk(), open)
                    .read(own.library().get(), Instant.now());
            said.forEach(StudioCommand::say);
        }
        return 0;
    }

    private static int check(StudioFile open) {
        try {
            open.check();
            say("The studio is whole.");
            return 0;
        } catch (StudioTrouble damaged) {
            System.err.println(damaged.sentence());
            return 1;
        }
    }

    private static void say(String sentence) {
        PlanCommand.print(sentence + "\n");
    }
}
