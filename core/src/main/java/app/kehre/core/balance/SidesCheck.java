package app.kehre.core.balance;

import java.time.Duration;
import java.util.ArrayList;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Sides;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.SideTotals;

/** One side gets more than the other: time, reps, holds. */
final class SidesCheck implements KeyedCheck {

    /** Under a fifth or 5 s nobody feels which side of a stretch was longer. */
    private static final double STRETCH = 0.2;
    private static final Duration A_BREATH = Duration.ofSeconds(5);

    private final boolean stretches;

    SidesCheck(boolean stretches) {
        this.stretches = stretches;
    }

    @Override
    public CheckKey key() {
        return stretches ? CheckKey.STRETCH_SIDES : CheckKey.SIDES;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        double most = judged.figures().share(Threshold.SIDES);
        List<Finding> findings = new ArrayList<>();
        Set<String> uneven = new HashSet<>();
        for (SideTotals totals : judged.sides()) {
            if (totals.danced()) {
                dance(judged, totals).ifPresent(findings::add);
                continue;
            }
            Item item = (Item) judged.find(totals.entries().getFirst()).orElseThrow();
            if (item.exercise().rests() == stretches && isOff(judged, totals, most)) {
                findings.add(finding(judged, item, totals));
                uneven.add(item.exercise().id());
            }
        }
        if (!stretches && judged.sides().stream().anyMatch(totals -> totals.entries().size() > 1)) {
            findings.addAll(inBlocks(judged, most, uneven));
        }
        return findings;
    }

    /** A dance that one foot leads for longer; on one foot alone it is to be taught on the other. */
    private Optional<Finding> dance(ClassUnderCheck judged, SideTotals totals) {
        return stretches || totals.even()
                ? Optional.empty()
                : judged.find(totals.entries().getFirst()).map(line -> found(Severity.WATCH, judged.at(line),
                        totals.words() + ".",
                        "What is learnt on one foot is danced on the other as well. Else one leg climbs and pushes more.",
                        SourceKind.TEACHING_RANGE, List::of));
    }

    /** What one block gives to the right and another one to the left is even over the class, and tires one side at a time. */
    private List<Finding> inBlocks(ClassUnderCheck judged, double most, Set<String> uneven) {
        List<Finding> findings = new ArrayList<>();
        for (SideTotals totals : SideTotals.inBlocks(judged.timeline())) {
            Item item = (Item) judged.find(totals.entries().getFirst()).orElseThrow();
            if (!item.exercise().rests() && !uneven.contains(item.exercise().id())
                    && isOff(judged, totals, most)) {
                String block = judged.plan().segmentOf(item.id()).map(Segment::name).orElse("");
                findings.add(found(Severity.WATCH, judged.at(item),
                        "%s, in %s alone.".formatted(totals.words(), block),
                        "Over the class the sides are even. One block after the other tires one side alone.",
                        SourceKind.ESTIMATE, () -> List.of(eachSide(judged, item))));
            }
        }
        return findings;
    }

    /** Each block gives both sides what it gave one. */
    private static Way eachSide(ClassUnderCheck judged, Item like) {
        ClassPlan plan = judged.plan();
        for (Item item : judged.items()) {
            boolean one = item.exercise().id().equals(like.exercise().id())
                    && !item.dose().sides().servesBoth()
                    && item.dose().goesWith(Sides.EACH_SIDE);
            plan = one ? plan.with(item.withDose(item.dose().withSides(Sides.EACH_SIDE))) : plan;
        }
        return Way.of(like.name() + ": each side, in every block", plan);
    }

    /** Reps, holds and time are compared each, or what the brief calls an equal dose; a stretch is off from a fifth and 5 s on. */
    private boolean isOff(ClassUnderCheck judged, SideTotals totals, double most) {
        SideTotals.Sum right = totals.right();
        SideTotals.Sum left = totals.left();
        if (stretches) {
            return off(right.length().toMillis(), left.length().toMillis()) >= STRETCH
                    && right.length().minus(left.length()).abs().compareTo(A_BREATH) >= 0;
        }
        boolean counted = right.reps() + left.reps() > 0;
        double reps = off(right.reps(), left.reps());
        double held = off(right.held().toMillis(), left.held().toMillis());
        boolean time = off(right.length().toMillis(), left.length().toMillis()) > most;
        return switch (judged.brief().schools().equalDose()) {
            case EQUAL_TIME -> time;
            case EQUAL_REPS -> counted ? reps > most : time;
            case DOSE_PER_EXERCISE -> counted ? reps > most || held > most : time;
        };
    }

    private static double off(double right, double left) {
        double most = Math.max(right, left);
        return most == 0 ? 0 : 1 - Math.min(right, left) / most;
    }

    private Finding finding(ClassUnderCheck judged, Item item, SideTotals totals) {
        return found(Severity.FIX, judged.at(item), totals.words() + ".",
                stretches
                        ? "Sides of a stretch may differ by a fifth, or 5 s. Both sides are held alike."
                        : "Sides may differ by %d %%. Both sides are done exactly the same."
                                .formatted(judged.figures().of(Threshold.SIDES)),
                SourceKind.ESTIMATE, () -> mends(judged, item, totals));
    }

    private static List<Way> mends(ClassUnderCheck judged, Item item, SideTotals totals) {
        ClassPlan plan = judged.plan();
        if (totals.entries().size() == 1) {
            return item.dose().sides() == Sides.EACH_SIDE || !item.dose().goesWith(Sides.EACH_SIDE)
                    ? List.of()
                    : List.of(Way.of(item.name() + ": each side",
                            plan.with(item.withDose(item.dose().withSides(Sides.EACH_SIDE)))));
        }
        List<Item> lines = totals.entries().stream()
                .flatMap(id -> judged.find(id).flatMap(Entry::item).stream())
                .toList();
        List<Way> mends = new ArrayList<>();
        Stream.concat(lines.stream().map(line -> line.dose().withoutSides()),
                Stream.of(item.exercise().usualDose().withoutSides()))
                .distinct().forEach(dose -> mends.add(alike(plan, lines, dose)));
        lines.stream()
                .filter(line -> !line.dose().sides().servesBoth() && line.dose().goesWith(Sides.EACH_SIDE))
                .forEach(line -> mends.add(Way.of(line.name() + ": each side",
                        plan.with(line.withDose(line.dose().withSides(Sides.EACH_SIDE))))));
        return Mends.first(mends.stream().filter(mend -> !mend.after().equals(plan)));
    }

    /** The same dose on each side: what one line has, or what is usual. */
    private static Way alike(ClassPlan plan, List<Item> lines, Dose dose) {
        ClassPlan now = plan;
        for (Item line : lines) {
            Sides sides = line.dose().sides();
            now = !sides.servesBoth() && dose.goesWith(sides)
                    ? now.with(line.withDose(dose.withSides(sides)))
                    : now;
        }
        return Way.of("%s: %s on each side".formatted(lines.getFirst().name(), DoseNotation.print(dose)),
                now);
    }
}
