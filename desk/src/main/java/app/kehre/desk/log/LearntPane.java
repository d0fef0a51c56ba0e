package app.kehre.desk.log;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Locale;
import java.util.Map;
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
import javafx.scene.layout.VBox;

import app.kehre.core.log.Estimate;
import app.kehre.core.log.PaceWishes;
import app.kehre.core.log.RepEstimate;
import app.kehre.core.value.Counted;
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
    private final Map<PaceWishes.Key, Value> values = new HashMap<>();
    private final Label repHead = Words.heading("A rep, against its natural length, seen five times or more");
    private final Label repWords = Words.wrapped("", "small");
    private final Label kindHead = Words.heading("Where it is otherwise in one kind of part");
    private final Label kindWords = Words.wrapped("", "small");

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
                : ("From the last %s, the latest counting most. New plans use these values. The bar holds two of three"
                        + " classes; the stroke is what is usual. Type a value to pin it.")
                        .formatted(Counted.of(classes, "class").replaceFirst("^1 ", "")));
        List<Node> all = new ArrayList<>();
        logged.learned().estimates().forEach(each -> all.add(
                values.computeIfAbsent(each.key(), _ -> new Value(each)).show(each)));
        repWords.setText(logged.learned().reps().stream()
                .map(each -> "%s %s".formatted(model.nameOf(each.exercise()), times(each)))
                .collect(Collectors.joining(" \u00b7 ")));
        kindWords.setText(logged.learned().kinds().stream()
                .map(each -> String.format(Locale.ROOT, "%s %.1f s", each.kind().words(), each.own()))
                .collect(Collectors.joining(" \u00b7 ")));
        under(all, repHead, repWords);
        under(all, kindHead, kindWords);
        if (!rows.getChildren().equals(all)) {
            rows.getChildren().setAll(all);
        }
    }

    /** What says nothing has no heading. */
    private static void under(List<Node> all, Label heading, Label words) {
        if (!words.getText().isEmpty()) {
            all.addAll(List.of(heading, words));
        }
    }

    private static String times(RepEstimate each) {
        return String.format(Locale.ROOT, "%.2f\u00d7", each.own());
    }

    private static String name(Estimate estimate) {
        return estimate.quantity().key()
                + (estimate.quantity().byStyle() ? "-" + estimate.style().key() : "");
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

    /** A row that stays while others change, so that typing in it goes on. */
    private final class Value extends HBox {

        private final PaceRow road = new PaceRow(ROAD);
        private final Label seen = Words.plain("", "soft", "small");
        private final InlineField pin;
        private final Button anew;
        private Estimate shown;

        private Value(Estimate first) {
            super(12);
            shown = first;
            pin = new InlineField("pin " + first.words(), new Commit() {
                @Override
                public String preview(String text) {
                    return problem(shown, text);
                }

                @Override
                public String take(String text) {
                    String problem = problem(shown, text);
                    if (problem.isEmpty()) {
                        model.pin(shown.key(), value(text));
                    }
                    return problem;
                }
            }, hint);
            pin.setId("pin-" + name(first));
            pin.setPromptText("pin");
            pin.setPrefWidth(64);
            pin.setMinWidth(64);
            anew = Words.button("anew-" + name(first), "", () -> anew(shown));
            anew.getStyleClass().addAll("flat", "small");
            HBox.setHgrow(road, Priority.ALWAYS);
            seen.setMinWidth(190);
            getChildren().setAll(road, seen, pin, anew);
            setAlignment(Pos.CENTER_LEFT);
            getStyleClass().add("log-row");
            setMinWidth(USE_PREF_SIZE);
        }

        private Value show(Estimate estimate) {
            shown = estimate;
            road.show(estimate, palette.get());
            seen.setText(estimate.pinned()
                    ? "pinned"
                    : "%s, %d times in %d".formatted(estimate.sure(), estimate.times(), estimate.classes()));
            pin.show(estimate.pinned() ? estimate.quantity().print(estimate.own()) : "");
            anew.setText(estimate.pinned() ? "Unpin" : "Learn anew");
            Tips.say(anew, estimate.pinned()
                    ? "What classes say counts again"
                    : "Forget what was seen so far, and learn it from the next class on");
            return this;
        }

        private void anew(Estimate estimate) {
            if (estimate.pinned()) {
                model.pin(estimate.key(), Optional.empty());
            } else {
                model.reset(estimate);
            }
        }
    }
}
