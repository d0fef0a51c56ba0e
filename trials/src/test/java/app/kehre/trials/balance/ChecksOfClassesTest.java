package app.kehre.trials.balance;

import java.time.Duration;
import java.util.EnumSet;
import java.util.HashSet;
import java.util.List;
import java.util.Optional;
import java.util.OptionalInt;
import java.util.Set;
import java.util.function.UnaryOperator;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.Arguments;
import org.junit.jupiter.params.provider.MethodSource;

import app.kehre.core.balance.Assessment;
import app.kehre.core.balance.Effect;
import app.kehre.core.brief.Goal;
import app.kehre.core.brief.Quality;
import app.kehre.core.brief.Room;
import app.kehre.core.brief.School;
import app.kehre.core.brief.Start;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.Combination;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.edit.Addables;
import app.kehre.core.exercise.Muscle;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.CheckKey;
import app.kehre.core.finding.Finding;
import app.kehre.core.kit.Equipment;
import app.kehre.core.people.Group;
import app.kehre.core.people.Limit;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.EntryId;
import app.kehre.core.plan.Explaining;
import app.kehre.core.plan.Screen;
import app.kehre.core.plan.Variant;
import app.kehre.core.proposal.Way;
import app.kehre.core.stepping.Checks;
import app.kehre.trials.choreography.Moves;

import static app.kehre.core.testing.Ids.line;
import static app.kehre.trials.balance.Hall.exercise;
import static app.kehre.trials.balance.Hall.hall;
import static app.kehre.trials.balance.Hall.slot;
import static org.assertj.core.api.Assertions.assertThat;
import static org.junit.jupiter.params.provider.Arguments.arguments;

/** Each check has a class that it must flag, and a near twin that it must not. */
class ChecksOfClassesTest {

    /** In these classes one edit goes only a part of the way. */
    private static final Set<String> ONE_EDIT_IS_TOO_LITTLE = Set.of("under-slot", "changeover", "jump",
            "cool-down-high", "no-resistance");
    private static final List<Duration> SHORT_AND_FITTING = List.of(Duration.ofSeconds(60),
            Duration.ofSeconds(255));
    private static final String FOUR_OF_EACH = "march 16 eights; step-touch 16 eights; grapevine 16 eights";

    static Stream<Arguments> time() {
        return Stream.of(
                arguments("over-slot", slot(5).aerobic("march 100 eights"),
                        slot(10).aerobic("march 100 eights")),
                arguments("under-slot", slot(60).aerobic("march 100 eights"),
                        slot(7).aerobic("march 100 eights")),
                arguments("short-warm-up", hall().warmUp("march 16 eights").aerobic(FOUR_OF_EACH),
                        hall().warmUp("march 50 eights").aerobic(FOUR_OF_EACH)),
                arguments("short-cool-down", hall().aerobic(FOUR_OF_EACH).coolDown("march 16 eights"),
                        hall().aerobic(FOUR_OF_EACH).coolDown("march 30 eights")
                                .stretch("calf-stretch stretch 30 s each side")),
                arguments("no-explaining",
                        shown().toning("squat 12 reps").plans(plans -> plans
                                .delivery(delivery -> delivery.withExplaining(Explaining.NONE))),
                        shown().toning("squat 12 reps").plans(plans -> plans
                                .delivery(delivery -> delivery.withExplaining(Explaining.NONE)
                                        .withKnown(true)))),
                arguments("changeover",
                        hall().toning("squat 4 reps; push-up 4 reps; squat 4 reps; push-up 4 reps"),
                        hall().toning("squat 40 reps; squat 40 reps; push-up 40 reps; push-up 40 reps")),
                arguments("no-water", slot(30).aerobic("march 168 eights; step-touch 168 eights"),
                        slot(30).aerobic("march 128 eights; water; step-touch 128 eights")),
                arguments("stages",
                        dancing("basic-step R x8",
                                set -> set.withWish(Optional.of(SHORT_AND_FITTING.getFirst()))),
                        dancing("basic-step R x8",
                                set -> set.withWish(Optional.of(SHORT_AND_FITTING.getLast())))),
                arguments("lost-work",
                        hall().toning("push-up 20 s on; squat 20 s on; push-up 20 s on; squat 20 s on"),
                        hall().toning("push-up 20 s on; forearm-plank 20 s on; push-up 20 s on")),
                arguments("nothing-spare", slot(6).aerobic("march 93 eights"),
                        slot(7).aerobic("march 93 eights")));
    }

