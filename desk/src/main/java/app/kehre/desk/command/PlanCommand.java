package app.kehre.desk.command;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Objects;
import java.util.function.ToIntFunction;

import org.jspecify.annotations.Nullable;

import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.PlanDocument;

/** What the commands share that say 2 for a plan that cannot be read. */
final class PlanCommand {

    private static final int UNREADABLE = 2;

    private PlanCommand() {}

    static int run(@Nullable Path plan, ToIntFunction<PlanDocument> command) {
        Path file = Objects.requireNonNull(plan, "PLAN");
        try {
            return command.applyAsInt(PlanDocument.read(file.toString(), new LocalDisk().read(file),
                    BuiltInLibrary.load()));
        } catch (DiskTrouble | UnreadableFile trouble) {
            System.err.println(trouble.getMessage());
            return UNREADABLE;
        }
    }

    /** Writes what came of a plan where that is wanted. Returns the exit code. */
    static int write(@Nullable Path output, PlanDocument document) {
        if (output == null) {
            return 0;
        }
        try {
            new LocalDisk().replace(output, document.bytes());
            return 0;
        } catch (DiskTrouble trouble) {
            System.err.println(trouble.getMessage());
            return UNREADABLE;
        }
    }

    static void print(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        System.out.write(bytes, 0, bytes.length);
        System.out.flush();
    }
}
