package app.kehre.desk.command;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Objects;

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

    /** What a command does with a plan. */
    interface Work {
        /** Does it. Returns the exit code. */
        int with(PlanDocument document) throws DiskTrouble, UnreadableFile;
    }

    static int run(@Nullable Path plan, Work command) {
        Path file = Objects.requireNonNull(plan, "PLAN");
        try {
            return command.with(PlanDocument.read(file.toString(), new LocalDisk().read(file),
                    BuiltInLibrary.load()));
        } catch (DiskTrouble | UnreadableFile trouble) {
            System.err.println(trouble.getMessage());
            return UNREADABLE;
        }
    }

    static void print(String text) {
        byte[] bytes = text.getBytes(StandardCharsets.UTF_8);
        System.out.write(bytes, 0, bytes.length);
        System.out.flush();
    }

    /** Prints a document for a file or another program, just as it is. */
    static void printDocument(byte[] bytes) {
        if (System.out instanceof HarmlessStream shown) {
            shown.document(bytes);
        } else {
            System.out.write(bytes, 0, bytes.length);
        }
    }
}
