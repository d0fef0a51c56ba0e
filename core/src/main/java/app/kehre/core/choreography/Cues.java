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
    private Optional<Part> before = Optional.empty();
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
                for (Part part : pass.parts()) {
                    cue(stage, part, opens, first);
                    opens = false;
                    first = false;
                    at += part.counts();
                }
                at = start + pass.eights() * Counts.EIGHT;
            }
        }
        return cues;
    }

    private void cue(Stage stage, Part part, boolean opens, boolean first) {
        if (at > 0 && (opens || changes(part, first))) {
            int ahead = ahead(part);
            Side own = mirrored ? part.lead().other() : part.lead();
            cues.add(new Cue(at, ahead, words(stage, part, opens), part.lead(), own, sign(stage, part)));
            since = at;
        }
        before = Optional.of(part);
    }

    private boolean changes(Part part, boolean first) {
        return before.map(last -> !last.move().id().equals(part.move().id())
                || !last.move().name().equals(part.move().name())
                || last.pace() != part.pace() || !last.how().equals(part.how())
                || first && last.lead() != part.lead() && facts(last).after() == RowFacts.After.KEEPS)
                .orElse(true);
    }

    /** Eight counts ahead the first time, then four, then two; never before the change before. */
    private int ahead(Part part) {
        int times = seen.merge(part.move().name() + part.how(), 1, Integer::sum);
        int wanted = AHEAD.get(Math.min(times, AHEAD.size()) - 1);
        int room = at - since;
        return AHEAD.stream().filter(each -> each <= wanted && each <= room).findFirst()
                .orElse(AHEAD.getLast());
    }

    private static String words(Stage stage, Part part, boolean opens) {
        String more = part.times() > 1 && part.counts() < Combination.PHRASE
                ? " " + part.times() + " times"
                : "";
        String move = part.move().name() + more + ", " + part.lead().word()
                + (part.pace().notation().isEmpty() ? "" : ", " + part.pace().notation())
                + (part.how().isEmpty() ? "" : ", " + part.how());
        return switch (stage.kind()) {
            case HOLD -> opens ? "Hold: " + move : move;
            case FINISHED -> opens ? "From the top: " + move : move;
            case FINALE -> opens ? "Both together: " + move : move;
            case REDUCE -> opens ? stage.title() + ": " + move : move;
            case TEACH, LINK, LAYER -> move;
        };
    }

    private String sign(Stage stage, Part part) {
        RowFacts facts = facts(part);
        if (stage.kind() == Stage.Kind.HOLD) {
            return "both palms down";
        }
        if (facts.heading().turns() > 0) {
            return "a finger draws a circle";
        }
        if (facts.springs() > 0 || part.hop()) {
            return "both palms lift";
        }
        if (facts.counts() >= 8 && facts.ascents() == 1) {
            return "three fingers up";
        }
        if (facts.floor().wide() > 2) {
            return "the arm points to the group's " + part.lead().word();
        }
        if (facts.floor().deep() > 2) {
            return "the hand beckons, then pushes away";
        }
        return part.move().onStep() ? "the hand points to the step" : "a tap on the leading thigh";
    }

    private RowFacts facts(Part part) {
        return facts.computeIfAbsent(part.move().name(), _ -> part.facts());
    }
}
