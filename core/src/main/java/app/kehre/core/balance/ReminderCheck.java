package app.kehre.core.balance;

import java.time.Duration;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Pause;
import app.kehre.core.proposal.Way;

/** Newcomers come, and nothing is planned to ask them first. */
final class ReminderCheck implements KeyedCheck {

    private static final Duration ENOUGH = Duration.ofSeconds(30);

    @Override
    public CheckKey key() {
        return CheckKey.SCREENING;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        boolean newcomers = judged.brief().group().mix().newcomers() > 0;
        boolean asked = judged.segments().stream().limit(1).flatMap(segment -> segment.entries().stream())
                .anyMatch(entry -> entry instanceof Pause pause && pause.kind() == Pause.Kind.TALK
                        && pause.length().compareTo(ENOUGH) >= 0);
        if (!newcomers || asked || judged.segments().isEmpty()) {
            return List.of();
        }
        return List.of(found(Severity.WATCH, judged.at(judged.segments().getFirst()),
                "Newcomers come, and the class begins without a word to them.",
                "Before a first class people are asked about knees, back, heart, pregnancy: by the local rules. Half a minute of welcome is enough to ask who is new.",
                SourceKind.TEACHING_RANGE, () -> {
                    ClassPlan plan = judged.plan();
                    Pause welcome = Pause.of(plan.nextEntryId(), Pause.Kind.TALK)
                            .withNote("Who is new? Knees, back, heart, pregnancy: come and see me.");
                    return List.of(Way.of("Begin with a welcome",
                            plan.add(judged.segments().getFirst().id(), 0, welcome)));
                }));
    }
}
