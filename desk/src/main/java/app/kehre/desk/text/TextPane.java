package app.kehre.desk.text;

import java.util.List;
import java.util.Optional;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

import app.kehre.core.written.ReadLine;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/**
 * The class as text, as the instructor writes it, and beside each line what Kehre reads it as. What is not sure is chosen with a key:
 * Tab goes from one such line to the next. Ctrl+Enter takes the text into the class; Escape asks once before it drops what was typed.
 */
public final class TextPane extends VBox {

    private static final double GUTTER = 20;
    /** The share of the width that what is written has. */
    private static final double WRITTEN = 0.38;
    /** What the text area leaves above its first line. */
    private static final double PADDING = 8;

    private final TextViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Runnable close;
    private final TextArea area = new TextArea();
    private final Canvas gutter = new Canvas(GUTTER, 10);
    private final Label outcome = Words.plain("", "soft");
    private final Button take = Words.button("text-take", "Into the class   Ctrl+Enter", this::take);
    private final Label keys = Words.plain("", "soft", "small");
    private final ToggleButton segment = new ToggleButton();
    private final ToggleButton whole = new ToggleButton("The class");
    private List<ReadLine> shown = List.of();
    private final ReadColumn column = new ReadColumn(this::chosen, area::requestFocus);
    private String printed = "";
    /** Whether a question or a refusal is said, which what is read must not talk over. */
    private boolean asked;
    /** The line behind which the next one to choose is gone to, once the text is read. */
    private Optional<Integer> wantsNext = Optional.empty();
    /** Whether the next Escape drops what was typed. */
    private boolean leaving;
    /** Whether the next taking keeps lines that wait to be chosen as notes. */
    private boolean keepsNotes;
    /** Whether the next taking comes in the place of what has changed beside the text. */
    private boolean overwrites;

    /**
     * Makes a pane that shows nothing yet.
     *
     * @param close takes it away
     */
    public TextPane(TextViewModel model, ObjectProperty<Palette> palette, Runnable close) {
        super(6);
        this.model = model;
        this.palette = palette;
        this.close = close;
        getStyleClass().add("text-pane");
        area.setId("class-text");
        area.setAccessibleText("The class as text");
        area.textProperty().addListener(_ -> read());
        area.scrollTopProperty().addListener(_ -> paint());
        Pane edge = new Pane(gutter);
        edge.setMinSize(GUTTER, 0);
        edge.setPrefHeight(0);
        gutter.heightProperty().bind(edge.heightProperty());
        gutter.heightProperty().addListener(_ -> paint());
        outcome.setId("text-outcome");
        take.getStyleClass().add("go");
        area.setMinWidth(0);
        area.setPrefWidth(0);
        HBox.setHgrow(area, Priority.ALWAYS);
        HBox.setHgrow(column, Priority.ALWAYS);
        HBox text = new HBox(edge, area, column);
        area.prefWidthProperty().bind(text.widthProperty().multiply(WRITTEN));
        area.maxWidthProperty().bind(area.prefWidthProperty());
        text.setMinHeight(0);
        area.setMinHeight(0);
        VBox.setVgrow(text, Priority.ALWAYS);
        getChildren().setAll(head(), text, keys);
        keys.setId("text-keys");
        addEventFilter(KeyEvent.KEY_PRESSED, this::onKey);
        model.onChange(this::follow);
    }

