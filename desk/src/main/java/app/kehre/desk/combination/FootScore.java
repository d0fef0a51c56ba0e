package app.kehre.desk.combination;

import java.util.List;
import java.util.function.BiConsumer;
import java.util.function.IntConsumer;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.scene.canvas.Canvas;
import javafx.scene.input.TransferMode;
import javafx.scene.layout.Region;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.finding.Finding;
import app.kehre.desk.look.Palette;

/** A combination as rows of eight counts on two lines, right foot and left foot. */
public final class FootScore extends Region {

    private final ObjectProperty<Palette> palette;
    private final Canvas canvas = new Canvas();
    private Combination combination = Combination.of("?");
    private List<Finding> missteps = List.of();
    private int selected = -1;
    private int playing = -1;

    /**
     * Makes a score.
     *
     * @param onSelect told which move was clicked
     * @param onDrop told the id of a move that was dropped and the place where
     */
    FootScore(ObjectProperty<Palette> palette, IntConsumer onSelect, BiConsumer<String, Integer> onDrop) {
        this.palette = palette;
        setId("foot-score");
        setFocusTraversable(true);
        getChildren().add(canvas);
        palette.addListener(_ -> paint());
        widthProperty().addListener(_ -> paint());
        focusedProperty().addListener(_ -> paint());
        setOnMousePressed(event -> {
            requestFocus();
            ScorePainter.partAt(combination, geometry().at(event.getX(), event.getY()))
                    .ifPresent(onSelect::accept);
            event.consume(); // the scrolled page around it would take the keyboard
        });
        setOnDragOver(event -> {
            if (MoveDrag.moveOf(event.getDragboard()).isPresent()) {
                event.acceptTransferModes(TransferMode.COPY);
                event.consume();
            }
        });
        setOnDragDropped(event -> MoveDrag.moveOf(event.getDragboard()).ifPresent(id -> {
            int at = ScorePainter.partAt(combination, geometry().at(event.getX(), event.getY()))
                    .orElse(combination.moves().size());
            onDrop.accept(id, at);
            event.setDropCompleted(true);
            event.consume();
        }));
    }

    /** Tells the place under the mouse, in quarters of a count; -1 when it leaves. */
    void onPoint(IntConsumer told) {
        setOnMouseMoved(event -> told.accept(geometry().at(event.getX(), event.getY())));
        setOnMouseExited(_ -> told.accept(-1));
    }

    /** Makes a score that is only read. */
    public static FootScore toRead(ObjectProperty<Palette> palette) {
        FootScore score = new FootScore(palette, _ -> {}, (_, _) -> {});
        score.setFocusTraversable(false);
        score.setMouseTransparent(true);
        return score;
    }

    private ScoreGeometry geometry() {
        return new ScoreGeometry(Math.max(300, getWidth()));
    }

    /** Shows a combination, what is wrong with it and which move is selected; -1 for none. */
    public void show(Combination shown, List<Finding> found, int part) {
        combination = shown;
        missteps = found;
        selected = part;
        setAccessibleText("Foot score: " + (shown.moves().isEmpty()
                ? "no moves"
                : shown.moves().stream().map(DancedMove::name).collect(Collectors.joining(", "))));
        requestLayout();
        paint();
    }

    /** Lights up a place in quarters of a count; -1 for none. */
    void play(int quarters) {
        if (quarters != playing) {
            playing = quarters;
            paint();
        }
    }

    int playing() {
        return playing;
    }

    private void paint() {
        canvas.setWidth(geometry().width());
        canvas.setHeight(ScoreGeometry.height(combination.counts()));
        new ScorePainter(canvas.getGraphicsContext2D(), palette.get(), geometry()).paint(combination,
                missteps,
                selected, playing);
    }

    @Override
    protected double computePrefHeight(double width) {
        return ScoreGeometry.height(combination.counts());
    }

    @Override
    protected double computeMinHeight(double width) {
        return computePrefHeight(width);
    }

    @Override
    protected double computePrefWidth(double height) {
        return 700;
    }

    @Override
    protected double computeMinWidth(double height) {
        return 300;
    }
}
