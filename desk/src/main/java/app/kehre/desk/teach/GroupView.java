package app.kehre.desk.teach;

import java.util.ArrayList;
import java.util.List;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.hall.GroupWall;
import app.kehre.core.teaching.Moment;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** What the group reads from eight metres; it is as large as its window. */
public final class GroupView extends VBox {

    /** The width for which the sizes are drawn. */
    private static final double DRAWN = 1280;
    private static final double NAME = 150;
    private static final double COUNT = 260;
    private static final double TIME = 190;

    private final TeachViewModel model;
    private final Label name = new Label();
    private final Label side = new Label();
    private final Label large = new Label();
    private final Parts parts = new Parts();
    private final HBox levels = new HBox();
    private final FlowPane stations = new FlowPane();
    private final Label nextWord = new Label("next");
    private final Label next = new Label();
    private final Label with = new Label();
    private final HBox foot = new HBox(nextWord, next, with);
    private List<Object> columns = List.of();

    /** Makes the wall of a class. */
    public GroupView(TeachViewModel model) {
        this.model = model;
        getStyleClass().addAll("hall", "group-wall");
        setStyle(Palette.HALL.style());
        setId("group-wall");
        name.setId("group-name");
        side.setId("group-side");
        large.setId("group-large");
        next.setId("group-next");
        name.getStyleClass().add("now");
        side.getStyleClass().add("dose");
        large.getStyleClass().add("left");
        nextWord.getStyleClass().add("soft");
        with.getStyleClass().add("soft");
        VBox words = new VBox(name, side);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        large.setMinWidth(USE_PREF_SIZE);
        HBox top = new HBox(30, words, large);
        Region rule = new Region();
        rule.getStyleClass().add("rule");
        Region room = new Region();
        VBox.setVgrow(room, Priority.ALWAYS);
        foot.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(top, parts, levels, stations, room, rule, foot);
        model.moment().addListener((_, _, moment) -> show(moment));
        model.group().spread().subscribe(() -> show(model.moment().get()));
        widthProperty().addListener(_ -> show(model.moment().get()));
        heightProperty().addListener(_ -> show(model.moment().get()));
        insetsProperty().addListener(_ -> show(model.moment().get()));
        show(model.moment().get());
    }

    private double scale() {
        double wide = getWidth() / DRAWN;
        double high = getHeight() / 800;
        return getWidth() <= 0 ? 1 : Math.max(0.4, Math.min(wide, high));
    }

    private void show(Moment moment) {
        GroupWall wall = GroupWall.of(moment, model.timeline().get());
        double scale = scale();
        setSpacing(18 * scale);
        large.setText(wall.large());
        double count = wall.large().contains(":") ? TIME : COUNT;
        size(large, count * scale);
        double room = getWidth() - getInsets().getLeft() - getInsets().getRight() - 70
                - Type.width(wall.large(), Type.of(Weight.BOLD, count * scale));
        fitted(name, wall.name(), Weight.BOLD, NAME * scale, room);
        fitted(side, wall.side(), Weight.SEMI_BOLD, 76 * scale, room);
        parts.scale(scale);
        parts.show(moment);
        boolean together = wall.stations().isEmpty() || !model.group().spread().get();
        show(wall, scale, together);
        foot.setSpacing(26 * scale);
        foot.setVisible(!wall.next().isEmpty());
        size(nextWord, 58 * scale);
        size(with, 44 * scale);
        with.setText(wall.with());
        double foots = getWidth() - getInsets().getLeft() - getInsets().getRight() - 230 * scale
                - Type.width(wall.with(), Type.of(Weight.REGULAR, 44 * scale));
        fitted(next, wall.next(), Weight.SEMI_BOLD, 58 * scale, foots);
    }

    private void show(GroupWall wall, double scale, boolean together) {
        List<Object> wanted = List.of(wall.levels(), wall.stations(), together, scale,
                List.copyOf(model.group().levels()));
        if (wanted.equals(columns)) {
            return;
        }
        columns = wanted;
        shown(levels, together && !wall.levels().isEmpty());
        shown(stations, !wall.stations().isEmpty());
        levels.setSpacing(56 * scale);
        List<Node> shown = new ArrayList<>();
        for (int i = 0; i < wall.levels().size(); i++) {
            shown.add(level(model.group().level(i, wall.levels().get(i).name()),
                    wall.levels().get(i).words(), scale));
        }
        levels.getChildren().setAll(shown);
        stations.setHgap(30 * scale);
        stations.setVgap(8 * scale);
        stations.getChildren().setAll(wall.stations().stream()
                .map(station -> station(station, together, scale)).toList());
    }

    private static void shown(Region row, boolean shown) {
        row.setVisible(shown);
        row.setManaged(shown);
    }

    private static Node level(String name, String words, double scale) {
        Label above = new Label(name);
        above.getStyleClass().add("soft");
        size(above, 26 * scale);
        Label below = new Label(words);
        below.getStyleClass().add("now");
        size(below, 42 * scale);
        below.setWrapText(true);
        VBox column = new VBox(above, below);
        HBox.setHgrow(column, Priority.ALWAYS);
        column.setPrefWidth(1);
        column.setMaxWidth(Double.MAX_VALUE);
        return column;
    }

    private static Node station(GroupWall.Station station, boolean together, double scale) {
        Label label = new Label(together
                ? station.name()
                : "%s \u00b7 group %d".formatted(station.name(),
                        station.group()));
        label.getStyleClass().add(station.here() && together ? "dose" : together ? "soft" : "now");
        size(label, (together ? 34 : 44) * scale);
        return label;
    }

    private static void fitted(Label label, String text, Weight weight, double largest, double room) {
        label.setText(text);
        double wide = Type.width(text, Type.of(weight, largest));
        size(label, room <= 0 || wide <= room ? largest : Math.max(largest / 3, largest * room / wide));
    }

    private static void size(Label label, double size) {
        label.setStyle("-fx-font-size: %.0fpx;".formatted(Math.floor(size)));
    }
}
