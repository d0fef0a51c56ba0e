package app.kehre.desk.classes;

import java.time.ZoneId;
import java.util.ArrayList;
import java.util.Collection;
import java.util.List;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.Supplier;
import java.util.stream.Collectors;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.studio.Version;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.written.ClassText;
import app.kehre.desk.control.Latest;
import app.kehre.desk.session.OpenPlan;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** The versions of a class in the studio, without a single node. */
final class VersionsModel {

    private final StoredPlan stored;
    private final Plans plans;
    private final Supplier<Library> library;
    private final OpenPlan open;
    private final ZoneId zone;
    private final Consumer<StoredPlan> opener;
    private final Consumer<String> onTrouble;
    private final Latest reading = new Latest("versions");

    /**
     * A line of a class as it is written.
     *
     * @param text what is written
     * @param onlyHere whether the other version has no such line
     */
    record Line(String text, boolean onlyHere) {}

    /**
     * One of two versions.
     *
     * @param timeline the class
     * @param different the lines that are otherwise in the other
     * @param lines the class as it is written
     */
    record Side(Timeline timeline, Set<EntryId> different, List<Line> lines) {}

    /**
     * Two versions beside each other.
     *
     * @param then the one that was chosen
     * @param now the latest
     */
    record Compared(Side then, Side now) {

        boolean same() {
            return then.timeline.plan().equals(now.timeline.plan());
        }
    }

    /**
     * Makes a view model.
     *
     * @param zone in which times are read
     * @param opener opens the class as it stands
     * @param onTrouble told a sentence, on any thread
     */
    VersionsModel(StoredPlan stored, Plans plans, Supplier<Library> library, OpenPlan open,
            ZoneId zone, Consumer<StoredPlan> opener, Consumer<String> onTrouble) {
        this.zone = zone;
        this.stored = stored;
        this.plans = plans;
        this.library = library;
        this.open = open;
        this.opener = opener;
        this.onTrouble = onTrouble;
    }

    /** Returns the zone in which times are read. */
    ZoneId zone() {
        return zone;
    }

    String title() {
        return stored.title();
    }

    /** Asks for the versions, the latest first. */
    void ask(Consumer<List<Version>> show) {
        try {
            show.accept(plans.versions(stored.plan()));
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.sentence());
        }
    }

    /** Gives a version a name. */
    void name(Version version, String name) {
        try {
            plans.name(version.number(), name);
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.sentence());
        }
    }

    /** Holds a version against the latest. */
    void compare(Version version, Consumer<Compared> show) {
        Library all = library.get();
        reading.ask(() -> {
            try {
                return List.of(compared(read(version.number(), all).plan(),
                        read(stored.version(), all).plan(), all));
            } catch (StudioTrouble trouble) {
                onTrouble.accept(trouble.sentence());
                return List.<Compared>of();
            } catch (UnreadableFile fault) {
                onTrouble.accept(fault.sentence());
                return List.<Compared>of();
            }
        }, found -> found.forEach(show));
    }

    private PlanDocument read(long version, Library all) throws StudioTrouble, UnreadableFile {
        return PlanDocument.read(stored.title(), plans.document(version), all);
    }

    private static Compared compared(ClassPlan then, ClassPlan now, Library library) {
        List<String> before = ClassText.print(then, library).lines().toList();
        List<String> after = ClassText.print(now, library).lines().toList();
        return new Compared(side(then, now, before, after), side(now, then, after, before));
    }

    private static Side side(ClassPlan plan, ClassPlan other, List<String> lines, Collection<String> others) {
        List<String> left = new ArrayList<>(others);
        List<Line> marked = lines.stream().map(line -> new Line(line, !left.remove(line))).toList();
        Set<Entry> entries = other.lines().collect(Collectors.toSet());
        Set<EntryId> different = plan.lines().filter(line -> !entries.contains(line)).map(Entry::id)
                .collect(Collectors.toSet());
        return new Side(Timeline.of(plan), different, marked);
    }

    /** Opens the class with a version in place of the latest, as one step to undo; saving it makes it the latest. */
    void bringBack(Version version, Runnable opened) {
        Library all = library.get();
        try {
            ClassPlan then = read(version.number(), all).plan();
            opener.accept(stored);
            if (open.plan().identity().plan().equals(stored.plan())) {
                open.edit("Bring back a version", plan -> then.after(plan));
                opened.run();
            }
        } catch (StudioTrouble trouble) {
            onTrouble.accept(trouble.sentence());
        } catch (UnreadableFile fault) {
            onTrouble.accept(fault.sentence());
        }
    }
}
