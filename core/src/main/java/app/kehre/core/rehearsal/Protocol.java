package app.kehre.core.rehearsal;

import java.time.Duration;
import java.time.Instant;
import java.time.ZoneOffset;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.OptionalLong;

import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.teaching.Debt;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.Visit;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** A rehearsal in words: what happened, planned against taught, how it ended. */
public final class Protocol {

    /** What is off by less is not told, unless all is. */
    private static final Duration WORTH = Duration.ofSeconds(5);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm:ss", Locale.ROOT);
    private static final DateTimeFormatter MINUTE = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    private final Rehearsal rehearsal;
    private final List<String> lines = new ArrayList<>();

    private Protocol(Rehearsal rehearsal) {
        this.rehearsal = rehearsal;
    }

    /**
     * Writes it down.
     *
     * @param seed the same class for the same seed
     * @param all whether every press is told; else what was worth five seconds
     */
    public static List<String> of(Rehearsal rehearsal, long seed, boolean all) {
        Protocol protocol = new Protocol(rehearsal);
        protocol.events(all);
        protocol.segments();
        protocol.end();
        protocol.standIns(seed);
        return protocol.lines;
    }

    private void events(boolean all) {
        for (Teaching.Event event : rehearsal.taught().events()) {
            told(event, all).ifPresent(words -> lines.add(time(event.at()) + "  " + words));
        }
        lines.add(time(rehearsal.length()) + "  over");
    }

    private String time(Duration at) {
        return TIME.format(rehearsal.began().plus(at).atZone(ZoneOffset.UTC));
    }

    private Optional<String> told(Teaching.Event event, boolean all) {
        String line = event.line().map(this::name).orElse("");
        return switch (event.press()) {
            case Press.Key key -> told(key, event.at(), line, all);
            case Press.Take take -> Optional.of("kept on time: " + take.words());
            case Press.Start _ -> Optional.of("begun");
            case Press.Choose _,Press.Swap _,Press.Count _,Press.Noted _,Press.Undo _ ->
                Optional.of(event.press().key());
        };
    }

    private Optional<String> told(Press.Key key, Duration at, String line, boolean all) {
        return switch (key) {
            case TALK -> {
                Duration took = rehearsal.taught().run().visits().stream()
                        .filter(visit -> visit.began().equals(at)).map(Visit::took).findFirst()
                        .orElse(Duration.ZERO);
                yield Optional.of("%s takes %s longer".formatted(line, Lengths.clock(took)))
                        .filter(_ -> all || took.compareTo(WORTH) >= 0);
            }
            case GO_ON -> Optional.empty();
            case NEXT -> Optional.of("%s is done sooner".formatted(line)).filter(_ -> all);
            case SKIP_LINE -> Optional.of("%s is forgotten".formatted(line));
            case SKIP_SIDE -> Optional.of("the second side of %s is forgotten".formatted(line));
            case PAY -> Optional.of("a side is given what it is owed");
            case PAUSE, BACK, ONE_MORE, ONE_LESS, EIGHT_MORE, ANOTHER_ROUND, FINISH, FORGIVE ->
                Optional.of(key.key());
        };
    }

    private String name(EntryId line) {
        return rehearsal.taught().run().course().plan().find(line)
                .or(() -> rehearsal.planned().find(line)).map(Entry::name).orElse("what runs");
    }

    private void segments() {
        int widest = rehearsal.segments().keySet().stream().mapToInt(segment -> segment.name().length()).max()
                .orElse(0);
        lines.add("");
        lines.add("%s  planned  taught".formatted(padded("", widest)));
        for (Map.Entry<Segment, Duration[]> each : rehearsal.segments().entrySet()) {
            lines.add("%s  %7s  %6s".formatted(padded(each.getKey().name(), widest),
                    Lengths.clock(each.getValue()[0]), Lengths.clock(each.getValue()[1])));
        }
        lines.add("");
    }

    private static String padded(String text, int width) {
        return text + " ".repeat(Math.max(0, width - text.length()));
    }

    private void end() {
        Duration over = rehearsal.over();
        lines.add("Ends %s, %s %s the room must be free at %s.".formatted(time(rehearsal.length()),
                Lengths.clock(over.abs()), over.isPositive() ? "after" : "before",
                MINUTE.format(rehearsal.hardEnd().atZone(ZoneOffset.UTC))));
        if (over.isPositive() && !rehearsal.refused().isEmpty()) {
            lines.add("It could not be kept on time: " + rehearsal.refused());
        }
        lines.add("Way down and stretch: %s.".formatted(Lengths.clock(rehearsal.wayDown())));
        List<String> dropped = rehearsal.dropped();
        lines.add(dropped.isEmpty()
                ? "Nothing was left out."
                : "Left out: %s.".formatted(
                        String.join(", ", dropped)));
        for (Debt debt : rehearsal.owed()) {
            lines.add("%s: %s.".formatted(debt.exercise(), debt.words()));
        }
    }

    /** What the stand-ins of the hall did meanwhile. */
    private void standIns(long seed) {
        Timeline timeline = rehearsal.taught().run().timeline();
        if (timeline.spans().isEmpty()) {
            return;
        }
        SimulatedStraps straps = new SimulatedStraps(timeline, seed);
        lines.add("");
        lines.add("Heart rates (simulated straps, per cent of the reserve, in the middle of each part):");
        for (Segment segment : timeline.plan().segments()) {
            Stretch stretch = timeline.ofSegment(segment.id());
            if (!stretch.length().isZero()) {
                Duration middle = stretch.start().plus(stretch.length().dividedBy(2));
                lines.add("  %s: %s".formatted(segment.name(), GroupPulse.of(straps, middle).words()));
            }
        }
        music(seed, timeline);
    }

    /** The deck is asked for each part's tempo as the part begins, and read every second. */
    private void music(long seed, Timeline timeline) {
        SimulatedDeck deck = new SimulatedDeck(seed, rehearsal.length());
        int silent = 0;
        Optional<Instant> stopped = Optional.empty();
        List<Visit> visits = rehearsal.taught().run().visits();
        for (int i = 0; i < visits.size(); i++) {
            Visit visit = visits.get(i);
            Instant at = rehearsal.began().plus(visit.began());
            if (i == 0 || !visits.get(i - 1).segment().equals(visit.segment())) {
                timeline.plan().findSegment(visit.segment())
                        .ifPresent(segment -> deck.play(segment.bpm(), at));
            }
            for (Instant each = at; each.isBefore(at.plus(visit.took())); each = each.plusSeconds(1)) {
                OptionalLong beat = deck.beat(each);
                silent += beat.isEmpty() ? 1 : 0;
                stopped = beat.isEmpty() && stopped.isEmpty() && visit.began().toSeconds() > 2
                        ? Optional.of(each)
                        : stopped;
            }
        }
        lines.add("Music (simulated deck): %d ms late at each start, silent for %d s in all%s.".formatted(
                deck.late().toMillis(), silent, stopped.map(each -> ", first at "
                        + TIME.format(each.atZone(ZoneOffset.UTC))).orElse("")));
    }
}
