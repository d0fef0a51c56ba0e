package app.kehre.core.effort;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;
import java.util.Objects;
import java.util.Optional;

import app.kehre.core.brief.Question;
import app.kehre.core.brief.School;
import app.kehre.core.choreography.Pass;
import app.kehre.core.choreography.Stage;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;

/** Finds what each span of a class asks for. */
final class Demands {

    /** Standing and talking, water, walking to fetch: METs (figures.md). */
    static final double TALKING = 1.5;
    static final double WATER = 1.8;
    static final double WALKING = 2.5;
    /** Marching on in a pause. Kehre's estimate. */
    private static final double MARCHING = 3.5;

    private final Timeline timeline;
    private final Map<EntryId, Entry> entries = new HashMap<>();
    private final Map<SegmentId, Segment> segments = new HashMap<>();
    private final Cardio cardio = new Cardio();
    private final List<Piece> pieces = new ArrayList<>();
    private final Map<EntryId, List<Pass>> passesOf = new HashMap<>();
    private final boolean keepsMoving;
    private int danced;

    private Demands(Timeline timeline) {
        this.keepsMoving = timeline.plan().brief().schools().of(Question.REST) == School.KEEP_MOVING;
        this.timeline = timeline;
        timeline.plan().segments().forEach(segment -> segments.put(segment.id(), segment));
        timeline.plan().lines().forEach(entry -> entries.put(entry.id(), entry));
    }

    /** Returns the pieces of a class, in order; they tile it. */
    static List<Piece> of(Timeline timeline) {
        Demands demands = new Demands(timeline);
        Optional<EntryId> before = Optional.empty();
        for (Span span : timeline.spans()) {
            if (!before.equals(Optional.of(span.entry()))) {
                demands.danced = 0;
                before = Optional.of(span.entry());
            }
            demands.add(span);
        }
        return List.copyOf(demands.pieces);
    }

    private void add(Span span) {
        pieces.add(new Piece(span.stretch(), span.segment(), span.entry(), demand(span)));
    }

    private Demand demand(Span span) {
        return switch (span.phase()) {
            case TALK, EXPLAIN -> Demand.rest(TALKING);
            case REST -> Demand.rest(keepsMoving ? MARCHING : TALKING);
            case PAUSE -> Demand.rest(pause(span));
            case SET_UP, TRANSITION, SIDE_CHANGE -> Demand.rest(WALKING);
            case WORK, HOLD -> work(span);
        };
    }

    private double pause(Span span) {
        return entries.get(span.entry()) instanceof Pause pause && pause.moving() ? MARCHING : WATER;
    }

    private Demand work(Span span) {
        Segment segment = segments.get(span.segment());
        Entry entry = entries.get(span.entry());
        if (segment == null || entry == null) {
            return Demand.rest(TALKING);
        }
        return switch (entry) {
            case Item item -> of(item.inRound(Math.max(1, span.round())), segment, span);
            case BuildUp build -> danced(build, segment);
            case Screen _ -> Toning.SCREEN;
            case Circuit _,Pause _ -> Demand.rest(TALKING);
        };
    }

    private Demand of(Item item, Segment segment, Span span) {
        return switch (item.exercise().family()) {
            case WARM_UP, CARDIO, STEP, BURSTS -> span.phase() == Phase.HOLD
                    ? Toning.of(item, span)
                    : cardio.of(item, segment.bpm());
            case LEGS, PUSH, PULL, ARMS, TRUNK, BACK, BALANCE -> Toning.of(item, span);
            case STRETCH, BREATHING -> new Demand(Demand.Kind.STILL, item.exercise().work().mets().value(), 0,
                    item.manner().way(), false);
        };
    }

    /** The spans of a build-up are its moves, one after the other. */
    private Demand danced(BuildUp build, Segment segment) {
        List<Pass> passes = timeline.scripts().containsKey(build.id())
                ? passes(build)
                : List.of();
        int at = danced++;
        for (Pass pass : passes) {
            if (at < pass.parts().size()) {
                return cardio.of(pass.parts().get(at), build.load(), segment.bpm());
            }
            at -= pass.parts().size();
        }
        return Demand.rest(TALKING);
    }

    private List<Pass> passes(BuildUp build) {
        return passesOf.computeIfAbsent(build.id(), id -> stages(id).stream()
                .flatMap(stage -> stage.passes().stream()).toList());
    }

    private List<Stage> stages(EntryId id) {
        return Objects.requireNonNull(timeline.scripts().get(id)).stages();
    }
}
