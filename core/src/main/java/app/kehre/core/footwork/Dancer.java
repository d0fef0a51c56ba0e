package app.kehre.core.footwork;

import java.util.ArrayList;
import java.util.List;

import app.kehre.core.value.Side;

/** Somebody who dances half-counts one after the other. */
final class Dancer {

    private final Side lead;
    private Stance stance;
    private List<Slip> slips = new ArrayList<>();

    Dancer(Side lead, Stance start) {
        this.lead = lead;
        this.stance = start;
    }

    Stance stance() {
        return stance;
    }

    /**
     * Dances a half-count; returns what cannot be done in it.
     *
     * @param strict whether places are checked; not when the move already starts at a wrong one
     */
    List<Slip> dance(Beat beat, boolean strict) {
        if (!slips.isEmpty()) {
            slips = new ArrayList<>();
        }
        Stance before = stance;
        beat.bearing().ifPresent(this::bear);
        beat.gesture().ifPresent(this::gesture);
        if (beat.turn() != 0) {
            stance = stance.turned(lead == Side.LEFT ? -beat.turn() : beat.turn());
        }
        if (before.spot().level() == Spot.Level.TOP && stance.spot().level() != Spot.Level.TOP
                && beat.bearing().map(act -> act.kind().springs()).orElse(false)) {
            slips.add(new Slip(Slip.Kind.SPRING_DOWN, "a spring lands on the floor below the bench"));
        }
        return slips.isEmpty() ? List.of() : strict ? slips : feet();
    }

    private List<Slip> feet() {
        return slips.stream().filter(slip -> slip.kind() == Slip.Kind.FOOT).toList();
    }

    private void bear(Act act) {
        Side foot = act.foot().side(lead);
        switch (act.kind()) {
            case STEP, LEAP -> requireFree(foot);
            case HOP -> {
                if (stance.weight() != foot) {
                    foot(foot, "hops, but does not bear the weight");
                }
            }
            case PLANT -> requireFree(foot);
            case JUMP, GESTURE -> {
            }
        }
        if (act.kind() != Act.Kind.PLANT) {
            move(act.way());
        }
        boolean both = act.kind() == Act.Kind.JUMP || act.kind() == Act.Kind.PLANT;
        stance = stance.on(both ? Side.BOTH : foot);
    }

    private void requireFree(Side foot) {
        if (stance.weight() == foot) {
            foot(foot, "should step, but bears the weight");
        }
    }

    private void gesture(Act act) {
        Side foot = act.foot().side(lead);
        if (stance.weight() == foot) {
            foot(foot, "should %s, but bears the weight".formatted(act.shape().words()));
        }
        stance = stance.on(foot.other());
    }

    private void foot(Side foot, String what) {
        slips.add(new Slip(Slip.Kind.FOOT, "the %s foot %s".formatted(foot.word(), what)));
    }

    private void move(Act.Way way) {
        if (way.up()) {
            goUp(way);
        } else if (way.down()) {
            goDown(way);
        } else if (way == Act.Way.ASTRIDE) {
            goAstride();
        } else if (way != Act.Way.HERE) {
            goAlong(way);
        }
    }

    private void goUp(Act.Way way) {
        Spot spot = stance.spot();
        int bench = stance.bench();
        if (spot.level() == Spot.Level.FLOOR || spot.level() == Spot.Level.OPEN) {
            if (bench < 0) {
                place("there is no bench within a step");
                return;
            }
            int x = Math.clamp(spot.x(), -Spot.END, Spot.END);
            stance = stance.at(new Spot(x, 0, Spot.Level.TOP)).cameFrom(Heading.turned(bench, 2));
        } else if (spot.level() == Spot.Level.ASTRIDE) {
            stance = stance.at(new Spot(spot.x(), 0, Spot.Level.TOP));
        }
        if (way == Act.Way.UP_END || way == Act.Way.UP_FAR) {
            goToEnd(way, spot.level() == Spot.Level.FLOOR);
        } else {
            alongTop(way);
        }
    }

