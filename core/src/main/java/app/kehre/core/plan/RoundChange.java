package app.kehre.core.plan;

import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;

/**
 * What is different for an item in one round of a circuit.
 *
 * @param dose another dose: other reps, tempo or starting side
 * @param load another load
 * @param variant another option
 * @param layer another layer; empty for the same
 * @param style another style
 * @param out whether the item is left out
 * @param explaining another way to explain it
 */
public record RoundChange(Optional<Dose> dose, Optional<Load> load, Optional<Variant> variant, String layer,
        Optional<Set<Style>> style, boolean out, Optional<Explaining> explaining) {
    public RoundChange {
        Delivery.checkLayer(layer);
        style = style.map(Style::of);
    }

    /** Nothing is different. */
    public static final RoundChange NONE = new RoundChange(Optional.empty(), Optional.empty(),
            Optional.empty(), "", Optional.empty(), false, Optional.empty());

    /** Returns whether nothing is different. */
    public boolean isNone() {
        return equals(NONE);
    }

    /** Returns the change with another dose. */
    public RoundChange withDose(Optional<Dose> other) {
        return new RoundChange(other, load, variant, layer, style, out, explaining);
    }

    /** Returns the change with another load. */
    public RoundChange withLoad(Optional<Load> other) {
        return new RoundChange(dose, other, variant, layer, style, out, explaining);
    }

    /** Returns the change with the item left out or not. */
    public RoundChange withOut(boolean other) {
        return new RoundChange(dose, load, variant, layer, style, other, explaining);
    }

    /** Returns the change with another option. */
    public RoundChange withVariant(Optional<Variant> other) {
        return new RoundChange(dose, load, other, layer, style, out, explaining);
    }

    /** Returns the change with another layer. */
    public RoundChange withLayer(String other) {
        return new RoundChange(dose, load, variant, other, style, out, explaining);
    }

    /** Returns the change with another style. */
    public RoundChange withStyle(Optional<Set<Style>> other) {
        return new RoundChange(dose, load, variant, layer, other, out, explaining);
    }

    /** Returns the change with another way to explain. */
    public RoundChange withExplaining(Optional<Explaining> other) {
        return new RoundChange(dose, load, variant, layer, style, out, other);
    }

    /** Returns the item as it is in the round. */
    Item in(Item item) {
        Delivery delivery = item.delivery().withVariant(variant.orElse(item.delivery().variant()))
                .withLayer(layer.isEmpty() ? item.delivery().layer() : layer)
                .withStyle(style.orElse(item.delivery().style()))
                .withExplaining(explaining.orElse(item.delivery().explaining()));
        return item.withDose(dose.orElse(item.dose())).withLoad(load.orElse(item.load()))
                .withDelivery(delivery);
    }
}
