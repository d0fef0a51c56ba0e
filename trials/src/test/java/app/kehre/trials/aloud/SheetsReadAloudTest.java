package app.kehre.trials.aloud;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.exercise.Library;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.sheet.CribSheet;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.HandOut;
import app.kehre.core.sheet.StationCard;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** What is printed for the classes of the week: on the floor, on the walls, to prepare with and to take home. */
class SheetsReadAloudTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    /** Who glances at the floor while moving reads five words. */
    private static final int GLANCE = 5;

    private static Timeline demo(String name) {
        return Timeline.of(DemoPlan.load(name, LIBRARY).plan());
    }

    static Stream<ClassPlan> classes() {
        return DemoPlan.NAMES.stream().map(name -> DemoPlan.load(name, LIBRARY).plan());
    }

    private static List<String> floor(Timeline timeline) {
        FloorSheet sheet = FloorSheet.of(timeline);
        List<String> lines = new ArrayList<>(List.of("# Floor: " + sheet.title(), sheet.when(), sheet.who()));
        for (FloorSheet.Block block : sheet.blocks()) {
            lines.add("%s %s %s".formatted(block.start(), block.name(), block.tempo()).strip());
            block.rows().forEach(row -> lines.add(said(row)));
        }
        lines.addAll(sheet.late());
        lines.add(sheet.stop());
        return lines;
    }

    private static String said(FloorSheet.Row row) {
        return switch (row) {
            case FloorSheet.Row.Line line ->
                "%s- %s %s %s %s".formatted(line.inside() ? "  " : "", line.name(),
                        line.dose(), line.sides(), String.join(" / ", line.cue())).stripTrailing();
            case FloorSheet.Row.Moves moves -> "- %s: %s".formatted(moves.name(),
                    String.join(", ", moves.moves().stream()
                            .map(move -> "%d.%d %s %s".formatted(move.phrase(), move.from(), move.words(),
                                    move.lead()))
                            .toList()));
            case FloorSheet.Row.Change change -> "> " + change.words();
            case FloorSheet.Row.Word word -> "* " + word.words();
        };
    }

    private static List<String> home(Timeline timeline) {
        HandOut sheet = HandOut.of(timeline);
        List<String> lines = new ArrayList<>(
                List.of("# To take home: " + sheet.title(), sheet.day(), sheet.caution()));
        sheet.pieces().forEach(
                piece -> lines.add("- %s, %s: %s".formatted(piece.name(), piece.dose(), piece.how())));
        return lines;
    }

    private static List<String> stations(Timeline timeline) {
        List<String> lines = new ArrayList<>();
        for (StationCard card : StationCard.of(timeline.plan())) {
            lines.add("Station %d of %s: %s, %s, %s, %s, %s".formatted(card.number(), card.circuit(),
                    card.name(),
                    card.dose(), card.load(), String.join(", ", card.options()), card.sides()));
        }
        return lines;
    }

    @Test
    void theSheetsSayWhatWasReadAloud() throws IOException {
        List<String> said = new ArrayList<>();
        for (String name : DemoPlan.NAMES) {
            Timeline timeline = demo(name);
            said.addAll(floor(timeline));
            said.addAll(stations(timeline));
            said.addAll(home(timeline));
            said.add("");
        }

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("sheets.txt"));
    }

    @ParameterizedTest
    @MethodSource("classes")
    void aCueOnTheFloorIsReadInAGlance(ClassPlan plan) {
        List<FloorSheet.Row.Line> lines = FloorSheet.of(Timeline.of(plan)).blocks().stream()
                .flatMap(block -> block.rows().stream()).filter(FloorSheet.Row.Line.class::isInstance)
                .map(FloorSheet.Row.Line.class::cast).toList();

        assertThat(lines).isNotEmpty().allSatisfy(line -> {
            assertThat(line.cue()).hasSizeLessThanOrEqualTo(2);
            assertThat(line.own() || line.cue().stream().allMatch(cue -> cue.split(" ").length <= GLANCE))
                    .as("%s: %s", line.name(), line.cue()).isTrue();
            assertThat(line.sides()).isIn("", "R", "L", "RL", "LR");
        });
    }

    @ParameterizedTest
    @MethodSource("classes")
    void theSheetToPrepareWithNamesEachLineOnceInItsOrderAndItsMinute(ClassPlan plan) {
        CribSheet sheet = CribSheet.of(Timeline.of(plan));

        assertThat(sheet.parts()).extracting(CribSheet.Part::name)
                .containsExactlyElementsOf(plan.segments().stream()
                        .filter(segment -> !segment.leftOut()).map(segment -> segment.name()).toList());
        assertThat(sheet.parts().stream().flatMap(part -> part.lines().stream()).map(CribSheet.Line::start)
                .filter(start -> !start.isEmpty()))
                .isSortedAccordingTo((one, other) -> seconds(one) - seconds(other));
        assertThat(sheet.stopSigns()).startsWith(CribSheet.STOP_SIGNS);
    }

    private static int seconds(String clock) {
        String[] parts = clock.split(":");
        return 60 * Integer.parseInt(parts[0]) + Integer.parseInt(parts[1]);
    }

    @ParameterizedTest
    @MethodSource("classes")
    void whatIsTakenHomeIsNamedOnceAndCanBeLeftAway(ClassPlan plan) {
        HandOut sheet = HandOut.of(Timeline.of(plan));

        assertThat(sheet.pieces()).extracting(HandOut.Piece::name).isNotEmpty().doesNotHaveDuplicates();
        assertThat(sheet.pieces()).allSatisfy(piece -> {
            assertThat(piece.how()).endsWith(".");
            assertThat(piece.dose()).isNotBlank();
        });
        String first = sheet.pieces().getFirst().name();
        assertThat(sheet.without(Set.of(first)).pieces()).hasSize(sheet.pieces().size() - 1)
                .extracting(HandOut.Piece::name).doesNotContain(first);
    }
}
