package app.kehre.desk.log;

import java.time.format.DateTimeFormatter;
import java.util.List;
import java.util.Locale;
import java.util.Objects;
import java.util.TreeMap;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Collectors;
import java.util.stream.Stream;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.TextField;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.studio.FitnessChecks.Result;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** Checks of one's own: what a group can do now and then, as numbers without names, and how it goes over time. */
final class ChecksPane extends VBox {

    private static final Pattern TYPED = Pattern.compile("(.+?)\\s*,\\s*(\\S+)\\s*:\\s*([0-9 .;]+)");
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM", Locale.ENGLISH);

    private final LogViewModel model;
    private final ObjectProperty<Palette> palette;
    private final TextField line = new TextField();
    private final Label refused = Words.wrapped("", "over");
    private final VBox all = new VBox(3);

    ChecksPane(LogViewModel model, ObjectProperty<Palette> palette) {
        super(6);
        this.model = model;
        this.palette = palette;
        line.setId("check-line");
        line.setPromptText("chair stands in 30 s, times: 14 11 17 12");
        line.setAccessibleText("a check, its unit and the results of today, without names");
        line.setOnAction(_ -> keep());
        HBox.setHgrow(line, Priority.ALWAYS);
        HBox row = new HBox(8, line, Words.button("check-keep", "Keep", this::keep));
        row.setAlignment(Pos.CENTER_LEFT);
        getChildren().setAll(Words.heading("Checks"),
                Words.wrapped("What the group can do now and then, as numbers; no names of people.", "soft",
                        "small"),
                row,
                refused, all);
    }

    void show() {
        model.checks(this::fill);
    }

    private void keep() {
        Matcher typed = TYPED.matcher(line.getText().strip());
        if (!typed.matches()) {
            refused.setText(
                    "Write the check, a comma, its unit, a colon and the results: chair stands in 30 s, times: 14 11 17.");
            return;
        }
        try {
            List<Double> values = Stream.of(typed.group(3).strip().split("[ ;]+")).map(Double::valueOf)
                    .toList();
            model.keep(new Result(typed.group(1), typed.group(2), model.group(), model.today(), values));
            refused.setText("");
            line.clear();
            show();
        } catch (IllegalArgumentException wrong) {
            refused.setText("\"%s\" holds what is no number.".formatted(typed.group(3).strip()));
        }
    }

    private void fill(List<Result> results) {
        all.getChildren().setAll(results.stream()
                .collect(Collectors.groupingBy(
                        each -> each.check() + (each.group().isEmpty() ? "" : ", " + each.group()),
                        TreeMap::new, Collectors.toList()))
                .entrySet().stream().map(each -> row(each.getKey(), each.getValue())).toList());
    }

    private Node row(String check, List<Result> results) {
        String line = results.stream()
                .map(each -> "%s %s".formatted(DAY.format(each.day()), number(each.median())))
                .collect(Collectors.joining(" \u2192 "));
        String unit = Objects.requireNonNull(results.getLast()).unit();
        return new VBox(1, Words.wrapped("%s (%s, middle of %d): %s".formatted(check, unit,
                results.getLast().values().size(), line), "small"), new CheckLine(results, palette.get()));
    }

    private static String number(double value) {
        return value == Math.rint(value)
                ? String.valueOf(Math.round(value))
                : String.format(Locale.ROOT, "%.1f", value);
    }
}
