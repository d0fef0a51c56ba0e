package app.kehre.desk.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

/** All keys of the hall: pressed to be done, changed by the pen beside each. */
final class KeysPanel extends VBox {

    private static final double COLUMN = 298;

    private final HallKeys keys;
    private final Consumer<HallAction> act;
    private final Runnable onChange;
    private final FlowPane rows = new FlowPane(8, 2);
    private final Label said = new Label();
    private Optional<HallAction> changing = Optional.empty();

    KeysPanel(HallKeys keys, Consumer<HallAction> act, Runnable onChange, Runnable onClose) {
        super(10);
        this.keys = keys;
        this.act = act;
        this.onChange = onChange;
        setId("keys-panel");
        Label title = new Label("Keys of the hall");
        title.getStyleClass().add("next-name");
        Label clicker = new Label("A clicker or a foot pedal: Page Down is done, Page Up is back, B takes the"
                + " proposal, else it pauses and goes on.");
        clicker.getStyleClass().add("soft");
        clicker.setWrapText(true);
        said.getStyleClass().add("said");
        said.setId("keys-said");
        Button close = HallCaps.key("Esc", "back to the class", onClose);
        rows.setPrefWrapLength(3 * COLUMN);
        getChildren().addAll(title, rows, clicker, said, close);
        fill();
    }

    private void fill() {
        List<HBox> all = new ArrayList<>();
        for (HallAction action : HallAction.values()) {
            Button key = HallCaps.key(keys.cap(action), action.words(), () -> act.accept(action));
            Button change = new Button("change");
            change.setMinWidth(USE_PREF_SIZE);
            change.setId("change-" + action.key());
            change.setAccessibleText("change the key: " + action.words());
            change.getStyleClass().setAll("key", "small");
            change.setFocusTraversable(false);
            change.setOnAction(_ -> {
                changing = Optional.of(action);
                said.setText(
                        "Press the new key for \u201c%s\u201d; Esc leaves it.".formatted(action.words()));
            });
            HBox row = new HBox(4, key, change);
            row.setPrefWidth(COLUMN);
            all.add(row);
        }
        rows.getChildren().setAll(all);
    }

    /** Takes a key that is pressed as the new one, when one is asked for. Returns whether it was. */
    boolean listens(KeyEvent event) {
        if (changing.isEmpty()) {
            return false;
        }
        event.consume();
        HallAction action = changing.get();
        String refused = event.getCode() == KeyCode.ESCAPE ? "" : keys.change(action, event.getCode());
        said.setText(refused);
        if (refused.isEmpty()) {
            changing = Optional.empty();
            fill();
            onChange.run();
        }
        return true;
    }
}
