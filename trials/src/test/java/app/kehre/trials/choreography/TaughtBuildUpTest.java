package app.kehre.trials.choreography;

import java.time.Duration;
import java.time.Instant;
import java.util.ArrayList;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import app.kehre.core.balance.Use;
import app.kehre.core.choreography.Build;
import app.kehre.core.choreography.BuildUpWords;
import app.kehre.core.choreography.Method;
import app.kehre.core.choreography.Rounds;
import app.kehre.core.choreography.Script;
import app.kehre.core.choreography.Stage;
import app.kehre.core.choreography.StageKey;
import app.kehre.core.hall.Counting;
import app.kehre.core.hall.GroupWall;
import app.kehre.core.music.Bpm;
import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Lessons;
import app.kehre.core.plan.SegmentId;
import app.kehre.core.sheet.CribSheet;
import app.kehre.core.stepping.Checks;
import app.kehre.core.teaching.Moment;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.teaching.TeachingRun;
import app.kehre.core.timeline.Block;
import app.kehre.core.timeline.Span;
import app.kehre.core.timeline.Stretch;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Side;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.within;

/** The evening class's two combinations and their finale, taught at speed. */
class TaughtBuildUpTest {

    private final ClassPlan plan = DemoPlan.load(Moves.LIBRARY).plan();
    private final Timeline timeline = Timeline.of(plan);
    private final BuildUp build = plan.buildUps().findFirst().orElseThrow();
    private final Script script = Lessons.script(plan, build);

    private Optional<Counting> at(Duration place) {
        TeachingRun run = TeachingRun.ready(timeline)
                .start(Instant.EPOCH.minus(place), Instant.EPOCH);
        return Counting.of(Moment.of(run, Instant.EPOCH), timeline);
    }

    private List<Span> spans() {
        return timeline.spans().stream()
                .filter(span -> span.entry().equals(build.id()) && span.turn().stage().isPresent())
                .toList();
    }

    @Test
    void theDemoCarriesTwoCombinationsAndTheirFinaleAndAllOfItWorks() {
        assertThat(build.build().combinations()).hasSize(2).allSatisfy(each -> assertThat(
                Checks.of(each, build.conditions(new Bpm(126), plan.brief()))).isEmpty());
        assertThat(script.works()).isTrue();
        assertThat(script.stages().getLast().kind()).isEqualTo(Stage.Kind.FINALE);
    }

    @Test
    void aPassIsDancedAgainOnBothLeadsAndTheCountCountsOn() {
        Instant begun = Instant.EPOCH.minus(timeline.ofEntry(build.id()).end()).plusSeconds(5);
        Teaching taught = Teaching.of(TeachingRun.ready(timeline).start(begun, Instant.EPOCH));
        Teaching again = taught.press(Press.Key.ANOTHER_ROUND, Instant.EPOCH, Instant.EPOCH).value()
                .orElseThrow();
        Timeline longer = again.run().timeline();

        assertThat(led(longer, Side.RIGHT) - led(timeline, Side.RIGHT)).isPositive()
                .isCloseTo(led(longer, Side.LEFT) - led(timeline, Side.LEFT), within(10L));
        for (Span span : longer.spans()) {
            Moment moment = Moment.of(TeachingRun.ready(longer)
                    .start(Instant.EPOCH.minus(span.start()).minusMillis(20), Instant.EPOCH), Instant.EPOCH);
            Counting.of(moment, longer).ifPresent(count -> assertThat(count.at())
                    .isBetween(0, script.eights() * 8 - 1));
        }
    }

    private long led(Timeline danced, Side side) {
        return danced.spans().stream().filter(span -> span.entry().equals(build.id()) && span.side() == side)
                .mapToLong(span -> span.stretch().length().toMillis()).sum();
    }

    @Test
    void theGroupIsNotToldHowAStageIsPrepared() {
        List<String> told = spans().stream().map(span -> GroupWall.of(Moment.of(TeachingRun.ready(timeline)
                .start(Instant.EPOCH.minus(span.start()).minusMillis(20), Instant.EPOCH), Instant.EPOCH),
                timeline).next()).distinct().toList();

        assertThat(told).contains("keep going", "all of it", "the finale").noneMatch(
                words -> words.contains("hold") || words.contains("finished") || words.startsWith("+"));
    }

    @Test
    void everyChangeOfMoveIsCuedOnTheCountsBeforeIt() {
        List<Span> spans = spans();
        for (int i = 1; i < spans.size(); i++) {
            Span span = spans.get(i);
            boolean changes = !span.words().equals(spans.get(i - 1).words())
                    || !span.turn().equals(spans.get(i - 1).turn());
            Counting before = at(span.start().minusMillis(100)).orElseThrow();
            if (changes) {
                assertThat(before.cue()).as("%s before %s at %s", before, span.words(), span.start())
                        .isPresent();
                assertThat(before.cue().get().words()).contains(span.words());
                assertThat(before.said()).as("the last count is counted down").isEqualTo("1");
                assertThat(before.shown()).contains("you lead " + span.side().other().word());
            }
        }
    }

