package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Supplier;
import java.util.stream.Stream;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.PlanId;
import app.kehre.core.studio.Plans;
import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.desk.control.Latest;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlanInFile;
import app.kehre.desk.session.PlanInFile.Found;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.plan.PlanDocument;

/** What another window, or another program, has made of the open class where it lives. */
final class Elsewhere {

    private static final String TOPIC = "changed elsewhere";

    private final OpenPlan open;
    private final Supplier<Library> library;
    private final Surroundings around;
    private final NoticeBar notices;
    private final PlanFiles files;
    private final Latest looking = new Latest("looking");

    Elsewhere(OpenPlan open, Supplier<Library> library, Surroundings around, NoticeBar notices,
            PlanFiles files) {
        this.library = library;
        this.open = open;
        this.around = around;
        this.notices = notices;
        this.files = files;
    }

    /** Looks at where the class lives, beside the JavaFX thread, and asks what to do if somebody else has changed it. */
    void look() {
        if (open.home().get() instanceof Home.InStudio(long version)) {
            lookInStudio(version);
        }
        open.inFile().ifPresent(lies -> looking.ask(() -> lies.look(around.disk()), found -> {
            if (!open.inFile().equals(Optional.of(lies)) || found == open.found().get()) {
                return;
            }
            open.found(found);
            if (found == Found.CHANGED) {
                ask();
            } else {
                notices.dismiss(TOPIC);
            }
        }));
    }

    /** Asks whose state is to stay. */
    void ask() {
        open.inFile().map(PlanInFile::file).ifPresent(file -> {
            open.found(Found.CHANGED);
            String mine = open.unsaved().get() ? ", and so have you" : "";
            notices.show(TOPIC,
                    "Somebody else has changed %s since it was opened here%s.".formatted(file.getFileName(),
                            mine),
                    List.of(new Way("Save mine beside it", () -> files.saveNew(beside(file))),
                            new Way("Take theirs", () -> take(file)),
                            new Way("Keep mine", () -> files.saveTo(file, () -> {})),
                            new Way("Later", () -> {})));
        });
    }

    private void lookInStudio(long version) {
        PlanId plan = open.plan().identity().plan();
        looking.ask(() -> found(plan, version), found -> {
            boolean same = open.home().get().equals(new Home.InStudio(version))
                    && found != open.found().get();
            if (same && found == Found.CHANGED) {
                askStudio();
            } else if (same) {
                open.found(found);
                notices.dismiss(TOPIC);
            }
        });
    }

    private Found found(PlanId plan, long version) {
        try {
            return around.studio().studio().plans().find(plan)
                    .map(stored -> stored.version() == version ? Found.SAME : Found.CHANGED)
                    .orElse(Found.GONE);
        } catch (StudioTrouble unread) {
            return Found.UNREADABLE;
        }
    }

    /** Asks whose version in the studio is to be the latest; the other one stays among the versions. */
    void askStudio() {
        if (open.home().get() instanceof Home.InStudio) {
            open.found(Found.CHANGED);
        }
        notices.show(TOPIC,
                "\u201c%s\u201d was changed in another window since it was opened here. Both versions stay."
                        .formatted(open.plan().brief().title()),
                List.of(new Way("Mine on top", this::onTop), new Way("Take theirs", this::takeStored),
                        new Way("Mine as a class of its own", () -> {
                            open.becomeCopy();
                            files.save();
                        }), new Way("Later", () -> {})));
    }

    private void onTop() {
        files.keep(stored().map(StoredPlan::version).orElse(Plans.NONE), () -> {});
    }

    private void takeStored() {
        stored().ifPresent(stored -> {
            try {
                PlanDocument theirs = PlanDocument.read(stored.title(),
                        around.studio().studio().plans().document(stored.version()), library.get());
                open.takeTheirs(theirs, new Home.InStudio(stored.version()));
                settled();
            } catch (StudioTrouble trouble) {
                files.tell(trouble.sentence());
            } catch (UnreadableFile fault) {
                files.tell(fault.sentence());
            }
        });
    }

    private Optional<StoredPlan> stored() {
        try {
            return around.studio().studio().plans().find(open.plan().identity().plan());
        } catch (StudioTrouble trouble) {
            files.tell(trouble.sentence());
            return Optional.empty();
        }
    }

    /** The question is answered: the file and this window are at one. */
    void settled() {
        looking.drop();
        notices.dismiss(TOPIC);
    }

    private void take(Path file) {
        files.read(file, " Your own state is still open.").ifPresent(found -> {
            open.takeTheirs(found.document(), new Home.InFile(found.lies()));
            settled();
        });
    }

    /** Returns a name beside a file that nothing has: "tuesday-mine.kehre.json", "tuesday-mine-2.kehre.json". */
    private Path beside(Path file) {
        String name = file.getFileName().toString();
        String base = name.endsWith(PlanDocument.ENDING)
                ? name.substring(0, name.length() - PlanDocument.ENDING.length())
                : name;
        return Stream.iterate(1, number -> number + 1)
                .map(number -> file.resolveSibling(
                        base + (number == 1 ? "-mine" : "-mine-" + number) + PlanDocument.ENDING))
                .filter(each -> !around.disk().isThere(each)).findFirst().orElseThrow();
    }
}
