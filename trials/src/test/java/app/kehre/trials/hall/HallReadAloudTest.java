package app.kehre.trials.hall;

import java.io.IOException;
import java.time.Instant;
import java.time.ZoneOffset;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Collectors;

import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;

import app.kehre.core.exercise.Library;
import app.kehre.core.hall.GroupWall;
import app.kehre.core.hall.HallWords;
import app.kehre.core.hall.Say;
import app.kehre.core.plan.Entry;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** What stands on both walls while a class of the week is taught, line by line: could one teach by it without a plan in hand? */
class HallReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Instant START = Instant.parse("2026-12-03T12:15:00Z");

    private static Moment at(Timeline timeline, Span span) {
        TeachingRun run = TeachingRun.ready(timeline).start(START, START.plus(timeline.fit().slot()));
        return Moment.of(run, START.plus(span.start()).plus(span.stretch().length().dividedBy(2)));
    }

    private static List<String> said(Timeline timeline) {
        List<String> lines = new ArrayList<>();
        for (Span span : timeline.spans()) {
            Moment moment = at(timeline, span);
            String name = moment.entry().map(Entry::name).orElse("");
            String place = "%s | %s".formatted(HallWords.place(moment, timeline), name);
            if (lines.isEmpty() || !lines.contains(place)) {
                lines.add("");
                lines.add(place);
                moment.entry().map(HallWords::dose).map("  %s"::formatted).ifPresent(lines::add);
            }
            lines.add("  " + HallWords.now(moment)
                    + Say.of(moment, timeline).map(say -> " > %s: %s".formatted(say.when(), say.words()))
                            .orElse(""));
            lines.add("  = " + wall(GroupWall.of(moment, timeline)));
        }
        lines.add("");
        lines.add(HallWords.classLine(at(timeline, timeline.spans().getLast()), timeline, ZoneOffset.UTC));
        return lines.subList(1, lines.size());
    }

    private static String wall(GroupWall wall) {
        String levels = wall.levels().stream().map(level -> level.name() + ": " + level.words())
                .collect(Collectors.joining(", "));
        return List.of(wall.name(), wall.side(), wall.large(), levels, wall.next(), wall.with()).stream()
                .filter(words -> !words.isEmpty()).collect(Collectors.joining(" / "));
    }

    @ParameterizedTest
    @CsvSource({"thursday-express-circuit", "saturday-core-and-stretch"})
    void theWallsSayWhatWasReadAloud(String name) throws IOException {
        List<String> said = said(Timeline.of(DemoPlan.load(name, LIBRARY).plan()));

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("hall-%s.txt".formatted(name)));
    }
}
