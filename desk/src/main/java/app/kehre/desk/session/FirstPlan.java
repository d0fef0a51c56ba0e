package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.Optional;

import app.kehre.core.exercise.Library;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/**
 * The class that a window opens with, read before the window is built.
 *
 * @param open the class
 * @param trouble why it is not the one that was asked for, a sentence; empty when it is
 */
public record FirstPlan(OpenPlan open, String trouble) {

    /**
     * Opens the class of a file; where it cannot be read, another one and the reason.
     *
     * @param otherwise what is opened without a file
     */
    public static FirstPlan of(Optional<Path> file, Disk disk, Library library, PlanDocument otherwise) {
        OpenPlan open = new OpenPlan(otherwise);
        if (file.isEmpty()) {
            return new FirstPlan(open, "");
        }
        try {
            ReadPlan read = ReadPlan.of(file.get(), disk, library);
            return new FirstPlan(new OpenPlan(read), "");
        } catch (DiskTrouble trouble) {
            return new FirstPlan(open, trouble.sentence() + " A new class is open instead.");
        } catch (UnreadableFile fault) {
            return new FirstPlan(open, fault.sentence() + " A new class is open instead.");
        }
    }
}
