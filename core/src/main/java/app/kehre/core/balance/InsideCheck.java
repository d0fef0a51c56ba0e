package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.advice.Threshold;
import app.kehre.core.choreography.TempoRange;
import app.kehre.core.effort.Crowd;
import app.kehre.core.effort.Line;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.value.Lengths;

/** The aerobic parts miss their target: too few minutes inside, too easy or too hard. */
final class InsideCheck implements KeyedCheck {

    private static final int TRIED = 6;

    @Override
    public CheckKey key() {
        return CheckKey.TARGET_MISSED;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Optional<Double> inside = judged.effort().insideAerobic();
        if (inside.isEmpty() || inside.get() >= judged.figures().share(Threshold.INSIDE)) {
            return List.of();
        }
        boolean hard = above(judged) > 0;
        Place place = judged.at(judged.segments(Role.AEROBIC).getFirst());
        return List.of(found(Severity.FIX, place,
                "The aerobic part is %s for this group: %d %% inside the target.".formatted(
                        hard ? "too hard" : "too easy", Math.round(inside.get() * 100)),
                "At least %d %% of the group and of the time should lie inside. The group of %d is simulated, its efforts are estimates."
                        .formatted(judged.figures().of(Threshold.INSIDE), Crowd.SIZE),
                SourceKind.ESTIMATE, () -> mends(judged, hard)).by(1 - inside.get()));
    }

    /** How many seconds more lie above the target than below it. */
    private static int above(ClassUnderCheck judged) {
        int above = 0;
        Line line = judged.effort().main();
        for (Segment segment : judged.segments(Role.AEROBIC)) {
            int to = (int) Lengths.seconds(judged.timeline().ofSegment(segment.id()).end());
            for (int at = (int) Lengths
                    .seconds(judged.timeline().ofSegment(segment.id()).start()); at < to; at++) {
                double share = line.share(at);
                above += judged.effort().target(at)
                        .map(edges -> share > edges[1] ? 1 : share < edges[0] ? -1 : 0)
                        .orElse(0);
            }
        }
        return above;
    }

    private static List<Way> mends(ClassUnderCheck judged, boolean hard) {
        ClassPlan plan = judged.plan();
        List<Way> mends = new ArrayList<>();
        for (Segment segment : judged.segments(Role.AEROBIC)) {
            int bpm = segment.bpm().value() + (hard ? -6 : 6);
            if (TempoRange.of(segment.role(), judged.brief().group().older()).has(bpm)) {
                mends.add(Way.of("%s at %d BPM".formatted(segment.name(), bpm),
                        plan.with(segment.withBpm(new Bpm(bpm)))));
            }
        }
        List<Item> items = judged.segments(Role.AEROBIC).stream().flatMap(each -> judged.items(each).stream())
                .limit(TRIED).toList();
        List<Item> all = judged.segments(Role.AEROBIC).stream().flatMap(each -> judged.items(each).stream())
                .filter(item -> item.delivery().variant() != (hard ? Variant.EASIER : Variant.HARDER))
                .toList();
        if (all.size() > 1) {
            mends.add(Variants.throughout(plan, all, hard));
        }
        items.stream().filter(item -> item.delivery().variant() != (hard ? Variant.EASIER : Variant.HARDER))
                .forEach(item -> mends.add(hard ? Variants.easier(plan, item) : Variants.harder(plan, item)));
        for (Item item : items) {
            double mets = item.exercise().work().mets().value();
            mends.addAll(Mends.replace(judged, item, other -> hard
                    ? other.work().mets().value() < mets
                    : other.work().mets().value() > mets).stream().limit(1).toList());
        }
        return mends;
    }
}
