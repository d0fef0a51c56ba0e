package app.kehre.core.footwork;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;

/**
 * Rows made from the row of a move: what a part of a count pattern asks for, and the hop that may be added.
 * They are read by the same checker as every row.
 */
public final class Derived {

    private static final int EIGHT = 16;

    private Derived() {}

    /**
     * Finds the row that a part of a count pattern asks for with a move: "singles", "doubles", "repeater",
     * "travel". Other words leave the row as it is.
     */
    public static Optional<Row> of(Row row, String words) {
        if (words.startsWith("double")) {
            return Optional.of(twice(row));
        }
        if (words.startsWith("repeater")) {
            return Optional.of(repeater(row));
        }
        return words.startsWith("travel") ? travel(row) : Optional.of(row);
    }

    /**
     * The gesture done twice on the same foot, with a tap between; a move without a gesture that closes is
     * done with one step more to the side: step, close, step, tap.
     */
    static Row twice(Row row) {
        OptionalInt at = gesture(row);
        if (at.isEmpty()) {
            return row;
        }
        boolean travels = row.beats().stream().flatMap(beat -> beat.bearing().stream())
                .anyMatch(act -> act.way() == Act.Way.SIDE);
        boolean lifts = row.beats().get(at.getAsInt()).gesture().orElseThrow().shape().lifts();
        return travels && !lifts && row.counts() == 2 ? stepCloseStep(row) : again(row, at.getAsInt(), 1);
    }

    /** The gesture done so often on the same foot that the move fills an eight; three times in a move of four. */
    static Row repeater(Row row) {
        OptionalInt at = gesture(row);
        if (at.isEmpty() || row.beats().size() >= EIGHT) {
            return row;
        }
        return again(row, at.getAsInt(), (EIGHT - row.beats().size()) / 4);
    }

    private static Row stepCloseStep(Row row) {
        List<Beat> beats = new ArrayList<>(row.beats().subList(0, 2));
        beats.add(new Beat(List.of(new Act(Foot.OTHER, Act.Kind.STEP, Act.Way.HERE, Act.Shape.PLAIN)), 0));
        beats.add(Beat.REST);
        beats.addAll(row.beats());
        return row.withBeats(beats);
    }

    /** The gesture and a tap before each further one, two counts each time. */
    private static Row again(Row row, int at, int times) {
        Beat gesture = row.beats().get(at);
        Act act = gesture.gesture().orElseThrow();
        boolean up = row.acts().anyMatch(each -> each.way().up());
        Act tap = new Act(act.foot(), Act.Kind.GESTURE, up ? Act.Way.BACK : Act.Way.HERE, Act.Shape.TAP);
        List<Beat> beats = new ArrayList<>(row.beats());
        for (int i = 0; i < times; i++) {
            beats.addAll(at + 2, List.of(new Beat(List.of(tap), 0), Beat.REST,
                    new Beat(List.of(act), 0), Beat.REST));
        }
        return row.withBeats(beats);
    }

    private static OptionalInt gesture(Row row) {
        for (int i = 0; i < row.beats().size(); i += 2) {
            Optional<Act> gesture = row.beats().get(i).gesture();
            if (gesture.isPresent() && row.beats().get(i).bearing().isEmpty()) {
                return OptionalInt.of(i);
            }
        }
        return OptionalInt.empty();
    }

    /**
     * Two rounds of the move, the steps of the first going forward and those of the second back; nothing for
     * a move on the bench.
     */
    static Optional<Row> travel(Row row) {
        if (row.bench() || row.counts() * 2 > Row.COUNTS.most()) {
            return Optional.empty();
        }
        boolean changes = RowFacts.of(row).changesLead();
        List<Beat> beats = new ArrayList<>();
        row.beats().forEach(beat -> beats.add(going(beat, Act.Way.FORE, false)));
        row.beats().forEach(beat -> beats.add(going(beat, Act.Way.BACK, changes)));
        return Optional.of(row.withBeats(beats));
    }

    private static Beat going(Beat beat, Act.Way way, boolean otherFoot) {
        return new Beat(beat.acts().stream().map(act -> new Act(otherFoot ? act.foot().other() : act.foot(),
                act.kind(), act.bears() ? way : act.way(), act.shape())).toList(),
                otherFoot ? -beat.turn() : beat.turn());
    }

    /**
     * Returns the row with a hop of the standing foot under every lifted gesture, as an option; the same row
     * when nothing is lifted.
     */
    public static Row hopped(Row row) {
        return row.withBeats(row.beats().stream().map(Derived::hopped).toList());
    }

    private static Beat hopped(Beat beat) {
        Optional<Act> gesture = beat.gesture().filter(act -> act.shape().lifts());
        return gesture.isEmpty() || beat.bearing().isPresent()
                ? beat
                : new Beat(List.of(new Act(gesture.get().foot().other(), Act.Kind.HOP, Act.Way.HERE,
                        Act.Shape.PLAIN), gesture.get()), beat.turn());
    }

    /**
     * Returns the row without turns and without travel, as it is shown first: up and down on the near side of
     * the bench, and on the spot on the floor. The feet do the same, so the lead is not touched.
     */
    public static Row plain(Row row) {
        boolean aside = row.from() == Row.From.SIDE || row.from() == Row.From.END;
        return new Row(aside ? Row.From.AHEAD : row.from(),
                row.beats().stream().map(Derived::plain).toList());
    }

    private static Beat plain(Beat beat) {
        return new Beat(beat.acts().stream()
                .map(act -> act.bears()
                        ? new Act(act.foot(), act.kind(), plain(act.way()), act.shape())
                        : act)
                .toList(), 0);
    }

    private static Act.Way plain(Act.Way way) {
        return way.up()
                ? Act.Way.UP
                : way.down()
                        ? Act.Way.DOWN
                        : way == Act.Way.ASTRIDE ? Act.Way.ASTRIDE : Act.Way.HERE;
    }

    /** Returns whether a hop can be added. */
    public static boolean canHop(Row row) {
        return !hopped(row).equals(row);
    }
}