    static Stream<Arguments> effort() {
        return Stream.of(
                arguments("ends-on-a-peak", hall().aerobic("fast-march 180 s on"),
                        hall().aerobic("fast-march 180 s on")
                                .stretch("quiet-breathing hold 180 s")),
                arguments("jump",
                        hall().warmUp("shoulder-roll 32 eights").aerobic("high-run 180 s on"),
                        hall().warmUp("march 32 eights; knee-lift-floor 32 eights").aerobic(FOUR_OF_EACH)),
                arguments("peak-outside", hall().warmUp("jack 90 s on").aerobic("march 32 eights"),
                        hall().warmUp("march 32 eights").aerobic("jack 90 s on")),
                arguments("stop-after-peak",
                        hall().aerobic("high-run 180 s on; march 8 eights; water"),
                        hall().aerobic("high-run 180 s on; march 32 eights; water")),
                arguments("stop-after-peak",
                        hall().aerobic("high-run 180 s on; water").aerobic("march 32 eights"),
                        hall().aerobic("high-run 180 s on; water, moving")
                                .aerobic("march 32 eights")),
                arguments("target-missed", hall().aerobic("step-touch 128 eights"),
                        hall().aerobic("knee-lift-floor 96 eights")),
                arguments("toning-missed", hall().toning("good-morning 4 x 12 reps, rest 10 s"),
                        hall().toning("squat 4 x 12 reps, rest 15 s")),
                arguments("long-impact", hall().aerobic("jack 240 s on"),
                        hall().aerobic(
                                "jack 120 s on; march 8 eights; jack 120 s on")),
                arguments("cold-pause",
                        hall().aerobic("march 32 eights; water").plans(Longer::pause)
                                .aerobic("march 32 eights"),
                        hall().aerobic("march 32 eights; water").aerobic("march 32 eights")),
                arguments("cool-down-high",
                        hall().aerobic("high-run 60 s on").coolDown("jack 60 s on"),
                        hall().aerobic("high-run 60 s on").coolDown("quiet-breathing hold 240 s")));
    }

    static Stream<Arguments> areas() {
        return Stream.of(
                arguments("promised-quality",
                        hall().brief(brief -> brief.with(brief.goal().with(Quality.BALANCE, true)))
                                .toning("squat 40 reps"),
                        hall().brief(brief -> brief.with(brief.goal().with(Quality.BALANCE, true)))
                                .toning("squat 40 reps; one-leg-stand hold 30 s, each side")),
                arguments("promised-area", promise(Muscle.CHEST).toning("squat 80 reps"),
                        promise(Muscle.CHEST).toning("push-up 80 reps")),
                arguments("ratio", hall().toning("push-up 80 reps"),
                        hall().toning("push-up 80 reps; bent-row 80 reps @ 2 light weights")),
                arguments("on-end", hall().toning("squat 40 reps; wide-squat 40 reps"),
                        hall().toning("squat 40 reps; bent-row 40 reps; wide-squat 40 reps")),
                arguments("small-first", hall().toning("triceps-kickback 12 reps; push-up 12 reps"),
                        hall().toning("push-up 12 reps; triceps-kickback 12 reps")),
                arguments("standing-leg", hall().toning("standing-side-lift 60 reps, each side"),
                        hall().toning("standing-side-lift 12 reps, each side")),
                arguments("sides",
                        hall().toning("split-squat 12 reps, right side; split-squat 9 reps, left side"),
                        hall().toning("split-squat 12 reps, right side; split-squat 12 reps, left side")),
                arguments("stretch-sides", hall().stretch("calf-stretch stretch 30 s, right side"),
                        hall().stretch("calf-stretch stretch 30 s, each side")));
    }

