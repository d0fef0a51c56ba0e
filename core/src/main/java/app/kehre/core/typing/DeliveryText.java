package app.kehre.core.typing;

import java.time.Duration;
import java.util.Optional;
import java.util.function.Function;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Notes;
import app.kehre.core.plan.Screen;
import app.kehre.core.value.Lengths;
import app.kehre.core.value.Range;
import app.kehre.core.value.Reading;

/** How an item is taught, and what changes by the round, as the texts that are edited in place. */
public final class DeliveryText {

    private DeliveryText() {}

    /** Returns how long it is explained; empty for the usual length. */
    public static String explainFor(Item item) {
        return item.delivery().explaining().length().map(Lengths::notation).orElse("");
    }

    /** Returns how long changing over to it takes; empty for what its position and load ask. */
    public static String changeover(Item item) {
        return item.delivery().changeover().map(Lengths::notation).orElse("");
    }

    /** Returns the item explained for so long; nothing for the usual length. */
    public static Reading<Entry> withExplainFor(Entry entry, String text) {
        return ofItem(entry, item -> optional(text, Explaining.LENGTH)
                .map(length -> item.withDelivery(item.delivery().withExplaining(
                        new Explaining(item.delivery().explaining().mode(), length)))));
    }

    /** Returns the item with a changeover of so long; nothing for what its position and load ask. */
    public static Reading<Entry> withChangeover(Entry entry, String text) {
        return ofItem(entry, item -> optional(text, Delivery.CHANGEOVER)
                .map(length -> item.withDelivery(item.delivery().withChangeover(length))));
    }

    /** Returns the item with a layer. */
    public static Reading<Entry> withLayer(Entry entry, String text) {
        return ofItem(entry,
                item -> layer(text).map(layer -> item.withDelivery(item.delivery().withLayer(layer))));
    }

    /** Returns the item with a holding pattern of so many eights before it; nothing for none. */
    public static Reading<Entry> withHolding(Entry entry, String text) {
        return ofItem(entry,
                item -> Delivery.HOLDING.read(text.isBlank() ? "0" : text, "eights|eight", "2 eights")
                        .map(eights -> item.withDelivery(item.delivery().withHoldingEights(eights))));
    }

    /**
     * Returns the item with another dose in a round; nothing for the same.
     *
     * @param round of its circuit, from 1
     */
    public static Reading<Entry> withRoundDose(Entry entry, int round, String text) {
        return ofItem(entry, item -> {
            Reading<Optional<Dose>> dose = text.isBlank()
                    ? Reading.of(Optional.empty())
                    : DoseNotation.parse(text).map(Optional::of);
            return dose.map(found -> item.withChange(round, item.change(round).withDose(found)));
        });
    }

    /**
     * Returns the item with another load in a round; nothing for the same.
     *
     * @param round of its circuit, from 1
     */
    public static Reading<Entry> withRoundLoad(Entry entry, int round, String text) {
        return ofItem(entry, item -> {
            Reading<Optional<Load>> load = text.isBlank()
                    ? Reading.of(Optional.empty())
                    : LoadNotation.parse(text).map(Optional::of);
            return load.map(found -> item.withChange(round, item.change(round).withLoad(found)));
        });
    }

    /**
     * Returns the item with another layer in a round; nothing for the same.
     *
     * @param round of its circuit, from 1
     */
    public static Reading<Entry> withRoundLayer(Entry entry, int round, String text) {
        return ofItem(entry, item -> layer(text)
                .map(found -> item.withChange(round, item.change(round).withLayer(found))));
    }

    /** Returns the screen with another rule for not passing. */
    public static Reading<Entry> withFailed(Entry entry, String text) {
        return entry instanceof Screen screen
                ? Notes.problem(text.strip()).map(Reading::<Entry>refused)
                        .orElseGet(() -> Reading.of(screen.withFailed(text.strip())))
                : Reading.refused("Only a screen can be passed or not.");
    }

    /** Returns the screen with what those who did not pass do instead of a later line; nothing for none. */
    public static Reading<Entry> withInstead(Entry entry, EntryId laterId, String text) {
        return entry instanceof Screen screen
                ? Notes.problem(text.strip()).map(Reading::<Entry>refused)
                        .orElseGet(() -> Reading.of(screen.withInstead(laterId, text)))
                : Reading.refused("Only a screen can be passed or not.");
    }

    private static Reading<String> layer(String text) {
        String layer = text.strip();
        return layer.length() > Delivery.LONGEST_LAYER
                ? Reading.refused("A layer must be one line of at most %d characters, not %d."
                        .formatted(Delivery.LONGEST_LAYER, layer.length()))
                : Reading.of(layer);
    }

    private static Reading<Optional<Duration>> optional(String text, Range range) {
        if (text.isBlank()) {
            return Reading.of(Optional.empty());
        }
        Reading<Duration> length = Lengths.parse(text);
        return length.value().flatMap(range::problem).map(Reading::<Optional<Duration>>refused)
                .orElseGet(() -> length.map(Optional::of));
    }

    private static Reading<Entry> ofItem(Entry entry, Function<Item, Reading<Item>> change) {
        return entry instanceof Item item
                ? change.apply(item).map(each -> each)
                : Reading.refused("Only an exercise has this.");
    }
}
