package app.kehre.desk.proposals;

import java.util.List;
import java.util.function.Consumer;
import javafx.geometry.Insets;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import app.kehre.core.proposal.Change;
import app.kehre.desk.control.Words;

/** A change with its tick; the lines that belong to it, with their reasons, are shown when they are asked for. */
final class ChangeRow extends VBox {

    private final CheckBox box;

    /**
     * Makes a row.
     *
     * @param ticked called when it is ticked, or no longer
     */
    ChangeRow(Change change, boolean isTicked, Consumer<Boolean> ticked) {
        box = new CheckBox(change.words());
        box.setWrapText(true);
        box.setMinHeight(USE_PREF_SIZE);
        box.setSelected(isTicked);
        box.setOnAction(_ -> ticked.accept(box.isSelected()));
        setSpacing(2);
        setMinWidth(0);
        getChildren().add(box);
        if (!change.details().isEmpty()) {
            addLines(change.details());
        }
    }

    private void addLines(List<String> lines) {
        Label all = Words.wrapped(String.join("\n", lines), "soft");
        all.setPadding(new Insets(0, 0, 4, 24));
        if (lines.size() == 1) {
            getChildren().add(all);
            return;
        }
        show(all, false);
        Hyperlink why = new Hyperlink("What and why: %d lines".formatted(lines.size()));
        why.setOnAction(_ -> show(all, !all.isVisible()));
        VBox.setMargin(why, new Insets(0, 0, 0, 22));
        getChildren().addAll(why, all);
    }

    private static void show(Label label, boolean so) {
        label.setVisible(so);
        label.setManaged(so);
    }
}
