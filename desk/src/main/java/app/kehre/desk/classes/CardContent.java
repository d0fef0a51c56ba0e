package app.kehre.desk.classes;

import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.Locale;
import java.util.stream.Collectors;
import javafx.scene.control.Label;
import javafx.scene.layout.VBox;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.brief.Brief;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.desk.control.SmallRoad;
import app.kehre.desk.control.Words;
import app.kehre.desk.look.Palette;

/** What a card says of a class: its name and day, its road, how long and how hard it is, and what is open; or why it cannot be read. */
final class CardContent extends VBox {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEE d MMM uuuu",
            Locale.ENGLISH);

    CardContent(ClassesViewModel.Found found, Palette palette) {
        super(4);
        found.assessment().ifPresentOrElse(judged -> say(judged, palette),
                () -> getChildren().setAll(Words.plain(found.where().name(), "strong"),
                        Words.wrapped(found.problem(), "over")));
    }

    private void say(Assessment judged, Palette palette) {
        Timeline timeline = judged.timeline();
        Label length = Words.plain(
                "%s, %s".formatted(Lengths.clock(timeline.fit().length()), timeline.fit().words()),
                timeline.fit().over() ? "over" : "soft", "small");
        Label title = Words.plain(timeline.plan().brief().title(), "strong");
        title.setMaxWidth(SmallRoad.WIDTH);
        getChildren().setAll(title, Words.plain(when(timeline.plan().brief()), "soft", "small"),
                new SmallRoad(timeline, palette), length,
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
