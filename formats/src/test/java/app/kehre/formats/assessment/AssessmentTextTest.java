package app.kehre.formats.assessment;

import java.util.HashSet;
import java.util.List;
import java.util.Set;

import org.junit.jupiter.api.Test;
import tools.jackson.databind.JsonNode;
import tools.jackson.databind.json.JsonMapper;

import app.kehre.core.balance.Assessment;
import app.kehre.core.effort.Effort;
import app.kehre.core.exercise.Library;
import app.kehre.core.finding.Fact;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;

/** What is found in a class, for programs and for people. */
class AssessmentTextTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final JsonMapper MAPPER = JsonMapper.builder().build();

    private static ClassPlan everything() {
        return DemoPlan.load("everything-at-once", LIBRARY).plan();
    }

    private static List<JsonNode> findings(Assessment assessment) {
        return MAPPER.readTree(AssessmentText.json(assessment)).path("findings").valueStream().toList();
    }

    @Test
    void eachFactStandsOnceWithItsPlacesAndTheKeysThatSetItAside() {
        Assessment judged = Assessment.of(everything(), LIBRARY);
        List<JsonNode> findings = findings(judged);

        assertThat(findings).hasSameSizeAs(judged.facts());
        assertThat(findings).allSatisfy(each -> {
            assertThat(each.path("text").stringValue()).endsWith(".");
            assertThat(each.path("severity").stringValue()).isIn("stop", "fix", "watch");
            assertThat(each.path("places").size()).isPositive();
            each.path("places").forEach(place -> {
                assertThat(place.path("check").stringValue()).matches("[a-z0-9-]+(/[a-z0-9./-]+)*");
                assertThat(place.path("startMs").isIntegralNumber()).isTrue();
            });
        });
        Set<String> sentences = new HashSet<>();
        assertThat(findings).allMatch(each -> sentences.add(each.path("text").stringValue()));
    }

    @Test
    void whatIsSetAsideIsStillToldWithItsReasonButNoLongerCounts() {
        Assessment before = Assessment.of(everything(), LIBRARY);
        Fact first = before.facts().getFirst();
        Assessment after = Assessment.of(Assessment.setAside(everything(), first, "agreed with the club"),
                LIBRARY);

        assertThat(findings(after)).filteredOn(each -> each.has("aside")).singleElement().satisfies(each -> {
            assertThat(each.path("text").stringValue()).isEqualTo(first.what());
            assertThat(each.path("aside").stringValue()).isEqualTo("agreed with the club");
        });
        assertThat(AssessmentText.text(after)).contains("set aside (agreed with the club): " + first.what());
    }

    @Test
    void theTextBeginsWithTheVerdictAndTellsFourWaysAtMost() {
        Assessment judged = Assessment.of(everything(), LIBRARY);
        String text = AssessmentText.text(judged);

        assertThat(text.lines().findFirst()).contains(judged.verdict());
        for (String paragraph : text.split("\n\n")) {
            assertThat(paragraph.split(" or: ", -1).length - 1).isLessThanOrEqualTo(4);
        }
        String told = text.substring(judged.verdict().length());
        judged.facts().forEach(fact -> assertThat(told).containsOnlyOnce(fact.what()));
    }

    @Test
    void theEffortHasARowASecondAndClaimsNoHeartRateInToning() {
        Effort effort = Effort.of(Timeline.of(everything()));
        List<String> rows = EffortTable.csv(effort).lines().toList();
        int columns = rows.getFirst().split(",", -1).length;

        assertThat(rows).hasSize(effort.main().seconds() + 1);
        assertThat(rows.getFirst()).startsWith("second,").contains("%HRR");
        for (int second = 0; second < effort.main().seconds(); second++) {
            String[] cells = rows.get(second + 1).split(",", -1);
            assertThat(cells).hasSize(columns);
            assertThat(cells[0]).isEqualTo(String.valueOf(second));
            assertThat(cells[2].isEmpty()).as("second %d", second).isEqualTo(!effort.claimedAt(second));
            assertThat(Double.parseDouble(cells[3])).isBetween(0.0, 10.0);
        }
    }
}
