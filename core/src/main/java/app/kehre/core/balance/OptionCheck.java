package app.kehre.core.balance;

import java.util.List;

import app.kehre.core.advice.Severity;
import app.kehre.core.advice.SourceKind;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.people.Group;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;

/** A line asks everybody for an option that is wrong for many. */
final class OptionCheck implements KeyedCheck {

    private static final int MANY = 20;

    @Override
    public CheckKey key() {
        return CheckKey.NO_OPTION;
    }

    @Override
    public List<Finding> of(ClassUnderCheck judged) {
        Group.Mix mix = judged.brief().group().mix();
        boolean gentle = mix.newcomers() >= MANY || judged.brief().group().older();
        boolean fit = mix.athletic() >= MANY && !judged.brief().group().older();
        return judged.items().stream().filter(item -> item.delivery().variant() == Variant.HARDER && gentle
                || item.delivery().variant() == Variant.EASIER && fit && mix.newcomers() == 0)
                .map(item -> finding(judged, item)).toList();
    }

    private Finding finding(ClassUnderCheck judged, Item item) {
        boolean harder = item.delivery().variant() == Variant.HARDER;
        return found(harder ? Severity.FIX : Severity.WATCH, judged.at(item),
                harder
                        ? "%s is asked for in its harder option, with nothing easier for newcomers."
                                .formatted(
                                        item.name())
                        : "%s is asked for in its easier option, with nothing harder for who is fit."
                                .formatted(
                                        item.name()),
                "The standard is shown with an easier and a harder option. From a share of %d %% on somebody will miss one."
                        .formatted(MANY),
                SourceKind.TEACHING_RANGE, () -> List.of(Way.of("Standard option of " + item.name(),
                        judged.plan()
                                .with(item.withDelivery(item.delivery().withVariant(Variant.STANDARD))))));
    }
}
