package app.kehre.core.exercise;

import java.util.Collection;
import java.util.List;
import java.util.Optional;
import java.util.Set;
import java.util.stream.Stream;

import app.kehre.core.dose.AsMany;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.dose.Interval;
import app.kehre.core.dose.Open;
import app.kehre.core.dose.Sides;
import app.kehre.core.footwork.Row;
import app.kehre.core.kit.Equipment;
import app.kehre.core.kit.Load;
import app.kehre.core.people.Limit;
import app.kehre.core.value.Range;

/**
 * One exercise of the library.
 *
 * @param id a short key in lower case with hyphens, the same for ever, since plans name it
 * @param names what it is called
 * @param category where it belongs
 * @param work what it does to the body
 * @param setting where and with what
 * @param dosing how much
 * @param coaching what is said and shown
 * @param adaptations what people do otherwise for whom it does not fit
 * @param footwork what the feet do, for a move of step or of floor cardio
 */
public record Exercise(String id, Names names, Category category, Work work, Setting setting, Dosing dosing,
        Coaching coaching, Adaptations adaptations, Optional<Row> footwork) {

    private static final java.util.regex.Pattern ID = java.util.regex.Pattern
            .compile("[a-z0-9]+(-[a-z0-9]+)*");

    /** The characters of a name and of an id. */
    public static final Range NAME = Range.of("the characters of an exercise's name", 1, 200);

    public Exercise {
        if (!ID.matcher(id).matches()) {
            throw new IllegalArgumentException(
                    "An exercise's id must be lower-case words joined by hyphens, not \"%s\".".formatted(id));
        }
        NAME.check(Math.max(id.length(), names.usual().length()));
        if (names.usual().isBlank() || category.roles().isEmpty()) {
            throw new IllegalArgumentException(
                    "The exercise \"%s\" must have a name and a role.".formatted(id));
        }
        List<Caution> cautions = adaptations.cautions();
        if (cautions.stream().map(Caution::limit).distinct().count() < cautions.size()) {
            throw new IllegalArgumentException(
                    "The exercise \"%s\" must have one caution for each limit.".formatted(id));
        }
    }

    /** Returns the field's usual name. */
    public String name() {
        return names.usual();
    }

    /** Returns general words that people search for. */
    public List<String> otherNames() {
        return names.others();
    }

    /** Returns the part of the library that it belongs to. */
    public Family family() {
        return category.family();
    }

    /** Returns the segments that it suits. */
    public Set<Role> roles() {
        return category.roles();
    }

    /** Returns the movement pattern. */
    public Pattern pattern() {
        return category.pattern();
    }

    /** Returns the easier option (regression). */
    public Option easier() {
        return adaptations.easier();
    }

    /** Returns the harder option (progression). */
    public Option harder() {
        return adaptations.harder();
    }

    /** Returns what to watch, and for whom. */
    public List<Caution> cautions() {
        return adaptations.cautions();
    }

    /** Equal exercises have the same id, so the id is enough to tell most others apart. */
    @Override
    public int hashCode() {
        return id.hashCode();
    }

    /** Returns whether it suits a segment of the role. */
    public boolean suits(Role role) {
        return roles().contains(role);
    }

    /** Returns the muscle groups that it is chosen for. */
    public List<Muscle> main() {
        return work.main();
    }

    /** Returns how the body is placed. */
    public Position position() {
        return setting.position();
    }

    /** Returns what must be there. */
    public Set<Equipment> equipment() {
        return setting.equipment();
    }

    /** Returns how hard the feet meet the floor. */
    public Impact impact() {
        return work.impact();
    }

    /** Returns the dose that a new item starts with. */
    public Dose usualDose() {
        return dosing.usual();
    }

    /**
     * Returns a dose that says nothing of the sides, shared between them as is usual: ten split squats are ten on each side. By the
     * clock the time is that of both together.
     */
    public Dose shared(Dose dose) {
        Sides usual = usualDose().sides();
        boolean clocked = dose instanceof Interval || dose instanceof AsMany || dose instanceof Open;
        boolean silent = dose.sides() == Sides.TOGETHER && !(clocked && usual == Sides.EACH_SIDE);
        return silent && dose.goesWith(usual) ? dose.withSides(usual) : dose;
    }

    /** Returns the load that a new item starts with. */
    public Load usualLoad() {
        return dosing.load();
    }

    /** Returns how long one rep takes when no tempo is given. */
    public RepLength rep() {
        return dosing.rep();
    }

    /** Returns whether everybody knows it, so that it is never new. */
    public boolean everyday() {
        return coaching.everyday();
    }

    /** Returns what is called out while it runs: what was written down, else what follows from its texts and muscles. */
    public CueWords cues() {
        String breathing = coaching.breathing().replaceFirst("[.]$", "");
        String see = coaching.alignment().stream().filter(CueWords::fits).findFirst().orElse("");
        String act = coaching.action().size() == 1 && CueWords.fits(coaching.action().getFirst())
                ? coaching.action().getFirst().replaceFirst("[.]$", "")
                : "";
        String feel = main().stream().limit(1).map(Muscle::words).filter(CueWords::fits).findFirst()
                .orElse("");
        return coaching.cues()
                .or(new CueWords(see, act, feel, CueWords.fits(breathing) ? breathing : ""));
    }

    /** Returns whether classes are built of it: most people have met it, and it bears a second round. */
    public boolean staple() {
        return coaching.staple();
    }

    /** Returns whether, done as usual, it works against more than nothing: no row or press of empty hands. */
    public boolean strengthens() {
        return work.worked(usualLoad()).values().stream().anyMatch(worked -> worked > Resistance.EMPTY);
    }

    /** Returns whether the body comes to rest in it: a stretch, or breathing. */
    public boolean rests() {
        return pattern() == Pattern.STRETCH || pattern() == Pattern.BREATHING
                || pattern() == Pattern.MOBILITY && suits(Role.STRETCH) && usualDose() instanceof Hold;
    }

    /** Returns whether it is danced or moved on with the music, so that the heart answers; else the muscles do. */
    public boolean rhythmic() {
        return switch (family()) {
            case WARM_UP, CARDIO, STEP, BURSTS -> true;
            case CHAIR, STEADY, FLOW -> switch (pattern()) {
                case TRAVEL, STEPPING, MOBILITY -> true;
                case SQUAT, LUNGE, HINGE, PUSH, PULL, TRUNK_FLEXION, TRUNK_EXTENSION, ROTATION, BRACE,
                        SINGLE_JOINT, BALANCE, STRETCH, BREATHING ->
                    false;
            };
            case LEGS, PUSH, PULL, ARMS, TRUNK, BACK, BALANCE, STRETCH, BREATHING -> false;
        };
    }

    /** Returns whether it carries a caution for a serious limit among some. */
    public boolean canHurt(Collection<Limit> limits) {
        return limits.stream().anyMatch(limit -> limit.serious() && cautionFor(limit).isPresent());
    }

    /** Finds what somebody with the limit has to watch. */
    public Optional<Caution> cautionFor(Limit limit) {
        return cautions().stream().filter(caution -> caution.limit() == limit).findFirst();
    }

    /** Returns what it is called: its name, then its other names. */
    public Stream<String> called() {
        return Stream.concat(Stream.of(name()), otherNames().stream());
    }

    /** Returns the ids of the exercises that it names: as its easier and harder option, and instead of itself. */
    public Stream<String> named() {
        return Stream.concat(Stream.of(easier().exercise(), harder().exercise()),
                cautions().stream().map(Caution::instead)).filter(other -> !other.isEmpty());
    }

    /** Returns the same under another id. */
    public Exercise withId(String other) {
        return new Exercise(other, names, category, work, setting, dosing, coaching, adaptations, footwork);
    }

    /** Returns the same under another name. */
    public Exercise withName(String other) {
        return with(new Names(other, names.others()));
    }

    /** Returns the same under other names. */
    public Exercise with(Names other) {
        return new Exercise(id, other, category, work, setting, dosing, coaching, adaptations, footwork);
    }

    /** Returns the same somewhere else, or with something else. */
    public Exercise with(Setting other) {
        return new Exercise(id, names, category, work, other, dosing, coaching, adaptations, footwork);
    }

    /** Returns the same with other cautions. */
    public Exercise withCautions(List<Caution> other) {
        return new Exercise(id, names, category, work, setting, dosing, coaching,
                new Adaptations(easier(), harder(), other), footwork);
    }

    /** Returns the same with other footwork. */
    public Exercise withFootwork(Row row) {
        return new Exercise(id, names, category, work, setting, dosing, coaching, adaptations,
                Optional.of(row));
    }

    /** Returns whether it needs a step. */
    public boolean onStep() {
        return equipment().contains(Equipment.STEP);
    }
}
