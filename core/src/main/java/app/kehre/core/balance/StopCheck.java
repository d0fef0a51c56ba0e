package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Counts;
import app.kehre.core.effort.Band;
import app.kehre.core.effort.Demand;
import app.kehre.core.effort.Line;
import app.kehre.core.effort.Piece;
import app.kehre.core.exercise.Position;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Lengths;

/** People lie down or stop soon after a vigorous peak. */
final class StopCheck implements KeyedCheck {

    private static final int A_STOP = 15;

    @Override
    public CheckKey key() {
        return CheckKey.STOP_AFTER_PEAK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        Position.Level level = Position.Level.STANDING;
        Optional<SegmentId> reported = Optional.empty();
        for (Span span : judged.timeline().spans()) {
            Optional<Position.Level> now = level(judged, span);
            boolean lies = now.isPresent() && now.get() == Position.Level.FLOOR
                    && level == Position.Level.STANDING;
            level = now.orElse(level);
            boolean unsaid = !reported.equals(Optional.of(span.segment()));
            if ((lies || stops(judged, span)) && unsaid
                    && vigorousBefore(judged, (int) Lengths.seconds(span.start()))) {
                findings.add(finding(judged, span, lies));
                reported = Optional.of(span.segment());
            }
        }
        return findings;
    }

    private static Optional<Position.Level> level(ClassUnderCheck judged, Span span) {
        return span.phase() == Phase.WORK || span.phase() == Phase.HOLD
                ? judged.find(span.entry()).flatMap(Entry::item)
                        .map(item -> item.position().level())
                : Optional.empty();
    }

    private static boolean stops(ClassUnderCheck judged, Span span) {
        boolean pauses = span.phase() == Phase.PAUSE || span.phase() == Phase.TALK;
        return pauses && span.stretch().length().toSeconds() >= A_STOP && judged.find(span.entry())
                .map(Entry::stops).orElse(false);
    }

    /** Whether vigorous work, with the heart up to it, lay shortly before; that the heart falls slowly after it is no work. */
    private static boolean vigorousBefore(ClassUnderCheck judged, int at) {
        int within = judged.figures().of(Threshold.AFTER_PEAK);
        Line line = judged.effort().main();
        for (int second = Math.max(0, at - within); second < at; second++) {
            double heart = line.share(second);
            if (judged.effort().pieceAt(second).map(Piece::demand).filter(Demand::claimed)
                    .filter(asked -> Math.min(heart, asked.share(line.who())) >= Band.VIGOROUS.from())
                    .isPresent()) {
                return true;
            }
        }
        return false;
    }

    private Finding finding(ClassUnderCheck judged, Span span, boolean lies) {
        Place place = Place.of(span.segment(), Optional.of(span.entry()), span.start());
        String name = judged.find(span.entry()).map(Entry::name).orElse("the pause");
        return found(Severity.FIX, place,
                lies
                        ? "People lie down for %s soon after a vigorous peak.".formatted(name)
                        : "\"%s\" stops people soon after a vigorous peak.".formatted(name),
                "Keep moving for %d s after vigorous work. Blood stays in the legs of who stops, and they become dizzy."
                        .formatted(judged.figures().of(Threshold.AFTER_PEAK)),
                SourceKind.TEACHING_RANGE, () -> mends(judged, span));
    }

    private static List<Way> mends(ClassUnderCheck judged, Span span) {
        ClassPlan plan = judged.plan();
        List<Way> mends = new ArrayList<>();
        if (plan.find(span.entry()).orElse(null) instanceof Pause pause) {
            mends.add(Way.of("Keep moving in " + pause.name(), plan.with(pause.withMoving(true))));
        }
        judged.library().find("march").ifPresent(march -> {
            Segment segment = plan.segment(span.segment());
            EntryId line = plan.circuitOf(span.entry()).map(Entry::id).orElse(span.entry());
            int at = segment.entries().stream().map(Entry::id).toList().indexOf(line);
            int bpm = segment.bpm().value();
            int eights = Math.max(1,
                    (int) Math.ceil(judged.figures().of(Threshold.AFTER_PEAK) * bpm / 60.0 / 8));
            Item easy = Item.of(plan.nextEntryId(), march).withDose(Counts.ofEights(Math.min(eights, 32)));
            mends.add(Way.of("March before it", plan.add(segment.id(), Math.max(0, at), easy)));
        });
        return mends;
    }
}
