package app.kehre.core.sheet;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Collectors;

import app.kehre.core.dose.ShortDose;
import app.kehre.core.exercise.Role;
import app.kehre.core.fitting.Changeable;
import app.kehre.core.fitting.Fitting;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.proposal.Change;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Timeline;

/**
 * What somebody who begins late leaves away: few things, since they are read while the class begins. Neither the warm-up nor
 * the way down ever pays.
 */
final class Late {

    private static final List<Integer> MINUTES = List.of(5, 10);
    private static final Set<Role> KEPT = EnumSet.of(Role.WARM_UP, Role.COOL_DOWN, Role.STRETCH);

    private Late() {}

    /** Returns a line for each time late that can be made up. */
    static List<String> lines(ClassPlan plan) {
        Set<EntryId> kept = plan.segments().stream().filter(segment -> KEPT.contains(segment.role()))
                .flatMap(Segment::lines).map(Entry::id).collect(Collectors.toSet());
        List<String> lines = new ArrayList<>();
        for (int minutes : MINUTES) {
            Duration left = plan.brief().slot().minusMinutes(minutes);
            if (left.isPositive()) {
                Fitting.inTheHall(Timeline.of(plan), left,
                        Changeable.allBut(entry -> kept.contains(entry.id())), 1).stream()
                        .filter(way -> !way.changes().isEmpty())
                        .forEach(way -> lines.add("%d min late: %s".formatted(minutes, words(way))));
            }
        }
        return lines;
    }

    private static String words(Way way) {
        List<String> words = new ArrayList<>();
        way.changes().stream().filter(change -> change.kind() != Change.Kind.OUT)
                .forEach(change -> words.add(words(change, way.after())));
        List<String> out = way.changes().stream().filter(change -> change.kind() == Change.Kind.OUT)
                .map(change -> change.words().replaceFirst("^without ", "")).toList();
        if (!out.isEmpty()) {
            words.add("without " + String.join(", ", out));
        }
        return String.join(" \u00b7 ", words);
    }

    private static String words(Change change, ClassPlan after) {
        Optional<Item> item = change.entry().flatMap(after::find).flatMap(Entry::item);
        return change.kind() == Change.Kind.DOSE && item.isPresent()
                ? "%s %s".formatted(item.get().name(), ShortDose.of(item.get().dose()))
                : change.words().replaceFirst(" instead of .*", "");
    }
}
