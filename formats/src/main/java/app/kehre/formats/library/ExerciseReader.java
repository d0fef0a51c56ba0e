package app.kehre.formats.library;

import java.time.Duration;
import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;

import app.kehre.core.dose.Dose;
import app.kehre.core.dose.DoseNotation;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Coaching;
import app.kehre.core.exercise.Dosing;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Facing;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Mets;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.RepLength;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.exercise.Work;
import app.kehre.core.footwork.Row;
import app.kehre.core.footwork.RowNotation;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.kit.LoadNotation;
import app.kehre.core.people.Limit;
import app.kehre.formats.json.Fields;

/** Reads one exercise. */
final class ExerciseReader {

    private static final Dose STAND_IN = Hold.of(Duration.ofSeconds(1));
    private static final Row STANDING = Row.of("-");
    private static final Option NO_OPTION = new Option("?", "?");

    private final Fields fields;

    ExerciseReader(Fields fields) {
        this.fields = fields;
    }

    /** Reads the exercise of a family; nothing when it is faulty, with its faults collected in the fields. */
    Optional<Exercise> read(Family family) {
        int before = fields.faults();
        String id = fields.text("id");
        String name = fields.text("name");
        List<String> otherNames = fields.texts("otherNames");
        Set<Role> roles = EnumSet.noneOf(Role.class);
        roles.addAll(fields.terms("roles", Role.class));
        Pattern pattern = fields.term("pattern", Pattern.class);
        Optional<Work> work = work();
        Optional<Setting> setting = setting();
        Optional<Row> footwork = fields.has("footwork")
                ? Optional.of(fields.parsed("footwork", RowNotation::parse, STANDING))
                : Optional.empty();
        Dosing dosing = dosing(footwork);
        Optional<Coaching> coaching = coaching();
        Option easier = option("easier");
        Option harder = option("harder");
        List<Caution> cautions = cautions();
        if (fields.faults() > before) {
            return Optional.empty();
        }
        return fields.built("id", () -> new Exercise(id, family, name, otherNames, roles, pattern,
                work.orElseThrow(), setting.orElseThrow(), dosing, coaching.orElseThrow(), easier, harder,
                cautions, footwork));
    }

    private Optional<Work> work() {
        Map<Muscle, Double> muscles = new LinkedHashMap<>();
        fields.numbersByName("muscles").forEach((word, share) -> fields.find(Muscle.class, "muscles", word)
                .ifPresent(muscle -> muscles.put(muscle, share)));
        List<Joint> loads = fields.terms("loads", Joint.class);
        List<Joint> prepares = fields.terms("prepares", Joint.class);
        Impact impact = fields.term("impact", Impact.class);
        Mets mets = fields.parsed("mets", Mets::parse, Mets.estimate(Mets.LEAST));
        return fields.built("muscles",
                () -> new Work(muscles, Set.copyOf(loads), Set.copyOf(prepares), impact, mets));
    }

    private Optional<Setting> setting() {
        Position position = fields.term("position", Position.class);
        List<Position> others = fields.terms("otherPositions", Position.class);
        Facing facing = fields.term("facing", Facing.class);
        Set<Equipment> equipment = EnumSet.noneOf(Equipment.class);
        fields.texts("equipment").forEach(word -> kit("equipment", word).ifPresent(equipment::add));
        Map<Equipment, String> standIns = new EnumMap<>(Equipment.class);
        fields.textsByName("standIns").forEach(
                (word, standIn) -> kit("standIns", word).ifPresent(kit -> standIns.put(kit, standIn)));
        String without = fields.text("without", "");
        return fields.built("standIns",
                () -> new Setting(position, Set.copyOf(others), facing, equipment, standIns, without));
    }

    private Optional<Equipment> kit(String field, String word) {
        Optional<Equipment> kit = Equipment.find(word);
        if (kit.isEmpty()) {
            fields.report(field, "\"%s\" is no kind of equipment.".formatted(word));
        }
        return kit;
    }

    private Dosing dosing(Optional<Row> footwork) {
        Dose usual = fields.parsed("dose", DoseNotation::parse, STAND_IN);
        Dose least = fields.has("leastDose")
                ? fields.parsed("leastDose", DoseNotation::parse, STAND_IN)
                : usual;
        Dose most = fields.has("mostDose") ? fields.parsed("mostDose", DoseNotation::parse, STAND_IN) : usual;
        RepLength rep = fields.has("rep")
                ? fields.parsed("rep", RepLength::parse, RepLength.USUAL)
                : usualRep(footwork);
        return new Dosing(usual, least, most, fields.parsed("load", LoadNotation::parse, Load.NONE), rep);
    }

    /** A move of the feet takes the counts that it has. */
    private static RepLength usualRep(Optional<Row> footwork) {
        return footwork.map(row -> (long) row.counts())
                .filter(counts -> RepLength.COUNTS.problem(counts).isEmpty())
                .<RepLength>map(counts -> new RepLength.OfCounts(counts.intValue())).orElse(RepLength.USUAL);
    }

    private Optional<Coaching> coaching() {
        String setUp = fields.text("setUp");
        List<String> action = fields.texts("how");
        String breathing = fields.text("breathing");
        List<String> alignment = fields.texts("alignment");
        String fault = fields.text("fault", "");
        boolean everyday = fields.flag("everyday");
        return fields.built("how", () -> new Coaching(setUp, action, breathing, alignment, fault, everyday));
    }

    private Option option(String name) {
        return fields.object(name).flatMap(inner -> {
            String called = inner.text("name");
            String change = inner.text("change");
            String exercise = inner.text("exercise", "");
            return inner.built("name", () -> new Option(called, change, exercise));
        }).orElse(NO_OPTION);
    }

    private List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        fields.objectsByName("cautions").forEach((word, inner) -> {
            Optional<Limit> limit = fields.find(Limit.class, "cautions", word);
            String advice = inner.text("advice");
            String instead = inner.text("instead", "");
            limit.flatMap(known -> inner.built("advice", () -> new Caution(known, advice, instead)))
                    .ifPresent(cautions::add);
        });
        return cautions;
    }
}
