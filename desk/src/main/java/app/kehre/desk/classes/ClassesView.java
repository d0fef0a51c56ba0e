package app.kehre.desk.classes;

import java.nio.file.Path;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.IntStream;
import javafx.application.Platform;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.input.KeyEvent;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.studio.StoredPlan;
import app.kehre.core.studio.StudioTrouble;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.NoticeBar;
import app.kehre.desk.control.SmallRoad;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;
import app.kehre.desk.session.Classes;
import app.kehre.formats.disk.DiskTrouble;
import app.kehre.formats.plan.PlanDocument;

/** The Classes place: every class with a small road, its length, its effort and what is open. */
public final class ClassesView extends VBox {

    private static final double BESIDE = 14;

    private static final NoticeBar.Way ALL_RIGHT = new NoticeBar.Way("All right", () -> {});

    private final ClassesViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Consumer<Classes.Where> opener;
    private final Label folder = Words.plain("", "soft");
    private final FlowPane cards = new FlowPane(BESIDE, BESIDE);
    private final NewClassBar begin;
    private final NoticeBar notices;
    private final TextField search = new TextField();
    private final ComboBox<ClassesViewModel.Order> order = new ComboBox<>();
    private final FlowPane lately = new FlowPane(10, 2);
    private final Label title = Words.plain("Classes", "page-title");
    private final ScrollPane scroll;
    private final Node finding;
    private Optional<VersionsPane> versionsShown = Optional.empty();
    private List<ClassesViewModel.Found> shown = List.of();

    /**
     * Makes the view.
     *
     * @param notices where what was deleted can be had back
     * @param opener opens a class
     */
    public ClassesView(ClassesViewModel model, NewClassModel newClass, NoticeBar notices,
            ObjectProperty<Palette> palette, Consumer<Classes.Where> opener) {
        super(10);
        this.begin = new NewClassBar(newClass);
        this.notices = notices;
        this.model = model;
        this.palette = palette;
        this.opener = opener;
        getStyleClass().add("classes");
        setPadding(new Insets(18, 22, 8, 22));
        cards.setId("classes");
        cards.setRowValignment(VPos.TOP);
        scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        folder.setId("classes-folder");
        folder.setMinWidth(0);
        finding = finding();
        layOut();
        palette.addListener(_ -> {
            if (getScene() != null) {
                show();
            }
        });
    }

