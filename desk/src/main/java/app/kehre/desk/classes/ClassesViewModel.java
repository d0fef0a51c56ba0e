package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.Clock;
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
import app.kehre.core.studio.ChangedElsewhere;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.Classes.Where;
import app.kehre.desk.session.FreeFile;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.RecentFiles;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** All classes, each judged. */
public final class ClassesViewModel {

    /**
     * A class.
     *
     * @param where where it lies
     * @param assessment how it is judged; nothing when it cannot be read
     * @param problem why it cannot be read; else empty
     */
    record Found(Where where, Optional<Assessment> assessment, String problem) {

        private Optional<Brief> brief() {
            return assessment.map(judged -> judged.plan().brief());
        }

        LocalDateTime when() {
            return brief().map(brief -> brief.date().atTime(brief.start())).orElse(LocalDateTime.MAX);
        }

        String title() {
            return brief().map(Brief::title).orElseGet(where::name);
        }

        Duration length() {
            return assessment.map(judged -> judged.timeline().total()).orElse(Duration.ZERO);
        }

        /** Whether it is the same class, however it was changed meanwhile, or taken over from its file into the studio. */
        boolean same(Found other) {
            return where instanceof Where.InStudio(StoredPlan mine)
                    && other.where instanceof Where.InStudio(StoredPlan theirs)
                            ? mine.plan().equals(theirs.plan())
                            : where.equals(other.where)
                                    || !where.getClass().equals(other.where.getClass())
                                            && title().equals(other.title()) && when().equals(other.when());
        }

        /** Whether every word that is looked for begins one of the words of the class. */
        boolean has(String wanted) {
            String words = " "
                    + (title() + " " + where.name() + " " + brief().map(BriefLine::print).orElse(""))
                            .toLowerCase(Locale.ROOT);
            return Stream.of(wanted.toLowerCase(Locale.ROOT).strip().split("\\s+"))
                    .allMatch(word -> words.contains(" " + word));
        }
    }

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Classes classes;
    private final Plans plans;
    private final Clock clock;
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
    public ClassesViewModel(OpenPlan open, Supplier<Library> library, Classes classes, RecentFiles recent,
            Disk disk, Plans plans, Clock clock) {
        this.recent = recent;
        this.disk = disk;
        this.open = open;
        this.library = library;
        this.classes = classes;
        this.plans = plans;
        this.clock = clock;
    }

    /** Returns the folder whose files are shown too, if the open class is a file. */
    Optional<Path> folder() {
        return classes.folder();
    }

    /** Returns whether it is the open class. */
    boolean isOpen(Where where) {
        return switch (where) {
            case Where.InFile(Path file) -> open.file().get().map(Path::toAbsolutePath)
                    .filter(file.toAbsolutePath()::equals).isPresent();
            case Where.InStudio(StoredPlan stored) -> open.home().get() instanceof Home.InStudio
                    && open.plan().identity().plan().equals(stored.plan());
        };
    }

    /** Asks for the classes that have the words that are looked for. */
    void ask(Consumer<List<Found>> show) {
        Optional<Path> folder = folder();
        String words = wanted;
        Library all = library.get();
        reading.ask(() -> read(words, folder, all), found -> {
            read = found;
            show.accept(shown());
        });
    }

    /** Looks for words. */
    void find(String words, Consumer<List<Found>> show) {
        wanted = words;
        ask(show);
    }

    /** Sorts the classes that were read. */
    List<Found> sort(Order by) {
        order = by;
        return shown();
    }

    private List<Found> shown() {
        return read.stream().filter(
                found -> wanted.isBlank() || found.where() instanceof Where.InStudio || found.has(wanted))
                .sorted(order.by).toList();
    }

    /** Returns whether something is looked for. */
    boolean looking() {
        return !wanted.isBlank();
    }

    /** Returns whether only the latest are shown. */
    boolean more() {
        return read.stream().filter(found -> found.where() instanceof Where.InStudio).count() >= Classes.MOST;
    }

    /** Returns the files that were open lately and lie elsewhere. */
    List<Path> lately() {
        Optional<Path> here = folder();
        return recent.all().stream().filter(file -> !here.equals(Optional.ofNullable(file.getParent())))
                .toList();
    }

    /** Puts a class beside itself as one of its own, a week later. Returns why it could not; else nothing. */
    String duplicate(Found found) {
        try {
            PlanDocument document = document(found.where());
            ClassPlan copy = document.plan().copy();
            ClassPlan later = copy.with(copy.brief().withDate(copy.brief().date().plusWeeks(1)));
            switch (found.where()) {
                case Where.InFile(Path file) -> FreeFile.create(disk, file, document.with(later).bytes());
                case Where.InStudio _ ->
                    new OpenPlan(document.with(later)).keep(plans, Plans.NONE, clock.instant());
            }
            return "";
        } catch (DiskTrouble trouble) {
            return trouble.sentence();
        } catch (UnreadableFile fault) {
            return fault.sentence();
        } catch (StudioTrouble trouble) {
            return trouble.sentence();
        } catch (ChangedElsewhere impossible) {
            return String.valueOf(impossible.getMessage());
        }
    }

    private PlanDocument document(Where where) throws DiskTrouble, UnreadableFile, StudioTrouble {
        byte[] bytes = switch (where) {
            case Where.InFile(Path file) -> disk.read(file);
            case Where.InStudio(StoredPlan stored) -> plans.document(stored.version());
        };
        return PlanDocument.read(where.name(), bytes, library.get());
    }

    /** Returns the versions of a class of the studio. */
    VersionsModel versions(StoredPlan stored, Consumer<Where> opener, Consumer<String> onTrouble) {
        return new VersionsModel(stored, plans, library, open, clock.getZone(),
                plan -> opener.accept(new Where.InStudio(plan)),
                onTrouble);
    }

    /** Deletes a class. Returns what brings it back, or why it was not deleted. */
    Reading<Undo> delete(Found found) {
        if (isOpen(found.where())) {
            return Reading.refused("\u201c%s\u201d is open: open another class before you delete it."
                    .formatted(found.title()));
        }
        try {
            return Reading.of(switch (found.where()) {
                case Where.InFile(Path file) -> {
                    byte[] bytes = disk.read(file);
                    disk.remove(file);
                    yield () -> disk.create(file, bytes);
                }
                case Where.InStudio(StoredPlan stored) -> {
                    plans.delete(stored.plan(), true);
                    yield () -> plans.delete(stored.plan(), false);
                }
            });
        } catch (DiskTrouble trouble) {
            return Reading.refused(trouble.sentence());
        } catch (StudioTrouble trouble) {
            return Reading.refused(trouble.sentence());
        }
    }

    /** Brings back what was deleted. */
    interface Undo {
        void run() throws DiskTrouble, StudioTrouble;
    }

    private List<Found> read(String words, Optional<Path> folder, Library all) {
        return classes.read(words, folder, all).stream()
                .map(each -> new Found(each.where(),
                        each.plan().map(plan -> Assessment.orUnjudged(Timeline.of(plan), all)),
                        each.problem()))
                .toList();
    }
}
