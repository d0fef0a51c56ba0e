package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.brief.School;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

/** One muscle group works on end in different exercises, without intent. */
final class OnEndCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.ON_END;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        School.Order order = judged.brief().schools().order();
        if (order == School.Order.ONE_AREA) {
            return List.of();
        }
        List<Finding> findings = new ArrayList<>();
        List<Use> toning = judged.uses().stream().filter(use -> use.purpose() == Use.Purpose.LOAD
                && (use.role() == Role.TONING || use.role() == Role.CORE)).toList();
        for (Muscle muscle : Muscle.values()) {
            if (judged.ledger().of(muscle).load() > judged.figures().of(Threshold.ON_END)) {
                findings.addAll(of(judged, toning, muscle));
            }
        }
        return findings;
    }

    private List<Finding> of(ClassUnderCheck judged, List<Use> uses, Muscle muscle) {
        List<Finding> findings = new ArrayList<>();
        List<Use> run = new ArrayList<>();
        for (Use use : uses) {
            boolean works = use.targets().contains(muscle);
            if (!works || !run.isEmpty() && !run.getLast().span().segment().equals(use.span().segment())) {
                report(judged, run, muscle).ifPresent(findings::add);
                run = new ArrayList<>();
            }
            if (works) {
                run.add(use);
            }
        }
        report(judged, run, muscle).ifPresent(findings::add);
        return findings;
    }

    private Optional<Finding> report(ClassUnderCheck judged, List<Use> run, Muscle muscle) {
        double sum = run.stream().mapToDouble(use -> use.seconds(muscle)).sum();
        long exercises = run.stream().map(use -> use.exercise().id()).distinct().count();
        int most = judged.figures().of(Threshold.ON_END);
        if (exercises < 2 || sum <= most) {
            return Optional.empty();
        }
        List<Use> all = List.copyOf(run);
        return Optional.of(foundOf(muscle.key(), sum > 2.0 * most ? Severity.FIX : Severity.WATCH,
                judged.at(run.getFirst()),
                "%s: %s on end, in %d exercises.".formatted(Mends.capital(muscle.words()),
                        Lengths.clock(Duration.ofSeconds(Math.round(sum))), exercises),
                "More than %d s of one group without another. One area rests while another works."
                        .formatted(most),
                SourceKind.ESTIMATE, () -> mends(judged, all, muscle)).by(sum));
    }

    private static List<Way> mends(ClassUnderCheck judged, List<Use> run, Muscle muscle) {
        List<Entry> lines = run.stream().map(Use::entry).distinct()
                .flatMap(id -> judged.find(id).stream()).toList();
        double before = longest(Use.of(judged.timeline()), muscle);
        List<Way> mends = new ArrayList<>(Mends.nudged(judged, lines.stream(),
                plan -> longest(Use.of(Timeline.of(plan)), muscle) < before));
        if (lines.getLast() instanceof Item item) {
            mends.addAll(Mends.replace(judged, item, other -> !other.main().contains(muscle)));
            mends.add(Mends.remove(judged.plan(), item));
        }
        return Mends.first(mends.stream());
    }

    private static double longest(List<Use> uses, Muscle muscle) {
        double most = 0;
        double sum = 0;
        for (Use use : uses) {
            boolean toning = use.role() == Role.TONING || use.role() == Role.CORE;
            if (toning && use.purpose() == Use.Purpose.LOAD) {
                sum = use.targets().contains(muscle) ? sum + use.seconds(muscle) : 0;
                most = Math.max(most, sum);
            }
        }
        return most;
    }
}
