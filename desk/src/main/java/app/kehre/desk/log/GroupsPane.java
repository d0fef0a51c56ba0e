package app.kehre.desk.log;

import java.time.LocalDate;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import javafx.geometry.Pos;
import javafx.scene.Node;
import javafx.scene.control.ComboBox;
import javafx.scene.control.Hyperlink;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.log.Knowledge;
import app.kehre.core.studio.Doing;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.Words;

/** What a group did in the last eight weeks, when an exercise was done and how it went, and the checks that groups do. */
final class GroupsPane extends HBox {

    private static final String ALL = "all classes";
    private static final int MOST = 12;
    private static final double LEFT = 560;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("d MMM uuuu", Locale.ENGLISH);

    private final LogViewModel model;
    private final ComboBox<String> group = new ComboBox<>();
    private final Label usual = Words.wrapped("", "medium");
    private final Label says = Words.wrapped("", "soft");
    private final FlowPane done = new FlowPane(8, 2);
    private final VBox doings = new VBox(3);
    private final Label what = Words.plain("", "section");

    GroupsPane(LogViewModel model, ChecksPane checks) {
        super(30);
        this.model = model;
        group.setId("log-group");
        group.setAccessibleText("which group");
        group.valueProperty().addListener(_ -> ask());
        HBox head = new HBox(10, Words.plain("What they did", "section"), group);
        head.setAlignment(Pos.CENTER_LEFT);
        ScrollPane scroll = new ScrollPane(done);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        VBox left = new VBox(8, head, usual, says, scroll);
        left.setPrefWidth(LEFT);
        left.setMinWidth(260);
        HBox.setHgrow(left, Priority.ALWAYS);
        VBox right = new VBox(8, what, doings, checks);
        right.setPrefWidth(420);
        right.setMinWidth(320);
        getChildren().setAll(left, right);
    }

    void show(Logged logged) {
        List<String> names = new ArrayList<>(List.of(ALL));
        names.addAll(logged.groups());
        String before = group.getValue();
        if (!group.getItems().equals(names)) {
            group.getItems().setAll(names);
        }
        group.setValue(before != null && names.contains(before) ? before : names.getLast());
        ask();
    }

    String chosen() {
        String value = group.getValue();
        return value == null || value.equals(ALL) ? "" : value;
    }

    private void ask() {
        LocalDate today = model.today();
        usual.setText("");
        model.usual(chosen(), words -> usual.setText(words));
        model.done(chosen(), Knowledge.from(today), today, this::fill);
    }

    private void fill(Map<String, Integer> times) {
        int known = Knowledge.of(times, Set.of()).size();
        says.setText(times.isEmpty()
                ? "Nothing in the last eight weeks."
                : "In the last eight weeks %d things, %d of them twice or more: those count as known."
                        .formatted(times.size(), known));
        times.keySet().stream().findFirst().ifPresent(this::lookAt);
        done.getChildren()
                .setAll(times.entrySet().stream().map(each -> link(each.getKey(), each.getValue())).toList());
    }

    private Node link(String subject, int times) {
        Hyperlink link = new Hyperlink("%s %d\u00d7".formatted(model.nameOf(subject), times));
        link.setOnAction(_ -> lookAt(subject));
        return link;
    }

    private void lookAt(String subject) {
        model.doings(subject, MOST, found -> show(subject, found));
    }

    private void show(String subject, List<Doing> found) {
        what.setText(model.nameOf(subject));
        doings.getChildren()
                .setAll(found.stream().map(each -> Words.wrapped("%s, %s: planned %s, took %s%s".formatted(
                        DAY.format(each.began()), each.title(), Lengths.clock(each.planned()),
                        Lengths.clock(each.taught()),
                        each.note().isEmpty() ? "" : " \u2013 " + each.note()), "small")).toList());
    }
}
