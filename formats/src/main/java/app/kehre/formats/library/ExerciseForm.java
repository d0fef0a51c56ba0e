package app.kehre.formats.library;

import java.time.Duration;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Adaptations;
import app.kehre.core.exercise.Category;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Coaching;
import app.kehre.core.exercise.CueWords;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Mets;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Names;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.RepLength;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.exercise.Work;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowNotation;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.formats.json.Form;
import app.kehre.formats.json.Notation;

/** The fields of an exercise, each said once for reading and for writing. */
final class ExerciseForm {

    private static final Notation<Dose> DOSE = new Notation<>(DoseNotation::print, DoseNotation::parse);
    private static final Notation<Load> LOAD = new Notation<>(LoadNotation::print, LoadNotation::parse);
    private static final Notation<Row> ROW = new Notation<>(RowNotation::print, RowNotation::parse);
    private static final Notation<Mets> METS = new Notation<>(Mets::stored, Mets::parse);
    private static final Notation<RepLength> REP = new Notation<>(RepLength::notation, RepLength::parse);

    private static final Dose STAND_IN = Hold.of(Duration.ofSeconds(1));
    private static final Row STANDING = Row.of("-");
    private static final Option NO_OPTION = new Option("?", "?");

    private ExerciseForm() {}

    /** Lays out an exercise that names its family. */
    static Optional<Exercise> of(Form<Exercise> form) {
        return of(form, form.term("family", Family.class, Exercise::family));
    }

    /** Lays out an exercise of a family. */
    static Optional<Exercise> of(Form<Exercise> form, Family family) {
        String id = form.text("id", Exercise::id);
        Names names = new Names(form.text("name", Exercise::name),
                form.texts("otherNames", Exercise::otherNames));
        List<Role> roles = form.terms("roles", Role.class, Exercise::roles);
        Pattern pattern = form.term("pattern", Pattern.class, Exercise::pattern);
        Optional<Setting> setting = setting(form.part(Exercise::setting));
        Optional<Work> work = work(form.part(Exercise::work), pattern, setting);
        Optional<Row> footwork = form.parsedIfAny("footwork", ROW, STANDING, Exercise::footwork);
        Dosing dosing = dosing(form.part(Exercise::dosing), footwork);
        Optional<Coaching> coaching = coaching(form.part(Exercise::coaching));
        Adaptations adaptations = adaptations(form.part(Exercise::adaptations));
        return !form.clean()
                ? Optional.empty()
                : form.built("id",
                        () -> new Exercise(id, names, new Category(family, Set.copyOf(roles), pattern),
                                work.orElseThrow(), setting.orElseThrow(), dosing, coaching.orElseThrow(),
                                adaptations,
                                footwork));
    }

    private static Adaptations adaptations(Form<Adaptations> form) {
        Option easier = form.object("easier", Adaptations::easier, ExerciseForm::option).orElse(NO_OPTION);
        Option harder = form.object("harder", Adaptations::harder, ExerciseForm::option).orElse(NO_OPTION);
        Map<Limit, Caution> cautions = form.objects("cautions", Notation.keys(Limit.class),
                ExerciseForm::cautions,
                ExerciseForm::caution);
        return new Adaptations(easier, harder, List.copyOf(cautions.values()));
    }

    private static Optional<Work> work(Form<Work> form, Pattern pattern, Optional<Setting> setting) {
        Map<Muscle, Double> muscles = form.numbers("muscles", Notation.keys(Muscle.class), Work::muscles);
        Resistance resistance = form
                .termIfAny("resistance", Resistance.class, work -> Optional.of(work.resistance()))
                .or(() -> setting
                        .map(where -> Resistance.usual(pattern, where.position(), where.equipment())))
                .orElse(Resistance.NONE);
        List<Muscle> held = form.termsIfAny("held", Muscle.class, Work::held);
        List<Joint> loads = form.terms("loads", Joint.class, Work::loads);
        List<Joint> prepares = form.terms("prepares", Joint.class, Work::prepares);
        Impact impact = form.term("impact", Impact.class, Work::impact);
        Mets mets = form.parsed("mets", METS, Mets.estimate(Mets.LEAST), Work::mets);
        Optional<Double> effort = form.number("effort", Work::effort);
        return form.built("muscles", () -> new Work(muscles, resistance, Set.copyOf(held),
                Set.copyOf(loads), Set.copyOf(prepares), impact, mets, effort));
    }

