package app.kehre.desk.plan;

import java.util.function.Function;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.layout.VBox;

import org.jspecify.annotations.Nullable;

/**
 * A row of a list: a name, and below it why it stands there.
 *
 * @param <T> what is listed
 */
final class ReasonCell<T> extends ListCell<T> {

    /** What lies beside the text: padding, and the bar to scroll. */
    private static final double BESIDE = 26;

    private final Function<T, String> name;
    private final Function<T, String> reason;
    private final Label above = new Label();
    private final Label below = new Label();
    private final VBox both = new VBox(0, above, below);

    ReasonCell(Function<T, String> name, Function<T, String> reason) {
        this.name = name;
        this.reason = reason;
        above.getStyleClass().add("choice-name");
        below.getStyleClass().addAll("soft", "small");
        below.setWrapText(true);
        below.setMinHeight(USE_PREF_SIZE);
        setPrefWidth(0);
        listViewProperty().addListener((_, _, list) -> {
            if (list != null) {
                below.prefWidthProperty().bind(list.widthProperty().subtract(BESIDE));
            }
        });
    }

    @Override
    protected void updateItem(@Nullable T item, boolean empty) {
        super.updateItem(item, empty);
        if (item == null || empty) {
            setGraphic(null);
        } else {
            above.setText(name.apply(item));
            below.setText(reason.apply(item));
            setGraphic(both);
        }
    }
}
