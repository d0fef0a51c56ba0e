package app.kehre.formats.teaching;

import java.nio.charset.StandardCharsets;
import java.time.Instant;
import java.time.LocalDateTime;
import java.util.List;
import java.util.Optional;

import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.log.After;
import app.kehre.core.log.ClassRecord;
import app.kehre.core.log.Recording;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.EntryId;
import app.kehre.core.teaching.Press;
import app.kehre.core.teaching.Teaching;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.json.UnreadableFile;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Records are written as open documents and come back as they were, or are refused with what is wrong. */
class RecordsDocumentTest {

    private static final Instant START = Instant.parse("2026-11-24T18:30:00Z");

    private static final ClassRecord RECORD = taught();

    private static ClassRecord taught() {
        ClassPlan plan = Plans.of(10).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "10 reps 1-0-1 s, each side")
                .item(Exercises.ROW, "as many as possible in 30 s")
                .plan();
        Teaching taught = Teaching.ready(Timeline.of(plan));
        for (Press press : List.of(new Press.Start(START.plusSeconds(600)), Press.Key.SKIP_SIDE,
                new Press.Count(new EntryId(2), 24))) {
            taught = taught.press(press, START.plusSeconds(40), START.plusSeconds(40)).value().orElse(taught);
        }
        return Recording.of(taught.at(START.plusSeconds(900)), LocalDateTime.of(2026, 11, 24, 18, 30))
                .with(After.NOTHING.withPeople(Optional.of(12), Optional.of(1)).withNext("=SUM(1)")
                        .with(new EntryId(1), new After.Note("heavier, \u201cplease\u201d", Optional.of(6))));
    }

    private static String text(ClassRecord record) {
        return new String(new RecordsDocument(List.of(record)).bytes(), StandardCharsets.UTF_8);
    }

    @Test
    void whatIsWrittenComesBack() throws UnreadableFile {
        ClassRecord back = RecordsDocument
                .read("records.json", text(RECORD).getBytes(StandardCharsets.UTF_8))
                .records().getFirst();

        assertThat(text(back)).isEqualTo(text(RECORD));
        assertThat(back.after()).isEqualTo(RECORD.after());
        assertThat(back.outcome()).isEqualTo(RECORD.outcome());
        assertThat(back.heading()).isEqualTo(RECORD.heading());
    }

    @Test
    void timesThatGoBackwardsAndWordsNobodyKnowsAreRefusedByPlace() {
        String wrong = text(RECORD).replaceFirst("\"taught\" : \\d+", "\"taught\" : -5")
                .replace("\"origin\" : \"taught\"", "\"origin\" : \"dreamt\"");

        assertThatThrownBy(() -> RecordsDocument.read("records.json", wrong.getBytes(StandardCharsets.UTF_8)))
                .isInstanceOf(UnreadableFile.class)
                .hasMessageContaining(
                        "records[0].origin: ")
                .hasMessageContaining("taught");
    }

    @Test
    void theTablesHaveARowAClassAndARowALineAndNoSpreadsheetRunsANote() {
        assertThat(RecordRows.classes(List.of(RECORD)).lines()).hasSize(2).last().asString()
                .startsWith("2026-11-24T18:30,Tuesday,,taught,").endsWith(",12,1,,'=SUM(1)");
        assertThat(RecordRows.lines(List.of(RECORD)).lines()).hasSize(3);
    }
}
