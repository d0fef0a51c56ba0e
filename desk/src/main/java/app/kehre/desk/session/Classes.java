package app.kehre.desk.session;

import java.nio.file.Path;
import java.time.LocalDate;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Optional;

import app.kehre.core.brief.Brief;
import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** The classes that there are: those in the studio, and the files beside the open one, if it is a file. */
public final class Classes {

    /** So many of the studio are shown at once; the others are found by their words. */
    public static final int MOST = 48;
    /** What a group did so many days before a class is varied. Kehre's estimate. */
    private static final int LATELY = 28;
    /** So many are looked through for the last of a kind. */
    private static final int LOOKED_THROUGH = 60;

    private final OpenPlan open;
    private final Disk disk;
    private final OpenStudio studio;

    /** Where a class lies. */
    public sealed interface Where {

        /**
         * In the studio.
         *
         * @param stored how it stands in the list
         */
        record InStudio(StoredPlan stored) implements Where {}

        /**
         * In a file.
         *
         * @param file which
         */
        record InFile(Path file) implements Where {}

        /** Returns what it is called while nothing else is known of it. */
        default String name() {
            return switch (this) {
                case InStudio(StoredPlan stored) -> stored.title();
                case InFile(Path file) -> String.valueOf(file.getFileName());
            };
        }
    }

    /**
     * A class.
     *
     * @param where where it lies
     * @param plan what it is; nothing when it cannot be read
     * @param problem why it cannot be read; else empty
     */
    public record Read(Where where, Optional<ClassPlan> plan, String problem) {}

    /** Makes it. */
    public Classes(OpenPlan open, Disk disk, OpenStudio studio) {
        this.open = open;
        this.disk = disk;
        this.studio = studio;
    }

    /** Returns the folder of the open class, if it is a file. */
    public Optional<Path> folder() {
        return open.file().get().map(Path::toAbsolutePath).map(Path::getParent);
    }

    private Plans plans() {
        return studio.studio().plans();
    }

    /**
     * Reads the classes of the studio that have some words, and all files of a folder; what cannot be read says why.
     *
     * @param folder nothing for the studio alone
     */
    public List<Read> read(String words, Optional<Path> folder, Library library) {
        List<Read> found = new ArrayList<>();
        try {
            for (StoredPlan stored : plans().list(words, MOST)) {
                found.add(read(stored, library));
            }
        } catch (StudioTrouble trouble) {
            found.add(new Read(new Where.InFile(Path.of(OpenStudio.NAME)), Optional.empty(),
                    trouble.sentence()));
        }
        folder.ifPresent(path -> found.addAll(files(path, library)));
        return found;
    }

    private List<Read> files(Path folder, Library library) {
        try {
            return disk.list(folder, PlanDocument.ENDING).stream().map(file -> read(file, folder, library))
                    .toList();
        } catch (DiskTrouble trouble) {
            return List.of(new Read(new Where.InFile(folder), Optional.empty(), trouble.sentence()));
        }
    }

    private Read read(Path file, Path folder, Library library) {
        try {
            PlanDocument document = PlanDocument.read(folder.relativize(file).toString(), disk.read(file),
                    library);
            return new Read(new Where.InFile(file), Optional.of(document.plan()), "");
        } catch (DiskTrouble trouble) {
            return new Read(new Where.InFile(file), Optional.empty(), trouble.sentence());
        } catch (UnreadableFile fault) {
            return new Read(new Where.InFile(file), Optional.empty(), fault.sentence());
        }
    }

    private Read read(StoredPlan stored, Library library) {
        Where where = new Where.InStudio(stored);
        try {
            return new Read(where, Optional.of(document(stored, library).plan()), "");
        } catch (StudioTrouble trouble) {
            return new Read(where, Optional.empty(), trouble.sentence());
        } catch (UnreadableFile fault) {
            return new Read(where, Optional.empty(), fault.sentence());
        }
    }

    private PlanDocument document(StoredPlan stored, Library library) throws StudioTrouble, UnreadableFile {
        return PlanDocument.read(stored.title(), plans().document(stored.version()), library);
    }

    /**
     * Returns what the group of a class did in the four weeks before it: classes of the same name, or of the same hour of
     * the week.
     *
     * @param folder as above
     */
    public List<ClassPlan> lately(Optional<Path> folder, ClassPlan plan, Library library) {
        Brief now = plan.brief();
        LocalDate from = now.date().minusDays(LATELY);
        List<ClassPlan> all = new ArrayList<>(
                folder.stream().flatMap(path -> files(path, library).stream())
                        .flatMap(each -> each.plan().stream())
                        .toList());
        all.addAll(stored(from, now.date().minusDays(1), library));
        return all.stream().filter(each -> {
            Brief other = each.brief();
            boolean before = other.date().isBefore(now.date()) && !other.date().isBefore(from);
            return before && (sameHour(other, now) || other.title().equals(now.title()));
        }).toList();
    }

    private static boolean sameHour(Brief one, Brief other) {
        return one.start().equals(other.start()) && one.date().getDayOfWeek() == other.date().getDayOfWeek();
    }

    private List<ClassPlan> stored(LocalDate from, LocalDate to, Library library) {
        try {
            return plans().between(from, to, LOOKED_THROUGH).stream().map(each -> read(each, library))
                    .flatMap(each -> each.plan().stream()).toList();
        } catch (StudioTrouble unread) {
            return List.of();
        }
    }

    /**
     * Finds the last class at the same hour of the week until a day; where there is none, the last of the same kind.
     *
     * @param folder as above
     */
    public Optional<ClassPlan> last(Optional<Path> folder, Brief brief, Library library) {
        List<ClassPlan> all = new ArrayList<>(
                folder.stream().flatMap(path -> files(path, library).stream())
                        .flatMap(each -> each.plan().stream())
                        .filter(each -> !each.brief().date().isAfter(brief.date())).toList());
        all.addAll(stored(LocalDate.EPOCH, brief.date(), library));
        Comparator<ClassPlan> byDay = Comparator.comparing(each -> each.brief().date());
        return all.stream().filter(each -> sameHour(each.brief(), brief)).max(byDay)
                .or(() -> all.stream().filter(each -> each.brief().format() == brief.format()).max(byDay));
    }
}
