package app.kehre.core.teaching;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashMap;
import java.util.List;
import java.util.Map;

import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.timeline.Done;
import app.kehre.core.timeline.Mark;
import app.kehre.core.timeline.Over;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;

/** Lays a class out with some of its spans longer or shorter than their dose says; what follows moves along. */
final class Longer {

    private final Timeline laid;
    private final Map<Spot, Integer> more;
    private final Map<Course.StageSpot, Integer> again;
    private final List<Span> spans = new ArrayList<>();
    private final List<Shift> shifts = new ArrayList<>();

    /** From a moment of the class as it was laid, everything comes later by so much more. */
    private record Shift(Duration from, Duration by) {}

    Longer(Timeline laid, Map<Spot, Integer> more, Map<Course.StageSpot, Integer> again) {
        this.laid = laid;
        this.more = more;
        this.again = again;
    }

    Timeline timeline() {
        if (more.isEmpty() && again.isEmpty()) {
            return laid;
        }
        List<Spot> spots = Spot.of(laid.spans());
        for (int i = 0; i < spots.size(); i++) {
            add(laid.spans().get(i), more.getOrDefault(spots.get(i), 0));
            repeat(i);
        }
        return new Timeline(laid.plan(), spans,
                laid.over().stream().map(each -> new Over(moved(each.stretch()), each.segment(),
                        each.entry())).toList(),
                laid.lost(),
                laid.marks().stream().map(each -> new Mark(moved(each.at()), each.kind(), each.words()))
                        .toList(),
                now(), entries(), segments(), laid.scripts());
    }

    private Duration now() {
        return spans.isEmpty() ? Duration.ZERO : spans.getLast().end();
    }

    private void add(Span span, int parts) {
        Duration length = length(span, parts);
        lay(span, length, span.done().amount() == 0
                ? span.done()
                : span.done().withAmount(Math.max(0, span.done().amount() + parts)));
        shift(span.end(), length.minus(span.stretch().length()));
    }

    private void lay(Span span, Duration length, Done done) {
        spans.add(new Span(new Stretch(now(), now().plus(length)), span.segment(), span.entry(), span.phase(),
                span.side(), span.turn(), done, span.words()));
    }

    private void shift(Duration from, Duration by) {
        if (!by.isZero()) {
            shifts.add(new Shift(from, by));
        }
    }

    private static Duration length(Span span, int parts) {
        Duration length = span.stretch().length();
        int amount = span.done().amount();
        if (parts == 0) {
            return length;
        }
        Duration longer = amount == 0
                ? length.plusSeconds(parts)
                : length.multipliedBy(Math.max(0, amount + parts)).dividedBy(amount);
        return longer.isNegative() ? Duration.ZERO : longer;
    }

    /** At the end of a stage its last passes are danced again. */
    private void repeat(int i) {
        Span last = laid.spans().get(i);
        boolean ends = i + 1 == laid.spans().size() || !sameStage(last, laid.spans().get(i + 1));
        int stage = last.turn().stage().orElse(0);
        int times = again.getOrDefault(new Course.StageSpot(last.entry(), stage), 0);
        if (stage == 0 || !ends || times == 0) {
            return;
        }
        List<Span> passes = laid.spans().subList(i + 1 - lastPasses(last.entry(), stage), i + 1);
        for (int time = 0; time < times; time++) {
            for (Span span : passes) {
                lay(span, span.stretch().length(), span.done());
                shift(last.end(), span.stretch().length());
            }
        }
    }

    private static boolean sameStage(Span one, Span other) {
        return one.entry().equals(other.entry()) && one.turn().stage().equals(other.turn().stage());
    }

    /** How many spans the last passes have: one on each lead, where it is danced on both. */
    private int lastPasses(EntryId entry, int number) {
        Script script = laid.scripts().get(entry);
        if (script == null) {
            return 0;
        }
        Stage stage = script.stages().get(number - 1);
        int passes = stage.passes().size();
        boolean bothLeads = passes > 1
                && stage.passes().get(passes - 1).lead() != stage.passes().get(passes - 2).lead();
        return stage.passes().subList(passes - (bothLeads ? 2 : 1), passes).stream()
                .mapToInt(pass -> pass.moves().size()).sum();
    }

    private Duration moved(Duration moment) {
        Duration to = moment;
        for (Shift shift : shifts) {
            to = shift.from.compareTo(moment) <= 0 ? to.plus(shift.by) : to;
        }
        return to;
    }

    private Stretch moved(Stretch stretch) {
        Duration start = moved(stretch.start());
        Duration end = moved(stretch.end());
        return new Stretch(start, end.compareTo(start) < 0 ? start : end);
    }

    private Map<EntryId, Stretch> entries() {
        Map<EntryId, Stretch> moved = new HashMap<>();
        laid.entries().forEach((id, stretch) -> moved.put(id, moved(stretch)));
        return moved;
    }

    private Map<SegmentId, Stretch> segments() {
        Map<SegmentId, Stretch> moved = new HashMap<>();
        laid.segments().forEach((id, stretch) -> moved.put(id, moved(stretch)));
        return moved;
    }
}
