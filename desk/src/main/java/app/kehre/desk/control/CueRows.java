package app.kehre.desk.control;

import java.util.List;
import java.util.stream.Stream;
import javafx.scene.Node;
import javafx.scene.layout.HBox;

import app.kehre.core.exercise.CueWords;

/** What to call out, a row each. */
public final class CueRows {

    private CueRows() {}

    /**
     * Returns the rows; what is empty has none.
     *
     * @param width of the words before the cues, in pixels
     */
    public static List<Node> of(CueWords cues, double width) {
        return Stream.of(row("see", cues.see(), width), row("do", cues.act(), width),
                row("feel", cues.feel(), width), row("breathe", cues.breathe(), width))
                .flatMap(List::stream).<Node>map(each -> each).toList();
    }

    private static List<HBox> row(String word, String cue, double width) {
        return cue.isEmpty() ? List.of() : List.of(Words.row(word, width, cue));
    }
}
