package app.kehre.core.hall;

import java.time.LocalTime;
import java.time.format.DateTimeFormatter;
import java.util.Arrays;
import java.util.List;
import java.util.Locale;
import java.util.Optional;
import java.util.Set;
import java.util.stream.IntStream;

import app.kehre.core.choreography.Stage;
import app.kehre.core.dose.AsMany;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.RunState;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * What the group reads from eight metres: what is done, how far it is, three levels, what comes. Nothing of the room's time,
 * of anybody's limits, of the instructor's notes.
 *
 * @param name what is done
 * @param side which side, or what else there is to know: "watch", "left"
 * @param large the count that runs, or the time that is left; may be empty
 * @param levels easier, as shown, harder; none where nobody works
 * @param next what comes, and with what; may be empty
 * @param with what is taken for it; may be empty
 * @param stations those of the circuit that runs; none outside of one
 */
public record GroupWall(String name, String side, String large, List<Level> levels, String next, String with,
        List<Station> stations) {

    /** A level is read at a glance: no more words than these. */
    public static final int WORDS = 4;
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("H:mm", Locale.ROOT);
    /** No line of a wall ends with them. */
    private static final Set<String> NO_END = Set.of("a", "an", "the", "on", "in", "with", "and", "to", "of",
            "at", "or", "for", "from", "over", "one");

    /**
     * A level that everybody may choose.
     *
     * @param name "easier", "as shown", "harder"
     * @param words what is done, four words at the most
     */
    public record Level(String name, String words) {}

    /**
     * A station of a circuit.
     *
     * @param name what is done there
     * @param here whether it runs now
     * @param group which group is there now, when people are spread over the stations, from 1
     */
    public record Station(String name, boolean here, int group) {}

    public GroupWall {
        levels = List.copyOf(levels);
        stations = List.copyOf(stations);
    }

    /** Returns what stands on the wall at a moment. */
    public static GroupWall of(Moment moment, Timeline timeline) {
        Optional<Span> span = moment.span().filter(_ -> moment.state() != RunState.READY);
        if (span.isEmpty() || moment.entry().isEmpty()) {
            return still(moment, timeline.plan());
        }
        Entry entry = moment.entry().get();
        Optional<Counting> counting = Counting.of(moment, timeline);
        String name = counting.map(Counting::move).orElseGet(() -> name(entry, span.get()));
        List<Level> levels = entry instanceof Item item && works(span.get())
                ? levels(item.exercise())
                : List.of();
        String next = counting.flatMap(Counting::next).map(GroupWall::words)
                .or(() -> moment.next().map(coming -> coming(coming, span.get()))).orElse("");
        return new GroupWall(name, side(entry, span.get(), moment, timeline),
                large(counting, span.get(), moment),
                levels, next, with(moment), stations(span.get(), entry, timeline.plan()));
    }

    private static GroupWall still(Moment moment, ClassPlan plan) {
        LocalTime start = plan.brief().start();
        boolean over = moment.state() == RunState.FINISHED;
        return new GroupWall(over ? "Thank you" : plan.brief().title(),
                over ? "" : "we begin at " + TIME.format(start), "", List.of(), "", "", List.of());
    }

    /** A stage as the group is told of it, not as it is prepared. */
    private static String words(Stage stage) {
        return switch (stage.kind()) {
            case HOLD -> "keep going";
            case FINISHED -> "all of it";
            case FINALE -> "the finale";
            case LAYER, REDUCE, LINK, TEACH -> stage.title().replaceFirst("^\\+ ", "");
        };
    }

    private static boolean works(Span span) {
        return span.phase() == Phase.WORK || span.phase() == Phase.HOLD;
    }

    private static String name(Entry entry, Span span) {
        return span.phase() == Phase.REST ? "Rest" : entry.name();
    }

    /** What comes of a circuit itself is the rest between its rounds; who rests already sees it when it is there. */
    private static String coming(Entry next, Span now) {
        return next instanceof Circuit ? works(now) ? "Rest" : "" : next.name();
    }

    private static String side(Entry entry, Span span, Moment moment, Timeline timeline) {
        if (moment.state() == RunState.PAUSED || moment.state() == RunState.TALKING) {
            return "one moment";
        }
        return switch (span.phase()) {
            case EXPLAIN -> "watch";
            case SET_UP, TRANSITION -> span.words();
            case SIDE_CHANGE -> "now the " + span.side().word();
            case WORK, HOLD -> span.side() != Side.BOTH
                    ? span.side().word()
                    : entry instanceof Item item && item.dose() instanceof AsMany many && many.toBeat() > 0
                            ? "beat " + many.toBeat()
                            : "";
            case REST -> entry instanceof Circuit circuit
                    ? HallWords.round(circuit, span)
                    : comesAgain(entry, span, timeline) ? "then " + entry.name() : "";
            case TALK, PAUSE -> entry instanceof Pause pause && pause.moving() ? "keep moving" : "";
        };
    }

    /** Whether a rest lies between two sets or intervals of a line, and not behind the last of them. */
    private static boolean comesAgain(Entry entry, Span rest, Timeline timeline) {
        List<Span> spans = timeline.spans();
        return spans.subList(spans.indexOf(rest) + 1, spans.size()).stream().findFirst()
                .filter(next -> next.entry().equals(entry.id())).isPresent();
    }

    /** The count where reps, breaths or counts are counted, else the time that is left; nothing while people only watch. */
    private static String large(Optional<Counting> counting, Span span, Moment moment) {
        if (counting.isPresent()) {
            return Integer.toString(counting.get().count());
        }
        int part = span.partAt(moment.place());
        if (works(span) && part > 0) {
            return Integer.toString(HallWords.inEights(span) ? (part - 1) % 8 + 1 : part);
        }
        return works(span) || span.phase() == Phase.REST || span.phase() == Phase.PAUSE
                ? Lengths.countdown(moment.left().span())
                : "";
    }

    /** Returns the three levels of an exercise. */
    public static List<Level> levels(Exercise exercise) {
        return List.of(new Level("easier", fourWords(exercise.easier().name())),
                new Level("as shown", asShown(exercise)),
                new Level("harder", fourWords(exercise.harder().name())));
    }

    private static String asShown(Exercise exercise) {
        String act = exercise.cues().act();
        String words = !act.isEmpty() && act.split("\\s+").length <= WORDS ? act : exercise.name();
        return fourWords(Character.toLowerCase(words.charAt(0)) + words.substring(1));
    }

    /** Returns the first words of a text, four at the most, that can stand alone. */
    static String fourWords(String text) {
        String[] words = text.strip().split("\\s+");
        int end = Math.min(WORDS, words.length);
        while (end > 1 && end < words.length && NO_END.contains(words[end - 1].toLowerCase(Locale.ROOT))) {
            end--;
        }
        return String.join(" ", Arrays.copyOf(words, end)).replaceAll("[,;:]$", "");
    }

    private static String with(Moment moment) {
        return moment.next().filter(entry -> !entry.load().isNone())
                .map(entry -> LoadNotation.print(entry.load())).or(() -> moment.next().flatMap(Entry::item)
                        .filter(item -> !item.load().isNone()).map(item -> LoadNotation.print(item.load())))
                .orElse("");
    }

    /** Where people are spread, each group goes on to the next station when the exercise changes. */
    private static List<Station> stations(Span span, Entry entry, ClassPlan plan) {
        Optional<Circuit> circuit = entry instanceof Circuit own
                ? Optional.of(own)
                : plan.circuitOf(entry.id());
        int round = span.turn().round().orElse(1);
        List<Item> items = circuit.map(found -> found.items().stream().filter(item -> !item.outIn(round))
                .toList()).orElse(List.of());
        int at = items.stream().map(Item::id).toList().indexOf(entry.id());
        return IntStream.range(0, items.size())
                .mapToObj(i -> new Station(items.get(i).name(), i == at,
                        Math.floorMod(i - Math.max(0, at), items.size()) + 1))
                .toList();
    }
}
