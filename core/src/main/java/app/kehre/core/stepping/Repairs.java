package app.kehre.core.stepping;

import java.util.ArrayList;
import java.util.Comparator;
import java.util.HashSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Dance;
import app.kehre.core.choreography.DancedMove;
import app.kehre.core.dose.Counts.Pace;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Likeness;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Side;

/** Looks for ways to mend one misstep: each is tried, and offered only when it mends more than it breaks. */
final class Repairs {

    /** So many ways are offered. */
    private static final int OFFERED = 4;

    private final Combination combination;
    private final Conditions conditions;
    private final List<Exercise> moves;
    private final Finding misstep;
    private final int at;
    private final List<Repair> tried = new ArrayList<>();
    /** Those that put another move there. */
    private final List<Repair> instead = new ArrayList<>();

    Repairs(Combination combination, Conditions conditions, List<Exercise> moves, Finding misstep) {
        this.combination = combination;
        this.conditions = conditions;
        this.moves = moves;
        this.misstep = misstep;
        this.at = misstep.place().beat().orElseThrow().part();
    }

    List<Repair> all() {
        switch (misstep.key()) {
            case FOOT -> onTheOtherFoot();
            case STANDING_PLACE, FACING, OFF_THE_BENCH, REPEAT -> elsewhere();
            case PHRASE -> filled();
            case ONE_LEG, HOPS, SAME_LEAD -> relieved();
            case REPEATERS -> replace();
            case NEW_MOVES -> repeated();
            default -> {
                // No other move changes the tempo of the music.
            }
        }
        return best();
    }

    private DancedMove part() {
        return combination.moves().get(at);
    }

    private void onTheOtherFoot() {
        DancedMove other = part().withLead(part().lead().other());
        tried.add(new Repair(other.name(), "this move only", combination.with(at, _ -> other)));
        tried.add(new Repair(part().mirrored().name(), "the rest mirrored", combination.mirroredFrom(at)));
        if (at > 0) {
            DancedMove before = combination.moves().get(at - 1);
            tried.add(new Repair("Tap change", "at the end of " + before.move().name(),
                    combination.with(at - 1, each -> each.withTapChange(!each.tapChange()))));
            twice(before);
        }
        insert(4);
        insert(8);
        replace();
    }

    private void twice(DancedMove before) {
        if (before.times() < DancedMove.TIMES.most()) {
            Combination longer = combination.with(at - 1, each -> each.withTimes(each.times() + 1));
            tried.add(new Repair("Once more " + before.move().name(), "the lead comes back", longer));
            if (before.halfCountsOnce() == part().halfCounts()) {
                tried.add(new Repair("Once more " + before.move().name(),
                        "instead of " + part().move().name(), longer.remove(at)));
            }
        }
    }

    private void elsewhere() {
        for (int quarters : new int[]{1, -1, 2, 0}) {
            if (quarters != part().turnIn()) {
                tried.add(new Repair(turn(quarters) + " into " + part().move().name(), "",
                        combination.with(at, each -> each.withTurnIn(quarters))));
            }
        }
        tried.add(new Repair(part().mirrored().name(), "the rest mirrored", combination.mirroredFrom(at)));
        replace();
        insert(4);
        insert(8);
    }

    private static String turn(int quarters) {
        return switch (quarters) {
            case 1 -> "Quarter turn right";
            case -1 -> "Quarter turn left";
            case 2 -> "Half turn";
            default -> "No turn";
        };
    }

    private void filled() {
        int missing = combination.phrases() * Combination.PHRASE * 2 - combination.halfCounts();
        int last = combination.moves().size() - 1;
        for (Exercise move : like(part().move())) {
            int once = move.footwork().orElseThrow().counts() * 2;
            if (missing % once == 0 && missing / once <= DancedMove.TIMES.most()) {
                Side free = Dance.of(combination).end().free();
                DancedMove more = DancedMove.of(move, free == Side.BOTH ? combination.lead() : free)
                        .withTimes(missing / once);
                tried.add(new Repair("Add " + more.name(), "%d counts".formatted(missing / 2),
                        combination.add(last + 1, more)));
            }
        }
        tried.add(new Repair("Half time for " + part().move().name(), "",
                combination.with(at, each -> each.withPace(Pace.HALF_TIME))));
        tried.add(new Repair("Once more " + part().move().name(), "",
                combination.with(at, each -> each.withTimes(Math.min(16, each.times() + 1)))));
        for (int to = 0; to < last; to++) {
            tried.add(new Repair("Move " + part().move().name(), "to count " + to, combination.move(at, to)));
        }
    }

