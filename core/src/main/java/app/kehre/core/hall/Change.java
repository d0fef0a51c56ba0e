package app.kehre.core.hall;

import java.util.List;
import java.util.Optional;

import app.kehre.core.plan.Entry;
import app.kehre.core.teaching.Moment;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Side;

/**
 * A change that is announced before it comes: the last eight counts, four reps, five seconds or two breaths
 * (craft.md 5: changes are announced in the last 2, 4 or 8 counts, with a countdown, a direction and a sign).
 *
 * @param left how many are left, the one that runs among them
 * @param then what comes: "left side", "Rear lunge, right first", "rest"
 * @param side the group's side that comes
 */
public record Change(int left, String then, Side side) {

    private static final int SECONDS = 5;

    /** Finds the change that is to be announced at a moment; nothing while none is near. */
    public static Optional<Change> of(Moment moment, Timeline timeline) {
        return moment.span().filter(Change::works).filter(span -> span.turn().stage().isEmpty())
                .flatMap(span -> {
                    int left = left(span, moment);
                    return left < 1 || left > ahead(span.done())
                            ? Optional.empty()
                            : of(left, span, timeline);
                });
    }

    private static boolean works(Span span) {
        return span.phase() == Phase.WORK || span.phase() == Phase.HOLD;
    }

    private static int left(Span span, Moment moment) {
        int part = span.partAt(moment.place());
        return part == 0
                ? (int) Lengths.begun(moment.left().span())
                : span.done().amount() - part + 1;
    }

    private static int ahead(Done done) {
        if (done.amount() == 0) {
            return SECONDS;
        }
        return switch (done.unit()) {
            case COUNTS -> 8;
            case REPS -> 4;
            case BREATHS -> 2;
            case SECONDS -> SECONDS;
        };
    }

    private static Optional<Change> of(int left, Span now, Timeline timeline) {
        List<Span> spans = timeline.spans();
        for (Span next : spans.subList(spans.indexOf(now) + 1, spans.size())) {
            if (next.phase() == Phase.REST) {
                return Optional.of(new Change(left, "rest", Side.BOTH));
            }
            if (works(next) || next.phase() == Phase.PAUSE || next.phase() == Phase.TALK) {
                return then(now, next, timeline).map(then -> new Change(left, then, next.side()));
            }
        }
        return Optional.empty();
    }

    private static Optional<String> then(Span now, Span next, Timeline timeline) {
        if (!next.entry().equals(now.entry())) {
            return timeline.plan().find(next.entry()).map(Entry::name)
                    .map(name -> next.side() == Side.BOTH
                            ? name
                            : "%s, %s first".formatted(name, next.side().word()));
        }
        return next.side() == now.side() || next.side() == Side.BOTH
                ? Optional.empty()
                : Optional.of(next.side().word() + " side");
    }

    /** Returns the words: "4 more, then left side". */
    public String words() {
        return "%d more, then %s".formatted(left, then);
    }

    /** Returns which side the instructor moves: the other one for who faces the group as its mirror image. */
    public Optional<Side> own(boolean facing) {
        return side == Side.BOTH ? Optional.empty() : Optional.of(facing ? side.other() : side);
    }
}
