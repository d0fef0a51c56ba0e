package app.kehre.desk.log;

import java.time.DayOfWeek;
import java.time.LocalDate;
import java.time.YearMonth;
import java.time.format.DateTimeFormatter;
import java.time.format.TextStyle;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.function.Consumer;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ListCell;
import javafx.scene.control.ListView;
import javafx.scene.control.TextField;
import javafx.scene.input.KeyCode;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.log.RecordKey;
import app.kehre.core.studio.RecordRow;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** All classes that were taught: a list with search, beside it a month of the calendar. */
final class AllPane extends HBox {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu, HH:mm",
            Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final DateTimeFormatter MONTH = DateTimeFormatter.ofPattern("MMMM uuuu", Locale.ENGLISH);
    private static final int WEEK = 7;
    private static final double LIST = 560;

    private final LogViewModel model;
    private final Consumer<RecordKey> chosen;
    private final TextField search = new TextField();
    private final ListView<RecordRow> list = new ListView<>();
    private final Label monthName = Words.plain("", "section");
    private final GridPane month = new GridPane(3, 3);
    private Optional<YearMonth> shownMonth = Optional.empty();

    /** @param chosen told which class is to be looked at */
    AllPane(LogViewModel model, Consumer<RecordKey> chosen) {
        super(26);
        this.model = model;
        this.chosen = chosen;
        search.setId("log-search");
        search.setPromptText("Search by class, group, exercise, note");
        search.setAccessibleText("Search the classes that were taught");
        search.textProperty().addListener((_, _, words) -> model.find(words));
        search.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.DOWN) {
                list.requestFocus();
                list.getSelectionModel().selectFirst();
                event.consume();
            }
        });
        list.setId("log-list");
        list.getStyleClass().add("log-list");
        list.setPlaceholder(Words.wrapped("No class was taught yet, or none has these words.", "soft"));
        list.setCellFactory(_ -> new Cell());
        list.setOnMouseClicked(_ -> choose());
        list.setOnKeyPressed(event -> {
            if (event.getCode() == KeyCode.ENTER) {
                choose();
            }
        });
        VBox.setVgrow(list, Priority.ALWAYS);
        VBox left = new VBox(8, search, list);
        left.setPrefWidth(LIST);
        left.setMinWidth(300);
        HBox.setHgrow(left, Priority.ALWAYS);
        for (int i = 0; i < WEEK; i++) {
            ColumnConstraints column = new ColumnConstraints(40, 76, 90);
            month.getColumnConstraints().add(column);
        }
        VBox right = new VBox(8, monthHead(), month);
        getChildren().setAll(left, right);
    }

    private Node monthHead() {
        Button before = Words.button("month-before", "\u2190", () -> turn(-1));
        Button after = Words.button("month-after", "\u2192", () -> turn(1));
        before.setAccessibleText("the month before");
        after.setAccessibleText("the month after");
        before.getStyleClass().add("flat");
        after.getStyleClass().add("flat");
        HBox head = new HBox(8, before, monthName, after);
        head.setAlignment(Pos.CENTER_LEFT);
        return head;
    }

    private void choose() {
        RecordRow row = list.getSelectionModel().getSelectedItem();
        if (row != null) {
            chosen.accept(row.heading().key());
        }
    }

    void show(Logged logged) {
        if (!list.getItems().equals(logged.rows())) {
            list.getItems().setAll(logged.rows());
        }
        if (shownMonth.isEmpty()) {
            shownMonth = Optional.of(YearMonth.from(logged.rows().stream().findFirst()
                    .map(row -> row.heading().began().toLocalDate()).orElseGet(model::today)));
        }
        askMonth();
    }

    void focusFirst() {
        search.requestFocus();
    }

    private void turn(int months) {
        shownMonth = shownMonth.map(each -> each.plusMonths(months));
        askMonth();
    }

    private void askMonth() {
        shownMonth.ifPresent(asked -> model.between(asked.atDay(1), asked.atEndOfMonth(), rows -> {
            if (shownMonth.equals(Optional.of(asked))) {
                fill(asked, rows);
            }
        }));
    }

    private void fill(YearMonth asked, List<RecordRow> rows) {
        monthName.setText(MONTH.format(asked));
        month.getChildren().clear();
        for (DayOfWeek day : DayOfWeek.values()) {
            month.add(Words.plain(day.getDisplayName(TextStyle.SHORT, Locale.ENGLISH), "soft", "small"),
                    day.getValue() - 1, 0);
        }
        int first = asked.atDay(1).getDayOfWeek().getValue() - 1;
        for (int day = 1; day <= asked.lengthOfMonth(); day++) {
            LocalDate date = asked.atDay(day);
            int place = first + day - 1;
            month.add(
                    day(date,
                            rows.stream().filter(row -> row.heading().began().toLocalDate().equals(date))
                                    .toList()),
                    place % WEEK, 1 + place / WEEK);
        }
    }

    private Node day(LocalDate date, List<RecordRow> rows) {
        VBox box = new VBox(1, Words.plain(String.valueOf(date.getDayOfMonth()), "soft", "small"));
        box.getStyleClass().add("day");
        box.setMinHeight(76);
        for (RecordRow row : rows) {
            Button button = new Button(
                    "%s %s".formatted(TIME.format(row.heading().began()), row.heading().title()));
            button.setWrapText(true);
            button.setMinHeight(USE_PREF_SIZE);
            button.getStyleClass().addAll("flat", "small", "day-class");
            button.setMaxWidth(Double.MAX_VALUE);
            button.setOnAction(_ -> chosen.accept(row.heading().key()));
            box.getChildren().add(button);
        }
        return box;
    }

    /** A class in the list. */
    private static final class Cell extends ListCell<RecordRow> {

        @Override
        protected void updateItem(RecordRow row, boolean empty) {
            super.updateItem(row, empty);
            setText(null);
            setGraphic(empty || row == null ? null : graphic(row));
        }

        private static Node graphic(RecordRow row) {
            Label title = Words.plain(row.heading().title(), "medium");
            title.setMinWidth(0);
            HBox.setHgrow(title, Priority.ALWAYS);
            title.setMaxWidth(Double.MAX_VALUE);
            Label took = Words.plain("%s, %s".formatted(Lengths.clock(row.times().taught()),
                    OtherwiseTable.signed(row.times().taught().minus(row.times().planned()))), "small",
                    "figures");
            took.setMinWidth(USE_PREF_SIZE);
            HBox first = new HBox(10, title, took);
            String said = said(row);
            VBox both = new VBox(0, first, Words.plain(DAY.format(row.heading().began())
                    + (said.isEmpty() ? "" : " \u00b7 " + said), "soft", "small"));
            both.setMinWidth(0);
            both.setPrefWidth(100);
            return both;
        }

        private static String said(RecordRow row) {
            String people = row.people().map(each -> each + " came").orElse("");
            String hard = row.hard().map(each -> "hard " + each).orElse("");
            return String.join(" \u00b7 ", List.of(people, hard, row.next()).stream()
                    .filter(each -> !each.isBlank()).toList());
        }
    }
}
