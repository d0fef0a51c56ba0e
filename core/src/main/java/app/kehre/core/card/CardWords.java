package app.kehre.core.card;

import java.util.Collection;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.stream.Collectors;

import app.kehre.core.dose.DoseNotation;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Option;
import app.kehre.core.footwork.RowNotation;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.value.Named;

/** Writes an exercise onto its card. */
final class CardWords {

    private CardWords() {}

    static String of(Exercise exercise, Field field) {
        return switch (field) {
            case NAME -> exercise.name();
            case OTHER_NAMES -> list(exercise.otherNames());
            case FAMILY -> exercise.family().words();
            case ROLES -> terms(exercise.roles());
            case PATTERN -> exercise.pattern().words();
            case MUSCLES -> muscles(exercise.work().muscles());
            case RESISTANCE -> exercise.work().resistance().words();
            case HELD -> terms(exercise.work().held());
            case EFFORT ->
                exercise.work().effort().map(felt -> String.format(Locale.ROOT, "%.1f", felt)).orElse("");
            case LOADS -> terms(exercise.work().loads());
            case PREPARES -> terms(exercise.work().prepares());
            case IMPACT -> exercise.impact().words();
            case METS -> exercise.work().mets().text();
            case POSITION -> exercise.position().words();
            case OTHER_POSITIONS -> terms(exercise.setting().others());
            case FACING -> exercise.setting().facing().words();
            case FOOTWORK -> exercise.footwork().map(RowNotation::print).orElse("");
            case EQUIPMENT -> list(exercise.equipment().stream().sorted().map(Equipment::key).toList());
            case STAND_INS -> list(exercise.setting().standIns().entrySet().stream()
                    .sorted(Map.Entry.comparingByKey())
                    .map(each -> each.getKey().key() + ": " + each.getValue()).toList());
            case WITHOUT -> exercise.setting().without();
            case DOSE -> DoseNotation.print(exercise.usualDose());
            case LEAST -> DoseNotation.print(exercise.dosing().least());
            case MOST -> DoseNotation.print(exercise.dosing().most());
            case REP -> exercise.rep().notation();
            case LOAD -> LoadNotation.print(exercise.usualLoad());
            case SET_UP -> exercise.coaching().setUp();
            case HOW -> String.join("\n", exercise.coaching().action());
            case BREATHING -> exercise.coaching().breathing();
            case ALIGNMENT -> list(exercise.coaching().alignment());
            case FAULT -> exercise.coaching().fault();
            case EVERYDAY -> exercise.everyday() ? "yes" : "";
            case STAPLE -> exercise.staple() ? "yes" : "";
            case CUES -> CueNotation.print(exercise.coaching().cues());
            case EASIER -> option(exercise.easier());
            case HARDER -> option(exercise.harder());
            case CAUTIONS -> list(exercise.cautions().stream().map(CardWords::caution).toList());
        };
    }

    private static String list(List<String> texts) {
        return String.join("; ", texts);
    }

    static <T extends Enum<T> & Named> String terms(Collection<T> terms) {
        return list(terms.stream().sorted().map(Named::words).toList());
    }

    static String muscles(Map<Muscle, Double> shares) {
        return shares.entrySet().stream().map(each -> each.getKey().words() + " " + share(each.getValue()))
                .collect(Collectors.joining("; "));
    }

    private static String share(double share) {
        return share == 1 ? "1" : String.format(Locale.ROOT, "%s", share);
    }

    private static String option(Option option) {
        String exercise = option.exercise().isEmpty() ? "" : " > " + option.exercise();
        return option.name() + ": " + option.change() + exercise;
    }

    static String caution(Caution caution) {
        String instead = caution.instead().isEmpty() ? "" : " > " + caution.instead();
        return caution.limit().words() + ": " + caution.advice() + instead;
    }
}
