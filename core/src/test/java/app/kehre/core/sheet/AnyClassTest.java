package app.kehre.core.sheet;

import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;

import app.kehre.core.plan.BuildUp;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Entry;
import app.kehre.core.plan.Item;
import app.kehre.core.plan.Segment;
import app.kehre.core.testing.Draws;
import app.kehre.core.timeline.Timeline;
import app.kehre.core.value.Lengths;

import static org.assertj.core.api.Assertions.assertThat;

/** The sheet of any class says all of it. */
class AnyClassTest {

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Property(tries = 150, seed = "20261127")
    void everyLineThatIsTaughtStandsOnItInItsPlaceWithItsTime(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        CribSheet sheet = CribSheet.of(timeline);

        List<Segment> taught = plan.segments().stream().filter(each -> !each.leftOut()).toList();
        assertThat(sheet.parts()).extracting(CribSheet.Part::role).isSubsetOf(
                taught.stream().map(Segment::role).toList());
        List<String> names = sheet.parts().stream().flatMap(part -> part.lines().stream())
                .map(CribSheet.Line::name).toList();
        for (Segment segment : taught) {
            for (Entry line : segment.entries()) {
                assertThat(names).contains(line.name());
            }
        }
        assertThat(sheet.length()).contains(Lengths.clock(timeline.fit().length()));
    }

    @Property(tries = 100, seed = "20261127")
    void noKitIsOnItThatNoLineUsesAndTheStopSignsAlwaysAre(@ForAll("plans") ClassPlan plan) {
        CribSheet sheet = CribSheet.of(Timeline.of(plan));
        boolean none = plan.segments().stream().filter(each -> !each.leftOut()).flatMap(Segment::lines)
                .noneMatch(line -> line instanceof BuildUp
                        || line instanceof Item item && !(item.kit().isEmpty() && item.rounds().isEmpty()
                                && item.instead().isEmpty()));

        assertThat(!none || sheet.kit().isEmpty()).isTrue();
        assertThat(sheet.stopSigns()).isEqualTo(CribSheet.STOP_SIGNS);
    }
}
