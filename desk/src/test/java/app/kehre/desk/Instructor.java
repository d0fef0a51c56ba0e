package app.kehre.desk;

import java.nio.file.Path;
import java.time.Clock;
import java.time.Duration;
import java.util.ArrayDeque;
import java.util.ArrayList;
import java.util.Deque;
import java.util.LinkedHashSet;
import java.util.List;
import java.util.Objects;
import java.util.Optional;
import java.util.Set;
import java.util.function.BooleanSupplier;
import java.util.function.Supplier;
import javafx.application.Platform;
import javafx.event.ActionEvent;
import javafx.geometry.Bounds;
import javafx.geometry.Point2D;
import javafx.scene.Node;
import javafx.scene.Parent;
import javafx.scene.control.Button;
import javafx.scene.control.CheckMenuItem;
import javafx.scene.control.Label;
import javafx.scene.control.Labeled;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TableView;
import javafx.scene.control.TextInputControl;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.input.MouseButton;
import javafx.scene.robot.Robot;
import javafx.stage.Stage;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.desk.command.FxThread;
import app.kehre.desk.command.HandClock;
import app.kehre.desk.control.Switchback;
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
import app.kehre.formats.disk.Disk;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.plan.PlanDocument;
import app.kehre.store.StudioFile;

/** Somebody at the real window: clicks, presses keys, types, and says what is to be seen. */
public final class Instructor implements AutoCloseable {

    /** The library that ships with Kehre. */
    public static final Library LIBRARY = BuiltInLibrary.load();

    private static final int MOST_LINES = 80;
    private static boolean started;

    private final Stage stage;
    private final OpenPlan open;
    private final AppWindow window;
    private final HandClock clock;
    private final HandScreens screens = new HandScreens();
    private final Deque<Path> answers = new ArrayDeque<>();

    private Instructor(PlanDocument document, Path data, Disk disk, Library library) {
        clock = HandClock.at(document.plan().brief());
        open = new OpenPlan(document);
        stage = new Stage();
        OpenStudio studio = OpenStudio.open(data.resolve(StudioFile.NAME));
        OwnLibrary ownLibrary = new OwnLibrary(library, studio.kept(OwnLibrary.FILE, data, disk));
        window = new AppWindow(stage, new JudgedPlan(open, ownLibrary.library()::get), ownLibrary,
                new Surroundings(disk, data, studio, clock, clock,
                        screens,
                        new Answers()));
        window.show();
        window.content().offerRescue();
    }

    /** Opens the window with a plan. */
    public static Instructor with(ClassPlan plan, Path data, Disk disk) {
        return with(plan, data, disk, LIBRARY);
    }

    /** Opens the window with a plan and another library. */
    public static Instructor with(ClassPlan plan, Path data, Disk disk, Library library) {
        startOnce();
        Instructor instructor = onFx(() -> {
            Type.load();
            return new Instructor(PlanDocument.of(plan, LIBRARY), data, disk, library);
        });
        instructor.settle();
        return instructor;
    }

    /** Opens the window with the demo class. */
    public static Instructor withDemo(Path data, Disk disk) {
        return with(DemoPlan.load(LIBRARY).plan(), data, disk);
    }

    /** Starts JavaFX, once for all tests. */
    public static synchronized void startOnce() {
        if (!started) {
            started = true;
            Platform.startup(() -> Platform.setImplicitExit(false));
            FxThread.settle();
        }
    }

    /** Says which file to answer with when the window asks next. */
    public Instructor answers(Path file) {
        answers.add(file);
        return this;
    }

    /** Presses a key, with others held down. */
    public Instructor presses(KeyCode key, KeyCode... held) {
        onFx(() -> {
            Robot robot = new Robot();
            for (KeyCode each : held) {
                robot.keyPress(each);
            }
            robot.keyPress(key);
            robot.keyRelease(key);
            for (KeyCode each : held) {
                robot.keyRelease(each);
            }
            return robot;
        });
        settle();
        return this;
    }

    /** Types over what is selected in the field that has the keyboard. */
    public Instructor types(String text) {
        for (int i = 0; i < text.length(); i++) {
            String character = text.substring(i, i + 1);
            onFx(() -> {
                Node focused = focused();
                focused.fireEvent(new KeyEvent(KeyEvent.KEY_TYPED, character, "", KeyCode.UNDEFINED, false,
                        false, false, false));
                return focused;
            });
        }
        settle();
        return this;
    }

    /** Selects all of the field that has the keyboard, then types. */
    public Instructor writes(String text) {
        onFx(() -> {
            ((TextInputControl) focused()).selectAll();
            return stage;
        });
        return types(text);
    }

    /** Clicks into the middle of a node, scrolled into view if it lies in a scrolled page. */
    public Instructor clicks(String selector) {
        return clicks(() -> find(selector));
    }

    private Instructor clicks(Supplier<Node> found) {
        onFx(() -> {
            reveal(found.get());
            return stage;
        });
        settle();
        return clicksAt(onFx(() -> {
            Node node = found.get();
            Bounds bounds = node.localToScreen(node.getBoundsInLocal());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        }));
    }

