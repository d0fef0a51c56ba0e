package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/** A screen says what is done instead of a line that is gone, or that was before it: nobody will hear it. */
final class ScreenLinesCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.SCREEN_WITHOUT_LINE;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments()) {
            for (Entry line : segment.entries()) {
                if (line instanceof Screen screen) {
                    lost(judged, screen).stream().limit(1)
                            .forEach(id -> findings.add(finding(judged, screen, id)));
                }
            }
        }
        return findings;
    }

    private static List<EntryId> lost(ClassUnderCheck judged, Screen screen) {
        Duration from = judged.timeline().ofEntry(screen.id()).start();
        return screen.instead().keySet().stream().filter(id -> judged.find(id)
                .filter(_ -> judged.timeline().ofEntry(id).start().compareTo(from) >= 0).isEmpty())
                .sorted().toList();
    }

    private Finding finding(ClassUnderCheck judged, Screen screen, EntryId id) {
        String words = screen.instead().getOrDefault(id, "");
        return found(Severity.WATCH, judged.at(screen),
                "%s has \"%s\" for a line that %s.".formatted(screen.name(), words,
                        judged.find(id).map(line -> "comes before it, " + line.name())
                                .orElse("is no longer there")),
                "What is done instead is said at the line it replaces. Say it at another, or take it away.",
                SourceKind.TEACHING_RANGE, () -> List.of(Way.of("Take \"%s\" away".formatted(words),
                        judged.plan().with(screen.withInstead(id, "")))));
    }
}
