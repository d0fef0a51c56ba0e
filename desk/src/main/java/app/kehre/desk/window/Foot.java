package app.kehre.desk.window;

import java.nio.file.Path;
import java.util.Optional;
import javafx.beans.property.ReadOnlyStringProperty;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;

import org.kordamp.ikonli.feather.Feather;

import app.kehre.desk.look.Icons;
import app.kehre.desk.look.Tips;
import app.kehre.desk.session.Home;
import app.kehre.desk.session.OpenPlan;
import app.kehre.desk.session.PlanInFile;

/** The line at the foot: what the typed text means, where the class is saved, and undo by name. */
final class Foot extends HBox {

    private final OpenPlan open;
    private final ReadOnlyStringProperty hint;
    private final Label words = new Label();
    private final Button undo;
    private final Button redo;
    private String said = "";
    private boolean refused;

    Foot(OpenPlan open, ReadOnlyStringProperty hint) {
        this.open = open;
        this.hint = hint;
        undo = button("undo", Feather.CORNER_UP_LEFT, "Ctrl+Z", open::undo);
        redo = button("redo", Feather.CORNER_UP_RIGHT, "Ctrl+Shift+Z", open::redo);
        words.setId("hint");
        words.setMaxWidth(Double.MAX_VALUE);
        words.setMinWidth(0);
        words.setMinHeight(22);
        HBox.setHgrow(words, Priority.ALWAYS);
        getStyleClass().add("foot");
        setSpacing(6);
        setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(words, undo, redo);
        hint.addListener(_ -> show());
        open.settled().addListener(_ -> {
            said = "";
            show();
        });
        open.unsaved().addListener(_ -> show());
        open.home().addListener(_ -> show());
        open.found().addListener(_ -> show());
        open.undoName().addListener(_ -> show());
        open.redoName().addListener(_ -> show());
        show();
    }

    /** Says something by the way, until the next edit. */
    void say(String sentence) {
        say(sentence, false);
    }

    /** Says why an edit was not made, until the next edit. */
    void refuse(String sentence) {
        say(sentence + " Nothing was changed.", true);
    }

    private void say(String sentence, boolean refusal) {
        said = sentence;
        refused = refusal;
        show();
    }

    private void show() {
        boolean hinting = !hint.get().isEmpty();
        words.setText(hinting ? hint.get() : said.isEmpty() ? saved() : said);
        String style = hinting ? "medium" : refused && !said.isEmpty() ? "over" : "soft";
        if (!words.getStyleClass().contains(style)) {
            words.getStyleClass().setAll("label", style);
        }
        show(undo, "Undo", open.undoName().get());
        show(redo, "Redo", open.redoName().get());
    }

    private String saved() {
        Optional<Path> file = open.file().get();
        if (file.isPresent() && open.found().get() != PlanInFile.Found.SAME) {
            return file.get().getFileName() + switch (open.found().get()) {
                case SAME -> "";
                case CHANGED -> " \u00b7 changed by somebody else";
                case GONE -> " \u00b7 no longer there, not saved";
                case UNREADABLE -> " \u00b7 cannot be read now";
            };
        }
        if (open.home().get() instanceof Home.InStudio) {
            return switch (open.found().get()) {
                case CHANGED -> "In the studio \u00b7 changed in another window";
                case GONE -> "No longer in the studio, not saved";
                case SAME, UNREADABLE -> open.unsaved().get()
                        ? "In the studio \u00b7 changes not saved yet"
                        : "In the studio \u00b7 all changes saved";
            };
        }
        String how = open.unsaved().get() ? " \u00b7 changes not saved yet" : " \u00b7 all changes saved";
        return file.map(path -> path.getFileName() + how).orElse("Not saved yet");
    }

    private static void show(Button button, String verb, String step) {
        button.setVisible(!step.isEmpty());
        button.setManaged(!step.isEmpty());
        button.setText("%s: %s".formatted(verb, step.isEmpty()
                ? ""
                : Character.toLowerCase(step.charAt(0)) + step.substring(1)));
    }

    private static Button button(String id, Feather sign, String keys, Runnable action) {
        Button button = Icons.labelled(sign, "", action);
        button.setId(id);
        button.getStyleClass().add("flat");
        Tips.say(button, keys);
        button.setMaxWidth(330);
        return button;
    }
}
