package app.kehre.desk.teach;

import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

import app.kehre.core.exercise.CueWords;

/** What to call out: see, do, feel, breathe, in one row. */
final class Says extends HBox {

    private Optional<CueWords> shown = Optional.empty();

    Says() {
        super(36);
        setId("says");
        setMinHeight(84);
        setPrefHeight(84);
    }

    void show(Optional<CueWords> cues) {
        if (!cues.equals(shown)) {
            shown = cues;
            getChildren().setAll(cues.stream().flatMap(Says::columns).toList());
        }
    }

    /** Returns whether there is anything to call out. */
    boolean says() {
        return !getChildren().isEmpty();
    }

    private static Stream<Node> columns(CueWords cues) {
        return Stream.of(new String[]{"do", cues.act()}, new String[]{"see", cues.see()},
                new String[]{"feel", cues.feel()}, new String[]{"breathe", cues.breathe()})
                .filter(each -> !each[1].isEmpty()).map(each -> Options.column(each[0], each[1]));
    }
}
