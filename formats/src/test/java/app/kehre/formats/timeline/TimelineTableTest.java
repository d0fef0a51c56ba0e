package app.kehre.formats.timeline;

import java.util.List;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;

import static app.kehre.core.testing.Exercises.PLANK;
import static app.kehre.core.testing.Exercises.SQUAT;
import static org.assertj.core.api.Assertions.assertThat;

class TimelineTableTest {

    private final Timeline timeline = Timeline.of(Plans.of(30).segment("Toning, slow", Role.TONING, 125)
            .item(SQUAT, "2 x 4 reps 1-0-1 counts, rest 5 s").item(PLANK, "hold 20 s, each side")
            .circuit(1, 2, 30).plan());

    @Test
    void aRowSaysWhenWhatRoundSetSideAndCount() {
        assertThat(TimelineTable.csv(timeline).lines().toList()).startsWith(
                "start_ms,end_ms,line,segment,item,phase,exercise,round,set,interval,rung,stage,side,unit,amount,count",
                "0,4000,1,\"Toning, slow\",Squat,explain,,,,,,,,,,",
                "4000,7840,1,\"Toning, slow\",Squat,work,squat,,1,,,,,reps,4,1",
                "7840,12840,1,\"Toning, slow\",Squat,rest,,,1,,,,,,,",
                "12840,16680,1,\"Toning, slow\",Squat,work,squat,,2,,,,,reps,4,1",
                "16680,28680,2,\"Toning, slow\",Forearm plank,set-up,,1,,,,,,,,")
                .contains("40680,60680,2,\"Toning, slow\",Forearm plank,hold,forearm-plank,1,1,,,,right,,,",
                        "60680,63680,2,\"Toning, slow\",Forearm plank,side-change,,1,,,,,left,,,",
                        "83680,113680,3,\"Toning, slow\",Circuit,rest,,1,,,,,,,,");
    }

    @Test
    void aRowALineSaysWhereItsTimeGoes() {
        assertThat(LineTable.csv(timeline).lines().toList()).containsExactly(
                "line,segment,item,exercise,dose,work_ms,explaining_ms,changeover_ms,rest_ms,talk_ms,lost_ms,total_ms",
                "1,\"Toning, slow\",Squat,squat,\"2 x 4 reps 1-0-1 counts, rest 5 s\",7680,4000,0,5000,0,0,16680",
                "3,\"Toning, slow\",Circuit,,,0,0,0,30000,0,0,30000",
                "2,\"Toning, slow\",Forearm plank,forearm-plank,\"hold 20 s, each side\",80000,4000,26000,0,0,0,110000");
    }

    @Property(tries = 200)
    void theUsesOfALineAddUpToItAndTheLinesToTheClass(@ForAll("plans") ClassPlan plan) {
        Timeline timeline = Timeline.of(plan);
        List<String[]> rows = LineTable.csv(timeline).lines().skip(1)
                .map(row -> row.replaceAll("\"[^\"]*\"", "").split(",", -1)).toList();

        assertThat(rows).allSatisfy(row -> assertThat(java.util.stream.IntStream.range(5, 10)
                .mapToLong(at -> Long.parseLong(row[at])).sum()).isEqualTo(Long.parseLong(row[11])));
        assertThat(rows.stream().mapToLong(row -> Long.parseLong(row[11])).sum())
                .isEqualTo(timeline.total().plusNanos(500_000).toMillis());
    }

    @Test
    void theTextEndsWithTheTotalAgainstTheSlot() {
        assertThat(TimelineTable.text(timeline).lines()).first().isEqualTo("Toning, slow");
        assertThat(TimelineTable.text(timeline).strip().lines().toList().getLast())
                .isEqualTo("    2:37 of 30:00, 27:23 to spare");
    }

    @Property(tries = 200)
    void theRowsTileTheClassToTheMillisecond(@ForAll("plans") ClassPlan plan) {
        List<String[]> rows = TimelineTable.csv(Timeline.of(plan)).lines().skip(1)
                .map(row -> row.split(",", 3)).toList();
        assertThat(rows).hasSameSizeAs(Timeline.of(plan).spans());
        String last = "0";
        for (String[] row : rows) {
            assertThat(row[0]).isEqualTo(last);
            last = row[1];
        }
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }
}
