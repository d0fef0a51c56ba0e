package app.kehre.desk.command;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Files;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Comparator;
import java.util.Optional;
import java.util.concurrent.TimeUnit;
import java.util.function.BooleanSupplier;
import java.util.stream.Stream;
import javafx.embed.swing.SwingFXUtils;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.EntryId;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.teaching.Press;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.look.Theme;
import app.kehre.desk.look.Type;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.teach.GroupView;
import app.kehre.desk.window.FileChoice;
import app.kehre.desk.window.MainWindow;
import app.kehre.desk.window.Place;
import app.kehre.desk.window.Surroundings;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

/** Pictures of the main views, drawn by the real window on JavaFX's headless platform. */
final class Shots {

    private static final Duration INTO_CLASS = Duration.ofSeconds(24 * 60 + 20);
    private static final Duration INTO_SIDE = Duration.ofSeconds(21);
    private static final Duration INTO_REPS = Duration.ofSeconds(92);
    private static final Duration TALKED = Duration.ofSeconds(200);
    private static final long PATIENCE_SECONDS = 60;

    private final PlanDocument document;
    private final Library library;
    private final ShotsCommand.Size size;
    private final HandClock clock;
    private final Disk disk = new LocalDisk();

    Shots(PlanDocument document, Library library, ShotsCommand.Size size) {
        this.document = document;
        this.library = library;
        this.size = size;
        this.clock = HandClock.at(document.plan().brief());
    }

    void into(Path folder) throws DiskTrouble {
        disk.makeFolder(folder);
        try {
            Path data = Files.createTempDirectory("kehre-shots");
            shoot(folder, data);
            remove(data);
        } catch (IOException trouble) {
            throw new UncheckedIOException(trouble);
        }
    }

    /** Takes the pictures; what the window keeps lies in a folder of its own that is thrown away. */
    private void shoot(Path folder, Path data) throws DiskTrouble {
        OpenStudio studio = filled(data);
        MainWindow window = FxThread.call(() -> {
            Type.load();
            OwnLibrary ownLibrary = new OwnLibrary(library, data, disk);
            MainWindow made = new MainWindow(
                    new JudgedPlan(new OpenPlan(document, home(studio)), ownLibrary.library()::get),
                    ownLibrary,
                    new Surroundings(disk, data, studio, clock, new NoFiles()));
            Stage stage = new Stage();
            stage.setScene(made.scene());
            stage.setWidth(size.width());
            stage.setHeight(size.height());
            stage.show();
            return made;
        });
        firstToning().ifPresent(entry -> FxThread.call(() -> select(window, entry)));
        shoot(window, folder.resolve("plan.png"));
        FxThread.call(() -> dress(window, Theme.DARK));
        shoot(window, folder.resolve("plan-dark.png"));
        FxThread.call(() -> dress(window, Theme.LIGHT));
        FxThread.call(() -> side(window, "findings"));
        shootWhenReady(window, folder.resolve("findings.png"), ".mend");
        FxThread.call(() -> side(window, "ledger"));
        shoot(window, folder.resolve("ledger.png"));
        FxThread.call(() -> side(window, "propose"));
        FxThread.settle();
        FxThread.call(() -> press(window, "fit-ask"));
        shootWhenReady(window, folder.resolve("fit.png"), "#fit-way-1");
        FxThread.call(() -> side(window, "line"));
        FxThread.call(() -> go(window, Place.CLASSES));
        shootWhenReady(window, folder.resolve("classes.png"), ".class-card");
        FxThread.call(() -> go(window, Place.BRIEF));
        shoot(window, folder.resolve("brief.png"));
        FxThread.call(() -> go(window, Place.COMBINATION));
        shoot(window, folder.resolve("combination.png"));
        FxThread.call(() -> go(window, Place.CHECK));
        shootWhenReady(window, folder.resolve("check.png"), ".mend");
        FxThread.call(() -> go(window, Place.EXERCISES));
        shoot(window, folder.resolve("exercises.png"));
        FxThread.call(() -> go(window, Place.LOG));
        await("the log", () -> window.scene().getRoot().lookup(".log-row") != null);
        shoot(window, folder.resolve("log.png"));
        FxThread.call(() -> go(window, Place.SHEET));
        waitForSheet(window);
        shoot(window, folder.resolve("sheet.png"));
        FxThread.call(() -> go(window, Place.TEACH));
        FxThread.call(() -> {
            window.teaching().startOrPause();
            return pass(window, INTO_CLASS);
        });
        FxThread.settle();
        FxThread.call(() -> pass(window, INTO_SIDE));
        shoot(window, folder.resolve("teach.png"));
        FxThread.call(() -> pass(window, INTO_REPS));
        Scene wall = FxThread.call(() -> wall(window));
        shoot(wall, folder.resolve("wall.png"));
        FxThread.call(() -> talk(window));
        if (spare().compareTo(TALKED) < 0) {
            await("a way to end on time", () -> window.scene().getRoot().lookup("#offer").isVisible());
            shoot(window, folder.resolve("teach-late.png"));
        }
    }