    static Stream<Arguments> preparation() {
        return Stream.of(
                arguments("not-prepared/wrist", hall().warmUp("march 16 eights").core("high-plank hold 30 s"),
                        hall().warmUp("march 16 eights; wrist-rock 4 eights").core("high-plank hold 30 s")),
                arguments("no-preview", rehearsing().warmUp("march 16 eights").toning("squat 12 reps"),
                        rehearsing().warmUp("march 16 eights; squat 6 reps").toning("squat 12 reps")),
                arguments("hold-before-power",
                        hall().warmUp("calf-stretch stretch 70 s, each side")
                                .aerobic("jack 30 s on"),
                        hall().warmUp("calf-stretch stretch 30 s, each side")
                                .aerobic("jack 30 s on")),
                arguments("not-released/front-thigh",
                        hall().toning("squat 120 reps").stretch("calf-stretch stretch 30 s, each side"),
                        hall().toning("squat 120 reps")
                                .stretch("front-thigh-stretch stretch 30 s, each side")),
                arguments("short-hold", hall().stretch("calf-stretch stretch 12 s, each side"),
                        hall().stretch("calf-stretch stretch 20 s, each side")));
    }

    static Stream<Arguments> floorAndMusic() {
        return Stream.of(
                arguments("pattern/part", hall().aerobic("knee-up [singles 16, repeater 8, doubles 8] @step"),
                        hall().aerobic("knee-up [singles 16, repeater 16] @step")),
                arguments("pattern/legs", hall().aerobic("knee-up [singles 24, repeater 8] @step"),
                        hall().aerobic("knee-up [singles 24, repeater 8], each side @step")),
                arguments("phrase", dancing("basic-step R x2; knee-up L"), dancing(
                        "basic-step R x2; knee-up R; knee-up L; v-step R x2; repeater-knee R")),
                arguments("floor-changes",
                        hall().toning("push-up 8 reps; squat 8 reps; push-up 8 reps; squat 8 reps;"
                                + " push-up 8 reps; squat 8 reps; push-up 8 reps"),
                        hall().toning(
                                "push-up 8 reps; push-up 8 reps; squat 8 reps; squat 8 reps; push-up 8 reps")),
                arguments("kit-changes", hall().toning("bent-row 8 reps @ 2 light weights; squat 8 reps;"
                        + " bent-row 8 reps @ 2 light weights; squat 8 reps; bent-row 8 reps @ 2 light weights"),
                        hall().toning("bent-row 8 reps @ 2 light weights; squat 8 reps @ 2 light weights;"
                                + " bent-row 8 reps @ 2 light weights")),
                arguments("too-little", weights(20), weights(24)),
                arguments("not-laid-out", hall().toning("bent-row 8 reps @ 2 light weights"),
                        hall().brief(brief -> brief.with(brief.room().withPlace(Equipment.WEIGHT,
                                app.kehre.core.kit.KitPlace.AT_HAND)))
                                .toning("bent-row 8 reps @ 2 light weights")),
                arguments("travel-room", floor(40).aerobic("grapevine 16 eights"),
                        floor(48).aerobic("grapevine 16 eights")),
                arguments("tempo", hall().segment("Aerobic", Role.AEROBIC, 150, "march 32 eights"),
                        hall().segment("Aerobic", Role.AEROBIC, 140, "march 32 eights")),
                arguments("stretch-tempo",
                        hall().segment("Stretch", Role.STRETCH, 120, "calf-stretch stretch 30 s"),
                        hall().segment("Stretch", Role.STRETCH, 90, "calf-stretch stretch 30 s")));
    }

