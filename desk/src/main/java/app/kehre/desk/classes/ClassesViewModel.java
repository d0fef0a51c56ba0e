package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** All classes in a folder, each judged. */
public final class ClassesViewModel {

    /**
     * A class in the folder.
     *
     * @param file where it lies
     * @param assessment how it is judged; nothing when it cannot be read
     * @param problem why it cannot be read; else empty
     */
    record Found(Path file, Optional<Assessment> assessment, String problem) {}

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Disk disk;
    private final Path usual;
    private final Latest reading = new Latest("classes");

    /**
     * Makes a view model.
     *
     * @param usual the folder that is shown while the open class lies in no file
     */
    public ClassesViewModel(OpenPlan open, Supplier<Library> library, Disk disk, Path usual) {
        this.open = open;
        this.library = library;
        this.disk = disk;
        this.usual = usual;
    }

    /** Returns the folder that is shown: that of the open class, if it lies in a file. */
    Path folder() {
        return open.file().get().map(Path::toAbsolutePath).map(Path::getParent).orElse(usual);
    }

    /** Returns whether a file is the open class. */
    boolean isOpen(Path file) {
        return open.file().get().map(Path::toAbsolutePath).filter(file.toAbsolutePath()::equals).isPresent();
    }

    /** Asks for all classes of the folder, by day and time. */
    void ask(Consumer<List<Found>> show) {
        Path folder = folder();
        Library all = library.get();
        reading.ask(() -> read(folder, all), show);
    }

    private List<Found> read(Path folder, Library all) {
        List<Found> found = new ArrayList<>();
        try {
            for (Path file : disk.list(folder, PlanDocument.ENDING)) {
                found.add(read(file, folder, all));
            }
        } catch (DiskTrouble trouble) {
            found.add(new Found(folder, Optional.empty(), trouble.sentence()));
        }
        found.sort(Comparator.comparing(each -> each.assessment()
                .map(judged -> judged.timeline().plan().brief())
                .map(brief -> brief.date().atTime(brief.start())).orElse(LocalDateTime.MAX)));
        return found;
    }

    private Found read(Path file, Path folder, Library all) {
        try {
            PlanDocument document = PlanDocument.read(folder.relativize(file).toString(), disk.read(file),
                    all);
            return new Found(file, Optional.of(Assessment.of(document.plan(), all)), "");
        } catch (DiskTrouble trouble) {
            return new Found(file, Optional.empty(), trouble.sentence());
        } catch (UnreadableFile fault) {
            return new Found(file, Optional.empty(), fault.sentence());
        }
    }
}