    private HBox head() {
        ToggleGroup group = new ToggleGroup();
        for (ToggleButton button : List.of(segment, whole)) {
            button.getStyleClass().setAll("side-head");
            button.setToggleGroup(group);
            button.setMinWidth(USE_PREF_SIZE);
            button.setOnAction(_ -> print(button == whole));
        }
        segment.setId("text-segment");
        whole.setId("text-whole");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        outcome.setMinWidth(0);
        HBox head = new HBox(8, segment, whole, gap, outcome,
                Words.button("text-leave", "Leave   Esc", this::leave), take);
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    /** Shows the class as it is, and puts the keyboard into its text. */
    public void open() {
        print(false);
        area.requestFocus();
        area.positionCaret(0);
    }

    private void print(boolean all) {
        String text = model.print(all);
        segment.setText(model.alone().orElse("Segment"));
        (model.alone().isPresent() ? segment : whole).setSelected(true);
        printed = text;
        asked = false;
        overwrites = false;
        area.setText(text);
        read();
    }

    private void read() {
        asked = false;
        leaving = false;
        keepsNotes = false;
        model.ask(area.getText(), this::show);
    }

    private void show(TextViewModel.Outcome now) {
        shown = now.read().lines();
        if (!asked) {
            outcome.setText(now.words());
        }
        take.setDisable(now.against().isPresent());
        boolean waiting = !now.toChoose().isEmpty();
        keys.setText(waiting ? "Tab: the next line to choose   1 2 3: that reading   N: a note" : "");
        column.show(shown);
        wantsNext.ifPresent(this::toNext);
        wantsNext = Optional.empty();
        paint();
    }

    /** Takes a reading and goes on to the next line to choose. */
    private void chosen(ReadColumn.Choice choice) {
        model.choose(choice.line().text(), choice.reading());
        column.choosing(Optional.empty());
        wantsNext = Optional.of(choice.line().number());
        read();
    }

    private void toNext(int after) {
        column.next(after).ifPresentOrElse(line -> {
            goTo(line.number());
            column.choosing(Optional.of(line.number()));
        }, area::requestFocus);
    }

    private void goTo(int line) {
        int at = 0;
        List<String> lines = area.getText().lines().toList();
        for (int i = 0; i < line - 1 && i < lines.size(); i++) {
            at += lines.get(i).length() + 1;
        }
        area.requestFocus();
        area.selectRange(at, at + (line <= lines.size() ? lines.get(line - 1).length() : 0));
    }

    /** A sign beside each line that cannot be read. */
    private void paint() {
        GraphicsContext pen = gutter.getGraphicsContext2D();
        pen.clearRect(0, 0, gutter.getWidth(), gutter.getHeight());
        pen.setFill(palette.get().mark());
        double line = lineHeight();
        double top = area.snappedTopInset() + PADDING - area.getScrollTop();
        for (ReadLine each : shown) {
            if (each.how() == ReadLine.How.TO_CHOOSE) {
                double y = top + (each.number() - 0.5) * line;
                pen.fillPolygon(new double[]{4, 10, 16, 10}, new double[]{y, y - 6, y, y + 6}, 4);
            }
        }
        column.follow(top, line);
    }

    /** As the text area lays its lines out, which no font says. */
    private double lineHeight() {
        long lines = Math.max(1, area.getText().chars().filter(each -> each == '\n').count() + 1);
        return area.lookup(".text") instanceof Text text && text.getLayoutBounds().getHeight() > 0
                ? text.getLayoutBounds().getHeight() / lines
                : area.getFont().getSize();
    }

    private void take() {
        String problem = model.take(area.getText(), overwrites, keepsNotes);
        overwrites = model.outdated();
        if (problem.isEmpty()) {
            close.run();
        } else {
            keepsNotes = true;
            asked = true;
            outcome.setText(problem);
        }
    }

    /** What nobody has touched follows the class. */
    private void follow() {
        overwrites = false;
        if (getScene() != null && model.outdated() && area.getText().equals(printed)) {
            print(whole.isSelected());
        }
    }

    private void leave() {
        if (area.getText().equals(printed) || leaving) {
            close.run();
            return;
        }
        asked = true;
        leaving = true;
        outcome.setText("What you wrote is not in the class yet. Escape again drops it.");
    }

    private void onKey(KeyEvent event) {
        if (event.getCode() == KeyCode.TAB && area.isFocused() && column.next(0).isPresent()) {
            toNext(area.getText().substring(0, area.getCaretPosition()).lines().toList().size());
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE && column.isFocusWithin()) {
            column.choosing(Optional.empty());
            area.requestFocus();
            event.consume();
        } else if (event.getCode() == KeyCode.ESCAPE) {
            leave();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
            take();
            event.consume();
        }
    }
}
