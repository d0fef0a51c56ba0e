package app.kehre.desk.exercises;

import java.nio.file.Path;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.function.Supplier;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import app.kehre.core.exercise.Exercise;
import app.kehre.desk.control.WhenSeen;
import app.kehre.desk.control.Words;
import app.kehre.formats.library.ImportedExercises;

/** The Exercises place. */
public final class ExercisesView extends VBox {

    private final ExercisesViewModel model;
    private final Consumer<Exercise> add;
    private final Supplier<Optional<Path>> toImport;
    private final Consumer<Consumer<Path>> toExport;
    private final TextField search = new TextField();
    private final ListView<Exercise> list = new ListView<>();
    private final Label count = new Label();
    private final Label name = new Label();
    private final Label about = new Label();
    private final FlowPane actions = new FlowPane(6, 6);
    private final DetailPane detail;
    private final CardEditor editor;
    private final VBox page;
    private final StackPane right = new StackPane();
    private boolean showing;

    /**
     * Makes the view.
     *
     * @param add called with the exercise that is to be added to the class
     * @param toImport asks for a table to read
     * @param toExport asks for a table and has it written
     */
    public ExercisesView(ExercisesViewModel model, Consumer<Exercise> add,
            Supplier<Optional<Path>> toImport, Consumer<Consumer<Path>> toExport) {
        this.model = model;
        this.add = add;
        this.toImport = toImport;
        this.toExport = toExport;
        detail = new DetailPane(model, this::select);
        editor = new CardEditor(model);
        page = new VBox(4, name, about, actions, detail);
        lay();
        bind();
        show();
    }

    private void lay() {
        Label title = new Label("Exercises");
        title.getStyleClass().add("page-title");
        count.getStyleClass().add("soft");
        count.setId("count");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        HBox top = new HBox(8, new VBox(2, title, count), gap,
                Words.button("new-exercise", "New\u2026", model::startNew),
                Words.button("import-exercises", "Import CSV\u2026", this::importTable),
                Words.button("export-exercises", "Export CSV\u2026",
                        () -> toExport.accept(model::export)));
        top.setAlignment(Pos.TOP_LEFT);
        search.setId("search");
        search.setAccessibleText("Search the exercises");
        search.getStyleClass().add("add-field");
        search.setPromptText("Search names, muscles, words of the description\u2026");
        list.setId("exercises");
        list.setAccessibleText("Exercises that were found");
        list.getStyleClass().add("reasons");
        list.setCellFactory(_ -> new ExerciseCell(model));
        VBox.setVgrow(list, Priority.ALWAYS);
        CheckBox hidden = new CheckBox("the hidden ones");
        hidden.setId("show-hidden");
        hidden.setOnAction(_ -> {
            model.setShowHidden(hidden.isSelected());
            showFromFirst();
        });
        FilterBar filters = new FilterBar(model);
        filters.getChildren().add(hidden);
        VBox left = new VBox(7, search, filters, list);
        left.setMinWidth(300);
        left.setPrefWidth(470);
        name.getStyleClass().add("heading");
        name.setId("exercise-name");
        about.getStyleClass().add("soft");
        about.setWrapText(true);
        about.setMinHeight(USE_PREF_SIZE);
        VBox.setVgrow(detail, Priority.ALWAYS);
        right.getStyleClass().add("exercise-page");
        right.setMinWidth(340);
        right.setPrefWidth(340);
        HBox.setHgrow(right, Priority.ALWAYS);
        HBox both = new HBox(20, left, right);
        HBox.setHgrow(left, Priority.SOMETIMES);
        VBox.setVgrow(both, Priority.ALWAYS);
        setPadding(new Insets(14, 22, 8, 22));
        setSpacing(8);
        getChildren().setAll(top, both);
    }

