package app.kehre.desk.window;

import java.time.Duration;
import java.util.Optional;
import javafx.beans.property.DoubleProperty;
import javafx.scene.Scene;
import javafx.scene.control.Button;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.BorderPane;
import javafx.scene.layout.StackPane;

import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.look.Theme;
import app.kehre.desk.look.Tips;
import app.kehre.desk.look.Zoom;
import app.kehre.desk.plan.PlanViewModel;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OpenStudio;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.teach.HallKeys;
import app.kehre.desk.teach.TeachViewModel;
import app.kehre.formats.disk.DiskTrouble;

/** Everything in the window: the rail, the place that is shown, notices, and the keys that work everywhere. */
public final class MainWindow {

    private final Backstage back;
    private final Pages pages;
    private final Rail rail;
    private final Foot foot;
    private final Button wear;
    private final Button larger;
    private final StackPane stage = new StackPane();
    private final BorderPane main = new BorderPane();
    private final BorderPane root = new BorderPane();
    private final Zoom zoom;
    private final Scene scene;
    private Theme theme = Theme.LIGHT;
    private Place place = Place.PLAN;

    /** Makes the window's content around an open class. */
    public MainWindow(JudgedPlan judged, OwnLibrary ownLibrary, Surroundings around) {
        back = new Backstage(judged, ownLibrary, around);
        foot = new Foot(back.open, back.planModel.hint());
        pages = new Pages(back, this::go, foot::say);
        rail = new Rail(back.palette, this::go);
        wear = addCommands();
        larger = rail.command("text-size", "Text 100 %", "", this::zoomOn);
        Tips.say(larger, "Everything larger or smaller: Ctrl+Alt+Plus, Ctrl+Alt+Minus");
        root.setCenter(main);
        main.setCenter(stage);
        zoom = new Zoom(root);
        scene = new Scene(zoom, 1280, 800);
        dress(Theme.LIGHT);
        bind();
        go(Place.PLAN);
    }

    private Button addCommands() {
        rail.command("new", "New\u2026", "Ctrl+N", this::startNew);
        rail.command("open", "Open file\u2026", "Ctrl+O", back.files::open);
        rail.command("save", "Save", "Ctrl+S", back.files::save);
        rail.command("save-as", "As a file\u2026", "", back.files::saveAs);
        return rail.command("theme", "Dark", "", () -> dress(theme.other()));
    }

    private void bind() {
        OpenPlan open = back.open;
        open.refusal().addListener((_, _, refusal) -> {
            if (!refusal.isEmpty()) {
                foot.refuse(refusal);
            }
        });
        back.planModel.opened().addListener((_, _, id) -> {
            if (id.isPresent()) {
                back.planModel.opened().set(Optional.empty());
                go(Place.COMBINATION);
            }
        });
        open.unsaved().addListener((_, _, unsaved) -> {
            if (!unsaved) {
                keepPatterns();
            }
        });
        open.settled().addListener((_, _, planned) -> {
            if (place == Place.SHEET) {
                back.sheetModel.show(planned);
            }
        });
        scene.addEventFilter(KeyEvent.KEY_PRESSED,
                new Keys(this, back.files, open, pages::planView)::onKey);
    }

    /** Returns the scene. */
    public Scene scene() {
        return scene;
    }

    /** Returns the place that is shown. */
    public Place place() {
        return place;
    }

    /** Returns the theme that is worn. */
    public Theme theme() {
        return theme;
    }

    /** Returns how large everything is shown. */
    public Zoom zoom() {
        return zoom;
    }

    /** The next larger step, after the largest the smallest. */
    private void zoomOn() {
        if (zoom.percent() < Zoom.MOST) {
            zoom(1);
        } else {
            zoomTo(Zoom.LEAST);
        }
    }

    /** Shows everything larger or smaller by so many steps. */
    void zoom(int steps) {
        int by = Integer.signum(steps);
        for (int i = 0; i < Math.abs(steps); i++) {
            zoom.step(by);
        }
        sayZoom();
    }

