package app.kehre.core.choreography;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.dose.Counts;
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

        int eights() {
            return hold() ? Rung.PHRASE : rung.pass();
        }
    }

    Assembly(Build build, Bpm bpm, Passes passes) {
        this.build = build;
        this.bpm = bpm;
        this.passes = passes;
    }

    /** @param spare eights that are still to be filled with holds, as far as they make whole phrases */
    List<Stage> stages(List<Rung> rungs, int spare) {
        List<Wanted> wanted = new ArrayList<>();
        rungs.forEach(rung -> want(wanted, rung));
        for (int i = 0; i < spare / Rung.PHRASE && !rungs.isEmpty(); i++) {
            wanted.addFirst(new Wanted(rungs.getFirst(), Side.BOTH, true));
        }
        return laid(balanced(wanted));
    }

    /** Adds the passes of a stage, the right lead first. */
    private void want(List<Wanted> wanted, Rung rung) {
        if (rung.hold()) {
            add(wanted, rung, Side.BOTH, rung.right);
        } else if (rung.walks()) {
            for (Side lead : List.of(Side.RIGHT, Side.LEFT)) {
                add(wanted, rung, lead, rung.on(lead), rung.on(lead) > 0);
            }
        } else if (rung.rounds() > 0) {
            int run = run(rung);
            for (int done = 0; done < rung.rounds(); done += run) {
                add(wanted, rung, Side.RIGHT, Math.clamp((long) rung.right - done, 0, run));
                add(wanted, rung, Side.LEFT, Math.clamp((long) rung.left - done, 0, run));
            }
        }
    }

    private static void add(List<Wanted> wanted, Rung rung, Side lead, int times, boolean walked) {
        if (walked) {
            wanted.add(new Wanted(rung, Side.BOTH, true));
        }
        add(wanted, rung, lead, times);
    }

    private static void add(List<Wanted> wanted, Rung rung, Side lead, int times) {
        for (int i = 0; i < times; i++) {
            wanted.add(new Wanted(rung, lead, false));
        }
    }

    /** How many passes the same foot leads: one where the moves change the lead by themselves. */
    private int run(Rung rung) {
        Pass once = passes.pass(rung.content, Side.RIGHT, Side.BOTH, start(rung, Side.RIGHT));
        long most = SAME_LEAD.toNanos() / bpm.at(2L * Counts.EIGHT * once.eights()).toNanos();
        return once.end().free() == Side.LEFT ? 1 : Math.clamp(most, 1, 8);
    }

    private Stance start(Rung rung, Side lead) {
        return Passes.walkedTo(rung.content, lead, build.onStep());
    }

    /** Gives each hold the side that has led less so far in the whole. */
    private List<Wanted> balanced(List<Wanted> wanted) {
        for (Wanted each : wanted) {
            right += each.lead() == Side.RIGHT ? each.eights() : 0;
            left += each.lead() == Side.LEFT ? each.eights() : 0;
        }
        List<Wanted> balanced = new ArrayList<>();
        for (Wanted each : wanted) {
            Side side = each.hold() ? Filling.behind(right, left) : each.lead();
            if (each.hold()) {
                right += side == Side.RIGHT ? each.eights() : 0;
                left += side == Side.LEFT ? each.eights() : 0;
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
                from += made.stream().mapToInt(Pass::eights).sum();
                made = new ArrayList<>();
            }
        }
        return stages;
    }

    private static Stage stage(Rung rung, List<Pass> made, int from) {
        Rounds rounds = rung.hold()
                ? new Rounds.Held(Math.min(made.size(), (int) Rounds.PHRASES.most()))
                : rung.how();
        return new Stage(rung.label, rounds, rung.fixed, rung.stop, made, from);
    }

    private Pass pass(Wanted now, Side next, Stance stance) {
        List<DancedMove> content = now.hold()
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
