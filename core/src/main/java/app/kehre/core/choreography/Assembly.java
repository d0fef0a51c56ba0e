package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.footwork.Stance;
import app.kehre.core.music.Bpm;
import app.kehre.core.value.Side;

/** Puts fitted stages one after the other, so that each pass begins on the foot that the one before leaves free. */
final class Assembly {

    /** The same foot does not lead longer than this in the stages. */
    private static final Duration SAME_LEAD = DanceLimits.USUAL.sameLead();

    private final Build build;
    private final Bpm bpm;
    private final Passes passes;
    private int right;
    private int left;

    /** A pass that is wanted. */
    private record Wanted(Rung rung, Side lead, boolean walk) {
        boolean hold() {
            return walk || rung.hold();
        }

        int phrases() {
            return hold() ? 1 : rung.pass();
        }
    }

    Assembly(Build build, Bpm bpm, Passes passes) {
        this.build = build;
        this.bpm = bpm;
        this.passes = passes;
    }

    List<Stage> stages(List<Rung> rungs, int spare) {
        List<Wanted> wanted = new ArrayList<>();
        rungs.forEach(rung -> want(wanted, rung));
        addSpare(wanted, rungs, spare);
        return laid(balanced(wanted));
    }

    /** Adds the passes of a stage, the right lead first. */
    private void want(List<Wanted> wanted, Rung rung) {
        if (rung.hold()) {
            add(wanted, rung, Side.BOTH, rung.rounds);
        } else if (rung.rounds > 0 && rung.walks()) {
            for (Side lead : List.of(Side.RIGHT, Side.LEFT)) {
                wanted.add(new Wanted(rung, Side.BOTH, true));
                add(wanted, rung, lead, rung.rounds);
            }
        } else {
            int run = run(rung);
            for (int todo = rung.rounds; todo > 0; todo -= run) {
                add(wanted, rung, Side.RIGHT, Math.min(run, todo));
                add(wanted, rung, Side.LEFT, Math.min(run, todo));
            }
        }
    }

    private static void add(List<Wanted> wanted, Rung rung, Side lead, int times) {
        for (int i = 0; i < times; i++) {
            wanted.add(new Wanted(rung, lead, false));
        }
    }

    /** How many passes the same foot leads: one where the moves change the lead by themselves. */
    private int run(Rung rung) {
        Pass once = passes.pass(rung.content, Side.RIGHT, Side.BOTH, start(rung, Side.RIGHT));
        long most = SAME_LEAD.toNanos() / bpm.at(2L * Combination.PHRASE * once.phrases()).toNanos();
        return once.end().free() == Side.LEFT ? 1 : Math.clamp(most, 1, 8);
    }

    private Stance start(Rung rung, Side lead) {
        return Passes.walkedTo(rung.content, lead, build.onStep());
    }

    /** Fills the phrases that no stage takes: with one more pass on one lead if the holds make up for it, else with holds. */
    private void addSpare(List<Wanted> wanted, List<Rung> rungs, int spare) {
        int rest = spare;
        if (wanted.stream().allMatch(Wanted::hold)) {
            Optional<Rung> once = rungs.reversed().stream()
                    .filter(rung -> rung.kind.compareTo(Stage.Kind.FINISHED) >= 0 && rung.pass() <= spare
                            && 2 * rung.pass() <= spare + 1)
                    .findFirst();
            once.ifPresent(rung -> wanted.add(new Wanted(rung, Side.RIGHT, false)));
            rest -= once.map(Rung::pass).orElse(0);
        }
        for (int i = 0; i < rest; i++) {
            wanted.addFirst(new Wanted(rungs.getFirst(), Side.BOTH, true));
        }
    }

    /** Gives each hold the side that has led less so far in the whole. */
    private List<Wanted> balanced(List<Wanted> wanted) {
        for (Wanted each : wanted) {
            right += each.lead() == Side.RIGHT ? each.phrases() : 0;
            left += each.lead() == Side.LEFT ? each.phrases() : 0;
        }
        List<Wanted> balanced = new ArrayList<>();
        for (Wanted each : wanted) {
            Side side = each.hold() ? Filling.behind(right, left) : each.lead();
            if (each.hold()) {
                right += side == Side.RIGHT ? 1 : 0;
                left += side == Side.LEFT ? 1 : 0;
            }
            balanced.add(new Wanted(each.rung(), side, each.walk()));
        }
        return balanced;
    }

    private List<Stage> laid(List<Wanted> wanted) {
        List<Stage> stages = new ArrayList<>();
        List<Pass> made = new ArrayList<>();
        int from = 0;
        Stance stance = wanted.isEmpty() ? Stance.START : start(wanted.getFirst().rung(), Side.RIGHT);
        for (int i = 0; i < wanted.size(); i++) {
            Wanted now = wanted.get(i);
            Side next = i + 1 < wanted.size() ? wanted.get(i + 1).lead() : now.lead();
            stance = placed(now, stance);
            made.add(pass(now, next, stance));
            stance = made.getLast().end();
            boolean over = i + 1 == wanted.size() || wanted.get(i + 1).rung() != now.rung();
            if (over) {
                stages.add(stage(now.rung(), made, from));
                from += made.stream().mapToInt(Pass::phrases).sum();
                made = new ArrayList<>();
            }
        }
        return stages;
    }

    private static Stage stage(Rung rung, List<Pass> made, int from) {
        int held = made.size();
        return new Stage(rung.key, rung.title, rung.kind, rung.combination,
                rung.hold() ? held : Math.max(1, rung.rounds), rung.fixed, made, from);
    }

    private Pass pass(Wanted now, Side next, Stance stance) {
        List<Part> content = now.hold()
                ? passes.held(2 * Combination.PHRASE, now.lead(), stance)
                : now.rung().content;
        return passes.pass(content, now.lead(), next, stance);
    }

    /** Returns where people stand before a pass: where they are, or, if they cannot begin there, where a hold has taken them. */
    private Stance placed(Wanted now, Stance stance) {
        Stance here = stance.on(now.lead().other());
        return now.hold() || passes.canBegin(now.rung().content, now.lead(), here)
                ? here
                : start(now.rung(), now.lead());
    }
}
