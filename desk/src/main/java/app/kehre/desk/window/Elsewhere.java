package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.desk.control.Latest;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.NoticeBar.Way;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlanInFile;
import app.kehre.desk.session.PlanInFile.Found;
import app.kehre.formats.plan.PlanDocument;

/** What another window, or another program, has made of the file of the open class. */
final class Elsewhere {

    private static final String TOPIC = "changed elsewhere";

    private final OpenPlan open;
    private final Surroundings around;
    private final NoticeBar notices;
    private final PlanFiles files;
    private final Latest looking = new Latest("looking");

    Elsewhere(OpenPlan open, Surroundings around, NoticeBar notices, PlanFiles files) {
        this.open = open;
        this.around = around;
        this.notices = notices;
        this.files = files;
    }

    /** Looks at the file beside the JavaFX thread, and asks what to do if somebody else has changed it. */
    void look() {
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

    /** The question is answered: the file and this window are at one. */
    void settled() {
        looking.drop();
        notices.dismiss(TOPIC);
    }

    private void take(Path file) {
        files.read(file, " Your own state is still open.").ifPresent(found -> {
            open.takeTheirs(found.document(), found.lies());
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
