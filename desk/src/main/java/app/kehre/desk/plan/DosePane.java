package app.kehre.desk.plan;

import java.util.ArrayList;
import java.util.Arrays;
import java.util.List;
import java.util.function.BiFunction;
import java.util.function.Function;
import javafx.scene.Node;
import javafx.scene.control.Label;

import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseParts;
import app.kehre.core.dose.Sides;
import app.kehre.core.plan.Entry;
import app.kehre.core.value.Reading;

/** The dose of a line, a field for each part of its kind. */
final class DosePane {

    private static final String TOGETHER = "both at once";
    private static final String NORMAL = "with the music";

    private final PlanViewModel model;
    private final CardForm form;

    DosePane(PlanViewModel model, CardForm form) {
        this.model = model;
        this.form = form;
    }

    /**
     * Returns the rows.
     *
     * @param entry the line
     * @param dose its dose
     * @param withDose makes the line with another dose
     */
    List<Node> rows(Entry entry, Dose dose, Function<Dose, Entry> withDose) {
        List<Node> rows = new ArrayList<>();
        Label heading = new Label("Dose");
        heading.getStyleClass().add("strong");
        rows.add(heading);
        List<String> kinds = Arrays.stream(DoseParts.Kind.values()).map(DoseParts.Kind::words).toList();
        rows.add(CardForm.pick("kind", "dose-kind", kinds, DoseParts.Kind.of(dose).words(),
                at -> model.change(
                        "Dose of " + entry.name(),
                        withDose.apply(DoseParts.Kind.values()[at].start(dose.sides())))));
        DoseParts.of(dose).forEach((part, text) -> rows.add(part(entry, dose, part, text, withDose)));
        List<String> sides = Arrays.stream(Sides.values()).map(DosePane::words).toList();
        rows.add(CardForm.pick("sides", "dose-sides", sides, words(dose.sides()), at -> model.change(
                "Sides of " + entry.name(), withDose.apply(dose.withSides(Sides.values()[at])))));
        return rows;
    }

    private Node part(Entry entry, Dose dose, String part, String text, Function<Dose, Entry> withDose) {
        String id = "dose-" + part.replace(' ', '-');
        BiFunction<Entry, String, Reading<Entry>> reader = (_, typed) -> DoseParts.with(dose, part, typed)
                .map(withDose);
        if (part.equals("pace")) {
            List<String> paces = Arrays.stream(Counts.Pace.values()).map(Counts.Pace::notation).toList();
            List<String> shown = paces.stream().map(each -> each.isEmpty() ? NORMAL : each).toList();
            return CardForm.pick(part, id, shown, text.isEmpty() ? NORMAL : text,
                    at -> take(entry, reader.apply(entry, paces.get(at))));
        }
        if (part.equals("last rest")) {
            return CardForm.pick(part, id, List.of("yes", "no"), text,
                    at -> take(entry, reader.apply(entry, at == 0 ? "yes" : "no")));
        }
        return form.text(part, id, entry, text, "none", reader);
    }

    private void take(Entry entry, Reading<Entry> reading) {
        reading.value().ifPresent(changed -> model.change("Dose of " + entry.name(), changed));
    }

    private static String words(Sides sides) {
        return sides == Sides.TOGETHER ? TOGETHER : sides.notation();
    }
}
