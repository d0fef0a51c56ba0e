package app.kehre.desk.window;

import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.geometry.Rectangle2D;
import javafx.scene.Scene;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyCombination;
import javafx.scene.input.KeyEvent;
import javafx.stage.Screen;
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

    private final Stage main;
    private final TeachViewModel model;
    private final HallKeys keys;
    private final ListChangeListener<Screen> screens = _ -> placeAgain();
    private Stage stage;

    GroupWindow(Stage main, TeachViewModel model, HallKeys keys) {
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
        Screen.getScreens().addListener(screens);
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

    private void placeAgain() {
        if (stage.isShowing()) {
            place();
        }
    }

    /** On the other screen, filling it; where that is gone, over the main window. Returns whether there is another. */
    private boolean place() {
        Rectangle2D here = new Rectangle2D(main.getX(), main.getY(), Math.max(1, main.getWidth()),
                Math.max(1, main.getHeight()));
        Screen own = Screen.getScreensForRectangle(here).stream().findFirst().orElse(Screen.getPrimary());
        Optional<Screen> other = Screen.getScreens().stream().filter(screen -> !screen.equals(own))
                .findFirst();
        Rectangle2D on = other.orElse(own).getVisualBounds();
        double margin = other.isPresent() ? 0 : MARGIN;
        stage.setFullScreen(false);
        stage.setX(on.getMinX() + margin);
        stage.setY(on.getMinY() + margin);
        stage.setFullScreen(other.isPresent());
        return other.isPresent();
    }

    /** Closes it with the main window. */
    void close() {
        Screen.getScreens().removeListener(screens);
        stage.close();
    }
}