    @Test
    void aMoveThatIsDancedPlainAtFirstIsCreditedToItself() {
        BuildUp layered = build.with(Build.of(
                List.of(Moves.combination("pivot-walk R; pivot-walk R; pivot-walk R; pivot-walk R")),
                Method.LAYERING, Moves.LIBRARY.find("march").orElseThrow()));
        Timeline danced = Timeline.of(plan.with(layered));

        List<Use> plain = Use.of(danced).stream()
                .filter(use -> use.entry().equals(build.id()) && use.span().words().endsWith(", plain"))
                .toList();
        assertThat(plain).isNotEmpty().extracting(use -> use.exercise().id()).containsOnly("pivot-walk");
    }

    @Test
    void aFinaleOfAllJoinsOnlyWhatIsDancedOnTheSameAndStandsInTheSecondPart() {
        BuildUp low = BuildUp.of(plan.nextEntryId(), build.build().hold()).with(Build.of(
                List.of(Moves.combination("Low", "grapevine R x4; step-touch R x8")), Method.ADD_ON,
                Moves.LIBRARY.find("march").orElseThrow()).with(ways -> ways.withFinaleOfAll(true)));
        BuildUp step = low.with(low.build().with(0, Moves.combination("Third", "basic-step R x8")));
        SegmentId second = plan.segments().stream().filter(each -> each.name().equals("Aerobic 2"))
                .findFirst()
                .orElseThrow().id();

        assertThat(Lessons.before(plan.add(second, 0, low), low)).isEmpty();
        assertThat(Lessons.script(plan.add(second, 0, step), step).stages().getLast().title())
                .isEqualTo("finale: Signal + Switch + Third");
    }

    @Test
    void inTheHallTheCountWaitsWhileAStageIsShown() {
        StageKey key = new StageKey("1/add/2");
        BuildUp shown = build.with(build.build().with(key.show(), new Rounds.Shown(Duration.ofSeconds(20))));
        Timeline stopping = Timeline.of(plan.with(shown));
        Script stops = Lessons.script(stopping.plan(), shown);
        Duration start = stopping.ofEntry(build.id()).end().minus(stops.length())
                .plus(stops.start(stops.stages().get(2)));
        TeachingRun showing = TeachingRun.ready(stopping)
                .start(Instant.EPOCH.minus(start.plusSeconds(5)), Instant.EPOCH);
        TeachingRun dancing = TeachingRun.ready(stopping)
                .start(Instant.EPOCH.minus(start.plusSeconds(20).plusMillis(10)), Instant.EPOCH);

        assertThat(Counting.of(Moment.of(showing, Instant.EPOCH), stopping)).isEmpty();
        assertThat(Counting.of(Moment.of(dancing, Instant.EPOCH), stopping)).hasValueSatisfying(now -> {
            assertThat(now.stage().key()).isEqualTo(key);
            assertThat(now.count()).isEqualTo(1);
            assertThat(now.eight()).isEqualTo(1);
        });
    }

    @Test
    void theCountRunsFromOneToEightAndFourEightsMakeAPhrase() {
        Stretch whole = timeline.ofEntry(build.id());
        Duration start = whole.end().minus(script.length());
        List<String> counted = new ArrayList<>();
        for (int count = 0; count < 36; count++) {
            Counting now = at(start.plus(new Bpm(126).at(2L * count)).plusMillis(10)).orElseThrow();
            counted.add(now.eight() + "." + now.count());
        }
        assertThat(counted.subList(0, 10)).containsExactly("1.1", "1.2", "1.3", "1.4", "1.5", "1.6", "1.7",
                "1.8", "2.1", "2.2");
        assertThat(counted.subList(30, 34)).containsExactly("4.7", "4.8", "1.1", "1.2");
    }

    @Test
    void nextGoesOnToTheNextStageAndTheHallNamesIt() {
        Stretch whole = timeline.ofEntry(build.id());
        Duration start = whole.end().minus(script.length());

        assertThat(at(start).orElseThrow().next()).contains(script.stages().get(1));
        assertThat(timeline.turnAt(start).orElseThrow().length())
                .isEqualTo(new Bpm(126).at(64L * script.stages().getFirst().eights() / 4));
        assertThat(at(whole.end().minusMillis(50)).orElseThrow().next()).isEmpty();
    }

    @Test
    void theBuildUpTilesItsTimeAndItsStagesAreBlocksOfTheRoad() {
        List<Span> spans = spans();
        for (int i = 1; i < spans.size(); i++) {
            assertThat(spans.get(i).start()).isEqualTo(spans.get(i - 1).end());
        }
        assertThat(Block.of(timeline)).filteredOn(block -> block.stage() > 0)
                .hasSize(script.stages().size());
        assertThat(script.eights())
                .as("all known: a pass of three and two pieces, 2 min of each dance, holds")
                .isEqualTo(4 * (1 + 3 * 2 + 8 + 1 + 2 * 2 + 8 + 1 + 8));
    }

    @Test
    void theSheetHasTheMovesAndTheStages() {
        List<CribSheet.Line> lines = CribSheet.of(timeline).parts().get(2).lines();

        assertThat(lines).extracting(CribSheet.Line::name).contains("Signal and Switch", "\u2013 Signal",
                "\u2013 Switch", "\u2013 stages");
        assertThat(lines).extracting(CribSheet.Line::note)
                .contains(BuildUpWords.moves(build.build().combinations().getFirst()))
                .anyMatch(note -> note.contains("finale: Signal + Switch, 2 each lead, 8 phrases"));
    }
}
