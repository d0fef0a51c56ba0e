package app.kehre.desk.control;

import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Region;

/** Labels, rows and buttons as the pages of Kehre write them. */
public final class Words {

    private static final double ABOVE = 8;

    private Words() {}

    /** Returns a text that breaks into lines where its width ends. */
    public static Label wrapped(String text, String... styles) {
        Label label = new WrappedLabel(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** Returns a text on one line. */
    public static Label plain(String text, String... styles) {
        Label label = new Label(text);
        label.getStyleClass().addAll(styles);
        return label;
    }

    /** Returns a heading within a page, with room above it. */
    public static Label heading(String text) {
        Label label = wrapped(text, "strong");
        label.setPadding(new Insets(ABOVE, 0, 0, 0));
        return label;
    }

    /** Returns a word of a width with a text beside it. */
    public static HBox row(String word, double width, String text) {
        Label left = wrapped(word, "card-word");
        left.setMinWidth(width);
        left.setPrefWidth(width);
        left.setMaxWidth(width);
        HBox row = new HBox(6, left, wrapped(text, "card-text"));
        row.setAlignment(Pos.TOP_LEFT);
        return row;
    }

    /** Returns a button that is never squeezed. */
    public static Button button(String id, String words, Runnable action) {
        Button button = new Button(words);
        button.setId(id);
        button.setMinWidth(Region.USE_PREF_SIZE);
        button.setOnAction(_ -> action.run());
        return button;
    }
}
