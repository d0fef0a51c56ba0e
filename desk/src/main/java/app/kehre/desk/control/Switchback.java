package app.kehre.desk.control;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.function.Consumer;
import java.util.function.IntConsumer;
import javafx.beans.property.ObjectProperty;
import javafx.beans.property.SimpleObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Point2D;
import javafx.scene.AccessibleRole;
import javafx.scene.canvas.Canvas;
import javafx.scene.control.Tooltip;
import javafx.scene.input.KeyCode;
import javafx.scene.input.MouseEvent;
import javafx.scene.layout.Region;

import app.kehre.core.effort.Effort;
import app.kehre.core.effort.ReadOut;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Tally;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.EntryText;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Palette;

/**
 * The class as a road of hairpins: rows of ten minutes (or five, or twenty), like lines of writing. A click or the arrow keys
 * select an entry.
 */
public final class Switchback extends Region {

    private static final double LOWEST_ROW = 43;
    private static final double HIGHEST_ROW = 55;

    private static final List<Integer> ZOOMS = List.of(5, 10, 20);

    private final double scale;
    private final ObjectProperty<Palette> palette = new SimpleObjectProperty<>(Palette.LIGHT);
    private final Canvas canvas = new Canvas();
    private final Tooltip tip = new Tooltip();
    private SwitchbackScene scene;
    private double seenFrom;
    private double seenTo = Double.MAX_VALUE;

    /**
     * Makes a road.
     *
     * @param timeline the class to draw at first
     * @param onSelect told a clicked line
     * @param onNeighbour told -1 or 1 when the arrow keys ask for a neighbour
     */
    public Switchback(Timeline timeline, Consumer<EntryId> onSelect, IntConsumer onNeighbour) {
        this(timeline, onSelect, onNeighbour, 1);
    }

    /** Makes a road that is only looked at, drawn larger. */
    public static Switchback large(Timeline timeline, double scale) {
        Switchback road = new Switchback(timeline, _ -> {}, _ -> {}, scale);
        road.setFocusTraversable(false);
        road.setMouseTransparent(true);
        return road;
    }

