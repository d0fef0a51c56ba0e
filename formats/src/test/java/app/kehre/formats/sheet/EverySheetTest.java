package app.kehre.formats.sheet;

import java.io.IOException;
import java.util.List;
import java.util.Optional;
import java.util.stream.Stream;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;
import org.junit.jupiter.params.ParameterizedTest;
import org.junit.jupiter.params.provider.EnumSource;

import app.kehre.core.advice.Severity;
import app.kehre.core.balance.Assessment;
import app.kehre.core.exercise.Library;
import app.kehre.core.exercise.Role;
import app.kehre.core.finding.Fact;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.plan.SetAside;
import app.kehre.core.sheet.FloorSheet;
import app.kehre.core.sheet.HandOut;
import app.kehre.core.sheet.StationCard;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Exercises;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

/** Whatever can be planned can be printed on every sheet, or it is said why there is nothing to print. */
class EverySheetTest {

    private static final Library LIBRARY = BuiltInLibrary.load();
    private static final List<String> DEMOS = DemoPlan.NAMES;

    private static String text(byte[] pdf) throws IOException {
        try (PDDocument document = Loader.loadPDF(pdf)) {
            assertThat(document.getNumberOfPages()).isPositive();
            return new PDFTextStripper().getText(document).replace('\u00a0', ' ').replaceAll("\\s+", " ");
        }
    }

    private static Timeline demo(String name) {
        return Timeline.of(DemoPlan.load(name, LIBRARY).plan());
    }

    @Property(tries = 24)
    void everyClassPrintsOnEverySheetOrThereIsNothingOfTheKind(@ForAll("plans") ClassPlan plan,
            @ForAll SheetKind kind) throws Unprintable, IOException {
        Timeline timeline = Timeline.of(plan);
        try {
            assertThat(text(kind.pdf(timeline, LIBRARY))).isNotBlank();
        } catch (NothingToPrint nothing) {
            assertThat(nothing.sentence()).endsWith(".");
            assertThat(switch (kind) {
                case CARDS -> FloorSheet.of(timeline).blocks();
                case STATIONS -> StationCard.of(plan);
                case HAND_OUT -> HandOut.of(timeline).pieces();
                case FLOOR, PREPARATION, CHECK -> List.of("there is always something");
            }).as(kind.words()).isEmpty();
        }
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @ParameterizedTest
    @EnumSource(SheetKind.class)
    void thePaperIsTheOneThatItIsMadeFor(SheetKind kind) throws Unprintable, IOException {
        try (PDDocument document = Loader.loadPDF(kind.pdf(demo("thursday-express-circuit"), LIBRARY))) {
            for (PDPage page : document.getPages()) {
                float shorter = Math.min(page.getMediaBox().getWidth(), page.getMediaBox().getHeight());
                assertThat(shorter).isBetween(kind.paper().equals("A5") ? 419f : 594f,
                        kind.paper().equals("A5") ? 421f : 596f);
            }
        }
    }

    /** What can hurt somebody is said on whatever an instructor or a participant holds in the hand. */
    @Test
    void theSheetsThatAreTaughtFromAndTakenHomeSayWhenToStop() throws Unprintable, IOException {
        for (SheetKind kind : List.of(SheetKind.FLOOR, SheetKind.CARDS, SheetKind.PREPARATION)) {
            assertThat(text(kind.pdf(demo("tuesday-evening-climb"), LIBRARY))).as(kind.words())
                    .contains("chest pain", "dizziness");
        }
        assertThat(text(SheetKind.HAND_OUT.pdf(demo("tuesday-evening-climb"), LIBRARY)))
                .contains("must not hurt", "Stop for pain", "ask your doctor or physiotherapist");
    }

    @Test
    void theCheckSheetHoldsTheVerdictTheLedgerAndWhatWasPromisedOnOnePage() throws Unprintable, IOException {
        for (String name : DEMOS) {
            byte[] pdf = SheetKind.CHECK.pdf(demo(name), LIBRARY);
            try (PDDocument document = Loader.loadPDF(pdf)) {
                assertThat(document.getNumberOfPages()).as(name).isEqualTo(1);
            }
            assertThat(text(pdf)).as(name).contains("Ledger", "prepare", "load", "release", "Joints",
                    DemoPlan.load(name, LIBRARY).plan().brief().title());
        }
    }

    @Test
    void pairsStandOnTheFloorAndAtTheStation() throws Unprintable, IOException {
        Timeline pairs = Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "2 x 10 pairs, rest 20 s").circuit(1, 2, 30).plan());

        assertThat(text(SheetKind.FLOOR.pdf(pairs, LIBRARY))).contains("2 x 10 pairs");
        assertThat(text(SheetKind.STATIONS.pdf(pairs, LIBRARY))).contains("2 x 10 pairs",
                "in turn, right and left");
    }

    @Test
    void allMovesOfACombinationStandOnTheFloorWithTheirLead() throws Unprintable, IOException {
        Timeline tuesday = demo("tuesday-evening-climb");
        String floor = text(SheetKind.FLOOR.pdf(tuesday, LIBRARY));

        tuesday.plan().buildUps().flatMap(build -> build.build().combinations().stream())
                .flatMap(combination -> Stream.concat(Stream.of(combination.name()),
                        combination.moves().stream()
                                .map(danced -> danced.move().name().replace(" on the step", ""))))
                .forEach(name -> assertThat(floor).contains(name));
    }

    @Test
    void whatIsNotThereIsSaidInASentence() {
        Timeline plain = Timeline.of(Plans.of(30).segment("Toning", Role.TONING, 120)
                .item(Exercises.SQUAT, "12 reps").plan());

        assertThatThrownBy(() -> SheetKind.STATIONS.pdf(plain, LIBRARY)).isInstanceOf(NothingToPrint.class)
                .hasMessage("This class has no circuit, so there are no stations to print cards for.");
        assertThatThrownBy(() -> SheetKind.HAND_OUT.pdf(plain, LIBRARY)).isInstanceOf(NothingToPrint.class)
                .hasMessage("This class has no stretch or easy move at its end that could be taken home.");
    }

    /** The back page told reasons for what was no longer found, or had become worse and was open again. */
    @Test
    void whatIsSetAsideStandsOnTheBackPageInWordsAndNothingThatIsOpen() throws Exception {
        Timeline tuesday = demo("tuesday-evening-climb");
        Fact first = Assessment.of(tuesday, LIBRARY).facts().getFirst();
        ClassPlan aside = Assessment.setAside(tuesday.plan(), first, "they choose by themselves");
        ClassPlan worse = aside.withAside(aside.aside().stream()
                .map(each -> new SetAside(each.check(), each.segment(), each.entry(), each.subject(),
                        Optional.of(Severity.WATCH), each.reason()))
                .toList());

        assertThat(text(SheetKind.PREPARATION.pdf(Timeline.of(aside), LIBRARY)))
                .contains("Seen and left as it is", "(they choose by themselves)");
        assertThat(text(SheetKind.PREPARATION.pdf(Timeline.of(worse), LIBRARY)))
                .doesNotContain("Seen and left as it is");
    }
}
