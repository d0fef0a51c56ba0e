package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.capacity.Capacity;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.finding.Place;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;

/** Kit or floor is too little for the number of people. */
final class CapacityCheck implements KeyedCheck {

    @Override
    public CheckKey key() {
        return CheckKey.TOO_LITTLE;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        int coming = judged.brief().people();
        List<Finding> findings = new ArrayList<>();
        for (Capacity.Bound bound : Capacity.of(judged.plan()).bounds()) {
            if (bound.people() < coming) {
                findings.add(finding(judged, bound, coming));
            }
        }
        return findings;
    }

    private Finding finding(ClassUnderCheck judged, Capacity.Bound bound, int coming) {
        return foundOf(bound.key(), Severity.STOP, Place.CLASS,
                "%s: enough for %d, not for %d.".formatted(Mends.capital(bound.what()), bound.people(),
                        coming),
                "%s. Without room or kit somebody cannot take part safely.".formatted(bound.words()),
                SourceKind.TEACHING_RANGE, () -> mends(judged, bound));
    }

    /** What needs the kit is replaced by what needs none. */
    private static List<Way> mends(ClassUnderCheck judged, Capacity.Bound bound) {
        List<Way> mends = new ArrayList<>();
        for (Item item : judged.items()) {
            boolean needs = item.kit().stream().anyMatch(kit -> bound.kit().filter(kit::equals).isPresent());
            if (needs) {
                lighter(judged, item, bound).ifPresent(mends::add);
            }
        }
        List<Way> some = new ArrayList<>(Mends.first(mends.stream()));
        if (bound.people() > 0) {
            some.add(Way.of("Let only %d in".formatted(bound.people()), judged.plan().with(
                    judged.brief().with(judged.brief().group().letIn(bound.people())))));
        }
        return some;
    }

    private static Optional<Way> lighter(ClassUnderCheck judged, Item item, Capacity.Bound bound) {
        boolean inLoadOnly = item.exercise().equipment().stream()
                .noneMatch(kit -> bound.kit().filter(kit::equals).isPresent());
        if (inLoadOnly) {
            return Optional.of(Way.of(item.name() + " without " + bound.what(),
                    judged.plan().with(item.withLoad(Load.NONE))));
        }
        return judged.library().find(item.exercise().setting().without())
                .map(other -> Way.of("%s for %s".formatted(other.name(), item.name()), judged.plan()
                        .with(Item.of(item.id(), other).withNote(item.note()))));
    }
}