    private Switchback(Timeline timeline, Consumer<EntryId> onSelect, IntConsumer onNeighbour, double scale) {
        this.scale = scale;
        this.scene = SwitchbackScene.of(timeline);
        getStyleClass().add("switchback");
        setFocusTraversable(true);
        setAccessibleRole(AccessibleRole.NODE);
        setAccessibleText("The class, 10 minutes a row");
        getChildren().add(canvas);
        palette.addListener(_ -> requestLayout());
        focusedProperty().addListener(_ -> requestLayout());
        setOnMouseClicked(event -> {
            requestFocus();
            entryAt(event.getX(), event.getY()).ifPresent(onSelect::accept);
        });
        setOnMouseMoved(this::point);
        setOnMouseExited(_ -> Tooltip.uninstall(this, tip));
        setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.LEFT || event.getCode() == KeyCode.RIGHT) {
                onNeighbour.accept(event.getCode() == KeyCode.LEFT ? -1 : 1);
                event.consume();
            }
        });
    }

    /** Returns the theme that it is drawn in. */
    public ObjectProperty<Palette> palette() {
        return palette;
    }

    /** Draws a class. */
    public void show(Timeline timeline) {
        scene = scene.with(timeline);
        requestLayout();
    }

    /** Marks a line as the selected one; none for none. */
    public void select(Optional<EntryId> entryId) {
        scene = scene.withSelected(entryId);
        requestLayout();
    }

    /** Shows only some uses of the time in full colour; none for all of them. */
    public void filter(Set<Tally.Use> uses) {
        scene = scene.withFilter(uses);
        requestLayout();
    }

    /** Makes rows longer or shorter by steps: 5, 10 or 20 minutes. Returns how many minutes they last now. */
    public int zoom(int steps) {
        int at = Math.clamp((long) ZOOMS.indexOf(scene.view().minutes()) + steps, 0, ZOOMS.size() - 1);
        scene = scene.zoomed(ZOOMS.get(at));
        setAccessibleText("The class, %d minutes a row".formatted(ZOOMS.get(at)));
        if (getParent() != null) {
            getParent().requestLayout();
        }
        requestLayout();
        return ZOOMS.get(at);
    }

    /** Draws only the rows that can be seen, from one height to another in this control, in pixels. */
    public void see(double from, double to) {
        if (from != seenFrom || to != seenTo) {
            seenFrom = from;
            seenTo = to;
            requestLayout();
        }
    }

    /** Draws the predicted effort above the blocks. */
    public void show(Effort effort) {
        scene = scene.with(scene.over().with(effort));
        requestLayout();
    }

    /** Points out stretches of the class. */
    public void light(List<Stretch> stretches) {
        scene = scene.with(scene.over().lit(stretches));
        requestLayout();
    }

    /** The strip of the effort takes a little of the room between rows. */
    private double extra() {
        return scene.over().effort().isPresent() ? Overlay.STRIP - 6 : 0;
    }

    /** Marks a moment of the class, and shows only so many rows from the one in which it lies. */
    public void follow(Duration moment, int rows) {
        scene = scene.following(moment, rows);
        requestLayout();
    }

    @Override
    protected double computePrefHeight(double width) {
        return scene.rows() * (HIGHEST_ROW + extra()) * scale + insets().getTop() + insets().getBottom();
    }

    @Override
    protected double computeMinHeight(double width) {
        return scene.rows() * (LOWEST_ROW + extra()) * scale + insets().getTop() + insets().getBottom();
    }

    @Override
    protected void layoutChildren() {
        Insets insets = insets();
        SwitchbackGeometry whole = geometry();
        int lastRow = scene.firstRow() + scene.rows() - 1;
        int first = row(whole, seenFrom, -1, lastRow);
        int last = row(whole, seenTo, 1, lastRow);
        canvas.relocate(insets.getLeft(), insets.getTop() + whole.top(first) * scale);
        canvas.setWidth(whole.width() * scale);
        canvas.setHeight((last - first + 1) * whole.row() * scale);
        canvas.getGraphicsContext2D().setTransform(scale, 0, 0, scale, 0, 0);
        new SwitchbackPainter(canvas.getGraphicsContext2D(), palette.get(), whole.from(first), last).paint(
                scene,
                isFocused());
    }

    /** The row at a height, with one more beyond it. */
    private int row(SwitchbackGeometry whole, double height, int more, int lastRow) {
        double rows = Math.min((height - insets().getTop()) / scale / whole.row(), lastRow);
        return Math.clamp((long) Math.floor(rows) + scene.firstRow() + more, scene.firstRow(), lastRow);
    }

    private SwitchbackGeometry geometry() {
        double width = Math.max(1, getWidth() - insets().getLeft() - insets().getRight());
        double height = Math.max(1, getHeight() - insets().getTop() - insets().getBottom());
        double row = Math.min(HIGHEST_ROW + extra(), height / scale / Math.max(1, scene.rows()));
        return new SwitchbackGeometry(width / scale, row, scene.firstRow(), scene.over().strip(),
                scene.view().minutes());
    }

    private Insets insets() {
        return getInsets() == null ? Insets.EMPTY : getInsets();
    }

    private Optional<Block> blockAt(double x, double y) {
        return geometry().moment(x - insets().getLeft(), y - insets().getTop())
                .flatMap(moment -> scene.blocks().stream().filter(block -> block.stretch().has(moment))
                        .findFirst());
    }

    private Optional<EntryId> entryAt(double x, double y) {
        return blockAt(x, y).map(Block::entry);
    }

    private void point(MouseEvent event) {
        Optional<EntryId> entry = entryAt(event.getX(), event.getY());
        if (entry.isEmpty()) {
            Tooltip.uninstall(this, tip);
            return;
        }
        ClassPlan plan = scene.timeline().plan();
        plan.find(entry.get())
                .ifPresent(found -> tip.setText("%s \u00b7 %s \u00b7 %s at %s".formatted(found.name(),
                        EntryText.dose(found), Lengths.clock(scene.timeline().ofEntry(found.id()).shown()),
                        Lengths.clock(scene.timeline().ofEntry(found.id()).start()))
                        + readOut(event)));
        Tooltip.install(this, tip);
    }

    /** The values of the participants at the second that is pointed at. */
    private String readOut(MouseEvent event) {
        return scene.over().effort().flatMap(effort -> geometry()
                .moment(event.getX() - insets().getLeft(), event.getY() - insets().getTop())
                .map(moment -> "\n" + ReadOut.of(effort, (int) moment.toSeconds()))).orElse("");
    }

    /** Returns the blocks as drawn, for tests. */
    List<Block> blocks() {
        return scene.blocks();
    }

    /** Returns whether an entry has a block on the road. */
    public boolean shows(EntryId entryId) {
        return scene.blocks().stream().anyMatch(block -> block.entry().equals(entryId));
    }

    /** Returns the middle of an entry's first block, measured in this control, for tests. */
    public Point2D middleOf(EntryId entryId) {
        Block block = scene.blocks().stream().filter(each -> each.entry().equals(entryId)).findFirst()
                .orElseThrow();
        SwitchbackGeometry.Piece piece = geometry().pieces(block.stretch()).getFirst();
        return new Point2D(insets().getLeft() + piece.x() + piece.width() / 2,
                insets().getTop() + geometry().blockTop(piece.row()) + SwitchbackGeometry.BLOCK / 2);
    }
}
