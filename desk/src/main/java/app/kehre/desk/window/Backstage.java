package app.kehre.desk.window;

import java.time.Duration;
import java.time.LocalDate;
import java.time.LocalDateTime;
import java.util.List;
import java.util.concurrent.Executors;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;

import app.kehre.core.dose.AsMany;
import app.kehre.core.exercise.Library;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.RunState;
import app.kehre.core.teaching.Teaching;
import app.kehre.desk.combination.CombinationViewModel;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.log.LogViewModel;
import app.kehre.desk.look.Palette;
import app.kehre.desk.plan.ChoosingViewModel;
import app.kehre.desk.plan.PlanViewModel;
import app.kehre.desk.proposals.ProposalsViewModel;
import app.kehre.desk.session.Classes;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.KeptTeaching;
import app.kehre.desk.session.Learning;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.session.Patterns;
import app.kehre.desk.session.RecentFiles;
import app.kehre.desk.session.Recovery;
import app.kehre.desk.session.Rescued;
import app.kehre.desk.session.TakeOver;
import app.kehre.desk.sheet.SheetViewModel;
import app.kehre.desk.teach.HallKeys;
import app.kehre.desk.teach.TeachViewModel;
import app.kehre.formats.disk.DiskTrouble;

/**
 * What all places share and no one sees: the open class and how it is judged, the library, the files, what is kept for a crash.
 * Made once for a window; the places are made of it.
 */
final class Backstage {

    /** What was taught for less was begun by mistake. Kehre's estimate. */
    private static final Duration LEAST_CLASS = Duration.ofMinutes(3);

