package app.kehre.formats.plan;

import java.util.Map;
import java.util.Optional;
import java.util.TreeMap;

import app.kehre.core.brief.School;
import app.kehre.core.exercise.Role;
import app.kehre.core.pace.Pace;
import app.kehre.core.pace.PaceKind;
import app.kehre.core.pace.Quantity;
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/**
 * The fields of a pace, each said once for reading and for writing: what does not depend on the style first, then an
 * object for each style.
 */
final class PaceForm {

    private static final String OWN_REPS = "reps-of";
    private static final String OF_KIND = "of-kind";
    private static final int KEYS = 3;
    private static final Notation<String> EXERCISE = new Notation<>(id -> id, Reading::of);
    /** What holds in one kind of segment is written "new talk-it-through toning". */
    private static final Notation<PaceKind> KIND = new Notation<>(
            kind -> "%s %s %s".formatted(kind.quantity().key(), kind.style().key(), kind.role().key()),
            PaceForm::kind);

    private PaceForm() {}

    /** Lays out a pace; what is not said is as in another. */
    static Optional<Pace> of(Form<Pace> form, Pace otherwise) {
        Pace pace = quantities(form, otherwise, false, School.Teaching.FOLLOW_ME);
        Map<String, Double> own = new TreeMap<>(pace.ownReps());
        own.putAll(form.numbersIfAny(OWN_REPS, EXERCISE, Pace::ownReps));
        own.values().forEach(times -> check(form, OWN_REPS, Quantity.REPS, times));
        Map<PaceKind, Double> kinds = new TreeMap<>(pace.ofKind());
        kinds.putAll(form.numbersIfAny(OF_KIND, KIND, Pace::ofKind));
        kinds.forEach((kind, value) -> check(form, OF_KIND, kind.quantity(), value));
        for (School.Teaching style : School.Teaching.values()) {
            Pace before = pace;
            pace = form.objectIfAny(style.key(), Optional::of,
                    inner -> Optional.of(quantities(inner, before, true, style))).orElse(before);
        }
        return form.clean() ? Optional.of(pace.withOwnReps(own).withOfKind(kinds)) : Optional.empty();
    }

    private static Pace quantities(Form<Pace> form, Pace otherwise, boolean byStyle, School.Teaching style) {
        Pace pace = otherwise;
        for (Quantity quantity : Quantity.values()) {
            if (quantity.byStyle() == byStyle) {
                Pace before = pace;
                pace = form.number(quantity.key(), own -> Optional.of(own.of(quantity, style)))
                        .filter(value -> check(form, quantity.key(), quantity, value))
                        .map(value -> before.with(quantity, style, value)).orElse(before);
            }
        }
        return pace;
    }

    /** Returns whether a value is possible; what is not is reported. */
    private static boolean check(Form<Pace> form, String name, Quantity quantity, double value) {
        Optional<String> problem = quantity.problem(value);
        problem.ifPresent(sentence -> form.report(name, sentence));
        return problem.isEmpty();
    }

    private static Reading<PaceKind> kind(String name) {
        String[] keys = name.split(" ");
        Optional<PaceKind> kind = keys.length != KEYS
                ? Optional.empty()
                : Named.ofKey(Quantity.class, keys[0]).filter(Quantity::byStyle)
                        .flatMap(quantity -> Named.ofKey(School.Teaching.class, keys[1]).flatMap(
                                style -> Named.ofKey(Role.class, keys[2])
                                        .map(role -> new PaceKind(quantity, style, role))));
        return kind.map(Reading::of).orElseGet(() -> Reading.refused(
                "found \"%s\", expected a quantity, a teaching style and a kind of segment, such as \"new show-then-do toning\"."
                        .formatted(name)));
    }
}
