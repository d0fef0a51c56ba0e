package app.kehre.desk.look;

import java.util.Objects;
import javafx.application.Application;
import javafx.scene.Scene;

import atlantafx.base.theme.PrimerDark;
import atlantafx.base.theme.PrimerLight;

/** Day or night. */
public enum Theme {
    /** Ink on chalk paper. */
    LIGHT(Palette.LIGHT),
    /** Chalk on slate. */
    DARK(Palette.DARK);

    private static final String SHEET = Objects
            .requireNonNull(Theme.class.getResource("/app/kehre/desk/look/kehre.css"), "kehre.css")
            .toExternalForm();

    private final Palette palette;

    Theme(Palette palette) {
        this.palette = palette;
    }

    /** Returns its colours. */
    public Palette palette() {
        return palette;
    }

    /** Returns the other one. */
    public Theme other() {
        return this == LIGHT ? DARK : LIGHT;
    }

    /** Dresses a scene. */
    public void dress(Scene scene) {
        Application.setUserAgentStylesheet(this == LIGHT
                ? new PrimerLight().getUserAgentStylesheet()
                : new PrimerDark().getUserAgentStylesheet());
        scene.getStylesheets().setAll(SHEET, palette.styleSheet());
        scene.setFill(palette.paper());
    }
}
