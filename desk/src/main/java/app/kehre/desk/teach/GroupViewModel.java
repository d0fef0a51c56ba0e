package app.kehre.desk.teach;

import java.util.List;
import javafx.beans.property.BooleanProperty;
import javafx.beans.property.SimpleBooleanProperty;
import javafx.collections.FXCollections;
import javafx.collections.ObservableList;

/** How the group's wall is shown. The names of the levels are for this class only and are kept nowhere. */
public final class GroupViewModel {

    private final BooleanProperty shown = new SimpleBooleanProperty();
    private final BooleanProperty spread = new SimpleBooleanProperty();
    private final ObservableList<String> levels = FXCollections.observableArrayList("", "", "");

    GroupViewModel() {}

    /** Returns whether the wall is open. */
    public BooleanProperty shown() {
        return shown;
    }

    /** Returns whether people are spread over the stations of a circuit, each group at another. */
    BooleanProperty spread() {
        return spread;
    }

    /** Returns who shows the easier option, the standard, and the harder one; empty for the usual words. */
    ObservableList<String> levels() {
        return levels;
    }

    /** Returns what stands above a level. */
    String level(int level, String usual) {
        List<String> names = levels;
        return names.get(level).isBlank() ? usual : "%s: %s".formatted(usual, names.get(level).strip());
    }
}
