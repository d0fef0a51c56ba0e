package app.kehre.core.timeline;

import java.util.Optional;

import app.kehre.core.dose.Hold;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.value.Lengths;

/** What a line costs of the class, and why, in words. */
public final class LineCost {

    private LineCost() {}

    /** Returns "1:53: work 1:12, explaining 0:25, changeover 0:03, rest 0:13 (show, then do; new)". */
    public static String of(Timeline timeline, Item item) {
        Tally tally = Tally.ofLine(timeline, item.id());
        return "%s: %s (%s)".formatted(Lengths.clock(timeline.lengthOf(item)), tally.all(),
                why(timeline.plan(), item));
    }

    private static String why(ClassPlan plan, Item item) {
        Explaining explaining = item.delivery().explaining();
        if (explaining.mode() == Explaining.Mode.NONE) {
            return "not explained";
        }
        if (explaining.length().isPresent()) {
            return "explained as this line says";
        }
        String style = item.delivery().teaching().or(() -> plan.segmentOf(item.id())
                .map(segment -> segment.teaching(plan.brief()))).orElseGet(plan.brief()::teaching).called();
        boolean stretch = item.dose() instanceof Hold hold && hold.kind() == Hold.Kind.STRETCH;
        return "%s; %s".formatted(style, stretch ? "a held stretch" : newness(plan, item));
    }

    private static String newness(ClassPlan plan, Item item) {
        if (item.exercise().everyday()) {
            return "everybody knows it";
        }
        Optional<Item> first = plan.items().filter(each -> each.exercise().equals(item.exercise()))
                .findFirst();
        boolean again = first.filter(each -> !each.id().equals(item.id())).isPresent();
        return plan.isKnown(item) || again ? "known" : "new";
    }
}
