package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Instant;
import java.time.LocalDate;
import java.time.ZoneId;
import java.util.Locale;
import java.util.Optional;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.stage.Stage;
import javafx.stage.Window;

import app.kehre.core.edit.Skeleton;
import app.kehre.core.exercise.Library;
import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.look.Type;
import app.kehre.desk.session.FirstPlan;
import app.kehre.desk.session.Folders;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.teach.SteadyClock;
import app.kehre.desk.window.AppWindow;
import app.kehre.desk.window.FileChoice;
import app.kehre.desk.window.Screens;
import app.kehre.desk.window.Surroundings;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.json.UnreadableFile;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

/** Starts JavaFX, with or without a display. */
final class Launch {

    /** The exit code where there is no display. */
    static final int NO_DISPLAY = 2;

    private static final String HOW = "No display was found, so the window cannot open."
            + " See the program all the same with \"kehre shots DIR\", or under a virtual display"
            + " (xvfb-run ./kehre demo).";

    private Launch() {}

    /**
     * What needs no window, so that it is got ready while JavaFX starts.
     *
     * @param judged the class to open with
     * @param studio what is kept between classes
     * @param trouble why it is not the one that was asked for; empty when it is
     */
    private record Ready(OwnLibrary ownLibrary, JudgedPlan judged, OpenStudio studio, String trouble) {

        static Ready of(Optional<Path> file, boolean demo, Optional<Path> studio) {
            CompletableFuture<Library> meanwhile = CompletableFuture.supplyAsync(BuiltInLibrary::load,
                    work -> Thread.ofPlatform().daemon().name("library").start(work));
            OpenStudio open = OpenStudio.open(studio.orElseGet(() -> usualStudio(demo)));
            Library library = meanwhile.join();
            Disk disk = new LocalDisk();
            OwnLibrary own = new OwnLibrary(library, open.kept(OwnLibrary.FILE, Folders.data(), disk));
            FirstPlan first = demo
                    ? DemoClasses.first(open.studio(), own.library().get(), Instant.now())
                    : FirstPlan.of(file, disk, own.library().get(), PlanDocument.of(
                            Skeleton.of(LocalDate.now(ZoneId.systemDefault())), library));
            return new Ready(own, new JudgedPlan(first.open(), own.library()::get), open,
                    first.trouble());
        }
    }

    /** Opens the window. Returns at once with 0, or with {@link #NO_DISPLAY} after saying so in one line. */
    static int window(Optional<Path> file, boolean demo, Optional<Path> studio) {
        return window(file, demo, studio, _ -> {});
    }

    /**
     * As above.
     *
     * @param shown told of the open class once the window is there, on the JavaFX thread
     */
    static int window(Optional<Path> file, boolean demo, Optional<Path> studio, Consumer<OpenPlan> shown) {
        if (!displayNamed()) {
            System.err.println(HOW);
            return NO_DISPLAY;
        }
        FaultLog.into(Folders.data());
        CompletableFuture<Ready> ready = CompletableFuture.supplyAsync(() -> Ready.of(file, demo, studio));
        if (!toolkitStarts()) {
            System.err.println(HOW);
            return NO_DISPLAY;
        }
        Platform.runLater(() -> {
            try {
                Ready all = ready.join();
                show(all, demo);
                shown.accept(all.judged().open());
            } catch (RuntimeException fault) {
                FaultLog.fault("opening the window", fault);
                System.err.println(
                        "Kehre itself failed at opening its window. Where is written to %s in the data folder."
                                .formatted(FaultLog.FILE));
                System.exit(Main.FAILED);
            }
        });
        return 0;
    }

    private static void show(Ready ready, boolean demo) {
        Type.load();
        Stage stage = new Stage();
        AppWindow window = new AppWindow(stage, ready.judged(), ready.ownLibrary(),
                surroundings(stage, ready.studio()));
        Thread.setDefaultUncaughtExceptionHandler((thread, fault) -> {
            FaultLog.fault("uncaught on " + thread.getName(), fault);
            Platform.runLater(() -> window.content().tellFault());
        });
        window.show();
        if (demo) {
            Library library = ready.ownLibrary().library().get();
            window.content().fillLog(studio -> {
                DemoClasses.fill(studio, library, Instant.now());
                DemoLog.fill(studio, library);
            });
        }
        window.content().offerRescue();
        if (!ready.trouble().isEmpty()) {
            window.content().tell(ready.trouble());
        }
    }

    /** Draws the main views into a folder. */
    static int shots(Path folder, Optional<Path> plan, ShotsCommand.Size size)
            throws DiskTrouble, UnreadableFile {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        Library library = BuiltInLibrary.load();
        PlanDocument document = plan.isPresent()
                ? PlanDocument.read(plan.get().toString(), new LocalDisk().read(plan.get()), library)
                : DemoPlan.load(library);
        if (!toolkitStarts()) {
            throw new IllegalStateException("JavaFX's headless platform did not start.");
        }
        try {
            new Shots(document, library, size).into(folder);
        } finally {
            Platform.exit();
        }
        return 0;
    }

    /** What is made up for the demo is kept apart from what somebody taught. */
    static Path usualStudio(boolean demo) {
        Path data = Folders.data();
        return (demo ? data.resolve("demo") : data).resolve(StudioFile.NAME);
    }

    private static Surroundings surroundings(Window owner, OpenStudio studio) {
        return new Surroundings(new LocalDisk(), Folders.data(), studio, Clock.system(ZoneId.systemDefault()),
                new SteadyClock(Instant.now(), System::nanoTime), Screens.ofComputer(),
                FileChoice.ofSystem(() -> owner));
    }

    private static boolean displayNamed() {
        boolean unix = !System.getProperty("os.name", "").toLowerCase(Locale.ROOT).matches("(windows|mac).*");
        boolean headless = "Headless".equalsIgnoreCase(System.getProperty("glass.platform", ""));
        return !unix || headless || !System.getenv().getOrDefault("DISPLAY", "").isBlank();
    }

    /** Starts JavaFX and waits for it. A display that is named but not there fails here. */
    private static boolean toolkitStarts() {
        CountDownLatch started = new CountDownLatch(1);
        try {
            Platform.startup(started::countDown);
            started.await();
            return true;
        } catch (UnsupportedOperationException | UnsatisfiedLinkError noDisplay) {
            return false;
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            return false;
        }
    }
}
