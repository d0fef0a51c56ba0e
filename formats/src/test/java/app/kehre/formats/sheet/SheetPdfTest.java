package app.kehre.formats.sheet;

import java.io.IOException;

import net.jqwik.api.Arbitrary;
import net.jqwik.api.ForAll;
import net.jqwik.api.Property;
import net.jqwik.api.Provide;
import org.apache.pdfbox.Loader;
import org.apache.pdfbox.pdmodel.PDDocument;
import org.apache.pdfbox.pdmodel.PDPage;
import org.apache.pdfbox.pdmodel.font.PDFont;
import org.apache.pdfbox.text.PDFTextStripper;
import org.junit.jupiter.api.Test;

import app.kehre.core.exercise.Role;
import app.kehre.core.plan.ClassPlan;
import app.kehre.core.testing.Draws;
import app.kehre.core.testing.Plans;
import app.kehre.core.timeline.Timeline;
import app.kehre.formats.library.BuiltInLibrary;
import app.kehre.formats.plan.DemoPlan;

import static app.kehre.core.testing.Exercises.ROW;
import static org.assertj.core.api.Assertions.assertThat;
import static org.assertj.core.api.Assertions.assertThatThrownBy;

class SheetPdfTest {

    /** The size under which type on a sheet on the floor can no longer be read at arm's length. */
    private static final float SMALLEST_NAME = 9;

    private static PDDocument print(ClassPlan plan) throws IOException, Unprintable {
        return Loader.loadPDF(SheetKind.PREPARATION.pdf(Timeline.of(plan), BuiltInLibrary.load()));
    }

    private static ClassPlan demo() {
        return DemoPlan.load(BuiltInLibrary.load()).plan();
    }

    @Test
    void anHourFitsOnThreePagesAndNamesEveryLineWhatToSayAndHowHardItIs() throws IOException, Unprintable {
        try (PDDocument pdf = print(demo())) {
            String text = new PDFTextStripper().getText(pdf).replace('\u00a0', ' ').replaceAll("\\s+", " ");

            assertThat(pdf.getNumberOfPages()).isEqualTo(3);
            assertThat(demo().entries()).allSatisfy(entry -> assertThat(text).contains(entry.name()));
            assertThat(text).containsOnlyOnce("say: Up, up, down, down / Whole foot in the middle").contains(
                    "Ledger prepare load release", "near-maximal");
            assertThat(text).contains("2 rounds, rest 20 s, by themselves from round 2",
                    "round 2: 16 reps",
                    "instead of Split squat: squats with a hand on the chair", "with 2 light weights",
                    "light weights: 2 each, 36 in all", "a filled bottle", "Before the start", "128 BPM");
        }
    }

    @Property(tries = 25)
    void everyStructurePrints(@ForAll("plans") ClassPlan plan) throws IOException, Unprintable {
        try (PDDocument pdf = print(plan)) {
            assertThat(pdf.getNumberOfPages()).isPositive();
        }
    }

    @Provide
    Arbitrary<ClassPlan> plans() {
        return Draws.plans();
    }

    @Test
    void stopSignsStandOnEveryPage() throws IOException, Unprintable {
        try (PDDocument pdf = print(demo())) {
            PDFTextStripper stripper = new PDFTextStripper();
            for (int page = 1; page <= pdf.getNumberOfPages(); page++) {
                stripper.setStartPage(page);
                stripper.setEndPage(page);
                assertThat(stripper.getText(pdf)).contains("chest pain or pressure");
            }
        }
    }

    @Test
    void allFontsAreEmbedded() throws IOException, Unprintable {
        try (PDDocument pdf = print(demo())) {
            for (PDPage page : pdf.getPages()) {
                for (var name : page.getResources().getFontNames()) {
                    PDFont font = page.getResources().getFont(name);
                    assertThat(font.isEmbedded()).as(font.getName()).isTrue();
                }
            }
        }
    }

    @Test
    void aShortClassIsSetLargeOnOnePage() throws IOException, Unprintable {
        ClassPlan express = Plans.of(15).segment("Toning", Role.TONING, 120).item(ROW, "12 reps").plan();
        try (PDDocument pdf = print(express)) {
            assertThat(pdf.getNumberOfPages()).isEqualTo(1);
            assertThat(sizeOf(pdf, "Bent-over row")).isGreaterThanOrEqualTo(13);
        }
        try (PDDocument pdf = print(demo())) {
            assertThat(sizeOf(pdf, "Split squat")).isGreaterThanOrEqualTo(SMALLEST_NAME);
        }
    }

    private static float sizeOf(PDDocument pdf, String words) throws IOException {
        float[] size = {0};
        new PDFTextStripper() {
            @Override
            protected void writeString(String text, java.util.List<org.apache.pdfbox.text.TextPosition> at)
                    throws IOException {
                if (text.contains(words)) {
                    size[0] = Math.max(size[0], at.getFirst().getFontSizeInPt());
                }
                super.writeString(text, at);
            }
        }.getText(pdf);
        return size[0];
    }

    @Test
    void aCharacterThatTheFontLacksIsAnErrorNotAGap() {
        ClassPlan plan = Plans.of(15).segment("Toning", Role.TONING, 120).item(ROW, "12 reps")
                .note("Up \u2191 and hold").plan();

        assertThatThrownBy(() -> print(plan)).isInstanceOf(MissingGlyph.class).hasMessage(
                "The sheet was not made: its font has no \"\u2191\" (U+2191), which stands in"
                        + " \"Up \u2191 and hold\". Write it another way.");
    }
}
