package app.kehre.core.plan;

import java.util.ArrayList;
import java.util.Collections;
import java.util.EnumMap;
import java.util.EnumSet;
import java.util.LinkedHashMap;
import java.util.List;
import java.util.Map;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.brief.Brief;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Conditions;
import app.kehre.core.choreography.Method;
import app.kehre.core.dose.Counts;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Names;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.music.Bpm;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Lengths;

/**
 * Combinations that are built up in a segment. Its stages are derived from the build-up and the segment's tempo
 * and are never stored.
 *
 * @param id what tells it from all others of the plan
 * @param name what it is called, 1 to {@value Segment#LONGEST_NAME} characters
 * @param build the combinations, the method, the time, the instructor's own changes
 * @param load with what: the step and its risers
 * @param note the instructor's own words
 * @param instead what people with a limit do meanwhile
 */
public record BuildUp(EntryId id, String name, Build build, Load load, String note,
        Map<Limit, Exercise> instead) implements Entry {

    /** The id of the holding pattern of a new build-up. */
    public static final String USUAL_HOLD = "march";

    public BuildUp {
        if (name.isBlank() || name.length() > Segment.LONGEST_NAME) {
            throw new IllegalArgumentException("A build-up's name must have from 1 to %d characters, not %d."
                    .formatted(Segment.LONGEST_NAME, name.length()));
        }
        Notes.check(note);
        Map<Limit, Exercise> others = new EnumMap<>(Limit.class);
        others.putAll(instead);
        instead = Collections.unmodifiableMap(others);
    }

    /** Returns a new build-up with one combination that has no moves yet. */
    public static BuildUp of(EntryId id, Exercise hold) {
        return new BuildUp(id, "Combination",
                Build.of(List.of(Combination.of("Combination A")), Method.ADD_ON, hold),
                Load.NONE,
                "", Map.of());
    }

    /** Returns what the combinations are danced to, on and by whom. */
    public Conditions conditions(Bpm bpm, Brief brief) {
        return Conditions.of(bpm, load, brief.group()).withRunsOn(build.ways().runsOn());
    }

    /** Returns all moves, each once, the holding pattern last. */
    @Override
    public List<Exercise> exercises() {
        Map<String, Exercise> moves = new LinkedHashMap<>();
        Stream.concat(build.combinations().stream().flatMap(each -> each.moves().stream())
                .flatMap(part -> Stream.concat(Stream.of(part.move()), part.plain().stream())),
                Stream.of(build.hold()))
                .forEach(move -> moves.putIfAbsent(move.id(), move));
        return List.copyOf(moves.values());
    }

    @Override
    public Optional<Item> whole() {
        return Optional.of(asItem());
    }

    @Override
    public Set<Equipment> kit() {
        return asItem().kit();
    }

    /**
     * Returns an item that needs the same kit and carries the cautions of all its moves, for what is asked of a
     * line as a whole.
     */
    public Item asItem() {
        Set<Equipment> kit = EnumSet.noneOf(Equipment.class);
        Map<Limit, Caution> cautions = new EnumMap<>(Limit.class);
        exercises().forEach(move -> {
            kit.addAll(move.equipment());
            move.cautions().forEach(caution -> cautions.putIfAbsent(caution.limit(), caution));
        });
        Exercise first = exercises().getFirst();
        Setting setting = new Setting(first.position(), Set.of(), first.setting().facing(), kit, Map.of(),
                "");
        Exercise all = first.with(new Names(name, List.of())).with(setting)
                .withCautions(List.copyOf(cautions.values()));
        return new Item(id, all, Counts.ofEights(1), load, Optional.empty(), note,
                Delivery.USUAL.withKnown(known()), Map.of(),
                instead);
    }

    /** Returns whether the group knows all combinations. */
    public boolean known() {
        return build.combinations().stream().allMatch(Combination::known);
    }

    /** Returns "add-on, 10 min, 2 combinations". */
    public String words() {
        int count = build.combinations().size();
        String wish = build.wish().map(time -> Lengths.notation(time) + ", ").orElse("");
        return "%s, %s%s".formatted(build.method().words(), wish,
                count == 1 ? build.combinations().getFirst().name() : count + " combinations");
    }

    /** Returns it with another way of building up. */
    public BuildUp with(Build other) {
        return new BuildUp(id, name, other, load, note, instead);
    }

    /** Returns it under another name. */
    @Override
    public BuildUp withName(String other) {
        return new BuildUp(id, other, build, load, note, instead);
    }

    /** Returns it with another load. */
    public BuildUp withLoad(Load other) {
        return new BuildUp(id, name, build, other, note, instead);
    }

    /** Returns it with something else to do for people with a limit. */
    @Override
    public BuildUp withInstead(Limit limit, Exercise other) {
        Map<Limit, Exercise> others = new EnumMap<>(Limit.class);
        others.putAll(instead);
        others.put(limit, other);
        return new BuildUp(id, name, build, load, note, others);
    }

    /** Returns it with an exercise as it is now, wherever it uses that of its id; without footwork it stays. */
    public BuildUp refreshed(Exercise changed) {
        if (changed.footwork().isEmpty()) {
            return this;
        }
        List<Combination> others = new ArrayList<>();
        for (Combination each : build.combinations()) {
            others.add(each.withParts(each.moves().stream().map(part -> part.refreshed(changed)).toList()));
        }
        Exercise hold = build.hold().id().equals(changed.id()) ? changed : build.hold();
        return with(build.withCombinations(others).withHold(hold));
    }

    /** Returns whether a segment may hold a build-up and has none. */
    public static boolean isFree(Segment segment) {
        return (segment.role() == Role.AEROBIC || segment.role() == Role.WARM_UP)
                && segment.entries().stream().noneMatch(BuildUp.class::isInstance);
    }

    /** Finds what is wrong with being the only one of its segment. */
    static Optional<String> problem(List<Entry> entries) {
        return entries.stream().filter(BuildUp.class::isInstance).count() > 1
                ? Optional
                        .of("A segment holds one build-up; its combinations are taught one after the other.")
                : Optional.empty();
    }

    @Override
    public BuildUp withId(EntryId other) {
        return new BuildUp(other, name, build, load, note, instead);
    }

    @Override
    public BuildUp withNote(String other) {
        return new BuildUp(id, name, build, load, other, instead);
    }
}