    private void relieved() {
        DancedMove now = part();
        if (now.times() > 1) {
            tried.add(new Repair("%s %d times".formatted(now.move().name(), now.times() / 2), "half as often",
                    combination.with(at, each -> each.withTimes(each.times() / 2))));
        }
        tried.add(new Repair("Without the hop", now.move().name(), combination.with(at,
                each -> each.withHop(false))));
        tried.add(new Repair("Tap change", "at the end of " + now.move().name(), combination.with(at,
                each -> each.withTapChange(!each.tapChange())).mirroredFrom(
                        Math.min(at + 1,
                                combination.moves().size()))));
        replace();
    }

    private void repeated() {
        if (at > 0) {
            DancedMove before = combination.moves().get(at - 1);
            tried.add(new Repair("Once more " + before.move().name(), "instead of " + part().move().name(),
                    combination.with(at, each -> each.withMove(before.move()))));
        }
        tried.add(new Repair("They know it", "no new moves", combination.withKnown(true)));
    }

    /** A move of so many counts before the misstep, so that the free foot and the place are right. */
    private void insert(int counts) {
        Side free = Dance.of(combination.withParts(combination.moves().subList(0, at))).end().free();
        for (Exercise move : like(part().move())) {
            if (move.footwork().orElseThrow().counts() == counts) {
                DancedMove more = DancedMove.of(move, free == Side.BOTH ? combination.lead() : free);
                instead.add(new Repair("Insert " + more.name(), "%d counts longer".formatted(counts),
                        combination.add(at, more)));
            }
        }
    }

    /** Another move in its place, on either lead: with the same counts, or a shorter one done more often. */
    private void replace() {
        DancedMove now = part();
        for (Exercise move : like(now.move())) {
            int once = move.footwork().orElseThrow().counts() * now.pace().halfCounts();
            int times = now.times() * now.halfCountsOnce() / once;
            if (now.halfCountsOnce() % once == 0 && times <= DancedMove.TIMES.most()
                    && !move.equals(now.move())
                    && !(now.pace() == Pace.DOUBLE_TIME && move.footwork().orElseThrow().syncopated())) {
                for (Side lead : List.of(now.lead(), now.lead().other())) {
                    DancedMove other = now.withMove(move).withTimes(times).withLead(lead).withTurnIn(0);
                    String effect = "instead of " + now.move().name();
                    Combination with = combination.with(at, _ -> other);
                    instead.add(new Repair(other.name(), effect, with));
                    instead.add(new Repair(other.name(), effect + ", the rest mirrored",
                            with.mirroredFrom(Math.min(at + 1, with.moves().size()))));
                }
            }
        }
    }

    /** The moves, the nearest to one of the dance first: nobody bends the knees in between on the bench. */
    private List<Exercise> like(Exercise move) {
        return moves.stream()
                .sorted(Comparator.comparingDouble((Exercise other) -> Likeness.of(move, other)).reversed())
                .toList();
    }

    /** What changes least comes first: a turn, another lead; then what puts something else there. */
    private List<Repair> best() {
        Set<Combination> seen = new HashSet<>();
        List<Repair> few = better(tried, seen);
        List<Repair> more = better(instead, seen);
        int least = Math.max(OFFERED / 2, OFFERED - more.size());
        return Stream.concat(few.stream().limit(least), more.stream()).limit(OFFERED).toList();
    }

    /** Those that take the misstep away and leave less than there is, the best first. */
    private List<Repair> better(List<Repair> some, Set<Combination> seen) {
        int before = weight(Checks.found(combination, conditions));
        Map<Repair, Integer> weights = new LinkedHashMap<>();
        for (Repair repair : some) {
            if (seen.add(repair.mended())) {
                List<Finding> left = Checks.found(repair.mended(), conditions);
                if (left.stream().noneMatch(misstep::same) && weight(left) < before) {
                    weights.put(repair, weight(left));
                }
            }
        }
        return weights.keySet().stream().sorted(Comparator.comparing(weights::get)).toList();
    }

    private static int weight(List<Finding> missteps) {
        return missteps.stream().mapToInt(each -> switch (each.severity()) {
            case STOP -> 100;
            case FIX -> 10;
            case WATCH -> 1;
        }).sum();
    }

}
