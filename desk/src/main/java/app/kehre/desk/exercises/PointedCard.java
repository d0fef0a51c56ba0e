package app.kehre.desk.exercises;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Label;
import javafx.scene.control.MenuButton;
import javafx.scene.control.MenuItem;
import javafx.scene.control.TextArea;
import javafx.scene.control.TextField;
import javafx.scene.control.TextInputControl;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.card.CardParts;
import app.kehre.core.card.Field;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Named;
import app.kehre.desk.control.ChoiceField;
import app.kehre.desk.control.Words;

/** What differs, by pointing: muscles and their shares, joints, cautions and what stands in, dose and place. */
final class PointedCard extends VBox {

    private static final double WORD = 176;
    private static final Map<Double, String> SHARES = shares();

    private final CardModel model;

    PointedCard(CardModel model) {
        super(4);
        this.model = model;
        getStyleClass().add("detail");
    }

    private static Map<Double, String> shares() {
        Map<Double, String> shares = new LinkedHashMap<>();
        shares.put(0.25, "a little");
        shares.put(0.5, "half");
        shares.put(1.0, "full");
        return shares;
    }

    void show() {
        List<Node> rows = new ArrayList<>();
        rows.add(text(Field.DOSE));
        rows.add(text(Field.LOAD));
        rows.add(terms(Field.POSITION, Position.values()));
        rows.add(terms(Field.RESISTANCE, Resistance.values()));
        rows.add(text(Field.SET_UP));
        rows.add(text(Field.HOW));
        rows.add(text(Field.CUES));
        rows.add(Words.heading("Muscles"));
        Set<Muscle> used = CardParts.muscles(model.card().get()).keySet();
        Stream.of(Muscle.values()).sorted(Comparator.comparing(muscle -> !used.contains(muscle)))
                .forEach(muscle -> rows.add(muscle(muscle)));
        rows.add(Words.heading("Joints"));
        rows.add(joints("carry load", Field.LOADS));
        rows.add(joints("are made ready", Field.PREPARES));
        rows.add(Words.heading("Who should watch"));
        CardParts.cautions(model.card().get()).forEach(caution -> rows.add(caution(caution)));
        rows.add(more());
        getChildren().setAll(rows);
    }

    /** Puts the keyboard on the first thing that may differ. */
    void focusFirst() {
        lookup("#point-" + Field.DOSE.key()).requestFocus();
    }

    private static HBox row(String word, Node... nodes) {
        Label label = Words.plain(word, "card-word");
        label.setMinWidth(WORD);
        label.setPrefWidth(WORD);
        HBox row = new HBox(6, label);
        row.getChildren().addAll(nodes);
        row.setAlignment(Pos.CENTER_LEFT);
        return row;
    }

    private Node text(Field field) {
        TextInputControl text = input(field);
        text.setText(model.card().get().text(field));
        text.setPromptText(field.example());
        text.setAccessibleText(field.words());
        text.setId("point-" + field.key());
        text.textProperty().addListener((_, _, now) -> model.type(field, now));
        HBox.setHgrow(text, Priority.ALWAYS);
        return row(field.words(), text);
    }

    /** What is done may take several lines, which a field of one line would join. */
    private static TextInputControl input(Field field) {
        if (field != Field.HOW) {
            return new TextField();
        }
        TextArea area = new TextArea();
        area.setPrefRowCount(2);
        area.setWrapText(true);
        return area;
    }

    private Node terms(Field field, Named[] all) {
        ComboBox<String> box = new ComboBox<>();
        box.setAccessibleText(field.words());
        box.setId("point-" + field.key());
        for (Named each : all) {
            box.getItems().add(each.words());
        }
        box.setValue(model.card().get().text(field));
        box.valueProperty().addListener((_, _, chosen) -> model.type(field, chosen == null ? "" : chosen));
        return row(field.words(), box);
    }