    private Node finding() {
        search.setId("class-search");
        search.setPromptText("Search by name, kind, day");
        search.setAccessibleText("Search the classes");
        search.setPrefColumnCount(22);
        search.textProperty().addListener((_, _, words) -> model.find(words, this::fill));
        search.setOnAction(_ -> focus(0));
        order.setId("class-order");
        order.setAccessibleText("Order of the classes");
        order.getItems().setAll(ClassesViewModel.Order.values());
        order.getSelectionModel().selectFirst();
        order.valueProperty().addListener((_, _, by) -> fill(model.sort(by)));
        HBox row = new HBox(10, search, order, folder);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    /** Puts the keyboard on the line of a new class. */
    public void focusNew() {
        begin.focus();
    }

    /** Reads the folder anew and shows its classes. */
    public void show() {
        begin.show();
        showLately();
        folder.setText(
                model.folder().map(path -> "and the files of the folder " + path.getFileName()).orElse(""));
        Tips.say(folder, model.folder().map(Path::toString).orElse(""));
        model.ask(found -> {
            int at = focused();
            int still = at < 0 || at >= shown.size() ? -1 : place(shown.get(at), found);
            fill(found);
            if (at >= 0) {
                focus(still < 0 ? at : still);
            } else if (getScene() != null && getScene().getFocusOwner() == null) {
                focusFirst();
            }
        });
    }

    /** The keyboard stays on its class wherever that stands now: Delete must not meet its neighbour. */
    private static int place(ClassesViewModel.Found had, List<ClassesViewModel.Found> found) {
        return IntStream.range(0, found.size()).filter(at -> had.same(found.get(at))).findFirst().orElse(-1);
    }

    private void fill(List<ClassesViewModel.Found> found) {
        shown = found;
        cards.getChildren().setAll(found.stream().map(this::card).toList());
        if (found.isEmpty()) {
            cards.getChildren().setAll(Words.wrapped(model.looking()
                    ? "No class has these words."
                    : "There is no class yet. Ctrl+N begins one, Ctrl+S keeps it here.", "soft"));
        } else if (model.more()) {
            cards.getChildren().add(Words.wrapped(
                    "These are the latest %d; the others are found by their words.".formatted(Classes.MOST),
                    "soft"));
        }
    }

    private void showLately() {
        List<Path> files = model.lately();
        lately.setVisible(!files.isEmpty());
        lately.setManaged(!files.isEmpty());
        lately.getChildren().setAll(Words.plain("open lately, elsewhere:", "soft"));
        files.forEach(file -> {
            Hyperlink link = new Hyperlink(
                    String.valueOf(file.getFileName()).replace(PlanDocument.ENDING, ""));
            Tips.say(link, file.toString());
            link.setOnAction(_ -> opener.accept(new Classes.Where.InFile(file)));
            lately.getChildren().add(link);
        });
    }

    /** Returns the place of the class that has the keyboard, from 0; -1 when none has it. */
    private int focused() {
        return IntStream.range(0, cards.getChildren().size())
                .filter(at -> cards.getChildren().get(at).isFocusWithin()).findFirst().orElse(-1);
    }

    /** Puts the keyboard on the class at a place, or on the last one. */
    private void focus(int at) {
        if (!cards.getChildren().isEmpty()) {
            Node card = cards.getChildren().get(Math.min(at, cards.getChildren().size() - 1));
            (card instanceof VBox box ? box.getChildren().getFirst() : card).requestFocus();
        }
    }

    /** Puts the keyboard on the first class. */
    public void focusFirst() {
        focus(0);
    }

    private Node card(ClassesViewModel.Found found) {
        Button card = new Button("", new CardContent(found, palette.get()));
        card.getStyleClass().setAll("class-card");
        if (model.isOpen(found.where())) {
            card.getStyleClass().add("open");
        }
        card.setPrefWidth(SmallRoad.WIDTH + 26);
        card.setDisable(found.assessment().isEmpty());
        card.setOnAction(_ -> opener.accept(found.where()));
        card.setAccessibleText("Open " + found.title());
        Button duplicate = small("Duplicate", "A week later, as a class of its own   Ctrl+D",
                () -> duplicate(found));
        duplicate.setDisable(found.assessment().isEmpty());
        Button delete = small("Delete", "It can be had back at once   Delete", () -> delete(found));
        HBox below = new HBox(4, duplicate, delete);
        if (found.where() instanceof Classes.Where.InStudio(StoredPlan stored)) {
            below.getChildren()
                    .addFirst(small("Versions", "Every state that was saved, to be compared and had back",
                            () -> showVersions(stored)));
        }
        below.setAlignment(Pos.CENTER_RIGHT);
        VBox box = new VBox(card, below);
        box.addEventHandler(KeyEvent.KEY_PRESSED, event -> {
            if (event.getCode() == KeyCode.DELETE) {
                delete(found);
            } else if (event.getCode() == KeyCode.D && event.isShortcutDown() && !duplicate.isDisabled()) {
                duplicate(found);
            }
        });
        return box;
    }

    private void showVersions(StoredPlan stored) {
        VersionsModel versions = model.versions(stored, opener,
                sentence -> Platform.runLater(() -> tell(sentence, ALL_RIGHT)));
        VersionsPane pane = new VersionsPane(versions, palette.get(), () -> {
            versionsShown = Optional.empty();
            layOut();
        }, () -> {
            versionsShown = Optional.empty();
            layOut();
        });
        versionsShown = Optional.of(pane);
        layOut();
    }

    private void layOut() {
        versionsShown.ifPresentOrElse(pane -> {
            VBox.setVgrow(pane, Priority.ALWAYS);
            getChildren().setAll(title, pane);
        }, () -> getChildren().setAll(title, begin, finding, lately, scroll));
    }

    private static Button small(String words, String why, Runnable action) {
        Button button = new Button(words);
        button.getStyleClass().addAll("flat", "small");
        Tips.say(button, why);
        button.setOnAction(_ -> action.run());
        return button;
    }

    private void duplicate(ClassesViewModel.Found found) {
        String problem = model.duplicate(found);
        if (!problem.isEmpty()) {
            tell(problem, ALL_RIGHT);
        }
        show();
    }

    private void delete(ClassesViewModel.Found found) {
        switch (model.delete(found)) {
            case Reading.Understood<ClassesViewModel.Undo>(ClassesViewModel.Undo undo) ->
                tell("\u201c%s\u201d is deleted.".formatted(found.title()),
                        new NoticeBar.Way("Have it back", () -> bringBack(undo)), ALL_RIGHT);
            case Reading.Refused<ClassesViewModel.Undo> refused -> tell(refused.sentence(), ALL_RIGHT);
        }
        show();
    }

    private void bringBack(ClassesViewModel.Undo undo) {
        try {
            undo.run();
        } catch (DiskTrouble trouble) {
            tell(trouble.sentence(), ALL_RIGHT);
        } catch (StudioTrouble trouble) {
            tell(trouble.sentence(), ALL_RIGHT);
        }
        show();
    }

    private void tell(String sentence, NoticeBar.Way... ways) {
        notices.show("classes", sentence, List.of(ways));
    }
}
