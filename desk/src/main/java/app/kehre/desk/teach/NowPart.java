package app.kehre.desk.teach;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.Priority;
import javafx.scene.layout.Region;
import javafx.scene.layout.VBox;

import app.kehre.core.hall.Counting;
import app.kehre.core.hall.EffortDue;
import app.kehre.core.hall.HallWords;
import app.kehre.core.plan.Entry;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.look.Type;
import app.kehre.formats.font.Weight;

/** What runs now, as large as the wall allows: where in the class, its name, side and count, and how long still. */
final class NowPart extends VBox {

    private static final double LARGEST_NAME = 96;
    private static final double SMALLEST_NAME = 44;
    private static final double LARGEST_DOSE = 44;
    private static final double CLOCK = 150;
    /** Room for the largest name and the dose, so that nothing jumps. */
    private static final double LEAST_WORDS = 184;

    private final Label place = label("soft");
    private final Label classLine = label("soft");
    private final Label now = label("now");
    private final Label dose = label("dose");
    private final Label amount = label("soft");
    private final Label left = label("left");
    private final Parts parts = new Parts();

    NowPart() {
        super(10);
        classLine.setMinWidth(USE_PREF_SIZE);
        classLine.setId("class-line");
        place.setMinWidth(0);
        Region gap = new Region();
        HBox.setHgrow(gap, Priority.ALWAYS);
        left.setId("left");
        left.setStyle("-fx-font-size: %.0fpx;".formatted(CLOCK));
        left.setMinWidth(USE_PREF_SIZE);
        now.setId("now");
        now.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        dose.setId("dose");
        amount.setId("amount");
        amount.setMinHeight(USE_PREF_SIZE);
        VBox words = new VBox(2, now, dose, amount);
        HBox.setHgrow(words, Priority.ALWAYS);
        words.setMinWidth(0);
        HBox large = new HBox(30, words, left);
        large.setAlignment(Pos.TOP_LEFT);
        large.setMinHeight(LEAST_WORDS);
        setMinHeight(USE_PREF_SIZE);
        getChildren().addAll(new HBox(24, place, gap, classLine), large, parts);
    }

    /** Says what a press on the clock does, and on the name: the largest targets of the wall. */
    void onPress(Runnable clock, Runnable name) {
        left.setOnMouseClicked(_ -> clock.run());
        now.setOnMouseClicked(_ -> name.run());
    }

    /**
     * Shows a moment.
     *
     * @param classWords how the class stands to its room
     * @param late whether that is worth a mark
     * @param soft what there is to know of what runs
     */
    void show(Moment moment, Timeline timeline, String classWords, boolean late, String soft) {
        String effort = EffortDue.of(moment, timeline);
        place.setText(HallWords.place(moment, timeline) + (effort.isEmpty() ? "" : " \u00b7 " + effort));
        classLine.setText(classWords);
        classLine.getStyleClass().setAll("label", late ? "late" : "soft");
        left.setText(Lengths.countdown(moment.left().line()));
        Optional<Counting> counting = Counting.of(moment, timeline);
        now.setText(counting.map(Counting::move).orElseGet(() -> name(moment)));
        dose.setText(counting.map(found -> HallWords.count(found, moment))
                .orElseGet(() -> state(moment) + HallWords.now(moment)));
        amount.setText(soft);
        setAccessibleText("%s, %s".formatted(now.getText(), dose.getText()));
        fit(now, Weight.BOLD, LARGEST_NAME, SMALLEST_NAME);
        fit(dose, Weight.SEMI_BOLD, LARGEST_DOSE, 24);
        parts.show(moment);
    }

    private static String state(Moment moment) {
        return switch (moment.state()) {
            case PAUSED -> "stopped \u00b7 ";
            case TALKING -> "more to say \u00b7 ";
            case READY, TEACHING, FINISHED -> "";
        };
    }

    private static String name(Moment moment) {
        return moment.entry().map(Entry::name)
                .orElse(moment.state() == RunState.FINISHED ? "The class is over" : "Nothing planned yet");
    }

    /** Makes a text as large as the place beside the clock allows. */
    private void fit(Label label, Weight weight, double largest, double smallest) {
        double room = getWidth() - 30 - Type.width("00:00", Type.of(Weight.BOLD, CLOCK));
        double wide = Type.width(label.getText(), Type.of(weight, largest));
        double size = room <= 0 || wide <= room ? largest : Math.max(smallest, largest * room / wide);
        label.setStyle("-fx-font-size: %.0fpx;".formatted(Math.floor(size)));
    }

    private static Label label(String style) {
        Label label = new Label();
        label.getStyleClass().add(style);
        return label;
    }
}
