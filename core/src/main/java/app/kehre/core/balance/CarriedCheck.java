package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.School;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Limits;
import app.kehre.core.dose.Reps;
import app.kehre.core.dose.Stage;
import app.kehre.core.dose.Tempo;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;

/** Reps are given in seconds and the music drives the class: they drift away from it. */
final class CarriedCheck implements KeyedCheck {

    /** So far a rep may be from whole counts: four reps later it is a count. Kehre's estimate. */
    private static final double OFF = 0.25;

    @Override
    public CheckKey key() {
        return CheckKey.NOT_CARRIED;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        if (judged.brief().schools().time() != School.Time.COUNTED) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments()) {
            for (Item item : judged.items(segment)) {
                seconds(item.dose()).filter(phases -> drifts(phases, segment.bpm()))
                        .ifPresent(phases -> findings.add(finding(judged, item, segment.bpm(), phases)));
            }
        }
        return findings;
    }

    private static Optional<Tempo.Phases> seconds(Dose dose) {
        return dose instanceof Reps reps
                ? reps.stages().stream().filter(Stage.Moves.class::isInstance).map(Stage.Moves.class::cast)
                        .map(Stage.Moves::tempo).filter(Tempo.Seconds.class::isInstance)
                        .map(tempo -> ((Tempo.Seconds) tempo).phases()).findFirst()
                : Optional.empty();
    }

    private static double counts(int seconds, Bpm bpm) {
        return seconds * bpm.value() / 60.0;
    }

    private static boolean drifts(Tempo.Phases phases, Bpm bpm) {
        double counts = counts(phases.sum(), bpm);
        return Math.abs(counts - Math.round(counts)) > OFF;
    }

    private Finding finding(ClassUnderCheck judged, Item item, Bpm bpm, Tempo.Phases phases) {
        return found(Severity.WATCH, judged.at(item),
                "%s: %d s a rep are %.1f counts at %d BPM.".formatted(item.name(), phases.sum(),
                        counts(phases.sum(), bpm), bpm.value()),
                "The class goes by the music, and these reps leave it after the first. Counts of the music carry them.",
                SourceKind.TEACHING_RANGE, () -> List.of(inCounts(judged.plan(), item, bpm)));
    }

    /** The same in whole counts. */
    private static Way inCounts(ClassPlan plan, Item item, Bpm bpm) {
        Reps reps = (Reps) item.dose();
        List<Stage> stages = reps.stages().stream().map(stage -> stage instanceof Stage.Moves moves
                && moves.tempo() instanceof Tempo.Seconds seconds
                        ? moves.withTempo(new Tempo.MusicCounts(inCounts(seconds.phases(), bpm)))
                        : stage)
                .toList();
        Dose dose = new Reps(reps.sets(), stages, reps.order(), reps.rest(), reps.sides());
        return Way.of("%s: %s".formatted(item.name(), DoseNotation.print(dose)),
                plan.with(item.withDose(dose)));
    }

    private static Tempo.Phases inCounts(Tempo.Phases phases, Bpm bpm) {
        return new Tempo.Phases(whole(phases.lowering(), bpm), whole(phases.pauseLow(), bpm),
                whole(phases.lifting(), bpm), whole(phases.pauseHigh(), bpm));
    }

    private static int whole(int seconds, Bpm bpm) {
        return Math.min((int) Limits.TEMPO_PHASE.most(), (int) Math.round(counts(seconds, bpm)));
    }
}
