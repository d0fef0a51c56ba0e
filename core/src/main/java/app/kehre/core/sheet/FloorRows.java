package app.kehre.core.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.ShortDose;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Role;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** The rows of the floor sheet, line by line. */
final class FloorRows {

    /** What is read in passing has at most so many words. */
    private static final int FEW = 5;
    private static final int CUES = 2;
    private static final String ON_STEP = " on the step";

    private final Timeline timeline;

    FloorRows(Timeline timeline) {
        this.timeline = timeline;
    }

    List<FloorSheet.Row> of(Segment segment) {
        List<FloorSheet.Row> rows = new ArrayList<>();
        segment.entries().forEach(entry -> add(entry, rows));
        return rows;
    }

    private void add(Entry entry, List<FloorSheet.Row> rows) {
        if (!(entry instanceof Pause)) {
            changes(entry).ifPresent(words -> change(words, rows));
        }
        switch (entry) {
            case Item item -> rows.add(line(item, false));
            case Pause pause -> change(pause.kind() == Pause.Kind.TALK
                    ? pause.name()
                    : "%s %s".formatted(pause.name(), Lengths.clock(pause.length())), rows);
            case Screen screen -> rows.add(new FloorSheet.Row.Line(screen.name(),
                    ShortDose.of(screen.dose()), ShortDose.sides(screen.dose()), false, List.of(), false));
            case Circuit circuit -> addCircuit(circuit, rows);
            case BuildUp build -> addBuildUp(build, rows);
        }
    }

    /** What changes at the same moment is said in one. */
    private static void change(String words, List<FloorSheet.Row> rows) {
        if (!rows.isEmpty() && rows.getLast() instanceof FloorSheet.Row.Change(String before)) {
            rows.removeLast();
            rows.add(new FloorSheet.Row.Change(before + " \u00b7 " + words));
        } else {
            rows.add(new FloorSheet.Row.Change(words));
        }
    }

    private void addCircuit(Circuit circuit, List<FloorSheet.Row> rows) {
        rows.add(new FloorSheet.Row.Word("%s, %d %s".formatted(circuit.name(), circuit.rounds(),
                circuit.rounds() == 1 ? "round" : "rounds")));
        for (Entry inside : circuit.inside()) {
            if (inside instanceof Item item) {
                rows.add(line(item, true));
            } else {
                add(inside, rows);
            }
        }
    }

    private static void addBuildUp(BuildUp build, List<FloorSheet.Row> rows) {
        for (Combination combination : build.build().combinations()) {
            rows.add(new FloorSheet.Row.Moves(combination.name(), moves(combination)));
        }
    }

    private static List<FloorSheet.Move> moves(Combination combination) {
        List<FloorSheet.Move> moves = new ArrayList<>();
        boolean onStep = combination.moves().stream()
                .anyMatch(danced -> danced.move().name().endsWith(ON_STEP));
        int halves = 0;
        for (DancedMove danced : combination.moves()) {
            int count = halves / 2;
            moves.add(new FloorSheet.Move(count % Combination.PHRASE + 1,
                    name(danced.move(), onStep) + (danced.times() > 1 ? " x" + danced.times() : ""),
                    danced.lead().letter(),
                    count / Combination.PHRASE + 1));
            halves += danced.halfCounts();
        }
        return moves;
    }

    /** Where everybody is at the step, its moves need not say so. */
    private static String name(Exercise move, boolean onStep) {
        return onStep && move.name().endsWith(ON_STEP)
                ? move.name().substring(0, move.name().length() - ON_STEP.length())
                : move.name();
    }

    private FloorSheet.Row line(Item item, boolean inside) {
        List<String> own = own(item);
        return new FloorSheet.Row.Line(name(item), ShortDose.of(item.dose()), ShortDose.sides(item.dose()),
                inside,
                own.isEmpty() ? aligned(item) : own, !own.isEmpty());
    }

    /** In the stretch, stretches need not say that they are some. */
    private String name(Item item) {
        boolean stretching = timeline.plan().segmentOf(item.id()).map(Segment::role)
                .filter(role -> role == Role.STRETCH || role == Role.COOL_DOWN).isPresent();
        return stretching && item.exercise().rests()
                ? item.name().replaceFirst("(?<=\\w) stretch\\b", "")
                : item.name();
    }

    /** The instructor's own words if they are few, and what people with a limit do. */
    private static List<String> own(Item item) {
        Stream<String> note = Stream.of(item.note().split("[.;:]")[0].strip()).filter(FloorRows::few);
        Stream<String> others = item.instead().entrySet().stream().sorted(Map.Entry.comparingByKey())
                .map(each -> "%s: %s".formatted(each.getKey().words(), each.getValue().name()));
        return Stream.concat(note, others).limit(CUES).toList();
    }

    /** What must be in line, of what is not known to everybody. */
    private static List<String> aligned(Item item) {
        return item.exercise().coaching().everyday()
                ? List.of()
                : item.exercise().coaching().alignment().stream().filter(FloorRows::few).limit(1).toList();
    }

    private static boolean few(String words) {
        return !words.isBlank() && words.split("\\s+").length <= FEW;
    }

    /** What the group changes before a line: kit, the floor, the place. */
    private Optional<String> changes(Entry entry) {
        Duration from = timeline.ofEntry(entry.id()).start();
        Duration to = timeline.ofEntry(entry.id()).end();
        String words = timeline.marks().stream()
                .filter(mark -> mark.kind() != Mark.Kind.FIRST && mark.kind() != Mark.Kind.WATER)
                .filter(mark -> mark.at().compareTo(from) >= 0 && mark.at().compareTo(to) < 0)
                .map(Mark::words).distinct().collect(Collectors.joining(" \u00b7 "));
        return words.isEmpty() ? Optional.empty() : Optional.of(words);
    }
}
