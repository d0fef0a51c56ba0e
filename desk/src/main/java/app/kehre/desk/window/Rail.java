package app.kehre.desk.window;

import java.util.EnumMap;
import java.util.Map;
import java.util.Objects;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.scene.canvas.Canvas;
import javafx.scene.canvas.GraphicsContext;
import javafx.scene.control.Button;
import javafx.scene.control.ContentDisplay;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.control.ToggleGroup;
import javafx.scene.layout.Pane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;
import javafx.scene.shape.StrokeLineCap;

import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The places along a winding road, and below them what can be done with the whole class. */
final class Rail extends VBox {

    private static final double WIDTH = 130;
    private static final double FIRST = 36;
    private static final double STEP = 46;
    private static final double LEFT_BEND = 18;
    private static final double RIGHT_BEND = 30;

    private final Map<Place, ToggleButton> places = new EnumMap<>(Place.class);
    private final Canvas road = new Canvas(44, FIRST + STEP * Place.values().length);
    private final VBox commands = new VBox(1);
    private final ObjectProperty<Palette> palette;
    private Place current = Place.PLAN;

    Rail(ObjectProperty<Palette> palette, Consumer<Place> go) {
        this.palette = palette;
        getStyleClass().add("rail");
        Pane map = new Pane(road);
        map.setMinHeight(road.getHeight());
        ToggleGroup group = new ToggleGroup();
        for (Place place : Place.values()) {
            ToggleButton button = new ToggleButton(place.words());
            button.setId("place-" + place.digit());
            button.getStyleClass().setAll("place");
            button.setToggleGroup(group);
            Tips.say(button, "Ctrl+" + place.digit());
            button.setLayoutX(36);
            button.setLayoutY(y(place) - 14);
            button.setOnAction(_ -> {
                button.setSelected(true);
                go.accept(place);
            });
            places.put(place, button);
            map.getChildren().add(button);
        }
        Region gap = new Region();
        VBox.setVgrow(gap, Priority.ALWAYS);
        commands.setPadding(new Insets(0, 4, 12, 6));
        getChildren().setAll(map, gap, commands);
        setMaxWidth(WIDTH);
        palette.addListener(_ -> paint());
        paint();
    }

    /** Adds a command below the road. Returns its button. */
    Button command(String id, String words, String keys, Runnable action) {
        Label combination = new Label(keys);
        combination.getStyleClass().add("keys");
        Button button = new Button(words, combination);
        button.setContentDisplay(ContentDisplay.RIGHT);
        button.setGraphicTextGap(6);
        button.setId(id);
        button.getStyleClass().setAll("command");
        button.setMaxWidth(Double.MAX_VALUE);
        button.setOnAction(_ -> action.run());
        commands.getChildren().add(button);
        return button;
    }

    void show(Place place) {
        current = place;
        Objects.requireNonNull(places.get(place), "place").setSelected(true);
        paint();
    }

    private static double x(Place place) {
        return place.ordinal() % 2 == 0 ? LEFT_BEND : RIGHT_BEND;
    }

    private static double y(Place place) {
        return FIRST + STEP * place.ordinal();
    }

    private void paint() {
        GraphicsContext pen = road.getGraphicsContext2D();
        pen.clearRect(0, 0, road.getWidth(), road.getHeight());
        pen.setStroke(palette.get().line());
        pen.setLineWidth(3);
        pen.setLineCap(StrokeLineCap.ROUND);
        pen.beginPath();
        pen.moveTo(LEFT_BEND, FIRST);
        for (Place place : Place.values()) {
            double y = y(place);
            if (place.ordinal() > 0) {
                double from = place.ordinal() % 2 == 0 ? RIGHT_BEND : LEFT_BEND;
                pen.bezierCurveTo(from, y - 28, x(place), y - 18, x(place), y);
            }
        }
        pen.stroke();
        for (Place place : Place.values()) {
            boolean here = place == current;
            double radius = here ? 6 : 3.5;
            pen.setFill(here ? palette.get().mark() : palette.get().paper());
            pen.setStroke(here ? palette.get().mark() : palette.get().soft());
            pen.setLineWidth(1.4);
            pen.fillOval(x(place) - radius, y(place) - radius, 2 * radius, 2 * radius);
            pen.strokeOval(x(place) - radius, y(place) - radius, 2 * radius, 2 * radius);
        }
    }
}
