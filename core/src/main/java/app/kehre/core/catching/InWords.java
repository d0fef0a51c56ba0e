package app.kehre.core.catching;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Collectors;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.ShortDose;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** A way to end on time in as few words as can be read at a glance: what is left out, and what is shorter, together. */
public final class InWords {

    private InWords() {}

    /**
     * A line on the wall.
     *
     * @param words "without Row, Calf raise", "Squat 8 reps"
     * @param saves how much time it saves; negative where it takes more
     */
    public record Line(String words, Duration saves) {

        /** Returns the words with the time that it saves or takes: "without Row, 0:40". */
        public String text() {
            return "%s, %s%s".formatted(words, saves.isNegative() ? "+" : "", Lengths.clock(saves.abs()));
        }
    }

    /** Returns the lines of a way. */
    public static List<Line> of(Way way, Rest rest) {
        List<Line> lines = new ArrayList<>();
        way.changes().stream().filter(change -> change.kind().structural())
                .forEach(change -> lines.add(line(change.words(), List.of(change), rest)));
        List<Change> out = of(way, Change.Kind.OUT);
        if (!out.isEmpty()) {
            lines.add(
                    line("without " + out.stream().map(change -> change.words().replaceFirst("^without ", ""))
                            .collect(Collectors.joining(", ")), out, rest));
        }
        List<Change> doses = of(way, Change.Kind.DOSE);
        if (!doses.isEmpty()) {
            lines.add(line(doses.stream().map(change -> dose(change, way))
                    .collect(Collectors.joining(", ")), doses, rest));
        }
        return lines;
    }

    /** Returns all of a way in one line. */
    public static String text(Way way, Rest rest) {
        return of(way, rest).stream().map(Line::words).collect(Collectors.joining("; "));
    }

    private static List<Change> of(Way way, Change.Kind kind) {
        return way.changes().stream().filter(change -> change.kind() == kind).toList();
    }

    private static Line line(String words, List<Change> changes, Rest rest) {
        Duration with = rest.lengthIn(Timeline.of(Change.all(rest.plan(), changes)));
        return new Line(words, rest.length().minus(with));
    }

    /** The new dose alone: nobody counts backwards from the old one while they teach. */
    private static String dose(Change change, Way way) {
        Optional<Item> item = change.entry().flatMap(way.after()::find).flatMap(Entry::item);
        return item.map(found -> "%s %s".formatted(found.name(), ShortDose.of(now(found))))
                .orElseGet(() -> change.words().replaceFirst(" instead of .*", ""));
    }

    private static Dose now(Item item) {
        return item.rounds().values().stream().flatMap(change -> change.dose().stream())
                .reduce((_, last) -> last).orElse(item.dose());
    }
}
