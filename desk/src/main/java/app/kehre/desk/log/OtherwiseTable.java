package app.kehre.desk.log;

import java.time.Duration;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.LineRecord;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Debt;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Reading;
import app.kehre.desk.control.Commit;
import app.kehre.desk.control.InlineField;
import app.kehre.desk.control.Words;

/** The lines that ran otherwise than planned, or all of them, each with a place for a note. */
final class OtherwiseTable extends VBox {

    private static final double WHEN = 46;
    private static final double NAME = 142;
    private static final double OFF = 70;
    private static final int MOST = 7;
    private static final double NOTE = 96;
    /** A line that was this much longer or shorter is said in the colour of what is wrong. Kehre's estimate. */
    private static final Duration MUCH = Duration.ofSeconds(30);

    private final LogViewModel model;
    private final Consumer<String> hint;
    private final Label count = Words.plain("", "soft");
    private final ToggleButton all = new ToggleButton("all lines");
    private final VBox rows = new VBox();
    private final Map<EntryId, InlineField> fields = new LinkedHashMap<>();
    private Optional<ClassRecord> shown = Optional.empty();

    OtherwiseTable(LogViewModel model, Consumer<String> hint) {
        super(2);
        this.model = model;
        this.hint = hint;
        all.setId("all-lines");
        all.getStyleClass().add("use");
        all.setOnAction(_ -> fill());
        HBox head = new HBox(12, Words.plain("What ran otherwise", "section"), count, all);
        head.setAlignment(Pos.BASELINE_LEFT);
        getChildren().setAll(head, rows);
        setMinWidth(0);
    }

    void show(ClassRecord record) {
        boolean same = shown.filter(before -> before.with(record.after()).equals(record)).isPresent();
        shown = Optional.of(record);
        if (!same) {
            fill();
        }
        fields.forEach((line, field) -> field.show(NoteText.print(record.after().of(line))));
    }

    /** The rows stay while notes are written: whoever goes from one to the next with Tab goes on typing. */
    private void fill() {
        fields.clear();
        ClassRecord record = shown.orElseThrow();
        List<LineRecord> otherwise = record.lines().stream()
                .filter(line -> line.ranOtherwise() || !owed(line, record).isEmpty()).toList();
        List<LineRecord> furthest = otherwise.stream()
                .sorted(Comparator.comparing((LineRecord line) -> line.off().abs()).reversed()).limit(MOST)
                .toList();
        count.setText("%d of %d lines%s".formatted(otherwise.size(), record.lines().size(),
                otherwise.size() > MOST ? ", the %d furthest off".formatted(MOST) : ""));
        List<Node> shownRows = new ArrayList<>();
        (all.isSelected() ? record.lines() : otherwise.stream().filter(furthest::contains).toList())
                .forEach(line -> shownRows.add(row(line, record)));
        if (shownRows.isEmpty()) {
            shownRows.add(
                    Words.wrapped("Every line was within five seconds, or a tenth, of its plan.", "soft"));
        }
        rows.getChildren().setAll(shownRows);
    }

    private static List<Debt> owed(LineRecord line, ClassRecord record) {
        return record.outcome().owed().stream().filter(debt -> line.exercises().contains(debt.exercise()))
                .toList();
    }

    private Node row(LineRecord line, ClassRecord record) {
        Label name = Words.plain(line.name(), "medium");
        name.setMinWidth(NAME);
        name.setPrefWidth(NAME);
        String owes = owed(line, record).stream().map(Debt::words).collect(Collectors.joining(", "));
        Label how = Words.plain(line.ranOtherwise() ? line.how() : "", "small");
        HBox.setHgrow(how, Priority.ALWAYS);
        how.setMaxWidth(Double.MAX_VALUE);
        how.setMinWidth(0);
        Label off = Words.plain(owes.isEmpty() ? signed(line.off()) : owes,
                !owes.isEmpty() || line.off().abs().compareTo(MUCH) >= 0 ? "over" : "small", "figures");
        off.setMinWidth(OFF);
        HBox row = new HBox(8, fixed(Lengths.clock(line.begins()), WHEN), name, how, off, note(line, record));
        row.setAlignment(Pos.CENTER_LEFT);
        row.getStyleClass().add("log-row");
        return row;
    }

    private static Label fixed(String text, double width) {
        Label label = Words.plain(text, "soft", "small", "figures");
        label.setMinWidth(width);
        label.setPrefWidth(width);
        return label;
    }

    private InlineField note(LineRecord line, ClassRecord record) {
        InlineField field = new InlineField("note on " + line.name(), new Commit() {
            @Override
            public String preview(String text) {
                return NoteText.read(text).problem();
            }

            @Override
            public String take(String text) {
                Reading<After.Note> note = NoteText.read(text);
                note.value().ifPresent(read -> model.say(model.logged().get().shown().orElse(record).after()
                        .with(line.line(), read)));
                return note.problem();
            }
        }, hint);
        field.setId("note-" + line.line());
        field.setPromptText("note");
        field.setPrefWidth(NOTE);
        field.setMinWidth(NOTE);
        field.show(NoteText.print(record.after().of(line.line())));
        fields.put(line.line(), field);
        return field;
    }

    static String signed(Duration off) {
        return (off.isNegative() ? "\u2212" : "+") + Lengths.clock(off.abs());
    }
}
