package app.kehre.desk.window;

import javafx.geometry.Rectangle2D;
import javafx.stage.Screen;
import javafx.stage.Stage;

import app.kehre.desk.fault.FaultLog;
import app.kehre.desk.look.Theme;
import app.kehre.desk.session.JudgedPlan;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.OwnLibrary;
import app.kehre.desk.session.Settings;
import app.kehre.formats.disk.DiskTrouble;

/** The window on the screen: its title, its size and place from one time to the next. */
public final class AppWindow {

    private static final double LEAST_WIDTH = 900;
    private static final double LEAST_HEIGHT = 600;
    private static final double FARTHEST = 20_000;
    private static final double LEAST_SIDE = 280;
    private static final double MOST_SIDE = 480;

    private final Stage stage;
    private final OpenPlan open;
    private final MainWindow content;
    private final Settings settings;
    private final GroupWindow group;

    /** Makes the window on a stage that is not shown yet. */
    public AppWindow(Stage stage, JudgedPlan judged, OwnLibrary ownLibrary, Surroundings around) {
        this.stage = stage;
        this.open = judged.open();
        this.content = new MainWindow(judged, ownLibrary, around);
        this.settings = new Settings(around.studio().kept(Settings.FILE, around.data(), around.disk()));
        stage.setScene(content.scene());
        stage.setMinWidth(LEAST_WIDTH);
        stage.setMinHeight(LEAST_HEIGHT);
        open.settled().addListener(_ -> title());
        open.unsaved().addListener(_ -> title());
        stage.focusedProperty().addListener((_, _, front) -> {
            if (front) {
                content.lookAgain();
            }
        });
        stage.setOnCloseRequest(event -> {
            event.consume();
            content.leave(this::close);
        });
        group = new GroupWindow(stage, content.teaching(), content.hallKeys(), around.screens());
        title();
    }

    /** Returns what is in the window. */
    public MainWindow content() {
        return content;
    }

    /** Shows the window where it last was. */
    public void show() {
        stage.setWidth(settings.number("width", LEAST_WIDTH, FARTHEST, 1280));
        stage.setHeight(settings.number("height", LEAST_HEIGHT, FARTHEST, 800));
        double x = settings.number("x", -FARTHEST, FARTHEST, Double.NaN);
        double y = settings.number("y", -FARTHEST, FARTHEST, Double.NaN);
        boolean onScreen = !Double.isNaN(x) && !Double.isNaN(y)
                && !Screen.getScreensForRectangle(new Rectangle2D(x + 40, y + 10, 200, 40)).isEmpty();
        if (onScreen) {
            stage.setX(x);
            stage.setY(y);
        }
        content.dress(settings.text("theme", "light").equals("dark") ? Theme.DARK : Theme.LIGHT);
        content.sideWidth().set(settings.number("side", LEAST_SIDE, MOST_SIDE, content.sideWidth().get()));
        content.teaching().face(!settings.text("facing", "them").equals("away"));
        content.hall(settings.text("hall.keys", ""), settings.number("hall.late", 5, 999, 30));
        content.teaching().sounds().restore(settings.text(soundsOf(), settings.text("sounds", "")));
        content.zoomTo(settings.number("zoom", 90, 150, 100));
        stage.setMaximized(settings.text("maximized", "").equals("true"));
        stage.show();
    }

    /** Which sounds there are is a matter of the class. */
    private String soundsOf() {
        return "sounds." + open.plan().identity().plan();
    }

    private void title() {
        stage.setTitle("%s%s \u2013 Kehre".formatted(open.unsaved().get() ? "* " : "",
                open.plan().brief().title()));
    }

    private void close() {
        settings.set("maximized", stage.isMaximized());
        if (!stage.isMaximized()) {
            settings.set("x", stage.getX());
            settings.set("y", stage.getY());
            settings.set("width", stage.getWidth());
            settings.set("height", stage.getHeight());
        }
        settings.set("zoom", content.zoom().percent());
        settings.set("facing", content.teaching().facing().get() ? "them" : "away");
        settings.set("hall.keys", content.hallKeys().changed());
        settings.set("hall.late", content.teaching().threshold().toSeconds());
        settings.set("sounds", content.teaching().sounds().kept());
        settings.set(soundsOf(), content.teaching().sounds().kept());
        settings.set("side", content.sideWidth().get());
        settings.set("theme", content.theme() == Theme.DARK ? "dark" : "light");
        try {
            settings.save();
        } catch (DiskTrouble trouble) {
            FaultLog.without("remembering the window", trouble);
        }
        group.close();
        stage.close();
    }
}