    static Stream<Arguments> people() {
        return Stream.of(
                arguments("no-option", newcomers(30).toning("squat 12 reps").plans(plans -> plans
                        .delivery(delivery -> delivery.withVariant(Variant.HARDER))),
                        newcomers(30).toning("squat 12 reps")),
                arguments("no-balance-screen", newcomers(30).toning("knee-to-back 6 reps, each side"),
                        newcomers(30).warmUp("one-leg-stand hold 15 s, each side")
                                .toning("knee-to-back 6 reps, each side")),
                arguments("caution", with(Limit.KNEE).toning("squat 12 reps"),
                        hall().toning("squat 12 reps")),
                arguments("no-balance-screen", newcomers(30).toning("reverse-lunge 12 reps, each side"),
                        newcomers(30).toning("")
                                .plans(plans -> plans.entry(new Addables.Addable.OfScreen().entry(line(1)))
                                        .item(exercise("reverse-lunge"), "12 reps, each side"))),
                arguments("no-balance-screen",
                        newcomers(30).toning(
                                "reverse-lunge 12 reps, each side; one-leg-stand hold 30 s, each side"),
                        newcomers(30)
                                .toning("one-leg-stand hold 30 s, each side; reverse-lunge 12 reps, each side")),
                arguments("no-balance-screen",
                        newcomers(30).aerobic("walk-backwards 8 eights; step-over-line 8 eights")
                                .toning("reverse-lunge 12 reps, each side"),
                        newcomers(30).aerobic("walk-backwards 8 eights")
                                .toning("tree-stand hold 20 s, each side; reverse-lunge 12 reps, each side")),
                arguments("on-the-back", with(Limit.PREGNANCY).core("dead-bug 30 reps; heel-slide 30 reps"),
                        with(Limit.PREGNANCY)
                                .core("dead-bug 20 reps; opposite-arm-leg 10 reps; heel-slide 20 reps")),
                arguments("hard-hold", with(Limit.BLOOD_PRESSURE).core("forearm-plank hold 45 s"),
                        with(Limit.BLOOD_PRESSURE).core("forearm-plank hold 25 s")),
                arguments("screening", newcomers(30).aerobic("march 16 eights"),
                        newcomers(30).segment("Welcome", Role.TALK, 120, "talk").aerobic("march 16 eights")));
    }

    private static Hall strong() {
        return hall().brief(brief -> brief.with(brief.goal().with(Quality.STRENGTH, true))
                .with(brief.room().withCount(Equipment.WEIGHT, OptionalInt.of(20))));
    }

    private static Hall onChairs() {
        return hall().brief(brief -> brief.with(brief.room().with(Start.ON_CHAIRS)));
    }

    private static Hall circuit(String lines) {
        return hall().toning(lines).plans(plans -> plans.circuit(lines.split(";").length, 2, 20));
    }

    static Stream<Arguments> parts() {
        return Stream.of(
                arguments("dose-over-most", hall().toning("squat 4 x 25 reps"),
                        hall().toning("squat 3 x 15 reps")),
                arguments("circuit-of-one", circuit("squat 30 s on, 15 s off"),
                        circuit("squat 30 s on, 15 s off; push-up 30 s on, 15 s off")),
                arguments("same-stations",
                        circuit("squat 30 s on, 15 s off; reverse-lunge 30 s on, 15 s off; push-up 30 s on, 15 s off; "
                                + "forearm-plank 30 s on, 15 s off"),
                        circuit("squat 30 s on, 15 s off; push-up 30 s on, 15 s off; reverse-lunge 30 s on, 15 s off; "
                                + "forearm-plank 30 s on, 15 s off")),
                arguments("chairs-to-floor", onChairs().toning("seated-hip-lift 12 reps; hip-lift 12 reps"),
                        onChairs().toning("seated-hip-lift 12 reps; sit-to-stand 12 reps")),
                arguments("ends-down",
                        hall().core("forearm-plank hold 25 s")
                                .stretch("hamstring-stretch stretch 25 s, each side"),
                        hall().core("forearm-plank hold 25 s").stretch(
                                "hamstring-stretch stretch 25 s, each side; reach-tall stretch 20 s")),
                arguments("no-resistance",
                        strong().toning("squat 40 reps; push-up 30 reps; split-squat 20 reps, each side"),
                        strong().toning(
                                "squat 40 reps; bent-row 40 reps @ 2 heavy weights; biceps-curl 30 reps @ 2 heavy weights")),
                arguments("core-without-core",
                        hall().core("squat 60 reps; push-up 30 reps; forearm-plank hold 25 s"),
                        hall().core("forearm-plank 3 x hold 25 s; curl-up 30 reps; squat 12 reps")),
                arguments("sides", dancing("basic-step R x8"),
                        dancing("basic-step R x3; knee-up R; basic-step L x3; knee-up L")),
                arguments("sides",
                        hall().toning("split-squat 12 reps, right side")
                                .core("split-squat 12 reps, left side"),
                        hall().toning("split-squat 12 reps, right side; split-squat 12 reps, left side")),
                arguments("stretch-sides", hall().stretch(
                        "calf-stretch stretch 30 s, right side; calf-stretch stretch 20 s, left side"),
                        hall().stretch(
                                "calf-stretch stretch 18 s, right side; calf-stretch stretch 16 s, left side")),
                arguments("monotony", hall().aerobic("march 60 eights"),
                        hall().aerobic("march 32 eights; step-touch 32 eights")),
                arguments("too-many", hall()
                        .aerobic(
                                "march 30 eights; step-touch 30 eights; grapevine 30 eights; mambo 30 eights")
                        .toning("squat 12 reps; push-up 12 reps; split-squat 12 reps; bent-row 12 reps; biceps-curl 12 reps; "
                                + "calf-raise 12 reps; lateral-raise 12 reps; hip-lift 12 reps; curl-up 12 reps"),
                        hall().aerobic(
                                "march 40 eights; step-touch 40 eights; grapevine 40 eights; mambo 40 eights")));
    }

