package app.kehre.desk.window;

import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.Stage;

import app.kehre.desk.look.Theme;
import app.kehre.desk.teach.GroupView;
import app.kehre.desk.teach.HallKeys;
import app.kehre.desk.teach.TeachViewModel;

/**
 * The wall of the group in a window of its own: on the second screen, filling it, where there is one, else beside the other
 * window until F11 fills the screen. Keys that are pressed on it work as in the hall.
 */
public final class GroupWindow {

    private static final double MARGIN = 40;
    private static final String PULLED_OUT = "The second screen is gone, and the group's wall with it. It comes back with the screen; W shows it here.";

    private final Stage main;
    private final TeachViewModel model;
    private final HallKeys keys;
    private final Screens screens;
    private Stage stage;
    private boolean onOther;
    private boolean pulledOut;

    GroupWindow(Stage main, TeachViewModel model, HallKeys keys, Screens screens) {
        this.screens = screens;
        this.main = main;
        this.model = model;
        this.keys = keys;
        this.stage = new Stage();
        model.group().shown().addListener((_, _, shown) -> {
            if (shown) {
                open();
            } else {
                stage.close();
            }
        });
        screens.onChange(this::screensChanged);
    }

    /** Returns the window; it may be closed. */
    public Stage stage() {
        return stage;
    }

    private void open() {
        Scene scene = new Scene(new GroupView(model), 960, 600);
        Theme.LIGHT.dress(scene);
        stage = new Stage();
        stage.setTitle("The group's wall \u2013 Kehre");
        stage.setScene(scene);
        stage.setFullScreenExitHint("");
        stage.setFullScreenExitKeyCombination(KeyCombination.NO_MATCH);
        stage.setOnHidden(_ -> model.group().shown().set(false));
        scene.addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        boolean beside = place();
        stage.show();
        if (beside) {
            main.requestFocus();
        }
    }

    private void onKey(KeyEvent event) {
        if (event.getCode() == KeyCode.F11) {
            stage.setFullScreen(!stage.isFullScreen());
        } else if (event.getCode() == KeyCode.ESCAPE) {
            if (stage.isFullScreen()) {
                stage.setFullScreen(false);
            } else {
                stage.close();
            }
        } else {
            keys.press(event);
        }
        event.consume();
    }

    /**
     * A wall that is pulled out from under the group does not come down on the instructor's: it waits until its screen is
     * back.
     */
    private void screensChanged() {
        boolean other = screens.otherThanThatOf(main).isPresent();
        if (stage.isShowing() && onOther && !other) {
            stage.close();
            pulledOut = true;
            model.say(PULLED_OUT);
        } else if (!stage.isShowing() && pulledOut && other) {
            model.group().shown().set(true);
        } else if (stage.isShowing() && !onOther && other) {
            place();
        }
    }

    /** On the other screen, filling it; where there is none, over the main window. Returns whether there is another. */
    private boolean place() {
        Optional<Rectangle2D> other = screens.otherThanThatOf(main);
        Rectangle2D on = other.orElseGet(() -> screens.thatOf(main));
        double margin = other.isPresent() ? 0 : MARGIN;
        stage.setFullScreen(false);
        stage.setX(on.getMinX() + margin);
        stage.setY(on.getMinY() + margin);
        stage.setFullScreen(other.isPresent());
        onOther = other.isPresent();
        pulledOut = false;
        return onOther;
    }

    /** Closes it with the main window. */
    void close() {
        screens.forget();
        stage.close();
    }
}
