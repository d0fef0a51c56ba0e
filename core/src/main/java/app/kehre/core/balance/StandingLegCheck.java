package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.value.Lengths;

/** A leg that has stood long has to work at once. */
final class StandingLegCheck implements KeyedCheck {

    private static final int MOST = 60;

    @Override
    public CheckKey key() {
        return CheckKey.STANDING_LEG;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        double stood = 0;
        for (int i = 0; i < judged.uses().size(); i++) {
            Use use = judged.uses().get(i);
            boolean same = i > 0 && judged.uses().get(i - 1).span().side() == use.span().side();
            if (Ledger.standsOnTheOther(use)) {
                boolean worksNow = i > 0 && !same
                        && judged.uses().get(i - 1).span().side() == use.span().side().other();
                if (worksNow && stood > MOST) {
                    findings.add(finding(judged, use, stood));
                }
                stood = same ? stood + use.seconds() : use.seconds();
            } else {
                stood = 0;
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Use use, double stood) {
        return found(Severity.WATCH, judged.at(use),
                "The %s leg has stood for %s before it works in %s.".formatted(use.span().side().word(),
                        Lengths.clock(Duration.ofSeconds(Math.round(stood))), use.exercise().name()),
                "More than %d s on one leg tires it. It then works less than the other one.".formatted(MOST),
                SourceKind.ESTIMATE, () -> use.item().flatMap(item -> Mends.scaled(judged.plan(), item, 0.66))
                        .map(List::of).orElse(List.of()));
    }
}
