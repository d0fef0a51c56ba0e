package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.Circuit;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Named;

/** The stations of a circuit: one alone, or neighbours that work the same area. */
final class StationsCheck implements Check {

    @Override
    public Set<CheckKey> keys() {
        return EnumSet.of(CheckKey.CIRCUIT_OF_ONE, CheckKey.SAME_STATIONS);
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        judged.segments().stream().flatMap(segment -> segment.entries().stream())
                .filter(Circuit.class::isInstance).map(Circuit.class::cast).forEach(circuit -> {
                    if (circuit.items().size() == 1) {
                        findings.add(one(judged, circuit));
                    }
                    Set<Muscle> same = same(circuit.items());
                    if (!same.isEmpty()) {
                        findings.add(neighbours(judged, circuit, same));
                    }
                });
        return findings;
    }

    private static Finding one(ClassUnderCheck judged, Circuit circuit) {
        return new Finding(CheckKey.CIRCUIT_OF_ONE, "", Severity.WATCH, judged.at(circuit),
                "%s is a circuit of one exercise.".formatted(circuit.name()),
                new Reason(
                        "Nobody changes, so the rounds are sets. Written as sets it is explained and counted as such.",
                        SourceKind.ESTIMATE),
                List::of);
    }

    /** The areas that two stations in a row are chosen for. */
    private static Set<Muscle> same(List<Item> items) {
        Set<Muscle> same = EnumSet.noneOf(Muscle.class);
        for (int i = 1; i < items.size(); i++) {
            List<Muscle> before = items.get(i - 1).exercise().main();
            items.get(i).exercise().main().stream().filter(before::contains).forEach(same::add);
        }
        return same;
    }

    private static int pairs(List<Item> items) {
        int pairs = 0;
        for (int i = 1; i < items.size(); i++) {
            List<Muscle> before = items.get(i - 1).exercise().main();
            pairs += items.get(i).exercise().main().stream().anyMatch(before::contains) ? 1 : 0;
        }
        return pairs;
    }

    private static Finding neighbours(ClassUnderCheck judged, Circuit circuit, Set<Muscle> same) {
        boolean all = pairs(circuit.items()) == circuit.items().size() - 1;
        return new Finding(CheckKey.SAME_STATIONS, "", all ? Severity.FIX : Severity.WATCH,
                judged.at(circuit),
                "%s: neighbouring stations work the %s.".formatted(circuit.name(),
                        same.stream().map(Named::words).collect(Collectors.joining(", "))),
                new Reason(
                        "One area rests while another works. Legs, push or pull, pulse and trunk take turns.",
                        SourceKind.TEACHING_RANGE),
                () -> reordered(judged.plan(), circuit));
    }

    /** One station moved to where fewest neighbours are alike. */
    private static List<Way> reordered(ClassPlan plan, Circuit circuit) {
        List<Item> items = circuit.items();
        int now = pairs(items);
        Way best = null;
        int least = now;
        for (int from = 0; from < items.size() && circuit.inside().size() == items.size(); from++) {
            for (int to = 0; to < items.size(); to++) {
                List<Item> moved = new ArrayList<>(items);
                Item station = moved.remove(from);
                moved.add(to, station);
                if (pairs(moved) < least) {
                    least = pairs(moved);
                    best = Way.of("%s as station %d".formatted(station.name(), to + 1),
                            plan.with(circuit.withInside(moved)));
                }
            }
        }
        return best == null ? List.of() : List.of(best);
    }
}