    /** Clicks on a line of the road, by its number. */
    public Instructor clicksOnRoad(int entry) {
        return clicksOnRoad(new EntryId(entry));
    }

    /** Clicks on a line of the road. */
    public Instructor clicksOnRoad(EntryId entry) {
        return clicksAt(onFx(() -> {
            Switchback road = (Switchback) find("#road");
            return road.localToScreen(road.middleOf(entry));
        }));
    }

    /** Clicks on the button with these words. */
    public Instructor clicksButton(String words) {
        return clicksAt(onFx(() -> {
            Node button = laidOut().lookupAll(".button").stream()
                    .filter(each -> each instanceof Button found && words.equals(found.getText())
                            && each.isVisible())
                    .findFirst().orElseThrow(() -> new AssertionError("no button \"" + words + "\""));
            Bounds bounds = button.localToScreen(button.getBoundsInLocal());
            return new Point2D(bounds.getCenterX(), bounds.getCenterY());
        }));
    }

    /** Clicks on what a screen reader calls so, scrolled into view. */
    public Instructor clicksCalled(String accessible) {
        return clicks(() -> called(accessible));
    }

    private Node called(String accessible) {
        return laidOut().lookupAll("*").stream().filter(each -> accessible.equals(each.getAccessibleText()))
                .findFirst().orElseThrow(() -> new AssertionError("nothing called \"" + accessible + "\""));
    }

    private static void reveal(Node node) {
        Node parent = node.getParent();
        while (parent != null && !(parent instanceof ScrollPane)) {
            parent = parent.getParent();
        }
        if (parent instanceof ScrollPane pane && pane.getContent() != null) {
            double hidden = pane.getContent().getBoundsInLocal().getHeight()
                    - pane.getViewportBounds().getHeight();
            double middle = pane.getContent().sceneToLocal(node.localToScene(node.getBoundsInLocal()))
                    .getCenterY();
            if (hidden > 1) {
                pane.setVvalue(
                        Math.clamp((middle - pane.getViewportBounds().getHeight() / 2) / hidden, 0, 1));
            }
        }
    }

    private Instructor clicksAt(Point2D at) {
        onFx(() -> {
            Robot robot = new Robot();
            robot.mouseMove(at);
            robot.mouseClick(MouseButton.PRIMARY);
            return robot;
        });
        settle();
        return this;
    }

    /** Pulls the window to another size. */
    public Instructor pulls(double width, double height) {
        onFx(() -> {
            stage.setWidth(width);
            stage.setHeight(height);
            return stage;
        });
        settle();
        return this;
    }

    /** Plugs a second screen in, or pulls it out. */
    public Instructor secondScreen(boolean there) {
        onFx(() -> {
            screens.second(there);
            return screens;
        });
        settle();
        return this;
    }

    /** Returns all texts that are seen. */
    public List<String> words() {
        return onFx(() -> laidOut().lookupAll(".label").stream()
                .filter(Label.class::isInstance).map(each -> ((Label) each).getText()).toList());
    }

    /** Returns what sticks out of a pane at its right, in words: what does not fit into the window is not seen. */
    public List<String> sticksOutOf(String selector) {
        return onFx(() -> {
            Node pane = find(selector);
            double right = pane.localToScene(pane.getLayoutBounds()).getMaxX() + 1;
            return pane.lookupAll("*").stream().filter(Labeled.class::isInstance).map(Labeled.class::cast)
                    .filter(Instructor::isSeen)
                    .filter(each -> each.localToScene(each.getBoundsInLocal()).getMaxX() > right)
                    .map(Labeled::getText).toList();
        });
    }

    /** Returns those of the labels of a kind that are seen and end in dots, since their place is too small. */
    public List<String> cutOff(String selector) {
        return onFx(() -> laidOut().lookupAll(selector).stream().map(Labeled.class::cast)
                .filter(Instructor::isSeen).filter(Labeled::isTextTruncated).map(Labeled::getText).toList());
    }

    private static boolean isSeen(Node node) {
        for (Node each = node; each != null; each = each.getParent()) {
            if (!each.isVisible()) {
                return false;
            }
        }
        return true;
    }

    /** Asks the window to close. */
    public Instructor closesWindow() {
        onFx(() -> {
            stage.fireEvent(new javafx.stage.WindowEvent(stage,
                    javafx.stage.WindowEvent.WINDOW_CLOSE_REQUEST));
            return stage;
        });
        settle();
        return this;
    }

    /** Returns whether the window is open. */
    public boolean isThere() {
        return onFx(stage::isShowing);
    }

    /** Lets time pass on the wall of the hall. */
    public Instructor waits(Duration length) {
        clock.pass(length);
        onFx(() -> {
            window.content().teaching().tick();
            return stage;
        });
        return this;
    }

    /** Lets a length of class time pass in steps, and returns all that a label showed meanwhile. */
    public Set<String> watches(String selector, Duration length, Duration step) {
        return onFx(() -> {
            Set<String> seen = new LinkedHashSet<>();
            for (Duration passed = Duration.ZERO; passed.compareTo(length) <= 0; passed = passed.plus(step)) {
                seen.add(((Label) find(selector)).getText());
                clock.pass(step);
                window.content().teaching().tick();
            }
            return seen;
        });
    }

