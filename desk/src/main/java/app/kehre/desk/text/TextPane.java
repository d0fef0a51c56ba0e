package app.kehre.desk.text;

import java.util.List;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextArea;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.text.Text;

import app.kehre.core.written.ClassText;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/**
 * The class as text: written freely, each line that cannot be read marked beside it and offered in readings, taken back
 * with Ctrl+Enter. Escape asks once before it drops what was typed.
 */
public final class TextPane extends VBox {

    private static final double GUTTER = 20;
    private static final double FAULTS = 150;
    private static final double LEAST_FAULTS = 96;
    /** What the text area leaves above its first line. */
    private static final double PADDING = 8;
    private static final int MOST_FAULTS = 40;

    private final TextViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Runnable close;
    private final TextArea area = new TextArea();
    private final Canvas gutter = new Canvas(GUTTER, 10);
    private final VBox faults = new VBox(6);
    private final ScrollPane faultsScroll = new ScrollPane(faults);
    private final Label outcome = Words.plain("", "soft");
    private final Button take = Words.button("text-take", "Take it back   Ctrl+Enter", this::take);
    private final Button drop = Words.button("text-drop", "", this::dropFaults);
    private final ToggleButton segment = new ToggleButton();
    private final ToggleButton whole = new ToggleButton("The class");
    private List<ClassText.Fault> shown = List.of();
    private String printed = "";
    /** Whether a question or a refusal is said, which what is read must not talk over. */
    private boolean asked;
    /** Whether the next Escape drops what was typed. */
    private boolean leaving;
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
        HBox.setHgrow(area, Priority.ALWAYS);
        HBox text = new HBox(edge, area);
        text.setMinHeight(0);
        area.setMinHeight(0);
        VBox.setVgrow(text, Priority.ALWAYS);
        faultsScroll.setFitToWidth(true);
        faultsScroll.setId("text-faults");
        faultsScroll.getStyleClass().add("card-scroll");
        faultsScroll.setMaxHeight(FAULTS);
        faultsScroll.setMinHeight(LEAST_FAULTS);
        getChildren().setAll(head(), text, faultsScroll);
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
        HBox head = new HBox(8, segment, whole, gap, outcome, drop,
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
        model.ask(area.getText(), this::show);
    }

    private void show(TextViewModel.Outcome now) {
        shown = now.read().faults();
        if (!asked) {
            outcome.setText(now.words());
        }
        take.setDisable(!shown.isEmpty());
        drop.setText(shown.size() == 1 ? "Drop this line" : "Drop these %d lines".formatted(shown.size()));
        drop.setVisible(!shown.isEmpty());
        drop.setManaged(!shown.isEmpty());
        faults.getChildren().setAll(shown.stream().limit(MOST_FAULTS).map(this::row).toList());
        faultsScroll.setVisible(!shown.isEmpty());
        faultsScroll.setManaged(!shown.isEmpty());
        paint();
    }

    private VBox row(ClassText.Fault fault) {
        Hyperlink go = new Hyperlink("line %d".formatted(fault.line()));
        go.setMinWidth(USE_PREF_SIZE);
        go.setOnAction(_ -> goTo(fault.line()));
        Label what = Words.wrapped("%s   %s".formatted(fault.text().strip(), fault.sentence()), "small");
        FlowPane choices = new FlowPane(5, 4);
        for (String choice : fault.choices()) {
            Button button = new Button(choice);
            button.getStyleClass().add("mend");
            button.setOnAction(_ -> {
                area.setText(TextViewModel.with(area.getText(), fault.line(), choice));
                goTo(fault.line());
            });
            choices.getChildren().add(button);
        }
        HBox top = new HBox(8, go, what);
        HBox.setHgrow(what, Priority.ALWAYS);
        return new VBox(2, top, choices);
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
        for (ClassText.Fault fault : shown) {
            double y = top + (fault.line() - 0.5) * line;
            pen.fillPolygon(new double[]{4, 10, 16, 10}, new double[]{y, y - 6, y, y + 6}, 4);
        }
    }

    /** As the text area lays its lines out, which no font says. */
    private double lineHeight() {
        long lines = Math.max(1, area.getText().chars().filter(each -> each == '\n').count() + 1);
        return area.lookup(".text") instanceof Text text && text.getLayoutBounds().getHeight() > 0
                ? text.getLayoutBounds().getHeight() / lines
                : area.getFont().getSize();
    }

    private void take() {
        String problem = model.take(area.getText(), overwrites);
        overwrites = model.outdated();
        if (problem.isEmpty()) {
            close.run();
        } else {
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

    private void dropFaults() {
        area.setText(TextViewModel.without(area.getText(), shown));
        area.requestFocus();
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
        if (event.getCode() == KeyCode.ESCAPE) {
            leave();
            event.consume();
        } else if (event.getCode() == KeyCode.ENTER && event.isShortcutDown()) {
            take();
            event.consume();
        }
    }
}