    /** A class that ends long before its slot is never late. */
    private Duration spare() {
        return document.plan().brief().slot().minus(Timeline.of(document.plan()).total());
    }

    /** A demo class lives in the studio of the demo. */
    private Home home(OpenStudio studio) {
        try {
            return studio.studio().plans().find(document.plan().identity().plan())
                    .<Home>map(stored -> new Home.InStudio(stored.version())).orElse(Home.NOWHERE);
        } catch (StudioTrouble trouble) {
            throw new IllegalStateException(trouble);
        }
    }

    private OpenStudio filled(Path data) {
        OpenStudio studio = OpenStudio.open(data.resolve(StudioFile.NAME));
        try {
            DemoClasses.fill(studio.studio(), library, clock.instant());
            DemoLog.fill(studio.studio(), library);
        } catch (StudioTrouble trouble) {
            throw new IllegalStateException(trouble);
        }
        return studio;
    }

    private MainWindow pass(MainWindow window, Duration length) {
        clock.pass(length);
        window.teaching().tick();
        return window;
    }

    private Scene wall(MainWindow window) {
        Scene wall = new Scene(new GroupView(window.teaching()), size.width(), size.height());
        Theme.LIGHT.dress(wall);
        return wall;
    }

    /** More is said than was planned, so that the class is late. */
    private MainWindow talk(MainWindow window) {
        window.teaching().press(Press.Key.TALK);
        clock.pass(TALKED);
        window.teaching().press(Press.Key.GO_ON);
        window.teaching().press(Press.Key.ONE_MORE);
        return window;
    }

    private static void remove(Path data) throws IOException {
        try (Stream<Path> all = Files.walk(data)) {
            for (Path each : all.sorted(Comparator.reverseOrder()).toList()) {
                Files.deleteIfExists(each);
            }
        }
    }

    /** The most telling line to show: the middle of the first toning part. */
    private Optional<EntryId> firstToning() {
        return document.plan().segments().stream()
                .filter(segment -> segment.role() == Role.TONING && !segment.entries().isEmpty()).findFirst()
                .map(segment -> segment.entries().get((segment.entries().size() - 1) / 2).id());
    }

    private static MainWindow select(MainWindow window, EntryId entry) {
        window.planning().select(entry);
        return window;
    }

    private static MainWindow dress(MainWindow window, Theme theme) {
        window.dress(theme);
        return window;
    }

    private static MainWindow go(MainWindow window, Place place) {
        window.go(place);
        return window;
    }

    private static MainWindow press(MainWindow window, String button) {
        ((Button) window.scene().getRoot().lookup("#" + button)).fire();
        return window;
    }

    private static MainWindow side(MainWindow window, String name) {
        ((ToggleButton) window.scene().getRoot().lookup("#side-" + name)).fire();
        return window;
    }

    /** Waits for something that is worked out beside the JavaFX thread, if there is anything, then takes the picture. */
    private void shootWhenReady(MainWindow window, Path file, String awaited) throws DiskTrouble {
        boolean nothing = document.plan().items().findAny().isEmpty()
                || document.plan().brief().group().limits().isEmpty();
        await("what is shown beside the lines",
                () -> nothing || window.scene().getRoot().lookup(awaited) != null);
        shoot(window, file);
    }

    private void shoot(MainWindow window, Path file) throws DiskTrouble {
        shoot(window.scene(), file);
    }

    private void shoot(Scene scene, Path file) throws DiskTrouble {
        FxThread.settle();
        BufferedImage picture = FxThread.call(
                () -> SwingFXUtils.fromFXImage(scene.snapshot(null), null));
        ByteArrayOutputStream png = new ByteArrayOutputStream();
        try {
            ImageIO.write(picture, "png", png);
        } catch (IOException impossible) {
            throw new UncheckedIOException(impossible);
        }
        disk.replace(file, png.toByteArray());
        System.out.println(file);
    }

    private static void waitForSheet(MainWindow window) {
        await("the sheet", window::sheetReady);
    }

    private static void await(String what, BooleanSupplier ready) {
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (!FxThread.call(ready::getAsBoolean)) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("It took more than a minute: " + what);
            }
            FxThread.settle();
        }
    }

    /** Nobody is there to choose a file. */
    record NoFiles() implements FileChoice {
        @Override
        public Optional<Path> toOpen(Kind kind) {
            return Optional.empty();
        }

        @Override
        public Optional<Path> toWrite(Kind kind, String suggestion) {
            return Optional.empty();
        }
    }
}
