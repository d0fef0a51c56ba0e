package app.kehre.core.effort;

import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Exercise;
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

    private final Map<EntryId, Entry> entries = new HashMap<>();
    private final Map<SegmentId, Segment> segments = new HashMap<>();
    private final Cardio cardio = new Cardio();
    private final List<Piece> pieces = new ArrayList<>();
    private final School.Rest rest;

    private Demands(Timeline timeline) {
        this.rest = timeline.plan().brief().schools().rest();
        timeline.plan().segments().forEach(segment -> segments.put(segment.id(), segment));
        timeline.plan().lines().forEach(entry -> entries.put(entry.id(), entry));
    }

    /** Returns the pieces of a class, in order; they tile it. */
    static List<Piece> of(Timeline timeline) {
        Demands demands = new Demands(timeline);
        timeline.spans().forEach(demands::add);
        return List.copyOf(demands.pieces);
    }

    private void add(Span span) {
        pieces.add(new Piece(span.stretch(), span.segment(), span.entry(), demand(span)));
    }

    private Demand demand(Span span) {
        return switch (span.phase()) {
            case TALK, EXPLAIN -> Demand.rest(TALKING);
            case REST -> Demand.rest(rest == School.Rest.KEEP_MOVING ? MARCHING : TALKING);
            case PAUSE -> Demand.rest(pause(span));
            case SET_UP, TRANSITION, SIDE_CHANGE -> Demand.rest(WALKING);
            case WORK, HOLD -> work(span);
        };
    }

    private double pause(Span span) {
        return entries.get(span.entry()) instanceof Pause pause && pause.moving()
                && rest != School.Rest.FULL_REST ? MARCHING : WATER;
    }

    private Demand work(Span span) {
        Segment segment = segments.get(span.segment());
        Entry entry = entries.get(span.entry());
        if (segment == null || entry == null) {
            return Demand.rest(TALKING);
        }
        return switch (entry) {
            case Item item -> of(span.turn().of(item), segment, span);
            case BuildUp build -> span.done().move()
                    .map(move -> cardio.of(move, build.load(), segment.bpm()))
                    .orElse(Demand.rest(TALKING));
            case Screen _ -> Toning.SCREEN;
            case Circuit _,Pause _ -> Demand.rest(TALKING);
        };
    }

    private Demand of(Item item, Segment segment, Span span) {
        Exercise exercise = item.exercise();
        if (exercise.rests()) {
            return new Demand(Demand.Kind.STILL, exercise.work().mets().value(), 0,
                    item.delivery().variant(), false);
        }
        return exercise.rhythmic() && span.phase() != Phase.HOLD
                ? cardio.of(item, segment.bpm())
                : Toning.of(item, span);
    }

}
