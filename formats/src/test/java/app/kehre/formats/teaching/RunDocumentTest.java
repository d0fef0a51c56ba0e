package app.kehre.formats.teaching;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.util.List;

import net.jqwik.api.Arbitraries;
import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import net.jqwik.api.constraints.Size;
import org.junit.jupiter.api.Test;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** A class that is being taught is written down and read again. */
class RunDocumentTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    @Property(tries = 100)
    void howFarAClassIsComesBackAsItWas(@ForAll("plans") ClassPlan plan,
            @ForAll("keys") @Size(max = 15) List<Press> presses) throws UnreadableFile {
        Teaching taught = Teaching.ready(Timeline.of(plan))
                .press(new Press.Start(START.plusSeconds(3600)), START, START).value().orElseThrow();
        Instant now = START;
        for (Press press : presses) {
            now = now.plusMillis(23_456);
            taught = taught.press(press, now, now).value().orElse(taught);
        }
        RunDocument written = RunDocument.of(taught, now);
        RunDocument read = RunDocument.read("x.teaching", written.bytes());

        assertThat(read.bytes()).isEqualTo(written.bytes());
        assertThat(read.visits()).isEqualTo(written.visits());
        assertThat(
                read.course(taught.run().course().planned(), taught.run().course().plan()).timeline().spans())
                .isEqualTo(taught.run().course().timeline().spans());
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Provide
    Arbitrary<List<Press>> keys() {
        return Arbitraries.oneOf(Arbitraries.of(Press.Key.class).map(key -> (Press) key),
                Arbitraries.just(new Press.Count(new EntryId(1), 24)), Arbitraries.just(new Press.Undo()))
                .list();
    }

    @Test
    void whatWasTakenBeforeTheProgramBrokeOffIsStillTakenAfterIt() throws UnreadableFile {
        ClassPlan plan = Plans.one(Exercises.SQUAT, "60 s on");
        Teaching taught = Teaching.ready(Timeline.of(plan))
                .press(new Press.Start(START.plusSeconds(60)), START, START).value().orElseThrow()
                .press(new Press.Take("without Row", plan, true), START.plusSeconds(5), START.plusSeconds(5))
                .value().orElseThrow();
        RunDocument read = RunDocument.read("x.teaching",
                RunDocument.of(taught, START.plusSeconds(9)).bytes());

        assertThat(new Teaching(taught.run(), read.events(), List.of()).taken())
                .containsExactly("without Row");
        assertThat(read.events().getLast().line()).contains(new EntryId(1));
    }

    @Test
    void whatIsDamagedIsRefusedWithItsPlace() {
        byte[] damaged = RunDocument.of(Teaching.ready(Timeline.of(new ClassPlan(
                Plans.of(30).plan().brief(), List.of()))), START).bytes();
        String broken = new String(damaged, StandardCharsets.UTF_8).replace("PT0S", "soon");

        assertThatThrownBy(() -> RunDocument.read("x.teaching",
                broken.getBytes(StandardCharsets.UTF_8))).isInstanceOf(UnreadableFile.class)
                .hasMessageContaining("found \"soon\", expected a length such as PT1M30S.");
    }
}