    /** The end on the side of the lead foot, seen by somebody who looks at the bench from where one came. */
    private void goToEnd(Act.Way way, boolean fromFloor) {
        int looking = Heading.turned(stance.came(), 2);
        int side = Heading.right(looking) != 0 ? looking : Heading.of(lead, looking);
        int end = Heading.right(side) * (way == Act.Way.UP_END ? Spot.END : -Spot.END);
        end = Heading.right(looking) != 0 ? -end : end;
        if (fromFloor && Math.abs(stance.spot().x() - end) > Spot.END) {
            place("it goes up at the %s end, two steps away".formatted(end > 0 ? "right" : "left"));
        }
        stance = stance.at(new Spot(end, 0, Spot.Level.TOP));
    }

    private void alongTop(Act.Way way) {
        Spot next = moved(way);
        if (next.y() != 0 || Math.abs(next.x()) > Spot.END) {
            offTheBench(next);
        } else {
            stance = stance.at(next);
        }
    }

    private void offTheBench(Spot next) {
        int heading = next.y() > 0
                ? Heading.FRONT
                : next.y() < 0
                        ? Heading.BACK
                        : next.x() > 0 ? Heading.RIGHT : Heading.LEFT;
        if (heading == stance.facing()) {
            offTheFront();
        } else {
            place("the step misses the bench");
        }
    }

    private void goDown(Act.Way way) {
        Spot spot = stance.spot();
        if (spot.level() == Spot.Level.FLOOR || spot.level() == Spot.Level.OPEN) {
            return;
        }
        if (spot.level() == Spot.Level.ASTRIDE) {
            place("one is astride the bench already");
            return;
        }
        int heading = switch (way) {
            case DOWN -> stance.came();
            case OVER -> Heading.turned(stance.came(), 2);
            case Act.Way _ -> heading(way);
        };
        if (heading == stance.facing()) {
            offTheFront();
        }
        int beyond = (Spot.END + 1) * Heading.right(heading);
        Spot floor = beyond != 0 ? Spot.floor(beyond, 0) : Spot.floor(spot.x(), Heading.ahead(heading));
        stance = stance.at(floor);
    }

    private void offTheFront() {
        slips.add(new Slip(Slip.Kind.OFF_THE_FRONT, "the step goes forward off the bench"));
    }

    private void goAstride() {
        if (stance.spot().level() == Spot.Level.FLOOR || stance.spot().level() == Spot.Level.OPEN) {
            place("it goes astride from the top of the bench");
        } else if (Heading.right(stance.facing()) == 0) {
            slips.add(new Slip(Slip.Kind.FACING, "astride one faces along the bench, not "
                    + Heading.words(stance.facing())));
        }
        stance = stance.at(new Spot(stance.spot().x(), 0, Spot.Level.ASTRIDE));
    }

    private void goAlong(Act.Way way) {
        Spot next = moved(way);
        switch (stance.spot().level()) {
            case TOP -> alongTop(way);
            case ASTRIDE -> place("one cannot travel with the bench between the feet");
            case OPEN, FLOOR -> {
                if (next.onBench()) {
                    place("the bench is in the way");
                } else {
                    stance = stance.at(next);
                }
            }
        }
    }

    private Spot moved(Act.Way way) {
        int side = Heading.of(lead, stance.facing());
        int right = way.aside() * Heading.right(side) + way.ahead() * Heading.right(stance.facing());
        int ahead = way.aside() * Heading.ahead(side) + way.ahead() * Heading.ahead(stance.facing());
        return stance.spot().plus(right, ahead);
    }

    private int heading(Act.Way way) {
        int side = Heading.of(lead, stance.facing());
        return way.aside() > 0
                ? side
                : way.aside() < 0
                        ? Heading.turned(side, 2)
                        : way.ahead() > 0 ? stance.facing() : Heading.turned(stance.facing(), 2);
    }

    private void place(String words) {
        slips.add(new Slip(Slip.Kind.PLACE, words));
    }
}
