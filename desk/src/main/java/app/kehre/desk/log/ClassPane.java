package app.kehre.desk.log;

import java.time.Duration;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.Comparator;
import java.util.List;
import java.util.Locale;
import java.util.function.Consumer;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Pos;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.CheckBox;
import javafx.scene.control.Label;
import javafx.scene.control.ToggleButton;
import javafx.scene.layout.ColumnConstraints;
import javafx.scene.layout.GridPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Estimate;
import app.kehre.core.log.Heading;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** A class after it was taught: one screen, nothing to fill in that one does not want to say. */
final class ClassPane extends VBox {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM", Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ENGLISH);
    private static final int MOST_LEARNT = 5;
    private static final double ROAD = 150;

    private final LogViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Consumer<ClassRecord> forget;
    private final Label title = Words.plain("", "page-title");
    private final Label line = Words.plain("", "soft");
    private final Button next;
    private final CheckBox learn = new CheckBox("learn from this class");
    private final AfterBar after;
    private final OtherwiseTable otherwise;
    private final TruthChart chart = new TruthChart();
    private final ToggleButton ofSegments = new ToggleButton("its parts");
    private final Label chartSays = Words.wrapped("", "soft", "small");
    private final Label learntSays = Words.plain("", "soft");
    private final VBox learnt = new VBox(4);
    private final TwoRoads roads = new TwoRoads();

    /**
     * Makes it.
     *
     * @param hint told what is against what is typed
     * @param again plans the next class from this one
     * @param forget takes the class out of the log
     */
    ClassPane(LogViewModel model, ObjectProperty<Palette> palette, Consumer<String> hint,
            Consumer<ClassRecord> again, Consumer<ClassRecord> forget) {
        super(10);
        this.model = model;
        this.palette = palette;
        this.forget = forget;
        after = new AfterBar(model, hint);
        otherwise = new OtherwiseTable(model, hint);
        next = Words.button("next-from-this", "Plan the next from this",
                () -> model.logged().get().shown().ifPresent(again));
        next.getStyleClass().add("go");
        title.setMinWidth(0);
        getChildren().setAll(head(), roads, after, below());
    }

    private Node head() {
        VBox words = new VBox(2, title, line);
        words.setMinWidth(0);
        HBox.setHgrow(words, Priority.ALWAYS);
        HBox head = new HBox(12, words, next);
        head.setAlignment(Pos.BOTTOM_LEFT);
        return head;
    }

    private Node below() {
        learn.setId("learn");
        learn.setOnAction(_ -> model.learn(learn.isSelected()));
        Tips.say(learn, "Left out, a class such as one with a fire alarm moves nothing");
        Button out = Words.button("forget-class", "Take out of the log",
                () -> model.logged().get().shown().ifPresent(forget));
        out.getStyleClass().add("flat");
        HBox last = new HBox(14, learn, out);
        last.setAlignment(Pos.CENTER_LEFT);
        HBox learntHead = new HBox(12, Words.plain("Learnt", "section"), learntSays);
        learntHead.setAlignment(Pos.BASELINE_LEFT);
        VBox left = new VBox(12, otherwise, new VBox(6, learntHead, learnt), last);
        left.setMinWidth(0);
        ofSegments.setId("truth-parts");
        ofSegments.getStyleClass().add("use");
        ofSegments.setOnAction(_ -> chart(model.logged().get()));
        HBox chartHead = new HBox(12, Words.plain("How true the plans are", "section"), ofSegments);
        chartHead.setAlignment(Pos.BASELINE_LEFT);
        VBox right = new VBox(6, chartHead, chart, chartSays);
        right.setMinWidth(0);
        GridPane both = new GridPane(26, 0);
        both.getColumnConstraints().setAll(share(66), share(34));
        both.addRow(0, left, right);
        GridPane.setValignment(right, VPos.TOP);
        return both;
    }

    private static ColumnConstraints share(double percent) {
        ColumnConstraints column = new ColumnConstraints();
        column.setPercentWidth(percent);
        column.setHgrow(Priority.ALWAYS);
        return column;
    }

    void show(Logged logged) {
        logged.shown().ifPresent(record -> {
            title.setText("%s, %s".formatted(DAY.format(record.heading().began()), record.heading().title()));
            line.setText(words(record));
            roads.show(record, palette.get());
            roads.setVisible(!record.segments().isEmpty());
            roads.setManaged(!record.segments().isEmpty());
            after.show(record.after());
            otherwise.show(record);
            learn.setSelected(record.learn());
            learn.setDisable(record.heading().origin() == Heading.Origin.BY_HAND);
        });
        chart(logged);
        learnt(logged);
    }

    static String words(ClassRecord record) {
        List<String> words = new ArrayList<>();
        words.add("taught %s to %s".formatted(TIME.format(record.heading().began()),
                TIME.format(record.heading().began().plus(record.times().taught()))));
        words.add("planned %s, took %s".formatted(Lengths.clock(record.times().planned()),
                Lengths.clock(record.times().taught())));
        Duration over = record.overSlot();
        words.add(over.isPositive() ? Lengths.clock(over) + " over the slot" : "within the slot");
        int taken = record.outcome().taken().size();
        if (taken > 0) {
            words.add(
                    taken == 1 ? record.outcome().taken().getFirst() : "%d proposals taken".formatted(taken));
        }
        if (record.heading().origin() != Heading.Origin.TAUGHT) {
            words.add(record.heading().origin().words());
        }
        return String.join(" \u00b7 ", words);
    }

    private void chart(Logged logged) {
        chart.show(logged.truths(), ofSegments.isSelected(), palette.get());
        chartSays.setText(logged.truths().isEmpty()
                ? "No class was taught whole with Kehre yet."
                : "dots: each class; line: the middle of five; faint: as if nothing had been learnt");
    }

    private void learnt(Logged logged) {
        int classes = logged.learned().classes();
        learntSays.setText(classes == 0
                ? "nothing yet"
                : "from %d %s, used from the next plan on".formatted(classes,
                        classes == 1 ? "class" : "classes"));
        learnt.getChildren().setAll(logged.learned().estimates().stream()
                .sorted(Comparator.comparing((Estimate each) -> Math.abs(each.far())).reversed())
                .limit(MOST_LEARNT)
                .map(each -> new PaceRow(ROAD).show(each, palette.get())).toArray(Region[]::new));
    }
}
