package app.kehre.trials.balance;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;
import java.util.stream.Stream;

import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.provider.Arguments;

import app.kehre.core.balance.Assessment;
import app.kehre.core.finding.Finding;
import app.kehre.core.proposal.Way;
import app.kehre.trials.aloud.ReadAloud;

import static org.assertj.core.api.Assertions.assertThat;

/** What an instructor reads of each check, whole: what was found, why it matters, what may be done. */
class FindingsReadAloudTest {

    private static Stream<Arguments> classes() {
        return Stream
                .of(ChecksOfClassesTest.time(), ChecksOfClassesTest.effort(), ChecksOfClassesTest.areas(),
                        ChecksOfClassesTest.preparation(), ChecksOfClassesTest.floorAndMusic(),
                        ChecksOfClassesTest.people(), ChecksOfClassesTest.parts(),
                        ChecksOfClassesTest.course())
                .flatMap(each -> each);
    }

    private static List<String> said(Arguments flagged) {
        String check = (String) flagged.get()[0];
        Assessment judged = ((Hall) flagged.get()[1]).judged();
        List<String> lines = new ArrayList<>();
        for (Finding finding : Hall.of(judged, check)) {
            lines.add("");
            lines.add("[%s, %s]".formatted(finding.check(), finding.severity().words()));
            lines.add(finding.what());
            lines.add(finding.why());
            finding.mends().stream().map(Way::words).map("- %s"::formatted).forEach(lines::add);
        }
        return lines;
    }

    @Test
    void eachFindingIsSaidInTheWordsThatWereReadAloud() throws IOException {
        List<String> said = classes().flatMap(each -> said(each).stream()).skip(1).toList();

        assertThat(said).containsExactlyElementsOf(ReadAloud.of("findings.txt"));
    }
}
