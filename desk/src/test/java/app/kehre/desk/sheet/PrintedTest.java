package app.kehre.desk.sheet;

import java.io.IOException;
import java.util.ArrayList;
import java.util.List;

import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.text.PDFTextStripper;
import org.apache.pdfbox.text.TextPosition;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.ValueSource;

import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.Item;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.HandOut;
import app.kehre.core.sheet.StationCard;
import app.kehre.core.timeline.Timeline;
import app.kehre.desk.Instructor;
import app.kehre.formats.plan.DemoPlan;
import app.kehre.formats.sheet.FloorPdf;
import app.kehre.formats.sheet.StationPdf;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** What is printed is read from where it lies: measured on the page itself. */
class PrintedTest {

    /** A letter on the page: its size and how far it stands above the lower edge, in points. */
    private record Letter(float size, float above, float right) {}

    private static final double FOOT = 80;
    private static final double CARD_FOOT = 100;

    private static List<Letter> letters(byte[] pdf, List<String> text) throws IOException {
        List<Letter> letters = new ArrayList<>();
        try (PDDocument document = Loader.loadPDF(pdf)) {
            PDFTextStripper stripper = new PDFTextStripper() {
                @Override
                protected void writeString(String words, List<TextPosition> positions) throws IOException {
                    super.writeString(words, positions);
                    positions.forEach(each -> letters.add(new Letter(each.getFontSizeInPt(),
                            (each.getRotation() % 180 == 0 ? each.getPageHeight() : each.getPageWidth())
                                    - each.getYDirAdj(),
                            each.getXDirAdj() + each.getWidthDirAdj())));
                }
            };
            text.add(stripper.getText(document));
            text.add(String.valueOf(document.getNumberOfPages()));
        }
        return letters;
    }

    private static ClassPlan demo(String name) {
        return DemoPlan.load(name, Instructor.LIBRARY).plan();
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "wednesday-morning-ease", "thursday-express-circuit",
            "friday-strong-and-steady", "saturday-core-and-stretch", "everything-at-once"})
    void eachDemoIsOnePageWithNothingSmallerThanSixteenPointsButTheFoot(String name) throws Exception {
        List<String> text = new ArrayList<>();
        List<Letter> letters = letters(FloorPdf.of(FloorSheet.of(Timeline.of(demo(name)))), text);

        assertThat(text.getLast()).isEqualTo("1");
        assertThat(letters).allSatisfy(letter -> {
            assertThat(letter.size()).isGreaterThanOrEqualTo(letter.above() < FOOT ? 12f : 16f);
            assertThat(letter.right()).isLessThanOrEqualTo(842f - 10);
        });
        for (String word : demo(name).brief().title().split(" ")) {
            assertThat(text.getFirst()).contains(word);
        }
    }

    @ParameterizedTest
    @ValueSource(strings = {"tuesday-evening-climb", "thursday-express-circuit", "everything-at-once"})
    void theCardsAreAPageABlockAndAsLargeToRead(String name) throws Exception {
        FloorSheet sheet = FloorSheet.of(Timeline.of(demo(name)));
        List<String> text = new ArrayList<>();
        List<Letter> letters = letters(FloorPdf.cards(sheet), text);

        assertThat(Integer.parseInt(text.getLast())).isBetween(sheet.blocks().size(),
                sheet.blocks().size() * 2);
        assertThat(letters).allSatisfy(letter -> {
            assertThat(letter.size()).isGreaterThanOrEqualTo(letter.above() < CARD_FOOT ? 12f : 16f);
            assertThat(letter.right()).isLessThanOrEqualTo(595f - 10);
        });
    }

    @Test
    void namesOfOneHundredAndTwentyCharactersWrapAndAreNeverCut() throws Exception {
        String longest = "Name ".repeat(24).strip();
        ClassPlan plan = demo("thursday-express-circuit");
        Item item = plan.items().findFirst().orElseThrow();
        plan = plan.with(plan.brief().withTitle("T".repeat(70) + " end"))
                .with(plan.segmentOf(item.id()).orElseThrow().withName(longest.substring(0, 60)));
        List<String> text = new ArrayList<>();

        List<Letter> letters = letters(FloorPdf.of(FloorSheet.of(Timeline.of(plan))), text);

        assertThat(letters).allSatisfy(letter -> assertThat(letter.right()).isLessThanOrEqualTo(842f - 10));
        assertThat(text.getFirst().split("Name", -1)).hasSizeGreaterThanOrEqualTo(12);
        assertThat(text.getFirst()).contains("T".repeat(20)).contains("end");
    }

    @Test
    void aSideThatIsDoneAloneHasItsOwnBoxAndNeitherPartOfTheEndsPaysForAnothersLateStart() {
        FloorSheet sheet = FloorSheet.of(Timeline.of(demo("tuesday-evening-climb")));

        assertThat(sheet.blocks()).flatExtracting(FloorSheet.Block::rows)
                .filteredOn(FloorSheet.Row.Line.class::isInstance)
                .map(row -> ((FloorSheet.Row.Line) row)).anySatisfy(line -> {
                    assertThat(line.name()).isEqualTo("Split squat");
                    assertThat(line.sides()).isEqualTo("RL");
                });
        assertThat(sheet.late()).hasSize(2).allSatisfy(line -> assertThat(line).doesNotContain("stretch")
                .doesNotContain("Quiet breathing").doesNotContain("Step touch"));
    }

    @Test
    void eachStationHasHalfAPageWithItsNameAtSixtyPoints() throws Exception {
        List<String> text = new ArrayList<>();
        List<Letter> letters = letters(
                StationPdf.of(StationCard.of(demo("thursday-express-circuit"))), text);

        assertThat(letters).anyMatch(letter -> letter.size() == 60f);
        assertThat(text.getFirst()).contains("Step jack", "40 / 20 s", "easier: ", "station 2");
        assertThatThrownBy(() -> StationPdf.of(StationCard.of(demo("saturday-core-and-stretch"))))
                .hasMessageContaining("no circuit");
    }

    @Test
    void whatIsTakenHomeSaysHowInPlainWordsAndCountsNoReps() {
        HandOut sheet = HandOut.of(Timeline.of(demo("thursday-express-circuit")));

        assertThat(sheet.pieces()).extracting(HandOut.Piece::name).contains("Calf stretch", "Hip circles")
                .doesNotContain("Squat to the toes");
        assertThat(sheet.pieces()).allSatisfy(piece -> {
            assertThat(piece.how()).endsWith(".").hasSizeGreaterThan(20);
            assertThat(piece.dose()).matches("(about )?\\d+ s(, each side)?");
        });
        assertThat(sheet.caution()).contains("Stop for pain", "doctor");
    }
}
