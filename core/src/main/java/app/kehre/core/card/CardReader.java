package app.kehre.core.card;

import java.util.ArrayList;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.function.Function;
import java.util.function.Supplier;
import java.util.regex.Matcher;
import java.util.regex.Pattern;
import java.util.stream.Stream;

import app.kehre.core.dose.Dose;
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
import app.kehre.core.value.Named;
import app.kehre.core.value.Reading;

/** Reads a card. A field that is at fault yields nothing and a sentence; all are read before anything is refused. */
final class CardReader {

    static final Pattern SHARE = Pattern.compile("(.+?)\\s+([01](?:\\.\\d{1,2})?)");
    static final Pattern NAMED = Pattern
            .compile("([^:]+):\\s*(.+?)(?:\\s*>\\s*([a-z0-9]+(?:-[a-z0-9]+)*))?");

    private static final Pattern EFFORT = Pattern.compile("\\d{1,2}(\\.\\d)?");
    /** The words of the calf in tables of the time when calf and shin were one group. */
    private static final String CALF_BEFORE = "calf and shin";

    /** So much of a text that is refused is quoted, in characters. */
    private static final int QUOTED = 80;
    /** The longest text of a card, in characters. */
    private static final int LONGEST = 2000;

    private final Card card;
    private final Function<String, Reading<Dose>> doses;
    private final Map<Field, String> problems = new EnumMap<>(Field.class);

    CardReader(Card card, Function<String, Reading<Dose>> doses) {
        this.card = card;
        this.doses = doses;
    }

    Card.Outcome read() {
        for (Field field : Field.values()) {
            legible(field, card.text(field));
            if (field.required() && card.text(field).isBlank()) {
                report(field, "must not be empty: write it like \"%s\".".formatted(field.example()));
            }
        }
        String name = card.text(Field.NAME).strip();
        List<String> others = texts(Field.OTHER_NAMES);
        Family family = term(Field.FAMILY, Family.class);
        Set<Role> roles = terms(Field.ROLES, Role.class);
        var pattern = term(Field.PATTERN, app.kehre.core.exercise.Pattern.class);
        Optional<Setting> setting = setting();
        Optional<Work> work = work(pattern, setting);
        Optional<Dosing> dosing = dosing();
        Optional<Coaching> coaching = coaching();
        Optional<Option> easier = option(Field.EASIER);
        Optional<Option> harder = option(Field.HARDER);
        List<Caution> cautions = cautions();
        Optional<Row> footwork = card.text(Field.FOOTWORK).isBlank()
                ? Optional.empty()
                : parsed(Field.FOOTWORK, RowNotation::parse);
        Optional<Exercise> exercise = problems.isEmpty()
                ? built(Field.NAME, () -> new Exercise(card.id(), new Names(name, others),
                        new Category(family, roles, pattern), work.orElseThrow(), setting.orElseThrow(),
                        dosing.orElseThrow(), coaching.orElseThrow(),
                        new Adaptations(easier.orElseThrow(), harder.orElseThrow(), cautions), footwork))
                : Optional.empty();
        return new Card.Outcome(exercise, problems);
    }

    /** A text is shown, printed and said to machines: what is no letter there is no part of it. */
    private void legible(Field field, String text) {
        if (text.length() > LONGEST) {
            report(field, "found a text of %d characters, expected at most %d.".formatted(text.length(),
                    LONGEST));
        }
        for (int i = 0; i < text.length(); i++) {
            char each = text.charAt(i);
            if (Character.isISOControl(each) && !(each == '\n' && field == Field.HOW)) {
                report(field, each == '\n'
                        ? "found a line break, expected one line."
                        : "found a control character (%04X), expected letters.".formatted((int) each));
            }
        }
    }

    private Optional<Work> work(app.kehre.core.exercise.Pattern pattern, Optional<Setting> setting) {
        Map<Muscle, Double> muscles = new LinkedHashMap<>();
        for (String each : texts(Field.MUSCLES)) {
            Matcher found = SHARE.matcher(each);
            String word = found.matches() ? found.group(1) : each;
            find(Field.MUSCLES, Muscle.class, CALF_BEFORE.equals(word) ? Muscle.CALF.words() : word)
                    .ifPresent(
                            muscle -> muscles.put(muscle,
                                    found.matches() ? Double.parseDouble(found.group(2)) : 1));
        }
        Resistance resistance = card.text(Field.RESISTANCE).isBlank()
                ? setting.map(where -> Resistance.usual(pattern, where.position(), where.equipment()))
                        .orElse(Resistance.NONE)
                : term(Field.RESISTANCE, Resistance.class);
        Set<Muscle> held = terms(Field.HELD, Muscle.class);
        Set<Joint> loads = terms(Field.LOADS, Joint.class);
        Set<Joint> prepares = terms(Field.PREPARES, Joint.class);
        Impact impact = term(Field.IMPACT, Impact.class);
        Optional<Double> effort = card.text(Field.EFFORT).isBlank()
                ? Optional.empty()
                : parsed(Field.EFFORT, CardReader::effort);
        Optional<Mets> mets = parsed(Field.METS, Mets::parse);
        return mets.flatMap(found -> built(Field.MUSCLES, () -> new Work(muscles, resistance, held, loads,
                prepares, impact, found, effort)));
    }

    private static Reading<Double> effort(String text) {
        return EFFORT.matcher(text).matches()
                ? Reading.of(Double.valueOf(text))
                : Reading.refused("found \"%s\", expected a number from 0 to 10.".formatted(text));
    }

