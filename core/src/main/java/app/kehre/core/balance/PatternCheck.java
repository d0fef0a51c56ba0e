package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Legs;
import app.kehre.core.choreography.Patterned;
import app.kehre.core.dose.CountPattern;
import app.kehre.core.dose.Sides;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Reason;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;
import app.kehre.core.value.Side;

/** What the checker of footwork says of moves in count patterns. */
final class PatternCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.PATTERN;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        List<Finding> findings = new ArrayList<>();
        for (Segment segment : judged.segments()) {
            for (Item item : judged.items(segment)) {
                if (item.dose() instanceof CountPattern pattern) {
                    Patterned.of(item.exercise(), pattern, pattern.firstLead())
                            .ifPresent(danced -> add(judged, segment, item, pattern, danced, findings));
                }
            }
        }
        return findings;
    }

    private void add(ClassUnderCheck judged, Segment segment, Item item, CountPattern pattern,
            Patterned danced,
            List<Finding> findings) {
        for (Patterned.Unfit unfit : danced.unfit()) {
            findings.add(foundOf("part/" + (unfit.part() + 1), Severity.FIX, judged.at(item),
                    "%s: %s".formatted(item.name(), unfit.words()),
                    "A part that is cut off ends on the wrong foot. The next one then starts off the eight.",
                    SourceKind.TEACHING_RANGE, () -> mends(judged, item, pattern, unfit)));
        }
        for (Finding misstep : Checks.ofPattern(danced,
                Conditions.of(segment.bpm(), item.load(), judged.brief().group()))) {
            int count = misstep.place().beat().orElseThrow().count();
            findings.add(
                    new Finding(misstep.key(), String.valueOf(count), misstep.severity(), judged.at(item),
                            "%s. %s".formatted(item.name(), misstep.what()),
                            new Reason(misstep.why(), misstep.source()), () -> eachSide(judged, item)));
        }
        uneven(judged, item, danced.legs()).ifPresent(findings::add);
    }

    private Optional<Finding> uneven(ClassUnderCheck judged, Item item, Legs legs) {
        double most = Math.max(legs.right(), legs.left());
        double off = most == 0 ? 0 : 1 - Math.min(legs.right(), legs.left()) / most;
        if (item.dose().sides() != Sides.TOGETHER || off <= judged.figures().share(Threshold.SIDES)) {
            return Optional.empty();
        }
        return Optional.of(foundOf("legs", Severity.FIX, judged.at(item),
                "%s: the right leg stands for %d counts, the left for %d.".formatted(item.name(),
                        legs.right(),
                        legs.left()),
                "Sides may differ by %d %%. Danced on the other lead as well, both legs do the same."
                        .formatted(judged.figures().of(Threshold.SIDES)),
                SourceKind.ESTIMATE, () -> eachSide(judged, item)));
    }

    private static List<Way> eachSide(ClassUnderCheck judged, Item item) {
        return item.dose().sides() == Sides.TOGETHER
                ? List.of(Way.of(item.name() + ": each side",
                        judged.plan().with(item.withDose(item.dose().withSides(Sides.EACH_SIDE)))))
                : List.of();
    }

    /** The part with counts that go with it, or as singles; what still does not go is not offered. */
    private static List<Way> mends(ClassUnderCheck judged, Item item, CountPattern pattern,
            Patterned.Unfit unfit) {
        CountPattern.Part old = pattern.parts().get(unfit.part());
        return Stream.of(new CountPattern.Part(old.words(), unfit.nearest()),
                new CountPattern.Part("singles", old.counts())).filter(part -> !part.equals(old))
                .map(part -> new Changed(part, with(pattern, unfit.part(), part)))
                .filter(changed -> Patterned.of(item.exercise(), changed.pattern, Side.RIGHT).orElseThrow()
                        .unfit()
                        .stream().noneMatch(still -> still.part() == unfit.part()))
                .map(changed -> Way.of("%s: %s %d".formatted(item.name(), changed.part.words(),
                        changed.part.counts()), judged.plan().with(item.withDose(changed.pattern))))
                .toList();
    }

    private record Changed(CountPattern.Part part, CountPattern pattern) {}

    private static CountPattern with(CountPattern pattern, int at, CountPattern.Part part) {
        List<CountPattern.Part> parts = new ArrayList<>(pattern.parts());
        parts.set(at, part);
        return new CountPattern(pattern.times(), parts, pattern.pace(), pattern.sides());
    }
}
