package app.kehre.desk.text;

import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.shape.Rectangle;

import app.kehre.core.written.ReadLine;
import app.kehre.desk.control.Words;

/** Beside each written line what Kehre reads it as; where it is not sure, the ways to read it, each a key away. */
final class ReadColumn extends Pane {

    private static final double SIGN = 18;
    private static final double GAP = 10;
    /** A reading that has no room is shortened; pointed at, it says all. */
    private static final double LEAST_CHIP = 60;

    private final Consumer<Choice> choose;
    private final Runnable leave;
    private List<ReadLine> lines = List.of();
    private double top;
    private double height = 20;
    private Optional<Integer> focused = Optional.empty();

    /**
     * A reading that was chosen.
     *
     * @param line what is written
     * @param reading from 0; -1 for its note
     */
    record Choice(ReadLine line, int reading) {}

    /**
     * Makes a column that shows nothing yet.
     *
     * @param leave gives the keyboard back to the text
     */
    ReadColumn(Consumer<Choice> choose, Runnable leave) {
        this.choose = choose;
        this.leave = leave;
        setId("text-read");
        getStyleClass().add("text-read");
        setMinSize(0, 0);
        setPrefSize(200, 0);
        Rectangle clip = new Rectangle();
        clip.widthProperty().bind(widthProperty());
        clip.heightProperty().bind(heightProperty());
        setClip(clip);
        heightProperty().addListener(_ -> place());
        widthProperty().addListener(_ -> place());
    }

    void show(List<ReadLine> now) {
        lines = now;
        place();
    }

    /**
     * Follows the text.
     *
     * @param firstLine where its first line begins, from the top of the column
     * @param lineHeight of one of its lines
     */
    void follow(double firstLine, double lineHeight) {
        top = firstLine;
        height = lineHeight;
        place();
    }

    /** Only the lines that are seen have rows. */
    private void place() {
        getChildren().clear();
        for (ReadLine line : lines) {
            double y = top + (line.number() - 1) * height;
            if (y > -height && y < getHeight()) {
                HBox row = row(line);
                row.resizeRelocate(GAP, y, Math.max(0, getWidth() - GAP), height);
                getChildren().add(row);
            }
        }
        focused.ifPresent(this::focus);
    }

    private HBox row(ReadLine line) {
        HBox row = new HBox(6);
        // Else the pane would give it all the width that it likes, and its last readings would be cut off.
        row.setManaged(false);
        row.setAlignment(Pos.CENTER_LEFT);
        Label sign = Words.plain(sign(line), "soft");
        sign.setMinWidth(SIGN);
        row.getChildren().add(sign);
        switch (line.how()) {
            case HEADING -> row.getChildren().add(Words.plain(said(line), "read-heading"));
            case READ -> row.getChildren().add(Words.plain(said(line), "read-line"));
            case NOTE -> row.getChildren().add(Words.plain(line.words(), "soft", "read-note"));
            case NOTHING -> {
            }
            case TO_CHOOSE -> {
                row.getStyleClass().add("read-choose");
                for (int at = 0; at < line.choices().size(); at++) {
                    row.getChildren().add(chip(line, at));
                }
                row.getChildren().add(noteChip(line));
            }
        }
        return row;
    }

    private static String sign(ReadLine line) {
        return switch (line.how()) {
            case HEADING, READ -> said(line).isEmpty() ? "" : "=";
            case TO_CHOOSE -> "?";
            case NOTE, NOTHING -> "";
        };
    }

    /** What is written just so need not be said again. */
    private static String said(ReadLine line) {
        return line.words().equalsIgnoreCase(line.text()) ? "" : line.words();
    }

    private Button chip(ReadLine line, int at) {
        Button chip = new Button("%d  %s".formatted(at + 1, line.choices().get(at)));
        chip.setId("choose-%d-%d".formatted(line.number(), at + 1));
        return told(chip, line, at);
    }

    private Button noteChip(ReadLine line) {
        return told(new Button("N  note"), line, -1);
    }

    private Button told(Button chip, ReadLine line, int reading) {
        chip.getStyleClass().addAll("mend", "read-chip");
        chip.setMinWidth(reading < 0 ? USE_PREF_SIZE : LEAST_CHIP);
        chip.setTooltip(new Tooltip(chip.getText()));
        chip.setOnAction(_ -> choose.accept(new Choice(line, reading)));
        chip.addEventFilter(KeyEvent.KEY_PRESSED, event -> onKey(event, line));
        return chip;
    }

    private void onKey(KeyEvent event, ReadLine line) {
        int digit = event.getCode().isDigitKey() ? Integer.parseInt(event.getCode().getName()) : 0;
        if (digit > 0 && digit <= line.choices().size()) {
            choose.accept(new Choice(line, digit - 1));
        } else if (event.getCode() == KeyCode.N || event.getCode() == KeyCode.SPACE) {
            choose.accept(new Choice(line, -1));
        } else if (event.getCode() == KeyCode.ESCAPE) {
            leave.run();
        } else {
            return;
        }
        event.consume();
    }

    /** Returns the first line to choose behind another, or the first of all. */
    Optional<ReadLine> next(int after) {
        return lines.stream().filter(each -> each.how() == ReadLine.How.TO_CHOOSE && each.number() > after)
                .findFirst()
                .or(() -> lines.stream().filter(each -> each.how() == ReadLine.How.TO_CHOOSE).findFirst());
    }

    /** Puts the keyboard on the readings of a line, or takes it away. */
    void choosing(Optional<Integer> line) {
        focused = line;
        line.ifPresent(this::focus);
    }

    private void focus(int number) {
        getChildren().stream().flatMap(row -> ((HBox) row).getChildren().stream())
                .filter(each -> ("choose-%d-1".formatted(number)).equals(each.getId())).findFirst()
                .ifPresent(each -> each.requestFocus());
    }
}
