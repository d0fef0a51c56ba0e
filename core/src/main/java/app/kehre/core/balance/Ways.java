package app.kehre.core.balance;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Way;

/** An item asked for in another option. */
final class Ways {

    private Ways() {}

    static Mend easier(ClassPlan plan, Item item) {
        return with(plan, item, item.manner().way() == Way.HARDER ? Way.STANDARD : Way.EASIER);
    }

    static Mend harder(ClassPlan plan, Item item) {
        return with(plan, item, item.manner().way() == Way.EASIER ? Way.STANDARD : Way.HARDER);
    }

    private static Mend with(ClassPlan plan, Item item, Way way) {
        return new Mend("%s: %s option".formatted(item.name(), way.words()),
                plan.with(item.withManner(item.manner().withWay(way))));
    }
}
