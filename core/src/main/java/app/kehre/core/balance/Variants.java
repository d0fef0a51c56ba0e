package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;

/** An item asked for in another option. */
final class Variants {

    private Variants() {}

    static Way easier(ClassPlan plan, Item item) {
        return with(plan, item,
                item.delivery().variant() == Variant.HARDER ? Variant.STANDARD : Variant.EASIER);
    }

    static Way harder(ClassPlan plan, Item item) {
        return with(plan, item,
                item.delivery().variant() == Variant.EASIER ? Variant.STANDARD : Variant.HARDER);
    }

    /** Everybody takes the easier, or the harder, option in all of some lines. */
    static Way throughout(ClassPlan plan, List<Item> items, boolean easier) {
        ClassPlan now = plan;
        for (Item item : items) {
            now = (easier ? easier(now, item) : harder(now, item)).after();
        }
        return Way.of("The %s option throughout".formatted(easier ? "easier" : "harder"), now);
    }

    private static Way with(ClassPlan plan, Item item, Variant variant) {
        return Way.of("%s: %s option".formatted(item.name(), variant.words()),
                plan.with(item.withDelivery(item.delivery().withVariant(variant))));
    }
}
