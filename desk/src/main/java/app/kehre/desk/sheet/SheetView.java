package app.kehre.desk.sheet;

import java.awt.image.BufferedImage;
import java.util.ArrayList;
import java.util.List;
import javafx.beans.property.DoubleProperty;
import javafx.beans.property.SimpleDoubleProperty;
import javafx.embed.swing.SwingFXUtils;
import javafx.geometry.Insets;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.image.Image;
import javafx.scene.image.ImageView;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.StackPane;
import javafx.scene.layout.VBox;

import org.kordamp.ikonli.feather.Feather;

import app.kehre.desk.look.Icons;
import app.kehre.formats.sheet.SheetKind;

/** The Sheet place: the pages as they will be printed. */
public final class SheetView extends VBox {

    private static final double MARGIN = 22;
    private static final double[] ZOOMS = {1, 1.35, 1.8, 2.4};

    private final SheetViewModel model;
    private final Label about = new Label();
    private final FlowPane pages = new FlowPane(MARGIN, MARGIN);
    private final ScrollPane scroll = new ScrollPane(pages);
    private final DoubleProperty pageHeight = new SimpleDoubleProperty(600);
    private final Button save;
    private final Button print;
    private final FlowPane home = new FlowPane(5, 5);
    private int zoom;

    /**
     * Makes the view.
     *
     * @param onSave called when the sheet is to be written to a file
     * @param onPrint called with the pages when they are to be printed
     */
    public SheetView(SheetViewModel model, Runnable onSave,
            java.util.function.Consumer<List<Image>> onPrint) {
        this.model = model;
        save = Icons.labelled(Feather.DOWNLOAD, "Save as PDF\u2026", onSave);
        print = Icons.labelled(Feather.PRINTER, "Print\u2026", () -> onPrint.accept(images()));
        save.setId("save-sheet");
        save.getStyleClass().add("go");
        print.setId("print-sheet");
        lay();
        model.preview().addListener((_, _, shown) -> show(shown));
        show(model.preview().get());
    }

    private void lay() {
        Label title = new Label("Sheet");
        title.getStyleClass().add("page-title");
        about.getStyleClass().add("soft");
        about.setId("sheet-about");
        VBox words = new VBox(2, title, about, kinds(), home);
        home.setId("for-home");
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        Button larger = Icons.button(Feather.ZOOM_IN, "Larger", () -> zoomBy(1));
        larger.setId("larger");
        HBox top = new HBox(8, words, gap, Icons.button(Feather.ZOOM_OUT, "Smaller", () -> zoomBy(-1)),
                larger, print, save);
        top.setAlignment(Pos.TOP_LEFT);
        top.setPadding(new Insets(14, 22, 10, 22));
        pages.setAlignment(Pos.TOP_CENTER);
        pages.setPadding(new Insets(MARGIN));
        pages.getStyleClass().add("desk-top");
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("page-scroll");
        scroll.setId("pages");
        scroll.viewportBoundsProperty().addListener(_ -> fit());
        StackPane desk = new StackPane(scroll);
        desk.getStyleClass().add("desk-top");
        VBox.setVgrow(desk, Priority.ALWAYS);
        getChildren().setAll(top, desk);
    }

    private HBox kinds() {
        ToggleGroup group = new ToggleGroup();
        HBox kinds = new HBox(4);
        for (SheetKind kind : SheetKind.values()) {
            ToggleButton button = new ToggleButton(kind.words());
            button.setId("sheet-" + kind.key());
            button.getStyleClass().setAll("side-head");
            button.setToggleGroup(group);
            button.setSelected(kind == model.kind().get());
            button.setOnAction(_ -> {
                button.setSelected(true);
                model.kind().set(kind);
            });
            kinds.getChildren().add(button);
        }
        return kinds;
    }

    /** Puts the keyboard on the pages, to scroll them. */
    public void focusPages() {
        scroll.requestFocus();
    }

    private void zoomBy(int steps) {
        zoom = Math.clamp((long) zoom + steps, 0, ZOOMS.length - 1);
        fit();
    }

    private void fit() {
        pageHeight.set(Math.max(200, (scroll.getViewportBounds().getHeight() - 2 * MARGIN) * ZOOMS[zoom]));
    }

    /** What goes into the hand-out is chosen here. */
    private void showHome() {
        boolean wanted = model.kind().get() == SheetKind.HAND_OUT;
        home.setVisible(wanted);
        home.setManaged(wanted);
        List<String> names = wanted ? model.forHome() : List.of();
        boolean same = home.getChildren().stream().map(node -> ((ToggleButton) node).getText()).toList()
                .equals(names);
        if (same) {
            return;
        }
        home.getChildren().setAll(names.stream().map(name -> {
            ToggleButton chip = new ToggleButton(name);
            chip.getStyleClass().setAll("chip");
            chip.setSelected(!model.staysHere(name));
            chip.setOnAction(_ -> model.takeHome(name, chip.isSelected()));
            return chip;
        }).toList());
    }

    private void show(SheetViewModel.Preview preview) {
        showHome();
        boolean ready = preview instanceof SheetViewModel.Preview.Ready;
        save.setDisable(!ready);
        print.setDisable(!ready);
        switch (preview) {
            case SheetViewModel.Preview.InTheMaking() -> about.setText("Being set\u2026");
            case SheetViewModel.Preview.Refused(String sentence) -> {
                about.setText("Nothing to print yet");
                Label why = new Label(sentence);
                why.setWrapText(true);
                why.setMaxWidth(520);
                why.getStyleClass().add("over");
                pages.getChildren().setAll(why);
            }
            case SheetViewModel.Preview.Ready(byte[] _, List<BufferedImage> drawn) -> {
                about.setText("%s, %s".formatted(model.kind().get().paper(),
                        drawn.size() == 1 ? "one page" : drawn.size() + " pages"));
                pages.getChildren().setAll(drawn.stream().map(this::page).toList());
            }
        }
    }

    private Node page(BufferedImage drawn) {
        ImageView view = new ImageView(SwingFXUtils.toFXImage(drawn, null));
        view.setPreserveRatio(true);
        view.setSmooth(true);
        view.fitHeightProperty().bind(pageHeight);
        view.getStyleClass().add("printed-page");
        return view;
    }

    private List<Image> images() {
        List<Image> images = new ArrayList<>();
        for (Node page : pages.getChildren()) {
            if (page instanceof ImageView view) {
                images.add(view.getImage());
            }
        }
        return images;
    }
}