    private Optional<Setting> setting() {
        Position position = term(Field.POSITION, Position.class);
        Set<Position> others = terms(Field.OTHER_POSITIONS, Position.class);
        Facing facing = term(Field.FACING, Facing.class);
        Set<Equipment> equipment = EnumSet.noneOf(Equipment.class);
        texts(Field.EQUIPMENT).forEach(word -> kit(Field.EQUIPMENT, word).ifPresent(equipment::add));
        Map<Equipment, String> standIns = new EnumMap<>(Equipment.class);
        named(Field.STAND_INS).forEach(found -> kit(Field.STAND_INS, found.group(1).strip())
                .ifPresent(kit -> standIns.put(kit, found.group(2))));
        if (problems.containsKey(Field.EQUIPMENT)) {
            return Optional.empty();
        }
        return built(Field.STAND_INS, () -> new Setting(position, others, facing, equipment, standIns,
                card.text(Field.WITHOUT).strip()));
    }

    private Optional<Equipment> kit(Field field, String word) {
        Optional<Equipment> kit = Equipment.find(word);
        if (kit.isEmpty()) {
            report(field, "\"%s\" is no kind of equipment; expected one of: %s.".formatted(word,
                    String.join(", ", Stream.of(Equipment.values()).map(Equipment::key).toList())));
        }
        return kit;
    }

    private Optional<Dosing> dosing() {
        Optional<Dose> usual = parsed(Field.DOSE, doses);
        Optional<Dose> least = card.text(Field.LEAST).isBlank()
                ? usual
                : parsed(Field.LEAST, doses);
        Optional<Dose> most = card.text(Field.MOST).isBlank()
                ? usual
                : parsed(Field.MOST, doses);
        Optional<Load> load = card.text(Field.LOAD).isBlank()
                ? Optional.of(Load.NONE)
                : parsed(Field.LOAD, LoadNotation::parse);
        Optional<RepLength> rep = card.text(Field.REP).isBlank()
                ? Optional.of(RepLength.USUAL)
                : parsed(Field.REP, RepLength::parse);
        return Stream.of(usual, least, most, load, rep).allMatch(Optional::isPresent)
                ? Optional.of(new Dosing(usual.get(), least.get(), most.get(), load.get(), rep.get()))
                : Optional.empty();
    }

    private Optional<Coaching> coaching() {
        return built(Field.SET_UP, () -> new Coaching(card.text(Field.SET_UP).strip(),
                card.text(Field.HOW).lines().map(String::strip).filter(line -> !line.isEmpty()).toList(),
                card.text(Field.BREATHING).strip(), texts(Field.ALIGNMENT), card.text(Field.FAULT).strip(),
                yes(Field.EVERYDAY), yes(Field.STAPLE),
                parsed(Field.CUES, CueNotation::parse).orElse(CueWords.NONE)));
    }

    private Optional<Option> option(Field field) {
        Matcher found = NAMED.matcher(card.text(field).strip());
        if (!found.matches()) {
            report(field, "found \"%s\", expected a name and what changes: \"%s\"."
                    .formatted(cut(card.text(field).strip()), field.example()));
            return Optional.empty();
        }
        return built(field, () -> new Option(found.group(1).strip(), found.group(2), rest(found)));
    }

    private List<Caution> cautions() {
        List<Caution> cautions = new ArrayList<>();
        named(Field.CAUTIONS).forEach(found -> find(Field.CAUTIONS, Limit.class, found.group(1))
                .ifPresent(limit -> cautions.add(new Caution(limit, found.group(2), rest(found)))));
        return cautions;
    }

    private boolean yes(Field field) {
        String text = card.text(field).strip();
        if (!text.isEmpty() && !text.equals("yes") && !text.equals("no")) {
            report(field, "found \"%s\", expected yes or no.".formatted(cut(text)));
        }
        return text.equals("yes");
    }

    private static String rest(Matcher found) {
        return found.group(3) == null ? "" : found.group(3);
    }

    private List<Matcher> named(Field field) {
        List<Matcher> all = new ArrayList<>();
        for (String each : texts(field)) {
            Matcher found = NAMED.matcher(each);
            if (found.matches()) {
                all.add(found);
            } else {
                report(field, "found \"%s\", expected \"%s\".".formatted(cut(each), field.example()));
            }
        }
        return all;
    }

    private List<String> texts(Field field) {
        String text = card.text(field);
        return text.isEmpty()
                ? List.of()
                : Stream.of(text.split(";")).map(String::strip).filter(each -> !each.isEmpty()).toList();
    }

    private <T extends Enum<T> & Named> Set<T> terms(Field field, Class<T> list) {
        Set<T> terms = EnumSet.noneOf(list);
        texts(field).forEach(word -> find(field, list, word).ifPresent(terms::add));
        return terms;
    }

    private <T extends Enum<T> & Named> T term(Field field, Class<T> list) {
        return find(field, list, card.text(field)).orElse(list.getEnumConstants()[0]);
    }

    private <T extends Enum<T> & Named> Optional<T> find(Field field, Class<T> list, String word) {
        Optional<T> term = Named.find(list, word);
        if (term.isEmpty()) {
            report(field, "found \"%s\", expected one of: %s.".formatted(cut(word.strip()), Named.all(list)));
        }
        return term;
    }

    private <T> Optional<T> parsed(Field field, Function<String, Reading<T>> notation) {
        Reading<T> reading = notation.apply(card.text(field));
        if (!reading.problem().isEmpty()) {
            report(field, reading.problem());
        }
        return reading.value();
    }

    private <T> Optional<T> built(Field field, Supplier<T> value) {
        try {
            return Optional.of(value.get());
        } catch (IllegalArgumentException refusal) {
            report(field, String.valueOf(refusal.getMessage()));
            return Optional.empty();
        }
    }

    private static String cut(String text) {
        return text.length() <= QUOTED ? text : text.substring(0, QUOTED) + "...";
    }

    private void report(Field field, String sentence) {
        problems.putIfAbsent(field, sentence);
    }
}