    final OpenPlan open;
    final JudgedPlan judged;
    final Surroundings around;
    final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.LIGHT);
    final NoticeBar notices = new NoticeBar();
    final OwnLibrary ownLibrary;
    final Supplier<Library> library;
    final Classes classes;
    final PlanFiles files;
    final RecentFiles recent;
    final Rescue rescue;
    final TeachingRescue taught;
    final PlanViewModel planModel;
    final ChoosingViewModel choosing;
    final CombinationViewModel combinationModel;
    final SheetViewModel sheetModel;
    final TeachViewModel teachModel;
    final LogViewModel logModel;
    final Learning learning;
    final HallKeys hallKeys = new HallKeys();
    private final Recovery recovery;
    private final Patterns patterns;

    Backstage(JudgedPlan judged, OwnLibrary ownLibrary, Surroundings around) {
        this.open = judged.open();
        this.judged = judged;
        this.around = around;
        this.ownLibrary = ownLibrary;
        library = ownLibrary.library()::get;
        files = new PlanFiles(open, library, around, notices);
        files.sayPace();
        recovery = new Recovery(around.data().resolve("recovery"), around.disk(),
                trouble -> Platform.runLater(() -> files.tellUnkept(trouble)));
        rescue = new Rescue(open, library, around.disk(), notices, recovery, files);
        patterns = new Patterns(around.studio().kept(Patterns.FILE, around.data(), around.disk()));
        classes = new Classes(open, around.disk(), around.studio());
        learning = new Learning(around.studio(), this::tellStudio);
        learning.refresh();
        planModel = new PlanViewModel(open, library, patterns::all, learning);
        choosing = new ChoosingViewModel(planModel, library, judged,
                new ProposalsViewModel(open, library, classes));
        combinationModel = new CombinationViewModel(open, library);
        sheetModel = new SheetViewModel(Executors.newSingleThreadExecutor(
                work -> Thread.ofPlatform().daemon().name("sheet").unstarted(work)), around.disk(), library);
        teachModel = new TeachViewModel(open.settled().get(), around.clock(), around.steady());
        taught = new TeachingRescue(open, teachModel, around, notices,
                new KeptTeaching(around.data().resolve("teaching"), around.disk(),
                        trouble -> Platform.runLater(() -> files.tell(trouble.sentence()))),
                files);
        logModel = new LogViewModel(around.studio(), open, library, around.clock(),
                this::tellStudio, learning::refresh);
        teachModel.onCount(this::keepCount);
        teachModel.teaching().addListener((_, _, teaching) -> keepRecord(teaching));
        recent = new RecentFiles(around.data(), around.disk());
        open.file().subscribe(file -> file.ifPresent(recent::add));
        open.shown().addListener(_ -> keep());
        open.unsaved().addListener(_ -> keep());
    }

    /** Keeps the class for a later rescue as long as there is something that no file has. */
    private void keep() {
        if (open.unsaved().get() || !open.latest().equals(open.plan())) {
            Rescued now = new Rescued(open.document().with(open.latest()), open.home().get());
            recovery.keep(now::bytes);
        } else {
            recovery.forget();
        }
    }

    private void tellStudio(String sentence) {
        Platform.runLater(() -> files.tell("studio", sentence));
    }

    /** Takes up the class for the hall; one that is taught goes on as it was begun, and that is said. */
    void prepareTeaching() {
        teachModel.prepare(open.settled().get());
        if (teachModel.differsFrom(open.settled().get())) {
            teachModel.sayItGoesOn();
        }
    }

    /** Keeps the record of a class that is over; what was begun by mistake is no class. */
    private void keepRecord(Teaching teaching) {
        boolean over = teaching.run().state() == RunState.FINISHED && !teachModel.rehearses();
        if (over && !teaching.events().isEmpty()) {
            ClassRecord record = Recording.of(teaching, LocalDateTime
                    .ofInstant(teaching.events().getFirst().wall(), around.clock().getZone()));
            if (record.times().taught().compareTo(LEAST_CLASS) >= 0) {
                logModel.taught(record, open.document().with(teaching.run().course().planned().plan()));
            }
        }
    }

    /** Keeps the number done of as many as possible as the number to beat next time. */
    private void keepCount(EntryId line, int number) {
        open.plan().findItem(line).ifPresent(item -> {
            if (item.dose() instanceof AsMany many && many.toBeat() != number) {
                open.edit("number to beat",
                        plan -> plan.with(item.withDose(new AsMany(many.length(), number, many.sides()))));
            }
        });
    }

    /** Remembers the count patterns of the class. */
    void keepPatterns() throws DiskTrouble {
        patterns.keep(open.plan());
    }

    /** Takes what lay in files before into the studio, copies the studio once a day, and says what has to be said of it. */
    private void openStudio(Runnable takenOver) {
        OpenStudio studio = around.studio();
        Library all = library.get();
        studio.later(kept -> {
            List<String> said = studio.isOf(around.data())
                    ? TakeOver.of(around.data(), kept, around.disk(), all, around.clock().instant())
                    : List.of();
            if (!said.isEmpty()) {
                Platform.runLater(() -> {
                    files.tell("taken over", String.join(" ", said));
                    takenOver.run();
                });
            }
        }, this::tellStudio);
        studio.backUp(LocalDate.now(around.clock()), this::tellStudio);
        if (!studio.toSay().isEmpty()) {
            files.tell("studio", studio.toSay());
        }
    }

    /**
     * Offers what an earlier run left unsaved.
     *
     * @param teach shows the hall
     * @param takenOver told when there are classes that were not there before
     */
    void offerRescue(Runnable teach, Runnable takenOver) {
        openStudio(takenOver);
        taught.offer(library, teach);
        rescue.offer();
        if (!ownLibrary.trouble().isEmpty()) {
            files.tell("own exercises", ownLibrary.trouble());
        } else if (!ownLibrary.filled().isEmpty()) {
            files.tell("own exercises", ownLibrary.filled());
        }
    }

    /** Forgets what was kept: it is saved, or dropped on purpose. A class that is being taught can be gone on with. */
    void forget() {
        recovery.forget();
    }

    /** Finishes keeping the class; what is kept stays. */
    void stopKeeping() {
        taught.stop();
        around.studio().close();
        recovery.close();
    }
}
