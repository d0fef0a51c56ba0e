package app.kehre.desk.classes;

import java.nio.file.Path;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Locale;
import java.util.function.Consumer;
import java.util.stream.Collectors;
import java.util.stream.IntStream;
import javafx.beans.property.ObjectProperty;
import javafx.geometry.Insets;
import javafx.geometry.VPos;
import javafx.scene.Node;
import javafx.scene.control.Button;
import javafx.scene.control.Label;
import javafx.scene.control.ScrollPane;
import javafx.scene.layout.FlowPane;
import javafx.scene.layout.Priority;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.SmallRoad;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;
import app.kehre.desk.look.Tips;

/** The Classes place: every class of a folder with a small road, its length, its effort and what is open. */
public final class ClassesView extends VBox {

    private static final double BESIDE = 14;
    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu",
            Locale.ENGLISH);

    private final ClassesViewModel model;
    private final ObjectProperty<Palette> palette;
    private final Consumer<Path> opener;
    private final Label folder = Words.plain("", "soft");
    private final FlowPane cards = new FlowPane(BESIDE, BESIDE);

    /**
     * Makes the view.
     *
     * @param opener opens a file
     */
    public ClassesView(ClassesViewModel model, ObjectProperty<Palette> palette, Consumer<Path> opener) {
        super(10);
        this.model = model;
        this.palette = palette;
        this.opener = opener;
        getStyleClass().add("classes");
        setPadding(new Insets(18, 22, 8, 22));
        cards.setId("classes");
        cards.setRowValignment(VPos.TOP);
        ScrollPane scroll = new ScrollPane(cards);
        scroll.setFitToWidth(true);
        scroll.getStyleClass().add("bare");
        VBox.setVgrow(scroll, Priority.ALWAYS);
        folder.setId("classes-folder");
        folder.setMinWidth(0);
        getChildren().setAll(Words.plain("Classes", "page-title"), folder, scroll);
        palette.addListener(_ -> {
            if (getScene() != null) {
                show();
            }
        });
    }

    /** Reads the folder anew and shows its classes. */
    public void show() {
        folder.setText("in the folder " + model.folder().getFileName());
        Tips.say(folder, model.folder().toString());
        model.ask(found -> {
            int at = focused();
            cards.getChildren().setAll(found.stream().map(this::card).toList());
            if (found.isEmpty()) {
                cards.getChildren().setAll(Words.wrapped(
                        "No class lies in this folder yet. Ctrl+S saves the open one; the folder of an open file is shown here.",
                        "soft"));
            }
            if (at >= 0) {
                focus(at);
            } else if (getScene() != null && getScene().getFocusOwner() == null) {
                focusFirst();
            }
        });
    }

    /** Returns the place of the class that has the keyboard, from 0; -1 when none has it. */
    private int focused() {
        return IntStream.range(0, cards.getChildren().size())
                .filter(at -> cards.getChildren().get(at).isFocusWithin()).findFirst().orElse(-1);
    }

    /** Puts the keyboard on the class at a place, or on the last one. */
    private void focus(int at) {
        if (!cards.getChildren().isEmpty()) {
            cards.getChildren().get(Math.min(at, cards.getChildren().size() - 1)).requestFocus();
        }
    }

    /** Puts the keyboard on the first class. */
    public void focusFirst() {
        focus(0);
    }

    private Node card(ClassesViewModel.Found found) {
        VBox content = new VBox(4);
        found.assessment().ifPresentOrElse(judged -> fill(content, judged),
                () -> content.getChildren().setAll(
                        Words.plain(String.valueOf(found.file().getFileName()), "strong"),
                        Words.wrapped(found.problem(), "over")));
        Button card = new Button("", content);
        card.getStyleClass().setAll("class-card");
        if (model.isOpen(found.file())) {
            card.getStyleClass().add("open");
        }
        card.setPrefWidth(SmallRoad.WIDTH + 26);
        card.setDisable(found.assessment().isEmpty());
        card.setOnAction(_ -> opener.accept(found.file()));
        return card;
    }

    private void fill(VBox content, Assessment judged) {
        Timeline timeline = judged.timeline();
        Label length = Words.plain(
                "%s, %s".formatted(Lengths.clock(timeline.fit().length()), timeline.fit().words()),
                timeline.fit().over() ? "over" : "soft", "small");
        Label title = Words.plain(timeline.plan().brief().title(), "strong");
        title.setMaxWidth(SmallRoad.WIDTH);
        content.getChildren().setAll(title, Words.plain(when(timeline.plan().brief()), "soft", "small"),
                new SmallRoad(timeline, palette.get()), length,
                Words.plain(
                        "%d min moderate or harder".formatted(Math.round(judged.effort().effortMinutes())),
                        "soft", "small"),
                open(judged));
    }

    private static String when(Brief brief) {
        return "%s, %s, %d people".formatted(DAY.format(brief.date()), brief.start(), brief.people());
    }

    private static Label open(Assessment judged) {
        String words = Arrays.stream(Severity.values()).filter(severity -> judged.count(severity) > 0)
                .map(severity -> "%s %d".formatted(severity.words(), judged.count(severity)))
                .collect(Collectors.joining(" \u00b7 "));
        return Words.plain(words.isEmpty() ? "all clear" : words,
                judged.count(Severity.STOP) > 0 ? "over" : "soft",
                "small");
    }
}
