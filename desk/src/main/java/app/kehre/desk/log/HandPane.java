package app.kehre.desk.log;

import java.time.Duration;
import java.time.LocalDateTime;
import java.time.format.DateTimeFormatter;
import java.time.format.DateTimeParseException;
import java.util.LinkedHashSet;
import java.util.Locale;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.control.TextField;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.brief.Brief;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Words;

/** A class that was taught without the program: when it began, how long it took, what was left out. */
final class HandPane extends VBox {

    private static final DateTimeFormatter WHEN = DateTimeFormatter.ofPattern("uuuu-MM-dd HH:mm",
            Locale.ROOT);
    private static final double LINE = 250;

    private final LogViewModel model;
    private final Runnable logged;
    private final Label title = Words.plain("", "section");
    private final TextField when = new TextField();
    private final TextField length = new TextField();
    private final Label refused = Words.wrapped("", "over");
    private final FlowPane lines = new FlowPane(10, 4);
    private final Set<EntryId> leftOut = new LinkedHashSet<>();

    /** @param logged told when a class was logged */
    HandPane(LogViewModel model, Runnable logged) {
        super(10);
        this.model = model;
        this.logged = logged;
        when.setId("hand-when");
        when.setAccessibleText("when it began");
        when.setPrefColumnCount(14);
        length.setId("hand-length");
        length.setAccessibleText("how long it took");
        length.setPromptText("58 min");
        length.setPrefColumnCount(7);
        length.setOnAction(_ -> log());
        Button log = Words.button("hand-log", "Log it", this::log);
        log.getStyleClass().add("go");
        HBox row = new HBox(8, Words.plain("began", "soft"), when, Words.plain("took", "soft"), length, log,
                refused);
        row.setAlignment(Pos.CENTER_LEFT);
        HBox.setHgrow(refused, Priority.ALWAYS);
        ScrollPane scroll = new ScrollPane(lines);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        getChildren().setAll(title, row, Words.plain("Tick what was left out:", "soft"), scroll);
    }

    void show() {
        ClassPlan plan = model.plan();
        Brief brief = plan.brief();
        title.setText("\u201c%s\u201d, the open class, as it was taught".formatted(brief.title()));
        when.setText(WHEN.format(brief.date().atTime(brief.start())));
        refused.setText("");
        leftOut.clear();
        lines.getChildren()
                .setAll(plan.lines().filter(line -> line.inside().isEmpty()).map(this::line).toList());
    }

    private CheckBox line(Entry line) {
        CheckBox box = new CheckBox(line.name());
        box.setPrefWidth(LINE);
        box.setOnAction(_ -> {
            if (box.isSelected()) {
                leftOut.add(line.id());
            } else {
                leftOut.remove(line.id());
            }
        });
        return box;
    }

    void focusFirst() {
        length.requestFocus();
    }

    private void log() {
        Reading<Duration> took = length();
        String problem = took.problem().isEmpty() ? whenProblem() : took.problem();
        refused.setText(problem);
        if (problem.isEmpty()) {
            model.logByHand(LocalDateTime.parse(when.getText().strip(), WHEN), took.value().orElseThrow(),
                    Set.copyOf(leftOut));
            length.clear();
            logged.run();
        }
    }

    private Reading<Duration> length() {
        String typed = length.getText().strip();
        if (typed.isEmpty()) {
            return Reading.refused("How long did it take? Such as \u201c58 min\u201d.");
        }
        Reading<Duration> read = Lengths.parse(typed.matches("\\d+") ? typed + " min" : typed);
        return read.value().filter(each -> !each.isPositive()).isPresent()
                ? Reading.refused("A class lasts longer than that.")
                : read;
    }

    private String whenProblem() {
        try {
            LocalDateTime began = LocalDateTime.parse(when.getText().strip(), WHEN);
            return began.toLocalDate().isAfter(model.today())
                    ? "%s is still to come.".formatted(began.toLocalDate())
                    : "";
        } catch (DateTimeParseException other) {
            return "\"%s\" was typed; expected a day and a time, such as 2026-11-24 18:30."
                    .formatted(when.getText().strip());
        }
    }
}
