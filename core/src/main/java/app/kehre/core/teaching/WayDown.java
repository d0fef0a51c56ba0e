package app.kehre.core.teaching;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Segment;
import app.kehre.core.value.Reading;

/**
 * Straight to the way down: what of the main part has not begun is left, what cools down and stretches stays whole, and what
 * stands behind the last work, such as the goodbye.
 */
public final class WayDown {

    private static final Set<Role> DOWN = EnumSet.of(Role.COOL_DOWN, Role.STRETCH);

    private final TeachingRun run;
    private final Instant now;

    WayDown(TeachingRun run, Instant now) {
        this.run = run;
        this.now = now;
    }

    /** Returns the segments of a plan that lead down: all that cool down or stretch, and all behind the last work. */
    public static List<Segment> of(ClassPlan plan) {
        List<Segment> segments = plan.segments();
        int last = segments.size() - 1;
        while (last >= 0 && !segments.get(last).role().main() && segments.get(last).role() != Role.WARM_UP) {
            last--;
        }
        List<Segment> down = new ArrayList<>();
        for (int i = 0; i < segments.size(); i++) {
            if (!segments.get(i).leftOut() && (i > last || DOWN.contains(segments.get(i).role()))) {
                down.add(segments.get(i));
            }
        }
        return down;
    }

    Reading<TeachingRun> taken() {
        Duration place = run.placeAt(now);
        ClassPlan plan = run.course().plan();
        List<EntryId> begun = Steps.begun(run, place);
        List<Segment> down = of(plan).stream()
                .filter(each -> each.entries().stream().anyMatch(entry -> !begun.contains(entry.id())))
                .toList();
        if (down.stream().noneMatch(each -> DOWN.contains(each.role()))) {
            return Reading.refused(of(plan).stream().anyMatch(each -> DOWN.contains(each.role()))
                    ? "This is the way down already."
                    : "No way down is planned: there is nothing to go to.");
        }
        Set<Segment> stay = Set.copyOf(down);
        ClassPlan short1 = plan.withSegments(plan.segments().stream()
                .map(segment -> stay.contains(segment)
                        ? segment
                        : segment.withEntries(segment.entries()
                                .stream().filter(entry -> begun.contains(entry.id())).toList()))
                .toList());
        TeachingRun left = run.with(short1, now);
        Optional<Entry> first = down.getFirst().entries().stream()
                .filter(entry -> !begun.contains(entry.id())).findFirst();
        return Reading.of(first.map(entry -> left.jumped(left.timeline().ofEntry(entry.id()).start(), now))
                .orElse(left));
    }
}
