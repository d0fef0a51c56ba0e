package app.kehre.desk.command;

import java.awt.image.BufferedImage;
import java.io.ByteArrayOutputStream;
import java.io.IOException;
import java.io.UncheckedIOException;
import java.nio.file.Path;
import java.time.Duration;
import java.util.Optional;
import java.util.concurrent.CountDownLatch;
import java.util.concurrent.TimeUnit;
import java.util.concurrent.atomic.AtomicReference;
import java.util.function.Supplier;
import javafx.animation.AnimationTimer;
import javafx.application.Platform;
import javafx.embed.swing.SwingFXUtils;
import javafx.stage.Stage;
import javax.imageio.ImageIO;

import org.jspecify.annotations.Nullable;

import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.desk.look.Theme;
import app.kehre.desk.look.Type;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.window.FileChoice;
import app.kehre.desk.window.MainWindow;
import app.kehre.desk.window.Place;
import app.kehre.desk.window.Surroundings;
import app.kehre.formats.disk.Disk;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.plan.PlanDocument;

/** Pictures of the main views, drawn by the real window on JavaFX's headless platform. */
final class Shots {

    private static final int PULSES = 4;
    private static final Duration INTO_CLASS = Duration.ofSeconds(24 * 60 + 41);
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
        Path nowhere = folder.resolve("unused");
        MainWindow window = onFx(() -> {
            Type.load();
            MainWindow made = new MainWindow(new OpenPlan(document), library,
                    new Surroundings(disk, nowhere, clock, new NoFiles()));
            Stage stage = new Stage();
            stage.setScene(made.scene());
            stage.setWidth(size.width());
            stage.setHeight(size.height());
            stage.show();
            return made;
        });
        firstToning().ifPresent(entry -> onFx(() -> select(window, entry)));
        shoot(window, folder.resolve("plan.png"));
        onFx(() -> dress(window, Theme.DARK));
        shoot(window, folder.resolve("plan-dark.png"));
        onFx(() -> dress(window, Theme.LIGHT));
        onFx(() -> go(window, Place.SHEET));
        waitForSheet(window);
        shoot(window, folder.resolve("sheet.png"));
        onFx(() -> go(window, Place.TEACH));
        onFx(() -> {
            window.teaching().startOrPause();
            clock.pass(INTO_CLASS);
            window.teaching().tick();
            return window;
        });
        shoot(window, folder.resolve("teach.png"));
    }

    /** The most telling line to show: the middle of the first toning part. */
    private Optional<Integer> firstToning() {
        return document.plan().segments().stream()
                .filter(segment -> segment.role() == Role.TONING && !segment.entries().isEmpty()).findFirst()
                .map(segment -> segment.entries().get((segment.entries().size() - 1) / 2).id());
    }

    private static MainWindow select(MainWindow window, int entry) {
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

    private void shoot(MainWindow window, Path file) throws DiskTrouble {
        pulses();
        BufferedImage picture = onFx(
                () -> SwingFXUtils.fromFXImage(window.scene().snapshot(null), null));
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
        long end = System.nanoTime() + TimeUnit.SECONDS.toNanos(PATIENCE_SECONDS);
        while (!onFx(window::sheetReady)) {
            if (System.nanoTime() > end) {
                throw new IllegalStateException("The sheet was not made in a minute.");
            }
            pulses();
        }
    }

    /** Lets the window lay itself out and draw. */
    private static void pulses() {
        CountDownLatch drawn = new CountDownLatch(PULSES);
        AnimationTimer timer = onFx(() -> {
            AnimationTimer counting = new AnimationTimer() {
                @Override
                public void handle(long now) {
                    drawn.countDown();
                }
            };
            counting.start();
            return counting;
        });
        await(drawn);
        onFx(() -> {
            timer.stop();
            return timer;
        });
    }

    private static <T> T onFx(Supplier<T> work) {
        AtomicReference<@Nullable T> result = new AtomicReference<>();
        AtomicReference<@Nullable RuntimeException> fault = new AtomicReference<>();
        CountDownLatch done = new CountDownLatch(1);
        Platform.runLater(() -> {
            try {
                result.set(work.get());
            } catch (RuntimeException found) {
                fault.set(found);
            } finally {
                done.countDown();
            }
        });
        await(done);
        T value = result.get();
        if (value == null) {
            throw new IllegalStateException("A view could not be drawn.", fault.get());
        }
        return value;
    }

    private static void await(CountDownLatch latch) {
        try {
            if (!latch.await(PATIENCE_SECONDS, TimeUnit.SECONDS)) {
                throw new IllegalStateException("The window did not answer in a minute.");
            }
        } catch (InterruptedException stopped) {
            Thread.currentThread().interrupt();
            throw new IllegalStateException(stopped);
        }
    }

    /** Nobody is there to choose a file. */
    private record NoFiles() implements FileChoice {
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
