package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.brief.Quality;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.finding.Reason;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Lengths;

/** What a part is called and what it does: strength without anything to work against, core without the trunk. */
final class ServedCheck implements Check {

    private static final Set<Muscle> TRUNK = EnumSet.of(Muscle.FRONT_TRUNK, Muscle.SIDE_TRUNK,
            Muscle.LOWER_BACK);
    /** At least half of the toning work uses the kit that is there, and half of a core part works the trunk (figures.md, "Good classes"). */
    private static final double HALF = 0.5;
    /** Less than this many seconds is no part to be judged so. */
    private static final double SHORT = 120;

    @Override
    public Set<CheckKey> keys() {
        return EnumSet.of(CheckKey.NO_RESISTANCE, CheckKey.CORE_WITHOUT_CORE);
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        List<Equipment> kit = Stream.of(Equipment.values()).filter(Resistance::resists)
                .filter(judged.brief().room()::has).toList();
        if (judged.brief().goal().qualities().contains(Quality.STRENGTH) && !kit.isEmpty()) {
            resistance(judged, kit.getFirst(), findings);
        }
        judged.segments(Role.CORE).forEach(segment -> core(judged, segment, findings));
        return findings;
    }

    private static void resistance(ClassUnderCheck judged, Equipment kit, List<Finding> findings) {
        List<Use> toning = judged.uses().stream()
                .filter(use -> use.role() == Role.TONING && use.purpose() == Use.Purpose.LOAD).toList();
        double all = seconds(toning.stream());
        double with = seconds(
                toning.stream().filter(use -> use.item().map(Item::load).map(ServedCheck::resists)
                        .orElse(false)));
        if (all < SHORT || with >= HALF * all) {
            return;
        }
        Place place = judged.segments(Role.TONING).stream().findFirst().map(judged::at).orElse(Place.CLASS);
        findings.add(new Finding(CheckKey.NO_RESISTANCE, "", with == 0 ? Severity.FIX : Severity.WATCH, place,
                "Strength is promised and %s are there: %s of %s toning use them.".formatted(kit.noun(2),
                        with == 0 ? "none" : clock(with), clock(all)),
                new Reason(
                        "Strength comes from working against something. At least half of the toning uses what is there.",
                        SourceKind.TEACHING_RANGE),
                () -> judged.segments(Role.TONING).stream().flatMap(segment -> Mends
                        .add(judged, segment, exercise -> resists(exercise.usualLoad())).stream()).limit(3)
                        .toList()));
    }

    /** Whether a load is something to work against. */
    static boolean resists(Load load) {
        return load.pieces().stream().anyMatch(piece -> Resistance.resists(piece.kit()));
    }

    private static void core(ClassUnderCheck judged, Segment segment, List<Finding> findings) {
        List<Use> uses = judged.uses().stream().filter(use -> use.span().segment().equals(segment.id())
                && use.purpose() == Use.Purpose.LOAD).toList();
        double all = seconds(uses.stream());
        double trunk = seconds(uses.stream().filter(use -> trunk(use.exercise())));
        if (all >= SHORT && trunk < HALF * all) {
            findings.add(new Finding(CheckKey.CORE_WITHOUT_CORE, "", Severity.WATCH, judged.at(segment),
                    "%s: %s of %s work the trunk.".formatted(segment.name(), clock(trunk), clock(all)),
                    new Reason(
                            "A core part has the trunk as a main area. Planks, side planks, curl-ups, bridges and opposite arm and leg carry it.",
                            SourceKind.TEACHING_RANGE),
                    () -> Mends.add(judged, segment, ServedCheck::trunk)));
        }
    }

    /** Whether an exercise is chosen for the trunk, or bridges it. */
    private static boolean trunk(Exercise exercise) {
        return exercise.main().stream().anyMatch(TRUNK::contains)
                || exercise.suits(Role.CORE)
                        && TRUNK.stream().anyMatch(muscle -> exercise.work().share(muscle) >= HALF);
    }

    private static double seconds(Stream<Use> uses) {
        return uses.mapToDouble(Use::seconds).sum();
    }

    private static String clock(double seconds) {
        return Lengths.clock(Duration.ofSeconds(Math.round(seconds)));
    }
}
