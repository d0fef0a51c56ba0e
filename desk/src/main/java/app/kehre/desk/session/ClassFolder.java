package app.kehre.desk.session;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** The folder in which the classes lie: that of the open class, if it lies in a file. */
public final class ClassFolder {

    /** What a group did so many days before a class is varied. Kehre's estimate. */
    private static final int LATELY = 28;

    private final OpenPlan open;
    private final Disk disk;
    private final Path usual;

    /**
     * A file in the folder.
     *
     * @param file where it lies
     * @param plan what is in it; nothing when it cannot be read
     * @param problem why it cannot be read; else empty
     */
    public record Read(Path file, Optional<ClassPlan> plan, String problem) {}

    /**
     * Makes it.
     *
     * @param usual the folder while the open class lies in no file
     */
    public ClassFolder(OpenPlan open, Disk disk, Path usual) {
        this.open = open;
        this.disk = disk;
        this.usual = usual;
    }

    /** Returns where it is. */
    public Path path() {
        return open.file().get().map(Path::toAbsolutePath).map(Path::getParent).orElse(usual);
    }

    /** Reads all classes in a folder; what cannot be read says why. */
    public List<Read> read(Path folder, Library library) {
        List<Read> found = new ArrayList<>();
        try {
            for (Path file : disk.list(folder, PlanDocument.ENDING)) {
                found.add(readFile(file, folder, library));
            }
        } catch (DiskTrouble trouble) {
            found.add(new Read(folder, Optional.empty(), trouble.sentence()));
        }
        return found;
    }

    private Read readFile(Path file, Path folder, Library library) {
        try {
            PlanDocument document = PlanDocument.read(folder.relativize(file).toString(), disk.read(file),
                    library);
            return new Read(file, Optional.of(document.plan()), "");
        } catch (DiskTrouble trouble) {
            return new Read(file, Optional.empty(), trouble.sentence());
        } catch (UnreadableFile fault) {
            return new Read(file, Optional.empty(), fault.sentence());
        }
    }

    /**
     * Returns what the group of a class did in the four weeks before it: classes of the same name, or of the same hour of
     * the week.
     *
     * @param folder where they lie
     */
    public List<ClassPlan> lately(Path folder, ClassPlan plan, Library library) {
        Brief now = plan.brief();
        return read(folder, library).stream().flatMap(each -> each.plan().stream()).filter(each -> {
            Brief other = each.brief();
            boolean before = other.date().isBefore(now.date())
                    && !other.date().isBefore(now.date().minusDays(LATELY));
            boolean hour = other.start().equals(now.start())
                    && other.date().getDayOfWeek() == now.date().getDayOfWeek();
            return before && (hour || other.title().equals(now.title()));
        }).toList();
    }
}
