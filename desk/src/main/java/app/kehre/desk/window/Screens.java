package app.kehre.desk.window;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.collections.ListChangeListener;
import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

/** The screens that there are; a test says which. */
public interface Screens {

    /** Finds a screen that a window is not on, as the part of it that windows may fill. */
    Optional<Rectangle2D> otherThanThatOf(Stage window);

    /** Returns the part of a window's own screen that windows may fill. */
    Rectangle2D thatOf(Stage window);

    /** Tells when a screen comes or goes. */
    void onChange(Runnable changed);

    /** Tells nobody any more. */
    void forget();

    /** Returns those of the computer. */
    static Screens ofComputer() {
        return new Screens() {
            private final List<ListChangeListener<Screen>> listeners = new ArrayList<>();

            private Screen own(Stage window) {
                Rectangle2D here = new Rectangle2D(window.getX(), window.getY(),
                        Math.max(1, window.getWidth()),
                        Math.max(1, window.getHeight()));
                return Screen.getScreensForRectangle(here).stream().findFirst().orElse(Screen.getPrimary());
            }

            @Override
            public Optional<Rectangle2D> otherThanThatOf(Stage window) {
                Screen own = own(window);
                return Screen.getScreens().stream().filter(screen -> !screen.equals(own)).findFirst()
                        .map(Screen::getVisualBounds);
            }

            @Override
            public Rectangle2D thatOf(Stage window) {
                return own(window).getVisualBounds();
            }

            @Override
            public void onChange(Runnable changed) {
                ListChangeListener<Screen> listener = _ -> changed.run();
                listeners.add(listener);
                Screen.getScreens().addListener(listener);
            }

            @Override
            public void forget() {
                listeners.forEach(Screen.getScreens()::removeListener);
            }
        };
    }
}
