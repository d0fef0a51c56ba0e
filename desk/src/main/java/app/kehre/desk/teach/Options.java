package app.kehre.desk.teach;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.answers.KneeCue;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.typing.RoundWords;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** Easier, harder and the instructor's own note, in one row. */
final class Options extends HBox {

    private static final double SIZE = 21;
    private static final double LEAST = 170;
    private static final double MOST = 440;
    private static final double LEAST_HEIGHT = 64;
    private static final double ONE_ROW = 48;

    private List<Object> shown = List.of();

    Options() {
        super(36);
        setId("options");
        setMinHeight(ONE_ROW);
    }

    @Override
    protected double computePrefHeight(double width) {
        return Math.max(LEAST_HEIGHT, super.computePrefHeight(width));
    }

    /**
     * Shows them.
     *
     * @param brief whether there is room for the instructor's own note alone
     */
    void show(Optional<Entry> entry, ClassPlan plan, boolean brief) {
        String screened = entry.map(found -> HallWords.instead(found, plan)).orElse("");
        List<Object> wanted = List.of(entry, screened, brief);
        if (!wanted.equals(shown)) {
            shown = wanted;
            List<Node> columns = new ArrayList<>();
            entry.ifPresent(found -> {
                if (!brief && found instanceof Item item) {
                    add(columns, item.exercise());
                    KneeCue.of(plan.brief(), item.exercise())
                            .ifPresent(cue -> columns.add(column("say", cue)));
                    String others = RoundWords.instead(item);
                    if (!others.isEmpty()) {
                        columns.add(1, column("instead", others));
                    }
                }
                if (!brief && !screened.isEmpty()) {
                    columns.add(column("did not pass the screen", screened));
                }
                if (!found.note().isEmpty()) {
                    columns.add(note(found.note()));
                }
            });
            getChildren().setAll(columns);
        }
    }

    private static void add(List<Node> columns, Exercise exercise) {
        columns.add(column("easier", exercise.easier().name()));
        columns.add(column("harder", exercise.harder().name()));
    }

    /** What the others leave of the row is the note's. */
    private static Node note(String note) {
        VBox column = column("your note", note);
        column.setPrefWidth(column.getMinWidth());
        column.setMaxWidth(Double.MAX_VALUE);
        HBox.setHgrow(column, Priority.ALWAYS);
        return column;
    }

    /** Returns whether there is anything to show. */
    boolean any() {
        return !getChildren().isEmpty();
    }

    static VBox column(String word, String text) {
        Label above = new Label(word);
        above.getStyleClass().addAll("small", "soft");
        Label below = new Label(text);
        below.getStyleClass().add("option");
        below.setWrapText(true);
        VBox column = new VBox(2, above, below);
        column.setMaxWidth(MOST);
        column.setMinWidth(Math.min(LEAST, Type.width(text, Type.of(Weight.REGULAR, SIZE)) + 4));
        HBox.setHgrow(column, Priority.SOMETIMES);
        return column;
    }
}