    static Stream<Arguments> course() {
        return Stream.of(
                arguments("cold-start", hall().warmUp("jack 60 s on; march 32 eights"),
                        hall().warmUp("march 32 eights; step-touch 32 eights; jack 60 s on")),
                arguments("early-peak", slot(30).aerobic(
                        "high-run 120 s on; march 90 eights; step-touch 90 eights; march 90 eights; step-touch 90 eights"),
                        slot(30).aerobic(
                                "march 90 eights; step-touch 90 eights; march 90 eights; step-touch 90 eights; high-run 120 s on")),
                arguments("jump/inside",
                        hall().aerobic("march 24 eights; high-run 32 eights; march 24 eights"),
                        hall().aerobic("march 24 eights; high-run 60 s on; march 24 eights")),
                arguments("long-talk", explained(60), explained(35)),
                arguments("hard-first", dancing("repeater-knee R; basic-step L x6"),
                        dancing("basic-step R x6; repeater-knee R")),
                arguments("hard-first", newcomersDancing("grapevine R; grapevine-turn L; step-touch R x12"),
                        newcomersDancing("grapevine R x2; step-touch R x12")),
                arguments("many-new",
                        newcomersDancing("grapevine R; mambo L x2; box-step L x2; charleston L; v-floor L"),
                        newcomersDancing("grapevine R x2; mambo R x2; box-step R x2; charleston R")),
                arguments("screen-without-line", screened(line(99)), screened(line(2))),
                arguments("not-carried",
                        byTheMusic().segment("Toning", Role.TONING, 126, "squat 8 reps 2-0-2 s"),
                        byTheMusic().segment("Toning", Role.TONING, 120, "squat 8 reps 2-0-2 s")));
    }

    private static Hall explained(int seconds) {
        return hall().toning("push-up 8 reps")
                .plans(plans -> plans.delivery(delivery -> delivery.withExplaining(
                        new Explaining(Explaining.Mode.STOPS, Optional.of(Duration.ofSeconds(seconds))))));
    }

    private static Hall byTheMusic() {
        return hall().brief(brief -> brief.with(brief.schools().with(School.Time.COUNTED)));
    }

    /** A screen, and what is done instead of a line. */
    private static Hall screened(EntryId later) {
        Screen screen = (Screen) new Addables.Addable.OfScreen().entry(line(1));
        return hall().toning("").plans(plans -> plans.entry(screen.withInstead(later, "a squat"))
                .item(exercise("reverse-lunge"), "12 reps, each side"));
    }

    private static Hall newcomersDancing(String combination) {
        return dancing(combination).group(group -> group.withMix(new Group.Mix(60, 40, 0)));
    }

    private static Hall promise(Muscle area) {
        return hall().brief(brief -> brief.with(new Goal(Set.of(area), Set.of())));
    }

    private static Hall shown() {
        return hall().brief(brief -> brief.with(brief.schools().with(School.Teaching.SHOW_THEN_DO)));
    }

    private static Hall rehearsing() {
        return hall().brief(brief -> brief.with(brief.schools().with(School.WarmUp.REHEARSAL)));
    }

    private static Hall newcomers(int share) {
        return hall().group(group -> group.withMix(new Group.Mix(share, 100 - share, 0)));
    }

    private static Hall with(Limit limit) {
        return hall().group(group -> group.withLimit(limit, 1));
    }

    private static Hall weights(int pieces) {
        return hall().brief(brief -> brief.with(brief.room().withCount(Equipment.WEIGHT,
                java.util.OptionalInt.of(pieces)))).toning("bent-row 8 reps @ 2 light weights");
    }

