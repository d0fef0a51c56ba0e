package app.kehre.desk.command;

import java.nio.charset.StandardCharsets;
import java.nio.file.Path;
import java.util.Objects;

import org.jspecify.annotations.Nullable;

import app.kehre.core.exercise.Library;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.PlanDocument;

/** What the commands share that read a plan. */
final class PlanCommand {

    private PlanCommand() {}

    /** What a command does with a plan. */
    interface Work {
        /** Does it. Returns the exit code. */
        int with(PlanDocument document, Library library) throws DiskTrouble, UnreadableFile;
    }

    static int run(@Nullable Path plan, Work command) {
        Path file = Objects.requireNonNull(plan, "PLAN");
        try {
            Library library = library();
            return command.with(PlanDocument.read(file.toString(), new LocalDisk().read(file), library),
                    library);
        } catch (DiskTrouble | UnreadableFile trouble) {
            System.err.println(trouble.getMessage());
            return Main.FILE_TROUBLE;
        }
    }

    /** Returns the library as the instructor has it, own exercises with it; if those cannot be read, that is said. */
    static Library library() {
        OwnLibrary ownLibrary = OwnLibrary.ofUser(BuiltInLibrary.load());
        if (!ownLibrary.trouble().isEmpty()) {
            System.err.println(ownLibrary.trouble());
        }
        return ownLibrary.library().get();
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
