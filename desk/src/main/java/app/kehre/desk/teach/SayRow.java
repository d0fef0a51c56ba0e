package app.kehre.desk.teach;

import java.util.Optional;
import javafx.geometry.Pos;
import javafx.scene.control.Label;
import javafx.scene.control.OverrunStyle;
import javafx.scene.layout.HBox;
import javafx.scene.layout.VBox;

import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Stage;
import app.kehre.core.hall.Change;
import app.kehre.core.hall.Counting;
import app.kehre.core.hall.HallWords;
import app.kehre.core.hall.Say;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Timeline;

/** What to say next and when, and below it what to know of what comes. */
final class SayRow extends VBox {

    private final Label when = new Label();
    private final Label words = new Label();
    private final Label how = new Label();
    private final Label know = new Label();

    SayRow() {
        super(3);
        when.getStyleClass().add("next-word");
        when.setId("say-when");
        when.setMinWidth(USE_PREF_SIZE);
        words.getStyleClass().add("next-name");
        words.setId("say");
        words.setTextOverrun(OverrunStyle.CENTER_ELLIPSIS);
        how.getStyleClass().addAll("next-dose", "soft");
        know.getStyleClass().add("soft");
        know.setId("say-know");
        HBox line = new HBox(18, when, words, how);
        line.setAlignment(Pos.BASELINE_LEFT);
        getChildren().addAll(line, know);
    }

    /**
     * Shows what is said next; when a change is near, how many are left until then.
     *
     * @param facing whether the instructor faces the group, and moves right where the group moves left
     */
    void show(Moment moment, Timeline timeline, boolean facing) {
        Optional<Counting> counting = Counting.of(moment, timeline);
        Optional<Say> next = Say.of(moment, timeline);
        Optional<Change> change = Change.of(moment, timeline).filter(_ -> counting.isEmpty());
        Optional<String> badge = change.map(found -> found.left() + " more").or(() -> next.map(Say::when))
                .filter(_ -> moment.state() != RunState.READY);
        when.setVisible(badge.isPresent());
        when.setManaged(badge.isPresent());
        badge.ifPresent(when::setText);
        words.setText(
                next.map(Say::words).or(() -> change.map(Change::then)).orElseGet(() -> last(moment)));
        how.setText(change.flatMap(found -> found.own(facing)).map(side -> "then you move " + side.word())
                .or(() -> next.map(Say::how)).orElse(""));
        know.setText(toKnow(moment, counting, timeline));
    }

    private static String last(Moment moment) {
        return moment.state() != RunState.FINISHED && moment.entry().isPresent()
                ? "This is the last line of the class"
                : "";
    }

    /** The dose of what comes and what is fetched for it; in a build-up its next stage. */
    private String toKnow(Moment moment, Optional<Counting> counting, Timeline timeline) {
        Optional<Stage> stage = counting.flatMap(Counting::next);
        return stage.map(found -> "next: %s, %s".formatted(found.title(), BuildUpWords.rounds(found)))
                .or(() -> moment.next().map(entry -> words.getText().startsWith(entry.name())
                        ? HallWords.next(entry, timeline)
                        : "next: %s, %s".formatted(entry.name(), HallWords.next(entry, timeline))))
                .orElse("");
    }
}
