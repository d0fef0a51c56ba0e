package app.kehre.desk.plan;

import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.choreography.Script;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.EntryText;
import app.kehre.core.typing.RoundWords;
import app.kehre.core.value.Lengths;

/**
 * A line of the selected segment as it stands in the table.
 *
 * @param entry the line of the plan
 * @param inCircuit whether it stands inside a circuit
 * @param start minutes and seconds of the class
 * @param dose in the dose notation
 * @param load in the load notation; empty for none
 * @param options what is easier; empty for a pause
 * @param length minutes and seconds
 */
record Row(Entry entry, boolean inCircuit, String start, String dose, String load, String options,
        String length) {

    static Row of(Timeline timeline, Entry entry) {
        return new Row(entry, timeline.plan().circuitOf(entry.id()).isPresent(),
                Lengths.clock(timeline.ofEntry(entry.id()).start()), EntryText.dose(entry),
                EntryText.load(entry), options(timeline, entry), Lengths.clock(timeline.lengthOf(entry)));
    }

    private static String options(Timeline timeline, Entry entry) {
        return switch (entry) {
            case Item item -> Stream.of(RoundWords.of(item), RoundWords.of(item.delivery()))
                    .filter(each -> !each.isEmpty()).findFirst()
                    .orElse("easier: " + item.exercise().easier().name());
            case Screen screen -> "not passed: " + screen.failed();
            case BuildUp build -> Optional.ofNullable(timeline.scripts().get(build.id())).map(Script::words)
                    .orElse("");
            case Pause _,Circuit _ -> "";
        };
    }
}
