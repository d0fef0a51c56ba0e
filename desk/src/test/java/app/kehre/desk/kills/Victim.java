package app.kehre.desk.kills;

import java.nio.file.Path;
import java.util.SplittableRandom;
import java.util.concurrent.CountDownLatch;
import javafx.application.Platform;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.stage.Stage;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Press;
import app.kehre.desk.command.FxThread;
import app.kehre.desk.command.HandClock;
import app.kehre.desk.look.Type;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.window.AppWindow;
import app.kehre.desk.window.FileChoice;
import app.kehre.desk.window.MainWindow;
import app.kehre.desk.window.Place;
import app.kehre.desk.window.Surroundings;
import app.kehre.formats.disk.LocalDisk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.store.StudioFile;

/**
 * A real window in a process of its own, in which somebody edits without a pause until it is killed. Each edit is said
 * on standard output once it is made. Arguments: the data folder, the plan, what is done, a seed.
 */
public final class Victim {

    private Victim() {}

    /** Works until it is killed. */
    public static void main(String... arguments) throws InterruptedException {
        System.setProperty("glass.platform", "Headless");
        System.setProperty("prism.order", "sw");
        CountDownLatch started = new CountDownLatch(1);
        Platform.startup(started::countDown);
        started.await();
        Library library = BuiltInLibrary.load();
        OpenPlan open = new OpenPlan(DemoPlan.load(library));
        MainWindow window = FxThread.call(() -> show(open, library, Path.of(arguments[0])));
        FxThread.call(() -> {
            if (!arguments[2].equals("studio")) {
                window.open(Path.of(arguments[1]));
            }
            window.offerRescue();
            return window;
        });
        work(open, window, arguments[2], new SplittableRandom(Long.parseLong(arguments[3])));
    }

    private static MainWindow show(OpenPlan open, Library library, Path data) {
        Type.load();
        Stage stage = new Stage();
        OwnLibrary ownLibrary = new OwnLibrary(library, data, new LocalDisk());
        AppWindow window = new AppWindow(stage, new JudgedPlan(open, ownLibrary.library()::get), ownLibrary,
                new Surroundings(new LocalDisk(), data, OpenStudio.open(data.resolve(StudioFile.NAME)),
                        HandClock.at(open.plan().brief()), new NoFiles()));
        window.show();
        return window.content();
    }

    private static void work(OpenPlan open, MainWindow window, String what, SplittableRandom random)
            throws InterruptedException {
        if (what.equals("rescue")) {
            FxThread.call(() -> press(window, "Open it"));
            say("opened");
            Thread.sleep(60_000);
            return;
        }
        if (what.equals("teach")) {
            teach(window, random);
        }
        for (int edit = 1;; edit++) {
            String note = "edit " + edit;
            FxThread.call(
                    () -> open.edit("Note", plan -> plan.with(plan.entry(EntryId.FIRST).withNote(note))));
            say(note);
            if ((what.equals("save") || what.equals("studio")) && random.nextInt(4) == 0) {
                FxThread.call(() -> save(window));
            }
            Thread.sleep(random.nextInt(20, 180));
        }
    }

    /** Presses that change nothing but the run; each is said once it is made. */
    private static void teach(MainWindow window, SplittableRandom random) throws InterruptedException {
        FxThread.call(() -> {
            window.go(Place.TEACH);
            window.teaching().startOrPause();
            return window;
        });
        for (int press = 1;; press++) {
            FxThread.call(() -> {
                window.teaching().press(Press.Key.NEXT);
                return window;
            });
            say("edit " + press);
            Thread.sleep(random.nextInt(20, 180));
        }
    }

    private static boolean save(MainWindow window) {
        ((Button) window.scene().getRoot().lookup("#save")).fire();
        return true;
    }

    private static boolean press(MainWindow window, String words) {
        for (Node each : window.scene().getRoot().lookupAll(".button")) {
            if (each instanceof Button button && words.equals(button.getText())) {
                button.fire();
                return true;
            }
        }
        throw new IllegalStateException("There is no button " + words);
    }

    private static void say(String words) {
        System.out.println(words);
        System.out.flush();
    }

    /** Nobody is there to choose a file. */
    private record NoFiles() implements FileChoice {
        @Override
        public java.util.Optional<Path> toOpen(Kind kind) {
            return java.util.Optional.empty();
        }

        @Override
        public java.util.Optional<Path> toWrite(Kind kind, String suggestion) {
            return java.util.Optional.empty();
        }
    }
}
