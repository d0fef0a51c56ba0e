package app.kehre.desk.log;

import java.util.EnumMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.RecordKey;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The Log place: the last class, all classes, the pace that is learned, groups, and a class logged by hand. */
public final class LogView extends VBox {

    /** What is shown of the log. */
    private enum Part {
        /** One class. */
        CLASS("The class", "log-class"),
        /** All of them. */
        ALL("All classes", "log-all"),
        /** The pace. */
        PACE("Your pace", "log-pace"),
        /** Groups. */
        GROUPS("Groups", "log-groups"),
        /** By hand. */
        HAND("Log by hand", "log-hand");

        private final String words;
        private final String id;

        Part(String words, String id) {
            this.words = words;
            this.id = id;
        }
    }

    private final LogViewModel model;
    private final NoticeBar notices;
    private final ClassPane classPane;
    private final AllPane allPane;
    private final LearntPane learntPane;
    private final GroupsPane groupsPane;
    private final ChecksPane checksPane;
    private final HandPane handPane;
    private final VBox nothing;
    private final StackPane stage = new StackPane();
    private final ScrollPane scroll = new ScrollPane();
    private final Map<Part, ToggleButton> tabs = new EnumMap<>(Part.class);
    private final Runnable copy;
    private Part part = Part.CLASS;

    /**
     * Makes the view.
     *
     * @param hint told what is against what is typed
     * @param again plans the next class from one
     * @param copy copies the studio elsewhere
     */
    public LogView(LogViewModel model, ObjectProperty<Palette> palette, NoticeBar notices,
            Consumer<String> hint,
            Consumer<ClassRecord> again, Runnable copy) {
        super(10);
        this.copy = copy;
        this.model = model;
        this.notices = notices;
        getStyleClass().add("log");
        setPadding(new Insets(12, 22, 8, 22));
        classPane = new ClassPane(model, palette, hint, again, this::forget);
        allPane = new AllPane(model, this::look);
        learntPane = new LearntPane(model, palette, hint);
        checksPane = new ChecksPane(model, palette);
        groupsPane = new GroupsPane(model, checksPane);
        handPane = new HandPane(model, () -> go(Part.CLASS));
        nothing = new VBox(8, Words.plain("Log", "page-title"), Words.wrapped(
                "No class was taught yet. A class that is taught in the Teach place is written down here by itself; one"
                        + " that was taught without Kehre is logged by hand.",
                "soft"));
        VBox.setVgrow(stage, Priority.ALWAYS);
        getChildren().setAll(tabs(), stage);
        model.logged().subscribe(this::fill);
        palette.subscribe(() -> fill(model.logged().get()));
        go(Part.CLASS);
    }

    private Node tabs() {
        ToggleGroup one = new ToggleGroup();
        HBox row = new HBox(4);
        for (Part each : Part.values()) {
            ToggleButton tab = new ToggleButton(each.words);
            tab.setId(each.id);
            tab.getStyleClass().add("tab");
            tab.setToggleGroup(one);
            tab.setOnAction(_ -> go(each));
            tabs.put(each, tab);
            row.getChildren().add(tab);
        }
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button elsewhere = Words.button("copy-studio", "Copy the studio\u2026", copy);
        elsewhere.getStyleClass().addAll("flat", "small");
        Tips.say(elsewhere,
                "All classes, records and what is your own, in one file; looked through once it is written");
        row.getChildren().addAll(gap, elsewhere);
        return row;
    }

    /** Brings it up to date. */
    public void show() {
        model.show();
        refresh();
    }

    private void refresh() {
        if (part == Part.HAND) {
            handPane.show();
        } else if (part == Part.GROUPS) {
            checksPane.show();
        }
    }

    private void go(Part other) {
        part = other;
        Objects.requireNonNull(tabs.get(other), "tab").setSelected(true);
        fill(model.logged().get());
        refresh();
    }

    private void look(RecordKey key) {
        model.look(key);
        go(Part.CLASS);
    }

    private void fill(Logged logged) {
        switch (part) {
            case CLASS -> {
                classPane.show(logged);
                put(logged.shown().isPresent() ? scrolled(classPane) : nothing);
            }
            case ALL -> {
                allPane.show(logged);
                put(allPane);
            }
            case PACE -> {
                learntPane.show(logged);
                put(learntPane);
            }
            case GROUPS -> {
                groupsPane.show(logged);
                put(groupsPane);
            }
            case HAND -> put(handPane);
        }
    }

    private void put(Node node) {
        if (!stage.getChildren().equals(List.of(node))) {
            stage.getChildren().setAll(node);
        }
    }

    private Node scrolled(Node node) {
        if (scroll.getContent() != node) {
            scroll.setContent(node);
            scroll.setFitToWidth(true);
            scroll.getStyleClass().add("bare");
        }
        return scroll;
    }

    private void forget(ClassRecord record) {
        model.documentOf(record, bytes -> {
            model.forget();
            notices.show("log", "\u201c%s\u201d is taken out of the log.".formatted(record.heading().title()),
                    List.of(new NoticeBar.Way("Have it back", () -> model.bringBack(record, bytes)),
                            new NoticeBar.Way("All right", () -> {})));
        });
    }

    /** Puts the keyboard where the work begins. */
    public void focusFirst() {
        switch (part) {
            case ALL -> allPane.focusFirst();
            case HAND -> handPane.focusFirst();
            case CLASS, PACE, GROUPS -> Objects.requireNonNull(tabs.get(part), "tab").requestFocus();
        }
    }
}
