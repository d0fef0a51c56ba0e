package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Pause;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;
import app.kehre.core.timeline.Span;
import app.kehre.core.value.Lengths;

/** In the main part something is explained for so long that people cool down and stop listening. */
final class LongTalkCheck implements KeyedCheck {

    /** Longer nobody stands and listens in the main part. Teaching range (figures.md, "Good classes"). */
    private static final Duration LONGEST = Duration.ofSeconds(40);

    @Override
    public CheckKey key() {
        return CheckKey.LONG_TALK;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Span span : judged.timeline().spans()) {
            if (span.stretch().length().compareTo(LONGEST) > 0 && stands(judged, span)) {
                judged.find(span.entry()).ifPresent(line -> findings.add(finding(judged, line, span)));
            }
        }
        return findings;
    }

    /** Somebody talks and nobody moves; stations are shown for longer, since all of them are. */
    private static boolean stands(ClassUnderCheck judged, Span span) {
        boolean main = Optional.ofNullable(judged.segmentOf().get(span.entry())).map(Segment::role)
                .filter(Role::main).isPresent();
        boolean talk = judged.find(span.entry()).filter(line -> line instanceof Pause pause
                && pause.kind() == Pause.Kind.TALK && !pause.moving()).isPresent();
        boolean explained = span.phase() == Phase.EXPLAIN && judged.plan().circuitOf(span.entry()).isEmpty();
        return main && (talk || explained);
    }

    private Finding finding(ClassUnderCheck judged, Entry line, Span span) {
        return found(Severity.WATCH, judged.at(line),
                "%s of talk at %s, and nobody moves.".formatted(Lengths.clock(span.stretch().length()),
                        line.name()),
                "Over 40 s the pulse falls and nobody listens any more. Say the half of it, or say it over easy movement.",
                SourceKind.TEACHING_RANGE, () -> mends(judged, line)).by(span.stretch().length().toSeconds());
    }

    private static List<Way> mends(ClassUnderCheck judged, Entry line) {
        ClassPlan plan = judged.plan();
        List<Way> ways = new ArrayList<>();
        if (line instanceof Pause pause) {
            ways.add(Way.of("Keep moving in " + pause.name(), plan.with(pause.withMoving(true))));
            ways.add(Way.of("%s: %s".formatted(pause.name(), Lengths.notation(LONGEST)),
                    plan.with(pause.withLength(LONGEST))));
        }
        line.item().ifPresent(item -> {
            ways.add(Way.of("Explain %s over the movement".formatted(item.name()),
                    plan.with(item.withDelivery(
                            item.delivery().withExplaining(
                                    new Explaining(Explaining.Mode.OVER, Optional.empty()))))));
            ways.add(Way.of("Explain %s in %s".formatted(item.name(), Lengths.notation(LONGEST)),
                    plan.with(item.withDelivery(item.delivery().withExplaining(
                            new Explaining(Explaining.Mode.STOPS, Optional.of(LONGEST)))))));
        });
        return ways;
    }
}