    private static Optional<Setting> setting(Form<Setting> form) {
        Position position = form.term("position", Position.class, Setting::position);
        List<Position> others = form.termsIfAny("otherPositions", Position.class, Setting::others);
        Facing facing = form.term("facing", Facing.class, Setting::facing);
        List<Equipment> equipment = form.terms("equipment", Equipment.class, Setting::equipment);
        Map<Equipment, String> standIns = form.texts("standIns", Notation.keys(Equipment.class),
                Setting::standIns);
        String without = form.textIfAny("without", Setting::without);
        return form.built("standIns", () -> new Setting(position, Set.copyOf(others), facing,
                Set.copyOf(equipment), standIns, without));
    }

    private static Dosing dosing(Form<Dosing> form, Optional<Row> footwork) {
        Dose usual = form.parsed("dose", DOSE, STAND_IN, Dosing::usual);
        Dose least = form.parsedIfAny("leastDose", DOSE, STAND_IN, each -> Optional.of(each.least()))
                .orElse(usual);
        Dose most = form.parsedIfAny("mostDose", DOSE, STAND_IN, each -> Optional.of(each.most()))
                .orElse(usual);
        Load load = form.parsed("load", LOAD, Load.NONE, Dosing::load);
        RepLength rep = form
                .parsedIfAny("rep", REP, RepLength.USUAL, each -> Optional.of(each.rep()))
                .orElseGet(() -> usualRep(footwork));
        return new Dosing(usual, least, most, load, rep);
    }

    /** A move of the feet takes the counts that it has. */
    private static RepLength usualRep(Optional<Row> footwork) {
        return footwork.map(row -> (long) row.counts())
                .filter(counts -> RepLength.COUNTS.problem(counts).isEmpty())
                .<RepLength>map(counts -> new RepLength.OfCounts(counts.intValue())).orElse(RepLength.USUAL);
    }

    private static Optional<Coaching> coaching(Form<Coaching> form) {
        String setUp = form.text("setUp", Coaching::setUp);
        List<String> action = form.texts("how", Coaching::action);
        String breathing = form.text("breathing", Coaching::breathing);
        List<String> alignment = form.texts("alignment", Coaching::alignment);
        String fault = form.textIfAny("fault", Coaching::fault);
        boolean everyday = form.flag("everyday", Coaching::everyday);
        boolean staple = form.flag("staple", Coaching::staple);
        Optional<CueWords> cues = form.objectIfAny("say",
                each -> Optional.of(each.cues()).filter(found -> !found.isEmpty()), ExerciseForm::cues);
        return form.built("how", () -> new Coaching(setUp, action, breathing, alignment, fault, everyday,
                staple, cues.orElse(CueWords.NONE)));
    }

    private static Optional<CueWords> cues(Form<CueWords> form) {
        String see = form.textIfAny("see", CueWords::see);
        String act = form.textIfAny("do", CueWords::act);
        String feel = form.textIfAny("feel", CueWords::feel);
        String breathe = form.textIfAny("breathe", CueWords::breathe);
        return form.built("see", () -> new CueWords(see, act, feel, breathe));
    }

    private static Optional<Option> option(Form<Option> form) {
        String name = form.text("name", Option::name);
        String change = form.text("change", Option::change);
        String exercise = form.textIfAny("exercise", Option::exercise);
        return form.built("name", () -> new Option(name, change, exercise));
    }

    private static Map<Limit, Caution> cautions(Adaptations adaptations) {
        Map<Limit, Caution> cautions = new LinkedHashMap<>();
        adaptations.cautions().forEach(each -> cautions.put(each.limit(), each));
        return cautions;
    }

    /** Lays out a caution, all but its limit, which is its name among the others. */
    private static Optional<Caution> caution(Form<Caution> form, Limit limit) {
        String advice = form.text("advice", Caution::advice);
        String instead = form.textIfAny("instead", Caution::instead);
        return form.built("advice", () -> new Caution(limit, advice, instead));
    }
}
