package app.kehre.formats.library;

import java.util.List;
import java.util.Map;
import java.util.Set;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Library;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.footwork.Slip;
import app.kehre.core.footwork.Stance;
import app.kehre.core.footwork.Walk;
import app.kehre.core.kit.Equipment;
import app.kehre.core.value.Side;

import static org.assertj.core.api.Assertions.assertThat;

/** Sense in the footwork of the library's moves. */
class FootworkSenseTest {

    private static final Library LIBRARY = BuiltInLibrary.load();

    private static List<Exercise> moves() {
        return LIBRARY.all().stream().filter(each -> each.footwork().isPresent()).toList();
    }

    @Test
    void everyMoveOfTheFloorAndOfTheStepHasItsFootwork() {
        assertThat(LIBRARY.all())
                .filteredOn(each -> each.family() == Family.STEP
                        || each.family() == Family.CARDIO && !each.equipment().contains(Equipment.CHAIR))
                .hasSizeGreaterThanOrEqualTo(69)
                .allSatisfy(each -> assertThat(each.footwork()).as(each.id()).isPresent());
    }

    @Test
    void everyMoveCanBeDancedOnBothLeadsAndFromItsEndOnceMore() {
        assertThat(moves()).allSatisfy(move -> {
            for (Side lead : List.of(Side.RIGHT, Side.LEFT)) {
                Row row = move.footwork().orElseThrow();
                Stance start = start(move, lead);
                assertThat(Walk.of(row, lead, start, 0).slips()).extracting(Slip::words).as(move.id())
                        .isEmpty();
            }
        });
        Set<String> elsewhere = Set.of("corner-knee", "travel-basic", "across-long", "l-step", "up-and-stay",
                "down-and-march", "up-and-turn", "turn-and-down", "astride-and-march", "up-from-astride");
        assertThat(moves()).filteredOn(move -> !elsewhere.contains(move.id())).allSatisfy(move -> {
            Row row = move.footwork().orElseThrow();
            Stance end = Walk.of(row, Side.RIGHT, start(move, Side.RIGHT), 0).end();
            assertThat(Walk.of(row, end.free(), end, 0).slips()).extracting(Slip::words).as(move.id())
                    .isEmpty();
        });
    }

    private static Stance start(Exercise move, Side lead) {
        Row row = move.footwork().orElseThrow();
        Stance start = row.bench() ? Stance.before(row.from(), lead) : Stance.OPEN;
        return Set.of("corner-knee").contains(move.id())
                ? Walk.of(Row.of("A side, B"), lead.other(), start, 0).end().on(lead.other())
                : start.on(lead.other());
    }

    @Test
    void whatAStepInstructorKnowsHolds() {
        Map<String, RowFacts.After> known = Map.ofEntries(Map.entry("basic-step", RowFacts.After.KEEPS),
                Map.entry("v-step", RowFacts.After.KEEPS), Map.entry("knee-up", RowFacts.After.CHANGES),
                Map.entry("kick-step", RowFacts.After.CHANGES),
                Map.entry("leg-curl-step", RowFacts.After.CHANGES),
                Map.entry("repeater-knee", RowFacts.After.CHANGES),
                Map.entry("grapevine", RowFacts.After.CHANGES),
                Map.entry("turn-step", RowFacts.After.CHANGES),
                Map.entry("over-the-top", RowFacts.After.CHANGES), Map.entry("mambo", RowFacts.After.KEEPS),
                Map.entry("cha-cha", RowFacts.After.CHANGES), Map.entry("march", RowFacts.After.KEEPS),
                Map.entry("squat", RowFacts.After.CHANGES),
                Map.entry("reverse-lunge", RowFacts.After.CHANGES),
                Map.entry("small-knee-bend", RowFacts.After.KEEPS));
        known.forEach((id, after) -> assertThat(facts(id).after()).as(id).isEqualTo(after));
        assertThat(facts("repeater-knee").counts()).isEqualTo(8);
        assertThat(facts("pivot-walk").returns()).isTrue();
        assertThat(moves()).allSatisfy(move -> assertThat(facts(move.id()).springs() > 0).as(move.id())
                .isEqualTo(move.impact() == Impact.HIGH));
    }

    @Test
    void everyPlaceOnTheStepIsReachedByAMoveOfTheLibraryAndLeftByAnother() {
        Stance stance = Stance.before(Row.From.AHEAD, Side.RIGHT).on(Side.LEFT);
        for (String id : List.of("up-and-stay", "lunge-back-step", "lunge-back-step", "down-and-march",
                "up-and-turn", "straddle-down", "astride-and-march", "straddle-up", "up-from-astride",
                "turn-and-down", "basic-step")) {
            Walk walk = Walk.of(LIBRARY.find(id).orElseThrow().footwork().orElseThrow(), stance.free(),
                    stance, 0);
            assertThat(walk.slips()).extracting(Slip::words).as(id).isEmpty();
            stance = walk.end();
        }
        assertThat(stance.words()).isEqualTo("behind the bench, facing the front");
    }

    @Test
    void theFacingOfTheCardIsThatOfTheFootwork() {
        assertThat(moves()).allSatisfy(move -> {
            boolean aside = move.footwork().orElseThrow().from() == Row.From.SIDE;
            assertThat(aside).as(move.id()).isEqualTo(
                    Set.of("turn-step", "over-the-top", "diagonal-over", "over-knee", "shuffle-over")
                            .contains(move.id()));
            assertThat(move.setting().facing()).as(move.id()).isIn(aside
                    ? List.of(Facing.SIDE, Facing.DIAGONAL)
                    : List.of(Facing.values()));
        });
    }

    private static RowFacts facts(String id) {
        return RowFacts.of(LIBRARY.find(id).orElseThrow().footwork().orElseThrow());
    }
}
