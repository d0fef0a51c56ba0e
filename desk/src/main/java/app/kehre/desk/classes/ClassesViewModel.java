package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.Duration;
import java.time.LocalDateTime;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Stream;

import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.brief.BriefLine;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.ClassFolder;
import app.kehre.desk.session.FreeFile;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.RecentFiles;
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
    record Found(Path file, Optional<Assessment> assessment, String problem) {

        private Optional<Brief> brief() {
            return assessment.map(judged -> judged.plan().brief());
        }

        LocalDateTime when() {
            return brief().map(brief -> brief.date().atTime(brief.start())).orElse(LocalDateTime.MAX);
        }

        String title() {
            return brief().map(Brief::title).orElseGet(() -> String.valueOf(file.getFileName()));
        }

        Duration length() {
            return assessment.map(judged -> judged.timeline().total()).orElse(Duration.ZERO);
        }

        /** Whether every word that is looked for begins one of the words of the class. */
        boolean has(String wanted) {
            String words = " "
                    + (title() + " " + file.getFileName() + " " + brief().map(BriefLine::print).orElse(""))
                            .toLowerCase(Locale.ROOT);
            return Stream.of(wanted.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                    .allMatch(word -> words.contains(" " + word));
        }
    }

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final ClassFolder classes;
    private final RecentFiles recent;
    private final Disk disk;
    private final Latest reading = new Latest("classes");
    private List<Found> read = List.of();
    private String wanted = "";
    private Order order = Order.DAY;

    /** By what the classes are sorted. */
    enum Order {
        /** By day and time. */
        DAY("by day", Comparator.comparing(Found::when)),
        /** By name. */
        NAME("by name", Comparator.comparing(found -> found.title().toLowerCase(Locale.ROOT))),
        /** By length, the longest first. */
        LENGTH("by length", Comparator.comparing(Found::length).reversed());

        private final String words;
        private final Comparator<Found> by;

        Order(String words, Comparator<Found> by) {
            this.words = words;
            this.by = by;
        }

        @Override
        public String toString() {
            return words;
        }
    }

    /** Makes a view model. */
    public ClassesViewModel(OpenPlan open, Supplier<Library> library, ClassFolder classes, RecentFiles recent,
            Disk disk) {
        this.recent = recent;
        this.disk = disk;
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

    /** Asks for the classes of the folder. */
    void ask(Consumer<List<Found>> show) {
        Path folder = folder();
        Library all = library.get();
        reading.ask(() -> read(folder, all), found -> {
            read = found;
            show.accept(shown());
        });
    }

    /** Looks for words in the classes that were read. */
    List<Found> find(String words) {
        wanted = words;
        return shown();
    }

    /** Sorts the classes that were read. */
    List<Found> sort(Order by) {
        order = by;
        return shown();
    }

    private List<Found> shown() {
        return read.stream().filter(found -> wanted.isBlank() || found.has(wanted)).sorted(order.by).toList();
    }

    /** Returns how many classes lie there, whatever is looked for. */
    int all() {
        return read.size();
    }

    /** Returns the files that were open lately and lie elsewhere. */
    List<Path> lately() {
        Path here = folder().toAbsolutePath();
        return recent.all().stream().filter(file -> !here.equals(file.getParent())).toList();
    }

    /** Puts a class beside itself as one of its own, a week later. Returns why it could not; else nothing. */
    String duplicate(Found found) {
        try {
            PlanDocument document = PlanDocument.read(String.valueOf(found.file().getFileName()),
                    disk.read(found.file()), library.get());
            ClassPlan copy = document.plan().copy();
            Brief later = copy.brief().withDate(copy.brief().date().plusWeeks(1));
            FreeFile.create(disk, found.file(), document.with(copy.with(later)).bytes());
            return "";
        } catch (DiskTrouble trouble) {
            return trouble.sentence();
        } catch (UnreadableFile fault) {
            return fault.sentence();
        }
    }

    /** Deletes a class. Returns what brings it back, or why it was not deleted. */
    Reading<Undo> delete(Found found) {
        if (isOpen(found.file())) {
            return Reading.refused("\u201c%s\u201d is open: open another class before you delete it."
                    .formatted(found.title()));
        }
        try {
            byte[] bytes = disk.read(found.file());
            disk.remove(found.file());
            return Reading.of(() -> disk.create(found.file(), bytes));
        } catch (DiskTrouble trouble) {
            return Reading.refused(trouble.sentence());
        }
    }

    /** Brings back what was deleted. */
    interface Undo {
        void run() throws DiskTrouble;
    }

    private List<Found> read(Path folder, Library all) {
        return classes.read(folder, all).stream()
                .map(each -> new Found(each.file(),
                        each.plan().map(plan -> Assessment.orUnjudged(Timeline.of(plan), all)),
                        each.problem()))
                .toList();
    }
}
