package app.kehre.desk.combination;

import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.input.ClipboardContent;
import javafx.scene.input.DataFormat;
import javafx.scene.input.Dragboard;
import javafx.scene.input.TransferMode;

/** Moves that are dragged onto the foot score. */
final class MoveDrag {

    private static final DataFormat MOVE = new DataFormat("application/x-kehre-move");

    private MoveDrag() {}

    static void begin(Node node, String moveId) {
        ClipboardContent content = new ClipboardContent();
        content.put(MOVE, moveId);
        node.startDragAndDrop(TransferMode.COPY).setContent(content);
    }

    static Optional<String> moveOf(Dragboard board) {
        return Optional.ofNullable((String) board.getContent(MOVE));
    }
}