    /** Shows everything as large as it was. */
    public void zoomTo(double percent) {
        zoom.set(percent);
        sayZoom();
    }

    private void sayZoom() {
        larger.setText("Text %d %%".formatted(zoom.percent()));
    }

    /** Returns how wide the side of the Plan place is, in pixels. */
    public DoubleProperty sideWidth() {
        return pages.planView().sideWidth();
    }

    /** Returns whether the sheet has been made since the Sheet place was opened. */
    public boolean sheetReady() {
        return back.sheetModel.ready();
    }

    /** Returns the class being planned. */
    public PlanViewModel planning() {
        return back.planModel;
    }

    /** Returns whether the class that is shown has been judged. */
    public boolean judged() {
        return back.choosing.findings().judged();
    }

    /** Returns the class being taught. */
    public TeachViewModel teaching() {
        return back.teachModel;
    }

    /** Returns the keys of the hall. */
    public HallKeys hallKeys() {
        return back.hallKeys;
    }

    /** Takes over how the hall was: its changed keys, from how many seconds late a proposal is made. */
    public void hall(String keys, double late) {
        back.hallKeys.restore(keys);
        back.teachModel.setThreshold(Duration.ofSeconds(Math.round(late)));
    }

    /** Offers what an earlier run left unsaved. */
    public void offerRescue() {
        back.offerRescue(() -> go(Place.TEACH), () -> {
            if (place == Place.CLASSES) {
                pages.of(place).show().run();
            }
        });
    }

    /** Fills the log with what was made up for a demonstration. */
    public void fillLog(OpenStudio.Work work) {
        back.logModel.fill(work);
    }

    /** Opens a file, or says why not. */
    public void open(java.nio.file.Path file) {
        back.files.open(file);
    }

    /** Says a sentence that must not be missed. */
    public void tell(String sentence) {
        back.files.tell(sentence);
    }

    /** Finishes keeping the class for a later rescue; what is kept stays. */
    public void stopKeeping() {
        back.stopKeeping();
    }

    /** Runs what closes the window, after asking about unsaved changes. Returns whether it ran at once. */
    public boolean leave(Runnable close) {
        return back.files.unlessUnsaved(() -> {
            back.forget();
            close.run();
            back.stopKeeping();
        });
    }

    /** Goes to a place. */
    public void go(Place to) {
        if (to != place) {
            pages.of(place).leave().run();
        }
        place = to;
        Page page = pages.of(to);
        boolean hall = to == Place.TEACH;
        root.setLeft(hall ? null : rail);
        root.setTop(hall ? null : back.notices);
        main.setBottom(hall ? null : foot);
        stage.getChildren().setAll(page.node());
        rail.show(to);
        page.show().run();
        focusPlace();
    }

    /** Asks in one line what a new class shall be. */
    void startNew() {
        go(Place.CLASSES);
        pages.newClass().focusNew();
    }

    /** Puts the keyboard where the work of the shown place begins. */
    void focusPlace() {
        pages.of(place).focus().run();
    }

    /** Wears a theme. */
    public void dress(Theme other) {
        theme = other;
        back.palette.set(other.palette());
        other.dress(scene);
        wear.setText(other == Theme.LIGHT ? "Dark" : "Light");
    }

    private void keepPatterns() {
        try {
            back.keepPatterns();
        } catch (DiskTrouble trouble) {
            foot.say(trouble.sentence());
        }
    }

    /** Says that Kehre itself failed at something; the class is still there. */
    public void tellFault() {
        back.files.tell("fault",
                "Kehre failed at what was asked last. The class is still open; save it. Where it failed"
                        + " is written to %s in the data folder.".formatted(FaultLog.FILE));
    }

    /** Looks whether somebody else has changed the file of the open class meanwhile. */
    public void lookAgain() {
        back.files.lookAgain();
    }
}