    private static Hall floor(int squareMetres) {
        Room room = Room.UNKNOWN.withFloor(squareMetres);
        return hall().brief(brief -> brief.with(room));
    }

    private static Hall dancing(String combination) {
        return dancing(combination, build -> build);
    }

    /** Eight rounds of the dance are set, which take some four minutes. */
    private static Hall dancing(String combination, UnaryOperator<Build> wished) {
        Combination one = Moves.combination(combination);
        Build set = Build.of(List.of(one), Method.ADD_ON, exercise("march"))
                .with(new StageKey("1/finished"), Rounds.each(8));
        BuildUp build = BuildUp.of(line(1), exercise("march")).with(wished.apply(set));
        return hall().aerobic("").plans(plans -> plans.entry(build));
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource({"time", "effort", "areas", "preparation", "floorAndMusic", "people", "parts", "course"})
    void aCheckFlagsTheOneAndNotItsTwin(String check, Hall flagged, Hall twin) {
        List<Finding> found = Hall.of(flagged.judged(), check);

        assertThat(found).as("flagged").isNotEmpty();
        assertThat(found).allSatisfy(finding -> {
            assertThat(finding.what()).endsWith(".");
            assertThat(finding.why().split("(?<=\\.) ").length).as(finding.why()).isGreaterThanOrEqualTo(2);
        });
        assertThat(Hall.of(twin.judged(), check)).extracting(Finding::what).as("twin").isEmpty();
    }

    @ParameterizedTest(name = "{0}")
    @MethodSource({"time", "effort", "areas", "preparation", "floorAndMusic", "people", "parts", "course"})
    void whereThereAreMendsOneOfThemMendsIt(String check, Hall flagged, Hall twin) {
        Assessment before = flagged.judged();
        Finding finding = Hall.of(before, check).getFirst();
        List<Effect> effects = finding.mends().stream()
                .map(mend -> Effect.of(before, mend.after(), Hall.LIBRARY))
                .toList();

        if (!effects.isEmpty() && !ONE_EDIT_IS_TOO_LITTLE.contains(check)) {
            assertThat(effects).as(finding.what()).anyMatch(
                    effect -> effect.gone().stream().anyMatch(gone -> gone.same(finding)));
        }
        assertThat(Hall.of(twin.judged(), check)).isEmpty();
    }

    @Test
    void regroupingAPartMendsItsManyFloorChangesWhileAreasStayInTurn() {
        Assessment before = hall().toning("push-up 8 reps; squat 8 reps; curl-up 8 reps; calf-raise 8 reps;"
                + " hip-lift 8 reps; bent-row 8 reps; back-extension 8 reps").judged();
        Finding finding = Hall.of(before, "floor-changes").getFirst();

        Way first = finding.mends().getFirst();

        Effect effect = Effect.of(before, first.after(), Hall.LIBRARY);
        assertThat(first.words()).startsWith("Regroup ");
        assertThat(effect.gone()).anyMatch(gone -> gone.same(finding));
        assertThat(effect.longer()).isNegative();
        assertThat(effect.fresh()).extracting(Finding::check).noneMatch(check -> check.startsWith("on-end"));
    }

    @Test
    void aMisstepIsSaidWithItsCombinationAndItsCountOnce() {
        assertThat(Hall.of(dancing("basic-step R x2; knee-up L").judged(), "foot")).extracting(Finding::what)
                .containsExactly(
                        "Signal and Switch. Count 9: Knee lift on the step starts on the left, but Basic step leaves"
                                + " the weight on the left foot.");
    }

    @Test
    void everyCheckIsHere() {
        Set<String> tried = new HashSet<>();
        Stream.of(time(), effort(), areas(), preparation(), floorAndMusic(), people(), parts(), course())
                .flatMap(each -> each)
                .forEach(each -> tried.add(((String) each.get()[0]).replaceAll("/.*", "")));

        Set<CheckKey> asked = EnumSet.copyOf(Assessment.checks());
        asked.removeAll(Checks.KEYS);
        asked.add(CheckKey.PHRASE);
        assertThat(tried).containsExactlyInAnyOrderElementsOf(asked.stream().map(CheckKey::key).toList());
    }
}
