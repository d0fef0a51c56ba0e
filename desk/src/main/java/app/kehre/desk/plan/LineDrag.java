package app.kehre.desk.plan;

import java.util.function.IntConsumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

/** Dragging a line of the plan: what travels is its number. */
final class LineDrag {

    private static final PseudoClass DROP = PseudoClass.getPseudoClass("drop");
    private static final String WORD = "line ";

    private LineDrag() {}

    /** Begins to drag a line from a node. */
    static void begin(Node from, int entryId) {
        ClipboardContent content = new ClipboardContent();
        content.putString(WORD + entryId);
        from.startDragAndDrop(TransferMode.MOVE).setContent(content);
    }

    /** Lets a line be dropped on a node. */
    static void accept(Node target, IntConsumer drop) {
        target.setOnDragOver(event -> {
            if (dragged(event) > 0) {
                event.acceptTransferModes(TransferMode.MOVE);
                target.pseudoClassStateChanged(DROP, true);
                event.consume();
            }
        });
        target.setOnDragExited(_ -> target.pseudoClassStateChanged(DROP, false));
        target.setOnDragDropped(event -> {
            int id = dragged(event);
            event.setDropCompleted(id > 0);
            event.consume();
            Platform.runLater(() -> drop.accept(id));
        });
    }

    private static int dragged(DragEvent event) {
        String text = event.getDragboard().hasString() ? event.getDragboard().getString() : "";
        return text.matches(WORD + "\\d{1,7}") ? Integer.parseInt(text.substring(WORD.length())) : 0;
    }
}
