package app.kehre.core.balance;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;

/** An item asked for in another option. */
final class Variants {

    private Variants() {}

    static Way easier(ClassPlan plan, Item item) {
        return with(plan, item,
                item.manner().variant() == Variant.HARDER ? Variant.STANDARD : Variant.EASIER);
    }

    static Way harder(ClassPlan plan, Item item) {
        return with(plan, item,
                item.manner().variant() == Variant.EASIER ? Variant.STANDARD : Variant.HARDER);
    }

    private static Way with(ClassPlan plan, Item item, Variant variant) {
        return Way.of("%s: %s option".formatted(item.name(), variant.words()),
                plan.with(item.withManner(item.manner().withVariant(variant))));
    }
}
