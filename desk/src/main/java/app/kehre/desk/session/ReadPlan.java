package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;

import app.kehre.core.exercise.Library;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/**
 * A plan as it lies in a file now.
 *
 * @param document what it holds
 * @param lies where, and as which bytes
 */
public record ReadPlan(PlanDocument document, PlanInFile lies) {

    /**
     * Reads a file.
     *
     * @throws DiskTrouble when it cannot be read
     * @throws UnreadableFile when it is no plan that can be understood
     */
    public static ReadPlan of(Path file, Disk disk, Library library) throws DiskTrouble, UnreadableFile {
        byte[] bytes = disk.read(file);
        String name = Optional.ofNullable(file.getFileName()).orElse(file).toString();
        return new ReadPlan(PlanDocument.read(name, bytes, library), new PlanInFile(file, bytes));
    }
}