    /** Goes on in the hall, line by line, until one of the name is taught; fails with what was seen instead. */
    public Instructor goesOnTo(String name) {
        List<String> seen = new ArrayList<>();
        for (int lines = 0; lines <= MOST_LINES; lines++) {
            seen.add(sees("#now"));
            if (seen.getLast().equals(name)) {
                return this;
            }
            presses(KeyCode.X);
        }
        throw new AssertionError("\"%s\" was never taught, but %s".formatted(name, seen));
    }

    /** Teaches the class as it is planned, until a line of the name runs. */
    public Instructor teachesTo(String name) {
        for (int passed = 0; !sees("#now").equals(name); passed += 10) {
            if (passed > 3600) {
                throw new AssertionError("\"%s\" was never taught".formatted(name));
            }
            waits(Duration.ofSeconds(10));
        }
        return this;
    }

    /** Waits until something is so. */
    public Instructor until(String what, BooleanSupplier so) {
        Later.until(what, so, this::settle);
        return this;
    }

    /** Chooses an item of a menu by its words; a tick of it is set the other way. */
    public Instructor chooses(String menu, String words) {
        onFx(() -> {
            MenuItem item = ((MenuButton) find(menu)).getItems().stream()
                    .filter(each -> words.equals(each.getText())).findFirst().orElseThrow();
            if (item instanceof CheckMenuItem check) {
                check.setSelected(!check.isSelected());
            }
            item.getOnAction().handle(new ActionEvent());
            return menu;
        });
        settle();
        return this;
    }

    /** Returns the text of a label, button or field. */
    public String sees(String selector) {
        return onFx(() -> switch (find(selector)) {
            case Labeled labeled -> Objects.requireNonNullElse(labeled.getText(), "");
            case TextInputControl field -> field.getText();
            default -> throw new AssertionError(selector + " has no text");
        });
    }

    /** Returns the sentences of the notices. */
    public String notices() {
        return String.join("\n", reads(".notice .label"));
    }

    /** Returns the different texts of all labels, links and buttons of a kind. */
    public List<String> reads(String selector) {
        return onFx(() -> laidOut().lookupAll(selector).stream()
                .map(each -> ((Labeled) each).getText()).distinct().toList());
    }

    /** Returns the different texts of those labels of a kind that can be seen. */
    public List<String> readsSeen(String selector) {
        return onFx(() -> laidOut().lookupAll(selector).stream()
                .filter(Instructor::isSeen).map(each -> ((Labeled) each).getText()).distinct().toList());
    }

    /** Returns the place that is shown. */
    public Place place() {
        return onFx(window.content()::place);
    }

    /** Returns what is in the window. */
    public MainWindow content() {
        return window.content();
    }

    /** Returns the plan as it stands. */
    public ClassPlan plan() {
        return onFx(open::plan);
    }

    /** Returns whether there are changes that no file has. */
    public boolean unsaved() {
        return onFx(() -> open.unsaved().get());
    }

    /** Returns the names of the lines in the table. */
    public List<String> lines() {
        return onFx(() -> ((TableView<?>) find("#lines")).getItems().stream()
                .map(String::valueOf).toList());
    }

    /** Returns whether a node can be seen. */
    public boolean canSee(String selector) {
        return onFx(() -> {
            Node node = laidOut().lookup(selector);
            return node != null && isSeen(node) && node.isManaged();
        });
    }

    /** Returns a node. */
    public Node find(String selector) {
        return onFx(() -> Optional.ofNullable(laidOut().lookup(selector))
                .orElseThrow(() -> new AssertionError("no " + selector)));
    }

    /** What has just come up has its labels only once it is laid out, and the next frame may not have come yet. */
    private Parent laidOut() {
        Parent root = window.content().scene().getRoot();
        root.applyCss();
        root.layout();
        return root;
    }

    /** Returns the window's stage. */
    public Stage stage() {
        return stage;
    }

    private Node focused() {
        return Objects.requireNonNull(window.content().scene().getFocusOwner(), "nothing has the keyboard");
    }

    /** Lets everything that was asked for be done and drawn. */
    public void settle() {
        FxThread.settle();
        while (!onFx(window.content()::judged)) {
            FxThread.settle();
        }
    }

    /** Runs something on the JavaFX thread and returns what came of it. */
    public static <T> T onFx(Supplier<T> work) {
        return FxThread.call(work);
    }

    /** Returns the clock on the wall. */
    public Clock clock() {
        return clock;
    }

    @Override
    public void close() {
        onFx(() -> {
            stage.close();
            window.content().stopKeeping();
            return stage;
        });
    }

    private final class Answers implements FileChoice {
        @Override
        public Optional<Path> toOpen(Kind kind) {
            return Optional.ofNullable(answers.poll());
        }

        @Override
        public Optional<Path> toWrite(Kind kind, String suggestion) {
            return Optional.ofNullable(answers.poll());
        }
    }
}
