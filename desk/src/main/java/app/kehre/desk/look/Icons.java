package app.kehre.desk.look;

import javafx.scene.control.Button;

import org.kordamp.ikonli.feather.Feather;
import org.kordamp.ikonli.javafx.FontIcon;

/** Buttons that carry a sign. */
public final class Icons {

    private Icons() {}

    /** Returns a small button with a sign only; its tip says what it does. */
    public static Button button(Feather sign, String tip, Runnable action) {
        Button button = new Button();
        button.setGraphic(new FontIcon(sign));
        Tips.say(button, tip);
        button.setAccessibleText(tip);
        button.getStyleClass().add("sign-button");
        button.setOnAction(_ -> action.run());
        return button;
    }

    /** Returns a button with words, and a sign before them. */
    public static Button labelled(Feather sign, String words, Runnable action) {
        Button button = new Button(words, new FontIcon(sign));
        button.setOnAction(_ -> action.run());
        return button;
    }
}
