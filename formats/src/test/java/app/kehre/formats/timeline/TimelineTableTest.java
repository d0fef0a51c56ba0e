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
                "start_ms,end_ms,segment,item,phase,exercise,round,set,interval,rung,stage,side,unit,amount,count",
                "0,20000,\"Toning, slow\",Squat,explain,,,,,,,,,,",
                "20000,23840,\"Toning, slow\",Squat,work,squat,,1,,,,,reps,4,1",
                "23840,28840,\"Toning, slow\",Squat,rest,,,1,,,,,,,",
                "28840,32680,\"Toning, slow\",Squat,work,squat,,2,,,,,reps,4,1",
                "32680,47680,\"Toning, slow\",Forearm plank,set-up,,1,,,,,,,,")
                .contains("77680,97680,\"Toning, slow\",Forearm plank,hold,forearm-plank,1,1,,,,right,,,",
                        "97680,101680,\"Toning, slow\",Forearm plank,side-change,,1,,,,,left,,,",
                        "121680,151680,\"Toning, slow\",Circuit,rest,,1,,,,,,,,");
    }

    @Test
    void theTextEndsWithTheTotalAgainstTheSlot() {
        assertThat(TimelineTable.text(timeline).lines()).first().isEqualTo("Toning, slow");
        assertThat(TimelineTable.text(timeline).strip().lines().toList().getLast())
                .isEqualTo("    3:16 of 30:00, 26:44 to spare");
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
