package app.kehre.core.choreography;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;

import app.kehre.core.dose.Counts;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.value.Side;

/** Finds the changes of a script and what is said before them: earlier where the change is new. */
final class Cues {

    private static final List<Integer> AHEAD = List.of(8, 4, 2);

    private final Script script;
    private final boolean mirrored;
    private final Map<String, Integer> seen = new HashMap<>();
    private final Map<String, RowFacts> facts = new HashMap<>();
    private final List<Cue> cues = new ArrayList<>();
    private Optional<DancedMove> before = Optional.empty();
    private int at;
    private int since;

    Cues(Script script, boolean mirrored) {
        this.script = script;
        this.mirrored = mirrored;
    }

    List<Cue> all() {
        for (Stage stage : script.stages()) {
            boolean opens = true;
            for (Pass pass : stage.passes()) {
                int start = at;
                boolean first = true;
                for (DancedMove danced : pass.moves()) {
                    cue(stage, danced, opens, first);
                    opens = false;
                    first = false;
                    at += danced.counts();
                }
                at = start + pass.eights() * Counts.EIGHT;
            }
        }
        return cues;
    }

    private void cue(Stage stage, DancedMove danced, boolean opens, boolean first) {
        if (at > 0 && (opens || changes(danced, first))) {
            int ahead = ahead(danced);
            Side own = mirrored ? danced.lead().other() : danced.lead();
            cues.add(
                    new Cue(at, ahead, words(stage, danced, opens), danced.lead(), own, sign(stage, danced)));
            since = at;
        }
        before = Optional.of(danced);
    }

    private boolean changes(DancedMove danced, boolean first) {
        return before.map(last -> !last.move().id().equals(danced.move().id())
                || !last.move().name().equals(danced.move().name())
                || last.pace() != danced.pace() || !last.how().equals(danced.how())
                || first && last.lead() != danced.lead() && facts(last).after() == RowFacts.After.KEEPS)
                .orElse(true);
    }

    /** Eight counts ahead the first time, then four, then two; never before the change before. */
    private int ahead(DancedMove danced) {
        int times = seen.merge(danced.move().name() + danced.how(), 1, Integer::sum);
        int wanted = AHEAD.get(Math.min(times, AHEAD.size()) - 1);
        int room = at - since;
        return AHEAD.stream().filter(each -> each <= wanted && each <= room).findFirst()
                .orElse(AHEAD.getLast());
    }

    private static String words(Stage stage, DancedMove danced, boolean opens) {
        String more = danced.times() > 1 && danced.counts() < Combination.PHRASE
                ? " " + danced.times() + " times"
                : "";
        String move = danced.move().name() + more + ", " + danced.lead().word()
                + (danced.pace().notation().isEmpty() ? "" : ", " + danced.pace().notation())
                + (danced.how().isEmpty() ? "" : ", " + danced.how());
        return switch (stage.kind()) {
            case HOLD -> opens ? "Hold: " + move : move;
            case FINISHED -> opens ? "From the top: " + move : move;
            case FINALE -> opens ? "Both together: " + move : move;
            case REDUCE -> opens ? stage.title() + ": " + move : move;
            case TEACH, LINK, LAYER -> move;
        };
    }

    private String sign(Stage stage, DancedMove danced) {
        RowFacts facts = facts(danced);
        if (stage.kind() == Stage.Kind.HOLD) {
            return "both palms down";
        }
        if (facts.heading().turns() > 0) {
            return "a finger draws a circle";
        }
        if (facts.springs() > 0 || danced.hop()) {
            return "both palms lift";
        }
        if (facts.counts() >= 8 && facts.ascents() == 1) {
            return "three fingers up";
        }
        if (facts.floor().wide() > 2) {
            return "the arm points to the group's " + danced.lead().word();
        }
        if (facts.floor().deep() > 2) {
            return "the hand beckons, then pushes away";
        }
        return danced.move().onStep() ? "the hand points to the step" : "a tap on the leading thigh";
    }

    private RowFacts facts(DancedMove danced) {
        return facts.computeIfAbsent(danced.move().name(), _ -> danced.facts());
    }
}
