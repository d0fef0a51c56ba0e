package app.kehre.desk;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.geometry.Rectangle2D;
import javafx.stage.Stage;

import app.kehre.desk.window.Screens;

/** Screens that are plugged in and pulled out by hand. */
public final class HandScreens implements Screens {

    private static final Rectangle2D FIRST = new Rectangle2D(0, 0, 1280, 800);

    private final List<Runnable> told = new ArrayList<>();
    private Optional<Rectangle2D> second = Optional.empty();

    /** Plugs a second screen in, right of the first, or pulls it out. */
    public void second(boolean there) {
        second = there ? Optional.of(new Rectangle2D(1280, 0, 1920, 1080)) : Optional.empty();
        List.copyOf(told).forEach(Runnable::run);
    }

    @Override
    public Optional<Rectangle2D> otherThanThatOf(Stage window) {
        return second;
    }

    @Override
    public Rectangle2D thatOf(Stage window) {
        return FIRST;
    }

    @Override
    public void onChange(Runnable changed) {
        told.add(changed);
    }

    @Override
    public void forget() {
        told.clear();
    }
}
