package app.kehre.core.sheet;

import java.time.Duration;
import java.time.format.DateTimeFormatter;
import java.util.ArrayList;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.answers.KneeCue;
import app.kehre.core.brief.Brief;
import app.kehre.core.capacity.KitNeed;
import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Script;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.CueWords;
import app.kehre.core.exercise.Role;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.typing.CircuitNotation;
import app.kehre.core.typing.EntryText;
import app.kehre.core.typing.RoundWords;
import app.kehre.core.value.Lengths;

/**
 * The sheet that lies on the floor beside the instructor.
 *
 * @param title of the class
 * @param when day, time, people
 * @param length total against the slot
 * @param parts the segments
 * @param kit a line for each kind of equipment
 * @param beforeStart what to do before the first person comes
 * @param stopSigns when anybody must stop, and whose rules come first
 */
public record CribSheet(String title, String when, String length, List<Part> parts, List<String> kit,
        List<String> beforeStart, String stopSigns) {

    private static final DateTimeFormatter DAY = DateTimeFormatter.ofPattern("EEEE d MMMM uuuu",
            Locale.ENGLISH);
    private static final DateTimeFormatter TIME = DateTimeFormatter.ofPattern("HH:mm", Locale.ROOT);

    /** The stop signs of every sheet (craft.md 10). */
    public static final String STOP_SIGNS = "Stop at once for chest pain or pressure, dizziness, unusual shortness"
            + " of breath, sharp joint pain. Screening, medical clearance, pregnancy, illness and first aid:"
            + " the local rules and licensed professionals decide.";

    /**
     * A segment on the sheet.
     *
     * @param name of the segment
     * @param role what it is for
     * @param start when it starts, minutes and seconds of the class
     * @param length its length against its target, and its tempo
     * @param lines one an entry
     */
    public record Part(String name, Role role, String start, String length, List<Line> lines) {
        public Part {
            lines = List.copyOf(lines);
        }
    }

    /**
     * An entry on the sheet.
     *
     * @param start minutes and seconds of the class
     * @param name what
     * @param dose how much
     * @param load with what; empty for nothing
     * @param options easier and harder; empty for a pause
     * @param note the instructor's own words
     * @param say what to call out; empty where everybody knows it
     * @param length minutes and seconds
     */
    public record Line(String start, String name, String dose, String load, String options, String note,
            String say, String length) {}

    public CribSheet {
        parts = List.copyOf(parts);
        kit = List.copyOf(kit);
        beforeStart = List.copyOf(beforeStart);
    }

    /** Returns the sheet of a class. */
    public static CribSheet of(Timeline timeline) {
        Brief brief = timeline.plan().brief();
        String when = "%s, %s to %s \u00b7 %d people".formatted(DAY.format(brief.date()),
                TIME.format(brief.start()),
                TIME.format(brief.scheduledEnd()), brief.people());
        String length = "%s of %s, %s".formatted(Lengths.clock(timeline.fit().length()),
                Lengths.clock(brief.slot()),
                timeline.fit().words());
        List<KitNeed> needs = KitNeed.of(timeline.plan());
        return new CribSheet(brief.title(), when, length,
                timeline.plan().segments().stream()
                        .filter(segment -> !segment.entries().isEmpty() && !segment.leftOut())
                        .map(segment -> part(timeline, segment)).toList(),
                needs.stream().map(CribSheet::kitLine).toList(), beforeStart(timeline, needs),
                STOP_SIGNS);
    }

    private static Part part(Timeline timeline, Segment segment) {
        String length = Lengths.clock(timeline.ofSegment(segment.id()).shown());
        String target = segment.target().isZero() ? "" : " of " + Lengths.clock(segment.target());
        String tempo = segment.role() == Role.TALK || segment.role() == Role.PAUSE
                ? ""
                : " \u00b7 %d BPM".formatted(segment.bpm().value());
        return new Part(segment.name(), segment.role(),
                Lengths.clock(timeline.ofSegment(segment.id()).start()), length + target + tempo,
                segment.lines().flatMap(entry -> Stream.concat(Stream.of(line(timeline, entry)),
                        stages(timeline, entry))).toList());
    }

    private static Line line(Timeline timeline, Entry entry) {
        String start = Lengths.clock(timeline.ofEntry(entry.id()).start());
        String length = Lengths.clock(timeline.lengthOf(entry));
        return switch (entry) {
            case Pause pause -> new Line(start, pause.name(), EntryText.dose(pause), "", "", pause.note(),
                    "", length);
            case Circuit circuit -> new Line(start, circuit.name(), CircuitNotation.print(circuit), "", "",
                    circuit.note(), "", length);
            case Screen screen -> new Line(start, screen.name(), DoseNotation.print(screen.dose()), "",
                    instead(screen, timeline.plan()),
                    joined("not passed: " + screen.failed(), screen.note()), "", length);
            case BuildUp build -> new Line(start, build.name(), EntryText.dose(build),
                    EntryText.load(build), "", joined(
                            Optional.ofNullable(timeline.scripts().get(build.id())).map(Script::words)
                                    .orElse(""),
                            instead(build.asItem()), build.note()),
                    "",
                    length);
            case Item item -> new Line(start,
                    timeline.plan().circuitOf(item.id()).isPresent() ? "\u2013 " + item.name() : item.name(),
                    DoseNotation.print(item.dose()),
                    item.load().isNone() ? "" : LoadNotation.print(item.load()), RoundWords.options(item),
                    joined(RoundWords.of(item.delivery().withKnown(false)), RoundWords.of(item),
                            instead(item),
                            KneeCue.of(timeline.plan().brief(), item.exercise()).orElse(""),
                            item.note()),
                    first(item, timeline.plan()) ? say(item) : "", length);
        };
    }

    /** What an exercise needs to be told is told where it comes first. */
    private static boolean first(Item item, ClassPlan plan) {
        return plan.lines().flatMap(entry -> entry.item().stream())
                .filter(each -> each.exercise().id().equals(item.exercise().id())).findFirst()
                .filter(each -> each.id().equals(item.id())).isPresent();
    }

    /** What to call out: "say: Sit back, stand tall / Heels down / Thighs and seat"; of what everybody knows nothing. */
    private static String say(Item item) {
        CueWords cues = item.exercise().cues();
        return item.exercise().everyday()
                ? ""
                : Stream.of(cues.act(), cues.see(), cues.feel(), cues.breathe())
                        .filter(each -> !each.isEmpty())
                        .collect(Collectors.collectingAndThen(Collectors.joining(" / "),
                                said -> said.isEmpty() ? "" : "say: " + said));
    }

    /** A build-up's combinations in their moves, and its stages. */
    private static Stream<Line> stages(Timeline timeline, Entry entry) {
        Script script = timeline.scripts().get(entry.id());
        if (script == null || !(entry instanceof BuildUp build)) {
            return Stream.empty();
        }
        Stream<Line> combinations = build.build().combinations().stream()
                .map(each -> new Line("", "\u2013 " + each.name(), each.counts() + " counts", "", "",
                        BuildUpWords.moves(each), "", ""));
        return Stream.concat(combinations, Stream.of(new Line("", "\u2013 stages", script.words(), "", "",
                stages(script, timeline.ofEntry(build.id()).end().minus(script.length())), "", "")));
    }

    /** The stages with the times of the class at which they begin. */
    private static String stages(Script script, Duration start) {
        return script.stages().stream()
                .map(stage -> "%s %s, %s".formatted(Lengths.clock(start.plus(script.start(stage))),
                        stage.title(), BuildUpWords.rounds(stage)))
                .collect(Collectors.joining(" \u00b7 "));
    }

    private static String instead(Screen screen, ClassPlan plan) {
        return screen.instead().entrySet().stream().sorted(Map.Entry.comparingByKey())
                .flatMap(each -> plan.find(each.getKey())
                        .map(entry -> "instead of %s: %s".formatted(entry.name(), each.getValue())).stream())
                .collect(Collectors.joining(" \u00b7 "));
    }

    private static String joined(String... parts) {
        return Stream.of(parts).filter(part -> !part.isBlank()).collect(Collectors.joining(" \u00b7 "));
    }

    private static String instead(Item item) {
        String words = RoundWords.instead(item);
        return words.isEmpty() ? "" : "instead for " + words;
    }

    private static String kitLine(KitNeed need) {
        return "%s \u00b7 %s \u00b7 or %s".formatted(need.words(), need.place().words(),
                need.kit().standIn());
    }

    private static List<String> beforeStart(Timeline timeline, List<KitNeed> needs) {
        List<String> list = new ArrayList<>();
        list.add(
                "Room: floor dry and clear, air, doors and first aid known, new people asked by the local rules");
        if (!needs.isEmpty()) {
            list.add("Kit laid out and counted: " + needs.stream().map(need -> need.kit().noun(2)).distinct()
                    .collect(Collectors.joining(", ")));
        }
        list.add("Music ready: " + tempos(timeline) + "; 85 dB(A) or less");
        list.add("Microphone tried, spare battery; water at hand");
        return list;
    }

    private static String tempos(Timeline timeline) {
        return timeline.plan().segments().stream()
                .filter(segment -> segment.role() != Role.TALK && segment.role() != Role.PAUSE
                        && !segment.leftOut())
                .map(segment -> "%s %d".formatted(segment.name(), segment.bpm().value()))
                .collect(Collectors.joining(", ")) + " BPM";
    }
}
