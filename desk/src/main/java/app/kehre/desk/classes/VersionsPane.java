package app.kehre.desk.classes;

import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.studio.Version;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Commit;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.SmallRoad;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** The versions of a class: one beside the latest, what is only in one of them marked; named, and brought back. */
final class VersionsPane extends VBox {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("EEE d MMM uuuu, HH:mm:ss",
            Locale.ENGLISH);
    private static final double LIST = 330;

    private final VersionsModel model;
    private final Palette palette;
    private final Label title = Words.plain("", "section");
    private final VBox list = new VBox(2);
    private final VBox old = new VBox(2);
    private final VBox latest = new VBox(2);
    private final Button bring;
    private final ToggleButton whole = new ToggleButton("the whole class");
    private final Map<Version, ToggleButton> buttons = new HashMap<>();
    private Optional<Version> chosen = Optional.empty();

    /**
     * Makes it.
     *
     * @param back leads to all classes
     * @param opened told when a version was brought back
     */
    VersionsPane(VersionsModel model, Palette palette, Runnable back, Runnable opened) {
        super(8);
        this.model = model;
        this.palette = palette;
        bring = Words.button("bring-back", "Bring this version back", () -> chosen.ifPresent(version -> {
            model.bringBack(version, opened);
        }));
        bring.getStyleClass().add("go");
        HBox head = new HBox(12, Words.button("versions-back", "All classes", back), title, bring, whole);
        whole.setId("versions-whole");
        whole.getStyleClass().add("use");
        whole.setOnAction(_ -> chosen.ifPresent(this::choose));
        head.setAlignment(Pos.CENTER_LEFT);
        ScrollPane versions = scroll(list);
        versions.setPrefWidth(LIST);
        versions.setMinWidth(200);
        ScrollPane both = scroll(new HBox(20, half(old), half(latest)));
        HBox.setHgrow(both, Priority.ALWAYS);
        HBox body = new HBox(20, versions, both);
        VBox.setVgrow(body, Priority.ALWAYS);
        getChildren().setAll(head, body);
        model.ask(this::fill);
    }

    private static ScrollPane scroll(Node content) {
        ScrollPane scroll = new ScrollPane(content);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        return scroll;
    }

    private static VBox half(VBox box) {
        HBox.setHgrow(box, Priority.ALWAYS);
        box.setMinWidth(0);
        box.setPrefWidth(300);
        return box;
    }

    private void fill(List<Version> versions) {
        title.setText("\u201c%s\u201d, %d %s".formatted(model.title(), versions.size(),
                versions.size() == 1 ? "version" : "versions"));
        ToggleGroup one = new ToggleGroup();
        List<Node> rows = new ArrayList<>();
        for (Version version : versions) {
            rows.add(row(version, one, version.equals(versions.getFirst())));
        }
        list.getChildren().setAll(rows);
        versions.stream().skip(1).findFirst().or(() -> versions.stream().findFirst()).ifPresent(this::choose);
    }

    private Node row(Version version, ToggleGroup one, boolean isLatest) {
        ToggleButton when = new ToggleButton(WHEN.format(version.saved().atZone(model.zone()))
                + (isLatest ? ", the latest" : ""));
        when.getStyleClass().add("use");
        when.setToggleGroup(one);
        when.setOnAction(_ -> choose(version));
        buttons.put(version, when);
        InlineField name = new InlineField("name of this version", new Commit() {
            @Override
            public String take(String text) {
                model.name(version, text.strip());
                return "";
            }
        }, _ -> {});
        name.setPromptText("name");
        name.setPrefWidth(90);
        name.show(version.name());
        HBox row = new HBox(8, when, name);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private void choose(Version version) {
        chosen = Optional.of(version);
        Optional.ofNullable(buttons.get(version)).ifPresent(button -> button.setSelected(true));
        model.compare(version, compared -> {
            show(old, "then, " + Lengths.clock(compared.then().timeline().total()), compared.then());
            show(latest, "now, " + Lengths.clock(compared.now().timeline().total()), compared.now());
            bring.setDisable(compared.same());
        });
    }

    private void show(VBox box, String words, VersionsModel.Side side) {
        List<Node> rows = new ArrayList<>(
                List.of(Words.plain(words, "strong"),
                        new SmallRoad(side.timeline(), palette, side.different())));
        String heading = "";
        for (VersionsModel.Line line : side.lines()) {
            heading = line.text().startsWith("#") ? line.text() : heading;
            if (whole.isSelected()) {
                rows.add(line(line.text(), line.onlyHere() ? "only-here" : "soft"));
            } else if (line.onlyHere() && !line.text().isBlank()) {
                if (!heading.isEmpty() && !heading.equals(line.text())) {
                    rows.add(line(heading.replaceFirst("^#+ ", ""), "soft"));
                    heading = "";
                }
                rows.add(line(line.text().replaceFirst("^#+ ", ""), "only-here"));
            }
        }
        box.getChildren().setAll(rows);
    }

    private static Label line(String text, String style) {
        Label label = Words.wrapped(text, "small", style);
        label.setMinHeight(Region.USE_PREF_SIZE);
        return label;
    }
}