    private Node muscle(Muscle muscle) {
        double now = CardParts.muscles(model.card().get()).getOrDefault(muscle, 0.0);
        List<Node> buttons = new ArrayList<>();
        List<ToggleButton> group = new ArrayList<>();
        SHARES.forEach((share, words) -> {
            ToggleButton button = chip(words, muscle.words() + ": " + words, now == share);
            button.setId("share-%s-%s".formatted(muscle.key(), words.replace(' ', '-')));
            button.setOnAction(_ -> {
                group.stream().filter(each -> each != button).forEach(each -> each.setSelected(false));
                model.change(card -> CardParts.with(card, muscle, button.isSelected() ? share : 0));
            });
            group.add(button);
            buttons.add(button);
        });
        if (now > 0 && !SHARES.containsKey(now)) {
            buttons.add(Words.plain(String.format(Locale.ROOT, "now %s", now), "soft", "small"));
        }
        return row(muscle.words(), buttons.toArray(Node[]::new));
    }

    private static ToggleButton chip(String words, String accessible, boolean selected) {
        ToggleButton chip = new ToggleButton(words);
        chip.getStyleClass().setAll("chip");
        chip.setAccessibleText(accessible);
        chip.setSelected(selected);
        return chip;
    }

    private Node joints(String word, Field field) {
        FlowPane chips = new FlowPane(5, 5);
        for (Joint joint : Joint.values()) {
            ToggleButton chip = chip(joint.words(), "%s %s".formatted(joint.words(), word),
                    CardParts.terms(model.card().get(), field, Joint.class).contains(joint));
            chip.setOnAction(_ -> model.change(card -> {
                Set<Joint> joints = EnumSet.noneOf(Joint.class);
                joints.addAll(CardParts.terms(card, field, Joint.class));
                if (chip.isSelected()) {
                    joints.add(joint);
                } else {
                    joints.remove(joint);
                }
                return CardParts.with(card, field, joints);
            }));
            chips.getChildren().add(chip);
        }
        HBox.setHgrow(chips, Priority.ALWAYS);
        return row(word, chips);
    }

    private Node caution(Caution caution) {
        TextField advice = new TextField(caution.advice());
        advice.setId("caution-" + caution.limit().key());
        advice.setAccessibleText("What to do with " + caution.limit().words());
        ChoiceField<Exercise> instead = new ChoiceField<>(model::find, Exercise::name,
                chosen -> put(new Caution(caution.limit(), advice.getText(), chosen.id())), this::show);
        instead.setText(model.named(caution.instead()).map(Exercise::name).orElse(""));
        instead.setPromptText("instead");
        instead.setAccessibleText("Instead with " + caution.limit().words());
        instead.setPrefColumnCount(11);
        advice.textProperty().addListener((_, _, now) -> {
            if (!now.isBlank() && now.indexOf(';') < 0) {
                String id = CardParts.cautions(model.card().get()).stream()
                        .filter(each -> each.limit() == caution.limit()).map(Caution::instead).findFirst()
                        .orElse("");
                model.change(card -> CardParts.with(card, new Caution(caution.limit(), now.strip(), id)));
            }
        });
        HBox.setHgrow(advice, Priority.ALWAYS);
        Button remove = new Button("Remove");
        remove.getStyleClass().add("flat");
        remove.setAccessibleText("Remove the caution for " + caution.limit().words());
        remove.setOnAction(_ -> {
            model.change(card -> CardParts.without(card, caution.limit()));
            show();
            focus("more-cautions");
        });
        int people = model.people(caution.limit());
        return row(caution.limit().words() + (people > 0 ? " (%d here)".formatted(people) : ""), advice,
                instead,
                remove);
    }

    private void put(Caution caution) {
        model.change(card -> CardParts.with(card, caution));
        show();
        focus("caution-" + caution.limit().key());
    }

    /** What had the keyboard is made anew with the rest: without it no key would reach the card any more. */
    private void focus(String id) {
        applyCss();
        lookup("#" + id).requestFocus();
    }

    private Node more() {
        MenuButton more = new MenuButton("Somebody else");
        more.setId("more-cautions");
        Set<Limit> there = EnumSet.noneOf(Limit.class);
        CardParts.cautions(model.card().get()).forEach(caution -> there.add(caution.limit()));
        for (Limit limit : Limit.values()) {
            if (!there.contains(limit)) {
                MenuItem item = new MenuItem(limit.words());
                item.setOnAction(_ -> put(new Caution(limit, "smaller, as far as it is comfortable", "")));
                more.getItems().add(item);
            }
        }
        return row("", more);
    }
}
