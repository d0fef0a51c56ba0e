package app.kehre.desk.teach;

import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

import app.kehre.core.exercise.CueWords;

/** What to call out: see, do, feel, breathe, in one row. */
final class Says extends HBox {

    /** Two rows: what stands below does not move from line to line. */
    private static final double LEAST = 80;

    private List<Object> shown = List.of();

    Says() {
        super(36);
        setId("says");
        setMinHeight(USE_PREF_SIZE);
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(LEAST, super.computePrefHeight(width));
    }

    /**
     * Shows what to call out.
     *
     * @param facing whether the instructor faces the group, and moves right where the group moves left
     */
    void show(Optional<CueWords> cues, boolean facing) {
        List<Object> wanted = List.of(cues, facing);
        if (!wanted.equals(shown)) {
            shown = wanted;
            getChildren().setAll(cues.stream().flatMap(each -> columns(each, facing)).toList());
        }
    }

    /** Returns whether there is anything to call out. */
    boolean says() {
        return !getChildren().isEmpty();
    }

    private static Stream<Node> columns(CueWords cues, boolean facing) {
        String own = facing ? cues.mirrored().act() : cues.act();
        String act = own.equals(cues.act()) ? own : "%s (you: %s)".formatted(cues.act(), own);
        return Stream.of(new String[]{"do", act}, new String[]{"see", cues.see()},
                new String[]{"feel", cues.feel()}, new String[]{"breathe", cues.breathe()})
                .filter(each -> !each[1].isEmpty()).map(each -> Options.column(each[0], each[1]));
    }
}
