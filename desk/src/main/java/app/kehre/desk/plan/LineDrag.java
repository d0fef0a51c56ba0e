package app.kehre.desk.plan;

import java.util.Optional;
import java.util.function.Consumer;
import javafx.application.Platform;
import javafx.css.PseudoClass;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DragEvent;
import javafx.scene.input.TransferMode;

import app.kehre.core.plan.EntryId;

/** Dragging a line of the plan, or an exercise into it: what travels is its number, or its id. */
final class LineDrag {

    private static final PseudoClass DROP = PseudoClass.getPseudoClass("drop");
    private static final String WORD = "line ";
    private static final String EXERCISE = "exercise ";

    private LineDrag() {}

    /** Begins to drag a line from a node. */
    static void begin(Node from, EntryId entryId) {
        begin(from, WORD + entryId);
    }

    /** Begins to drag an exercise of the library from a node. */
    static void beginExercise(Node from, String id) {
        begin(from, EXERCISE + id);
    }

    private static void begin(Node from, String text) {
        ClipboardContent content = new ClipboardContent();
        content.putString(text);
        from.startDragAndDrop(TransferMode.MOVE).setContent(content);
    }

    /** Lets a line be dropped on a node. */
    static void accept(Node target, Consumer<EntryId> drop) {
        accept(target, drop, Optional.empty());
    }

    /** Lets a line, or an exercise of the library, be dropped on a node. */
    static void accept(Node target, Consumer<EntryId> drop, Optional<Consumer<String>> dropExercise) {
        target.setOnDragOver(event -> {
            if (dragged(event).isPresent() || (dropExercise.isPresent() && exercise(event).isPresent())) {
                event.acceptTransferModes(TransferMode.MOVE);
                target.pseudoClassStateChanged(DROP, true);
                event.consume();
            }
        });
        target.setOnDragExited(_ -> target.pseudoClassStateChanged(DROP, false));
        target.setOnDragDropped(event -> {
            Optional<EntryId> line = dragged(event);
            Optional<String> exercise = exercise(event);
            event.setDropCompleted(line.isPresent() || exercise.isPresent());
            event.consume();
            line.ifPresent(id -> Platform.runLater(() -> drop.accept(id)));
            dropExercise.ifPresent(
                    take -> exercise.ifPresent(each -> Platform.runLater(() -> take.accept(each))));
        });
    }

    private static Optional<String> exercise(DragEvent event) {
        String text = text(event);
        return text.startsWith(EXERCISE) ? Optional.of(text.substring(EXERCISE.length())) : Optional.empty();
    }

    private static String text(DragEvent event) {
        return event.getDragboard().hasString() ? event.getDragboard().getString() : "";
    }

    private static Optional<EntryId> dragged(DragEvent event) {
        String text = text(event);
        return text.matches(WORD + "[1-9]\\d{0,5}")
                ? Optional.of(new EntryId(Integer.parseInt(text.substring(WORD.length()))))
                : Optional.empty();
    }
}
