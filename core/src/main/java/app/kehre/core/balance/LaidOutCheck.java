package app.kehre.core.balance;

import java.util.ArrayList;
import java.util.EnumSet;
import java.util.List;
import java.util.Set;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.KitPlace;
import app.kehre.core.pace.Quantity;
import app.kehre.core.plan.Item;
import app.kehre.core.proposal.Way;
import app.kehre.core.timeline.Phase;

/** Kit that is fetched in the middle of the class could lie ready from the start. */
final class LaidOutCheck implements KeyedCheck {

    private static final Set<Equipment> AT_HAND = EnumSet.of(Equipment.WEIGHT, Equipment.LONG_BAND,
            Equipment.LOOP_BAND, Equipment.TOWEL, Equipment.KETTLE_WEIGHT, Equipment.LONG_BAR,
            Equipment.SMALL_BALL, Equipment.DISC);

    @Override
    public CheckKey key() {
        return CheckKey.NOT_LAID_OUT;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Set<Equipment> seen = EnumSet.noneOf(Equipment.class);
        List<Finding> findings = new ArrayList<>();
        for (Item item : judged.items()) {
            for (Equipment kit : item.kit()) {
                boolean far = judged.brief().room().placeOf(kit) == KitPlace.BY_THE_WALL;
                if (far && seen.add(kit) && fetched(judged, item)) {
                    findings.add(finding(judged, item, kit));
                }
            }
        }
        return findings;
    }

    /** Whether the class waits for it: there is set-up before the line that no pause covers. */
    private static boolean fetched(ClassUnderCheck judged, Item item) {
        return judged.timeline().spans().stream()
                .anyMatch(span -> span.entry().equals(item.id()) && span.phase() == Phase.SET_UP
                        && span.stretch().length()
                                .compareTo(judged.plan().pace().length(Quantity.WITHIN_REACH)) > 0);
    }

    private Finding finding(ClassUnderCheck judged, Item item, Equipment kit) {
        KitPlace place = AT_HAND.contains(kit) ? KitPlace.AT_HAND : KitPlace.SET_OUT;
        return foundOf(kit.key(), Severity.WATCH, judged.at(item),
                "The %s are fetched for %s while the class waits.".formatted(kit.noun(2), item.name()),
                "Fetching takes %d s. Laid out beside each place before the class it takes %d."
                        .formatted(judged.plan().pace().length(Quantity.FETCH).toSeconds(),
                                judged.plan().pace().length(Quantity.WITHIN_REACH).toSeconds()),
                SourceKind.ESTIMATE,
                () -> List.of(Way.of("Lay out the " + kit.noun(2) + " before the class",
                        judged.plan()
                                .with(judged.brief().with(judged.brief().room().withPlace(kit, place))))));
    }
}
