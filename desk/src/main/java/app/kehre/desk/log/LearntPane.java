package app.kehre.desk.log;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.log.Estimate;
import app.kehre.core.log.KindEstimate;
import app.kehre.core.log.RepEstimate;
import app.kehre.desk.control.Commit;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The pace that is learned: each value against the usual one, to be pinned or learned anew. */
final class LearntPane extends VBox {

    private static final double ROAD = 250;

    private final LogViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Consumer<String> hint;
    private final Label head = Words.wrapped("", "soft");
    private final VBox rows = new VBox(1);

    LearntPane(LogViewModel model, ObjectProperty<Palette> palette, Consumer<String> hint) {
        super(8);
        this.model = model;
        this.palette = palette;
        this.hint = hint;
        ScrollPane scroll = new ScrollPane(rows);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(head, scroll);
    }

    void show(Logged logged) {
        int classes = logged.learned().classes();
        head.setText(classes == 0
                ? "Nothing is learned yet. Each class that you teach with Kehre says how long people really take."
                : ("From the last %d classes, the latest counting most. New plans use these values. The bar holds two of three"
                        + " classes; the stroke is what is usual. Type a value to pin it.")
                        .formatted(classes));
        List<Node> all = new ArrayList<>();
        logged.learned().estimates().forEach(each -> all.add(row(each)));
        List<RepEstimate> reps = logged.learned().reps();
        if (!reps.isEmpty()) {
            Label words = Words.wrapped(reps.stream()
                    .map(each -> "%s %s".formatted(model.nameOf(each.exercise()), times(each)))
                    .collect(Collectors.joining(" \u00b7 ")), "small");
            all.add(Words.heading("A rep, against its natural length, seen five times or more"));
            all.add(words);
        }
        List<KindEstimate> kinds = logged.learned().kinds();
        if (!kinds.isEmpty()) {
            all.add(Words.heading("Where it is otherwise in one kind of part"));
            all.add(Words.wrapped(
                    kinds.stream().map(each -> "%s %.1f s".formatted(each.kind().words(), each.own()))
                            .collect(Collectors.joining(" \u00b7 ")),
                    "small"));
        }
        rows.getChildren().setAll(all);
    }

    private static String times(RepEstimate each) {
        return "%.2f".formatted(each.own()) + "\u00d7";
    }

    private Node row(Estimate estimate) {
        PaceRow road = new PaceRow(estimate, ROAD, palette.get());
        HBox.setHgrow(road, Priority.ALWAYS);
        Label seen = Words.plain(estimate.pinned()
                ? "pinned"
                : "%s, %d times in %d".formatted(estimate.sure(), estimate.times(), estimate.classes()),
                "soft", "small");
        seen.setMinWidth(190);
        InlineField pin = pin(estimate);
        Button anew = Words.button("anew-" + name(estimate), estimate.pinned() ? "Learn it" : "Anew",
                () -> anew(estimate));
        anew.getStyleClass().addAll("flat", "small");
        Tips.say(anew, estimate.pinned()
                ? "What classes say counts again"
                : "Forget what was seen so far, and learn it from the next class on");
        HBox row = new HBox(12, road, seen, pin, anew);
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("log-row");
        row.setMinWidth(Region.USE_PREF_SIZE);
        return row;
    }

    private static String name(Estimate estimate) {
        return estimate.quantity().key()
                + (estimate.quantity().byStyle() ? "-" + estimate.style().key() : "");
    }

    private void anew(Estimate estimate) {
        if (estimate.pinned()) {
            model.pin(estimate.key(), Optional.empty());
        } else {
            model.reset(estimate);
        }
    }

    private InlineField pin(Estimate estimate) {
        InlineField field = new InlineField("pin " + estimate.words(), new Commit() {
            @Override
            public String preview(String text) {
                return problem(estimate, text);
            }

            @Override
            public String take(String text) {
                String problem = problem(estimate, text);
                if (problem.isEmpty()) {
                    model.pin(estimate.key(), value(text));
                }
                return problem;
            }
        }, hint);
        field.setId("pin-" + name(estimate));
        field.setPromptText("pin");
        field.setPrefWidth(64);
        field.setMinWidth(64);
        field.show(estimate.pinned() ? estimate.quantity().print(estimate.own()) : "");
        return field;
    }

    private static Optional<Double> value(String text) {
        String number = text.strip().replaceAll("\\s*(s|times|counts|\u00d7)$", "").replace(',', '.');
        try {
            return number.isEmpty() ? Optional.empty() : Optional.of(Double.valueOf(number));
        } catch (NumberFormatException other) {
            return Optional.of(Double.NaN);
        }
    }

    private static String problem(Estimate estimate, String text) {
        return value(text).flatMap(value -> value.isNaN()
                ? Optional
                        .of("\"%s\" was typed; a number is expected, such as \"%s\".".formatted(text.strip(),
                                estimate.quantity().print(estimate.own())))
                : estimate.quantity().problem(value)).orElse("");
    }
}