    private void bind() {
        search.textProperty().bindBidirectional(model.typed());
        search.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.DOWN || event.getCode() == KeyCode.ENTER) {
                list.requestFocus();
                event.consume();
            }
        });
        list.addEventFilter(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.ENTER) {
                model.selected().get().ifPresent(add);
                event.consume();
            }
        });
        model.typed().addListener(_ -> showFromFirst());
        model.filter().addListener(_ -> showFromFirst());
        model.ownLibrary().library().addListener(_ -> show());
        WhenSeen seen = new WhenSeen(this, this::show);
        model.open().settled().addListener(_ -> seen.run());
        model.edited().addListener(_ -> showRight());
        list.getSelectionModel().selectedItemProperty().addListener((_, _, exercise) -> {
            if (exercise != null && !showing) {
                model.selected().set(Optional.of(exercise));
            }
        });
        model.selected().addListener(_ -> showRight());
    }

    /** Shows the page of an exercise. */
    public void open(Exercise exercise) {
        select(exercise);
    }

    /** Puts the typing mark into the search. */
    public void focusSearch() {
        search.requestFocus();
    }

    private void showFromFirst() {
        model.selected().set(Optional.empty());
        show();
    }

    private void show() {
        showing = true;
        List<Exercise> found = model.found();
        list.getItems().setAll(found);
        count.setText("%d of %d, %d of them your own".formatted(found.size(), model.library().all().size(),
                model.library().own().exercises().size()));
        Optional<Exercise> still = model.selected().get()
                .flatMap(old -> found.stream().filter(each -> each.id().equals(old.id())).findFirst());
        Optional<Exercise> shown = still.or(() -> found.stream().findFirst());
        shown.ifPresent(list.getSelectionModel()::select);
        if (still.isEmpty()) {
            list.scrollTo(0);
        }
        showing = false;
        model.selected().set(shown);
        showRight();
    }

    private void select(Exercise exercise) {
        if (!list.getItems().contains(exercise)) {
            model.typed().set(exercise.name());
        }
        list.getSelectionModel().select(exercise);
        list.scrollTo(exercise);
    }

    private void showRight() {
        if (model.edited().get().isPresent()) {
            if (!right.getChildren().contains(editor)) {
                editor.show(model.edited().get().get());
                right.getChildren().setAll(editor);
                editor.focusFirst();
            }
            return;
        }
        model.selected().get().ifPresentOrElse(exercise -> {
            showPage(exercise);
            right.getChildren().setAll(page);
        }, () -> {
            Label none = new Label("Nothing of that kind. Search for less, or take a filter away.");
            none.getStyleClass().add("soft");
            right.getChildren().setAll(none);
        });
    }

    private void showPage(Exercise exercise) {
        name.setText(exercise.name());
        String used = model.used(exercise);
        about.setText("%s \u00b7 %s \u00b7 %s \u00b7 impact %s%s".formatted(exercise.family().words(),
                exercise.pattern().words(), exercise.position().words(), exercise.impact().words(),
                used.isEmpty() ? "" : " \u00b7 " + used));
        List<Node> ways = new ArrayList<>();
        Button into = Words.button("add-to-class", "Add to the class", () -> add.accept(exercise));
        into.getStyleClass().add("go");
        ways.add(into);
        if (model.isOwn(exercise)) {
            ways.add(Words.button("change-exercise", "Change\u2026", () -> model.startChange(exercise)));
            ways.add(Words.button("remove-exercise", "Remove", () -> model.remove(exercise)));
        } else {
            boolean hidden = model.isHidden(exercise);
            ways.add(Words.button("hide-exercise", hidden ? "Show again" : "Hide",
                    () -> model.hide(exercise, !hidden)));
        }
        ways.add(Words.button("copy-exercise", "Copy as my own\u2026", () -> model.startCopy(exercise)));
        actions.getChildren().setAll(ways);
        detail.show(exercise);
    }

    private void importTable() {
        toImport.get().flatMap(model::read).ifPresent(this::showImport);
    }

    private void showImport(ImportedExercises outcome) {
        VBox rows = new VBox(6);
        Label said = Words.wrapped(outcome.words(), "heading");
        said.setId("import-outcome");
        rows.getChildren().add(said);
        outcome.sentences().forEach(sentence -> rows.getChildren().add(Words.wrapped(sentence, "over")));
        Button none = Words.button("import-none", outcome.good().isEmpty() ? "All right" : "Take none",
                this::showRight);
        Button good = Words.button("import-good", "Take the %d good ones".formatted(outcome.good().size()),
                () -> {
                    model.takeTable();
                    showRight();
                });
        good.setManaged(!outcome.good().isEmpty());
        good.setVisible(!outcome.good().isEmpty());
        good.getStyleClass().add("go");
        rows.getChildren().add(new HBox(8, good, none));
        right.getChildren().setAll(rows);
    }
}
