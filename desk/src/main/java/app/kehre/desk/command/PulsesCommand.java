package app.kehre.desk.command;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.time.Instant;
import java.time.InstantSource;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.concurrent.Callable;
import java.util.concurrent.CompletableFuture;
import java.util.concurrent.CountDownLatch;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.scene.Scene;
import javafx.scene.control.ToggleButton;
import javafx.stage.Stage;

import org.jspecify.annotations.Nullable;
import picocli.CommandLine.Command;
import picocli.CommandLine.Model.CommandSpec;
import picocli.CommandLine.Option;
import picocli.CommandLine.Spec;

import app.kehre.core.dose.Reps;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Range;
import app.kehre.desk.look.Theme;
import app.kehre.desk.look.Type;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.teach.GroupView;
import app.kehre.desk.teach.SteadyClock;
import app.kehre.desk.window.MainWindow;
import app.kehre.desk.window.Place;
import app.kehre.desk.window.Screens;
import app.kehre.desk.window.Surroundings;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

/** {@code kehre pulses}: how long the JavaFX thread is busy in a pulse while somebody types. For developers. */
@Command(name = "pulses", hidden = true, description = {
        "Types 500 edits into a class of 120 lines, one a pulse, and prints how long the JavaFX thread was busy."})
final class PulsesCommand implements Callable<Integer> {

    private static final int LINES = 120;

    @Option(names = "--edits", defaultValue = "500", description = "How many edits (500).")
    private int edits = 500;

    @Option(names = "--before", defaultValue = "200", description = "How many edits before them, not counted (200).")
    private int before = 200;

    @Option(names = "--check", description = "With the Check place open instead of the Plan with its findings.")
    private boolean check;

    @Option(names = "--hall", paramLabel = "SECONDS", defaultValue = "0", description = "The hall with both walls for so long, in place of typing.")
    private int hall;

    @Spec
    private @Nullable CommandSpec spec;

    @Override
    public Integer call() throws InterruptedException {
        CommandSpec command = Objects.requireNonNull(spec);
        Numbers.within(command, edits, Range.of("--edits", 1, 100_000));
        Numbers.within(command, before, Range.of("--before", 0, 100_000));
        if (System.getenv("DISPLAY") == null) {
            System.setProperty("glass.platform", "Headless");
        }
        System.setProperty("prism.order", "sw");
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Library library = BuiltInLibrary.load();
        CompletableFuture<long[]> busy = new CompletableFuture<>();
        OpenPlan open = new OpenPlan(PlanDocument.of(longClass(library), library));
        MainWindow window = FxThread.call(() -> show(open, library));
        FxThread.settle();
        if (hall > 0) {
            System.out.print(inTheHall(window));
            Platform.exit();
            return 0;
        }
        FxThread.call(() -> new TypedEdits(open, edits, before, busy)).start();
        print(busy.join());
        Platform.exit();
        return 0;
    }

    /** A class is taught by the real clocks, the group's wall beside it. */
    private String inTheHall(MainWindow window) {
        CompletableFuture<String> words = new CompletableFuture<>();
        FxThread.call(() -> {
            window.go(Place.TEACH);
            Stage wall = new Stage();
            wall.setScene(new Scene(new GroupView(window.teaching()), 1280, 800));
            Theme.LIGHT.dress(wall.getScene());
            wall.show();
            window.teaching().startOrPause();
            new HallPulses(window.teaching(), Duration.ofSeconds(hall), words).start();
            return wall;
        });
        return words.join();
    }

    private MainWindow show(OpenPlan open, Library library) {
        Type.load();
        Clock clock = hall > 0 ? Clock.systemDefaultZone() : HandClock.at(open.plan().brief());
        InstantSource steady = hall > 0 ? new SteadyClock(Instant.now(), System::nanoTime) : clock;
        LocalDisk disk = new LocalDisk();
        Path data = Path.of(System.getProperty("java.io.tmpdir"), "kehre-pulses");
        OwnLibrary ownLibrary = new OwnLibrary(library, data, disk);
        MainWindow window = new MainWindow(new JudgedPlan(open, ownLibrary.library()::get), ownLibrary,
                new Surroundings(disk, data, OpenStudio.open(data.resolve(StudioFile.NAME)), clock, steady,
                        Screens.ofComputer(), new Shots.NoFiles()));
        Stage stage = new Stage();
        stage.setScene(window.scene());
        stage.setWidth(1280);
        stage.setHeight(800);
        stage.show();
        if (check) {
            window.go(Place.CHECK);
        } else {
            ((ToggleButton) window.scene().getRoot().lookup("#side-findings")).fire();
        }
        return window;
    }

    /** The demo class with as many short lines as make 120. */
    private static ClassPlan longClass(Library library) {
        ClassPlan plan = DemoPlan.load(library).plan();
        List<Exercise> short_ = library.all().stream().filter(each -> each.suits(Role.TONING)).toList();
        Segment toning = plan.segments().stream().filter(each -> each.role() == Role.TONING).findFirst()
                .orElseThrow();
        int missing = LINES - Math.toIntExact(plan.lines().count());
        for (int i = 0; i < missing; i++) {
            Exercise exercise = short_.get(i % short_.size());
            plan = plan.add(toning.id(), Integer.MAX_VALUE,
                    Item.of(plan.nextEntryId(), exercise).withDose(Reps.of(6)));
        }
        return plan;
    }

    private static void print(long[] nanos) {
        print("all", nanos);
        print("while typing", IntStream.range(0, nanos.length).filter(at -> !TypedEdits.settles(at))
                .mapToLong(at -> nanos[at]).toArray());
        print("settling what was typed",
                IntStream.range(0, nanos.length).filter(TypedEdits::settles).mapToLong(at -> nanos[at])
                        .toArray());
    }

    private static void print(String what, long[] nanos) {
        if (nanos.length == 0) {
            return;
        }
        long[] sorted = nanos.clone();
        Arrays.sort(sorted);
        System.out.printf(Locale.ROOT,
                "JavaFX thread busy in a pulse, %s: median %.1f ms, 99th percentile %.1f ms, most %.1f ms (%d edits)%n",
                what, sorted[sorted.length / 2] / 1e6, sorted[sorted.length * 99 / 100] / 1e6,
                sorted[sorted.length - 1] / 1e6, sorted.length);
    }
}
