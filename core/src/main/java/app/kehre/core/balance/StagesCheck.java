package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.choreography.Script;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.Lessons;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** A build-up whose wished time cannot be met, or that has stages which cannot be danced. */
final class StagesCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.STAGES;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        judged.plan().buildUps().forEach(build -> {
            Script script = judged.timeline().scripts().get(build.id());
            if (script != null) {
                script.fill().refused().ifPresent(sentence -> findings.add(refused(judged, build, sentence)));
                script.fill().undanceable().forEach(title -> findings.add(undanceable(judged, build, title)));
            }
        });
        return findings;
    }

    private Finding refused(ClassUnderCheck judged, BuildUp build, String sentence) {
        return foundOf("time", Severity.FIX, judged.at(build), "%s: %s".formatted(build.name(), sentence),
                "What is set is danced as it is set. So the build-up ends at another time than wished.",
                SourceKind.ESTIMATE, () -> {
                    BuildUp own = build.with(build.build().withWish(Optional.empty()));
                    String length = Lengths.clock(Lessons.script(judged.plan(), own).length());
                    return List.of(Way.of("Let it take its own time, " + length, judged.plan().with(own)));
                });
    }

    private Finding undanceable(ClassUnderCheck judged, BuildUp build, String title) {
        return foundOf(title, Severity.WATCH, judged.at(build),
                "%s: the stage \"%s\" cannot be danced on both leads, so it is not taught.".formatted(
                        build.name(),
                        title),
                "By itself it does not end where it can begin again. A piece is only learnt when it goes round on both feet.",
                SourceKind.ESTIMATE,
                Mends.none());
    }
}
