package app.kehre.formats.library;

import java.util.Collection;
import java.util.Collections;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Locale;
import java.util.Map;
import java.util.Set;
import java.util.function.Predicate;
import java.util.stream.Collectors;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.CsvSource;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.advice.SourceKind;
import app.kehre.core.dose.Counts;
import app.kehre.core.dose.Dose;
import app.kehre.core.dose.Hold;
import app.kehre.core.exercise.Caution;
import app.kehre.core.exercise.CueWords;
import app.kehre.core.exercise.Exercise;
import app.kehre.core.exercise.Family;
import app.kehre.core.exercise.Impact;
import app.kehre.core.exercise.Joint;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Option;
import app.kehre.core.exercise.Pattern;
import app.kehre.core.exercise.Position;
import app.kehre.core.exercise.Resistance;
import app.kehre.core.exercise.Role;
import app.kehre.core.exercise.Setting;
import app.kehre.core.footwork.RowFacts;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Limit;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Named;

import static org.assertj.core.api.Assertions.assertThat;

/** What an instructor would find silly: none of it may be in the library that ships. */
class LibrarySenseTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final Set<Pattern> NOT_LOADING = EnumSet.of(Pattern.MOBILITY, Pattern.STRETCH,
            Pattern.BREATHING);

    /** Who cannot stand on one leg stretches the buttocks sitting: there is no standing way with both feet down. */
    private static final Set<String> ONLY_ON_A_CHAIR = Set.of("buttock-stretch-standing");
    private static final Set<Muscle> ON_ONE_LEG = EnumSet.of(Muscle.BUTTOCKS, Muscle.OUTER_HIP,
            Muscle.HIP_FLEXORS, Muscle.BACK_THIGH);

    private static final java.util.regex.Pattern WALKS = java.util.regex.Pattern
            .compile("(?i)(three|four) steps (to the side|forward|back)|walk (three|four)");

    @ParameterizedTest
    @MethodSource("entries")
    void everyExerciseSaysWhatIsSeenDoneFeltAndBreathed(Exercise exercise) {
        CueWords cues = exercise.coaching().cues();

        assertThat(List.of(cues.see(), cues.act(), cues.feel(), cues.breathe())).doesNotContain("")
                .allMatch(cue -> Character.isUpperCase(cue.charAt(0)) && !cue.endsWith("."));
    }

    static Stream<Exercise> entries() {
        return LIBRARY.all().stream();
    }

    private static long count(Predicate<Exercise> wanted) {
        return entries().filter(wanted).count();
    }

    @ParameterizedTest
    @CsvSource({"warm-up and mobility,30", "low-impact and high-low cardio,40", "step,30",
            "timed cardio bursts,16", "legs and hips,40", "push,18", "pull and upper back,18",
            "arms and shoulders,18", "trunk,32", "back extension and all-fours,14", "balance,8",
            "stretches,40", "breathing and relaxing,6", "chair,24", "stepping and steadiness,12",
            "held and flowing positions,16"})
    void everyFamilyIsLargeEnough(String family, int least) {
        assertThat(count(each -> each.family().words().equals(family))).isGreaterThanOrEqualTo(least);
        assertThat(LIBRARY.all()).hasSizeGreaterThanOrEqualTo(440);
    }

    @Test
    void everyMuscleGroupCanBeLoadedAndReleasedAndEveryJointPrepared() {
        for (Muscle muscle : Muscle.values()) {
            assertThat(count(each -> !NOT_LOADING.contains(each.pattern())
                    && (each.suits(Role.TONING) || each.suits(Role.CORE))
                    && each.work().share(muscle) >= 0.5))
                    .as(muscle.words()).isGreaterThanOrEqualTo(6);
            assertThat(count(each -> each.pattern() == Pattern.STRETCH && each.work().share(muscle) > 0))
                    .as(muscle.words()).isGreaterThanOrEqualTo(3);
        }
        for (Joint joint : Joint.values()) {
            assertThat(count(each -> each.suits(Role.WARM_UP) && each.work().prepares().contains(joint)))
                    .as(joint.words()).isGreaterThanOrEqualTo(3);
        }
    }

    @Test
    void stretchesAreThereInEveryPosition() {
        for (Position position : List.of(Position.STANDING, Position.KNEELING, Position.SEATED,
                Position.SUPINE)) {
            assertThat(count(each -> each.family() == Family.STRETCH && each.position() == position))
                    .as(position.words()).isGreaterThanOrEqualTo(3);
        }
    }

    @ParameterizedTest
    @MethodSource("entries")
    void everyCautionLeadsToARealSubstitute(Exercise exercise) {
        for (Caution caution : exercise.cautions()) {
            Exercise instead = LIBRARY.find(caution.instead()).orElseThrow();
            assertThat(instead.cautionFor(caution.limit())).as(caution.toString()).isEmpty();
            assertThat(Collections.disjoint(instead.roles(), exercise.roles())).as(caution.toString())
                    .isFalse();
            assertThat(exercise.work().muscles().isEmpty()
                    || shares(instead, exercise.work().muscles().keySet())).as(caution.toString()).isTrue();
        }
    }

    /** Nobody is sent to the floor, up from it or to a chair that is not there; hard floor work for the pulse may be done up. */
    @ParameterizedTest
    @MethodSource("entries")
    void whoStaysAtTheSameLevelIsNotSentElsewhere(Exercise exercise) {
        for (Caution caution : exercise.cautions()) {
            Exercise instead = LIBRARY.find(caution.instead()).orElseThrow();
            boolean pulse = exercise.suits(Role.AEROBIC) && place(exercise.position()) == Place.FLOOR;
            boolean same = instead.setting().positions().stream()
                    .anyMatch(position -> place(position) == place(exercise.position()));
            assertThat(same || pulse || ONLY_ON_A_CHAIR.contains(exercise.id())).as(caution.toString())
                    .isTrue();
            assertThat(instead.impact()).as(caution.toString()).isNotEqualTo(Impact.HIGH);
        }
    }

    private enum Place {
        STANDING, CHAIR, FLOOR
    }

    private static Place place(Position position) {
        return position == Position.SEATED_CHAIR
                ? Place.CHAIR
                : position.level() == Position.Level.FLOOR ? Place.FLOOR : Place.STANDING;
    }

    @Test
    void marchingIsNoWasteBin() {
        Map<String, Long> times = entries().flatMap(each -> each.cautions().stream()).map(Caution::instead)
                .collect(Collectors.groupingBy(id -> id, Collectors.counting()));

        assertThat(times.getOrDefault("standing-brace", 0L)).isLessThan(10);
        assertThat(entries().filter(each -> each.suits(Role.TONING) && !each.suits(Role.AEROBIC))
                .flatMap(each -> each.cautions().stream()).map(Caution::instead))
                .doesNotContain("march", "fast-march");
    }

    @ParameterizedTest
    @MethodSource("entries")
    void noEmptyHandIsStrengthAndEveryToningExerciseSaysHowHardItFeels(Exercise each) {
        Map<Muscle, Double> worked = each.work().worked(each.usualLoad());
        if (each.work().resistance() == Resistance.NONE) {
            assertThat(worked.values()).allMatch(share -> share <= 0.3);
        }
        if (each.pattern() == Pattern.PULL && each.equipment().isEmpty()
                && each.position() == Position.STANDING) {
            assertThat(worked.getOrDefault(Muscle.LATS, 0.0)).isLessThanOrEqualTo(0.3);
        }
        assertThat(each.rhythmic() || each.rests() || each.work().effort().isPresent()).isTrue();
    }

    /** What an instructor calls out, not what shares most muscles. */
    @ParameterizedTest
    @CsvSource({"high-run,knee,fast-march", "drop-plank-jump,wrist,squat-rise",
            "climber-run,knee,wall-climber",
            "skater-leap,knee,step-touch", "squat,knee,hip-hinge", "push-up,pregnancy,box-push-up",
            "side-plank,low-back,side-plank-knees", "sit-to-stand,knee,chair-half-stand",
            "knee-drop,low-back,pelvic-tilt-lying", "wall-plank,shoulder,standing-brace"})
    void theObviousThingIsDoneInstead(String id, String limit, String instead) {
        assertThat(LIBRARY.find(id).orElseThrow().cautionFor(Named.ofKey(Limit.class, limit).orElseThrow()))
                .map(Caution::instead).contains(instead);
    }

    @Test
    void planksAndPushUpsFeelHarderThanBridges() {
        assertThat(effort("forearm-plank")).isBetween(5.0, 7.0);
        assertThat(effort("push-up")).isBetween(5.0, 7.0);
        assertThat(effort("hip-lift")).isBetween(3.0, 4.0);
        assertThat(effort("opposite-arm-leg")).isBetween(3.0, 4.0);
    }

    private static double effort(String id) {
        return LIBRARY.find(id).orElseThrow().work().effort().orElseThrow();
    }

    @ParameterizedTest
    @MethodSource("entries")
    void whatNeedsKitHasATwinWithout(Exercise exercise) {
        if (exercise.setting().boundToKit()) {
            Exercise without = LIBRARY.find(exercise.setting().without()).orElseThrow();
            assertThat(without.setting().boundToKit()).isFalse();
            assertThat(exercise.work().muscles().isEmpty()
                    || shares(without, exercise.work().muscles().keySet())).isTrue();
        } else {
            assertThat(exercise.setting().without()).isEmpty();
        }
        assertThat(exercise.position() != Position.ON_STEP || exercise.equipment().contains(Equipment.STEP))
                .isTrue();
        exercise.equipment().forEach(kit -> assertThat(exercise.setting().standIn(kit)).isNotBlank());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void everyEntryIsWhole(Exercise each) {
        assertThat(each.coaching().lines()).hasSize(2).allMatch(line -> line.endsWith("."));
        assertThat(each.coaching().breathing()).endsWith(".");
        assertThat(each.coaching().fault()).contains(":").endsWith(".");
        assertThat(each.coaching().alignment()).isNotEmpty();
        assertThat(each.otherNames()).isNotEmpty();
        assertThat(each.work().mets().kind()).isEqualTo(SourceKind.ESTIMATE);
        assertThat(each.work().mets().source()).matches("after \\d{5}");
        double sum = each.work().muscles().values().stream().mapToDouble(share -> share).sum();
        assertThat(sum).isBetween(each.pattern() == Pattern.BREATHING ? 0 : 0.4, 3.6);
        assertThat(each.main()).hasSizeLessThanOrEqualTo(3);
    }

    @ParameterizedTest
    @MethodSource("entries")
    void theOptionsDifferFromTheBaseAndFromEachOther(Exercise each) {
        assertThat(each.easier().name()).isNotEqualToIgnoringCase(each.harder().name());
        for (Option option : List.of(each.easier(), each.harder())) {
            assertThat(option.name()).isNotEqualToIgnoringCase(each.name());
            assertThat(option.exercise()).isNotEqualTo(each.id());
            assertThat(option.exercise().isEmpty() || LIBRARY.find(option.exercise()).isPresent()).isTrue();
        }
        assertThat(each.easier().change()).isNotEqualTo(each.harder().change());
    }

    @ParameterizedTest
    @MethodSource("entries")
    void theDosesAreOfOneKindAndRise(Exercise each) {
        double least = seconds(each, each.dosing().least());
        double usual = seconds(each, each.dosing().usual());
        double most = seconds(each, each.dosing().most());

        assertThat(least).isLessThan(usual);
        assertThat(usual).isLessThan(most);
        assertThat(each.dosing().least().sides()).isEqualTo(each.usualDose().sides())
                .isEqualTo(each.dosing().most().sides());
        if (each.family() == Family.CARDIO || each.family() == Family.STEP) {
            assertThat(each.usualDose()).isInstanceOf(Counts.class);
        }
        if (each.pattern() == Pattern.STRETCH) {
            assertThat(each.usualDose()).isInstanceOf(Hold.class);
        }
    }

    private static double seconds(Exercise each, Dose dose) {
        return Timeline.of(Plans.one(each, app.kehre.core.dose.DoseNotation.print(dose))).fit().length()
                .toMillis() / 1000.0;
    }

    @ParameterizedTest
    @MethodSource("entries")
    void whoWalksThreeStepsOrMoreComesAsFarInItsRowOfFeet(Exercise each) {
        boolean walks = WALKS.matcher(String.join(" ", each.coaching().action())).find();
        each.footwork().filter(_ -> walks).map(row -> RowFacts.of(row).floor())
                .ifPresent(floor -> assertThat(Math.max(floor.wide(), floor.deep())).as(each.name())
                        .isGreaterThanOrEqualTo(3));
    }

    @Test
    void noTwoEntriesAreTheSameThing() {
        Set<String> names = new HashSet<>();
        Set<Map.Entry<String, String>> ways = new HashSet<>();
        entries().forEach(each -> {
            assertThat(names.add(each.name().toLowerCase(Locale.ROOT))).as(each.name()).isTrue();
            assertThat(ways.add(Map.entry(each.coaching().setUp(), each.coaching().action().getFirst())))
                    .as(each.id()).isTrue();
        });
    }

    @Test
    void hopsAreNeverTheBaseOutsideOfBurstsAndThereTheyHaveALowTwin() {
        List<Exercise> high = entries().filter(each -> each.impact() == Impact.HIGH).toList();

        assertThat(high).hasSizeGreaterThanOrEqualTo(8)
                .allMatch(each -> each.family() == Family.BURSTS)
                .allMatch(each -> LIBRARY.find(each.easier().exercise()).orElseThrow()
                        .impact() != Impact.HIGH);
        assertThat(high).allSatisfy(each -> assertThat(each.cautions().stream().map(Caution::limit))
                .contains(Limit.KNEE, Limit.ANKLE_FOOT, Limit.PELVIC_FLOOR, Limit.PREGNANCY,
                        Limit.BONE_DENSITY));
    }

    @Test
    void theUsualCautionsAreWhereTheyBelong() {
        assertCaution(Limit.PREGNANCY, each -> each.position() == Position.SUPINE
                || each.position() == Position.PRONE);
        assertCaution(Limit.WRIST, each -> each.position() == Position.ALL_FOURS
                || each.work().loads().contains(Joint.WRIST));
        assertCaution(Limit.KNEE, each -> each.position() == Position.KNEELING
                || each.position() == Position.ALL_FOURS && each.pattern() != Pattern.MOBILITY
                || each.pattern() == Pattern.SQUAT && each.work().share(Muscle.FRONT_THIGH) == 1
                || each.pattern() == Pattern.LUNGE);
        assertCaution(Limit.BONE_DENSITY, each -> each.pattern() == Pattern.TRUNK_FLEXION
                || each.pattern() == Pattern.ROTATION && !each.suits(Role.WARM_UP));
        assertCaution(Limit.BALANCE, each -> each.position() == Position.STANDING
                && (each.pattern() == Pattern.SINGLE_JOINT || each.pattern() == Pattern.BALANCE)
                && each.main().stream().anyMatch(ON_ONE_LEG::contains) && !each.id().equals("weight-shift")
                && Collections.disjoint(each.equipment(), Set.of(Equipment.WALL, Equipment.CHAIR)));
        assertCaution(Limit.BLOOD_PRESSURE, each -> each.pattern() == Pattern.BRACE
                && each.usualDose() instanceof Hold);
    }

    private static void assertCaution(Limit limit, Predicate<Exercise> where) {
        assertThat(entries().filter(where).filter(each -> each.cautionFor(limit).isEmpty())
                .map(Exercise::id)).as(limit.words()).isEmpty();
    }

    private static boolean shares(Exercise exercise, Collection<Muscle> muscles) {
        return muscles.stream().anyMatch(muscle -> exercise.work().share(muscle) > 0);
    }

    @Test
    void theTermsAreInTheFilesByTheirWords() {
        assertThat(Stream.of(Family.values()).map(Named::words)).doesNotHaveDuplicates();
        assertThat(Setting.binds(Equipment.STEP)).isTrue();
        assertThat(Setting.binds(Equipment.MAT)).isFalse();
    }
}
