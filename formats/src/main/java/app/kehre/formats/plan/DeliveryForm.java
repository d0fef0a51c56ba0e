package app.kehre.formats.plan;

import java.time.Duration;
import java.util.List;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.brief.School;
import app.kehre.core.dose.Dose;
import app.kehre.core.exercise.Style;
import app.kehre.core.kit.Load;
import app.kehre.core.plan.Delivery;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.RoundChange;
import app.kehre.core.plan.Variant;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields that say how an item is taught, in all rounds and in one, each said once for reading and for writing. */
final class DeliveryForm {

    private static final Notation<Duration> CHANGEOVER = Notation.length(Delivery.CHANGEOVER);
    private static final Notation<Duration> EXPLAINING = Notation.length(Explaining.LENGTH);

    private DeliveryForm() {}

    static Optional<Delivery> of(Form<Delivery> form) {
        boolean known = form.flag("known", Delivery::known);
        Explaining explaining = explaining(form.part(delivery -> Optional.of(delivery.explaining())
                .filter(each -> !each.equals(Explaining.USUAL)))).orElse(Explaining.USUAL);
        Optional<School.Teaching> teaching = form.termIfAny("teaching", School.Teaching.class,
                Delivery::teaching);
        Optional<Duration> changeover = form.parsedIfAny("changeover", CHANGEOVER, Duration.ZERO,
                Delivery::changeover);
        Variant variant = form.term("option", Variant.class, Variant.STANDARD, Delivery::variant);
        String layer = form.textIfAny("layer", Delivery::layer);
        List<Style> style = form.termsIfAny("style", Style.class, Delivery::style);
        int holding = form.whole("holdingEights", Delivery.HOLDING, 0, Delivery::holdingEights);
        boolean locked = form.flag("locked", Delivery::locked);
        return form.built("layer", () -> new Delivery(known, explaining, teaching, changeover, variant, layer,
                Set.copyOf(style), holding, locked));
    }

    /** Lays out what is different in one round. */
    static Optional<RoundChange> change(Form<RoundChange> form) {
        Optional<Dose> dose = form.parsedIfAny("dose", LineForm.DOSE, LineForm.STAND_IN, RoundChange::dose);
        Optional<Load> load = form.parsedIfAny("load", LineForm.LOAD, Load.NONE, RoundChange::load);
        Optional<Variant> variant = form.termIfAny("option", Variant.class, RoundChange::variant);
        String layer = form.textIfAny("layer", RoundChange::layer);
        Optional<Set<Style>> style = form.termsIfSaid("style", Style.class, RoundChange::style)
                .map(Set::copyOf);
        boolean out = form.flag("out", RoundChange::out);
        Optional<Explaining> explaining = explaining(form.part(RoundChange::explaining));
        return form.built("layer", () -> new RoundChange(dose, load, variant, layer, style, out, explaining));
    }

    private static Optional<Explaining> explaining(Form<Optional<Explaining>> form) {
        Optional<Explaining.Mode> mode = form.termIfAny("explain", Explaining.Mode.class,
                each -> each.map(Explaining::mode));
        Optional<Duration> length = form.parsedIfAny("explainFor", EXPLAINING, Duration.ZERO,
                each -> each.flatMap(Explaining::length));
        return mode.isEmpty() && length.isEmpty()
                ? Optional.empty()
                : Optional.of(new Explaining(mode.orElse(Explaining.Mode.USUAL), length));
    }
}
