package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;

import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.ClassFolder;
import app.kehre.desk.session.OpenPlan;

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
    private final ClassFolder classes;
    private final Latest reading = new Latest("classes");

    /** Makes a view model. */
    public ClassesViewModel(OpenPlan open, Supplier<Library> library, ClassFolder classes) {
        this.open = open;
        this.library = library;
        this.classes = classes;
    }

    /** Returns the folder that is shown. */
    Path folder() {
        return classes.path();
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
        return classes.read(folder, all).stream()
                .map(each -> new Found(each.file(),
                        each.plan().map(plan -> Assessment.orUnjudged(Timeline.of(plan), all)),
                        each.problem()))
                .sorted(Comparator.comparing(each -> each.assessment()
                        .map(judged -> judged.timeline().plan().brief())
                        .map(brief -> brief.date().atTime(brief.start())).orElse(LocalDateTime.MAX)))
                .toList();
    }
}
