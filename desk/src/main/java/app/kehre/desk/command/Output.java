package app.kehre.desk.command;

import java.io.IOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.util.Set;
import java.util.function.Predicate;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Option;

import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.PlanDocument;

/** Where a command writes the class that it made: nothing of another kind is replaced without being asked to. */
final class Output {

    /** The names of standard output. */
    static final Set<String> STANDARD = Set.of("-", "/dev/stdout", "/proc/self/fd/1");

    @Option(names = {"-o",
            "--output"}, paramLabel = "OUT", description = "Write the changed class to a file; - for standard output.")
    private @Nullable Path output;

    @Option(names = "--replace", description = "Replace the file even if it is no class plan.")
    private boolean replace;

    /** Returns whether the class goes to standard output, so that all that is told has to go elsewhere. */
    boolean isStandard() {
        return output != null && STANDARD.contains(output.toString());
    }

    /** Tells what was done. */
    void tell(String text) {
        if (isStandard()) {
            System.err.print(text);
        } else {
            PlanCommand.print(text);
        }
    }

    /**
     * Writes the class where that is wanted.
     *
     * @throws DiskTrouble when it was not written
     */
    void write(Path input, PlanDocument document) throws DiskTrouble {
        if (output == null) {
            return;
        }
        if (isStandard()) {
            PlanCommand.printDocument(document.bytes());
            return;
        }
        Disk disk = new LocalDisk();
        if (!replace) {
            requireKind(disk, output, PlanDocument::isPlan, "no class plan");
        }
        if (same(input, output)) {
            System.err.printf("%s is the class that was read: it is changed itself.%n", output);
        }
        disk.replace(output, document.bytes());
    }

    /**
     * Refuses a file that is there and of another kind.
     *
     * @param other what the file is then, such as "no PDF"
     */
    static void requireKind(Disk disk, Path file, Predicate<byte[]> kind, String other) throws DiskTrouble {
        boolean there = Files.isRegularFile(file);
        if (there && !kind.test(disk.read(file))) {
            throw new DiskTrouble(
                    "%s is there already and is %s. With --replace it is replaced.".formatted(file, other));
        }
    }

    /** Returns whether both names lead to one file. */
    static boolean same(Path one, Path other) throws DiskTrouble {
        try {
            return Files.exists(one) && Files.exists(other) && Files.isSameFile(one, other);
        } catch (IOException cause) {
            throw DiskTrouble.reading(other, cause);
        }
    }
}
